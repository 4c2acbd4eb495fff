package neatcorner.section;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/**
 * The largest upright rectangle inside some polygons.
 *
 * <p>Between two neighbouring corners of the polygons, going from left to right, their edges are straight and do not cross, so
 * that what is inside is a few slots with straight floors and ceilings. A rectangle starts in one slot and ends in another;
 * its height is the least of linear functions of where it starts and ends, thus concave, and its area, a concave height
 * times a linear width, has one top, which is found by ternary search. The pairs of slots that can hold most are searched
 * first, and those that cannot hold more than the best so far are passed over.
 */
final class LargestRectangle {
    private static final int STEPS = 60;
    private static final double NEAR = 1e-9;

    private final List<Column> columns = new ArrayList<>();
    private final List<Ranked> pairs = new ArrayList<>();
    private double area;
    private double[] best = {0, 0, 0, 0};

    /** A straight edge: y at a place x. */
    private record Edge(double x1, double y1, double x2, double y2) {

        double at(double x) {
            return y1 + (y2 - y1) * (x - x1) / (x2 - x1);
        }
    }

    private record Slot(Edge ceiling, Edge floor) {}

    private record Column(double from, double to, List<Slot> slots) {}

    private LargestRectangle(List<Polygon> polygons) {
        List<Edge> edges = new ArrayList<>();
        for (Polygon polygon : polygons) {
            add(polygon.getExteriorRing().getCoordinates(), edges);
            for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
                add(polygon.getInteriorRingN(i).getCoordinates(), edges);
            }
        }
        double[] xs = polygons.stream().flatMapToDouble(
                polygon -> Arrays.stream(polygon.getCoordinates()).mapToDouble(Coordinate::getX)).sorted()
                .toArray();
        for (int i = 1; i < xs.length; i++) {
            if (xs[i] - xs[i - 1] > NEAR) {
                columns.add(column(xs[i - 1], xs[i], edges));
            }
        }
    }

    /** As left, top, right, bottom; four zeros when there is nothing inside. */
    static List<Double> in(List<Polygon> polygons) {
        LargestRectangle search = new LargestRectangle(polygons);
        for (int i = 0; i < search.columns.size(); i++) {
            for (Slot slot : search.columns.get(i).slots) {
                search.from(i, slot);
            }
        }
        search.pairs.sort(Comparator.comparingDouble(Ranked::most).reversed());
        search.pairs.forEach(search::maximize);
        return Arrays.stream(search.best).boxed().toList();
    }

    private static void add(Coordinate[] ring, List<Edge> edges) {
        for (int i = 1; i < ring.length; i++) {
            Coordinate a = ring[i - 1].x <= ring[i].x ? ring[i - 1] : ring[i];
            Coordinate b = ring[i - 1].x <= ring[i].x ? ring[i] : ring[i - 1];
            if (b.x - a.x > NEAR) {
                edges.add(new Edge(a.x, a.y, b.x, b.y));
            }
        }
    }

    private static Column column(double from, double to, List<Edge> edges) {
        double middle = (from + to) / 2;
        List<Edge> across = new ArrayList<>(
                edges.stream().filter(edge -> edge.x1 < middle && edge.x2 > middle).toList());
        across.sort(Comparator.comparingDouble(edge -> edge.at(middle)));
        List<Slot> slots = new ArrayList<>();
        for (int i = 0; i + 1 < across.size(); i += 2) {
            slots.add(new Slot(across.get(i), across.get(i + 1)));
        }
        return new Column(from, to, slots);
    }

    /** Rectangles whose left side stands in a slot of a column. */
    private void from(int first, Slot slot) {
        Column column = columns.get(first);
        rank(new Pair(column, slot, column, slot, -Double.MAX_VALUE, Double.MAX_VALUE));
        extend(first, slot, first, slot.ceiling.at(column.to), slot.floor.at(column.to));
    }

    /** On to the next column, through each slot that is open to what came before it. */
    private void extend(int first, Slot slot, int last, double top, double bottom) {
        if (last + 1 >= columns.size() || bottom <= top) {
            return;
        }
        Column next = columns.get(last + 1);
        for (Slot open : next.slots) {
            double ceiling = Math.max(top, open.ceiling.at(next.from));
            double floor = Math.min(bottom, open.floor.at(next.from));
            if (floor - ceiling > NEAR) {
                rank(new Pair(columns.get(first), slot, next, open, ceiling, floor));
                extend(first, slot, last + 1, Math.max(ceiling, open.ceiling.at(next.to)),
                        Math.min(floor, open.floor.at(next.to)));
            }
        }
    }

    private void rank(Pair pair) {
        pairs.add(new Ranked(pair, pair.most()));
    }

    /** A pair with the most that it can hold. */
    private record Ranked(Pair pair, double most) {}

    /** A column and slot to start in and others to end in, with the highest floor and lowest ceiling between them. */
    private record Pair(Column first, Slot start, Column last, Slot end, double least, double lowest) {

        double top(double x1, double x2) {
            return Math.max(least, Math.max(start.ceiling.at(x1), end.ceiling.at(x2)));
        }

        double bottom(double x1, double x2) {
            return Math.min(lowest, Math.min(start.floor.at(x1), end.floor.at(x2)));
        }

        /** May be negative, where floor and ceiling have crossed, so that the search is led back. */
        double area(double x1, double x2) {
            double height = bottom(x1, x2) - top(x1, x2);
            return height < 0 ? height : (x2 - x1) * height;
        }

        /** No rectangle from one to the other is larger: what is straight is highest and lowest at its ends. */
        double most() {
            double top = Math.max(least, Math.max(Math.min(start.ceiling.at(first.from), start.ceiling.at(first.to)),
                    Math.min(end.ceiling.at(last.from), end.ceiling.at(last.to))));
            double bottom = Math.min(lowest, Math.min(Math.max(start.floor.at(first.from), start.floor.at(first.to)),
                    Math.max(end.floor.at(last.from), end.floor.at(last.to))));
            return (last.to - first.from) * (bottom - top);
        }

        /** Where a rectangle that starts at a place ends best. */
        double end(double x1) {
            double low = Math.max(x1, last.from);
            double high = last.to;
            double far = high;
            for (int i = 0; i < STEPS && high - low > NEAR; i++) {
                double a = low + (high - low) / 3;
                double b = high - (high - low) / 3;
                if (area(x1, a) < area(x1, b)) {
                    low = a;
                } else {
                    high = b;
                }
            }
            double middle = (low + high) / 2;
            return area(x1, far) >= area(x1, middle) ? far : middle;
        }
    }

    /** The best of the rectangles that start in one column and end in another. */
    private void maximize(Ranked ranked) {
        if (ranked.most <= area * (1 + NEAR)) {
            return;
        }
        Pair pair = ranked.pair;
        double low = pair.first.from;
        double high = pair.first.to;
        for (int i = 0; i < STEPS && high - low > NEAR; i++) {
            double a = low + (high - low) / 3;
            double b = high - (high - low) / 3;
            if (pair.area(a, pair.end(a)) < pair.area(b, pair.end(b))) {
                low = a;
            } else {
                high = b;
            }
        }
        for (double x1 : new double[]{pair.first.from, (low + high) / 2}) {
            double x2 = pair.end(x1);
            double found = pair.area(x1, x2);
            if (found > area * (1 + NEAR)) {
                area = found;
                best = new double[]{x1, pair.top(x1, x2), x2, pair.bottom(x1, x2)};
            }
        }
    }
}
