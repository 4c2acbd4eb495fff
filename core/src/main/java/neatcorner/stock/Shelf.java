package neatcorner.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.section.Layers;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.section.Rabbet;
import neatcorner.section.RabbetWay;
import neatcorner.section.Section;
import neatcorner.wood.Species;

/**
 * The offcuts that a shop keeps, for any job to take from, apart by what they are of.
 *
 * @param lots what they are of, no two the same, none without sticks
 */
public record Shelf(List<Lot> lots) {
    /** On which nothing lies. */
    public static final Shelf EMPTY = new Shelf(List.of());

    /**
     * What a stick is of, across: what can be seen and measured of it, and nothing of how it came to be so.
     *
     * @param rabbet     that is in it; {@link Rabbet#NONE} in a blank
     * @param layers     that it is glued of
     * @param operations what else was milled off it, in order, without their passes
     */
    public record Kind(Species wood, Length width, Length thickness, Rabbet rabbet, Layers layers,
            List<Operation> operations) {

        public Kind {
            operations = operations.stream().map(each -> each.withPasses(0)).toList();
        }

        /** Of a stick that is milled to a section; where its rabbet is only cut in the finished frame, it has none yet. */
        public static Kind milled(Section section) {
            Milling milling = section.milling();
            return new Kind(section.wood(), section.width(), section.thickness(),
                    milling.way() == RabbetWay.AFTER_ASSEMBLY ? Rabbet.NONE : section.rabbet(), milling.layers(),
                    milling.operations());
        }

        /** Of a stick of which nothing is milled. */
        public static Kind blank(Species wood, Length width, Length thickness) {
            return new Kind(wood, width, thickness, Rabbet.NONE, Layers.NONE, List.of());
        }

        /** Whether it is the same, whatever its wood is called. */
        public boolean isSameAs(Kind other) {
            return wood.isSameAs(other.wood)
                    && equals(
                            new Kind(wood, other.width, other.thickness, other.rabbet, other.layers, other.operations));
        }

        /** The same as a section, its rabbet in the usual way. */
        public Section section() {
            return new Section(wood, width, thickness, rabbet,
                    Milling.PLAIN.withLayers(layers).withOperations(operations));
        }
    }

    /**
     * Sticks of one kind, the longest first.
     *
     * @param sticks of which none says what it is of
     */
    public record Lot(Kind kind, List<Stick> sticks) {

        public Lot {
            sticks = sticks.stream().map(Lot::bare).sorted(Comparator.comparing(Stick::length).reversed()).toList();
        }

        private static Stick bare(Stick stick) {
            return stick.withWood(null).withAcross(null, null);
        }
    }

    /** Put on a shelf, or taken from one. */
    public record Move(List<Lot> put, List<Lot> taken) {

        public Move {
            put = List.copyOf(put);
            taken = List.copyOf(taken);
        }

        /** What undoes it. */
        public Move reversed() {
            return new Move(taken, put);
        }
    }

    public Shelf {
        lots = List.copyOf(lots);
    }

    /** Sticks of one kind, the longest first. */
    public List<Stick> sticks(Kind kind) {
        return lots.stream().filter(lot -> lot.kind.isSameAs(kind)).flatMap(lot -> lot.sticks.stream()).toList();
    }

    /** What lies here afterwards. What is not there any more cannot be taken. */
    public Shelf after(Move move) {
        Shelf shelf = this;
        for (Lot lot : move.taken) {
            List<Stick> left = new ArrayList<>(shelf.sticks(lot.kind));
            lot.sticks.forEach(left::remove);
            shelf = shelf.with(lot.kind, left);
        }
        for (Lot lot : move.put) {
            List<Stick> more = new ArrayList<>(shelf.sticks(lot.kind));
            more.addAll(lot.sticks);
            shelf = shelf.with(lot.kind, more);
        }
        return shelf;
    }

    /** With what is missing of a lot put there, so that the same lot can be brought twice. */
    public Shelf completed(Lot lot) {
        List<Stick> missing = new ArrayList<>(lot.sticks);
        sticks(lot.kind).forEach(missing::remove);
        return missing.isEmpty() ? this : after(new Move(List.of(new Lot(lot.kind, missing)), List.of()));
    }

    private Shelf with(Kind kind, List<Stick> sticks) {
        List<Lot> all = new ArrayList<>(lots);
        all.removeIf(lot -> lot.kind.isSameAs(kind));
        if (!sticks.isEmpty()) {
            all.add(new Lot(kind, sticks));
        }
        return new Shelf(all);
    }
}
