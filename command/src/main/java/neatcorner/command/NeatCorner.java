package neatcorner.command;

import java.io.BufferedOutputStream;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystemException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import neatcorner.desktop.app.Desktop;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.PlainText;
import neatcorner.exchange.job.JobFile;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine;

/** Where the program starts. Without a subcommand it opens the window, straight away. */
@Command(name = "neat-corner", mixinStandardHelpOptions = true, version = "neat-corner 0.1.0", description = "Plans wooden frames, from the picture to the cut sticks.", subcommands = {
    PlanCommand.class, NestCommand.class, DayCommand.class})
public final class NeatCorner implements Runnable {
    /** All is well. */
    static final int FINE = 0;
    /** The answer was given, but the job cannot be made like this. */
    static final int CANNOT_BE_MADE = 1;
    /** Nothing could be answered: a file, an option or a folder is at fault. */
    static final int BAD_INPUT = 2;
    private static final int LONGEST_LINE = 300;
    private static final int EARLIEST = 1900;
    private static final int LATEST = 2999;

    /**
     * Runs the command. The window is opened by no arguments, by {@code demo}, by {@code shots DIR}, or by naming job
     * files alone; all else goes to the subcommands.
     */
    public static void main(String[] args) {
        List<String> words = Arrays.asList(args);
        boolean window = words.isEmpty() || words.getFirst().equals("demo")
                || (words.getFirst().equals("shots") && words.size() == 2)
                || words.stream().allMatch(word -> word.endsWith(".json"));
        int code = window ? window(words) : guarded(args);
        if (code != FINE || !window) {
            System.exit(code);
        }
    }

    /** Opens the window and returns when it is closed; what keeps it from opening is one line. */
    private static int window(List<String> words) {
        try {
            if (words.isEmpty() || words.getFirst().equals("demo")) {
                Desktop.open(Desktop.Opening.demo());
            } else if (words.getFirst().equals("shots")) {
                Desktop.open(Desktop.Opening.shots(Path.of(words.get(1))));
            } else {
                Desktop.open(Desktop.Opening.of(words.stream().map(Path::of).toList()));
            }
            return FINE;
        } catch (InvalidPathException e) {
            complain(noName(e));
        } catch (UnsupportedOperationException e) {
            complain("There is no display to open a window on; plan, nest and day work without one.");
        } catch (RuntimeException e) {
            complain("The window could not be opened: " + e);
        }
        return BAD_INPUT;
    }

    private static Path path(String text) {
        if (text.isBlank()) {
            throw new CommandLine.TypeConversionException("expected the name of a file or a folder, found nothing");
        }
        try {
            return Path.of(text);
        } catch (InvalidPathException e) {
            throw new CommandLine.TypeConversionException(noName(e));
        }
    }

    /** A day and a time that a shop can plan for. */
    private static LocalDateTime moment(String text) {
        LocalDateTime moment = parsed(text);
        if (moment == null || moment.getYear() < EARLIEST || moment.getYear() > LATEST) {
            throw new CommandLine.TypeConversionException("expected a day and a time of the years " + EARLIEST + " to "
                    + LATEST + ", as 2026-03-02T08:00, found “" + text + "”");
        }
        return moment;
    }

    private static @Nullable LocalDateTime parsed(String text) {
        try {
            return LocalDateTime.parse(text);
        } catch (DateTimeParseException e) {
            return null;
        }
    }

    private static String noName(InvalidPathException e) {
        return "“" + e.getInput() + "” cannot be the name of a file in this language setting; try LC_ALL=C.UTF-8";
    }

    /** As {@link #run}; a fault of the program or of the machine is one line too. */
    private static int guarded(String... args) {
        System.setOut(new PrintStream(new BufferedOutputStream(new FileOutputStream(FileDescriptor.out)), false,
                StandardCharsets.UTF_8));
        try {
            return run(args);
        } catch (OutOfMemoryError | StackOverflowError e) {
            complain("There is not enough memory for this (" + e.getClass().getSimpleName() + ").");
        } catch (LinkageError e) {
            complain("The program is not whole; build it again (" + e + ").");
        }
        return BAD_INPUT;
    }

    /** Runs a subcommand; returns the exit code. What cannot be printed is no answer. */
    static int run(String... args) {
        int code = execute(args);
        if (System.out.checkError()) {
            complain("The answer could not be written to standard output.");
            return BAD_INPUT;
        }
        return code;
    }

    private static int execute(String... args) {
        return new CommandLine(new NeatCorner()).registerConverter(Path.class, NeatCorner::path)
                .registerConverter(LocalDateTime.class, NeatCorner::moment)
                .setParameterExceptionHandler((e, unused) -> {
                    complain(String.valueOf(e.getMessage()));
                    return BAD_INPUT;
                }).setExecutionExceptionHandler((e, unused, alsoUnused) -> {
                    complain(e instanceof InvalidPathException path
                            ? noName(path)
                            : "This should not have happened: " + e + ". Nothing was written.");
                    return BAD_INPUT;
                }).execute(args);
    }

    /** The file that a fault is about. */
    static String which(IOException e, Path otherwise) {
        return e instanceof FileSystemException fault && fault.getFile() != null
                ? String.valueOf(fault.getFile())
                : otherwise.toString();
    }

    /** Reads a job, and says what it holds that counts for nothing. */
    static JobFile read(Path file) throws BadFile, IOException {
        JobFile read = JobFile.read(file);
        List<String> unknown = read.unknown();
        if (!unknown.isEmpty()) {
            complain(file + ": not known, so it counts for nothing: " + String.join(", ", unknown));
        }
        return read;
    }

    static void complain(String line) {
        String said = "neat-corner: "
                + PlainText.line(line.lines().map(String::strip).collect(Collectors.joining(" ")));
        System.err.println(PlainText.clipped(said, LONGEST_LINE));
    }

    @Override
    public void run() {
        CommandLine.usage(this, System.out);
    }
}
