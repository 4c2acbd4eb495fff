package neatcorner.bench;

import com.google.ortools.Loader;
import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPObjective;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import neatcorner.measure.Length;
import neatcorner.stock.Search;
import neatcorner.stock.sticks.Nesting;

/**
 * Our nesting beside general solvers on the same lists, in one run: OR-Tools CP-SAT on an assignment model, and SCIP on the
 * arc-flow model (Valério de Carvalho 1999). Prints for each the count after one second and at the end, and the time to a
 * proved least count, within {@link #LIMIT} seconds for them.
 */
public final class SolverBench {
    private static final double LIMIT = 10;

    private record Lists(String name, int room, Map<Integer, Integer> wanted) {
        int count(int size) {
            return wanted.getOrDefault(size, 0);
        }
    }

    /** Bars used, whether proved, seconds. */
    private record Answer(long bars, boolean proved, double seconds) {
        @Override
        public String toString() {
            return bars < 0
                    ? String.format(Locale.ROOT, "none in %.0f s", seconds)
                    : String.format(Locale.ROOT, "%d%s in %.3f s", bars, proved ? " proved" : " not proved", seconds);
        }
    }

    private SolverBench() {}

    public static void main(String[] args) {
        Loader.loadNativeLibraries();
        List<Double> ratios = new ArrayList<>();
        ours(mill());
        for (Lists lists : all()) {
            Answer ours = ours(lists);
            Answer early = cpSat(lists, 1);
            Answer cp = cpSat(lists, LIMIT);
            Answer mip = arcFlow(lists, LIMIT);
            double theirs = Math.min(cp.proved ? cp.seconds : Double.MAX_VALUE,
                    mip.proved ? mip.seconds : Double.MAX_VALUE);
            ratios.add(Math.min(theirs, LIMIT) / ours.seconds);
            System.out.println("| " + lists.name + " | " + ours + " | " + early.bars + " | " + cp + " | " + mip + " |");
        }
        ratios.sort(Double::compare);
        System.out.printf(Locale.ROOT,
                "median: %.0f times as fast as the faster of the two (10 s where neither proved)%n",
                ratios.get(ratios.size() / 2));
    }

    private static List<Lists> all() {
        List<Lists> all = new ArrayList<>(List.of(mill()));
        for (int n : new int[]{60, 120}) {
            for (int seed = 1; seed <= 2; seed++) {
                all.add(triplets(n, seed));
            }
        }
        for (int n : new int[]{120, 250, 500}) {
            for (int seed = 1; seed <= 2; seed++) {
                all.add(uniform(n, seed));
            }
        }
        return all;
    }

    /** The textbook example of the cutting-stock problem, from memory. */
    private static Lists mill() {
        int[] widths = {1380, 1520, 1560, 1710, 1820, 1880, 1930, 2000, 2050, 2100, 2140, 2150, 2200};
        int[] counts = {22, 25, 12, 14, 18, 18, 20, 10, 12, 14, 16, 18, 20};
        Map<Integer, Integer> wanted = new TreeMap<>();
        for (int i = 0; i < widths.length; i++) {
            wanted.put(widths[i], counts[i]);
        }
        return new Lists("paper mill, 219 of 13", 5600, wanted);
    }

    /** Class of Falkenauer 1996, by its published scheme with seeds of our own. */
    private static Lists triplets(int n, int seed) {
        Random random = new Random(seed * 1000L + n);
        Map<Integer, Integer> wanted = new TreeMap<>();
        for (int i = 0; i < n / 3; i++) {
            int first = 380 + random.nextInt(111);
            int second = 250 + random.nextInt((1000 - first) / 2 - 250 + 1);
            for (int size : new int[]{first, second, 1000 - first - second}) {
                wanted.merge(size, 1, Integer::sum);
            }
        }
        return new Lists("triplets " + n + ", seed " + seed, 1000, wanted);
    }

    private static Lists uniform(int n, int seed) {
        Random random = new Random(seed * 7919L + n);
        Map<Integer, Integer> wanted = new TreeMap<>();
        for (int i = 0; i < n; i++) {
            wanted.merge(20 + random.nextInt(81), 1, Integer::sum);
        }
        return new Lists("uniform " + n + ", seed " + seed, 150, wanted);
    }

    private static Answer ours(Lists lists) {
        List<Nesting.Part> parts = lists.wanted.entrySet().stream()
                .map(each -> new Nesting.Part(Length.mm(each.getKey()), each.getValue())).toList();
        Nesting nesting = Nesting.of(parts, List.of(Nesting.Bar.endless(Length.mm(lists.room))));
        long start = System.nanoTime();
        Nesting.Result result = nesting.solve(Search.PATIENT);
        return new Answer(result.bars(), result.proved(), (System.nanoTime() - start) / 1e9);
    }

    /** First fit, longest first: for each bar how many of each size, as a start for the solver. */
    private static List<Map<Integer, Integer>> firstFit(Lists lists) {
        List<Map<Integer, Integer>> bars = new ArrayList<>();
        List<Integer> left = new ArrayList<>();
        for (int size : new TreeMap<>(lists.wanted).descendingKeySet()) {
            for (int i = 0; i < lists.count(size); i++) {
                int bar = 0;
                while (bar < left.size() && left.get(bar) < size) {
                    bar++;
                }
                if (bar == left.size()) {
                    left.add(lists.room);
                    bars.add(new TreeMap<>());
                }
                left.set(bar, left.get(bar) - size);
                bars.get(bar).merge(size, 1, Integer::sum);
            }
        }
        return bars;
    }

    private static Answer cpSat(Lists lists, double seconds) {
        CpModel model = new CpModel();
        List<Map<Integer, Integer>> begun = firstFit(lists);
        int bins = begun.size();
        List<Integer> sizes = List.copyOf(lists.wanted.keySet());
        IntVar[] used = new IntVar[bins];
        IntVar[][] placed = new IntVar[sizes.size()][bins];
        for (int bin = 0; bin < bins; bin++) {
            used[bin] = model.newBoolVar("used");
            LinearExprBuilder filled = LinearExpr.newBuilder();
            for (int i = 0; i < sizes.size(); i++) {
                placed[i][bin] = model.newIntVar(0,
                        Math.min(lists.count(sizes.get(i)), lists.room / sizes.get(i)), "x");
                model.addHint(placed[i][bin], begun.get(bin).getOrDefault(sizes.get(i), 0));
                filled.addTerm(placed[i][bin], sizes.get(i));
            }
            filled.addTerm(used[bin], -lists.room);
            model.addLessOrEqual(filled, 0);
            if (bin > 0) {
                model.addLessOrEqual(used[bin], used[bin - 1]);
            }
        }
        for (int i = 0; i < sizes.size(); i++) {
            model.addEquality(LinearExpr.sum(placed[i]), lists.count(sizes.get(i)));
        }
        model.minimize(LinearExpr.sum(used));
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumWorkers(2).setMaxTimeInSeconds(seconds);
        long start = System.nanoTime();
        CpSolverStatus status = solver.solve(model);
        double took = (System.nanoTime() - start) / 1e9;
        boolean found = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
        return new Answer(found ? Math.round(solver.objectiveValue()) : -1, status == CpSolverStatus.OPTIMAL, took);
    }

    /** A bar is a path from 0 to its end; sizes fall along it, so that each filling is one path. */
    private static Answer arcFlow(Lists lists, double seconds) {
        MPSolver solver = MPSolver.createSolver("SCIP");
        int[] sizes = lists.wanted.keySet().stream().sorted(Comparator.reverseOrder())
                .mapToInt(Integer::intValue).toArray();
        long start = System.nanoTime();
        boolean[] reached = new boolean[lists.room + 1];
        reached[0] = true;
        MPConstraint[] flow = new MPConstraint[lists.room + 1];
        MPVariable bars = solver.makeIntVar(0, 10_000, "bars");
        List<int[]> arcs = new ArrayList<>();
        for (int i = 0; i < sizes.length; i++) {
            boolean[] before = reached.clone();
            int most = lists.count(sizes[i]);
            for (int from = 0; from <= lists.room; from++) {
                if (before[from]) {
                    for (int n = 0; n < most && from + (n + 1) * sizes[i] <= lists.room; n++) {
                        arcs.add(new int[]{from + n * sizes[i], from + (n + 1) * sizes[i], i});
                        reached[from + (n + 1) * sizes[i]] = true;
                    }
                }
            }
        }
        for (int node = 0; node <= lists.room; node++) {
            if (reached[node]) {
                flow[node] = solver.makeConstraint(0, 0, "node");
            }
        }
        MPConstraint[] demand = new MPConstraint[sizes.length];
        Arrays.setAll(demand, i -> solver.makeConstraint(lists.count(sizes[i]), MPSolver.infinity(), "demand"));
        flow[0].setCoefficient(bars, -1);
        MPConstraint end = solver.makeConstraint(0, 0, "end");
        end.setCoefficient(bars, 1);
        Set<List<Integer>> seen = new HashSet<>();
        for (int[] arc : arcs) {
            if (seen.add(List.of(arc[0], arc[1], arc[2]))) {
                MPVariable x = solver.makeIntVar(0, lists.count(sizes[arc[2]]), "x");
                flow[arc[0]].setCoefficient(x, 1);
                flow[arc[1]].setCoefficient(x, -1);
                demand[arc[2]].setCoefficient(x, 1);
            }
        }
        for (int node = 1; node <= lists.room; node++) {
            if (reached[node]) {
                MPVariable loss = solver.makeIntVar(0, 10_000, "loss");
                flow[node].setCoefficient(loss, 1);
                end.setCoefficient(loss, -1);
            }
        }
        MPObjective aim = solver.objective();
        aim.setCoefficient(bars, 1);
        aim.setMinimization();
        solver.setTimeLimit((long) (seconds * 1000));
        MPSolver.ResultStatus status = solver.solve();
        double took = (System.nanoTime() - start) / 1e9;
        boolean found = status == MPSolver.ResultStatus.OPTIMAL || status == MPSolver.ResultStatus.FEASIBLE;
        return new Answer(found ? Math.round(aim.value()) : -1, status == MPSolver.ResultStatus.OPTIMAL, took);
    }
}
