package neatcorner.station.opening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.fitout.StandardSize;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;

/**
 * What art, of the standard sizes, fits a frame that is already made: as it is, or with the mat that makes it fit.
 *
 * @param size    the standard size
 * @param art     the same, turned as it hangs
 * @param borders of the mat, from its window to the pack's edge, equal left and right, and top and bottom; all zero where
 *                it fits without
 */
public record WhatFits(StandardSize size, Opening art, Faces borders) {
    /** A narrower border looks like a mistake and is hard to cut. */
    private static final Length LEAST_BORDER = Length.mm(20);
    /** What is narrower than this is no border at all. */
    private static final Length LEAST_SHOWN = Length.mm(8);
    /** A sheet goes in with this little: common practice, 1/32 in in all is tight. */
    private static final Length LEAST_PLAY = Length.mm(0.8);
    private static final Length USUAL_MAT = Length.mm(1.4);

    /**
     * The standard sizes that fit the job's rabbet, upright and lying: those that need no mat first, then those with a mat, the
     * largest first, and last those whose mat would be narrow.
     */
    public static List<WhatFits> in(Job job) {
        List<WhatFits> fitting = new ArrayList<>();
        for (StandardSize size : StandardSize.all()) {
            List<WhatFits> ways = Stream.of(size.size(), size.size().turned()).distinct()
                    .map(art -> of(job, size, art))
                    .sorted(Comparator.comparing(WhatFits::leastBorder).reversed()).toList();
            ways.stream().filter(way -> fitsBare(job, way.art)).forEach(way -> fitting.add(
                    new WhatFits(size, way.art, Faces.all(Length.ZERO))));
            ways.stream().filter(way -> !way.leastBorder().isLessThan(LEAST_SHOWN)).forEach(fitting::add);
        }
        fitting.sort(Comparator.comparing(WhatFits::needsMat).thenComparing(WhatFits::isNarrow)
                .thenComparingDouble((WhatFits fit) -> -fit.art.areaM2()));
        return List.copyOf(fitting);
    }

    /** Whether it goes into the rabbet as it is, and the lip still covers it when it slides to one side. */
    private static boolean fitsBare(Job job, Opening art) {
        Opening rabbet = job.sizes().rabbet();
        Length across = rabbet.width().minus(art.width());
        Length down = rabbet.height().minus(art.height());
        Length most = job.section().rabbet().width().minus(Defaults.leastCover(job.units()));
        return Stream.of(across, down).noneMatch(play -> play.isLessThan(LEAST_PLAY) || play.isMoreThan(most));
    }

    /** Whether the art is smaller than the frame, so that a mat fills the rest. */
    public boolean needsMat() {
        return borders.top().isPositive();
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

    /** Whether its mat would be so narrow that it looks like a mistake. */
    public boolean isNarrow() {
        return needsMat() && leastBorder().isLessThan(LEAST_BORDER);
    }

    /** Whether it hangs upright; a square one does. */
    public boolean isUpright() {
        return !art.width().isMoreThan(art.height());
    }

    private Length leastBorder() {
        return Length.min(borders.top(), borders.left());
    }

    /** The job with its rabbet size kept, and this mat in it. */
    public Job appliedTo(Job job) {
        if (!needsMat()) {
            return job.startingFrom(SizeOf.RABBET).withPack(new Pack(job.pack().layers().stream()
                    .filter(layer -> !(layer instanceof Layer.Mat)).toList()));
        }
        Length overlap = job.pack().mat().map(Layer.Mat::overlap).orElse(Defaults.matOverlap(job.units()));
        Pack pack = job.pack().mat().isPresent()
                ? job.pack()
                : job.pack().plus(new Layer.Mat(USUAL_MAT, overlap, borders));
        Layer.Mat mat = pack.mat().orElseThrow().withBorders(borders);
        return job.startingFrom(SizeOf.RABBET).withPack(pack.withMat(mat));
    }
}
