package neatcorner.desktop.desk;

import java.nio.file.Path;
import java.util.function.UnaryOperator;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/**
 * Where the program keeps things on this computer (XDG base directories).
 *
 * @param data   jobs, papers and the log
 * @param config settings
 */
public record Home(Path data, Path config) {

    /** From the environment of the process. */
    public static Home ofUser() {
        return of(name -> System.getenv(name), Path.of(System.getProperty("user.home", ".")));
    }

    static Home of(UnaryOperator<String> environment, Path userHome) {
        return new Home(folder(environment.apply("XDG_DATA_HOME"), userHome.resolve(".local/share")),
                folder(environment.apply("XDG_CONFIG_HOME"), userHome.resolve(".config")));
    }

    private static Path folder(@Nullable String named, Path otherwise) {
        Path base = named == null || named.isBlank() || !Path.of(named).isAbsolute() ? otherwise : Path.of(named);
        return base.resolve("neat-corner");
    }

    /** The maker's own jobs. */
    public Path jobs() {
        return data.resolve("jobs");
    }

    /** The jobs of the demo shop that works in these units. */
    public Path demo(Units units) {
        return data.resolve(units == Units.INCHES ? "demo-inches" : "demo");
    }

    /** Papers that were printed. */
    public Path paper() {
        return data.resolve("paper");
    }

    /** The shop's saws. */
    public Path saws() {
        return data.resolve("saws.json");
    }

    Path shop() {
        return data.resolve("shop.json");
    }

    /** Waits that are watched. */
    public Path timers() {
        return data.resolve("timers.json");
    }

    Path day() {
        return data.resolve("day.json");
    }

    /** The shop's shelf of offcuts. */
    Path shelf() {
        return offcuts().resolve("shelf.json");
    }

    /** Where the shelf lies, and earlier versions kept a list for each section. */
    public Path offcuts() {
        return data.resolve("offcuts");
    }

    /** What went wrong, and what was cut. */
    public Path log() {
        return data.resolve("log");
    }
}
