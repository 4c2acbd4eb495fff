package neatcorner.station.shape;

import neatcorner.job.Geometry;
import neatcorner.job.Job;
import neatcorner.job.Reshape;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.outline.Loop;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.plan.Edit;
import neatcorner.plan.Field;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Lens;
import org.jspecify.annotations.Nullable;

/** Lengths that only frames with curves or free outlines have. */
public final class ShapeFields {
    public static final Field BOARD_WIDTH = new Field("board.width", ShapeTexts.WIDEST_BOARD_FOR_SEGMENTS,
            LengthRange.ACROSS,
            Lens.job(Job::outline, Job::withOutline).to(Outline::boardWidth, Outline::withBoardWidth));
    public static final Field RISE = new Field("rise", ShapeTexts.RISE_OF_THE_ARCH, LengthRange.FRAME,
            Lens.job(Job::outline, Job::withOutline).to(Outline::shape, Outline::withShape).as(Shape.Arch.class)
                    .to(Shape.Arch::rise, (arch, length) -> new Shape.Arch(arch.curve(), length, arch.segments())));

    /**
     * What a tape reads across a regular frame with an odd number of sides, whose sides face corners: with c = cos(180° ÷ n), a corner
     * is at R from the middle and a side at R · c.
     */
    public static final Field CORNER_TO_FLAT = new Field("corner-to-flat", ShapeTexts.OUTSIDE_CORNER_TO_FLAT,
            LengthRange.FRAME,
            plan -> cornerToFlat(plan.contours() == null ? null : plan.contours().outside()),
            length -> Edit.jobIn((job, shop) -> job.outline().shape() instanceof Shape.Regular regular
                    ? FrameFields.OUTSIDE_WIDTH.edit(length.scaled(share(regular))).of(job, shop)
                    : job));

    private ShapeFields() {}

    /** Of one of its edges, from the top to the side below. */
    static Length cornerToFlat(@Nullable Loop edge) {
        return edge == null ? Length.ZERO : edge.box().height();
    }

    /** Twice the distance to a side, or to a corner, over the distance from the one to the other. */
    private static double share(Shape.Regular regular) {
        double c = Math.cos(Math.PI / regular.sides());
        return 2 * (regular.acrossCorners() ? 1 : c) / (1 + c);
    }

    /** One side of a free outline, at the edge that the job's size names, counted as the pieces are. */
    public static Field side(int side, boolean mirrored) {
        return new Field("side." + side, ShapeTexts.SIDE.formatted((char) ('A' + side % 26)), LengthRange.FRAME,
                plan -> Length.mm(Geometry.of(plan.job()).edge(plan.job().sizeOf()).length(side)),
                (job, length) -> new Reshape(job, mirrored).side(side, length));
    }
}
