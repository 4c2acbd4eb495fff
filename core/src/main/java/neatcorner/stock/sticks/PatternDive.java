package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * Turns fractions of patterns into whole bars: what is used whole is taken, then the pattern that is nearest to whole, and
 * the program is solved again for what is left; the last few parts are laid out by exact search. Dives are repeated with
 * other choices, drawn from a seeded generator so that answers repeat, until one meets the bound.
 */
final class PatternDive {
    private static final int DIVES = 10;
    private static final int FEW_PARTS = 48;

    private final PartsLeft parts;
    private final long room;
    private final Search search;
    private final Finish finish;
    private final List<int[]> patterns = new ArrayList<>();

    /** Lays the last parts out on so many bars, or says that it could not. */
    @FunctionalInterface
    interface Finish {
        @Nullable
        List<int[]> layOut(PartsLeft rest, int bars);
    }

    PatternDive(PartsLeft parts, long room, Search search, Finish finish) {
        this.parts = parts;
        this.room = room;
        this.search = search;
        this.finish = finish;
    }

    /** The bound of the program over patterns, before anything is taken. */
    int bound() {
        return program(IntStream.range(0, parts.sizes.length).filter(i -> parts.left[i] > 0).toArray(), parts).bound();
    }

    /** A layout on exactly so many bars; null when none was found, which proves nothing. */
    @Nullable
    List<int[]> find(int bars) {
        for (int dive = 0; dive < DIVES && !search.isCancelled(); dive++) {
            List<int[]> found = dive(bars, new Random(dive), dive == 0 ? 0 : 0.35);
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    private @Nullable List<int[]> dive(int bars, Random random, double whim) {
        PartsLeft rest = parts.copy();
        List<int[]> taken = new ArrayList<>();
        while (!rest.isEmpty()) {
            if (taken.size() >= bars || rest.total() > (bars - taken.size()) * room || search.isCancelled()) {
                return null;
            }
            if (Arrays.stream(rest.left).sum() <= FEW_PARTS) {
                List<int[]> last = finish.layOut(rest, bars - taken.size());
                if (last == null) {
                    return null;
                }
                taken.addAll(last);
                return taken;
            }
            int[] kinds = IntStream.range(0, rest.sizes.length).filter(i -> rest.left[i] > 0)
                    .toArray();
            PatternLp program = program(kinds, rest);
            if (program.bound() > bars - taken.size()) {
                return null;
            }
            takeWhole(program, kinds, rest, taken, random, whim);
        }
        return taken.size() <= bars ? taken : null;
    }

    /** The program for what is left, begun with the patterns that served before and still can. */
    private PatternLp program(int[] kinds, PartsLeft rest) {
        List<int[]> known = new ArrayList<>();
        for (int[] pattern : patterns) {
            int[] now = Arrays.stream(kinds).map(kind -> Math.min(pattern[kind], rest.left[kind])).toArray();
            if (Arrays.stream(now).sum() > 1) {
                known.add(now);
            }
        }
        int before = known.size();
        PatternLp program = new PatternLp(Arrays.stream(kinds).mapToLong(i -> rest.sizes[i]).toArray(),
                Arrays.stream(kinds).map(i -> rest.left[i]).toArray(), room, known, search);
        program.solve();
        for (int[] found : known.subList(before, known.size())) {
            int[] pattern = new int[rest.sizes.length];
            for (int i = 0; i < kinds.length; i++) {
                pattern[kinds[i]] = found[i];
            }
            patterns.add(pattern);
        }
        return program;
    }

    private void takeWhole(PatternLp program, int[] kinds, PartsLeft rest, List<int[]> taken, Random random,
            double whim) {
        int before = taken.size();
        int next = -1;
        double most = -1;
        for (int p = 0; p < program.patterns().size(); p++) {
            double amount = program.amounts()[p];
            for (int i = 0; i < Math.floor(amount + 1e-7); i++) {
                take(program.patterns().get(p), kinds, rest, taken);
            }
            double rank = amount - Math.floor(amount + 1e-7) + whim * random.nextDouble();
            if (amount > 1e-6 && rank > most) {
                most = rank;
                next = p;
            }
        }
        if (taken.size() == before && next >= 0) {
            take(program.patterns().get(next), kinds, rest, taken);
        }
    }

    private static void take(int[] pattern, int[] kinds, PartsLeft rest, List<int[]> taken) {
        int[] counts = new int[rest.sizes.length];
        for (int i = 0; i < kinds.length; i++) {
            counts[kinds[i]] = Math.min(pattern[i], rest.left[kinds[i]]);
        }
        if (Arrays.stream(counts).sum() > 0) {
            rest.take(counts);
            taken.add(counts);
        }
    }
}
