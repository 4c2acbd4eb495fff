package neatcorner.station.corners;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import neatcorner.corner.Reinforcement;
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
import neatcorner.plan.Field;
import neatcorner.plan.Plan;
import neatcorner.section.Profile;
import neatcorner.section.SafeZone;
import neatcorner.section.Section;
import neatcorner.section.Spot;

/** One corner close up: from the front, as if one could see into the wood, and beside it cut through along the joint. */
public final class CornerFigure {
    private final Plan plan;
    private final JoinedCorner corner;
    private final CornerWood wood;
    private final int chosen;
    private final Marks marks = new Marks();
    private final Tint tint;
    private final CornerFront front;

    private CornerFigure(Plan plan, CornerWork.Kind kind, int chosen) {
        this.plan = plan;
        this.corner = kind.corner();
        this.wood = corner.wood();
        this.chosen = chosen;
        this.tint = Tint.wood(plan.job().section().wood());
        this.front = new CornerFront(kind, tint, marks, CornerFront.length(corner));
    }

    /** A small picture of a corner with what holds it, to choose it by. */
    public static Figure sketch(Plan plan, CornerWork.Kind kind) {
        Marks marks = new Marks();
        double length = 1.7 * Math.max(kind.corner().wood().before(), kind.corner().wood().after());
        CornerFront front = new CornerFront(kind, Tint.wood(plan.job().section().wood()), marks, length);
        front.plainPieces();
        front.hiddenSeams();
        front.parts();
        return new Figure(CornersTexts.CORNER, front.bounds(0), Figure.Margin.all(3), marks.list());
    }

    /** With the sizes of one reinforcement, by its number, to be changed in the drawing; −1 for none. */
    public static Figure of(Plan plan, CornerWork.Kind kind, int chosen) {
        return new CornerFigure(plan, kind, chosen).draw();
    }

    private Figure draw() {
        front();
        Box seen = front.bounds(0);
        double left = seen.right() + seen.width() * 0.3;
        Box cut = through(left, seen.top() + seen.height() * 0.06, 1);
        Box all = new Box(seen.left(), seen.top(), Math.max(cut.right(), left), Math.max(seen.bottom(), cut.bottom()));
        return new Figure(CornersTexts.CORNER_FROM_THE_FRONT, all,
                new Figure.Margin(36, 40, 34, 40), marks.list());
    }

    /** The corner apart, its parts between the pieces, for paper. */
    public static Figure exploded(Plan plan, CornerWork.Kind kind) {
        CornerFigure figure = new CornerFigure(plan, kind, -1);
        return figure.apart();
    }

    private Figure apart() {
        double gap = Math.max(wood.before(), wood.after()) * 0.9;
        front.pieces(gap / 2);
        int number = 1;
        for (Part part : corner.parts()) {
            front.part(part);
            marks.label(front.at(middle(part)), 14, -6, Anchor.START, String.valueOf(number++), 13, true, Tint.INK);
        }
        return new Figure(CornersTexts.CORNER_APART, front.bounds(gap),
                Figure.Margin.all(24), marks.list());
    }

    private void front() {
        front.pieces(0);
        front.hiddenSeams();
        front.rabbetWall();
        front.letters();
        front.parts();
        for (int i = 0; i < corner.clashes().size(); i++) {
            drawClash(corner.clashes().get(i), i);
        }
        front.heelAndToe();
        for (Part part : corner.parts()) {
            for (List<Vertex> outline : part.fromFront()) {
                marks.thing(front.all(outline), key(part.of()), part.name());
            }
        }
        dimensions();
    }

    /** What a reinforcement is called among the things of the drawing. */
    public static String key(int reinforcement) {
        return "hold-" + reinforcement;
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
            marks.hatch(front.all(slab.shape()), 45, 6, Tint.CUT);
            List<Point> outline = new ArrayList<>(front.all(slab.shape()));
            outline.add(outline.getFirst());
            marks.cut(2, outline.toArray(Point[]::new));
        }
        String what = clash.other() >= 0 ? corner.parts().get(clash.other()).name() : clash.with().title();
        Box box = front.bounds(0);
        marks.label(new Point(box.left(), box.bottom()), 0, 20 + line * 18.0, Anchor.START,
                (clash.breach() ? CornersTexts.SHOWN_RUNS_INTO : CornersTexts.SHOWN_TOO_NEAR).formatted(part.name(),
                        what),
                13, true, Tint.CUT);
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
                Vertex heel = wood.heel(part.fromFace());
                Point end = front.at(heel.plus(in.x() * what.size().toMm(), in.y() * what.size().toMm()));
                marks.dimension(front.at(heel), end, 0, what.size(), CornersTexts.DEPTH_ALONG_THE_DIAGONAL,
                        CornerFields.size(what.kind(), chosen));
                handle(end, CornerFields.size(what.kind(), chosen), in);
            }
            case FROM_EDGE -> {
                double e = part.fromHeel();
                Vertex heel = wood.heel(part.fromFace());
                Point to = front.at(heel.plus(wood.along().x() * e, wood.along().y() * e));
                marks.dimension(front.at(heel), to, front.side(26), Length.mm(e), CornersTexts.FROM_THE_HEEL,
                        CornerFields.fromHeel(what.kind(), chosen));
                handle(to, CornerFields.fromHeel(what.kind(), chosen), wood.along());
            }
            case ACROSS, FROM_BACK -> {
                Vertex start = wood.seam().start();
                Vertex way = wood.seam().direction();
                double c = part.fromHeel();
                Point to = front.at(new Vertex(start.x() + way.x() * c, start.y() + way.y() * c));
                marks.dimension(front.at(start), to, front.side(-22), Length.mm(c), CornersTexts.FROM_THE_HEEL_ALONG,
                        CornerFields.fromHeel(what.kind(), chosen));
                handle(to, CornerFields.fromHeel(what.kind(), chosen), way);
            }
            case ON_BACK, IN_RABBET, THROUGH -> {
            }
        }
    }

    private void handle(Point at, Field field, Vertex own) {
        Vertex way = front.way(own);
        marks.handle(at, field, way.x(), way.y());
    }

    /** The end of a piece as the joint cuts it: along it from heel to toe, and from front to back. */
    private Box through(double left, double top, double scale) {
        Section section = plan.job().section().withWidth(wood.faces().before());
        double stretch = wood.seamLength() / Math.max(1e-6, wood.before());
        double whole = wood.seamLength() * scale;
        double t = wood.thickness() * scale;
        Function<Spot, Point> place = own -> {
            Spot spot = wood.lean().seen(own);
            return new Point(left + whole - spot.x() * stretch * scale, top + spot.y() * scale);
        };
        Function<Vertex, Point> seen = v -> new Point(left + v.x() * scale, top + v.y() * scale);
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
            for (List<Vertex> outline : part.throughSeam(wood.seam())) {
                List<Point> drawn = outline.stream().map(seen).toList();
                marks.area(drawn, front.tint(part.kind()), Tint.WOOD_INK, 1);
                marks.thing(drawn, key(part.of()), part.name());
            }
        }
        for (Clash clash : corner.clashes()) {
            Slab where = clash.where();
            if (where != null) {
                List<Point> outline = new ArrayList<>(where.throughSeam(wood.seam()).stream().map(seen).toList());
                marks.hatch(outline, 45, 6, Tint.CUT);
                outline.add(outline.getFirst());
                marks.cut(2, outline.toArray(Point[]::new));
            }
        }
        Point corner0 = new Point(left, top);
        marks.label(corner0.plus(whole / 2, 0), 0, -26, Anchor.MIDDLE, CornersTexts.THROUGH_THE_JOINT_FRONT, 12, false,
                Tint.FAINT_INK);
        marks.label(corner0.plus(0, t), 0, 20, Anchor.START, CornersTexts.HEEL, 12, false, Tint.FAINT_INK);
        marks.label(corner0.plus(whole, t), 0, 20, Anchor.END, CornersTexts.TOE, 12, false, Tint.FAINT_INK);
        depths(corner0, scale);
        return new Box(left, top, left + whole, top + t);
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
        marks.dimension(origin, origin.plus(0, z * scale), -26, Length.mm(z), CornersTexts.FROM_THE_FRONT_TO_ITS_MIDDLE,
                CornerFields.fromFace(parts.getFirst().kind(), chosen));
    }
}
