package neatcorner.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NotationTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);
    private static final Notation SIXTEENTHS = new Notation(ReadingStep.INCH_16TH, Spelling.UK);

    @ParameterizedTest
    @CsvSource({"739,739 mm", "689.5,689.5 mm", "0.04,0 mm", "4.2426,4.2 mm", "-3,−3 mm", "1200,1200 mm"})
    void millimetresAreDecimalAndReadToTheTenth(double mm, String text) {
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
    void whatLiesBetweenTwoMarksIsFullOrShyOfTheNearer() {
        Figures figures = SIXTEENTHS.figures(Length.inches(0, 3, 64));
        assertEquals("1/16 in shy", figures.text());
        assertEquals("1/16 shy", figures.bare());
        assertEquals("1/16", figures.digits());
        assertEquals("18 1/2 in full", SIXTEENTHS.text(Length.inches(18.513)));
        assertEquals(Figures.Near.EXACT, SIXTEENTHS.figures(Length.inches(3, 1, 16)).near());
        assertEquals("3/16 in", SIXTEENTHS.text(Length.inches(0.1875 + 0.0019)), "wood does not know 0.05 mm");
        assertEquals("1/16 in shy", SIXTEENTHS.text(Length.mm(0.3)), "less than half a mark is not nothing");
        assertEquals("−1/16 in shy", SIXTEENTHS.text(Length.mm(-0.3)));
        assertEquals("4 mm full", new Notation(ReadingStep.MM_1, Spelling.US).text(Length.mm(4.3)));
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
    void aShopThatWorksInInchesWeighsAndPressesInPoundsToo() {
        assertEquals("8 lb 10 oz", SIXTEENTHS.text(new Mass(3.9149)));
        assertEquals("2 lb", SIXTEENTHS.text(new Mass(0.907185)));
        assertEquals("7.5 oz", SIXTEENTHS.text(new Mass(0.2126)));
        assertEquals("1.5 in²", SIXTEENTHS.text(Physical.area(967.74)));
        assertEquals("968 mm²", MM.text(Physical.area(967.74)));
        assertEquals("162 lb", SIXTEENTHS.text(Physical.force(720)));
        assertEquals("68 °F", SIXTEENTHS.text(Physical.temperature(20)));
        assertEquals("145 psi", SIXTEENTHS.text(new Physical(1, Physical.Kind.PRESSURE)));
        assertEquals("42 lb/ft³", SIXTEENTHS.text(new Physical(672, Physical.Kind.DENSITY)));
        assertEquals("0.24 lb/ft", SIXTEENTHS.text(new Physical(0.35, Physical.Kind.BY_LENGTH)));
        for (Physical.Kind kind : Physical.Kind.values()) {
            assertEquals(17.5, kind.from(Units.INCHES, kind.in(Units.INCHES, 17.5)), 1e-9, kind.name());
        }
    }

    @Test
    void aTextSaysTheSizesOfTheShopsOwnSystem() {
        String text = "No deeper than [3 mm|1/8 in] at a time.";
        assertEquals("No deeper than 3 mm at a time.", MM.words(text));
        assertEquals("No deeper than 1/8 in at a time.", SIXTEENTHS.words(text));
        assertEquals("[3 mm|1/8 in]", MM.words(Theirs.words("[3 mm|1/8 in]")), "a maker's words are as they are");
    }

    @Test
    void aReadingShowsItsWorking() {
        Reading sight = Reading.given("Sight width", Length.mm(411));
        Reading face = Reading.given("Face width", Length.mm(30));
        Reading outside = Reading.computed("Outside width", Length.mm(471), "{0} + 2 × {1}", sight, face);
        assertEquals("Outside width 471 mm = sight width 411 + 2 × face width 30", outside.working(MM));
        assertEquals("Face width 30 mm, as entered", face.working(MM));
        assertEquals("Face width 1 3/16 in shy (1.181 in), as entered", face.working(SIXTEENTHS));
    }

    @Test
    void aSentenceWritesItsQuantitiesInAnyNotation() {
        Sentence sentence = Sentence.of("The rabbet is {0} deep.", Length.inches(0.5));
        assertEquals("The rabbet is 12.7 mm deep.", sentence.in(MM));
        assertEquals("The rebate is 1/2 in deep.", sentence.in(SIXTEENTHS));
    }
}
