package neatcorner.desktop;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Properties;
import java.util.function.Function;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.exchange.JobFile;
import neatcorner.exchange.PaperSize;
import neatcorner.measure.Notation;
import neatcorner.measure.ReadingStep;
import neatcorner.measure.Spelling;
import neatcorner.measure.Units;

/** What the shop likes, remembered from one start to the next. A file that cannot be read or written costs nothing but that. */
public final class Settings {
    private static final Logger LOG = Logger.getLogger(Settings.class.getName());

    private final Path file;
    private final Properties values = new Properties();

    private Settings(Path file) {
        this.file = file;
    }

    static Settings load(Home home) {
        Settings settings = new Settings(home.config().resolve("settings.properties"));
        try {
            if (Files.exists(settings.file)) {
                settings.values.load(new StringReader(Files.readString(settings.file)));
            }
        } catch (IOException | IllegalArgumentException e) {
            LOG.log(Level.WARNING, "settings not read", e);
        }
        return settings;
    }

    private void save() {
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            StringWriter text = new StringWriter();
            values.store(text, "Neat Corner");
            JobFile.writeWhole(file, text.toString().getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            LOG.log(Level.WARNING, "settings not kept", e);
        }
    }

    Units units() {
        return value("units", text -> Units.ofSymbol(text).orElseThrow()).orElse(Units.MILLIMETRES);
    }

    void setUnits(Units units) {
        set("units", units.symbol());
    }

    /** The finest step read in these units. */
    ReadingStep step(Units units) {
        return value("step." + units.symbol(), ReadingStep::valueOf).filter(step -> step.units() == units)
                .orElse(ReadingStep.usual(units));
    }

    void setStep(ReadingStep step) {
        set("step." + step.units().symbol(), step.name());
    }

    Spelling spelling() {
        return value("spelling", Spelling::valueOf).orElse(Spelling.US);
    }

    void setSpelling(Spelling spelling) {
        set("spelling", spelling.name());
    }

    Notation notation() {
        return new Notation(step(units()), spelling());
    }

    boolean isDark() {
        return value("dark", Boolean::parseBoolean).orElse(false);
    }

    void setDark(boolean dark) {
        set("dark", String.valueOf(dark));
    }

    /** Size of text and controls, in percent. */
    int textSize() {
        return value("text.size", Integer::parseInt).filter(size -> size >= 100 && size <= 200).orElse(100);
    }

    void setTextSize(int percent) {
        set("text.size", String.valueOf(percent));
    }

    PaperSize paper() {
        return value("paper", PaperSize::valueOf)
                .orElse(units() == Units.INCHES ? PaperSize.LETTER : PaperSize.A4);
    }

    void setPaper(PaperSize paper) {
        set("paper", paper.name());
    }

    double windowWidth() {
        return value("window.width", Double::parseDouble).filter(width -> width >= 640 && width <= 10_000)
                .orElse(1280.0);
    }

    double windowHeight() {
        return value("window.height", Double::parseDouble).filter(height -> height >= 480 && height <= 10_000)
                .orElse(800.0);
    }

    void setWindow(double width, double height) {
        set("window.width", String.valueOf(width));
        set("window.height", String.valueOf(height));
    }

    /** The job that was on the bench. */
    Optional<Path> lastJob() {
        return value("last.job", Path::of);
    }

    void setLastJob(Path job) {
        set("last.job", job.toString());
    }

    private void set(String key, String text) {
        if (!text.equals(values.setProperty(key, text))) {
            save();
        }
    }

    private <T> Optional<T> value(String key, Function<String, T> read) {
        String text = values.getProperty(key);
        if (text == null) {
            return Optional.empty();
        }
        try {
            return Optional.of(read.apply(text.strip()));
        } catch (RuntimeException e) {
            LOG.log(Level.WARNING, e, () -> "setting " + key + " not understood");
            return Optional.empty();
        }
    }
}
