package neatcorner.desktop.control;

import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import java.util.regex.Pattern;
import javafx.application.Platform;
import javafx.scene.control.Spinner;
import javafx.util.StringConverter;

/**
 * Reads what is typed into a spinner, in place of what stands there. What is no number in its range is not taken: the old one comes back, and one line
 * says what was expected.
 */
public final class TypedNumber<T extends Number> extends StringConverter<T> {
    private static final Pattern WHOLE = Pattern.compile("-?\\d{1,9}");
    private static final Pattern DECIMAL = Pattern.compile("-?\\d{1,9}(\\.\\d{0,9})?");

    private final Spinner<T> spinner;
    private final Pattern form;
    private final DoubleFunction<T> number;
    private final double least;
    private final double most;
    private final String expected;
    private final Consumer<String> say;

    private TypedNumber(Spinner<T> spinner, Pattern form, DoubleFunction<T> number, double least, double most,
            String expected, Consumer<String> say) {
        this.spinner = spinner;
        this.form = form;
        this.number = number;
        this.least = least;
        this.most = most;
        this.expected = expected;
        this.say = say;
    }

    /** A spinner for a count, into which one can type. */
    public static Spinner<Integer> count(String id, String what, int least, int most, Consumer<String> say) {
        Spinner<Integer> spinner = new Spinner<>(least, most, least);
        return typed(spinner, id, new TypedNumber<>(spinner, WHOLE, value -> (int) value, least, most,
                ControlTexts.EXPECTED_WHOLE.formatted(what, least, most), say));
    }

    /** A spinner for a number with decimals, into which one can type. */
    public static Spinner<Double> decimal(String id, String what, double least, double most, double step,
            Consumer<String> say) {
        Spinner<Double> spinner = new Spinner<>(least, most, least, step);
        return typed(spinner, id, new TypedNumber<>(spinner, DECIMAL, value -> value, least, most,
                ControlTexts.EXPECTED_NUMBER.formatted(what, plain(least), plain(most)), say));
    }

    private static <T extends Number> Spinner<T> typed(Spinner<T> spinner, String id, TypedNumber<T> converter) {
        spinner.getValueFactory().setConverter(converter);
        spinner.setEditable(true);
        spinner.setPrefWidth(84);
        spinner.setId(id);
        spinner.focusedProperty().subscribe(focused -> {
            if (focused) {
                // After the press that brought the keys here has put the caret somewhere.
                Platform.runLater(spinner.getEditor()::selectAll);
            }
        });
        return spinner;
    }

    @Override
    public String toString(T value) {
        return plain(value.doubleValue());
    }

    @Override
    public T fromString(String text) {
        String typed = text.strip().replace(',', '.').replace('−', '-');
        if (form.matcher(typed).matches()) {
            double value = Double.parseDouble(typed);
            if (value >= least && value <= most) {
                return number.apply(value);
            }
        }
        say.accept(ControlTexts.NOT_THIS.formatted(expected, text.strip()));
        spinner.getEditor().setText(toString(spinner.getValue()));
        return spinner.getValue();
    }

    private static String plain(double value) {
        return new DecimalFormat("#.##", DecimalFormatSymbols.getInstance(Locale.ROOT)).format(value);
    }
}
