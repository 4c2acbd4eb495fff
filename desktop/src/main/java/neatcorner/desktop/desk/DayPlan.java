package neatcorner.desktop.desk;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import neatcorner.desktop.document.SharedFile;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.station.glueup.DayProgress;
import org.jspecify.annotations.Nullable;

/**
 * What a maker decided about the shop's days.
 *
 * @param start when all of it was begun; null before the first time
 * @param jobs  those that are being made; null for all there are
 */
public record DayPlan(@Nullable Instant start, @Nullable Set<Path> jobs, DayProgress progress) {
    static final DayPlan NONE = new DayPlan(null, null, DayProgress.NONE);

    public DayPlan {
        jobs = jobs == null ? null : Collections.unmodifiableSet(new LinkedHashSet<>(jobs));
    }

    DayPlan withJobs(Set<Path> newJobs) {
        return new DayPlan(start, newJobs, progress);
    }

    DayPlan withProgress(DayProgress newProgress) {
        return new DayPlan(start, jobs, newProgress);
    }

    public static final class Format implements SharedFile.Format<DayPlan> {
        @Override
        public DayPlan read(String text) throws BadFile {
            Node root = Node.root(JsonText.read(text));
            try {
                return read(root);
            } catch (DateTimeException | InvalidPathException e) {
                throw root.expected("days with times and files");
            }
        }

        private static DayPlan read(Node root) throws BadFile {
            Node start = root.optional("start").orElse(null);
            Node list = root.optional("jobs").orElse(null);
            Set<Path> jobs = list == null ? null : new LinkedHashSet<>();
            if (list != null && jobs != null) {
                for (Node job : list.items()) {
                    jobs.add(Path.of(job.text()));
                }
            }
            DayProgress progress = DayProgress.NONE;
            Node done = root.required("done");
            if (done.json() instanceof Json.Obj frames) {
                for (String frame : frames.fields().keySet()) {
                    for (Node time : done.required(frame).items()) {
                        progress = progress.finished(frame, Instant.parse(time.text()));
                    }
                }
            }
            for (Node each : root.required("later").items()) {
                progress = progress.wanted(each.required("frame").text(), each.required("step").whole(0, 1000),
                        Instant.parse(each.required("from").text()));
            }
            return new DayPlan(start == null ? null : Instant.parse(start.text()), jobs, progress);
        }

        @Override
        public String write(DayPlan day) {
            Json.Fields fields = Json.object();
            Instant start = day.start;
            if (start != null) {
                fields.with("start", start.toString());
            }
            Set<Path> jobs = day.jobs;
            if (jobs != null) {
                fields.with("jobs", Json.of(jobs.stream().map(job -> Json.of(job.toString())).toList()));
            }
            Json.Fields done = Json.object();
            day.progress.done().forEach((frame, times) -> done.with(frame,
                    Json.of(times.stream().map(time -> Json.of(time.toString())).toList())));
            List<Json> later = new ArrayList<>();
            day.progress.later().forEach((frame, steps) -> steps.forEach((step, from) -> later.add(Json.object()
                    .with("frame", frame).with("step", Json.of(step)).with("from", from.toString()).end())));
            return JsonText.write(fields.with("done", done.end()).with("later", Json.of(later)).end());
        }
    }
}
