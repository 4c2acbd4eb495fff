package neatcorner.outline;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import neatcorner.measure.Angle;

/**
 * An outline told by its sides and corners in turn, clockwise, as a surveyor walks round a field. n sides and n corners say
 * three things too many, so measured ones rarely close: one side with the corners at its ends has to give.
 *
 * @param sides   lengths in millimetres; side i runs from corner i to the next
 * @param corners interior angles; corner i is where side i starts
 */
public record Traverse(List<Double> sides, List<Angle> corners) {

    /** Throws {@link IllegalArgumentException} unless there are as many corners as sides, three or more. */
    public Traverse {
        sides = List.copyOf(sides);
        corners = List.copyOf(corners);
        if (sides.size() < 3 || sides.size() != corners.size()) {
            throw new IllegalArgumentException("a traverse has as many corners as sides, three or more");
        }
    }

    /** The sides and corners of a loop, from its first corner on. */
    public static Traverse of(Loop loop) {
        return new Traverse(IntStream.range(0, loop.sides()).mapToObj(loop::length).toList(),
                IntStream.range(0, loop.sides()).mapToObj(loop::interior).toList());
    }

    /**
     * What closing takes of one side and its two corners.
     *
     * @param side   the side that gives
     * @param length it becomes, millimetres
     * @param start  the angle at its start becomes
     * @param end    the angle at its end becomes
     */
    public record Closing(int side, double length, Angle start, Angle end) {}

    /** With one side's length changed, mm; it may not close any more. */
    public Traverse withSide(int i, double length) {
        List<Double> changed = new ArrayList<>(sides);
        changed.set(i, length);
        return new Traverse(changed, corners);
    }

    /** With one corner's interior angle changed; it may not close any more. */
    public Traverse withCorner(int i, Angle angle) {
        List<Angle> changed = new ArrayList<>(corners);
        changed.set(i, angle);
        return new Traverse(sides, changed);
    }

    /** How much the corners add up to beyond (n − 2) · 180° (Euclid, Elements I.32). */
    public Angle angleError() {
        double sum = corners.stream().mapToDouble(Angle::degrees).sum();
        return Angle.ofDegrees(sum - (sides.size() - 2) * 180.0);
    }

    /** How far the walk round all sides, taking each corner as told, ends from where it began; millimetres. */
    public double gap() {
        List<Vertex> walk = walk(0, sides.size());
        return walk.getFirst().distanceTo(walk.getLast());
    }

    /** The loop that keeps all but one side and the corners at its ends; the side after that one runs to the right. */
    public Loop closedBy(int side) {
        return new Loop(walk(side + 1, sides.size() - 1)).startingAt(Math.floorMod(-side - 1, sides.size()));
    }

    /** As {@link #closedBy(int)}, laid so that one side starts at a place and runs in a direction, radians. */
    public Loop closedBy(int side, int laid, Vertex at, double direction) {
        Loop loop = closedBy(side);
        Vertex from = loop.at(laid);
        double turn = direction - Math.atan2(loop.at(laid + 1).y() - from.y(), loop.at(laid + 1).x() - from.x());
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        return new Loop(loop.vertices().stream().map(v -> {
            double x = v.x() - from.x();
            double y = v.y() - from.y();
            return at.plus(x * cos - y * sin, x * sin + y * cos);
        }).toList());
    }

    /** The ways to close, the one that changes least first: length and both angles, as movements at the side's ends. */
    public List<Closing> closings() {
        return IntStream.range(0, sides.size()).mapToObj(this::closing).sorted(Comparator.comparingDouble(this::cost))
                .toList();
    }

    private Closing closing(int side) {
        Loop loop = closedBy(side);
        return new Closing(side, loop.length(side), loop.interior(side), loop.interior((side + 1) % sides.size()));
    }

    private double cost(Closing closing) {
        double turned = Math.abs(closing.start.radians() - corners.get(closing.side).radians())
                + Math.abs(closing.end.radians() - corners.get((closing.side + 1) % sides.size()).radians());
        return Math.abs(closing.length - sides.get(closing.side)) + turned * closing.length;
    }

    private List<Vertex> walk(int first, int steps) {
        int n = sides.size();
        List<Vertex> walk = new ArrayList<>();
        Vertex at = new Vertex(0, 0);
        double heading = 0;
        walk.add(at);
        for (int i = first; i < first + steps; i++) {
            if (i > first) {
                heading += Math.PI - corners.get(Math.floorMod(i, n)).radians();
            }
            double length = sides.get(Math.floorMod(i, n));
            at = at.plus(length * Math.cos(heading), length * Math.sin(heading));
            walk.add(at);
        }
        return walk;
    }
}
