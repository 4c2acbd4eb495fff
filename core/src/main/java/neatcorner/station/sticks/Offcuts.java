package neatcorner.station.sticks;

import java.util.ArrayList;
import java.util.List;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.plan.Plan;
import neatcorner.stock.CutPiece;
import neatcorner.stock.CutStick;
import neatcorner.stock.Rack;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;

/** What a layout leaves over: clear ends that are worth keeping, with the names that are written on them. */
public final class Offcuts {

    private Offcuts() {}

    /** Offcuts that are long enough to keep, the longest first; each is already paid for. */
    public static List<Stick> of(Plan plan) {
        List<Stick> kept = new ArrayList<>();
        for (CutStick cut : plan.layout().sticks()) {
            for (Length length : clear(plan, cut)) {
                if (!length.isLessThan(plan.job().stock().leastOffcut())) {
                    kept.add(new Stick(SticksTexts.OFFCUT_OF.formatted(cut.label()), length, 1, null, List.of(),
                            cut.stick().wood(), cut.stick().width(), cut.stick().thickness()));
                }
            }
        }
        kept.sort((a, b) -> b.length().compareTo(a.length()));
        return List.copyOf(kept);
    }

    /** What is left of each clear stretch of a stick. */
    private static List<Length> clear(Plan plan, CutStick cut) {
        List<Length> lengths = new ArrayList<>();
        for (Span span : cut.stick().clear(plan.job().stock().endTrim())) {
            Length end = span.from();
            for (CutPiece piece : cut.cuts()) {
                if (span.contains(piece.at())) {
                    end = Length.max(end, piece.next());
                }
            }
            lengths.add(Length.max(Length.ZERO, span.to().minus(end)));
        }
        return lengths;
    }

    /** The job once it is cut: the sticks that it took are gone from the rack, and nothing is held. */
    public static Job cut(Plan plan) {
        return cut(plan.job(), plan);
    }

    /** A job once a plan is cut, which may be older: what the plan took of each stick is gone, where it is still there. */
    public static Job cut(Job job, Plan plan) {
        Rack rack = job.stock();
        List<Stick> before = plan.job().stock().sticks();
        List<Stick> sticks = new ArrayList<>();
        for (int i = 0; i < rack.sticks().size(); i++) {
            int index = i;
            Stick stick = rack.sticks().get(i);
            boolean known = i < before.size() && stick.withCount(1).equals(before.get(i).withCount(1));
            int used = known
                    ? (int) plan.layout().sticks().stream().filter(cut -> cut.stock() == index).count()
                    : 0;
            if (stick.count() > used) {
                sticks.add(stick.withCount(stick.count() - used));
            }
        }
        return job.withStock(rack.withPins(List.of()).withSticks(sticks));
    }
}
