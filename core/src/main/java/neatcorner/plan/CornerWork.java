package neatcorner.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.solid.CornerWood;
import neatcorner.corner.solid.JoinedCorner;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Corner;
import neatcorner.outline.Vertex;
import neatcorner.piece.CornerJoint;
import neatcorner.piece.Piece;
import neatcorner.section.Section;

/**
 * The corners of a frame with all that holds them, those that are alike together. A corner that is another's mirror image is
 * alike; the wider side, or the one that runs through, is taken as the one after it.
 *
 * @param kinds the commonest first; empty when there is no frame to make
 */
public record CornerWork(List<Kind> kinds) {

    public CornerWork {
        kinds = List.copyOf(kinds);
    }

    /**
     * Corners that are alike.
     *
     * @param at  named by the letters of their pieces, as "A–B"
     * @param lie how the first of them lies in the frame
     * @param turned those of them that are the mirror image of the first
     */
    public record Kind(JoinedCorner corner, List<String> at, Lie lie, List<String> turned) {

        public Kind {
            at = List.copyOf(at);
            turned = List.copyOf(turned);
        }

        /** A place of its wood, where it is at the first of them with the side before the corner coming from the left. */
        public Vertex seen(Vertex own) {
            if (!lie.mirrored()) {
                return own;
            }
            Vertex middle = corner.wood().bisector();
            double twice = 2 * (own.x() * middle.x() + own.y() * middle.y());
            return new Vertex(twice * middle.x() - own.x(), twice * middle.y() - own.y());
        }
    }

    /**
     * How a corner of the frame lies, seen from the front with the frame's top up.
     *
     * @param x        unit vector in the frame, y downwards, of a corner's own x axis
     * @param y        of its own y axis
     * @param mirrored whether the side that its wood has before the heel comes after it in the frame
     */
    public record Lie(Vertex x, Vertex y, boolean mirrored) {

        /** A corner whose side before the heel runs in a direction, radians from the frame's x axis. */
        static Lie along(double before) {
            return new Lie(new Vertex(Math.cos(before), Math.sin(before)),
                    new Vertex(-Math.sin(before), Math.cos(before)), false);
        }

        /** The mirror image of a corner whose side after the heel runs in a direction. */
        static Lie mirroredAlong(double after) {
            return new Lie(new Vertex(-Math.cos(after), -Math.sin(after)),
                    new Vertex(-Math.sin(after), Math.cos(after)), true);
        }

        /** A direction or place of the corner, as it lies in the frame. */
        public Vertex of(Vertex own) {
            return new Vertex(own.x() * x.x() + own.y() * y.x(), own.x() * x.y() + own.y() * y.y());
        }
    }

    private static final Derived<CornerWork> WORK = new Derived<>(
            plan -> of(plan, plan.job().joint(), plan.job().reinforcement()));

    /** Most edits change no corner. */
    private static final Recent<Joined, JoinedCorner> LATELY = new Recent<>(24);

    /** All that a corner's solids follow from. */
    private record Joined(Corner at, CornerJoint joint, Section section, Length behind, Angle slope,
            List<Reinforcement> held) {

        Joined {
            held = List.copyOf(held);
        }

        JoinedCorner corner() {
            return JoinedCorner.of(new CornerWood(at, joint, section, behind, slope), held);
        }
    }

    private record Key(long interior, Length before, Length after) {}

    /** The corners of a plan, each kind once. */
    public static CornerWork of(Plan plan) {
        return Objects.requireNonNull(plan.derived(WORK));
    }

    /** As if the frame were joined in another way. */
    public static CornerWork of(Plan plan, CornerJoint joint, List<Reinforcement> reinforcement) {
        Contours contours = plan.contours();
        if (contours == null || plan.pieces().isEmpty() || !plan.job().section().isSound()) {
            return new CornerWork(List.of());
        }
        Map<Key, List<String>> names = new LinkedHashMap<>();
        Map<Key, Corner> corners = new LinkedHashMap<>();
        Map<Key, Lie> lies = new HashMap<>();
        Map<Key, List<String>> turned = new HashMap<>();
        int count = plan.pieces().size();
        for (int i = 0; i < count; i++) {
            Corner corner = corner(plan, contours, i, joint);
            Key key = new Key(Math.round(corner.interior().degrees() * 1e5), corner.before(), corner.after());
            String name = plan.pieces().get(Math.floorMod(i - 1, count)).name() + "–" + plan.pieces().get(i).name();
            boolean mirrored = isMirrored(plan, contours, i, joint);
            names.computeIfAbsent(key, none -> new ArrayList<>()).add(name);
            if (lies.containsKey(key) && Objects.requireNonNull(lies.get(key)).mirrored() != mirrored) {
                turned.computeIfAbsent(key, none -> new ArrayList<>()).add(name);
            }
            corners.putIfAbsent(key, corner);
            lies.putIfAbsent(key, mirrored
                    ? Lie.mirroredAlong(direction(contours, i))
                    : Lie.along(direction(contours, Math.floorMod(i - 1, count))));
        }
        Length behind = Length.max(Length.ZERO, plan.spareDepth());
        List<Kind> kinds = new ArrayList<>();
        corners.forEach((key, corner) -> kinds.add(new Kind(LATELY.get(new Joined(corner,
                joint.on(plan.job().outline()), plan.job().section(), behind, plan.job().outline().slope(),
                reinforcement), Joined::corner),
                names.getOrDefault(key, List.of()), Objects.requireNonNull(lies.get(key)),
                turned.getOrDefault(key, List.of()))));
        kinds.sort((a, b) -> Integer.compare(b.at().size(), a.at().size()));
        return new CornerWork(kinds);
    }

    /** The corner at which a piece starts. */
    private static Corner corner(Plan plan, Contours contours, int index, CornerJoint joint) {
        if (!contours.segments().isEmpty()) {
            int count = plan.pieces().size();
            Piece before = plan.pieces().get(Math.floorMod(index - 1, count));
            Piece after = plan.pieces().get(index);
            double turn = before.right().miter().degrees() + after.left().miter().degrees();
            Length face = plan.job().section().width();
            return new Corner(Angle.ofDegrees(180 - turn), face, face);
        }
        Corner corner = contours.corner(index);
        return isMirrored(plan, contours, index, joint) ? corner.mirrored() : corner;
    }

    private static boolean isMirrored(Plan plan, Contours contours, int index, CornerJoint joint) {
        if (!contours.segments().isEmpty()) {
            return false;
        }
        Corner corner = contours.corner(index);
        return switch (joint.on(plan.job().outline())) {
            case MITER -> corner.before().isMoreThan(corner.after());
            case MITRED_LAP -> false;
            case BUTT, DADO, LAP, BOX -> index % 2 == 0;
        };
    }

    /** Which way a piece runs round the frame, radians from its x axis. */
    private static double direction(Contours contours, int piece) {
        int curved = contours.segments().size();
        if (piece < curved) {
            return contours.segments().get(piece).grain();
        }
        int side = contours.straight().get(piece - curved);
        Vertex from = contours.outside().at(side);
        Vertex to = contours.outside().at(side + 1);
        return Math.atan2(to.y() - from.y(), to.x() - from.x());
    }

    /** How many corners there are in all. */
    public int count() {
        return kinds.stream().mapToInt(kind -> kind.at().size()).sum();
    }
}
