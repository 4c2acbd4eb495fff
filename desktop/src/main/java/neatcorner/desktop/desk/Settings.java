package neatcorner.desktop.desk;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.desktop.document.DocumentStore;
import neatcorner.desktop.document.SharedFile;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.measure.Notation;
import neatcorner.measure.ReadingStep;
import neatcorner.measure.Spelling;
import neatcorner.measure.Units;

/** What the shop likes, remembered from one start to the next. */
public final class Settings {
    /** Countries by their codes. Common practice. */
    private static final Set<String> IN_INCHES = Set.of("US", "LR");
    private static final Logger LOG = Logger.getLogger(Settings.class.getName());

    private final SharedFile<Map<String, String>> file;

    /** {@code say} hears when a file is set aside or cannot be written. */
    public Settings(DocumentStore store, Home home, Consumer<String> say) {
        file = new SharedFile<>(store, home.config().resolve("settings.properties"), new Lines(), Map.of(), say);
        file.lookNow();
    }

    private static final class Lines implements SharedFile.Format<Map<String, String>> {
        @Override
        public Map<String, String> read(String text) throws BadFile {
            Properties values = new Properties();
            try {
                values.load(new StringReader(text));
            } catch (IOException | IllegalArgumentException e) {
                throw new BadFile(0, "", "settings, one a line");
            }
            Map<String, String> map = new TreeMap<>();
            values.stringPropertyNames().forEach(name -> map.put(name, values.getProperty(name)));
            return Map.copyOf(map);
        }

        @Override
        public String write(Map<String, String> settings) {
            Properties values = new Properties();
            values.putAll(settings);
            StringWriter text = new StringWriter();
            try {
                values.store(text, "Neat Corner");
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            return text.toString();
        }
    }

    /** The system that new jobs and the window are in. */
    public Units units() {
        return value("units", text -> Units.ofSymbol(text).orElseThrow()).orElseGet(() -> usual(Locale.getDefault()));
    }

    /** Where wood is sold in inches, a first start is in inches. */
    static Units usual(Locale here) {
        return IN_INCHES.contains(here.getCountry()) ? Units.INCHES : Units.MILLIMETRES;
    }

    /** Keeps the system. */
    public void setUnits(Units units) {
        set("units", units.symbol());
    }

    /** The finest step read in these units. */
    public ReadingStep step(Units units) {
        return value("step." + units.symbol(), ReadingStep::valueOf).filter(step -> step.units() == units)
                .orElse(ReadingStep.usual(units));
    }

    /** Keeps how finely lengths of its system are read. */
    public void setStep(ReadingStep step) {
        set("step." + step.units().symbol(), step.name());
    }

    /** US or UK words. */
    public Spelling spelling() {
        return value("spelling", Spelling::valueOf).orElse(Spelling.US);
    }

    /** Keeps the spelling. */
    public void setSpelling(Spelling spelling) {
        set("spelling", spelling.name());
    }

    /** Units, reading step and spelling together. */
    public Notation notation() {
        return new Notation(step(units()), spelling());
    }

    /** Whether the window is dark. */
    public boolean isDark() {
        return value("dark", Boolean::parseBoolean).orElse(false);
    }

    /** Keeps whether the window is dark. */
    public void setDark(boolean dark) {
        set("dark", String.valueOf(dark));
    }

    /** Size of text and controls, in percent. */
    public int textSize() {
        return value("text.size", Integer::parseInt).filter(size -> size >= 100 && size <= 200).orElse(100);
    }

    /** Keeps the size of texts, percent. */
    public void setTextSize(int percent) {
        set("text.size", String.valueOf(percent));
    }

    /** The size of paper; Letter in inches, else A4, until the maker says otherwise. */
    public PaperSize paper() {
        return value("paper", PaperSize::valueOf)
                .orElse(units() == Units.INCHES ? PaperSize.LETTER : PaperSize.A4);
    }

    /** Keeps the size of paper. */
    public void setPaper(PaperSize paper) {
        set("paper", paper.name());
    }

    /** Width that the window had, pixels. */
    public double windowWidth() {
        return value("window.width", Double::parseDouble).filter(width -> width >= 640 && width <= 10_000)
                .orElse(1280.0);
    }

    /** Height that the window had, pixels. */
    public double windowHeight() {
        return value("window.height", Double::parseDouble).filter(height -> height >= 480 && height <= 10_000)
                .orElse(800.0);
    }

    /** Keeps the window's size, pixels. */
    public void setWindow(double width, double height) {
        set("window.width", String.valueOf(width));
        set("window.height", String.valueOf(height));
    }

    /** The job that was on the bench. */
    public Optional<Path> lastJob() {
        return value("last.job", Path::of);
    }

    /** Keeps which job the next start opens. */
    public void setLastJob(Path job) {
        set("last.job", job.toString());
    }

    private void set(String key, String text) {
        if (!text.equals(file.now().get(key))) {
            file.change(settings -> {
                Map<String, String> changed = new TreeMap<>(settings);
                changed.put(key, text);
                return Map.copyOf(changed);
            });
        }
    }

    private <T> Optional<T> value(String key, Function<String, T> read) {
        String text = file.now().get(key);
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
