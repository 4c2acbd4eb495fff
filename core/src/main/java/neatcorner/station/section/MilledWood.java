package neatcorner.station.section;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Length;
import neatcorner.measure.Sentence;
import neatcorner.section.Edge;
import neatcorner.section.EdgeShape;
import neatcorner.section.Face;
import neatcorner.section.Layers;
import neatcorner.section.MillPass;
import neatcorner.section.Operation;
import neatcorner.section.Passes;
import neatcorner.section.Profile;
import neatcorner.section.SafeZone;
import neatcorner.section.Section;
import neatcorner.section.Spot;
import neatcorner.section.Tool;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/** The wood of a milled or built-up section: finished, or at one of its passes with what the tool takes. */
final class MilledWood {
    private final Section section;
    private final Profile profile;
    private final Marks marks;
    private final double w;
    private final double t;

    MilledWood(Section section, Marks marks) {
        this.section = section;
        this.profile = Profile.of(section);
        this.marks = marks;
        this.w = section.width().toMm();
        this.t = section.thickness().toMm();
    }

    static List<Point> points(List<Spot> spots) {
        return spots.stream().map(spot -> new Point(spot.x(), spot.y())).toList();
    }

    void drawFinished() {
        wood(profile.finished());
    }

    private void wood(Geometry wood) {
        Layers layers = section.milling().layers();
        if (layers.isEmpty()) {
            wood(wood, Tint.wood(section.wood()));
            return;
        }
        for (int i = 0; i < layers.plies().size(); i++) {
            wood(profile.ply(wood, i), Tint.wood(layers.plies().get(i).wood()));
        }
    }

    private void wood(Geometry wood, Tint tint) {
        for (List<Spot> outline : Profile.outlines(wood)) {
            marks.endGrain(points(outline), Profile.strips(wood).stream().map(MilledWood::points).toList(), tint);
        }
    }

    /** The wood before a pass, what that pass takes, and what it rests on. */
    void drawPass(int wanted) {
        List<MillPass> passes = Passes.of(section);
        if (passes.isEmpty()) {
            drawFinished();
            return;
        }
        int index = Math.min(wanted, passes.size() - 1);
        MillPass pass = passes.get(index);
        Geometry wood = profile.after(pass.operation());
        for (int i = 0; i < index; i++) {
            if (passes.get(i).operation() == pass.operation()) {
                wood = Profile.without(wood, passes.get(i).cut());
            }
        }
        wood(wood);
        for (List<Spot> gone : Profile.outlines(Profile.taken(wood, pass.cut()))) {
            marks.area(points(gone), Tint.WASTE, Tint.CUT, 2);
        }
        for (List<Spot> part : Profile.strips(Profile.taken(wood, pass.cut()))) {
            marks.hatch(points(part), 45, 6, Tint.CUT);
        }
        rest(pass.rest(), pass.tool() == Tool.PLANE ? SectionTexts.ON_THE_BENCH : SectionTexts.ON_THE_TABLE, wood);
        if (pass.tool() != Tool.PLANE) {
            rest(pass.guide(), SectionTexts.ALONG_THE_FENCE, wood);
        }
        Envelope box = Profile.taken(wood, pass.cut()).getEnvelopeInternal();
        if (!box.isNull()) {
            double x = box.centre().x;
            marks.label(new Point(x, pass.rest() == Face.BACK ? box.getMinY() : box.getMaxY()), 0,
                    pass.rest() == Face.BACK ? -8 : 22, Anchor.MIDDLE, String.valueOf(index + 1), 18, true,
                    Tint.WOOD_INK);
        }
    }

    private void rest(Face face, String words, Geometry wood) {
        Envelope box = wood.getEnvelopeInternal();
        double off = 0.35;
        double right = box.getMaxX();
        switch (face) {
            case FRONT -> line(-w * 0.15, -off, right + w * 0.15, -off, words, new Point(w / 2, -off), 0, -12);
            case BACK -> line(-w * 0.15, t + off, right + w * 0.15, t + off, words, new Point(w / 2, t + off), 0, 24);
            case INNER -> line(-off, -t * 0.15, -off, t * 1.15, words, new Point(-off, t / 2), -64, 5);
            case OUTER -> line(right + off, -t * 0.15, right + off, t * 1.15, words, new Point(right + off, t / 2), 64,
                    5);
        }
    }

    private void line(double x1, double y1, double x2, double y2, String words, Point at, double dx, double dy) {
        marks.line(Tint.METAL, 5, new Point(x1, y1), new Point(x2, y2));
        marks.label(at, dx, dy, Anchor.MIDDLE, words, 13, false, Tint.FAINT_INK);
    }

    void drawSafeZone(SafeZone zone) {
        for (List<Spot> outline : zone.outlines()) {
            List<Point> points = new ArrayList<>(points(outline));
            points.add(points.getFirst());
            marks.dashed(Tint.CUT, points.toArray(Point[]::new));
        }
        List<Double> r = zone.largest();
        Box box = new Box(r.get(0), r.get(1), r.get(2), r.get(3));
        marks.hatch(box.corners(), 45, 9, Tint.CUT);
        List<Point> corners = new ArrayList<>(box.corners());
        corners.add(corners.getFirst());
        marks.cut(1.8, corners.toArray(Point[]::new));
        marks.dimension(new Point(box.left(), box.bottom()), new Point(box.right(), box.bottom()), 0,
                Length.mm(box.width()), SectionTexts.SAFE_ZONE_WIDTH, null);
        marks.dimension(new Point(box.center().x(), box.top()), new Point(box.center().x(), box.bottom()), 0,
                Length.mm(box.height()), SectionTexts.SAFE_ZONE_HEIGHT, null);
    }

    /** Sizes of the operations where they are, with handles to drag. */
    void drawSizes() {
        List<Operation> order = section.milling().order(section.rabbet());
        for (int i = 0; i < order.size(); i++) {
            if (order.get(i) instanceof Operation.Shaped shaped) {
                size(shaped, i);
            } else if (order.get(i) instanceof Operation.Groove groove) {
                size(groove, i);
            }
        }
    }

    private void size(Operation.Shaped shaped, int place) {
        Edge edge = shaped.edge();
        double along = shaped.size().toMm() * (shaped.shape() == EdgeShape.BEAD ? 2 : 1);
        double sign = edge.isInner() ? 1 : -1;
        double x = edge.isInner() ? Math.min(along, w) : Math.max(0, w - along);
        double y = edge.isFront() ? 0 : t;
        double corner = edge.isInner() ? 0 : w;
        double out = edge.isFront() ? -1 : 1;
        marks.line(Tint.CONSTRUCTION, 1, new Point(corner, y), new Point(corner - sign * w * 0.05, y + out * t * 0.1));
        marks.value(new Point(corner - sign * w * 0.06, y + out * t * 0.13), edge.isInner() ? Anchor.END : Anchor.START,
                shaped.size(), Sentence.capital(shaped.title()), SectionFields.milled(place));
        marks.handle(new Point(x, y), SectionFields.milled(place), sign, 0);
    }

    private void size(Operation.Groove groove, int place) {
        double middle = groove.from().toMm() + groove.size().toMm() / 2;
        double depth = groove.depth().toMm();
        switch (groove.face()) {
            case FRONT -> groove(groove, place, new Point(middle, depth), 0, 1);
            case BACK -> groove(groove, place, new Point(middle, t - depth), 0, -1);
            case INNER -> {
                marks.value(new Point(w * 1.1, middle), Anchor.START, groove.size(), SectionTexts.GROOVE,
                        SectionFields.milled(place));
                marks.handle(new Point(depth, middle), SectionFields.milledDepth(place), 1, 0);
            }
            case OUTER -> groove(groove, place, new Point(w - depth, middle), -1, 0);
        }
    }

    private void groove(Operation.Groove groove, int place, Point floor, double dx, double dy) {
        marks.value(floor.plus(dx * w * 0.06, dy * t * 0.08), Anchor.MIDDLE, groove.size(), SectionTexts.GROOVE,
                SectionFields.milled(place));
        marks.handle(floor, SectionFields.milledDepth(place), dx, dy);
    }
}
