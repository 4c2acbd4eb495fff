package neatcorner.exchange.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.PlainText;
import neatcorner.measure.Length;
import neatcorner.measure.LengthText;
import neatcorner.measure.Units;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import neatcorner.wood.Species;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * Sticks as comma-separated values, for a spreadsheet: header {@code name,length,count,price,defects,width,thickness,wood}, of which only
 * length must be there. Semicolons may stand for the commas, as where decimals have commas. Defects are written {@code 310-350;
 * 900-930} inside one cell.
 */
public final class StockCsv {
    private static final int MOST_ROWS = 20_000;
    private static final int MOST_OF_A_KIND = 10_000;

    private final Units units;

    private StockCsv(Units units) {
        this.units = units;
    }

    /** Bare lengths are in these units. Throws {@link BadFile} with the line and column at fault. */
    public static List<Stick> read(String text, Units units) throws BadFile {
        String header = text.lines().findFirst().orElse("");
        char separator = header.contains(";") && !header.contains(",") ? ';' : ',';
        CSVFormat format = CSVFormat.DEFAULT.builder().setDelimiter(separator).setHeader().setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true).setIgnoreSurroundingSpaces(true).setIgnoreHeaderCase(true).get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text.replaceFirst("^\\uFEFF", "")), format)) {
            if (!parser.getHeaderMap().containsKey("length")) {
                throw new BadFile(1, "header",
                        "name,length,count,price,defects,width,thickness,wood, of which only length must be there");
            }
            List<Stick> sticks = new ArrayList<>();
            for (CSVRecord row : parser) {
                if (sticks.size() == MOST_ROWS) {
                    throw new BadFile((int) row.getRecordNumber() + 1, "", "at most " + MOST_ROWS + " kinds of stick");
                }
                sticks.add(new StockCsv(units).stick(row, sticks.size() + 1));
            }
            return List.copyOf(sticks);
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            throw new BadFile(1, "", "comma-separated values with a header such as name,length,count,price");
        }
    }

    private static int line(CSVRecord row) {
        return (int) row.getRecordNumber() + 1;
    }

    private static String cell(CSVRecord row, String column) {
        return row.isSet(column) ? row.get(column).strip() : "";
    }

    private Stick stick(CSVRecord row, int number) throws BadFile {
        String name = row.isSet("name") ? PlainText.fromCell(row.get("name")) : "";
        Length length = length(row, "length", cell(row, "length"));
        if (!length.isPositive()) {
            throw new BadFile(line(row), "length", "a length above zero");
        }
        return new Stick(name.isEmpty() ? "stick " + number : name, length, count(row), price(row), defects(row),
                wood(row), across(row, "width"), across(row, "thickness"));
    }

    private static @Nullable Species wood(CSVRecord row) {
        String name = row.isSet("wood") ? PlainText.fromCell(row.get("wood")).strip() : "";
        return name.isEmpty() ? null : Species.named(name);
    }

    private @Nullable Length across(CSVRecord row, String column) throws BadFile {
        String text = cell(row, column);
        if (text.isEmpty()) {
            return null;
        }
        Length length = length(row, column, text);
        if (!length.isPositive()) {
            throw new BadFile(line(row), column, "a " + column + " above zero, or nothing for the section's own");
        }
        return length;
    }

    private Length length(CSVRecord row, String column, String text) throws BadFile {
        return switch (LengthText.read(text, units)) {
            case LengthText.Understood understood -> understood.length();
            case LengthText.NotUnderstood not -> throw new BadFile(line(row), column,
                    "a length; in “" + text + "”, " + not.expected());
        };
    }

    private static int count(CSVRecord row) throws BadFile {
        String text = cell(row, "count");
        try {
            int count = text.isEmpty() ? 1 : Integer.parseInt(text);
            if (count >= 0 && count <= MOST_OF_A_KIND) {
                return count;
            }
        } catch (NumberFormatException e) {
            // said below, together with counts that cannot be
        }
        throw new BadFile(line(row), "count", "a whole number from 0 to " + MOST_OF_A_KIND + "; found “" + text + "”");
    }

    private static @Nullable Double price(CSVRecord row) throws BadFile {
        String text = cell(row, "price").replace(',', '.');
        if (text.isEmpty()) {
            return null;
        }
        try {
            double price = Double.parseDouble(text);
            if (price >= 0 && price < 1e9) {
                return price;
            }
        } catch (NumberFormatException e) {
            // said below, together with prices that cannot be
        }
        throw new BadFile(line(row), "price", "a price such as 18.50; found “" + text + "”");
    }

    private List<Span> defects(CSVRecord row) throws BadFile {
        List<Span> defects = new ArrayList<>();
        for (String part : cell(row, "defects").split("[;|]", -1)) {
            if (part.isBlank()) {
                continue;
            }
            String[] ends = part.strip().split("\\s*[-–]\\s*", -1);
            if (ends.length != 2) {
                throw new BadFile(line(row), "defects", "spans such as 310-350; found “" + part.strip() + "”");
            }
            Length from = length(row, "defects", ends[0]);
            Length to = length(row, "defects", ends[1]);
            if (!to.isMoreThan(from)) {
                throw new BadFile(line(row), "defects", "a defect that ends after it starts; found “" + part.strip()
                        + "”");
            }
            defects.add(new Span(from, to));
        }
        return defects;
    }

    /** The sticks of a rack, exactly, lengths as bare numbers where that is exact in four decimals. */
    public static String write(List<Stick> sticks, Units units) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord("name", "length", "count", "price", "defects", "width", "thickness", "wood");
            for (Stick stick : sticks) {
                Double price = stick.price();
                printer.printRecord(PlainText.cell(stick.name()), length(stick.length(), units), stick.count(),
                        price == null ? "" : price(price),
                        stick.defects().stream().map(defect -> defect(defect, units)).collect(Collectors.joining(";")),
                        across(stick.width(), units), across(stick.thickness(), units), wood(stick.wood()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static String wood(@Nullable Species wood) {
        return wood == null ? "" : PlainText.cell(wood.name());
    }

    private static String defect(Span defect, Units units) {
        return length(Length.max(Length.ZERO, defect.from()), units) + "-" + length(defect.to(), units);
    }

    /** With two decimals, or as many as it has. */
    private static String price(double price) {
        BigDecimal exact = BigDecimal.valueOf(price);
        return (exact.scale() < 2 ? exact.setScale(2) : exact).toPlainString();
    }

    private static String across(@Nullable Length length, Units units) {
        return length == null ? "" : length(length, units);
    }

    private static String length(Length length, Units units) {
        long per = units == Units.MILLIMETRES ? Length.PER_MM : Length.PER_INCH;
        boolean bare = length.units() * 10_000 % per == 0;
        BigDecimal value = BigDecimal.valueOf(length.units())
                .divide(BigDecimal.valueOf(bare ? per : Length.PER_MM), 8, RoundingMode.HALF_UP)
                .stripTrailingZeros();
        return value.toPlainString() + (bare ? "" : " mm");
    }
}
