package neatcorner.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.fitout.StandardSize;
import neatcorner.measure.Length;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;

/**
 * What art, of the standard sizes, fits a frame that is already made, and the mat that makes it fit.
 *
 * @param size    the standard size
 * @param art     the same, turned as it hangs
 * @param borders of the mat, from its window to the pack's edge, equal left and right, and top and bottom
 */
public record WhatFits(StandardSize size, Opening art, Faces borders) {
    /** A narrower border looks like a mistake and is hard to cut. */
    private static final Length LEAST_BORDER = Length.mm(20);
    private static final Length USUAL_MAT = Length.mm(1.4);

    /** The standard sizes that fit the job's rabbet with a mat, the largest first; each size once, turned to fit best. */
    public static List<WhatFits> in(Job job) {
        List<WhatFits> fitting = new ArrayList<>();
        for (StandardSize size : StandardSize.all()) {
            WhatFits upright = of(job, size, size.size());
            WhatFits lying = of(job, size, size.size().turned());
            WhatFits better = upright.leastBorder().isMoreThan(lying.leastBorder()) ? upright : lying;
            if (!better.leastBorder().isLessThan(LEAST_BORDER)) {
                fitting.add(better);
            }
        }
        fitting.sort(Comparator.comparingDouble((WhatFits fit) -> -fit.art.areaM2()));
        return List.copyOf(fitting);
    }

    private static WhatFits of(Job job, StandardSize size, Opening art) {
        Length overlap = job.pack().mat().map(Layer.Mat::overlap).orElse(Defaults.matOverlap(job.units()));
        Opening window = art.grown(overlap.negate());
        Opening pack = job.sizes().rabbet().grown(job.clearance().negate());
        long across = pack.width().minus(window.width()).units();
        long down = pack.height().minus(window.height()).units();
        return new WhatFits(size, art, new Faces(new Length(down / 2), new Length(across - across / 2),
                new Length(down - down / 2), new Length(across / 2)));
    }

    private Length leastBorder() {
        return Length.min(borders.top(), borders.left());
    }

    /** The job with its rabbet size kept, and this mat in it. */
    public Job appliedTo(Job job) {
        Length overlap = job.pack().mat().map(Layer.Mat::overlap).orElse(Defaults.matOverlap(job.units()));
        Pack pack = job.pack().mat().isPresent()
                ? job.pack()
                : job.pack().plus(new Layer.Mat(USUAL_MAT, overlap, borders));
        Layer.Mat mat = pack.mat().orElseThrow().withBorders(borders);
        return job.startingFrom(SizeOf.RABBET).withPack(pack.withMat(mat));
    }
}
