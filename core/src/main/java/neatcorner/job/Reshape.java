package neatcorner.job;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Traverse;
import neatcorner.outline.Vertex;

/**
 * Changes to an outline at its corners and sides, which are counted as the plan's pieces are. A rectangle and a regular
 * frame keep their kind and grow or shrink; of a free outline the corner itself moves.
 *
 * @param mirrored whether what is done on the left is done on the right too
 */
public record Reshape(Job job, boolean mirrored) {
    /** Corners this far from each other's mirror image are taken to belong together, mm. */
    private static final double TWIN = 0.6;

    /** A corner moved by so many millimetres to the right and down. */
    public Job cornerMoved(int corner, double dx, double dy) {
        return switch (job.outline().shape()) {
            case Shape.Rectangle rectangle -> {
                double right = corner == 1 || corner == 2 ? 2 : -2;
                double down = corner >= 2 ? 2 : -2;
                yield job.withSize(job.sizeOf(), new Opening(atLeastOne(job.size().width(), dx * right),
                        atLeastOne(job.size().height(), dy * down)));
            }
            case Shape.Regular regular -> {
                Vertex at = Shape.regular(regular.sides(), 1).at(corner);
                double out = (dx * at.x() + dy * at.y()) / Math.hypot(at.x(), at.y());
                double share = regular.acrossCorners() ? 2 : 2 * Math.cos(Math.PI / regular.sides());
                Length width = atLeastOne(job.size().width(), out * share);
                yield job.withSize(job.sizeOf(), new Opening(width, width));
            }
            case Shape.Polygon polygon -> withLoop(moved(Shape.fromTheTop(polygon.loop()), corner, dx, dy));
            case Shape.Arch arch -> job;
            case Shape.Circle circle -> job;
            case Shape.Ellipse ellipse -> job;
        };
    }

    /** A corner opened or closed to an interior angle; the side across from it gives. Only free outlines can be turned. */
    public Job cornerTurned(int corner, Angle interior) {
        if (!hasCorners()) {
            return job;
        }
        Loop loop = free();
        Traverse changed = Traverse.of(loop).withCorner(corner, interior);
        int twin = mirrored ? twin(loop, corner) : corner;
        if (twin != corner && twin >= 0) {
            changed = changed.withCorner(twin, interior);
        }
        int kept = Math.floorMod(corner - 1, loop.sides());
        if (twin == corner || twin < 0) {
            return withLoop(laid(loop, changed, across(loop, corner), kept));
        }
        int gives = between(loop, corner, twin);
        boolean joins = (gives == corner && twin == (corner + 1) % loop.sides())
                || (gives == twin && corner == (twin + 1) % loop.sides());
        return withLoop(joins
                ? swung(loop, corner, twin, interior)
                : upright(loop, changed, gives, kept));
    }

    /** A side made longer or shorter at the edge that the job's size names; the side across from it gives. */
    public Job side(int side, Length length) {
        if (!hasCorners()) {
            return job;
        }
        Loop loop = free();
        Traverse changed = Traverse.of(loop).withSide(side, length.toMm());
        int start = mirrored ? twin(loop, side) : -1;
        int twin = start < 0 ? -1 : Math.floorMod(start - 1, loop.sides());
        boolean both = twin >= 0 && twin != side;
        if (both) {
            changed = changed.withSide(twin, length.toMm());
        }
        return withLoop(both
                ? upright(loop, changed, between(loop, side, twin), side)
                : laid(loop, changed, across(loop, side), side));
    }

    /** Any outline with straight sides as a free one with the same corners; its pieces keep their letters. */
    public Job freed() {
        return withLoop(free());
    }

    /** Whether there is an outline with straight sides to change. */
    private boolean hasCorners() {
        if (job.outline().shape() instanceof Shape.Polygon) {
            return true;
        }
        Contours contours = Geometry.of(job).contours();
        return contours != null && contours.segments().isEmpty();
    }

    private Loop free() {
        if (job.outline().shape() instanceof Shape.Polygon polygon) {
            return Shape.fromTheTop(polygon.loop());
        }
        Geometry geometry = Geometry.of(job);
        Contours contours = geometry.contours();
        if (contours == null || !contours.segments().isEmpty()) {
            throw new IllegalStateException("an outline with curves has no corners to free");
        }
        return geometry.edge(job.sizeOf());
    }

    private Job withLoop(Loop loop) {
        Outline outline = job.outline();
        List<Length> widths = outline.faceWidths();
        Outline shaped = outline.withShape(new Shape.Polygon(rounded(loop)))
                .withFaceWidths(widths.size() == loop.sides() ? widths : List.of());
        return job.withOutline(shaped).withSize(job.sizeOf(), loop.box());
    }

    /** To a ten-thousandth of a millimetre, as files keep it. */
    private static Loop rounded(Loop loop) {
        return new Loop(loop.vertices().stream()
                .map(v -> new Vertex(Math.round(v.x() * 1e4) / 1e4, Math.round(v.y() * 1e4) / 1e4)).toList());
    }

    private Loop moved(Loop loop, int corner, double dx, double dy) {
        List<Vertex> vertices = new ArrayList<>(loop.vertices());
        int twin = mirrored ? twin(loop, corner) : -1;
        vertices.set(corner, vertices.get(corner).plus(twin == corner ? 0 : dx, dy));
        if (twin >= 0 && twin != corner) {
            vertices.set(twin, vertices.get(twin).plus(-dx, dy));
        }
        return new Loop(vertices);
    }

    /** The corner that mirrors this one left to right; -1 when there is none. */
    private static int twin(Loop loop, int corner) {
        Vertex mirror = new Vertex(loop.left() + loop.right() - loop.at(corner).x(), loop.at(corner).y());
        for (int i = 0; i < loop.sides(); i++) {
            if (loop.at(i).distanceTo(mirror) < TWIN) {
                return i;
            }
        }
        return -1;
    }

    private static int across(Loop loop, int from) {
        return Math.floorMod(from + loop.sides() / 2, loop.sides());
    }

    /**
     * A side that lies across from both of two: of the two in the middle between them, the further one that is its own mirror
     * image, for only that can give on both sides alike.
     */
    private static int between(Loop loop, int a, int b) {
        int low = Math.min(a, b);
        int high = Math.max(a, b);
        int inner = (low + high) / 2;
        int outer = Math.floorMod((low + high + loop.sides()) / 2, loop.sides());
        int further = high - low > loop.sides() - (high - low) ? inner : outer;
        int nearer = further == inner ? outer : inner;
        return !isOwnTwin(loop, further) && isOwnTwin(loop, nearer) ? nearer : further;
    }

    /**
     * Two corners opened or closed that are joined by the one side that could give: all between each of them and the corner
     * in the middle across swings about it, and what leads to that corner gives.
     */
    private static Loop swung(Loop loop, int corner, int twin, Angle interior) {
        int n = loop.sides();
        int step = (corner + 1) % n == twin ? -1 : 1;
        Vertex about = loop.at(corner);
        double opened = interior.radians() - loop.interior(corner).radians();
        double axis = (loop.left() + loop.right()) / 2;
        List<Vertex> vertices = new ArrayList<>(loop.vertices());
        for (int i = Math.floorMod(corner + step, n); twin(loop, i) != i && i != twin; i = Math.floorMod(i + step, n)) {
            Vertex swung = loop.at(i).turnedAbout(about, -step * opened);
            vertices.set(i, swung);
            if (twin(loop, i) >= 0) {
                vertices.set(twin(loop, i), new Vertex(2 * axis - swung.x(), swung.y()));
            }
        }
        return new Loop(vertices);
    }

    private static boolean isOwnTwin(Loop loop, int side) {
        return twin(loop, side) == (side + 1) % loop.sides();
    }

    private static Loop laid(Loop loop, Traverse changed, int gives, int kept) {
        return laid(loop, changed, gives, kept, 0);
    }

    /** What is mirrored stays so left to right: the side that gives keeps its direction. */
    private static Loop upright(Loop loop, Traverse changed, int gives, int kept) {
        double turned = direction(laid(loop, changed, gives, kept), gives) - direction(loop, gives);
        return laid(loop, changed, gives, kept, -turned);
    }

    private static Loop laid(Loop loop, Traverse changed, int gives, int kept, double turned) {
        int still = kept == gives ? Math.floorMod(gives + 1, loop.sides()) : kept;
        return changed.closedBy(gives, still, loop.at(still), direction(loop, still) + turned);
    }

    private static double direction(Loop loop, int side) {
        return Math.atan2(loop.at(side + 1).y() - loop.at(side).y(), loop.at(side + 1).x() - loop.at(side).x());
    }

    private static Length atLeastOne(Length length, double more) {
        return Length.max(Length.mm(1), length.plus(Length.mm(more)));
    }
}
