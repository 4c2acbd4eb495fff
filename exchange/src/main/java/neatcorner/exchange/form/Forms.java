package neatcorner.exchange.form;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.PlainText;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.Node;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.LengthText;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/** The forms of single values, and of lists. */
public final class Forms {
    /** Characters of a name or a title: a line on the screen and on paper. */
    public static final int MOST_CHARACTERS = 200;
    /** Characters of a note: half a page. */
    private static final int MOST_OF_A_NOTE = 2000;

    /** A name, a title: a line that is read at a glance. */
    public static final Form<String> TEXT = text(MOST_CHARACTERS);
    /** What is written down at length, and where a file lies. */
    public static final Form<String> NOTE = text(MOST_OF_A_NOTE);
    /** True or false. */
    public static final Form<Boolean> FLAG = new Single<>(() -> "true or false", in -> type("boolean"), false,
            (node, in) -> node.bool(), (flag, in) -> Json.of(flag));
    /** A day, as 2026-03-14. */
    public static final Form<LocalDate> DAY = read("a day such as 2026-03-14", "^[0-9]{4}-[0-9]{2}-[0-9]{2}$",
            LocalDate.EPOCH, LocalDate::parse);

    private static final int CLIPPED = 40;
    private static final long TEN_THOUSANDTHS = 10_000;

    private Forms() {}

    /** Whether both are of one name, and the first has the higher number. */
    private static boolean isNewer(String found, String format) {
        int number = format.lastIndexOf('/') + 1;
        return found.startsWith(format.substring(0, number)) && found.substring(number).matches("[0-9]{1,9}")
                && Integer.parseInt(found.substring(number)) > Integer.parseInt(format.substring(number));
    }

    private static Form<String> text(int most) {
        return new Single<>(() -> "", in -> Json.object().with("type", "string").with("maxLength", Json.of(most)).end(),
                "",
                (node, in) -> {
                    String text = node.text();
                    String within = PlainText.within(text, most);
                    return within.equals(text) ? text : node.beyond("at most " + most + " characters", within);
                }, (text, in) -> Json.of(text));
    }

    /** A time of day, as 08:30; the sample is one. */
    public static Form<LocalTime> time(LocalTime sample) {
        return read("a time of day, as 08:30", "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9](\\.[0-9]{1,9})?)?$", sample,
                LocalTime::parse);
    }

    /** What a file says of its own format: this, and nothing else. */
    public static Form<String> format(String format) {
        return new Single<>(() -> "`" + format + "`", in -> Json.object().with("const", format).end(), format,
                (node, in) -> {
                    String found = node.text();
                    if (!found.equals(format)) {
                        throw node.expected("“" + format + "”"
                                + (isNewer(found, format) ? ": a newer version of this program wrote this file" : ""));
                    }
                    return format;
                }, (text, in) -> Json.of(format));
    }

    /** One of a few whole numbers; {@code what} is said when it is none of them. */
    public static Form<Integer> number(List<Integer> numbers, String what) {
        return new Single<>(() -> String.join(", ", numbers.stream().map(String::valueOf).toList()), in -> Json.object()
                .with("enum", Json.of(numbers.stream().map(Json::of).toList())).end(), numbers.getFirst(),
                (node, in) -> {
                    double number = node.number(-Double.MAX_VALUE, Double.MAX_VALUE, what);
                    return numbers.stream().filter(each -> each == number).findFirst()
                            .orElseThrow(() -> node.expected(what));
                }, (number, in) -> Json.of(number));
    }

    private record Single<T>(Supplier<String> words, Function<Units, Json.Obj> schema, T sample, Reader<T> reader,
            Writer<T> writer) implements Form<T> {
        private interface Reader<T> {
            T read(Node node, Units units) throws BadFile;
        }

        private interface Writer<T> {
            Json write(T value, Units units);
        }

        @Override
        public T read(Node node, Units units) throws BadFile {
            return reader.read(node, units);
        }

        @Override
        public Json write(T value, Units units) {
            return writer.write(value, units);
        }

        @Override
        public Description description() {
            return new Description.Value(words.get(), schema);
        }
    }

    private static Json.Obj type(String type) {
        return Json.object().with("type", type).end();
    }

    private static <T> Form<T> read(String what, String pattern, T sample, Function<String, T> parse) {
        return new Single<>(() -> what, in -> Json.object().with("type", "string").with("pattern", pattern).end(),
                sample,
                (node, in) -> {
                    try {
                        return parse.apply(node.text());
                    } catch (DateTimeException e) {
                        throw node.expected(what);
                    }
                }, (value, in) -> Json.of(String.valueOf(value)));
    }

    /** A text that matches a pattern, and is something only then. */
    public static <T> Form<T> matching(String what, String pattern, T sample, Function<String, Optional<T>> read) {
        return new Single<>(() -> what, in -> Json.object().with("type", "string").with("pattern", pattern).end(),
                sample, (node, in) -> {
                    String text = node.text();
                    if (!text.matches(pattern)) {
                        throw node.expected(what);
                    }
                    return read.apply(text).orElseThrow(() -> node.expected(what));
                }, (value, in) -> Json.of(String.valueOf(value)));
    }

    /** A text as it is. */
    public static Optional<String> itself(String text) {
        return Optional.of(text);
    }

    /** A whole number within bounds. */
    public static Form<Integer> whole(int least, int most) {
        return new Single<>(() -> least + " … " + most, in -> Json.object().with("type", "integer")
                .with("minimum", Json.of(least)).with("maximum", Json.of(most)).end(), least,
                (node, in) -> node.whole(least, most), (number, in) -> Json.of(number));
    }

    /** A number within bounds; {@code what} is said when it is not one. */
    public static Form<Double> number(double least, double most, String what) {
        return new Single<>(() -> plain(least) + " … " + plain(most), in -> Json.object().with("type", "number")
                .with("minimum", Json.of(least, 4)).with("maximum", Json.of(most, 4)).end(), least,
                (node, in) -> node.number(least, most, what), (number, in) -> Json.of(BigDecimal.valueOf(number)));
    }

    private static String plain(double number) {
        return Json.of(number, 4).digits().replace('-', '−');
    }

    /** An angle in degrees, within bounds. */
    public static Form<Angle> angle(double least, double most, String what) {
        return number(least, most, what).as((degrees, at) -> Angle.ofDegrees(degrees), Angle::degrees,
                Angle.ofDegrees(least));
    }

    /** A length within a range: a number in the file's units, or a text with its own. */
    public static Form<Length> length(LengthRange range) {
        return new Single<>(() -> lengthWords(range), in -> Schemas.reference(Schemas.lengthName(range, in)),
                range.most(),
                (node, in) -> lengthIn(node, range, in), Forms::writeLength);
    }

    private static String lengthWords(LengthRange range) {
        String mm = range.text(Notation.of(Units.MILLIMETRES));
        String in = range.text(Notation.of(Units.INCHES));
        return mm.substring("a length from ".length(), mm.indexOf(',')).replace(" to ", " … ") + ", "
                + in.substring("a length from ".length(), in.indexOf(',')).replace(" to ", " … ");
    }

    private static Length lengthIn(Node node, LengthRange range, Units units) throws BadFile {
        Length length = lengthIn(node, units);
        return range.contains(length) ? length : node.beyond(range.text(Notation.of(units)), range.nearest(length));
    }

    private static Length lengthIn(Node node, Units units) throws BadFile {
        switch (node.json()) {
            case Json.Num number -> {
                double most = units == Units.MILLIMETRES ? LengthText.LONGEST.toMm() : LengthText.LONGEST.toInches();
                return units.of(node.number(-most, most, "a length under 1 km"));
            }
            case Json.Str string -> {
                return switch (LengthText.read(string.text(), units)) {
                    case LengthText.Understood understood -> understood.length();
                    case LengthText.NotUnderstood not -> throw node.expected("a length; in “" + clipped(string.text())
                            + "”, character " + (not.at() + 1) + ", " + not.expected());
                };
            }
            case Json.Obj _,Json.Arr _,Json.Bool _,Json.Null _,Json.Foreign _ ->
                throw node.expected("a length: a number, or a text such as \"15 1/2 in\"");
        }
    }

    private static String clipped(String text) {
        return text.length() > CLIPPED ? text.substring(0, CLIPPED) + "…" : text;
    }

    /** A number in the file's units where that is exact in four decimals; else a text that is, in millimetres. */
    private static Json writeLength(Length length, Units units) {
        long per = units == Units.MILLIMETRES ? Length.PER_MM : Length.PER_INCH;
        boolean small = Math.abs(length.units()) < Long.MAX_VALUE / TEN_THOUSANDTHS;
        if (small && length.units() * TEN_THOUSANDTHS % per == 0) {
            return Json.of(BigDecimal.valueOf(length.units() * TEN_THOUSANDTHS / per, 4));
        }
        BigDecimal exact = BigDecimal.valueOf(length.units()).divide(BigDecimal.valueOf(Length.PER_MM));
        return Json.of(exact.stripTrailingZeros().toPlainString() + " mm");
    }

    /** One of a few words, each for a value. */
    private static <T> Form<T> word(Map<String, T> words, @Nullable String what) {
        return new Single<>(() -> "`" + String.join("`, `", words.keySet()) + "`", in -> Json.object()
                .with("enum", Json.of(words.keySet().stream().map(Json::of).toList())).end(),
                words.values().iterator().next(), (node, in) -> node.oneOf(words, what),
                (value, in) -> Json.of(words.entrySet().stream().filter(each -> each.getValue().equals(value))
                        .findFirst().orElseThrow().getKey()));
    }

    /** One of several values, by what each is called. */
    public static <T> Form<T> named(Iterable<T> values, Function<T, String> name) {
        return named(values, name, null);
    }

    /** The same; {@code what} is said when it is none of them. */
    public static <T> Form<T> named(Iterable<T> values, Function<T, String> name, @Nullable String what) {
        Map<String, T> words = new LinkedHashMap<>();
        values.forEach(value -> words.put(name.apply(value), value));
        return word(words, what);
    }

    /** One of an enum's constants, called as they are in lower case with spaces. */
    public static <E extends Enum<E>> Form<E> named(Class<E> type) {
        return word(constants(type), null);
    }

    /** One of an enum's constants; {@code what} is said when it is none of them. */
    public static <E extends Enum<E>> Form<E> named(Class<E> type, String what) {
        return word(constants(type), what);
    }

    private static <E extends Enum<E>> Map<String, E> constants(Class<E> type) {
        Map<String, E> words = new LinkedHashMap<>();
        for (E each : type.getEnumConstants()) {
            words.put(each.name().toLowerCase(Locale.ROOT).replace('_', ' '), each);
        }
        return words;
    }

    /** A list of at most so many. */
    public static <T> Form<List<T>> list(Form<T> form, int most) {
        return list(form, 0, most, "at most " + most + " in this list");
    }

    /** A list of exactly so many; {@code what} is said when it has another number. */
    public static <T> Form<List<T>> exactly(int count, Form<T> form, String what) {
        return list(form, count, count, what);
    }

    /** A list of some number; {@code what} is said when it has another. */
    public static <T> Form<List<T>> list(Form<T> form, int least, int most, String what) {
        return new Form<>() {
            @Override
            public List<T> read(Node node, Units units) throws BadFile {
                List<Node> items = node.items();
                if (items.size() < least) {
                    throw node.expected(what);
                }
                if (items.size() > most) {
                    items = node.beyond(what, items.subList(0, most));
                }
                List<T> all = new ArrayList<>();
                for (Node item : items) {
                    all.add(form.read(item, units));
                }
                return List.copyOf(all);
            }

            @Override
            public Json write(List<T> values, Units units) {
                return Json.of(values.stream().map(value -> form.write(value, units)).toList());
            }

            @Override
            public Description description() {
                return new Description.Many(form.description(), least, most);
            }

            @Override
            public List<T> sample() {
                return Collections.nCopies(least, form.sample());
            }
        };
    }
}
