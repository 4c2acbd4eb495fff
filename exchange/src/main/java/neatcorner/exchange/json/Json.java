package neatcorner.exchange.json;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A JSON value. Objects keep the order of their fields; every value knows the line it was read from (0 if made here). */
public sealed interface Json {

    int line();

    /** An object, with its fields in order. */
    record Obj(Map<String, Json> fields, int line) implements Json {}

    record Arr(List<Json> items, int line) implements Json {}

    record Str(String text, int line) implements Json {}

    record Num(BigDecimal number, int line) implements Json {}

    record Bool(boolean value, int line) implements Json {}

    record Null(int line) implements Json {}

    static Str of(String text) {
        return new Str(text, 0);
    }

    static Num of(long number) {
        return new Num(BigDecimal.valueOf(number), 0);
    }

    /** A number with at most so many decimals; the value must be finite. */
    static Num of(double number, int decimals) {
        BigDecimal rounded = BigDecimal.valueOf(number).setScale(decimals, java.math.RoundingMode.HALF_EVEN)
                .stripTrailingZeros();
        return new Num(rounded.scale() < 0 ? rounded.setScale(0) : rounded, 0);
    }

    static Bool of(boolean value) {
        return new Bool(value, 0);
    }

    static Arr of(List<? extends Json> items) {
        return new Arr(List.copyOf(items), 0);
    }

    static Null none() {
        return new Null(0);
    }

    /** An object to be filled field by field. */
    static Fields object() {
        return new Fields();
    }

    /** Collects the fields of an object in order. */
    final class Fields {
        private final Map<String, Json> fields = new LinkedHashMap<>();

        public Fields with(String name, Json value) {
            fields.put(name, value);
            return this;
        }

        public Fields with(String name, String text) {
            return with(name, of(text));
        }

        public Obj end() {
            return new Obj(fields, 0);
        }
    }
}
