package neatcorner.exchange.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.job.Shade;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import org.junit.jupiter.api.Test;

/** Sheets of which every word is found again: nothing stands on something else, beyond its column or off the sheet. */
class ColumnTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);
    private static final double PITCH = 0.5;

    /** A word on a page, with the room it takes. */
    private record Word(int page, double left, double base, String text, double size) {
        double right() {
            return left + PITCH * size * text.length();
        }
    }

    /** A pen that draws nothing and forgets nothing. All its letters are half as wide as high. */
    private static final class Recorder implements PagePen {
        private final List<Word> words = new ArrayList<>();
        private final List<List<Point>> strokes = new ArrayList<>();
        private int page = 1;

        @Override
        public void place(double x, double y, double newScale) {}

        @Override
        public void newPage() {
            page++;
        }

        @Override
        public double width(String text, double size, Face face) {
            return PITCH * size * text.length();
        }

        @Override
        public void fill(List<Point> outline, Tint tint) {}

        @Override
        public void paint(List<Point> outline, Shade color, double opacity) {}

        @Override
        public void photo(List<Point> outline, Box box, String name) {}

        @Override
        public void blank(double x, double y, double width, double height) {}

        @Override
        public void stroke(List<Point> points, Tint tint, double weight, boolean dashed) {
            strokes.add(points);
        }

        @Override
        public void write(double x, double y, Anchor anchor, String text, double size, Face face, Tint tint) {
            if (!text.isEmpty() && anchor == Anchor.START) {
                words.add(new Word(page, x, y, text, size));
            }
        }

        Word word(String text) {
            return words.stream().filter(word -> word.text.equals(text)).findFirst().orElseThrow();
        }
    }

    private final Recorder pen = new Recorder();
    private final PaperSheet sheet = new PaperSheet(pen, PaperSize.A4, 1, MM, "job");

    private static Column.Part notes(String... texts) {
        return column -> {
            for (String text : texts) {
                column.note("", text, false);
            }
        };
    }

    private static Drawing figure(double width, double height) {
        return new Drawing(width, height, 1, 0, 0, List.of());
    }

    @Test
    void whatComesNextStandsBelow() throws IOException {
        sheet.title("Title", "under it");
        sheet.heading("Heading", "quietly");
        sheet.columns(List.of("a", "b"), List.of(0.0, 0.5));
        sheet.row(List.of("one"), List.of(Length.mm(7)));
        sheet.note("!", "a note", false);
        sheet.tick(Sentence.of("to do"));
        sheet.lines("Price", "Day");
        List<String> order = List.of("Title", "under it", "Heading", "a", "one", "a note", "to do", "Price", "Day");
        for (int i = 1; i < order.size(); i++) {
            Word above = pen.word(order.get(i - 1));
            Word below = pen.word(order.get(i));
            assertTrue(below.base - 0.75 * below.size >= above.base, order.get(i) + " stands on " + order.get(i - 1));
        }
        assertEquals(pen.word("Heading").base, pen.word("quietly").base);
        assertEquals(pen.word("a").left + sheet.textWidth() / 2, pen.word("b").left, 1e-9);
        assertTrue(pen.word("!").right() < pen.word("a note").left);
    }

    @Test
    void whatStandsBesideSomethingBeginsAsHighAndKeepsToItsShare() throws IOException {
        sheet.beside(0.4, notes("first"), notes("second ".repeat(60).strip(), "third"));
        sheet.note("", "below both", false);
        Word first = pen.word("first");
        List<Word> second = pen.words.stream().filter(word -> word.text.startsWith("second")).toList();
        assertEquals(first.base, second.getFirst().base);
        double gutter = second.getFirst().left - (first.left + sheet.textWidth() * 0.4);
        assertTrue(gutter > 0 && gutter < 20, "half of the gutter lies on either side");
        assertTrue(second.stream().allMatch(word -> word.right() <= first.left + sheet.textWidth()));
        assertTrue(second.size() > 2 && pen.word("below both").base > pen.word("third").base);
    }

    /** Whatever stands in two columns is there once, in its order, and neither is longer than it has to be by more than one. */
    @Test
    void twoColumnsAreAboutAsLong() throws IOException {
        List<String> texts = IntStream.range(0, 9).mapToObj(i -> "part" + i).toList();
        sheet.inTwoColumns(texts.stream().map(text -> notes(text)).toList());
        List<Word> left = pen.words.stream().filter(word -> word.left < 100).toList();
        List<Word> right = pen.words.stream().filter(word -> word.left >= 100).toList();
        assertEquals(texts, IntStream.range(0, 9).mapToObj(i -> (i < left.size()
                ? left.get(i)
                : right.get(i - left
                        .size())).text)
                .toList());
        assertTrue(Math.abs(left.size() - right.size()) <= 1, left.size() + " and " + right.size());
    }

    @Test
    void twoColumnsThatNoSheetHoldsGoOnBelowEachOther() throws IOException {
        List<Column.Part> many = Collections.nCopies(300, notes("part"));
        sheet.inTwoColumns(many);
        assertEquals(300, pen.words.stream().filter(word -> word.text.equals("part")).count());
        assertTrue(pen.page > 2);
        assertEquals(1, pen.words.stream().filter(word -> word.text.equals("part")).mapToDouble(Word::left).distinct()
                .count());
    }

    @Test
    void aHeadingDoesNotStandAloneAtTheFoot() throws IOException {
        while (sheet.left() >= 54) {
            sheet.note("", "filler", false);
        }
        sheet.heading("Heading");
        assertEquals(2, pen.word("Heading").page);
        assertEquals(2, sheet.page());
    }

    @Test
    void anEmptySheetIsNotLeft() throws IOException {
        sheet.newPage();
        sheet.keepTogether(5000);
        assertEquals(1, sheet.page());
        sheet.note("", "something", false);
        sheet.newPage();
        assertEquals(2, sheet.page());
    }

    @Test
    void whatHasRoomIsNotWrittenToFindOut() throws IOException {
        assertTrue(sheet.hasRoomFor(notes("a", "b")));
        assertFalse(sheet.hasRoomFor(column -> column.figure(figure(10, 900), 1)));
        assertTrue(pen.words.isEmpty());
    }

    @Test
    void boxesToTickGoOnInAnotherRow() throws IOException {
        List<String> names = IntStream.range(0, 40).mapToObj(i -> "piece" + (10 + i)).toList();
        sheet.ticks(names);
        assertEquals(names, pen.words.stream().map(Word::text).toList());
        assertTrue(pen.words.stream().allMatch(word -> word.right() <= pen.words.getFirst().left + sheet.textWidth()));
        List<Double> rows = pen.words.stream().map(Word::base).distinct().toList();
        assertTrue(rows.size() > 2 && rows.stream().sorted().toList().equals(rows));
        assertEquals(40, pen.strokes.size(), "a box each");
    }

    /** Three beside each other on wide paper; those of a row are as high as its highest, which holds all its words. */
    @Test
    void cardsStandInRows() throws IOException {
        List<StepCard> cards = IntStream.range(0, 5).mapToObj(i -> new StepCard(i + 1, "card" + i, null, null,
                Sentence.of("word" + i + " again".repeat(1 + 20 * i)), List.of("A"))).toList();
        sheet.cards(cards);
        List<Word> titles = IntStream.range(0, 5).mapToObj(i -> pen.word("card" + i)).toList();
        assertEquals(1, titles.subList(0, 3).stream().map(Word::base).distinct().count());
        assertTrue(titles.get(3).base > titles.get(0).base && titles.get(3).left == titles.get(0).left);
        List<List<Point>> frames = pen.strokes.stream()
                .filter(points -> Math.abs(points.get(1).x() - points.get(0).x()) > 50).toList();
        assertEquals(5, frames.size());
        for (int i = 0; i < 5; i++) {
            List<Point> frame = frames.get(i);
            String own = "word" + i;
            double foot = frame.stream().mapToDouble(Point::y).max().orElseThrow();
            double right = frame.stream().mapToDouble(Point::x).max().orElseThrow();
            assertTrue(pen.words.stream().filter(word -> word.text.startsWith(own))
                    .allMatch(word -> word.base < foot && word.right() < right), own);
        }
    }

    @Provide
    static Arbitrary<List<Integer>> heights() {
        return Arbitraries.integers().between(1, 700).list().ofMaxSize(30);
    }

    /** Figures of any heights below each other: none reaches over the foot, and none is on a new sheet that had room before. */
    @Property(tries = 60)
    void sheetsAreFilledAndNotOverfilled(@ForAll("heights") List<Integer> heights) throws IOException {
        Recorder own = new Recorder();
        PaperSheet paper = new PaperSheet(own, PaperSize.A4, 1, MM, "job");
        for (int height : heights) {
            int before = paper.page();
            double left = paper.left();
            paper.figure(figure(20, height), 1);
            assertEquals(
                    left < height && left < new PaperSheet(own, PaperSize.A4, 1, MM, "job").left()
                            ? before + 1
                            : before,
                    paper.page());
            assertTrue(paper.left() >= -5, "the next begins above the foot");
        }
    }
}
