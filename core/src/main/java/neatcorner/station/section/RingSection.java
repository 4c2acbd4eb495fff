package neatcorner.station.section;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.fitout.Bite;
import neatcorner.fitout.Layer;
import neatcorner.job.Hold;
import neatcorner.measure.Length;
import neatcorner.plan.Across;
import neatcorner.plan.Plan;
import neatcorner.section.Profile;
import neatcorner.section.Spot;

/** Beside the stick's end: the rings that lie in, behind and round the frame, and what floats, lies flush or hangs behind. */
final class RingSection {
    private final Plan plan;
    private final Marks marks;
    private final double reach;
    private final Across across;

    /** @param reach how far inside the sight edge the picture goes, mm */
    RingSection(Plan plan, Marks marks, double reach) {
        this.plan = plan;
        this.marks = marks;
        this.across = Across.of(plan);
        double in = reach;
        for (Across.Lying ring : across.rings()) {
            in = Math.max(in, 8 - ring.out());
        }
        this.reach = in;
    }

    /** Whether there is anything of it. */
    static boolean isThere(Plan plan) {
        return !plan.job().outline().isSloped() && (!plan.job().hold().isInRabbet() || !plan.rings().isEmpty());
    }

    /** What is held, where it is not a pack in the rabbet. */
    void drawHeld() {
        Across.Content held = across.content();
        if (held == null || plan.job().hold().isInRabbet()) {
            return;
        }
        double y = held.front();
        for (Layer layer : plan.job().pack().layers()) {
            double thick = layer.thickness().toMm();
            Box box = new Box(-reach, y, Math.max(-reach + 1, held.edge()), y + thick);
            if (layer instanceof Layer.Art) {
                marks.area(box, Tint.ART, Tint.INK, 1);
                marks.label(new Point(-reach, box.center().y()), 10, 5, Anchor.START, SectionTexts.ART, 14, true,
                        Tint.INK);
            } else {
                SectionFigure.drawLayer(marks, layer, box.corners());
            }
            y += thick;
        }
    }

    /** Every ring, cut through, with its name, and its screw. */
    void drawRings() {
        for (Across.Lying ring : across.rings()) {
            if (ring.section().isSound()) {
                for (List<Spot> outline : Profile.outlines(Profile.of(ring.section()).finished())) {
                    List<Point> placed = outline.stream()
                            .map(spot -> new Point(ring.out() + spot.x(), ring.front() + spot.y())).toList();
                    List<List<Point>> parts = new ArrayList<>();
                    for (List<Spot> part : Profile.strips(Profile.of(ring.section()).finished())) {
                        parts.add(part.stream()
                                .map(spot -> new Point(ring.out() + spot.x(), ring.front() + spot.y())).toList());
                    }
                    marks.endGrain(placed, parts, Tint.wood(ring.section().wood()));
                }
            }
            across.bite(plan, ring).ifPresent(bite -> screw(ring, bite));
            marks.label(new Point((ring.out() + ring.outer()) / 2, ring.back()), 0, 18, Anchor.MIDDLE,
                    ring.ring().name(), 13, true, Tint.INK);
        }
    }

    /** From behind through a carrier, or sideways through a ring into the wall. */
    private void screw(Across.Lying ring, Bite bite) {
        double length = bite.screw().toMm();
        double half = Math.max(0.8, plan.job().section().thickness().toMm() * 0.03);
        boolean fromBehind = bite.passes().equals(ring.section().thickness());
        if (fromBehind) {
            Across.Content held = across.content();
            double x = held == null
                    ? (ring.out() + ring.outer()) / 2
                    : (ring.out() + Math.min(held.edge(), ring.outer())) / 2;
            marks.area(new Box(x - half, ring.back() - length, x + half, ring.back()), Tint.METAL, Tint.INK, 0.8);
            marks.area(List.of(new Point(x - half * 2.4, ring.back()), new Point(x + half * 2.4, ring.back()),
                    new Point(x + half, ring.back() - half * 2), new Point(x - half, ring.back() - half * 2)),
                    Tint.METAL,
                    Tint.INK, 0.8);
        } else {
            double y = (ring.front() + ring.back()) / 2;
            marks.area(new Box(ring.out(), y - half, ring.out() + length, y + half), Tint.METAL, Tint.INK, 0.8);
        }
    }

    /** Recess, gap and bearing, to be typed where they are free. */
    void drawDimensions() {
        Across.Content held = across.content();
        if (held == null || plan.job().hold().isInRabbet()) {
            return;
        }
        if (plan.job().hold() instanceof Hold.Floating) {
            double x = -reach * 0.7;
            marks.dashed(Tint.CONSTRUCTION, new Point(-reach, 0), new Point(0, 0));
            marks.dimension(new Point(x, held.front()), new Point(x, 0), 0, Length.mm(held.front()),
                    SectionTexts.RECESS, SectionFields.RECESS);
            marks.handle(new Point(-reach * 0.4, held.front()), SectionFields.RECESS, 0, 1);
        }
        if (held.edge() < 0) {
            marks.shortDimension(new Point(held.edge(), 0), new Point(0, 0), 24, plan.job().hold().room(),
                    SectionTexts.GAP, SectionFields.ROOM);
        }
        across.carrier().ifPresent(ring -> marks.dimension(new Point(ring.out(), ring.back()),
                new Point(held.edge(), ring.back()), -40, Length.mm(held.edge() - ring.out()), SectionTexts.BEARING,
                SectionFields.BEARING));
    }

    /** The box round all of it and the stick's own. */
    Box bounds(Box stick) {
        double left = Math.min(stick.left(), -reach);
        double right = stick.right();
        double top = stick.top();
        double bottom = stick.bottom();
        for (Across.Lying ring : across.rings()) {
            left = Math.min(left, ring.out());
            right = Math.max(right, ring.outer());
            top = Math.min(top, ring.front());
            bottom = Math.max(bottom, ring.back());
        }
        Across.Content held = across.content();
        return held == null
                ? new Box(left, top, right, bottom)
                : new Box(left, Math.min(top, held.front()), right, Math.max(bottom, held.back()));
    }
}
