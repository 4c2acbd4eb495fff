package neatcorner.desktop.document;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;

/**
 * What was done to a job, kept in a file with each step, so that undo goes on where a maker left off, however the program
 * ended.
 *
 * @param steps the newest first
 */
record UndoHistory(List<Done> steps) {
    /** Older steps are forgotten when the program ends, or the job is closed. */
    static final int MOST = 25;
    private static final String FORMAT = "neat-corner-undo/1";

    /** One step: the job before it and after it, each in the shop as that was. */
    record Done(String name, JobFile before, JobFile after) {}

    UndoHistory {
        steps = List.copyOf(steps);
    }

    /** Throws {@link BadFile} for a text that holds no history. */
    static UndoHistory read(String text) throws BadFile {
        Node root = Node.root(JsonText.read(text));
        Node format = root.required("format");
        if (!format.text().equals(FORMAT)) {
            throw format.expected(FORMAT);
        }
        List<Done> steps = new ArrayList<>();
        for (Node step : root.required("steps").items()) {
            steps.add(new Done(step.required("name").text(), JobFile.read(step.required("before").text()),
                    JobFile.read(step.required("after").text())));
        }
        return new UndoHistory(steps);
    }

    String text() {
        return text(new IdentityHashMap<>());
    }

    /**
     * As {@link #text()}, again and again.
     *
     * @param known the texts of jobs from the last time; those of this history afterwards
     */
    String text(Map<JobFile, String> known) {
        Map<JobFile, String> texts = new IdentityHashMap<>();
        for (Done step : steps) {
            for (JobFile job : List.of(step.before, step.after)) {
                String text = known.get(job);
                texts.put(job, text == null ? job.text() : text);
            }
        }
        known.clear();
        known.putAll(texts);
        return JsonText.write(Json.object().with("format", FORMAT).with("steps", Json.of(steps.stream()
                .map(step -> Json.object().with("name", step.name).with("before", known.get(step.before))
                        .with("after", known.get(step.after)).end())
                .toList())).end());
    }
}
