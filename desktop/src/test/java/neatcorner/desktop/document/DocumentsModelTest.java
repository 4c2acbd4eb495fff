package neatcorner.desktop.document;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.plan.Edit;
import neatcorner.stock.Shelf;
import neatcorner.stock.Stick;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.ShrinkingMode;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.jspecify.annotations.Nullable;

/**
 * Makers at two programs edit three jobs of one shop, undo, look at previews, open and go on, while plans are slow or fail
 * and the disk is full at times. A plain list of what each job went through says what it must be; at the end the files must
 * hold it.
 */
class DocumentsModelTest {
    /** The faults and full disks are meant here, a hundred thousand of them. */
    private static final Logger QUIET = Logger.getLogger("neatcorner.desktop.document");

    private static final int JOBS = 3;
    private static final Shelf.Kind KIND = Shelf.Kind.milled(Defaults.section(Units.MILLIMETRES));

    static {
        QUIET.setLevel(Level.OFF);
    }

    /** What an open job must be like: all that it was, and where in it undo has come to. */
    private static final class Model {
        final List<Job> states = new ArrayList<>();
        final Set<Job> ever = new HashSet<>();
        int at;

        void go(Job job) {
            if (!job.equals(now())) {
                states.subList(at + 1, states.size()).clear();
                states.add(job);
                ever.add(job);
                at++;
            }
        }

        Job now() {
            return states.get(at);
        }
    }

    /** A maker at one program, and what is on the bench there. */
    private static final class Maker {
        final OneProgram program;
        final Map<Document, Model> open = new HashMap<>();
        int edits;
        boolean failed;

        Maker(MemoryDisk disk) {
            program = new OneProgram(disk);
        }

        void open(int which) {
            program.documents.open(file(which), document -> open.computeIfAbsent(document, each -> {
                Model model = new Model();
                model.states.add(each.job());
                model.ever.add(model.now());
                return model;
            }), refused -> assertTrue(failed, refused));
        }

        /** One of the jobs on the bench; null when there is none yet. */
        @Nullable
        Document any(int which) {
            List<Document> all = program.documents.all();
            List<Document> mine = all.stream().filter(open::containsKey).toList();
            return mine.isEmpty() ? null : mine.get(which % mine.size());
        }

        void does(int what, int which) {
            Document document = any(which);
            if (document == null) {
                open(which % JOBS);
                return;
            }
            Model model = Objects.requireNonNull(open.get(document));
            int number = ++edits;
            switch (what) {
                case 0 -> {
                    String more = "," + number;
                    document.change(new Change("title", job -> job.withTitle(job.title() + more)));
                    model.go(model.now().withTitle(model.now().title() + more));
                }
                case 1 -> {
                    document.change(new Change("clearance", job -> job.withClearance(Length.mm(number))));
                    model.go(model.now().withClearance(Length.mm(number)));
                }
                case 2 -> {
                    document.undo();
                    model.at = Math.max(0, model.at - 1);
                }
                case 3 -> {
                    document.redo();
                    model.at = Math.min(model.states.size() - 1, model.at + 1);
                }
                case 4 -> document.preview(Edit.job(job -> job.withTitle("only looked at")));
                case 5 -> open(which % JOBS);
                case 6 -> document.change(new Change("nothing", job -> job.withTitle(job.title())));
                case 7 -> {
                    program.faulty = which % 3 == 0;
                    failed |= program.faulty;
                }
                default -> program.documents.keepAgain();
            }
        }

        void check() {
            open.forEach((document, model) -> assertEquals(model.now(), document.job()));
        }
    }

    private static Path file(int which) {
        return Path.of("/jobs/job-" + which + ".json");
    }

    private static MemoryDisk disk() {
        MemoryDisk disk = new MemoryDisk();
        for (int i = 0; i < JOBS; i++) {
            disk.files.put(file(i),
                    JobFile.of(Defaults.blank(Units.MILLIMETRES).withTitle("job " + i)).bytes());
        }
        return disk;
    }

    private static Job onDisk(MemoryDisk disk, Path file) {
        try {
            return JobFile.read(new String(Objects.requireNonNull(disk.files.get(file)),
                    StandardCharsets.UTF_8)).job();
        } catch (BadFile e) {
            throw new AssertionError(e);
        }
    }

    /** Seven actions in ten let some thread take a step, so that everything is under way at once most of the time. */
    @Property(shrinking = ShrinkingMode.BOUNDED)
    void nothingThatWasDoneIsLost(@ForAll @Size(min = 4, max = 90) List<@IntRange(max = 99_999) Integer> actions) {
        MemoryDisk disk = disk();
        Maker maker = new Maker(disk);
        for (int action : actions) {
            int which = action / 100;
            switch (action % 20) {
                case 0, 1, 2, 3, 4 -> maker.does(which % 9, which / 9);
                case 5 -> disk.full = which % 2 == 0;
                default -> maker.program.step(which);
            }
            maker.check();
        }
        disk.full = false;
        maker.program.faulty = false;
        maker.program.settle();
        maker.program.documents.keepAgain();
        maker.program.settle();
        maker.check();
        for (Document document : maker.open.keySet()) {
            assertInstanceOf(Document.Keeping.Kept.class, document.keeping());
            assertEquals(document.job(), onDisk(disk, document.file()));
            document.change(new Change("nothing", job -> job));
            maker.program.settle();
            assertEquals(document.job(), document.work().plan().job(), "what is shown is what is there");
        }
        assertTrue(maker.program.documents.unkept().isEmpty() && maker.program.documents.isIdle());
    }

    /**
     * Two programs at the same job: a file is only written over by one who has seen what it holds, and each keeps its own
     * version until the maker has chosen.
     */
    @Property
    void twoProgramsNeverWriteOverWhatTheyHaveNotSeen(
            @ForAll @Size(min = 4, max = 60) List<@IntRange(max = 99_999) Integer> actions) {
        MemoryDisk disk = disk();
        List<Maker> makers = List.of(new Maker(disk), new Maker(disk));
        for (Maker each : makers) {
            each.open(0);
            each.program.settle();
        }
        for (int action : actions) {
            int which = action / 100;
            Maker maker = makers.get(action % 2);
            Document document = Objects.requireNonNull(maker.any(0));
            byte[] before = Objects.requireNonNull(disk.files.get(file(0)));
            if (action % 20 < 6) {
                maker.does(which % 4, 0);
            } else if (action % 20 < 8 && document.keeping() instanceof Document.Keeping.ChangedOutside) {
                Maker other = makers.get(1 - action % 2);
                Objects.requireNonNull(maker.open.get(document)).ever
                        .addAll(other.open.values().iterator().next().ever);
                document.keepMine();
                maker.program.settle();
                boolean again = document.keeping() instanceof Document.Keeping.ChangedOutside;
                assertTrue(again || document.job().equals(onDisk(disk, file(0))), "mine, or asked again");
            } else {
                Job seen = onDisk(disk, file(0));
                boolean own = Objects.requireNonNull(maker.open.get(document)).ever.contains(seen);
                maker.program.step(which);
                boolean written = before != disk.files.get(file(0));
                assertTrue(!written || own, "written over what was never seen here");
            }
            maker.check();
        }
    }

    /** The shop and its shelf are changed from both programs at once: each change counts, whoever was last. */
    @Property
    void theShopTakesTheChangesOfAll(
            @ForAll @Size(min = 4, max = 60) List<@IntRange(max = 99_999) Integer> actions) {
        MemoryDisk disk = disk();
        List<Maker> makers = List.of(new Maker(disk), new Maker(disk));
        for (Maker each : makers) {
            each.open(makers.indexOf(each));
            each.program.settle();
        }
        List<List<Stick>> shelved = List.of(new ArrayList<>(), new ArrayList<>());
        List<List<Stick>> undone = List.of(new ArrayList<>(), new ArrayList<>());
        for (int action : actions) {
            int which = action / 100;
            Maker maker = makers.get(action % 2);
            List<Stick> mine = shelved.get(action % 2);
            List<Stick> back = undone.get(action % 2);
            Document document = Objects.requireNonNull(maker.any(0));
            switch (action % 20) {
                case 0, 1, 2, 3 -> {
                    Stick stick = new Stick("end " + action % 2 + "." + ++maker.edits, Length.mm(300 + which), 1, null,
                            List.of());
                    document.change(new Change("cut", job -> job),
                            new Shelf.Move(List.of(new Shelf.Lot(KIND, List.of(stick))), List.of()));
                    mine.add(stick);
                    back.clear();
                }
                case 4, 5 -> {
                    document.undo();
                    if (!mine.isEmpty()) {
                        back.add(mine.removeLast());
                    }
                }
                case 6, 7 -> {
                    document.redo();
                    if (!back.isEmpty()) {
                        mine.add(back.removeLast());
                    }
                }
                case 8 -> disk.full = which % 2 == 0;
                default -> maker.program.step(which);
            }
        }
        disk.full = false;
        for (Maker each : makers) {
            each.program.settle();
            each.program.documents.keepAgain();
            each.program.settle();
            assertTrue(each.program.documents.isKept());
        }
        List<Stick> all = new ArrayList<>(shelved.get(0));
        all.addAll(shelved.get(1));
        OneProgram later = new OneProgram(disk);
        later.documents.shop().shelf().now();
        later.settle();
        List<Stick> found = new ArrayList<>(later.documents.shop().shelf().now().sticks(KIND));
        assertEquals(all.size(), found.size());
        assertTrue(found.containsAll(all));
    }
}
