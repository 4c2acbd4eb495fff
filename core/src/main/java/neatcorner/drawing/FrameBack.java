package neatcorner.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import neatcorner.fitout.Layer;
import neatcorner.job.Hold;
import neatcorner.measure.Length;
import neatcorner.member.MadeMember;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.Across;
import neatcorner.plan.Plan;
import neatcorner.section.Section;

/** A frame as it is seen from behind: its wood, what closes it, and the rings that lie in it and round it. */
public final class FrameBack {
    private final Plan plan;
    private final Contours contours;
    private final Marks marks;
    private final UnaryOperator<Point> at;

    /** @param at where a place of the front, its middle at 0, 0, is drawn */
    public FrameBack(Plan plan, Contours contours, Marks marks, UnaryOperator<Point> at) {
        this.plan = plan;
        this.contours = contours;
        this.marks = marks;
        this.at = at;
    }

    /** A place of the front, turned round as the frame lies face down. */
    public static Point turned(Point front) {
        return new Point(-front.x(), front.y());
    }

    /** Everything, the rearmost last. */
    public void draw() {
        MemberMarks members = new MemberMarks(plan, marks, at);
        members.draw(MadeMember.Depth.FRONT);
        face(new RingFace(contours, plan.job().outline(), plan.job().joint()), plan.job().section(), 11);
        content();
        members.draw(MadeMember.Depth.WITHIN);
        List<Across.Lying> rings = new ArrayList<>(Across.of(plan).rings());
        rings.sort(Comparator.comparingDouble(Across.Lying::back));
        rings.removeIf(ring -> ring.back() < 0.01);
        int seed = 41;
        for (Across.Lying ring : rings) {
            Contours edges = ring.cut().contours();
            if (edges != null) {
                face(face(ring), ring.section(), seed);
                seed += 10;
            }
        }
        members.draw(MadeMember.Depth.BEHIND);
    }

    /** The faces of a ring that has a place. Throws {@link IllegalArgumentException} for one that has none. */
    public RingFace face(Across.Lying ring) {
        Contours edges = ring.cut().contours();
        if (edges == null) {
            throw new IllegalArgumentException("the ring lies nowhere");
        }
        CornerJoint joint = ring.ring().joint();
        return new RingFace(edges, plan.job().outline(), joint);
    }

    private void face(RingFace face, Section section, long seed) {
        for (int i = 0; i < face.count(); i++) {
            marks.wood(placed(face.outline(i)), face.parts(i).stream().map(this::placed).toList(),
                    Tint.wood(section.wood()), grain(face.grain(i)), seed + i);
        }
    }

    private double grain(double angle) {
        Point along = at.apply(new Point(Math.cos(angle), Math.sin(angle)));
        Point from = at.apply(new Point(0, 0));
        return Math.atan2(along.y() - from.y(), along.x() - from.x());
    }

    private List<Point> placed(List<Point> points) {
        return points.stream().map(at).toList();
    }

    /** What closes the back: the last layer of the pack, the art's own back, a mirror, fabric that is folded over. */
    private void content() {
        Across.Content held = Across.of(plan).content();
        List<Layer> layers = plan.job().pack().layers();
        if (plan.job().hold() instanceof Hold.Wrapped wrapped) {
            fold(wrapped.fold());
            return;
        }
        if (held == null || layers.isEmpty()) {
            marks.area(placed(FrameFront.points(contours.sight())), Tint.TABLE, Tint.CONSTRUCTION, 0.8);
            return;
        }
        List<Point> edge = placed(FrameFront.points(edge(held.edge())));
        switch (layers.getLast()) {
            case Layer.Glazing glazing -> {
                marks.area(edge, Tint.GLASS, Tint.GLASS_EDGE, 1.2);
                marks.hatch(edge, -60, 60, Tint.GLASS_EDGE);
            }
            case Layer.Mat mat -> marks.area(edge, Tint.MAT, Tint.INK, 1);
            case Layer.Spacers spacers -> marks.area(edge, Tint.GLASS, Tint.GLASS_EDGE, 1.2);
            case Layer.Art art -> marks.area(edge, Tint.ART, Tint.INK, 1);
            case Layer.Backing backing -> {
                marks.area(edge, Tint.BACKING, Tint.INK, 1);
                marks.hatch(edge, 45, 22, Tint.BACKING_LINE);
            }
        }
    }

    private Loop edge(double beyond) {
        return plan.job().outline().faceWidths().isEmpty() || beyond <= plan.seat().wall().toMm()
                ? contours.at(beyond)
                : contours.outside().offset(-plan.job().hold().room().toMm());
    }

    private void fold(Length fold) {
        Loop inner = contours.outside().offset(-Math.min(fold.toMm(), plan.job().section().width().toMm()));
        List<Point> out = FrameFront.points(contours.outside());
        List<Point> in = FrameFront.points(inner);
        for (int i = 0; i < out.size(); i++) {
            int next = (i + 1) % out.size();
            marks.area(placed(List.of(out.get(i), out.get(next), in.get(next), in.get(i))), Tint.MAT,
                    Tint.CONSTRUCTION, 0.8);
        }
        marks.area(placed(FrameFront.points(contours.sight())), Tint.MAT, Tint.CONSTRUCTION, 0.8);
    }

    /** A small round thing: a screw, a point's head. */
    public static List<Point> disc(Point middle, double radius) {
        List<Point> disc = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            double angle = i * Math.PI / 5;
            disc.add(middle.plus(radius * Math.cos(angle), radius * Math.sin(angle)));
        }
        return disc;
    }
}
