package neatcorner.station.shape;

import neatcorner.job.Geometry;
import neatcorner.job.Job;
import neatcorner.job.Reshape;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.plan.Field;
import neatcorner.plan.Lens;

/** Lengths that only frames with curves or free outlines have. */
public final class ShapeFields {
    public static final Field BOARD_WIDTH = new Field("board.width", ShapeTexts.WIDEST_BOARD_FOR_SEGMENTS,
            LengthRange.ACROSS,
            Lens.job(Job::outline, Job::withOutline).to(Outline::boardWidth, Outline::withBoardWidth));
    public static final Field RISE = new Field("rise", ShapeTexts.RISE_OF_THE_ARCH, LengthRange.FRAME,
            Lens.job(Job::outline, Job::withOutline).to(Outline::shape, Outline::withShape).as(Shape.Arch.class)
                    .to(Shape.Arch::rise, (arch, length) -> new Shape.Arch(arch.curve(), length, arch.segments())));

    private ShapeFields() {}

    /** One side of a free outline, at the edge that the job's size names, counted as the pieces are. */
    public static Field side(int side, boolean mirrored) {
        return new Field("side." + side, ShapeTexts.SIDE.formatted((char) ('A' + side % 26)), LengthRange.FRAME,
                plan -> Length.mm(Geometry.of(plan.job()).edge(plan.job().sizeOf()).length(side)),
                (job, length) -> new Reshape(job, mirrored).side(side, length));
    }
}
