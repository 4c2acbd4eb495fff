package neatcorner.desktop.desk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.desktop.document.Change;
import neatcorner.desktop.document.Document;
import neatcorner.desktop.document.DocumentStore;
import neatcorner.desktop.document.Planning;
import neatcorner.desktop.document.Ticket;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.job.Order;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.shop.Shop;
import neatcorner.station.glueup.DayProgress;
import org.jspecify.annotations.Nullable;

/** The jobs on their shelves: a card for each, and what is done to them without opening them. Lives on the windows' thread. */
public final class JobShelves {
    private static final Logger LOG = Logger.getLogger(JobShelves.class.getName());
    /** So many cards are made before those are shown. */
    private static final int AT_ONCE = 8;

    private final Premises premises;
    private final Map<Path, Made> made = new ConcurrentHashMap<>();
    private @Nullable Ticket ticket;

    /** A card, and of what it was made. */
    private record Made(FileTime changed, Shop shop, DayProgress progress, JobCard card) {}

    private record Opened(Job job, Plan plan) {}

    JobShelves(Premises premises) {
        this.premises = premises;
    }

    /** Today, by the program's clock. */
    public LocalDate today() {
        return premises.day().zoned(premises.day().now()).toLocalDate();
    }

    /** Lists the shelves anew; {@code then} hears when that is done. */
    public void look(Runnable then) {
        premises.folders().look(premises.store(), () -> {}, then);
    }

    /** How many jobs lie on a shelf. */
    public int count(Shelf shelf) {
        return premises.folders().on(shelf).size();
    }

    /** Gives the cards of a shelf out, first some and then all; those that were asked for before come no more. */
    public void cards(Shelf shelf, Consumer<List<JobCard>> found) {
        Ticket before = ticket;
        if (before != null) {
            before.drop();
        }
        Map<Path, Opened> open = new HashMap<>();
        for (Document each : premises.documents().all()) {
            open.put(each.file(), new Opened(each.job(), each.work().plan()));
        }
        next(premises.folders().on(shelf), new ArrayList<>(), open, found);
    }

    private void next(List<Path> files, List<JobCard> soFar, Map<Path, Opened> open, Consumer<List<JobCard>> found) {
        List<Path> some = files.subList(0, Math.min(AT_ONCE, files.size()));
        List<Path> rest = files.subList(some.size(), files.size());
        Shop shop = premises.ownShop();
        DayProgress progress = premises.day().progress();
        ticket = premises.documents().planning().ask(Planning.Pace.QUICK,
                search -> some.stream().map(file -> card(file, open.get(file), shop, progress)).toList(), cards -> {
                    soFar.addAll(cards);
                    found.accept(soFar.stream().sorted(JobCard.ORDER).toList());
                    if (!rest.isEmpty()) {
                        next(rest, soFar, open, found);
                    }
                }, premises::fault);
    }

    /** Only what is seen from afar matters here, so the sticks are laid out in haste. */
    private JobCard card(Path file, @Nullable Opened open, Shop shop, DayProgress progress) {
        if (open != null) {
            return JobCard.of(file, open.job, open.plan, progress);
        }
        try {
            FileTime changed = Files.getLastModifiedTime(file);
            Made known = made.get(file);
            if (known != null && known.changed.equals(changed) && known.shop.equals(shop)
                    && known.progress.equals(progress)) {
                return known.card;
            }
            Job job = JobFile.mended(file).file().job();
            JobCard card = JobCard.of(file, job, Planner.plan(job, shop, () -> true), progress);
            made.put(file, new Made(changed, shop, progress, card));
            return card;
        } catch (IOException | BadFile e) {
            LOG.log(Level.INFO, "job not read", e);
            return JobCard.unread(file, DocumentStore.whyNotRead(file, e));
        } catch (RuntimeException e) {
            LOG.log(Level.SEVERE, "job not worked out", e);
            return JobCard.unread(file,
                    DeskTexts.NOT_WORKED_OUT);
        }
    }

    /** Changes what was agreed about a job; it can be undone where the job is open. */
    public void agree(Path file, UnaryOperator<Order> change, Runnable then) {
        premises.documents().open(file, document -> {
            document.change(new Change(DeskTexts.CHANGE_AGREED, job -> job.withOrder(change.apply(job.order()))));
            then.run();
        }, premises::say);
    }

    /** Makes another job like one, of the maker's own. */
    public void duplicate(Path file, Consumer<Document> then) {
        premises.documents().open(file, document -> {
            Job job = document.job();
            Job copy = job.withTitle(DeskTexts.COPY_OF.formatted(job.title())).withOrder(Order.NONE);
            premises.documents().create(premises.home().jobs(), JobFolders.fileName(copy.title()), copy, made -> {
                premises.photos().follow(job.looks().photo(), file, made.file());
                then.accept(made);
            });
        }, premises::say);
    }

    /** Lays a job on another shelf; windows that show it go on with another job. {@code then} hears where it lies now. */
    public void move(Path file, Shelf to, Consumer<Path> then) {
        List<Workbench> showing = premises.benches().stream().filter(bench -> bench.file().equals(file)).toList();
        premises.documents().move(file, premises.folders().folder(to), (moved, photo) -> {
            premises.photos().follow(photo, file, moved);
            look(() -> {
                int[] left = {showing.size()};
                Runnable last = () -> {
                    left[0]--;
                    if (left[0] <= 0) {
                        then.accept(moved);
                    }
                };
                showing.forEach(bench -> goOn(bench, last));
                if (showing.isEmpty()) {
                    last.run();
                }
            });
        });
    }

    /** The job on a bench was laid elsewhere: another of the maker's own comes, else one of the demo shop's, else a blank one. */
    private void goOn(Workbench bench, Runnable then) {
        JobFolders folders = premises.folders();
        List<Path> all = folders.ownJobs().isEmpty() ? folders.demoJobs() : folders.ownJobs();
        Consumer<Document> opened = next -> {
            bench.putOnBench(next);
            then.run();
        };
        if (all.isEmpty()) {
            Job blank = Defaults.blank(bench.notation().get().units());
            premises.documents().create(premises.home().jobs(), JobFolders.fileName(blank.title()), blank, opened);
        } else {
            premises.documents().open(all.getFirst(), opened, premises::say);
        }
    }
}
