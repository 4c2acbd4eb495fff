package neatcorner.desktop.document;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.exchange.csv.StockCsv;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.stock.Shelf;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class OffcutShelfTest {
    private static final Section ASH = Defaults.section(Units.MILLIMETRES);

    @TempDir
    Path folder = Path.of("");

    private final List<String> said = new ArrayList<>();

    private OffcutShelf shelf() {
        return new OffcutShelf(new DocumentStore(Runnable::run, Runnable::run, Disk.ofComputer()),
                folder.resolve("shelf.json"), folder.resolve("offcuts"), said::add);
    }

    private static Stick end(double length) {
        return new Stick("end", Length.mm(length), 1, null, List.of());
    }

    private static Shelf.Move put(Section section, List<Stick> sticks) {
        return new Shelf.Move(List.of(new Shelf.Lot(Shelf.Kind.milled(section), sticks)), List.of());
    }

    private static List<Stick> of(OffcutShelf shelf, Section section) {
        Job job = Defaults.blank(Units.MILLIMETRES).withSection(section);
        return shelf.of(job).stream().flatMap(lot -> lot.sticks().stream()).toList();
    }

    @Test
    void theShelfIsKeptWithWhatEachStickIsOf() throws Exception {
        OffcutShelf shelf = shelf();
        Section odd = ASH.withWood(Species.named("reclaimed \"oak\", north side; クルミ"))
                .withWidth(Length.inches(0, 59, 64));
        shelf.move(put(ASH, List.of(end(400), end(900))));
        shelf.move(put(odd, List.of(end(700))));
        assertEquals(List.of(end(900), end(400)), of(shelf(), ASH), "on disk too");
        assertEquals(List.of(end(700)), of(shelf(), odd));
        assertEquals(List.of(), of(shelf, ASH.withWidth(Length.mm(31))), "another section has its own");
        shelf.move(put(ASH, List.of(end(900))).reversed());
        assertEquals(List.of(end(400)), of(shelf(), ASH));
        String text = Files.readString(folder.resolve("shelf.json"));
        assertTrue(text.contains("neat-corner-shelf/1") && text.contains("クルミ"), text);
    }

    @Test
    void whatCannotBeReadIsSetAsideAndNeverWrittenOver() throws Exception {
        Path file = folder.resolve("shelf.json");
        Files.write(file, new byte[]{'{', (byte) 0xE4});
        OffcutShelf shelf = shelf();
        assertEquals(List.of(), of(shelf, ASH));
        shelf.move(put(ASH, List.of(end(500))));
        Files.writeString(file, "no shelf at all");
        shelf.move(put(ASH, List.of(end(600))));
        assertEquals(List.of(end(600)), of(shelf(), ASH));
        try (Stream<Path> files = Files.list(folder)) {
            assertEquals(2, files.filter(each -> each.getFileName().toString().contains("-unreadable")).count());
        }
        assertEquals(2, said.size(), said.toString());
        assertTrue(said.getFirst().contains("UTF-8") && said.getFirst().contains("set aside as"), said.getFirst());
    }

    @Test
    void aLargeShelfWithOddSticksIsReadBack() {
        OffcutShelf shelf = shelf();
        List<Stick> sticks = new ArrayList<>(IntStream.range(0, 1500).mapToObj(i -> end(300 + i)).toList());
        sticks.add(new Stick("=offcut of " + "x".repeat(90) + "\n", Length.mm(5000), 1, 18.505,
                List.of(new Span(Length.mm(5), Length.mm(20)))));
        shelf.move(put(ASH, sticks));
        List<Stick> read = of(shelf(), ASH);
        assertEquals(1501, read.size());
        assertEquals(sticks.getLast(), read.getFirst());
    }

    /** Lists of both earlier versions, under the names that these gave them. */
    @Test
    void listsOfEarlierVersionsAreTakenOverOnce() throws Exception {
        Section section = ASH.withWood(Species.named("white ash")).withWidth(Length.mm(30)).withThickness(Length.mm(20))
                .withRabbet(Rabbet.plain(Length.mm(6), Length.mm(12)));
        Path lists = Files.createDirectory(folder.resolve("offcuts"));
        Files.writeString(lists.resolve("white-ash-30-0x20-0-rabbet-6-0x12-0.csv"), "name,length\r\nold,700\r\n");
        Files.writeString(lists.resolve(FormerOffcuts.names(section).getFirst()),
                StockCsv.write(List.of(end(800)), Units.MILLIMETRES));
        assertTrue(FormerOffcuts.names(section).getFirst()
                .matches("white-ash-30-0x20-0-rabbet-6-0x12-0-[0-9a-f]{10}.csv"));
        OffcutShelf shelf = shelf();
        of(shelf, section);
        assertEquals(List.of(Length.mm(800), Length.mm(700)), of(shelf, section).stream().map(Stick::length).toList());
        assertEquals(2, of(shelf(), section).size(), "and no second time");
        Files.writeString(lists.resolve("white-ash-30-0x20-0-rabbet-6-0x12-0.csv"), "name,length\r\nold,700\r\n");
        assertEquals(2, of(shelf(), section).size(),
                "not even if the program was killed before the list was put aside");
        try (Stream<Path> left = Files.list(lists)) {
            assertFalse(left.anyMatch(each -> each.toString().endsWith(".csv")));
        }
    }
}
