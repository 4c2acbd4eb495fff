package neatcorner.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.piece.EndCut;
import neatcorner.piece.Piece;
import neatcorner.piece.Place;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.wood.Species;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** An oak frame of 40 × 20 with a rabbet, and a walnut band of 12 × 25 round it: which stick gives which piece. */
class BlanksTest {
    private static final Species OAK = Species.named("white oak");
    private static final Species WALNUT = Species.named("walnut");
    private static final Section FRAME = section(OAK, 40, 20);
    private static final Section BAND = section(WALNUT, 12, 25);
    private static final Blanks BLANKS = new Blanks(Blanks.Blank.of(FRAME), Map.of("band", Blanks.Blank.of(BAND)));
    private static final Piece SIDE = piece("", 40);
    private static final Piece STRIP = piece("band", 12);

    private static Section section(Species wood, double width, double thickness) {
        return new Section(wood, Length.mm(width), Length.mm(thickness), Rabbet.plain(Length.mm(6), Length.mm(8)));
    }

    private static Piece piece(String ring, double face) {
        EndCut square = EndCut.flat(Angle.ZERO);
        return new Piece("A", new Place.OfRing(ring, new Place.OneOf(1, 4)), Length.mm(500), Length.mm(420),
                Length.mm(face), square, square);
    }

    private static Stick stick(@Nullable Species wood, @Nullable Double width, @Nullable Double thickness) {
        return new Stick("stick", Length.mm(2400), 1, null, List.of(), wood, width == null ? null : Length.mm(width),
                thickness == null ? null : Length.mm(thickness));
    }

    @Test
    void aStickThatSaysNothingIsMilledForTheFrameAlone() {
        Stick plain = stick(null, null, null);
        assertTrue(BLANKS.fits(SIDE, plain));
        assertFalse(BLANKS.fits(STRIP, plain), "it has the frame's rabbet");
        assertEquals(List.of(Length.mm(40), Length.mm(20)), List.of(BLANKS.width(plain), BLANKS.thickness(plain)));
        assertTrue(Blanks.of(FRAME).fits(SIDE, plain));
        Blanks alike = new Blanks(Blanks.Blank.of(FRAME), Map.of("band", Blanks.Blank.of(FRAME)));
        assertTrue(alike.fits(STRIP, plain), "a ring of the same section is cut from it as well");
    }

    @Test
    void aStickMustBeOfTheWoodAndLargeEnough() {
        assertTrue(BLANKS.fits(SIDE, stick(OAK, 40.0, 20.0)));
        assertTrue(BLANKS.fits(SIDE, stick(OAK, 60.0, 22.0)));
        assertFalse(BLANKS.fits(SIDE, stick(OAK, 39.0, 22.0)), "too narrow");
        assertFalse(BLANKS.fits(SIDE, stick(OAK, 60.0, 19.0)), "too thin");
        assertFalse(BLANKS.fits(SIDE, stick(WALNUT, 60.0, 22.0)), "walnut");
        assertTrue(BLANKS.fits(STRIP, stick(WALNUT, 12.0, 25.0)));
        assertFalse(BLANKS.fits(STRIP, stick(OAK, 60.0, 30.0)), "oak");
    }

    @Test
    void onlyAWiderStickIsRipped() {
        assertFalse(BLANKS.isRipped(SIDE, stick(OAK, 40.0, 20.0)));
        assertTrue(BLANKS.isRipped(SIDE, stick(OAK, 41.0, 20.0)));
        assertTrue(BLANKS.isRipped(STRIP, stick(WALNUT, 25.0, 25.0)));
        assertEquals(Length.mm(40), BLANKS.widest(List.of(STRIP, SIDE)));
        assertEquals(Length.mm(40), BLANKS.widest(List.of()));
    }

    /** One that is just as a ring's blank, and says no wood, lies there for that ring. */
    @Test
    void aStickOfARingsSizeIsOfItsWood() {
        assertEquals(WALNUT, BLANKS.wood(stick(null, 12.0, 25.0)));
        assertEquals(OAK, BLANKS.wood(stick(null, 12.0, 26.0)));
        assertEquals(OAK, BLANKS.wood(stick(null, 13.0, 25.0)));
        assertEquals(OAK, BLANKS.wood(stick(OAK, 12.0, 25.0)));
        assertTrue(BLANKS.fits(STRIP, stick(null, 12.0, 25.0)));
    }

    @Test
    void pinsFollowTheirSticks() {
        Stick one = stick(OAK, 40.0, 20.0).withCount(2);
        Rack rack = new Rack(List.of(one.withName("a"), one.withName("b"), one.withName("c")), Length.mm(10), Keep.NO,
                false).withPins(List.of(new Pin("A", 1, 0, 1), new Pin("B", 1, 1, 2), new Pin("C", 1, 2, 1)));
        assertEquals(List.of(new Pin("A", 1, 0, 1), new Pin("C", 1, 1, 1)), rack.withoutStick(1).pins());
        assertEquals(List.of(new Pin("B", 1, 0, 2), new Pin("C", 1, 1, 1)), rack.withoutStick(0).pins());
        assertEquals(3, rack.withStick(3, stick -> stick.withName("none")).sticks().size());
        assertEquals("d", rack.withStick(2, stick -> stick.withName("d")).sticks().getLast().name());
    }
}
