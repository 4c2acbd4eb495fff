package neatcorner.station.hanging;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameBack;
import neatcorner.drawing.FrameFront;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.hanging.Hanging;
import neatcorner.hanging.HungFrame;
import neatcorner.hanging.OnWall;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.plan.Plan;

/** A whole wall with all its frames, each of which can be dragged. */
public final class WallFigure {
    /** Of a frame of which only the size is known: its sides take so much of its smaller side. */
    private static final double RIM = 0.08;
    /** Gaps that are smaller have no room for their number, as a share of the wall's width. */
    private static final double LEAST_GAP = 0.02;
    private static final double PERSON_AT = -350;
    private static final double LEAST_STUDS = 50;
    private static final double HALF_STUD = 19;

    private final Plan plan;
    private final Contours contours;
    private final WallWork work;
    private final Hanging hanging;
    private final Marks marks = new Marks();
    private final double width;
    private final double ceiling;
    /** Where the left corner of the wall is drawn, and the floor; the frame's own middle is where its outline has it. */
    private final double cornerX;
    private final double floorY;

    private WallFigure(Plan plan, Contours contours, WallWork work) {
        this.plan = plan;
        this.contours = contours;
        this.work = work;
        this.hanging = plan.job().hanging();
        this.width = work.wall().width().toMm();
        this.ceiling = Math.max(500, hanging.ceiling().toMm());
        Loop outline = HangingWork.outermost(plan, contours);
        HungFrame own = work.frames().getFirst();
        this.cornerX = (outline.left() + outline.right()) / 2 - own.x();
        this.floorY = (outline.top() + outline.bottom()) / 2 + own.y();
    }

    /** The wall of a plan; that there is no frame, where there is none or no wall was spoken of. */
    public static Figure of(Plan plan) {
        Contours contours = plan.contours();
        WallWork work = WallWork.of(plan).orElse(null);
        return contours == null || work == null
                ? FrameFront.nothing()
                : new WallFigure(plan, contours, work).draw();
    }

    private Figure draw() {
        marks.area(box(0, ceiling, width, 0), Tint.TABLE, null, 0);
        studs();
        marks.line(Tint.INK, 2, at(0, 0), at(width, 0));
        marks.line(Tint.CONSTRUCTION, 1, at(0, ceiling), at(width, ceiling));
        furniture();
        Wall.person(marks, at(PERSON_AT, 0).x(), at(0, 0).y());
        for (int i = 1; i < work.frames().size(); i++) {
            other(work.frames().get(i), work.names().get(i));
        }
        new FrameFront(plan, contours, marks).drawQuietly();
        double radius = ceiling * 0.006;
        for (WallWork.Spot hook : work.hooks()) {
            marks.area(FrameBack.disc(at(hook.from().toMm(), hook.height().toMm()), radius), Tint.METAL, Tint.INK, 1.2);
        }
        gaps();
        dimensions();
        for (int i = 0; i < work.frames().size(); i++) {
            HungFrame frame = work.frames().get(i);
            marks.cornerHandle(at(frame.x(), frame.y()), i, work.names().get(i));
        }
        return new Figure(HangingTexts.FRAMES_ON_THE_WALL, box(2 * PERSON_AT, ceiling, width, 0),
                new Figure.Margin(60, 90, 60, 40), marks.list());
    }

    /** So far right of the wall's left corner, and so far above the floor. */
    private Point at(double from, double up) {
        return new Point(cornerX + from, floorY - up);
    }

    private Box box(double left, double top, double right, double bottom) {
        Point one = at(left, top);
        Point other = at(right, bottom);
        return new Box(one.x(), one.y(), other.x(), other.y());
    }

    private void studs() {
        OnWall.Studs studs = work.wall().studs();
        if (studs == null || studs.apart().toMm() < LEAST_STUDS) {
            return;
        }
        for (double x = studs.first().toMm(); x < width; x += studs.apart().toMm()) {
            marks.shaded(box(Math.max(0, x - HALF_STUD), ceiling, Math.min(width, x + HALF_STUD), 0).corners(),
                    Tint.TABLE, 0.95);
            marks.dashed(Tint.CONSTRUCTION, at(x, ceiling), at(x, 0));
        }
    }

    private void furniture() {
        Length furniture = hanging.furniture();
        if (furniture != null) {
            double half = Math.min(width / 2, 900);
            double middle = Math.clamp(work.wall().from().toMm(), half, Math.max(half, width - half));
            marks.area(box(middle - half, furniture.toMm(), middle + half, 0), Tint.BACKING, Tint.CONSTRUCTION, 1.2);
        }
    }

    /** Only its size is known. */
    private void other(HungFrame frame, String name) {
        Box out = box(frame.left(), frame.top(), frame.right(), frame.bottom());
        double rim = RIM * Math.min(frame.width(), frame.height());
        marks.area(out, Tint.wood(plan.job().section().wood()), Tint.INK, 1.2);
        marks.area(out.grown(-rim), Tint.ART, Tint.CONSTRUCTION, 0.8);
        marks.label(new Point(out.center().x(), out.bottom()), 0, 16, Anchor.MIDDLE, name, 12, false, Tint.INK);
    }

    /** Between frames that hang side by side. */
    private void gaps() {
        List<HungFrame> order = new ArrayList<>(work.frames());
        order.sort(Comparator.comparingDouble(HungFrame::left));
        for (int i = 1; i < order.size(); i++) {
            HungFrame left = order.get(i - 1);
            HungFrame right = order.get(i);
            double top = Math.min(left.top(), right.top());
            double bottom = Math.max(left.bottom(), right.bottom());
            double gap = right.left() - left.right();
            if (top > bottom && gap > width * LEAST_GAP) {
                double y = bottom + (top - bottom) * 0.25;
                marks.dimension(at(left.right(), y), at(right.left(), y), 0, Length.mm(gap), HangingTexts.GAP, null);
            }
        }
    }

    private void dimensions() {
        HungFrame own = work.frames().getFirst();
        marks.dimension(at(0, 0), at(own.x(), 0), -26, work.wall().from(), HangingTexts.FROM_THE_LEFT,
                HangingFields.FROM);
        marks.dimension(at(0, ceiling), at(width, ceiling), 26, work.wall().width(), HangingTexts.WALL_WIDTH,
                HangingFields.WALL_WIDTH);
        marks.dimension(at(width, 0), at(width, own.y()), -26, hanging.centre(), HangingTexts.CENTER_ABOVE_THE_FLOOR,
                HangingFields.CENTER);
    }

    /**
     * The hooks of a wall at full size, to be taped to it: a cross for each, the corners of their frames, a level line. The
     * lowest left of them is at 0, 0.
     */
    public static Figure template(WallWork work, Units units) {
        Marks marks = new Marks();
        double left = work.hooks().stream().mapToDouble(hook -> hook.from().toMm()).min().orElse(0);
        double right = work.hooks().stream().mapToDouble(hook -> hook.from().toMm()).max().orElse(0);
        double low = work.hooks().stream().mapToDouble(hook -> hook.height().toMm()).min().orElse(0);
        double high = work.hooks().stream().mapToDouble(hook -> hook.height().toMm()).max().orElse(0);
        for (WallWork.Spot hook : work.hooks()) {
            Point at = new Point(hook.from().toMm() - left, low - hook.height().toMm());
            marks.line(Tint.INK, 1, at.plus(-12, 0), at.plus(12, 0));
            marks.line(Tint.INK, 1, at.plus(0, -12), at.plus(0, 12));
            marks.label(at, 10, -6, Anchor.START, work.names().get(hook.frame()), 10, false, Tint.INK);
        }
        marks.dashed(Tint.CONSTRUCTION, new Point(0, 0), new Point(right - left, 0));
        Point bar = new Point(0, 30);
        double measured = marks.measuredLine(bar, units);
        Box bounds = new Box(-20, low - high - 20, Math.max(right - left + 60, measured), 34);
        return new Figure(HangingTexts.HOOKS_AT_FULL_SIZE, bounds, new Figure.Margin(12, 12, 24, 12), marks.list());
    }
}
