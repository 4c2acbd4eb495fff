package neatcorner.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.plan.Plan;
import neatcorner.section.Edge;
import neatcorner.section.EdgeShape;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.section.Rabbet;
import neatcorner.section.RabbetWay;
import neatcorner.section.Section;
import neatcorner.station.sticks.Offcuts;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/** What is left over is found again under what it is, and under nothing else. */
class ShelfTest {
    private static final Section ASH = new Section(Species.named("white ash"), Length.mm(30), Length.mm(20),
            Rabbet.plain(Length.mm(6), Length.mm(12)));
    private static final Shelf.Kind KEY = Shelf.Kind.milled(ASH);

    private static Stick end(double mm) {
        return new Stick("end", Length.mm(mm), 1, null, List.of());
    }

    private static Shelf.Move put(Shelf.Kind of, Stick... sticks) {
        return new Shelf.Move(List.of(new Shelf.Lot(of, List.of(sticks))), List.of());
    }

    @Test
    void sticksOfOneKindLieTogetherTheLongestFirst() {
        Shelf shelf = Shelf.EMPTY.after(put(KEY, end(400))).after(put(KEY, end(900)));
        assertEquals(List.of(end(900), end(400)), shelf.sticks(KEY));
        assertEquals(1, shelf.lots().size());
        assertEquals(shelf, shelf.after(put(KEY, end(5))).after(put(KEY, end(5)).reversed()));
        assertEquals(Shelf.EMPTY, shelf.after(put(KEY, end(400), end(900)).reversed()), "no empty lot is left");
        assertEquals(shelf, shelf.after(put(KEY, end(123)).reversed()), "what is not there cannot be taken");
        assertEquals(shelf, shelf.completed(new Shelf.Lot(KEY, List.of(end(900)))), "it lies there already");
        assertEquals(List.of(end(900), end(900), end(400)),
                shelf.completed(new Shelf.Lot(KEY, List.of(end(900), end(900)))).sticks(KEY));
    }

    /** What is seen and measured sets sticks apart; how they are milled, and what their wood is called, does not. */
    @Test
    void whatAStickIsSetsItApart() {
        Milling rounded = Milling.PLAIN.plus(new Operation.Shaped(EdgeShape.ROUND_OVER, Edge.FRONT_INNER, Length.mm(6),
                Length.mm(6), 3, Length.ZERO, Length.ZERO));
        for (Section other : List.of(ASH.withWidth(Length.mm(31)), ASH.withThickness(Length.mm(21)),
                ASH.withRabbet(Rabbet.NONE), ASH.withWood(Species.named("walnut")), ASH.withMilling(rounded))) {
            assertFalse(Shelf.Kind.milled(other).isSameAs(KEY), other.toString());
        }
        for (Section same : List.of(ASH.withMilling(Milling.PLAIN.withWay(RabbetWay.TABLE_SAW)),
                ASH.withMilling(ASH.milling().withRabbetPasses(7)), ASH.withWood(Species.named("White Ash")))) {
            assertTrue(Shelf.Kind.milled(same).isSameAs(KEY), same.toString());
        }
        Shelf.Kind round = Shelf.Kind.milled(ASH.withMilling(rounded));
        assertEquals(round, Shelf.Kind.milled(round.section()), "a section says it all");
        Shelf.Kind uncut = Shelf.Kind.milled(ASH.withMilling(Milling.PLAIN.withWay(RabbetWay.AFTER_ASSEMBLY)));
        assertNotEquals(KEY, uncut, "its rabbet is not in it yet");
        assertEquals(Shelf.Kind.blank(ASH.wood(), ASH.width(), ASH.thickness()), uncut);
    }

    /** Ends of a ring's sticks are of the ring's wood, and go to rings again, never to a frame of another section. */
    @Test
    void endsOfARingsSticksGoUnderItsWood() {
        Section strip = new Section(Species.named("walnut"), Length.mm(8), Length.mm(25), Rabbet.NONE);
        Job job = Jobs.chart().withRings(List.of(new Ring(new Ring.Place("band", "", SizeOf.OUTSIDE, SizeOf.SIGHT,
                Length.ZERO, null), strip)));
        Stick walnut = new Stick("strip", Length.mm(2000), 4, 3.0, List.of(), strip.wood(), strip.width(),
                strip.thickness());
        job = job.withStock(job.stock().plusStick(walnut));
        Plan plan = Plan.of(job, Search.PATIENT);
        assertTrue(plan.layout().unplaced() == 0, "there is enough of both");
        List<Shelf.Lot> lots = Offcuts.lots(plan);
        Shelf.Kind ofRing = Shelf.Kind.blank(strip.wood(), strip.width(), strip.thickness());
        assertEquals(Set.of(Shelf.Kind.milled(job.section()), ofRing),
                lots.stream().map(Shelf.Lot::kind).collect(Collectors.toSet()));
        assertTrue(lots.stream().flatMap(lot -> lot.sticks().stream()).allMatch(Stick::isOfTheFrame));
        Shelf shelf = Shelf.EMPTY.after(new Shelf.Move(lots, List.of()));
        assertEquals(lots.size(), Offcuts.onShelf(job, shelf).size());
        List<Stick> back = Offcuts.onRack(job, Offcuts.onShelf(job, shelf));
        assertTrue(back.stream().anyMatch(stick -> strip.wood().equals(stick.wood())
                && strip.width().equals(stick.width()) && strip.thickness().equals(stick.thickness())));
        assertTrue(back.stream().anyMatch(Stick::isOfTheFrame));
        assertEquals(List.of(Shelf.Kind.milled(job.section())),
                Offcuts.onShelf(job.withRings(List.of()), shelf).stream().map(Shelf.Lot::kind).toList(),
                "a job without the band wants none of its wood");
    }
}
