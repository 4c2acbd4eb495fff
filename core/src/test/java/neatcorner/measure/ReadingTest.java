package neatcorner.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Angles, words, sentences and readings: everything a figure is said with. */
class ReadingTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);
    private static final Notation UK = new Notation(ReadingStep.MM_TENTH, Spelling.UK);

    @Test
    void aGivenFigureSaysSo() {
        Reading art = Reading.given("Art width", Length.mm(594));
        assertTrue(art.isGiven());
        assertEquals("Art width 594 mm, as entered", art.working(MM));
    }

    @Test
    void aComputedFigureSaysWhatItWasMadeOf() {
        Reading sight = Reading.given("Sight width", Length.mm(411));
        Reading face = Reading.given("Face", Length.mm(30));
        Reading outside = Reading.computed("Outside width", Length.mm(471), "{0} + 2 × {1}", sight, face);
        assertFalse(outside.isGiven());
        assertEquals("Outside width 471 mm = sight width 411 + 2 × face 30", outside.working(MM));
        assertEquals(List.of(sight, face), outside.from());
    }

    @Test
    void aSentenceCarriesItsFiguresInTheShopsUnits() {
        Sentence sentence = Sentence.of("The rabbet is {0} too shallow, cut it at {1}.", Length.inches(0, 1, 4),
                Angle.ofDegrees(22.5));
        assertEquals("The rabbet is 1/4 in too shallow, cut it at 22.5°.", sentence.in(Notation.of(Units.INCHES)));
        assertEquals("The rebate is 6.4 mm too shallow, cut it at 22.5°.",
                sentence.in(UK));
    }

    @ParameterizedTest
    @CsvSource({"miter,mitre", "Miters,Mitres", "Rabbet width,Rebate width", "mat and molding,mount and moulding",
        "a mattress,a mattress", "matter of color,matter of colour", "center,centre", "format,format"})
    void usWordsBecomeUkWordsAndOtherWordsStay(String us, String uk) {
        assertEquals(uk, Spelling.UK.of(us));
        assertEquals(us, Spelling.US.of(us));
    }

    @Test
    void anglesTurnAroundAndBack() {
        assertEquals(60, Angle.ofDegrees(30).complement().degrees());
        assertEquals(-30, Angle.ofDegrees(30).negate().degrees());
        assertEquals(45, Angle.ofSlope(1, 1).degrees(), 1e-12);
        assertEquals(30, Angle.ofRadians(Math.PI / 6).degrees(), 1e-12);
        assertEquals(0.5, Angle.ofDegrees(30).sin(), 1e-12);
        assertTrue(Angle.ofDegrees(45).isNear(Angle.ofDegrees(45 + 1e-9)));
        assertFalse(Angle.ofDegrees(45).isNear(Angle.ofDegrees(45.001)));
    }

    @Property(tries = 1000)
    void theTangentOfASlopeIsTheSlope(@ForAll @DoubleRange(min = -50, max = 50) double slope) {
        assertEquals(slope, Angle.ofSlope(slope, 1).tan(), 1e-9 * Math.max(1, slope * slope));
    }

    @Test
    void everyQuantityIsReadInItsOwnWay() {
        assertEquals("45°", MM.text(Angle.ofDegrees(45)));
        assertEquals("33.69°", MM.text(Angle.ofDegrees(33.690067)));
        assertEquals("18.50", MM.text(new Money(18.5)));
        assertEquals("3.91 kg", MM.text(new Mass(3.9089)));
        assertEquals("12", MM.text(Scalar.count(12)));
        assertEquals("38 %", MM.text(new Scalar(37.6, "%", 0)));
        assertEquals("–", MM.text(new Scalar(Double.NaN, "", 1)));
    }

    @Test
    void stepsKnowTheirUnits() {
        for (ReadingStep step : ReadingStep.values()) {
            assertEquals(step.units() == Units.MILLIMETRES ? Length.PER_MM : Length.PER_INCH,
                    step.length().units() * step.partsOfUnit());
            assertFalse(step.label().isBlank());
        }
        assertEquals(Units.INCHES, ReadingStep.usual(Units.INCHES).units());
    }

    @Test
    void unitsAreKnownByTheirSymbols() {
        assertEquals(Units.INCHES, Units.ofSymbol("in").orElseThrow());
        assertTrue(Units.ofSymbol("ell").isEmpty());
        assertEquals(Length.mm(25.4), Units.INCHES.of(1));
        assertEquals(Length.mm(3), Units.MILLIMETRES.either(3, 1));
        assertEquals(Length.inches(1), Units.INCHES.either(3, 1));
    }

    @Test
    void massesAddUp() {
        assertEquals(3.5, new Mass(1.25).plus(new Mass(2.25)).kilograms());
    }

    @Test
    void aFigureIsFoundAmongThoseItCameFrom() {
        Reading face = Reading.given("Face", Length.mm(30));
        Reading sum = Reading.computed("Sum", Length.mm(60), "2 × {0}", face);
        Reading all = Reading.computed("All", Length.mm(90), "{0} + {1}", sum, Reading.given("More", Length.mm(30)));
        assertEquals(face, all.named("Face").orElseThrow());
        assertEquals(all, all.named("All").orElseThrow());
        assertTrue(all.named("None").isEmpty());
        assertEquals("Odd 1 mm = {3}",
                Reading.computed("Odd", Length.mm(1), "{3}", face).working(Notation.of(Units.MILLIMETRES)),
                "a place for which there is no figure stays as it is written");
    }

    @Test
    void aLineBeginsWithACapital() {
        assertEquals("Miter", Sentence.capital("miter"));
        assertEquals("", Sentence.capital(""));
        assertEquals("The oak is {1}", Sentence.naming("oak", "The {name} is {1}", Length.mm(1))
                .in(Notation.of(Units.MILLIMETRES)));
        assertEquals("odd", Theirs.plain("odd"));
        assertEquals("a b", Theirs.plain(Theirs.words("a") + " " + Theirs.words("b")));
    }
}
