package neatcorner.desktop.document;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.exchange.job.JobFile;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.stock.Rack;
import neatcorner.stock.Stick;
import org.junit.jupiter.api.Test;

/** What could not be read back is never kept: the change is refused with a line, and nothing else is. */
class LimitsTest {
    private static final Job BLANK = Defaults.blank(Units.MILLIMETRES);

    private static List<Job> atMost(int more) {
        Stick stick = new Stick("s", Length.mm(2000), 1, null, List.of());
        Milling milling = Milling.PLAIN;
        for (int i = 0; i < Milling.MOST_OPERATIONS + more; i++) {
            milling = milling.plus(new Operation.Rip(Length.mm(1)));
        }
        return List.of(
                BLANK.withStock(BLANK.stock().withSticks(Collections.nCopies(Rack.MOST_KINDS + more, stick))),
                BLANK.withPack(new Pack(Collections.nCopies(Pack.MOST_LAYERS + more, new Layer.Art(Length.mm(1))))),
                BLANK.withReinforcement(Collections.nCopies(Job.MOST_REINFORCEMENTS + more,
                        Reinforcement.spline(Length.mm(22), Length.mm(3), 1))),
                BLANK.withSection(BLANK.section().withMilling(milling)));
    }

    @Test
    void whatIsWithinLimitsIsReadBack() throws Exception {
        for (Job job : atMost(0)) {
            assertNull(JobFile.of(job).refusal());
            assertEquals(job, JobFile.read(JobFile.of(job).text()).job());
        }
    }

    @Test
    void whatIsBeyondThemIsRefusedAndSaid() {
        MemoryDisk disk = new MemoryDisk();
        Path file = Path.of("/jobs/job.json");
        disk.files.put(file, JobFile.of(BLANK).bytes());
        OneProgram program = new OneProgram(disk);
        List<Document> opened = new ArrayList<>();
        List<String> said = new ArrayList<>();
        program.documents.hear(said::add);
        program.documents.open(file, opened::add, said::add);
        program.settle();
        Document document = opened.getFirst();
        for (Job job : atMost(1)) {
            document.change(new Change("too much", now -> job));
            program.settle();
            assertEquals(BLANK, document.job());
            assertNull(document.undoName());
        }
        assertEquals(4, said.size(), said.toString());
        assertTrue(said.stream().allMatch(line -> line.contains("at most")), said.toString());
        assertArrayEquals(JobFile.of(BLANK).bytes(), disk.files.get(file));
    }

    /** The last guard, for what no edit is asked about: a file that can be read is never written over by one that cannot. */
    @Test
    void whatCannotBeReadAgainIsNotWritten() {
        MemoryDisk disk = new MemoryDisk();
        Path file = Path.of("/jobs/job.json");
        disk.files.put(file, JobFile.of(BLANK).bytes());
        OneProgram program = new OneProgram(disk);
        List<DocumentStore.Outcome> outcomes = new ArrayList<>();
        DocumentStore store = program.documents.store();
        store.keep(new DocumentStore.Place(file, JobFile.of(BLANK).bytes()), JobFile.of(atMost(1).getFirst()), 1,
                (version, outcome) -> outcomes.add(outcome));
        program.settle();
        DocumentStore.Outcome.NotKept not = assertInstanceOf(DocumentStore.Outcome.NotKept.class, outcomes.getFirst());
        assertTrue(not.why().contains("at most"), not.why());
        assertArrayEquals(JobFile.of(BLANK).bytes(), disk.files.get(file));
    }

    @Test
    void aDamagedFileIsOpenedSaidAndLaidAsideBeforeItIsWrittenOver() {
        MemoryDisk disk = new MemoryDisk();
        Path file = Path.of("/jobs/job.json");
        byte[] damaged = JobFile.of(BLANK).text().replaceFirst("\"quantity\" : 1", "\"quantity\" : 0")
                .getBytes(StandardCharsets.UTF_8);
        disk.files.put(file, damaged);
        OneProgram program = new OneProgram(disk);
        List<Document> opened = new ArrayList<>();
        List<String> said = new ArrayList<>();
        program.documents.hear(said::add);
        program.documents.open(file, opened::add, said::add);
        program.settle();
        Document document = opened.getFirst();
        assertEquals(BLANK, document.job());
        assertEquals(1, said.size(), said.toString());
        assertTrue(said.getFirst().contains("quantity: expected a whole number from 1"), said.getFirst());
        assertArrayEquals(damaged, disk.files.get(file));
        assertEquals(1, disk.files.keySet().stream().filter(each -> each.startsWith("/jobs")).count());

        document.change(new Change("title", job -> job.withTitle("Mended")));
        program.settle();
        document.change(new Change("title", job -> job.withTitle("Mended again")));
        program.settle();
        assertInstanceOf(Document.Keeping.Kept.class, document.keeping());
        assertArrayEquals(damaged, disk.files.get(Path.of("/jobs/job.json.damaged")));
        assertEquals(2, disk.files.keySet().stream().filter(each -> each.startsWith("/jobs")).count());
        assertTrue(new String(disk.files.get(file), StandardCharsets.UTF_8).contains("Mended again"));
    }
}
