package neatcorner.exchange.json;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A JSON value. Objects keep the order of their fields; every value knows the place it was read from. */
public sealed interface Json {

    Place place();

    /** The line it was read from, counting from 1; 0 if it was made here. */
    default int line() {
        return place().line();
    }

    /**
     * Where a value stands in the text it was read from.
     *
     * @param line counting from 1; 0 for a value that was made here
     * @param from of its first character, counting from 0
     * @param to   of the first character after it
     */
    record Place(int line, int from, int to) {
        static final Place MADE_HERE = new Place(0, 0, 0);
    }

    /** An object, with its fields in order. */
    record Obj(Map<String, Json> fields, Place place) implements Json {

        /** An object made here. */
        public Obj(Map<String, Json> fields) {
            this(fields, Place.MADE_HERE);
        }
    }

    record Arr(List<Json> items, Place place) implements Json {

        /** A list made here. */
        public Arr(List<Json> items) {
            this(items, Place.MADE_HERE);
        }
    }

    record Str(String text, Place place) implements Json {}

    /** A number as it is written, of whatever size. */
    record Num(String digits, Place place) implements Json {

        /** The nearest that a double holds; infinite when that is too small for it. */
        public double value() {
            return Double.parseDouble(digits);
        }
    }

    record Bool(boolean value, Place place) implements Json {}

    record Null(Place place) implements Json {}

    /** A value that is not ours, letter by letter as it was read. */
    record Foreign(String source, Place place) implements Json {}

    static Str of(String text) {
        return new Str(text, Place.MADE_HERE);
    }

    static Num of(long number) {
        return new Num(Long.toString(number), Place.MADE_HERE);
    }

    /** A number with at most so many decimals; the value must be finite. */
    static Num of(double number, int decimals) {
        return of(BigDecimal.valueOf(number).setScale(decimals, RoundingMode.HALF_EVEN));
    }

    /** A number without zeros at its end. */
    static Num of(BigDecimal number) {
        return new Num(number.stripTrailingZeros().toPlainString(), Place.MADE_HERE);
    }

    static Bool of(boolean value) {
        return new Bool(value, Place.MADE_HERE);
    }

    static Arr of(List<? extends Json> items) {
        return new Arr(List.copyOf(items));
    }

    static Null none() {
        return new Null(Place.MADE_HERE);
    }

    /** An object to be filled field by field. */
    static Fields object() {
        return new Fields();
    }

    /** Collects the fields of an object in order. */
    final class Fields {
        private final Map<String, Json> fields = new LinkedHashMap<>();

        /** One more field; it takes the place of one of that name. */
        public Fields with(String name, Json value) {
            fields.put(name, value);
            return this;
        }

        /** One more field with a text. */
        public Fields with(String name, String text) {
            return with(name, of(text));
        }

        /** The object, as far as it was filled. */
        public Obj end() {
            return new Obj(fields);
        }
    }
}
