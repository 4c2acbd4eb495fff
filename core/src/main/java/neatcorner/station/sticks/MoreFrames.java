package neatcorner.station.sticks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.fitout.StandardSize;
import neatcorner.job.Cutting;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.outline.Outline;
import neatcorner.plan.Plan;
import neatcorner.stock.Keep;
import neatcorner.stock.Rack;
import neatcorner.stock.Search;
import neatcorner.stock.Stick;

/**
 * How many more frames of a standard size, without a mat, the offcuts of a layout give.
 *
 * @param frames at least one
 */
public record MoreFrames(StandardSize size, int frames) {
    private static final int MOST = 60;

    /** The sizes of which there is at least one more, the largest first. */
    public static List<MoreFrames> of(Plan plan, Search search) {
        List<Stick> offcuts = Offcuts.of(plan);
        List<MoreFrames> more = new ArrayList<>();
        for (StandardSize size : StandardSize.all()) {
            int frames = from(plan.job(), offcuts, size, search);
            if (frames > 0) {
                more.add(new MoreFrames(size, frames));
            }
        }
        more.sort(Comparator.comparingDouble((MoreFrames each) -> -each.size.size().areaM2()));
        return List.copyOf(more);
    }

    /** How many frames of a size such sticks give; when it is told to stop, as many as were found to go by then. */
    public static int from(Job job, List<Stick> sticks, StandardSize size, Search search) {
        if (sticks.isEmpty()) {
            return 0;
        }
        Rack rack = new Rack(sticks, Length.ZERO, Keep.NO, job.stock().flippable());
        Job one = job.withOutline(Outline.rectangle()).withQuantity(1).withPack(new Pack(List.of()))
                .withSize(SizeOf.ART, size.size()).withStock(rack);
        Plan plan = Plan.of(one, search);
        if (plan.pieces().isEmpty()) {
            return 0;
        }
        long all = sticks.stream().mapToLong(stick -> stick.length().units() * stick.count()).sum();
        int low = 0;
        int high = (int) Math.min(MOST, all / Math.max(1, plan.stickNeeded().units()));
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (Cutting.layOut(one.withQuantity(middle), plan.parts(), search).isComplete()) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }
}
