package neatcorner.desktop.document;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.stream.Collectors;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;

/**
 * What was done to a job, so that undo goes on where a maker left off, however the program ended. Its file is a journal: a
 * line for each step, for each that was taken back, and for where all before is forgotten.
 *
 * @param steps the newest first
 */
record UndoHistory(List<Done> steps) {
    /** Older steps are forgotten when the program ends, or the job is closed. */
    static final int MOST = 25;
    /** A journal of more lines is written anew. */
    static final int MOST_LINES = 100;
    private static final String LAST_FORMAT = "neat-corner-undo/1";
    private static final String UNDID = line(Json.object().with("undid", Json.of(true)));
    private static final String FORGOT = line(Json.object().with("forgot", Json.of(true)));

    /** What is added to a journal. */
    sealed interface Entry {

        /** One line, with its end. */
        default String text() {
            return switch (this) {
                case Done done -> line(Json.object().with("name", done.name).with("before", done.before.text())
                        .with("after", done.after.text()));
                case Undid undid -> UNDID;
                case Forgot forgot -> FORGOT;
            };
        }
    }

    /** One step: the job before it and after it, each in the shop as that was. */
    record Done(String name, JobFile before, JobFile after) implements Entry {}

    /** The last step was taken back. */
    record Undid() implements Entry {}

    /** Nothing before can be undone once the program has ended. */
    record Forgot() implements Entry {}

    UndoHistory {
        steps = List.copyOf(steps);
    }

    private static String line(Json.Fields fields) {
        return JsonText.writeBrief(fields.end(), Integer.MAX_VALUE).strip() + "\n";
    }

    /** Throws {@link BadFile} for a text that holds no history. A last line that was broken off counts for nothing. */
    static UndoHistory read(String text) throws BadFile {
        if (text.lines().limit(2).anyMatch(line -> line.contains(LAST_FORMAT))) {
            return readLastFormat(text);
        }
        Deque<Done> steps = new ArrayDeque<>();
        for (String line : text.substring(0, text.lastIndexOf('\n') + 1).lines().toList()) {
            Node entry = Node.root(JsonText.read(line));
            if (entry.optional("undid").isPresent()) {
                steps.poll();
            } else if (entry.optional("forgot").isPresent()) {
                steps.clear();
            } else {
                steps.push(done(entry));
            }
        }
        return new UndoHistory(steps.stream().limit(MOST).toList());
    }

    /** As versions before 2026-12 wrote it: one object, when they ended. */
    private static UndoHistory readLastFormat(String text) throws BadFile {
        Deque<Done> steps = new ArrayDeque<>();
        for (Node step : Node.root(JsonText.read(text)).required("steps").items()) {
            steps.add(done(step));
        }
        return new UndoHistory(List.copyOf(steps));
    }

    private static Done done(Node step) throws BadFile {
        return new Done(step.required("name").text(), JobFile.read(step.required("before").text()),
                JobFile.read(step.required("after").text()));
    }

    /** The journal of these steps and nothing else. */
    String text() {
        return steps.reversed().stream().map(Entry::text).collect(Collectors.joining());
    }
}
