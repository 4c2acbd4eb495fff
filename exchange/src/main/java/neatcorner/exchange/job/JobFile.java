package neatcorner.exchange.job;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.json.Foreign;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.job.Job;

/**
 * A job as a file holds it.
 *
 * @param foreign what else was in the file; it is written back as it was
 */
public record JobFile(Job job, Foreign foreign) {
    /** A larger file is not a job. */
    public static final int LARGEST = 4_000_000;

    public static JobFile of(Job job) {
        return new JobFile(job, Foreign.NONE);
    }

    public JobFile withJob(Job newJob) {
        return new JobFile(newJob, foreign);
    }

    /** Throws {@link BadFile} when the text is not a job of version 1. */
    public static JobFile read(String text) throws BadFile {
        Node root = Node.root(JsonText.read(text));
        Job job = JobReader.read(root);
        return new JobFile(job, root.foreign(text));
    }

    /** Throws {@link BadFile} when the file does not hold a job, {@link IOException} when it cannot be read at all. */
    public static JobFile read(Path file) throws BadFile, IOException {
        return read(WholeFile.text(WholeFile.read(file, LARGEST, "a job")));
    }

    /** The text of the file: known fields as the job has them now, unknown ones as they were. */
    public String text() {
        return JsonText.write(foreign.into(JobWriter.write(job)));
    }

    /** The file's bytes: {@link #text} in UTF-8. */
    public byte[] bytes() {
        return text().getBytes(StandardCharsets.UTF_8);
    }

    /**
     * Writes the file whole or not at all: to a neighbour first, which then takes its place.
     * Throws {@link IOException} when the folder cannot be written or the disk is full; the old file is then untouched.
     */
    public void write(Path file) throws IOException {
        WholeFile.write(file, bytes());
    }
}
