package neatcorner.station.opening;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameFront;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.fitout.Layer;
import neatcorner.glueup.Recipe;
import neatcorner.job.Design;
import neatcorner.job.Looks;
import neatcorner.job.Shade;
import neatcorner.measure.Theirs;
import neatcorner.outline.Contours;
import neatcorner.outline.Opening;
import neatcorner.plan.Plan;

/** The frame as it will look on the wall, with the photo of the art in it; other designs of it beside. */
public final class FramedFigure {
    /** Of the frames' larger side: between frames, and from them to the wall's edge. */
    private static final double GAP = 0.16;
    /** The wall goes on beyond what is looked at, by so many times that. */
    private static final double BEYOND = 4;
    private static final Shade SHADOW = new Shade(0);
    private static final Shade LIGHT = new Shade(0xffffff);
    /** A drawing is about so much wider than high. */
    private static final double ROOM = 1.5;

    private final Plan plan;
    private final Contours contours;
    private final FrameFront front;
    private final Marks marks = new Marks();
    private double dx;
    private double dy;

    private FramedFigure(Plan plan, Contours contours) {
        this.plan = plan;
        this.contours = contours;
        front = new FrameFront(plan, contours, marks);
    }

    /**
     * All designs on one wall, each a thing with the key {@code design-0} and so on.
     *
     * @param picked the one that is ringed, counted from 0; −1 for none
     */
    public static Figure of(Plan plan, int picked) {
        Contours contours = plan.contours();
        return contours == null || !plan.sizes().arePossible()
                ? FrameFront.nothing()
                : new FramedFigure(plan, contours).wall(Looks.designs(plan.job()), picked);
    }

    /** The job's own design alone, without a wall, for paper. */
    public static Figure alone(Plan plan) {
        Contours contours = plan.contours();
        if (contours == null || !plan.sizes().arePossible()) {
            return FrameFront.nothing();
        }
        FramedFigure figure = new FramedFigure(plan, contours);
        figure.frame(Design.of(plan.job()));
        return new Figure(OpeningTexts.FRAME_AS_IT_WILL, FrameFront.box(contours.outside()), Figure.Margin.all(4),
                figure.marks.list());
    }

    private Figure wall(List<Design> designs, int picked) {
        Box one = FrameFront.box(contours.outside());
        double gap = GAP * Math.max(one.width(), one.height());
        int columns = columns(one, gap, designs.size());
        int rows = (designs.size() + columns - 1) / columns;
        Box wall = new Box(one.left() - gap, one.top() - gap,
                one.left() + columns * (one.width() + gap), one.top() + rows * (one.height() + gap));
        Shade paint = plan.job().looks().wall();
        marks.painted(wall.grown(BEYOND * Math.max(wall.width(), wall.height())).corners(), paint, 1);
        for (int i = 0; i < designs.size(); i++) {
            int row = i / columns;
            int inRow = Math.min(columns, designs.size() - row * columns);
            dx = (i % columns + (columns - inRow) / 2.0) * (one.width() + gap);
            dy = row * (one.height() + gap);
            shadow(gap);
            frame(designs.get(i));
            Box box = new Box(one.left() + dx, one.top() + dy, one.right() + dx, one.bottom() + dy);
            String said = said(designs.get(i), i);
            marks.thing(box.grown(gap * 0.18).corners(), "design-" + i, said);
            if (designs.size() > 1) {
                caption(box, gap, said, i == picked, paint.light() > 0.3 ? Tint.WOOD_INK : Tint.HIGHLIGHT);
            }
        }
        return new Figure(OpeningTexts.FRAME_ON_THE_WALL, wall, Figure.Margin.all(0), marks.list());
    }

    /** Tells one design from the others beside it, and rings the one that is picked. */
    private void caption(Box box, double gap, String said, boolean isPicked, Tint tint) {
        if (isPicked) {
            List<Point> ring = new ArrayList<>(box.grown(gap * 0.18).corners());
            ring.add(ring.getFirst());
            marks.line(tint, 2, ring.toArray(Point[]::new));
        }
        marks.label(new Point(box.center().x(), box.bottom() + gap * 0.5), 0, 5, Anchor.MIDDLE, said, 13, isPicked,
                tint);
    }

    private static int columns(Box one, double gap, int count) {
        int best = 1;
        double most = 0;
        for (int columns = 1; columns <= count; columns++) {
            int rows = (count + columns - 1) / columns;
            double scale = Math.min(ROOM / (columns * (one.width() + gap)), 1 / (rows * (one.height() + gap)));
            if (scale > most) {
                most = scale;
                best = columns;
            }
        }
        return best;
    }

    /** A design in a few words, with its number. */
    public static String said(Design design, int index) {
        return (index + 1) + "  " + Theirs.words(design.wood().name())
                + (design.finish().coats().isEmpty() ? "" : ", " + finish(design));
    }

    /** What the finish is called, with its colour where that has a name. */
    public static String finish(Design design) {
        return SwatchTexts.FINISHES.stream().filter(each -> each.recipe().equals(design.finish())
                && (!Looks.isColored(each.recipe()) || each.shade().equals(design.stain())))
                .map(SwatchTexts.Finish::name).findFirst().orElse(design.finish().name());
    }

    private Point at(double x, double y) {
        return new Point(x + dx, y + dy);
    }

    private List<Point> at(List<Point> points) {
        return points.stream().map(point -> at(point.x(), point.y())).toList();
    }

    private void shadow(double gap) {
        for (int i = 3; i >= 1; i--) {
            double off = gap * 0.05 * i;
            List<Point> cast = FrameFront.points(contours.outside()).stream()
                    .map(point -> at(point.x() + off * 0.6, point.y() + off)).toList();
            marks.painted(cast, SHADOW, 0.11);
        }
    }

    private void frame(Design design) {
        List<Point> opening = FrameFront.points(contours.sight());
        Box sight = FrameFront.box(contours.sight());
        Layer.Mat mat = plan.job().pack().mat().orElse(null);
        if (mat == null) {
            art(opening, middled(sight, plan.sizes().art()));
        } else {
            marks.painted(at(opening), design.mat(), 1);
            double slope = mat.thickness().toMm();
            List<Point> window = window(mat, sight, 0);
            bevel(window, window(mat, sight, slope), design.core());
            art(window, FrameFront.box(window).grown(mat.overlap().toMm()));
        }
        lipShadow(opening);
        for (int i = 0; i < plan.pieces().size(); i++) {
            List<Point> outline = at(front.outline(i));
            marks.wood(outline, front.parts(i).stream().map(this::at).toList(), Tint.wood(design.wood()),
                    front.grain(i), 11 + i);
            film(outline, design);
        }
        for (int i = 0; i < plan.pieces().size(); i++) {
            List<Point> outline = new ArrayList<>(at(front.outline(i)));
            outline.add(outline.getFirst());
            marks.line(Tint.WOOD_INK, 0.5, outline.toArray(Point[]::new));
        }
    }

    private static Box middled(Box around, Opening size) {
        double w = size.width().toMm() / 2;
        double h = size.height().toMm() / 2;
        Point middle = around.center();
        return new Box(middle.x() - w, middle.y() - h, middle.x() + w, middle.y() + h);
    }

    /**
     * What a mat leaves open: of a rectangle, by its four borders; of other shapes as far from the sight edge all round.
     *
     * @param wider by how much it is wider all round, millimetres: a bevel's slope
     */
    private List<Point> window(Layer.Mat mat, Box sight, double wider) {
        if (plan.job().outline().isRectangle()) {
            Box pack = middled(sight, plan.sizes().pack());
            return new Box(pack.left() + mat.borders().left().toMm(), pack.top() + mat.borders().top().toMm(),
                    pack.right() - mat.borders().right().toMm(), pack.bottom() - mat.borders().bottom().toMm())
                    .grown(wider).corners();
        }
        double shows = mat.borders().top().minus(plan.job().section().rabbet().width()).plus(plan.job().clearance())
                .toMm();
        return FrameFront.points(contours.at(wider - shows));
    }

    /** The core shows as a narrow slope; light falls from above, so that its upper side lies in shade. */
    private void bevel(List<Point> window, List<Point> around, Shade core) {
        Point middle = FrameFront.box(window).center();
        marks.painted(at(around), core, 1);
        for (int i = 0; i < window.size() && window.size() == around.size(); i++) {
            int next = (i + 1) % window.size();
            Point a = window.get(i);
            Point b = window.get(next);
            List<Point> slope = at(List.of(around.get(i), around.get(next), b, a));
            boolean upper = (a.y() + b.y()) / 2 < middle.y() - 1e-6
                    && Math.abs(a.y() - b.y()) < Math.abs(a.x() - b.x());
            boolean left = (a.x() + b.x()) / 2 < middle.x() && Math.abs(a.y() - b.y()) >= Math.abs(a.x() - b.x());
            marks.painted(slope, SHADOW, upper ? 0.28 : left ? 0.16 : 0.05);
        }
    }

    private void art(List<Point> seen, Box box) {
        String photo = plan.job().looks().photo();
        marks.area(at(seen), Tint.ART, null, 0);
        if (photo == null) {
            FrameFront.soundings(at(seen), marks);
        } else {
            marks.photo(at(seen), new Box(box.left() + dx, box.top() + dy, box.right() + dx, box.bottom() + dy), photo);
        }
    }

    /** The lip's shadow on what lies under it, along the top. */
    private void lipShadow(List<Point> opening) {
        Box box = FrameFront.box(opening);
        double deep = Math.min(box.height() / 12, plan.job().section().rabbet().width().toMm() * 0.7);
        for (int i = 0; i < opening.size(); i++) {
            Point a = opening.get(i);
            Point b = opening.get((i + 1) % opening.size());
            if (b.x() - a.x() > 1e-6 && (a.y() + b.y()) / 2 < box.center().y()) {
                marks.painted(at(List.of(a, b, new Point(b.x(), b.y() + deep), new Point(a.x(), a.y() + deep))), SHADOW,
                        0.16);
            }
        }
    }

    /** What a finish does to the wood's look: it darkens and warms, or covers. Values by eye, common practice. */
    private void film(List<Point> outline, Design design) {
        Recipe finish = design.finish();
        switch (finish.name()) {
            case "wax" -> marks.painted(outline, new Shade(0x8a5a20), 0.06);
            case "shellac and wax" -> marks.painted(outline, new Shade(0xb0701c), 0.16);
            case "water-based clear" -> marks.painted(outline, new Shade(0x8a7a5a), 0.05);
            case "penetrating oil" -> marks.painted(outline, new Shade(0x7a430e), 0.24);
            case "hard-wax oil" -> marks.painted(outline, new Shade(0x7a430e), 0.16);
            case "stain and clear" -> marks.painted(outline, design.stain(), 0.62);
            case "sprayed lacquer" -> marks.painted(outline, design.stain(), 0.95);
            case "metal leaf" -> {
                marks.painted(outline, design.stain(), 0.93);
                marks.painted(outline, LIGHT, 0.08);
            }
            default -> {
            }
        }
    }
}
