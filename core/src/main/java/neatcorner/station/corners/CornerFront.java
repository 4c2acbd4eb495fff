package neatcorner.station.corners;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.solid.CornerWood;
import neatcorner.corner.solid.JoinedCorner;
import neatcorner.corner.solid.Part;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.outline.Vertex;
import neatcorner.plan.CornerWork;

/** One corner from the front, lying as it does in the frame, as if one could see into its wood. */
final class CornerFront {
    private final CornerWork.Kind kind;
    private final JoinedCorner corner;
    private final CornerWood wood;
    private final Tint tint;
    private final Marks marks;
    private final double length;

    /** @param length of both pieces from the heel, mm */
    CornerFront(CornerWork.Kind kind, Tint tint, Marks marks, double length) {
        this.kind = kind;
        this.corner = kind.corner();
        this.wood = corner.wood();
        this.tint = tint;
        this.marks = marks;
        this.length = length;
    }

    /** How much of both pieces it takes to show all that is in the corner, mm. */
    static double length(JoinedCorner corner) {
        CornerWood wood = corner.wood();
        double most = 1.9 * Math.max(wood.before(), wood.after());
        for (Part part : corner.parts()) {
            for (List<Vertex> outline : part.fromFront()) {
                for (Vertex v : outline) {
                    most = Math.max(most, Math.max(-v.x(), Math.hypot(v.x(), v.y())) * 1.15);
                }
            }
        }
        return Math.min(most, 6 * Math.max(wood.before(), wood.after()));
    }

    /** A place of the corner where it is drawn. */
    Point at(Vertex v) {
        Vertex lies = kind.lie().of(v);
        return new Point(lies.x(), lies.y());
    }

    List<Point> all(List<Vertex> shape) {
        return shape.stream().map(this::at).toList();
    }

    /** A direction as it is drawn. */
    Vertex way(Vertex own) {
        return kind.lie().of(own);
    }

    /** To the other side, where the corner is drawn as its mirror image. */
    double side(double offset) {
        return kind.lie().mirrored() ? -offset : offset;
    }

    Box bounds(double more) {
        List<Point> all = new ArrayList<>();
        for (CornerWood.Seam seam : wood.seams()) {
            all.addAll(all(wood.piece(true, length, seam)));
            all.addAll(all(wood.piece(false, length, seam)));
        }
        return new Box(xs(all).min().orElse(0) - more / 2, ys(all).min().orElse(0) - more / 2,
                xs(all).max().orElse(0) + more / 2, ys(all).max().orElse(0) + more / 2);
    }

    private static DoubleStream xs(List<Point> points) {
        return points.stream().mapToDouble(Point::x);
    }

    private static DoubleStream ys(List<Point> points) {
        return points.stream().mapToDouble(Point::y);
    }

    /** Both pieces, moved apart by so much to each side of the seam. */
    void pieces(double apart) {
        CornerWood.Seam seam = wood.seam();
        Vertex across = new Vertex(seam.direction().y(), -seam.direction().x());
        Vertex back = new Vertex(-apart * across.x(), -apart * across.y());
        Vertex on = new Vertex(apart * across.x(), apart * across.y());
        marks.wood(moved(wood.piece(true, length, seam), back), tint, angle(new Vertex(1, 0)), 31);
        marks.wood(moved(wood.piece(false, length, seam), on), tint, angle(wood.along()), 32);
    }

    /** Both pieces without their grain, for a picture too small for it. */
    void plainPieces() {
        CornerWood.Seam seam = wood.seam();
        marks.area(all(wood.piece(true, length, seam)), tint, Tint.WOOD_INK, 1);
        marks.area(all(wood.piece(false, length, seam)), tint, Tint.WOOD_INK, 1);
    }

    private List<Point> moved(List<Vertex> shape, Vertex by) {
        return shape.stream().map(v -> at(v.plus(by.x(), by.y()))).toList();
    }

    private double angle(Vertex own) {
        Vertex lies = way(own);
        return Math.atan2(lies.y(), lies.x());
    }

    /** Where a hidden half of a lap, or hidden fingers, end. */
    void hiddenSeams() {
        List<CornerWood.Seam> seams = wood.seams();
        if (seams.size() > 1) {
            CornerWood.Seam behind = seams.get(1);
            List<Point> edge = all(wood.piece(true, length, behind));
            marks.dashed(Tint.WOOD_INK, edge.toArray(Point[]::new));
        }
    }

    void letters() {
        String[] names = kind.at().getFirst().split("–", -1);
        boolean mirrored = kind.lie().mirrored();
        String first = names[0];
        String last = names[names.length - 1];
        letter(mirrored ? last : first, new Vertex(-length * 0.86, wood.before() / 2));
        letter(mirrored ? first : last, new Vertex(
                wood.along().x() * length * 0.86 + wood.inward().x() * wood.after() / 2,
                wood.along().y() * length * 0.86 + wood.inward().y() * wood.after() / 2));
    }

    private void letter(String name, Vertex at) {
        marks.label(at(at), 0, 5, Anchor.MIDDLE, name, 16, true, tint.letters());
    }

    /** The names of heel and toe, outside the wood. */
    void heelAndToe() {
        Vertex in = way(wood.bisector());
        outside(new Vertex(0, 0), new Vertex(-in.x(), -in.y()), CornersTexts.HEEL);
        outside(wood.toe(), in, CornersTexts.TOE);
    }

    /** A name beside a place, in a direction away from the wood. */
    private void outside(Vertex place, Vertex away, String name) {
        Anchor anchor = away.x() > 0.3 ? Anchor.START : away.x() < -0.3 ? Anchor.END : Anchor.MIDDLE;
        marks.label(at(place), away.x() * 12, 4 + away.y() * 14, anchor, name, 12, false, Tint.FAINT_INK);
    }

    void rabbetWall() {
        double wb = wood.before() - wood.rabbet();
        double wa = wood.after() - wood.rabbet();
        Vertex along = wood.along();
        Vertex in = wood.inward();
        Vertex inner = Math.abs(along.y()) < 1e-9
                ? new Vertex(0, wb)
                : new Vertex((wb * along.x() - wa) / along.y(), wb);
        marks.dashed(Tint.WOOD_INK, at(new Vertex(-length, wb)), at(inner),
                at(new Vertex(along.x() * length + in.x() * wa, along.y() * length + in.y() * wa)));
    }

    /** All that holds the corner. */
    void parts() {
        for (int i = 0; i < corner.reinforcements().size(); i++) {
            for (List<Vertex> plate : corner.plates(i)) {
                marks.area(all(plate), Tint.METAL, Tint.INK, 1);
            }
        }
        corner.parts().forEach(this::part);
    }

    void part(Part part) {
        for (List<Vertex> outline : part.fromFront()) {
            marks.area(all(outline), tint(part.kind()), Tint.WOOD_INK, 1.2);
        }
    }

    /** What a part is made of, so that it stands out in this wood. */
    Tint tint(ReinforcementKind part) {
        return switch (part.body()) {
            case SLIP_OF_WOOD, ROD_OF_WOOD -> tint == Tint.WOOD_WALNUT ? Tint.WOOD_PALE : Tint.WOOD_WALNUT;
            case PLATE_OF_STEEL, ROD_OF_STEEL -> Tint.METAL;
        };
    }
}
