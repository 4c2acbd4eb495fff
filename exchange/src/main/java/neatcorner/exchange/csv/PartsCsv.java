package neatcorner.exchange.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import neatcorner.exchange.BadFile;
import neatcorner.measure.Length;
import neatcorner.measure.LengthText;
import neatcorner.measure.Units;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * One row of a parts list: {@code length,count} and perhaps {@code name}.
 *
 * @param line in the file, for later complaints
 */
public record PartsCsv(Length length, int count, String name, long line) {
    private static final int MOST_PARTS = 100_000;
    private static final CSVFormat FORMAT = CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true)
            .setIgnoreSurroundingSpaces(true).setIgnoreEmptyLines(true).setIgnoreHeaderCase(true).get();

    /** All rows; lengths without a unit are in the given units. Throws {@link BadFile} with the line and the column. */
    public static List<PartsCsv> read(String text, Units units) throws BadFile {
        try (CSVParser parser = CSVParser.parse(new StringReader(text), FORMAT)) {
            for (String column : List.of("length", "count")) {
                if (!parser.getHeaderMap().containsKey(column)) {
                    throw new BadFile(1, "", "the header length,count (and perhaps name): “" + column + "” is missing");
                }
            }
            List<PartsCsv> parts = new ArrayList<>();
            long total = 0;
            for (CSVRecord row : parser) {
                PartsCsv part = part(row, parser.getCurrentLineNumber(), units);
                total += part.count;
                if (total > MOST_PARTS) {
                    throw new BadFile((int) part.line, "count", "at most " + MOST_PARTS + " parts in all");
                }
                parts.add(part);
            }
            if (parts.isEmpty()) {
                throw new BadFile(2, "", "at least one row of parts");
            }
            return parts;
        } catch (IOException | UncheckedIOException e) {
            throw new BadFile(0, "", "comma-separated values");
        } catch (IllegalArgumentException e) {
            throw new BadFile(1, "", "a header in which every column has a name of its own");
        }
    }

    private static PartsCsv part(CSVRecord row, long line, Units units) throws BadFile {
        if (row.size() < 2) {
            throw new BadFile((int) line, "", "a length and a count");
        }
        if (row.size() > row.getParser().getHeaderNames().size()) {
            throw new BadFile((int) line, "",
                    "no more values than the header has names; a decimal comma needs quotes, as in \"12,5\"");
        }
        String text = row.get("length");
        Length length = switch (LengthText.read(text, units)) {
            case LengthText.Understood understood -> understood.length();
            case LengthText.NotUnderstood not -> throw new BadFile((int) line, "length", "a length, " + not.expected()
                    + " at character " + (not.at() + 1) + " of “" + text + "”");
        };
        if (!length.isPositive()) {
            throw new BadFile((int) line, "length", "a length above zero");
        }
        String name = row.isMapped("name") && row.isSet("name") ? row.get("name") : "";
        return new PartsCsv(length, count(row.get("count"), line), name, line);
    }

    private static int count(String text, long line) throws BadFile {
        try {
            int count = Integer.parseInt(text);
            if (count >= 0) {
                return count;
            }
        } catch (NumberFormatException e) {
            // told below, together with negative counts
        }
        throw new BadFile((int) line, "count", "a whole number, zero or more; found “" + text + "”");
    }
}
