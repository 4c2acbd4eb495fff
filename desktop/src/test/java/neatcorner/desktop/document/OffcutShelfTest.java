package neatcorner.desktop.document;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.job.Defaults;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
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
        return new OffcutShelf(new DocumentStore(Runnable::run, Runnable::run, Disk.ofComputer()), folder, said::add);
    }

    private static Stick end(double length) {
        return new Stick("end", Length.mm(length), 1, null, List.of());
    }

    private static ShelfMove put(Section section, Stick... sticks) {
        return new ShelfMove(section, List.of(sticks), List.of());
    }

    @Test
    void theShelfKeepsOffcutsBySectionTheLongestFirst() {
        OffcutShelf shelf = shelf();
        shelf.move(put(ASH, end(400)));
        shelf.move(put(ASH, end(900)));
        assertEquals(List.of(end(900), end(400)), shelf.of(ASH));
        assertEquals(List.of(end(900), end(400)), shelf().of(ASH), "on disk too");
        assertEquals(List.of(), shelf.of(ASH.withWidth(Length.mm(31))), "another section has its own");
        shelf.move(new ShelfMove(ASH, List.of(), List.of(end(900), end(123))));
        assertEquals(List.of(end(400)), shelf().of(ASH), "what is not there cannot be taken");
    }

    /** Long names of woods used to be cut where the sizes stand, and odd ones are no file names everywhere. */
    @Test
    void everySectionHasAFileOfItsOwnWithAPlainName() {
        Set<String> names = new HashSet<>();
        String longName = "reclaimed oak from the old lighthouse at the point, north side";
        for (String wood : List.of("white ash", longName, longName + ", second load", "Nußbaum", "クルミ", "../..", "con",
                "")) {
            for (int thickness = 18; thickness < 22; thickness++) {
                Section section = ASH.withWood(Species.named(wood)).withThickness(Length.mm(thickness));
                String name = OffcutShelf.fileName(section);
                assertTrue(name.matches("[a-z0-9-]+\\.csv") && name.length() < 60, name);
                assertTrue(names.add(name), name + " twice");
            }
        }
    }

    @Test
    void whatCannotBeReadIsSetAsideAndNeverWrittenOver() throws Exception {
        Path file = folder.resolve(OffcutShelf.fileName(ASH));
        Files.write(file, new byte[]{'l', 'e', 'n', 'g', 't', 'h', '\n', (byte) 0xE4});
        OffcutShelf shelf = shelf();
        assertEquals(List.of(), shelf.of(ASH));
        shelf.move(put(ASH, end(500)));
        Files.writeString(file, "no list at all");
        shelf.move(put(ASH, end(600)));
        assertEquals(List.of(end(600)), shelf().of(ASH));
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
                List.of(new Span(Length.mm(-5), Length.mm(20)))));
        shelf.move(new ShelfMove(ASH, sticks, List.of()));
        List<Stick> read = shelf().of(ASH);
        assertEquals(1501, read.size());
        assertEquals(sticks.getLast().name(), read.getFirst().name());
        assertEquals(18.505, read.getFirst().price());
        assertEquals(new Span(Length.ZERO, Length.mm(20)), read.getFirst().defects().getFirst());
    }

    @Test
    void listsOfEarlierVersionsAreTakenOver() throws Exception {
        Section plain = ASH.withWood(Species.named("white ash"));
        Files.writeString(folder.resolve("white-ash-30-0x20-0-rabbet-6-0x12-0.csv"), "name,length\r\nold,700\r\n");
        Section section = plain.withWidth(Length.mm(30)).withThickness(Length.mm(20))
                .withRabbet(Rabbet.plain(Length.mm(6), Length.mm(12)));
        assertEquals(List.of(Length.mm(700)), shelf().of(section).stream().map(Stick::length).toList());
    }
}
