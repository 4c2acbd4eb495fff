package neatcorner.station.shape;

import neatcorner.job.Geometry;
import neatcorner.job.Reshape;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.outline.Shape;
import neatcorner.plan.Field;

/** Lengths that only frames with curves or free outlines have. */
public final class ShapeFields {
    public static final Field BOARD_WIDTH = new Field("board.width", ShapeTexts.WIDEST_BOARD_FOR_SEGMENTS,
            LengthRange.ACROSS,
            plan -> plan.job().outline().boardWidth(),
            (job, length) -> job.withOutline(job.outline().withBoardWidth(length)));
    public static final Field RISE = new Field("rise", ShapeTexts.RISE_OF_THE_ARCH, LengthRange.FRAME,
            plan -> plan.job().outline().shape() instanceof Shape.Arch arch ? arch.rise() : Length.ZERO,
            (job, length) -> job.outline().shape() instanceof Shape.Arch arch
                    ? job.withOutline(job.outline()
                            .withShape(new Shape.Arch(arch.curve(), length, arch.segments())))
                    : job);

    private ShapeFields() {}

    /** One side of a free outline, at the edge that the job's size names, counted as the pieces are. */
    public static Field side(int side, boolean mirrored) {
        return new Field("side." + side, ShapeTexts.SIDE.formatted((char) ('A' + side % 26)), LengthRange.FRAME,
                plan -> Length.mm(Geometry.of(plan.job()).edge(plan.job().sizeOf()).length(side)),
                (job, length) -> new Reshape(job, mirrored).side(side, length));
    }
}
