package neatcorner.desktop.control;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import neatcorner.desktop.desk.AtOnce;
import neatcorner.desktop.desk.SawShelf;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.saw.Saw;
import neatcorner.saw.SawReading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is understood of what is typed, and the shelf that the shop's saws are kept on. */
class TypingTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);

    @TempDir
    Path folder = Path.of("");

    @Test
    void lengthsAndAnglesAreTakenWhenTheyAreUnderstood() {
        List<Length> lengths = new ArrayList<>();
        Typing.Understood length = assertInstanceOf(Typing.Understood.class,
                Typing.length(MM, LengthRange.STOCK, lengths::add).read("2 cm + 3"));
        assertEquals("= 23 mm", length.echo());
        assertTrue(lengths.isEmpty(), "not before it is taken");
        length.take().run();
        assertEquals(List.of(Length.mm(23)), lengths);
        List<Angle> angles = new ArrayList<>();
        assertInstanceOf(Typing.Understood.class, Typing.angle(MM, 0, 90, angles::add).read(" 22,5° ")).take().run();
        assertEquals(22.5, angles.getFirst().degrees());
    }

    /** Each system says its own round limits; a length is refused beyond those of both. */
    @Test
    void aLengthThatNothingHasIsRefusedWithTheRangeThatCanBe() {
        Notation inches = Notation.of(Units.INCHES);
        assertEquals(new Typing.NotUnderstood("Expected a length from 1 mm to 20000 mm, for a frame."),
                Typing.length(MM, LengthRange.FRAME, length -> {}).read("0"));
        assertEquals(new Typing.NotUnderstood("Expected a length from 0 in to 2 in, for play a side."),
                Typing.length(inches, LengthRange.PLAY, length -> {}).read("-1/16"));
        assertInstanceOf(Typing.Understood.class, Typing.length(inches, LengthRange.FRAME, l -> {}).read("800"));
        assertInstanceOf(Typing.Understood.class, Typing.length(inches, LengthRange.FRAME, l -> {}).read("1/32"));
        assertInstanceOf(Typing.NotUnderstood.class, Typing.length(MM, LengthRange.PLAY, l -> {}).read("-999999"));
    }

    @ParameterizedTest
    @CsvSource({"steep, expected degrees", "'', expected degrees", "91, Expected 0° to 90°", "-1, Expected 0° to 90°",
        "1e3, expected degrees"})
    void whatIsNoAngleIsSaid(String text, String expected) {
        Typing.NotUnderstood not = assertInstanceOf(Typing.NotUnderstood.class,
                Typing.angle(MM, 0, 90, angle -> {}).read(text));
        assertTrue(not.message().contains(expected), not.message());
    }

    private static SawShelf shelf(Path file, Units units) {
        return new SawShelf(AtOnce.store(), file, units, AtOnce.SAID::add);
    }

    @Test
    void readingsStayWithTheirSawAndSurviveARestart() {
        Path file = folder.resolve("data/saws.json");
        SawShelf shelf = shelf(file, Units.MILLIMETRES);
        assertEquals(4, shelf.saws().size());
        Saw sled = shelf.saws().get(1).saw();
        SawReading reading = new SawReading(LocalDate.of(2026, 6, 1), Angle.ofDegrees(45), Angle.ofDegrees(0.2), false,
                false);
        shelf.changeLog(sled, log -> log.plus(reading));
        shelf.keep(sled.withKerf(Length.mm(2.4)).withName("borrowed sled"));
        SawShelf again = shelf(file, Units.MILLIMETRES);
        assertEquals(5, again.saws().size());
        assertEquals(List.of(reading), again.log(sled).readings());
        assertTrue(again.log(again.saws().getFirst().saw()).readings().isEmpty());
        assertEquals(Length.mm(2.4), again.saws().getLast().saw().kerf());
    }

    @Test
    void aShelfThatCannotBeReadIsPutAsideNotLost() throws IOException {
        Path file = folder.resolve("saws.json");
        Files.writeString(file, "{ sawdust");
        assertEquals(4, shelf(file, Units.INCHES).saws().size());
        assertEquals("{ sawdust", Files.readString(folder.resolve("saws-unreadable.json")));
        assertTrue(AtOnce.SAID.getFirst().contains("set aside as saws-unreadable.json"), AtOnce.SAID.toString());
    }
}
