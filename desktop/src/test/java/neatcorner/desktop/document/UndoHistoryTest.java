package neatcorner.desktop.document;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.util.Subscription;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.plan.Edit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Undo goes on where a job was left when the program ended, and only for that job as it was left. */
class UndoHistoryTest {
    private static final Job BLANK = Defaults.blank(Units.MILLIMETRES);
    private static final Path FILE = Path.of("/jobs/job.json");
    private static final Path UNDO = Path.of("/undo");

    private final MemoryDisk disk = new MemoryDisk();
    private OneProgram program = new OneProgram(disk);

    @BeforeEach
    void aJob() {
        disk.files.put(FILE, JobFile.of(BLANK).bytes());
    }

    private Document open() {
        program = new OneProgram(disk);
        program.documents.rememberUndoIn(UNDO);
        program.documents.shop().lookNow();
        List<Document> opened = new ArrayList<>();
        program.documents.open(FILE, opened::add, program.said::add);
        program.settle();
        Document document = opened.getFirst();
        program.documents.recall(document);
        program.settle();
        return document;
    }

    /** As a kill ends it: nothing is done at the end. */
    private void end() {
        program.settle();
    }

    private static void wide(Document document, int mm) {
        document.change(new Change("width " + mm, job -> job.withSection(job.section().withWidth(Length.mm(mm)))));
    }

    @Test
    void whatWasDoneBeforeTheProgramEndedCanBeUndoneAfterwards() {
        Document before = open();
        wide(before, 31);
        wide(before, 32);
        end();
        Document after = open();
        assertEquals("width 32", after.undoName());
        wide(after, 33);
        end();
        Document again = open();
        for (int mm : List.of(32, 31)) {
            again.undo();
            assertEquals(Length.mm(mm), again.job().section().width());
        }
        again.undo();
        assertEquals(BLANK, again.job());
        assertNull(again.undoName());
        again.redo();
        assertEquals(Length.mm(31), again.job().section().width());
    }

    /** What was changed before the history had been read lies on top of it. */
    @Test
    void aChangeThatComesFirstDoesNotHideWhatWasBefore() {
        wide(open(), 31);
        end();
        program = new OneProgram(disk);
        program.documents.rememberUndoIn(UNDO);
        List<Document> opened = new ArrayList<>();
        program.documents.open(FILE, opened::add, program.said::add);
        program.settle();
        Document document = opened.getFirst();
        wide(document, 40);
        program.documents.recall(document);
        program.settle();
        document.undo();
        document.undo();
        assertEquals(BLANK, document.job());
    }

    /** The last change is still being written when the program ends. */
    @Test
    void aChangeJustBeforeTheEndCanBeUndone() {
        wide(open(), 31);
        program.settle();
        Document again = open();
        assertEquals("width 31", again.undoName());
        again.undo();
        assertEquals(BLANK, again.job());
    }

    @Test
    void aJobThatWasChangedByAnotherProgramHasNoUndo() {
        wide(open(), 31);
        end();
        disk.files.put(FILE, JobFile.of(BLANK.withTitle("Another")).bytes());
        assertNull(open().undoName());
    }

    /** Drawers that another job has filled meanwhile stay as they are. */
    @Test
    void undoTakesNothingBackThatAnotherJobDidToTheShop() {
        wide(open(), 31);
        end();
        open();
        program.documents.add(Path.of("/jobs/other.json"), BLANK)
                .change(new Change("hours", Edit.shop(shop -> shop.withPlaces(7, 2))));
        program.settle();
        end();
        Document document = open();
        assertEquals(7, document.shop().bench());
        document.undo();
        program.settle();
        assertEquals(BLANK, document.job());
        assertEquals(7, document.shop().bench());
    }

    @Test
    void aHistoryThatCannotBeReadIsNone() {
        wide(open(), 31);
        end();
        disk.files.keySet().stream().filter(file -> file.startsWith(UNDO)).toList()
                .forEach(file -> disk.files.put(file, "not a history\n".getBytes(StandardCharsets.UTF_8)));
        assertNull(open().undoName());
        assertEquals(List.of(), program.said, "nobody need hear of it");
        assertThrows(BadFile.class, () -> UndoHistory.read("{\"format\": \"another\"}\n"));
        assertTrue(disk.files.containsKey(FILE));
    }

    /** The folder is not there when the program ends for the first time. */
    @Test
    void aHistoryIsWrittenWhereNoneWasBefore(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("undo/job.json-1");
        Disk.ofComputer().write(file, new byte[]{1, 2});
        assertArrayEquals(new byte[]{1, 2}, Files.readAllBytes(file));
    }

    @Test
    void whatWasUndoneIsUndoneAfterwardsToo() {
        Document before = open();
        wide(before, 31);
        wide(before, 32);
        before.undo();
        end();
        Document after = open();
        assertEquals("width 31", after.undoName());
        after.undo();
        end();
        assertNull(open().undoName());
    }

    @Test
    void undoHasABound() {
        Document document = open();
        for (int i = 0; i < Document.MOST_STEPS + 5; i++) {
            wide(document, 20 + i);
        }
        int undone = 0;
        while (document.undoName() != null) {
            document.undo();
            undone++;
        }
        assertEquals(Document.MOST_STEPS, undone);
    }

    /** Nine that nobody looks at: the first is closed, and is there again, with its undo, when it is opened. */
    @Test
    void jobsThatNobodyLooksAtAreClosed() {
        Document first = open();
        wide(first, 31);
        program.settle();
        for (int i = 0; i < Documents.MOST_UNSEEN + 1; i++) {
            program.documents.add(Path.of("/jobs/job-" + i + ".json"), BLANK);
            program.settle();
        }
        assertFalse(program.documents.all().contains(first));
        assertEquals(Documents.MOST_UNSEEN + 1, program.documents.all().size());
        List<Document> opened = new ArrayList<>();
        program.documents.open(FILE, opened::add, program.said::add);
        program.settle();
        program.documents.recall(opened.getFirst());
        program.settle();
        assertEquals("width 31", opened.getFirst().undoName());

        Subscription looking = opened.getFirst().watch(() -> {});
        for (int i = 0; i < 2 * Documents.MOST_UNSEEN; i++) {
            program.documents.add(Path.of("/jobs/more-" + i + ".json"), BLANK);
            program.settle();
        }
        assertTrue(program.documents.all().contains(opened.getFirst()), "it is looked at");
        looking.unsubscribe();
    }

    /** A kill in the midst of a line leaves what was before it. */
    @Test
    void aLineThatWasBrokenOffCountsForNothing() throws Exception {
        Document before = open();
        wide(before, 31);
        end();
        Path journal = disk.files.keySet().stream().filter(file -> file.startsWith(UNDO)).findFirst().orElseThrow();
        disk.append(journal, "{\"name\": \"width 3".getBytes(StandardCharsets.UTF_8));
        assertEquals("width 31", open().undoName());
    }

    /** A long day's journal stays short, and holds the last steps. */
    @Test
    void aJournalDoesNotGrowWithoutEnd() {
        Document document = open();
        for (int i = 0; i < 3 * UndoHistory.MOST_LINES; i++) {
            wide(document, 20 + i % 50);
            program.settle();
        }
        Path journal = disk.files.keySet().stream().filter(file -> file.startsWith(UNDO)).findFirst().orElseThrow();
        long lines = new String(disk.files.get(journal), StandardCharsets.UTF_8).lines().count();
        assertTrue(lines <= UndoHistory.MOST_LINES, lines + " lines");
        Document again = open();
        int undone = 0;
        while (again.undoName() != null) {
            again.undo();
            undone++;
        }
        assertEquals(UndoHistory.MOST, undone);
    }

    /** What the version before this one left is taken over. */
    @Test
    void aHistoryOfTheFormatBeforeIsRead() {
        JobFile wide = JobFile.of(BLANK.withTitle("Wide"));
        Json.Obj step = Json.object().with("name", "title").with("before", JobFile.of(BLANK).text())
                .with("after", wide.text()).end();
        Document first = open();
        wide(first, 31);
        end();
        Path journal = disk.files.keySet().stream().filter(file -> file.startsWith(UNDO)).findFirst().orElseThrow();
        disk.files.put(FILE, wide.bytes());
        disk.files.put(journal, JsonText.write(Json.object().with("format", "neat-corner-undo/1")
                .with("steps", Json.of(List.of(step))).end()).getBytes(StandardCharsets.UTF_8));
        Document document = open();
        assertEquals("title", document.undoName());
        document.undo();
        assertEquals(BLANK, document.job());
        end();
        assertNull(open().undoName());
    }
}
