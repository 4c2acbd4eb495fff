package neatcorner.stock.sheets;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import neatcorner.stock.Search;
import neatcorner.stock.Sheet;
import org.jspecify.annotations.Nullable;

/**
 * A good plan for sheets, quickly: a sheet is filled by putting the panel that fits best into the free part that it leaves
 * least of, and cutting what is left of that part the one way or the other. Several orders and rules are tried, and seeded
 * variations of the best of them. The bound is by area.
 */
final class GreedySheets {
    private static final int VARIATIONS = 60;
    private static final int MOST_PANELS_VARIED = 400;

    private final SheetNesting nesting;
    private final Search search;

    GreedySheets(SheetNesting nesting, Search search) {
        this.nesting = nesting;
        this.search = search;
    }

    /** A part of a sheet: free, holding a panel, or cut in two. */
    private static final class Part {
        final long width;
        final long height;
        int panel = -1;
        boolean turned;
        boolean beside;
        @Nullable
        Part first;
        @Nullable
        Part second;

        Part(long width, long height) {
            this.width = width;
            this.height = height;
        }
    }

    private record Plan(List<Integer> kinds, List<Part> sheets, int unplaced, double cost) {

        boolean isBetterThan(Plan other) {
            if (unplaced != other.unplaced) {
                return unplaced < other.unplaced;
            }
            return Math.abs(cost - other.cost) > 1e-9 ? cost < other.cost : sheets.size() < other.sheets.size();
        }
    }

    SheetLayout solve() {
        List<Comparator<Integer>> orders = List.of(Comparator.comparingLong(i -> -area(i)),
                Comparator.comparingLong(i -> -longer(i)),
                Comparator.comparingLong(i -> -nesting.panels().get(i).height().units()),
                Comparator.comparingLong(i -> -nesting.panels().get(i).width().units()));
        int bound = bound();
        Plan best = null;
        List<Integer> bestOrder = List.of();
        for (Comparator<Integer> order : orders) {
            for (int rule = 0; rule < 3; rule++) {
                List<Integer> each = new ArrayList<>(nesting.each());
                each.sort(order);
                Plan plan = fill(each, rule);
                if (best == null || plan.isBetterThan(best)) {
                    best = plan;
                    bestOrder = each;
                }
            }
        }
        Plan found = Objects.requireNonNull(best);
        Random random = new Random(1);
        for (int i = 0; i < VARIATIONS && found.sheets.size() > bound && bestOrder.size() <= MOST_PANELS_VARIED
                && !search.isCancelled(); i++) {
            List<Integer> varied = new ArrayList<>(bestOrder);
            for (int swap = 0; swap <= bestOrder.size() / 8; swap++) {
                Collections.swap(varied, random.nextInt(varied.size()), random.nextInt(varied.size()));
            }
            Plan plan = fill(varied, random.nextInt(3));
            if (plan.isBetterThan(found)) {
                found = plan;
                bestOrder = varied;
            }
        }
        return layout(found, bound);
    }

    private long area(int panel) {
        return nesting.panels().get(panel).width().units() / 64 * (nesting.panels().get(panel).height().units() / 64);
    }

    private long longer(int panel) {
        return Math.max(nesting.panels().get(panel).width().units(), nesting.panels().get(panel).height().units());
    }

    /** Sheets of enough area, the largest first. */
    private int bound() {
        double wanted = nesting.panels().stream().mapToDouble(p -> p.count() * p.width().toMm() * p.height().toMm())
                .sum();
        int bound = 0;
        List<Sheet> large = nesting.sheets().stream()
                .sorted(Comparator.comparingDouble(s -> -s.width().toMm() * s.height().toMm())).toList();
        for (Sheet sheet : large) {
            double one = sheet.width().toMm() * sheet.height().toMm();
            int used = (int) Math.min(sheet.count(), Math.ceil(wanted / one - 1e-9));
            bound += Math.max(0, used);
            wanted -= used * one;
            if (wanted <= 1e-6) {
                break;
            }
        }
        return bound;
    }

    private Plan fill(List<Integer> order, int rule) {
        List<Integer> waiting = new ArrayList<>(order);
        int[] left = nesting.sheets().stream().mapToInt(Sheet::count).toArray();
        List<Part> sheets = new ArrayList<>();
        List<Integer> kinds = new ArrayList<>();
        double cost = 0;
        while (!waiting.isEmpty()) {
            Part bestPart = null;
            int bestKind = -1;
            List<Integer> bestTaken = List.of();
            double bestRate = Double.MAX_VALUE;
            for (int kind = 0; kind < left.length; kind++) {
                if (left[kind] == 0 || nesting.roomAcross(kind) <= 0 || nesting.roomDown(kind) <= 0) {
                    continue;
                }
                Part part = new Part(nesting.roomAcross(kind), nesting.roomDown(kind));
                List<Integer> taken = fillSheet(part, nesting.sheets().get(kind).grained(), waiting, rule);
                double used = taken.stream().mapToDouble(i -> area(waiting.get(i))).sum();
                double size = (double) part.width / 64 * ((double) part.height / 64);
                double rate = used == 0
                        ? Double.MAX_VALUE
                        : nesting.sheets().get(kind).cost() / used + (size / used) * 1e-12;
                if (rate < bestRate) {
                    bestRate = rate;
                    bestPart = part;
                    bestKind = kind;
                    bestTaken = taken;
                }
            }
            if (bestPart == null) {
                break;
            }
            for (int i = bestTaken.size() - 1; i >= 0; i--) {
                waiting.remove((int) bestTaken.get(i));
            }
            left[bestKind]--;
            cost += nesting.sheets().get(bestKind).cost();
            sheets.add(bestPart);
            kinds.add(bestKind);
        }
        return new Plan(kinds, sheets, waiting.size(), cost);
    }

    /** Places of the waiting list that went in, rising. */
    private List<Integer> fillSheet(Part sheet, boolean grained, List<Integer> waiting, int rule) {
        List<Part> free = new ArrayList<>(List.of(sheet));
        List<Integer> taken = new ArrayList<>();
        for (int i = 0; i < waiting.size(); i++) {
            int panel = waiting.get(i);
            Part best = null;
            Block bestBlock = null;
            long least = Long.MAX_VALUE;
            for (boolean turned : nesting.turns(panel, grained)) {
                Block block = nesting.block(panel, turned);
                for (Part part : free) {
                    if (block.isWithin(part.width, part.height)) {
                        long waste = Math.min(part.width - block.width(), part.height - block.height());
                        if (waste < least) {
                            least = waste;
                            best = part;
                            bestBlock = block;
                        }
                    }
                }
            }
            if (best != null && bestBlock != null) {
                free.remove(best);
                split(best, bestBlock, rule, free);
                taken.add(i);
            }
        }
        return taken;
    }

    private void split(Part part, Block block, int rule, List<Part> free) {
        long kerf = nesting.kerf().units();
        long right = part.width - block.width();
        long below = part.height - block.height();
        boolean upright = switch (rule) {
            case 0 -> right > below;
            case 1 -> right <= below;
            default -> right * part.height > below * part.width;
        };
        part.beside = upright;
        Part own = new Part(upright ? block.width() : part.width, upright ? part.height : block.height());
        Part rest = new Part(upright ? Math.max(0, right - kerf) : part.width,
                upright ? part.height : Math.max(0, below - kerf));
        part.first = own;
        part.second = rest;
        Part panel = new Part(block.width(), block.height());
        panel.panel = block.panel();
        panel.turned = block.turned();
        own.beside = !upright;
        own.first = panel;
        Part over = new Part(upright ? block.width() : Math.max(0, right - kerf),
                upright ? Math.max(0, below - kerf) : block.height());
        own.second = over;
        addFree(rest, free);
        addFree(over, free);
    }

    private static void addFree(Part part, List<Part> free) {
        if (part.width > 0 && part.height > 0) {
            free.add(part);
        }
    }

    private SheetLayout layout(Plan plan, int bound) {
        SheetPlan sheets = new SheetPlan(nesting);
        for (int i = 0; i < plan.sheets.size(); i++) {
            Block block = block(plan.sheets.get(i));
            if (block != null) {
                sheets.add(plan.kinds.get(i), block);
            }
        }
        boolean priced = nesting.sheets().stream().anyMatch(sheet -> sheet.cost() > 0);
        boolean oneKind = nesting.sheets().size() == 1;
        boolean proved = plan.unplaced == 0 && sheets.count() == bound && (!priced || oneKind);
        String proof = plan.unplaced > 0
                ? "there are not sheets enough for all of them"
                : proved
                        ? "their area alone needs that many"
                        : "at most " + (sheets.count() - bound) + " more than the least there can be";
        return sheets.layout(plan.unplaced, bound, proved, proof);
    }

    /** What lies in a part, without the waste round it. */
    private @Nullable Block block(Part part) {
        if (part.panel >= 0) {
            return nesting.block(part.panel, part.turned);
        }
        Block first = part.first == null ? null : block(part.first);
        Block second = part.second == null ? null : block(part.second);
        if (first == null || second == null) {
            return first == null ? second : first;
        }
        long kerf = nesting.kerf().units();
        return part.beside ? first.beside(second, kerf) : first.above(second, kerf);
    }
}
