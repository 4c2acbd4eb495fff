package neatcorner.desktop.control;

import java.util.function.Consumer;
import java.util.function.Function;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.LengthText;
import neatcorner.measure.Notation;
import neatcorner.plan.Edit;
import neatcorner.plan.Field;
import org.jspecify.annotations.Nullable;

/** How a text that is being typed is understood, and what happens when it is taken. */
@FunctionalInterface
public interface Typing {

    /** What became of a text. */
    public sealed interface Typed {}

    /** Understood: what it means, to be shown, and taking it. */
    public record Understood(String echo, Runnable take) implements Typed {}

    /** Not understood: one line that says where and what was expected. */
    public record NotUnderstood(String message) implements Typed {}

    Typed read(String text);

    static Typing length(Notation notation, LengthRange range, Consumer<Length> taken) {
        return text -> switch (LengthText.read(text, notation.units())) {
            case LengthText.Understood read -> range.contains(read.length())
                    ? new Understood("= " + notation.text(read.length()), () -> taken.accept(read.length()))
                    : new NotUnderstood(ControlTexts.EXPECTED.formatted(range.text(notation)));
            case LengthText.NotUnderstood not -> new NotUnderstood(not.message(text));
        };
    }

    /**
     * A length of a field.
     *
     * @param refusal why an edit cannot be kept, null when it can: said while one types, beside the number
     */
    static Typing field(Notation notation, Field field, Function<Edit, @Nullable String> refusal,
            Consumer<Length> taken) {
        Typing length = length(notation, field.range(), taken);
        return text -> {
            Typed typed = length.read(text);
            String why = typed instanceof Understood
                    && LengthText.read(text, notation.units()) instanceof LengthText.Understood read
                            ? refusal.apply(field.edit(read.length()))
                            : null;
            return why == null ? typed : new NotUnderstood(ControlTexts.CANNOT_BE_KEPT.formatted(why));
        };
    }

    /** Degrees, with or without a sign for them, within a range. */
    static Typing angle(Notation notation, double least, double most, Consumer<Angle> taken) {
        return text -> {
            String plain = text.replace("°", "").replace(',', '.').strip();
            if (!plain.matches("[-+]?(\\d+\\.?\\d*|\\.\\d+)")) {
                return new NotUnderstood(ControlTexts.EXPECTED_DEGREES.formatted(text.strip()));
            }
            Angle angle = Angle.ofDegrees(Double.parseDouble(plain));
            if (angle.degrees() < least || angle.degrees() > most) {
                return new NotUnderstood(ControlTexts.EXPECTED_BETWEEN.formatted(notation.text(Angle.ofDegrees(least)),
                        notation.text(Angle.ofDegrees(most))));
            }
            return new Understood("= " + notation.text(angle), () -> taken.accept(angle));
        };
    }
}
