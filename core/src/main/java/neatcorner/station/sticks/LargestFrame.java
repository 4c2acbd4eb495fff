package neatcorner.station.sticks;

import java.util.List;
import java.util.Optional;
import neatcorner.job.Cutting;
import neatcorner.job.Geometry;
import neatcorner.job.Job;
import neatcorner.job.ShapeFault;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Opening;
import neatcorner.piece.FramePieces;
import neatcorner.stock.Keep;
import neatcorner.stock.Search;
import neatcorner.stock.Stick;

/**
 * The largest frame of a given proportion that one stick gives.
 *
 * <p>The four long points and four kerfs must fit between the stick's trim, defects and end. How much fits never grows
 * when the frame does, so the size is found by halving, to one unit of {@link Length}, each step laid out exactly.
 */
public final class LargestFrame {

    private LargestFrame() {}

    /**
     * The size of which the job starts (art, rabbet, sight or outside), in the job's proportion, as large as this stick
     * allows; empty when not even a frame of 1 mm fits or the job's own size is not positive.
     */
    public static Optional<Opening> from(Job job, Stick stick, Search search) {
        Opening own = job.size();
        if (!own.isPositive() || !job.section().isSound()) {
            return Optional.empty();
        }
        long low = 0;
        long high = stick.length().units();
        while (high - low > 1) {
            long middle = (low + high) / 2;
            if (fits(job, stick, sized(own, middle), search)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low < Length.PER_MM ? Optional.empty() : Optional.of(sized(own, low));
    }

    private static Opening sized(Opening proportion, long widthUnits) {
        Length width = new Length(widthUnits);
        return new Opening(width, width.scaled(proportion.height().over(proportion.width())));
    }

    private static boolean fits(Job job, Stick stick, Opening size, Search search) {
        Job one = job.withQuantity(1).withSize(job.sizeOf(), size)
                .withStock(job.stock().withSticks(List.of(stick.withCount(1))).withKeep(Keep.NO));
        if (!one.sizes().outside().isPositive()) {
            return true;
        }
        Geometry geometry = Geometry.of(one);
        Contours contours = ShapeFault.isSound(geometry) ? geometry.contours() : null;
        return contours == null
                || Cutting.layOut(one, FramePieces.of(contours, one.outline(), one.joint()), search)
                        .isComplete();
    }
}
