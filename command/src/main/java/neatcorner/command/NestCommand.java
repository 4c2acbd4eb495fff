package neatcorner.command;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.csv.PartsCsv;
import neatcorner.exchange.plan.NestJson;
import neatcorner.measure.Length;
import neatcorner.measure.LengthText;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.stock.sticks.Nesting;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code nest PARTS.csv --stick LENGTH[:COUNT[:PRICE]]}: lays lengths out on sticks. */
@Command(name = "nest", mixinStandardHelpOptions = true, description = "Lays square-cut lengths out on sticks with the least cost, then the fewest sticks.")
final class NestCommand implements Callable<Integer> {
    private static final Pattern STICK = Pattern.compile("([^:]+)(?::(\\d{1,7})(?::(\\d{1,9}(?:\\.\\d{1,4})?))?)?");
    /** More different lengths are laid out in several lists. */
    private static final int MOST_LENGTHS = 2_000;
    private static final int LARGEST_FILE = 20_000_000;

    @Parameters(paramLabel = "PARTS.csv", description = "header length,count and perhaps name; lengths in mm unless they say otherwise")
    private Path file = Path.of("");

    @Option(names = "--stick", required = true, paramLabel = "LENGTH[:COUNT[:PRICE]]", description = "a kind of stick; may be repeated")
    private List<String> sticks = new ArrayList<>();

    @Option(names = "--kerf", paramLabel = "LENGTH", description = "what each cut takes away (0)")
    private String kerf = "0";

    @Option(names = "--trim", paramLabel = "LENGTH", description = "cut off the start of each stick (0)")
    private String trim = "0";

    @Option(names = "--json", description = "print the answer as JSON")
    private boolean json;

    /** A kind of stick as asked for. */
    private record Kind(Length length, int count, double price, boolean priced) {}

    @Override
    public Integer call() {
        try {
            return nest(PartsCsv.read(WholeFile.text(WholeFile.read(file, LARGEST_FILE, "a parts list")),
                    Units.MILLIMETRES));
        } catch (BadFile e) {
            NeatCorner.complain(file + ": " + e.getMessage());
        } catch (IOException e) {
            NeatCorner.complain(file + ": there is no such file, or it cannot be read");
        }
        return NeatCorner.BAD_INPUT;
    }

    private int nest(List<PartsCsv> rows) throws BadFile {
        Length kerfLength = option("--kerf", kerf);
        Length trimLength = option("--trim", trim);
        List<Kind> kinds = new ArrayList<>();
        for (String stick : sticks) {
            kinds.add(kind(stick));
        }
        Length longestRoom = kinds.stream().map(kind -> kind.length.minus(trimLength)).max(Length::compareTo)
                .orElseThrow();
        Map<Length, Integer> wanted = new LinkedHashMap<>();
        for (PartsCsv row : rows) {
            if (row.count() > 0 && row.length().plus(kerfLength).isMoreThan(longestRoom)) {
                Notation mm = Notation.of(Units.MILLIMETRES);
                Length longest = longestRoom.minus(kerfLength);
                throw new BadFile((int) row.line(), "length", longest.isPositive()
                        ? "at most " + mm.text(longest) + ", the longest that these sticks give; found "
                                + mm.text(row.length())
                        : "sticks that give something: trim and kerf take all of them");
            }
            if (row.count() > 0) {
                wanted.merge(row.length(), row.count(), Integer::sum);
            }
        }
        List<Length> lengths = List.copyOf(wanted.keySet());
        if (lengths.size() > MOST_LENGTHS) {
            throw new BadFile(0, "length", "at most " + MOST_LENGTHS + " different lengths; found " + lengths.size());
        }
        Nesting nesting = Nesting.of(
                wanted.entrySet().stream()
                        .map(row -> new Nesting.Part(row.getKey().plus(kerfLength), row.getValue())).toList(),
                kinds.stream()
                        .map(kind -> new Nesting.Bar(List.of(Length.max(Length.ZERO, kind.length.minus(trimLength))),
                                kind.count, kind.price))
                        .toList());
        long start = System.nanoTime();
        Nesting.Result result = nesting.solve(new Deadline());
        double milliseconds = (System.nanoTime() - start) / 1e6;
        boolean priced = kinds.stream().anyMatch(Kind::priced);
        PrintStream print = System.out;
        if (json) {
            print.print(NestJson.write(nesting, result, lengths, kinds.stream().map(Kind::length).toList(), priced,
                    milliseconds));
        } else {
            print(nesting, result, lengths, kinds, print);
        }
        print.flush();
        return result.isComplete() ? NeatCorner.FINE : NeatCorner.CANNOT_BE_MADE;
    }

    private static Length option(String name, String text) throws BadFile {
        if (LengthText.read(text, Units.MILLIMETRES) instanceof LengthText.Understood understood
                && !understood.length().isNegative()) {
            return understood.length();
        }
        throw new BadFile(0, name, "a length of zero or more; found “" + text + "”");
    }

    private static Kind kind(String text) throws BadFile {
        Matcher parts = STICK.matcher(text);
        if (parts.matches()
                && LengthText.read(parts.group(1), Units.MILLIMETRES) instanceof LengthText.Understood length
                && length.length().isPositive()) {
            int count = parts.group(2) == null ? Nesting.MOST_BARS : Integer.parseInt(parts.group(2));
            boolean priced = parts.group(3) != null;
            return new Kind(length.length(), count, priced ? Double.parseDouble(parts.group(3)) : 0, priced);
        }
        throw new BadFile(0, "--stick", "LENGTH[:COUNT[:PRICE]], such as 2400:6:18.50; found “" + text + "”");
    }

    static String sticks(int count) {
        return count == 1 ? "1 stick" : count + " sticks";
    }

    private static void print(Nesting nesting, Nesting.Result result, List<Length> lengths, List<Kind> kinds,
            PrintStream print) {
        Notation mm = Notation.of(Units.MILLIMETRES);
        print.println(sticks(result.bars()) + ", " + (result.proved() ? "proved least: " : "not proved least: ")
                + result.proof());
        for (Nesting.Filling filling : result.fillings()) {
            List<String> parts = new ArrayList<>();
            for (int part = 0; part < nesting.parts().size(); part++) {
                if (filling.countOf(part) > 0) {
                    parts.add(filling.countOf(part) + " × " + mm.bare(lengths.get(part)));
                }
            }
            print.println("  " + filling.times() + " × " + mm.text(kinds.get(filling.bar()).length()) + ": "
                    + String.join(" + ", parts));
        }
    }
}
