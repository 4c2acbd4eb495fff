package neatcorner.station.corners;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.solid.Clash;
import neatcorner.corner.solid.CornerWood;
import neatcorner.corner.solid.JoinedCorner;
import neatcorner.corner.solid.Part;
import neatcorner.corner.solid.Room;
import neatcorner.corner.solid.Slab;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Length;
import neatcorner.outline.Vertex;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Plan;
import neatcorner.section.Profile;
import neatcorner.section.SafeZone;
import neatcorner.section.Section;
import neatcorner.section.Spot;

/** One corner close up: from the front, as if one could see into the wood, and beside it cut through along the joint. */
public final class CornerFigure {
    private final Plan plan;
    private final CornerWork.Kind kind;
    private final JoinedCorner corner;
    private final CornerWood wood;
    private final int chosen;
    private final Marks marks = new Marks();
    private final Tint tint;
    private final double length;

    private CornerFigure(Plan plan, CornerWork.Kind kind, int chosen) {
        this.plan = plan;
        this.kind = kind;
        this.corner = kind.corner();
        this.wood = corner.wood();
        this.chosen = chosen;
        this.tint = Tint.wood(plan.job().section().wood());
        double most = 1.9 * Math.max(wood.before(), wood.after());
        for (Part part : corner.parts()) {
            for (Slab slab : part.slabs()) {
                for (Vertex v : slab.shape()) {
                    most = Math.max(most, Math.max(-v.x(), Math.hypot(v.x(), v.y())) * 1.15);
                }
            }
        }
        this.length = Math.min(most, 6 * Math.max(wood.before(), wood.after()));
    }

    /** With the sizes of one reinforcement, by its number, to be changed in the drawing; −1 for none. */
    public static Figure of(Plan plan, CornerWork.Kind kind, int chosen) {
        return new CornerFigure(plan, kind, chosen).draw();
    }

    private Figure draw() {
        front();
        Box front = bounds(0);
        double left = front.right() + Math.max(24, front.width() * 0.28);
        double scale = 1;
        Box cut = through(left, front.top() + front.height() * 0.12, scale);
        Box all = new Box(front.left(), front.top(), Math.max(cut.right(), left), Math.max(front.bottom(),
                cut.bottom()));
        return new Figure("A corner from the front, and cut through along the joint", all,
                new Figure.Margin(64, 70, 60, 70), marks.list());
    }

    /** The corner apart, its parts between the pieces, for paper. */
    public static Figure exploded(Plan plan, CornerWork.Kind kind) {
        CornerFigure figure = new CornerFigure(plan, kind, -1);
        return figure.apart();
    }

    private Figure apart() {
        CornerWood.Seam seam = wood.seam();
        double gap = Math.max(wood.before(), wood.after()) * 0.9;
        Vertex across = new Vertex(seam.direction().y(), -seam.direction().x());
        pieces(-gap / 2 * across.x(), -gap / 2 * across.y(), gap / 2 * across.x(), gap / 2 * across.y());
        int number = 1;
        for (Part part : corner.parts()) {
            draw(part, 0, 0);
            Vertex at = middle(part);
            marks.label(point(at), 14, -6, Anchor.START, String.valueOf(number++), 13, true, Tint.INK);
        }
        return new Figure("The corner apart, parts in the order in which they go in", bounds(gap),
                Figure.Margin.all(24), marks.list());
    }

    private static Point point(Vertex v) {
        return new Point(v.x(), v.y());
    }

    private static List<Point> points(List<Vertex> shape) {
        return shape.stream().map(CornerFigure::point).toList();
    }

    private Box bounds(double more) {
        List<Vertex> all = new ArrayList<>();
        for (CornerWood.Seam seam : wood.seams()) {
            all.addAll(wood.piece(true, length, seam));
            all.addAll(wood.piece(false, length, seam));
        }
        double left = all.stream().mapToDouble(Vertex::x).min().orElse(0) - more / 2;
        double right = all.stream().mapToDouble(Vertex::x).max().orElse(0) + more / 2;
        double top = all.stream().mapToDouble(Vertex::y).min().orElse(0) - more / 2;
        double bottom = all.stream().mapToDouble(Vertex::y).max().orElse(0) + more / 2;
        return new Box(left, top, right, bottom);
    }

    private void pieces(double bx, double by, double ax, double ay) {
        CornerWood.Seam seam = wood.seam();
        List<Vertex> before = wood.piece(true, length, seam).stream().map(v -> v.plus(bx, by)).toList();
        List<Vertex> after = wood.piece(false, length, seam).stream().map(v -> v.plus(ax, ay)).toList();
        marks.wood(points(before), tint, 0, 31);
        marks.wood(points(after), tint, Math.atan2(wood.along().y(), wood.along().x()), 32);
    }

    private void front() {
        pieces(0, 0, 0, 0);
        rabbetWall();
        String[] names = kind.at().getFirst().split("–", -1);
        letter(names[0], new Vertex(-length * 0.86, wood.before() / 2));
        letter(names[names.length - 1], new Vertex(wood.along().x() * length * 0.86 + wood.inward().x()
                * wood.after() / 2, wood.along().y() * length * 0.86 + wood.inward().y() * wood.after() / 2));
        for (int i = 0; i < corner.reinforcements().size(); i++) {
            for (List<Vertex> plate : corner.plates(i)) {
                marks.area(points(plate), Tint.METAL, Tint.INK, 1);
            }
        }
        corner.parts().forEach(part -> draw(part, 0, 0));
        for (int i = 0; i < corner.clashes().size(); i++) {
            drawClash(corner.clashes().get(i), i);
        }
        marks.label(new Point(0, 0), -6, -8, Anchor.END, "heel", 12, false, Tint.FAINT_INK);
        marks.label(point(wood.toe()), -8, 18, Anchor.END, "toe", 12, false, Tint.FAINT_INK);
        dimensions();
    }

    private void letter(String name, Vertex at) {
        marks.label(point(at), 0, 5, Anchor.MIDDLE, name, 16, true, Tint.WOOD_INK);
    }

    private void rabbetWall() {
        double wb = wood.before() - wood.rabbet();
        double wa = wood.after() - wood.rabbet();
        Vertex along = wood.along();
        Vertex in = wood.inward();
        Vertex inner = Math.abs(along.y()) < 1e-9
                ? new Vertex(0, wb)
                : new Vertex((wb * along.x() - wa) / along.y(), wb);
        marks.dashed(Tint.WOOD_INK, new Point(-length, wb), point(inner),
                new Point(along.x() * length + in.x() * wa, along.y() * length + in.y() * wa));
    }

    private Tint of(ReinforcementKind part) {
        return switch (part) {
            case SPLINE, SLIP, TENON, BISCUIT, DOWEL, BLOCK, PEG -> tint == Tint.WOOD_WALNUT
                    ? Tint.WOOD_PALE
                    : Tint.WOOD_WALNUT;
            case V_NAIL, PIN, BRAD, NAIL, STAPLE, SCREW, POCKET_SCREW, BRACE, CORRUGATED -> Tint.METAL;
        };
    }

    private void draw(Part part, double dx, double dy) {
        for (Slab slab : widest(part)) {
            marks.area(points(slab.shape().stream().map(v -> v.plus(dx, dy)).toList()), of(part.kind()),
                    Tint.WOOD_INK, 1.2);
        }
    }

    /** Of a round or tilted part seen from the front, its whole outline. */
    private static List<Slab> widest(Part part) {
        if (part.kind() == ReinforcementKind.DOWEL) {
            return List.of(part.slabs().get(part.slabs().size() / 2));
        }
        return part.slabs();
    }

    private static Vertex middle(Part part) {
        double x = 0;
        double y = 0;
        int n = 0;
        for (Slab slab : part.slabs()) {
            for (Vertex v : slab.shape()) {
                x += v.x();
                y += v.y();
                n++;
            }
        }
        return new Vertex(x / Math.max(1, n), y / Math.max(1, n));
    }

    private void drawClash(Clash clash, int line) {
        Slab where = clash.where();
        Part part = corner.parts().get(clash.part());
        List<Slab> all = where == null ? part.slabs() : List.of(where);
        for (Slab slab : all) {
            marks.hatch(points(slab.shape()), 45, 6, Tint.CUT);
            List<Point> outline = new ArrayList<>(points(slab.shape()));
            outline.add(outline.getFirst());
            marks.line(Tint.CUT, 2, outline.toArray(Point[]::new));
        }
        String what = clash.other() >= 0 ? corner.parts().get(clash.other()).name() : clash.with().title();
        Box box = bounds(0);
        marks.label(new Point(box.left(), box.bottom()), 0, 20 + line * 18.0, Anchor.START,
                part.name() + (clash.breach() ? " runs into " : " comes too near to ") + what, 13, true, Tint.CUT);
    }

    private void dimensions() {
        if (chosen < 0 || chosen >= corner.reinforcements().size()) {
            return;
        }
        Reinforcement what = corner.reinforcements().get(chosen);
        Part part = corner.parts().stream().filter(each -> each.of() == chosen).findFirst().orElse(null);
        if (part == null) {
            return;
        }
        switch (what.kind().reach()) {
            case FROM_HEEL -> {
                Vertex in = wood.bisector();
                Point end = new Point(in.x() * what.size().toMm(), in.y() * what.size().toMm());
                marks.dimension(new Point(0, 0), end, 0, what.size(), "Depth along the diagonal",
                        CornerFields.size(what.kind(), chosen));
                marks.handle(end, CornerFields.size(what.kind(), chosen), in.x(), in.y());
            }
            case FROM_EDGE -> {
                double e = part.fromHeel();
                Point to = new Point(wood.along().x() * e, wood.along().y() * e);
                marks.dimension(new Point(0, 0), to, 26, Length.mm(e), "From the heel",
                        CornerFields.fromHeel(what.kind(), chosen));
                marks.handle(to, CornerFields.fromHeel(what.kind(), chosen), wood.along().x(), wood.along().y());
            }
            case ACROSS, FROM_BACK -> {
                Vertex start = wood.seam().start();
                Vertex way = wood.seam().direction();
                double c = part.fromHeel();
                Point to = new Point(start.x() + way.x() * c, start.y() + way.y() * c);
                marks.dimension(point(start), to, -22, Length.mm(c), "From the heel, along the joint",
                        CornerFields.fromHeel(what.kind(), chosen));
                marks.handle(to, CornerFields.fromHeel(what.kind(), chosen), way.x(), way.y());
            }
            case ON_BACK, IN_RABBET, THROUGH -> {
            }
        }
    }

    /** The end of a piece as the joint cuts it: along it from heel to toe, and from front to back. */
    private Box through(double left, double top, double scale) {
        Section section = plan.job().section().withWidth(wood.corner().before());
        double stretch = wood.seamLength() / Math.max(1e-6, wood.before());
        double whole = wood.seamLength() * scale;
        double t = wood.thickness() * scale;
        Function<Spot, Point> place = spot -> new Point(left + whole - spot.x() * stretch * scale,
                top + spot.y() * scale);
        Profile profile = Profile.of(section);
        for (List<Spot> outline : Profile.outlines(profile.finished())) {
            marks.endGrain(outline.stream().map(place).toList(), Profile.strips(profile.finished()).stream()
                    .map(strip -> strip.stream().map(place).toList()).toList(), tint);
        }
        for (List<Spot> outline : plan.safeZone().map(SafeZone::outlines).orElse(List.of())) {
            List<Point> run = new ArrayList<>(outline.stream().map(place).toList());
            run.add(run.getFirst());
            marks.dashed(Tint.WOOD_INK, run.toArray(Point[]::new));
        }
        for (Part part : corner.parts()) {
            for (Slab slab : part.slabs()) {
                marks.area(box(slab, left, top, scale), of(part.kind()), Tint.WOOD_INK, 1);
            }
        }
        for (Clash clash : corner.clashes()) {
            Slab where = clash.where();
            if (where != null) {
                List<Point> outline = new ArrayList<>(box(where, left, top, scale).corners());
                marks.hatch(outline, 45, 6, Tint.CUT);
                outline.add(outline.getFirst());
                marks.line(Tint.CUT, 2, outline.toArray(Point[]::new));
            }
        }
        Point corner0 = new Point(left, top);
        marks.label(corner0.plus(whole / 2, 0), 0, -26, Anchor.MIDDLE, "through the joint: front", 12, false,
                Tint.FAINT_INK);
        marks.label(corner0.plus(0, t), 0, 20, Anchor.START, "heel", 12, false, Tint.FAINT_INK);
        marks.label(corner0.plus(whole, t), 0, 20, Anchor.END, "toe", 12, false, Tint.FAINT_INK);
        depths(corner0, scale);
        return new Box(left, top, left + whole, top + t);
    }

    private Box box(Slab slab, double left, double top, double scale) {
        Vertex start = wood.seam().start();
        Vertex way = wood.seam().direction();
        double from = Double.MAX_VALUE;
        double to = -Double.MAX_VALUE;
        for (Vertex v : slab.shape()) {
            double c = (v.x() - start.x()) * way.x() + (v.y() - start.y()) * way.y();
            from = Math.min(from, c);
            to = Math.max(to, c);
        }
        return new Box(left + from * scale, top + slab.from() * scale, left + to * scale, top + slab.to() * scale);
    }

    private void depths(Point origin, double scale) {
        if (chosen < 0 || chosen >= corner.reinforcements().size()) {
            return;
        }
        List<Part> parts = corner.parts().stream().filter(each -> each.of() == chosen).toList();
        if (parts.isEmpty() || !Room.of(parts.getFirst().kind())
                .contains(Room.BACK)) {
            return;
        }
        double z = (parts.getFirst().fromFace() + parts.getLast().fromFace()) / 2;
        marks.dimension(origin, origin.plus(0, z * scale), -26, Length.mm(z), "From the front to its middle",
                CornerFields.fromFace(parts.getFirst().kind(), chosen));
    }
}
