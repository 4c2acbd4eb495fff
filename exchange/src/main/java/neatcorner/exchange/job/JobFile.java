package neatcorner.exchange.job;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.PlainText;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.form.KnownNames;
import neatcorner.exchange.json.Foreign;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.job.Job;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/**
 * A job as a file holds it.
 *
 * @param madeIn  the shop in which it was planned
 * @param foreign what else was in the file; it is written back as it was
 */
public record JobFile(Job job, KnownShop madeIn, Foreign foreign) {
    /** A larger file is not a job. */
    public static final int LARGEST = 4_000_000;
    private static final Logger LOG = Logger.getLogger(JobFile.class.getName());

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
        JobForm.Planned read = planned(root);
        return new JobFile(read.job(), read.shop(), root.foreign(text));
    }

    /**
     * A job of which a file holds values beyond their limits, as versions of this program could write them.
     *
     * @param file  with the nearest values that a job can have
     * @param mends what was beyond its limits, each in a line that says where it stands and what was expected
     */
    public record Mended(JobFile file, List<String> mends) {}

    /** As {@link #read(String)}, but values beyond their limits are taken as the nearest within. */
    public static Mended mended(String text) throws BadFile {
        List<String> mends = new ArrayList<>();
        Node root = Node.mended(JsonText.read(text), mends);
        JobForm.Planned read = planned(root);
        return new Mended(new JobFile(read.job(), read.shop(), root.foreign(text)), List.copyOf(mends));
    }

    /** As {@link #mended(String)}, from a file; throws as {@link #read(Path)} does. */
    public static Mended mended(Path file) throws BadFile, IOException {
        return mended(WholeFile.text(WholeFile.read(file, LARGEST, "a job")));
    }

    private static JobForm.Planned planned(Node root) throws BadFile {
        Forms.format(JobForm.FORMAT).read(root.required("format"), Units.MILLIMETRES);
        Units units = units(root);
        return JobForm.JOB.read(root.withUsual(FirstDefaults.job(units).json()), units);
    }

    private static Units units(Node root) throws BadFile {
        Optional<Node> units = root.optional("units");
        return units.isEmpty() ? Units.MILLIMETRES : JobForm.UNITS.read(units.get(), Units.MILLIMETRES);
    }

    /** Throws {@link BadFile} when the file does not hold a job, {@link IOException} when it cannot be read at all. */
    public static JobFile read(Path file) throws BadFile, IOException {
        return read(WholeFile.text(WholeFile.read(file, LARGEST, "a job")));
    }

    /** Why its file could not be read again: what the reader would say of it, in one line. Null when it can be. */
    public @Nullable String refusal() {
        return refusal(() -> planned(Node.root(json())));
    }

    /** As {@link #refusal()}, of a job that came from one that can be read: a shop that is still the same is not looked at. */
    public @Nullable String refusal(JobFile before) {
        if (!madeIn.equals(before.madeIn)) {
            return refusal();
        }
        return job.equals(before.job)
                ? null
                : refusal(() -> JobForm.ALONE.read(
                        Node.root(JobForm.ALONE.write(job, job.units()))
                                .withUsual(FirstDefaults.job(job.units()).json()),
                        job.units()));
    }

    @FunctionalInterface
    private interface Reading {
        Object read() throws BadFile;
    }

    private static @Nullable String refusal(Reading reading) {
        try {
            reading.read();
            return null;
        } catch (BadFile e) {
            return e.getMessage();
        } catch (ArithmeticException | IllegalArgumentException | IllegalStateException e) {
            LOG.log(Level.INFO, "a job that no file can hold", e);
            return e.getCause() instanceof BadFile bad ? bad.getMessage() : "expected sizes that a file can hold";
        }
    }

    /**
     * What its file says that this program has no ear for, one line each, with the name that may have been meant. It is kept
     * as it is, and nothing follows from it.
     */
    public List<String> unknown() {
        List<Foreign.Name> names = foreign.names();
        if (names.isEmpty()) {
            return List.of();
        }
        KnownNames known = KnownNames.of(JobForm.JOB);
        return names.stream().map(name -> PlainText.line(name.path())
                + known.nearest(name.path(), name.whole()).map(meant -> " (" + meant + "?)").orElse("")).toList();
    }

    /** The text of the file: known fields as the job has them now, every one of them, and unknown ones as they were. */
    public String text() {
        return JsonText.write(foreign.into(json()));
    }

    private Json json() {
        return JobForm.JOB.write(new JobForm.Planned(job, madeIn), job.units());
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
