package neatcorner.station.sticks;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.job.Cutting;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.plan.Plan;
import neatcorner.stock.Blanks;
import neatcorner.stock.CutPiece;
import neatcorner.stock.CutStick;
import neatcorner.stock.Rack;
import neatcorner.stock.Shelf;
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

    /** The offcuts that are worth keeping, apart by what they are of. */
    public static List<Shelf.Lot> lots(Plan plan) {
        Shelf shelf = Shelf.EMPTY;
        for (Stick stick : of(plan)) {
            Shelf.Lot lot = new Shelf.Lot(kind(plan, stick), List.of(stick));
            shelf = shelf.after(new Shelf.Move(List.of(lot), List.of()));
        }
        return shelf.lots();
    }

    private static Shelf.Kind kind(Plan plan, Stick stick) {
        Blanks blanks = plan.blanks();
        return stick.isOfTheFrame()
                ? Shelf.Kind.milled(plan.job().section())
                : Shelf.Kind.blank(blanks.wood(stick), blanks.width(stick), blanks.thickness(stick));
    }

    /** What of a shelf a job can be cut from: sticks of the frame's section, and blanks just as its rings and parts want them. */
    public static List<Shelf.Lot> onShelf(Job job, Shelf shelf) {
        List<Shelf.Kind> wanted = Stream.concat(Stream.of(Shelf.Kind.milled(job.section())),
                Cutting.blanks(job).rings().values().stream()
                        .map(blank -> Shelf.Kind.blank(blank.wood(), blank.width(), blank.thickness())))
                .toList();
        return shelf.lots().stream().filter(lot -> wanted.stream().anyMatch(lot.kind()::isSameAs)).toList();
    }

    /** Sticks of a shelf as they lie on a job's rack. */
    public static List<Stick> onRack(Job job, List<Shelf.Lot> lots) {
        Shelf.Kind frame = Shelf.Kind.milled(job.section());
        return lots.stream().flatMap(lot -> lot.sticks().stream().map(stick -> lot.kind().isSameAs(frame)
                ? stick
                : stick.withWood(lot.kind().wood()).withAcross(lot.kind().width(), lot.kind().thickness()))).toList();
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
