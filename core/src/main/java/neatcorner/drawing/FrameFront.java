package neatcorner.drawing;

import java.util.ArrayList;
import java.util.List;
import neatcorner.fitout.Layer;
import neatcorner.job.Hold;
import neatcorner.member.MadeMember;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Vertex;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;

/** The front of a frame of any shape: what lies in it, and its pieces with their letters. */
public final class FrameFront {
    private final Plan plan;
    private final Contours contours;
    private final Marks marks;

    public FrameFront(Plan plan, Contours contours, Marks marks) {
        this.plan = plan;
        this.contours = contours;
        this.marks = marks;
    }

    /** A sheet on which stands that there is no frame. */
    public static Figure nothing() {
        Marks marks = new Marks();
        Box sheet = new Box(-150, -100, 150, 100);
        marks.hidden(sheet, Tint.CONSTRUCTION);
        marks.label(sheet.center(), 0, 0, Anchor.MIDDLE, "No frame of this shape and size can be made", 16, true,
                Tint.INK);
        return new Figure("No frame can be made", sheet, Figure.Margin.all(40), marks.list());
    }

    /** The same place in a figure: both have y downwards, in mm. */
    public static Point point(Vertex v) {
        return new Point(v.x(), v.y());
    }

    /** All corners of a loop, in order. */
    public static List<Point> points(Loop loop) {
        return loop.vertices().stream().map(FrameFront::point).toList();
    }

    /** The smallest box round a loop. */
    public static Box box(Loop loop) {
        return new Box(loop.left(), loop.top(), loop.right(), loop.bottom());
    }

    /** The smallest box round points. */
    public static Box box(List<Point> points) {
        return new Box(points.stream().mapToDouble(Point::x).min().orElse(0),
                points.stream().mapToDouble(Point::y).min().orElse(0),
                points.stream().mapToDouble(Point::x).max().orElse(0),
                points.stream().mapToDouble(Point::y).max().orElse(0));
    }

    /** Draws the frame and its rings from the front: wood, seams, letters. */
    public void draw() {
        draw(false);
        letters();
    }

    /** As {@link #draw()}, with all else that belongs to it. */
    public void drawAll() {
        draw(true);
        letters();
    }

    private void letters() {
        List<Point> wall = new ArrayList<>(points(contours.rabbet()));
        wall.add(wall.getFirst());
        if (!plan.job().section().rabbet().isNone()) {
            marks.dashed(Tint.WOOD_INK, wall.toArray(Point[]::new));
        }
        for (int i = 0; i < plan.pieces().size(); i++) {
            letter(i);
        }
    }

    /** All of it as one sees it on a wall, without letters and hidden edges. */
    public void drawQuietly() {
        draw(true);
    }

    private void draw(boolean all) {
        RingFronts rings = new RingFronts(plan, marks);
        MemberMarks members = new MemberMarks(plan, marks, point -> point);
        if (all) {
            members.draw(MadeMember.Depth.BEHIND);
        }
        rings.behind();
        held();
        rings.behindTheFace();
        for (int i = 0; i < plan.pieces().size(); i++) {
            piece(i);
        }
        if (all) {
            members.draw(MadeMember.Depth.WITHIN);
        }
        if (plan.job().hold() instanceof Hold.Wrapped) {
            marks.area(points(contours.outside()), Tint.ART, Tint.INK, 1.2);
            soundings(points(contours.outside()), marks);
        }
        rings.before();
        if (all) {
            members.draw(MadeMember.Depth.FRONT);
        }
    }

    /** Mirror glass, or any frame that holds glazing alone. */
    private boolean isGlassAlone() {
        List<Layer> layers = plan.job().pack().layers();
        return !layers.isEmpty() && layers.stream().allMatch(Layer.Glazing.class::isInstance);
    }

    /** What is seen inside the sight edge. */
    private void held() {
        Loop art = contours.sight();
        Layer.Mat mat = plan.job().pack().mat().orElse(null);
        if (mat != null) {
            double shows = mat.borders().top().minus(plan.job().section().rabbet().width()).plus(
                    plan.job().clearance()).toMm();
            Loop window = contours.at(-shows);
            marks.area(points(contours.sight()), Tint.MAT, null, 0);
            marks.area(points(window.offset(mat.thickness().toMm())), Tint.MAT_CORE, Tint.CONSTRUCTION, 0.8);
            art = window;
        }
        double shown = shown();
        art = shown < 0 ? contours.at(shown) : art;
        if (plan.job().hold() instanceof Hold.Nothing) {
            marks.area(points(art), Tint.TABLE, Tint.CONSTRUCTION, 0.8);
            return;
        }
        if (isGlassAlone()) {
            marks.area(points(art), Tint.GLASS, Tint.GLASS_EDGE, 1.2);
            marks.hatch(points(art), -60, 70, Tint.GLASS_EDGE);
            return;
        }
        marks.area(points(art), Tint.ART, Tint.CONSTRUCTION, 0.8);
        soundings(points(art), marks);
    }

    /** How far outside the sight edge the edge of what floats or lies flush is, mm; negative. Else nothing. */
    private double shown() {
        return -plan.job().hold().gap().toMm();
    }

    private void piece(int index) {
        marks.wood(outline(index), parts(index), Tint.wood(plan.job().section().wood()), grain(index), 11 + index);
    }

    /** A piece's face, counted as the plan's pieces are. */
    public List<Point> outline(int index) {
        return face().outline(index);
    }

    /** Convex parts that a piece's face is made up of. */
    public List<List<Point>> parts(int index) {
        return face().parts(index);
    }

    /** Which way a piece's grain runs, radians from the x axis. */
    public double grain(int index) {
        return face().grain(index);
    }

    private RingFace face() {
        return new RingFace(contours, plan.job().outline(), plan.job().joint());
    }

    private void letter(int index) {
        Piece piece = plan.pieces().get(index);
        marks.label(middle(index), 0, 5, Anchor.MIDDLE, piece.name(), 14, true,
                Tint.wood(plan.job().section().wood()).letters());
    }

    /** The middle of a piece's face. */
    public Point middle(int index) {
        return face().middle(index);
    }

    /** Art stands for itself by a few lines as of a chart, kept inside its edge. */
    public static void soundings(List<Point> outline, Marks marks) {
        Loop edge = new Loop(outline.stream().map(point -> new Vertex(point.x(), point.y())).toList());
        Box box = box(outline);
        for (int line = 0; line < 4; line++) {
            List<Point> run = new ArrayList<>();
            for (int i = 0; i <= 72; i++) {
                double t = i / 72.0;
                double y = box.top() + box.height() * (0.30 + 0.17 * line + 0.06 * Math.sin(5 * t + line * 0.8)
                        + 0.03 * Math.sin(13 * t + line * 2));
                double x = box.left() + box.width() * t;
                if (edge.contains(new Vertex(x, y))) {
                    run.add(new Point(x, y));
                } else {
                    stroke(run, line, marks);
                }
            }
            stroke(run, line, marks);
        }
    }

    private static void stroke(List<Point> run, int line, Marks marks) {
        if (run.size() > 1) {
            marks.line(Tint.ART_LINE, line == 0 ? 1.6 : 0.8, run.toArray(Point[]::new));
        }
        run.clear();
    }
}
