package neatcorner.desktop.desk;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import neatcorner.drawing.Figure;
import neatcorner.glueup.schedule.Chain;
import neatcorner.job.Job;
import neatcorner.job.Order;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import neatcorner.station.glueup.DayProgress;
import neatcorner.station.glueup.ShopDays;
import neatcorner.station.opening.OpeningFigure;
import org.jspecify.annotations.Nullable;

/**
 * What is seen of a job without opening it.
 *
 * @param about   how many, and of which wood
 * @param picture of one frame; null when the file cannot be read
 */
public record JobCard(Path file, String title, Order order, String about, @Nullable Figure picture, State state) {
    /** What is due first comes first, what has no day last, then by title. */
    static final Comparator<JobCard> ORDER = Comparator
            .comparing((JobCard card) -> card.order.due(), Comparator.nullsLast(Comparator.<LocalDate>naturalOrder()))
            .thenComparing(card -> card.title.toLowerCase(Locale.ROOT)).thenComparing(JobCard::file);

    /**
     * How far a job is.
     *
     * @param level how bad it is; null when all is well
     */
    public record State(@Nullable Level level, String words) {}

    /** The plan may be older than the job: its picture will do until there is a newer one. */
    static JobCard of(Path file, Job job, Plan plan, DayProgress progress) {
        int frames = job.quantity();
        return new JobCard(file, job.title(), job.order(),
                (frames == 1 ? "" : frames + " × ") + job.section().wood().name(),
                OpeningFigure.of(plan).bare(), state(plan, progress));
    }

    static JobCard unread(Path file, String why) {
        return new JobCard(file, JobFolders.label(file), Order.NONE, "", null, new State(Level.STOP, why));
    }

    private static State state(Plan plan, DayProgress progress) {
        int done = 0;
        int all = 0;
        for (Chain chain : ShopDays.chains(plan)) {
            all += chain.tasks().size();
            done += Math.min(chain.tasks().size(), progress.done(chain.frame()));
        }
        if (done > 0) {
            return new State(null, done == all ? DeskTexts.GLUED_UP : DeskTexts.AT_THE_GLUE_UP.formatted(done, all));
        }
        long stops = count(plan, Level.STOP);
        if (stops > 0) {
            return new State(Level.STOP, DeskTexts.TO_MEND.formatted(stops));
        }
        long checks = count(plan, Level.CHECK);
        return checks > 0
                ? new State(Level.CHECK, DeskTexts.TO_LOOK_AT.formatted(checks))
                : new State(null, DeskTexts.READY_TO_CUT);
    }

    private static long count(Plan plan, Level level) {
        return plan.findings().stream().filter(finding -> finding.level() == level).count();
    }

    /** Whether each of these words stands somewhere on the card. */
    public boolean has(String words) {
        String all = (title + " " + about + " " + order.note() + " " + state.words + " " + file.getFileName())
                .toLowerCase(Locale.ROOT);
        return List.of(words.strip().toLowerCase(Locale.ROOT).split("\\s+")).stream().allMatch(all::contains);
    }
}
