package neatcorner.plan;

import java.util.List;
import java.util.Optional;
import neatcorner.measure.Reading;

/** The few figures that the hands need next, in rows: a row has a name and one figure, or a width and a height. */
public record Slate(List<Row> rows) {

    public Slate {
        rows = List.copyOf(rows);
    }

    /** The figure of that name, in a row or among those that one came from. */
    public Optional<Reading> reading(String name) {
        return rows.stream().flatMap(row -> row.readings().stream()).flatMap(reading -> reading.named(name).stream())
                .findFirst();
    }

    /**
     * One line of the slate.
     *
     * @param name     in US words
     * @param large    whether it is one of the figures read from across the bench
     * @param readings one, or two for width × height
     */
    public record Row(String name, boolean large, List<Reading> readings) {

        /** A row read from across the bench. */
        public static Row large(String name, Reading... readings) {
            return new Row(name, true, List.of(readings));
        }

        /** A row of ordinary size. */
        public static Row plain(String name, Reading... readings) {
            return new Row(name, false, List.of(readings));
        }
    }
}
