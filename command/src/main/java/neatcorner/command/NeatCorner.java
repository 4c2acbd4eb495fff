package neatcorner.command;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import neatcorner.desktop.Desktop;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** Where the program starts. Without a subcommand it opens the window, straight away. */
@Command(name = "neat-corner", description = "Plans wooden frames, from the picture to the cut sticks.", subcommands = {
    PlanCommand.class, NestCommand.class, DayCommand.class})
public final class NeatCorner implements Runnable {
    /** All is well. */
    static final int FINE = 0;
    /** The answer was given, but the job cannot be made like this. */
    static final int CANNOT_BE_MADE = 1;
    /** Nothing could be answered: a file, an option or a folder is at fault. */
    static final int BAD_INPUT = 2;

    /**
     * Runs the command. The window is opened by no arguments, by {@code demo}, by {@code shots DIR}, or by naming job
     * files alone; all else goes to the subcommands.
     */
    public static void main(String[] args) {
        List<String> words = Arrays.asList(args);
        if (words.isEmpty() || words.getFirst().equals("demo")) {
            Desktop.open(Desktop.Opening.demo());
        } else if (words.getFirst().equals("shots") && words.size() == 2) {
            Desktop.open(Desktop.Opening.shots(Path.of(words.get(1))));
        } else if (words.stream().allMatch(word -> word.endsWith(".json"))) {
            Desktop.open(Desktop.Opening.of(words.stream().map(Path::of).toList()));
        } else {
            System.exit(guarded(args));
        }
    }

    /** As {@link #run}; a fault of the program or of the machine is one line too. */
    private static int guarded(String... args) {
        try {
            return run(args);
        } catch (OutOfMemoryError | StackOverflowError e) {
            complain("There is not enough memory for this (" + e.getClass().getSimpleName() + ").");
        } catch (LinkageError e) {
            complain("The program is not whole; build it again (" + e + ").");
        }
        return BAD_INPUT;
    }

    /** Runs a subcommand; returns the exit code. */
    static int run(String... args) {
        return new CommandLine(new NeatCorner()).setParameterExceptionHandler((e, unused) -> {
            complain(String.valueOf(e.getMessage()));
            return BAD_INPUT;
        }).setExecutionExceptionHandler((e, unused, alsoUnused) -> {
            complain("This should not have happened: " + e + ". Nothing was written.");
            return BAD_INPUT;
        }).execute(args);
    }

    static void complain(String line) {
        System.err.println("neat-corner: " + line.lines().findFirst().orElse(""));
    }

    @Override
    public void run() {
        CommandLine.usage(this, System.out);
    }
}
