package neatcorner.exchange;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import neatcorner.exchange.json.Foreign;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.plan.Job;

/**
 * A job as a file holds it.
 *
 * @param foreign what else was in the file; it is written back as it was
 */
public record JobFile(Job job, Foreign foreign) {
    /** A larger file is not a job. */
    private static final long LARGEST = 4_000_000;

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
        if (Files.size(file) > LARGEST) {
            throw new BadFile(0, "",
                    "a job: this file is larger than any job, " + Files.size(file) / 1_000_000 + " MB");
        }
        byte[] bytes = Files.readAllBytes(file);
        try {
            String text = StandardCharsets.UTF_8.newDecoder().decode(java.nio.ByteBuffer.wrap(bytes)).toString();
            return read(text.startsWith("\uFEFF") ? text.substring(1) : text);
        } catch (CharacterCodingException e) {
            throw new BadFile(0, "", "text in UTF-8: this file holds something else");
        }
    }

    /** The text of the file: known fields as the job has them now, unknown ones as they were. */
    public String text() {
        return JsonText.write(foreign.into(JobWriter.write(job)));
    }

    /**
     * Writes the file whole or not at all: to a neighbour first, which then takes its place.
     * Throws {@link IOException} when the folder cannot be written or the disk is full; the old file is then untouched.
     */
    public void write(Path file) throws IOException {
        writeWhole(file, text().getBytes(StandardCharsets.UTF_8));
    }

    /** Writes any file whole or not at all; see {@link #write}. */
    public static void writeWhole(Path file, byte[] bytes) throws IOException {
        Path folder = file.toAbsolutePath().getParent();
        Path neighbour = Files.createTempFile(folder, "." + file.getFileName(), ".part");
        try {
            Files.write(neighbour, bytes, StandardOpenOption.TRUNCATE_EXISTING, StandardOpenOption.SYNC);
            Files.move(neighbour, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(neighbour);
        }
    }
}
