package neatcorner.golden;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.job.Job;

/** The demo's jobs, and odd ones: each the usual job with a few things changed. */
final class GoldenJobs {
    private static final Path DEMO = Path.of("../desktop/src/main/resources/neatcorner/desktop/demo");

    private GoldenJobs() {}

    /** All jobs by name, in a fixed order. */
    static Map<String, Job> all() throws BadFile, IOException {
        Map<String, Job> jobs = new LinkedHashMap<>();
        files().forEach((name, file) -> jobs.put(name, file.job()));
        return jobs;
    }

    /** The same with the shops that they were planned in. */
    static Map<String, JobFile> files() throws BadFile, IOException {
        Map<String, JobFile> jobs = new LinkedHashMap<>();
        for (Path file : demo()) {
            jobs.put(file.getFileName().toString().replace(".json", ""), JobFile.read(file));
        }
        jobs.putAll(odd());
        return jobs;
    }

    private static List<Path> demo() throws IOException {
        try (Stream<Path> files = Files.list(DEMO)) {
            return files.filter(file -> file.toString().endsWith(".json")).sorted().toList();
        }
    }

    private static Map<String, JobFile> odd() throws BadFile {
        Node root = Node.root(JsonText.read(text("odd-jobs.json")));
        Map<String, JobFile> jobs = new LinkedHashMap<>();
        for (Node patch : root.required("odd").items()) {
            Json job = merged(root.required("usual").json(), patch.json());
            String title = patch.required("title").text();
            if (jobs.put(title, JobFile.read(JsonText.write(job))) != null) {
                throw patch.expected("a title of its own");
            }
        }
        return jobs;
    }

    /** As a merge patch (RFC 7396): objects field by field, null takes a field out, all else takes the place. */
    private static Json merged(Json usual, Json patch) {
        if (!(usual instanceof Json.Obj before && patch instanceof Json.Obj changes)) {
            return patch;
        }
        Map<String, Json> fields = new LinkedHashMap<>(before.fields());
        changes.fields().forEach((name, value) -> {
            Json old = fields.get(name);
            if (value instanceof Json.Null) {
                fields.remove(name);
            } else {
                fields.put(name, old == null ? value : merged(old, value));
            }
        });
        return new Json.Obj(fields);
    }

    private static String text(String name) {
        try (InputStream in = Objects.requireNonNull(GoldenJobs.class.getResourceAsStream(name))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The lines of a text that are not in another, and those that are only there, at most so many of each. */
    static List<String> differences(String before, String now, int most) {
        List<String> old = before.lines().toList();
        List<String> lines = new ArrayList<>(now.lines().toList());
        List<String> told = new ArrayList<>();
        List<String> gone = new ArrayList<>(old);
        for (String line : lines) {
            if (!gone.remove(line)) {
                told.add("  now  " + line);
            }
        }
        List<String> all = new ArrayList<>(gone.stream().limit(most).map(line -> "  was  " + line).toList());
        all.addAll(told.subList(0, Math.min(most, told.size())));
        return all.isEmpty() ? List.of("  the same lines in another order") : all;
    }
}
