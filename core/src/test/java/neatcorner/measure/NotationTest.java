package neatcorner.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NotationTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);
    private static final Notation SIXTEENTHS = new Notation(ReadingStep.INCH_16TH, Spelling.UK);

    @ParameterizedTest
    @CsvSource({"739,739 mm", "689.5,689.5 mm", "0.04,≈0 mm", "4.2426,≈4.2 mm", "-3,−3 mm", "1200,1200 mm"})
    void millimetresAreDecimalAndRoundedOnesAreMarked(double mm, String text) {
        assertEquals(text, MM.text(Length.mm(mm)));
    }

    @Test
    void inchesAreReducedFractions() {
        assertEquals("15 1/2 in", SIXTEENTHS.text(Length.inches(15.5)));
        assertEquals("3/16 in", SIXTEENTHS.text(Length.inches(0.1875)));
        assertEquals("20 in", SIXTEENTHS.text(Length.inches(20)));
        assertEquals("0 in", SIXTEENTHS.text(Length.ZERO));
    }

    @Test
    void aFigureFinerThanTheRuleIsRoundedAndSaysSo() {
        Figures figures = SIXTEENTHS.figures(Length.inches(0, 3, 64));
        assertEquals("≈1/16 in", figures.text());
        assertTrue(figures.rounded());
        assertFalse(SIXTEENTHS.figures(Length.inches(3, 1, 16)).rounded());
    }

    @Test
    void anglesMassesMoneyAndCountsHaveTheirOwnForm() {
        assertEquals("56.31°", MM.text(Angle.ofDegrees(56.3099)));
        assertEquals("45°", MM.text(Angle.ofDegrees(45)));
        assertEquals("3.91 kg", MM.text(new Mass(3.9149)));
        assertEquals("42.50", MM.text(new Money(42.5)));
        assertEquals("3", MM.text(Scalar.count(3)));
    }

    @Test
    void ukShopsReadTheirOwnWordsAndNothingElseChanges() {
        assertEquals("Mitre the rebate, then cut the mount; what matters stays.",
                SIXTEENTHS.words("Miter the rabbet, then cut the mat; what matters stays."));
        assertEquals("Miter the mat", MM.words("Miter the mat"));
    }

    @Test
    void aReadingShowsItsWorking() {
        Reading sight = Reading.given("Sight width", Length.mm(411));
        Reading face = Reading.given("Face width", Length.mm(30));
        Reading outside = Reading.computed("Outside width", Length.mm(471), "{0} + 2 × {1}", sight, face);
        assertEquals("Outside width 471 mm = sight width 411 + 2 × face width 30", outside.working(MM));
        assertEquals("Face width 30 mm, as entered", face.working(MM));
    }

    @Test
    void aSentenceWritesItsQuantitiesInAnyNotation() {
        Sentence sentence = Sentence.of("The rabbet is {0} deep.", Length.inches(0.5));
        assertEquals("The rabbet is 12.7 mm deep.", sentence.in(MM));
        assertEquals("The rebate is 1/2 in deep.", sentence.in(SIXTEENTHS));
    }
}
