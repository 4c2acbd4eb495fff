package neatcorner.exchange.job;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.json.Foreign;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.job.Job;
import neatcorner.measure.Units;

/**
 * A job as a file holds it.
 *
 * @param madeIn  the shop in which it was planned
 * @param foreign what else was in the file; it is written back as it was
 */
public record JobFile(Job job, KnownShop madeIn, Foreign foreign) {
    /** A larger file is not a job. */
    public static final int LARGEST = 4_000_000;

    /** A job in a usual small shop. */
    public static JobFile of(Job job) {
        return new JobFile(job, KnownShop.usual(job.units()), Foreign.NONE);
    }

    /** With the job changed, and all else as it is. */
    public JobFile withJob(Job newJob) {
        return new JobFile(newJob, madeIn, foreign);
    }

    /** Planned in another shop. */
    public JobFile madeIn(KnownShop newShop) {
        return new JobFile(job, newShop, foreign);
    }

    /** Throws {@link BadFile} when the text is not a job of version 1. */
    public static JobFile read(String text) throws BadFile {
        Node root = Node.root(JsonText.read(text));
        Forms.format(JobForm.FORMAT).read(root.required("format"), Units.MILLIMETRES);
        Units units = units(root);
        JobForm.Planned read = JobForm.JOB.read(root.withUsual(FirstDefaults.job(units).json()), units);
        return new JobFile(read.job(), read.shop(), root.foreign(text));
    }

    private static Units units(Node root) throws BadFile {
        Optional<Node> units = root.optional("units");
        return units.isEmpty() ? Units.MILLIMETRES : JobForm.UNITS.read(units.get(), Units.MILLIMETRES);
    }

    /** Throws {@link BadFile} when the file does not hold a job, {@link IOException} when it cannot be read at all. */
    public static JobFile read(Path file) throws BadFile, IOException {
        return read(WholeFile.text(WholeFile.read(file, LARGEST, "a job")));
    }

    /** The text of the file: known fields as the job has them now, every one of them, and unknown ones as they were. */
    public String text() {
        return JsonText.write(foreign.into(JobForm.JOB.write(new JobForm.Planned(job, madeIn), job.units())));
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
