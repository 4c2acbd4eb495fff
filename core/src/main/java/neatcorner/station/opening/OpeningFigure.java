package neatcorner.station.opening;

import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameFront;
import neatcorner.drawing.Marks;
import neatcorner.drawing.MemberMarks;
import neatcorner.drawing.Point;
import neatcorner.drawing.RingFace;
import neatcorner.drawing.Tint;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Layer;
import neatcorner.fitout.SizeOf;
import neatcorner.job.CutRing;
import neatcorner.measure.Length;
import neatcorner.member.MadeMember;
import neatcorner.outline.Contours;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.plan.Field;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;

/** The front of the frame, with art, mat, sight edge and all sizes; the middle of the sight opening is at 0, 0. */
public final class OpeningFigure {
    /** What the keys of rings and parts begin with; their names follow. */
    public static final String THING = "of-";

    private static final double FIRST = 34;
    private static final double SECOND = 68;

    private final Plan plan;
    private final FrameSizes sizes;
    private final Marks marks = new Marks();

    private OpeningFigure(Plan plan) {
        this.plan = plan;
        this.sizes = plan.sizes();
    }

    /** The figure; when the sizes are impossible, only their numbers can be shown, on an empty sheet. */
    public static Figure of(Plan plan) {
        return new OpeningFigure(plan).draw();
    }

    private Figure draw() {
        if (!sizes.arePossible()) {
            return impossible();
        }
        Contours contours = plan.contours();
        boolean plain = plan.job().outline().isRectangle() && !plan.job().outline().isSloped()
                && plan.job().joint().showsMiter();
        if (!plain) {
            return contours == null ? impossible() : anyShape(contours);
        }
        Box sight = centered(sizes.sight());
        Faces faces = plan.job().faces();
        Box outside = new Box(sight.left() - faces.left().toMm(), sight.top() - faces.top().toMm(),
                sight.right() + faces.right().toMm(), sight.bottom() + faces.bottom().toMm());
        boolean glass = plan.job().pack().layers().stream().allMatch(Layer.Glazing.class::isInstance);
        boolean one = plan.job().hold().isInRabbet() && plan.rings().isEmpty() && plan.members().isEmpty()
                && (!glass || plan.job().pack().layers().isEmpty());
        if (one || contours == null) {
            drawPack(sight);
            drawWood(outside, sight);
        } else {
            new FrameFront(plan, contours, marks).drawAll();
        }
        Box rabbet = sight.grown(plan.job().section().rabbet().width().toMm());
        if (!plan.job().section().rabbet().isNone()) {
            marks.hidden(rabbet, Tint.WOOD_INK);
        }
        if (plan.job().hold().isInRabbet()) {
            drawUnderLip();
        }
        things();
        drawDimensions(outside, sight, rabbet);
        drawHandles(outside);
        return new Figure(OpeningTexts.FRAME_FROM_THE_FRONT, MemberMarks.around(plan, outside),
                new Figure.Margin(SECOND - 10, 150, SECOND + 34, 100), marks.list());
    }

    /** Of a shape that is no rectangle the sizes are those of the upright box round each edge. */
    private Figure anyShape(Contours contours) {
        new FrameFront(plan, contours, marks).drawAll();
        things();
        Box outside = FrameFront.box(contours.outside());
        Box sight = FrameFront.box(contours.sight());
        Box rabbet = FrameFront.box(contours.rabbet());
        if (plan.job().outline().shape() instanceof Shape.Regular) {
            Box across = centered(sizes.outside());
            across(across, outside.top(), 28, sizes.outside(), FrameFields.OUTSIDE_WIDTH);
            Box inner = centered(sizes.sight());
            marks.dimension(new Point(inner.left(), outside.bottom()), new Point(inner.right(), outside.bottom()),
                    -FIRST, sizes.sight().width(), OpeningTexts.SIGHT_WIDTH, FrameFields.SIGHT_WIDTH);
            marks.label(new Point(inner.left(), outside.bottom()), -6, FIRST + 4, Anchor.END, OpeningTexts.SHOWN_SIGHT,
                    12, false,
                    Tint.FAINT_INK);
            Box art = centered(sizes.art());
            marks.dimension(new Point(art.left(), 0), new Point(art.right(), 0), 0, sizes.art().width(),
                    OpeningTexts.ART_WIDTH,
                    FrameFields.ART_WIDTH);
            marks.label(new Point(0, 0), 0, -16, Anchor.MIDDLE, OpeningTexts.SHOWN_ART, 12, false, Tint.FAINT_INK);
        } else {
            drawEdges(outside, sight, rabbet);
            Box art = middled(sight, sizes.art());
            double y = art.bottom() - art.height() * 0.18;
            double x = art.right() - art.width() * 0.2;
            marks.dimension(new Point(art.left(), y), new Point(art.right(), y), 0, sizes.art().width(),
                    OpeningTexts.ART_WIDTH,
                    FrameFields.ART_WIDTH);
            marks.dimension(new Point(x, art.top()), new Point(x, art.bottom()), 0, sizes.art().height(),
                    OpeningTexts.ART_HEIGHT,
                    FrameFields.ART_HEIGHT);
            marks.label(new Point(art.center().x(), y), 0, -16, Anchor.MIDDLE, OpeningTexts.SHOWN_ART, 12, false,
                    Tint.FAINT_INK);
            drawHandles(outside);
        }
        return new Figure(OpeningTexts.FRAME_FROM_THE_FRONT, MemberMarks.around(plan, outside),
                new Figure.Margin(SECOND - 10, 150, SECOND + 34, 100), marks.list());
    }

    /** Rings and parts open beside themselves: each at its first side. */
    private void things() {
        for (CutRing ring : plan.rings()) {
            Contours edges = ring.contours();
            if (edges != null) {
                RingFace face = new RingFace(edges, plan.job().outline(), ring.make().joint());
                marks.thing(face.outline(0), THING + ring.name(), ring.name());
            }
        }
        for (MadeMember member : plan.members()) {
            if (!member.shapes().isEmpty()) {
                MadeMember.Shape shape = member.shapes().getFirst();
                List<Vertex> spot = shape.opening().isEmpty()
                        ? shape.outline()
                        : shape.parts().get(shape.parts().size() / 8);
                marks.thing(spot.stream().map(FrameFront::point).toList(), THING + member.member().name(),
                        member.member().name());
            }
        }
    }

    private static Box middled(Box around, Opening size) {
        double w = size.width().toMm() / 2;
        double h = size.height().toMm() / 2;
        Point middle = around.center();
        return new Box(middle.x() - w, middle.y() - h, middle.x() + w, middle.y() + h);
    }

    private Figure impossible() {
        Box sheet = new Box(-150, -100, 150, 100);
        marks.hidden(sheet, Tint.CONSTRUCTION);
        marks.label(new Point(0, -20), 0, 0, Anchor.MIDDLE, OpeningTexts.NO_FRAME_OF_THESE, 16, true, Tint.INK);
        boolean art = plan.job().sizeOf() == SizeOf.ART;
        Field width = art ? FrameFields.ART_WIDTH : widthField();
        Field height = art ? FrameFields.ART_HEIGHT : heightField();
        marks.dimension(new Point(-150, 100), new Point(150, 100), -FIRST, width.in(plan), width.title(), width);
        marks.dimension(new Point(150, -100), new Point(150, 100), FIRST, height.in(plan), height.title(), height);
        return new Figure(OpeningTexts.NO_FRAME, sheet, new Figure.Margin(40, 140, 80, 100), marks.list());
    }

    private Field widthField() {
        return switch (plan.job().sizeOf()) {
            case ART -> FrameFields.ART_WIDTH;
            case RABBET -> FrameFields.OPENING_WIDTH;
            case SIGHT -> FrameFields.SIGHT_WIDTH;
            case OUTSIDE -> FrameFields.OUTSIDE_WIDTH;
        };
    }

    private Field heightField() {
        return switch (plan.job().sizeOf()) {
            case ART -> FrameFields.ART_HEIGHT;
            case RABBET -> FrameFields.OPENING_HEIGHT;
            case SIGHT -> FrameFields.SIGHT_HEIGHT;
            case OUTSIDE -> FrameFields.OUTSIDE_HEIGHT;
        };
    }

    private static Box centered(Opening opening) {
        double w = opening.width().toMm() / 2;
        double h = opening.height().toMm() / 2;
        return new Box(-w, -h, w, h);
    }

    private void drawPack(Box sight) {
        Layer.Mat mat = plan.job().pack().mat().orElse(null);
        Opening window = sizes.window();
        if (mat == null || window == null) {
            drawArt(sight);
            return;
        }
        marks.area(sight, Tint.MAT, null, 0);
        Box pack = centered(sizes.pack());
        Box opening = new Box(pack.left() + mat.borders().left().toMm(), pack.top() + mat.borders().top().toMm(),
                pack.right() - mat.borders().right().toMm(), pack.bottom() - mat.borders().bottom().toMm());
        double core = mat.thickness().toMm();
        marks.area(opening.grown(core), Tint.MAT_CORE, Tint.CONSTRUCTION, 0.8);
        drawArt(opening);
        marks.hidden(opening.grown(mat.overlap().toMm()), Tint.CONSTRUCTION);
    }

    /** What the lip hides, over the wood: the edges of mat and art, and the mat's borders up to its own edge. */
    private void drawUnderLip() {
        Layer.Mat mat = plan.job().pack().mat().orElse(null);
        Box pack = centered(sizes.pack());
        marks.hidden(pack, Tint.WOOD_INK);
        if (mat != null && sizes.window() != null) {
            drawBorders(pack,
                    new Box(pack.left() + mat.borders().left().toMm(), pack.top() + mat.borders().top().toMm(),
                            pack.right() - mat.borders().right().toMm(), pack.bottom() - mat.borders().bottom().toMm()),
                    mat.borders());
        }
    }

    /** Art stands for itself by a few soundings and a shoreline: enough to tell it from the mat. */
    private void drawArt(Box box) {
        marks.area(box, Tint.ART, Tint.CONSTRUCTION, 0.8);
        double w = box.width();
        double h = box.height();
        for (int line = 0; line < 4; line++) {
            Point[] shore = new Point[25];
            for (int i = 0; i < shore.length; i++) {
                double t = i / 24.0;
                double y = 0.30 + 0.17 * line + 0.06 * Math.sin(5 * t + line * 0.8)
                        + 0.03 * Math.sin(13 * t + line * 2);
                shore[i] = new Point(box.left() + w * t, box.top() + h * y);
            }
            marks.line(Tint.ART_LINE, line == 0 ? 1.6 : 0.8, shore);
        }
    }

    private void drawBorders(Box pack, Box window, Faces borders) {
        double x = window.left() + window.width() * 0.22;
        double y = window.top() + window.height() * 0.78;
        drawShowing(window);
        marks.dimension(new Point(x, pack.top()), new Point(x, window.top()), 0, borders.top(),
                OpeningTexts.MAT_BORDER_TOP,
                MatFields.MAT_TOP);
        marks.dimension(new Point(x, window.bottom()), new Point(x, pack.bottom()), 0, borders.bottom(),
                OpeningTexts.MAT_BORDER_BOTTOM, MatFields.MAT_BOTTOM);
        marks.dimension(new Point(pack.left(), y), new Point(window.left(), y), 0, borders.left(),
                OpeningTexts.MAT_BORDER_LEFT,
                MatFields.MAT_LEFT);
        marks.dimension(new Point(window.right(), y), new Point(pack.right(), y), 0, borders.right(),
                OpeningTexts.MAT_BORDER_RIGHT, MatFields.MAT_RIGHT);
    }

    /** Beside each border, what of it shows. */
    private void drawShowing(Box window) {
        Box sight = centered(sizes.sight());
        double x = window.left() + window.width() * 0.5;
        double y = window.top() + window.height() * 0.42;
        showing(new Point(x, sight.top()), new Point(x, window.top()), 0);
        showing(new Point(window.right(), y), new Point(sight.right(), y), 1);
        showing(new Point(x, window.bottom()), new Point(x, sight.bottom()), 2);
        showing(new Point(sight.left(), y), new Point(window.left(), y), 3);
    }

    private void showing(Point from, Point to, int side) {
        Field field = MatFields.MAT_SHOWS.get(side);
        marks.dimension(from, to, 0, field.in(plan), field.title(), field);
    }

    private void drawWood(Box outside, Box sight) {
        Tint tint = Tint.wood(plan.job().section().wood());
        List<Point> outer = outside.corners();
        List<Point> inner = sight.corners();
        for (int side = 0; side < 4; side++) {
            int next = (side + 1) % 4;
            marks.wood(List.of(outer.get(side), outer.get(next), inner.get(next), inner.get(side)), tint,
                    side % 2 == 0 ? 0 : Math.PI / 2, 11 + side);
        }
        List<Point> middles = List.of(new Point(0, (outside.top() + sight.top()) / 2),
                new Point((outside.right() + sight.right()) / 2, 0),
                new Point(0, (outside.bottom() + sight.bottom()) / 2),
                new Point((outside.left() + sight.left()) / 2, 0));
        for (int side = 0; side < 4; side++) {
            marks.label(middles.get(side), 0, 5, Anchor.MIDDLE, String.valueOf((char) ('A' + side)), 14, true,
                    tint.letters());
        }
    }

    private void drawDimensions(Box outside, Box sight, Box rabbet) {
        drawEdges(outside, sight, rabbet);
        drawArtDimensions();
        double corner = MemberMarks.around(plan, outside).top();
        marks.shortDimension(new Point(sight.right(), corner), new Point(outside.right(), corner), 28,
                plan.job().faces().right(), OpeningTexts.FACE_WIDTH,
                plan.job().outline().faceWidths().isEmpty() ? FrameFields.FACE_WIDTH : FrameFields.face(1));
    }

    private void drawEdges(Box outside, Box sight, Box rabbet) {
        Box all = MemberMarks.around(plan, outside);
        across(outside, all.top(), 28, sizes.outside(), FrameFields.OUTSIDE_WIDTH);
        down(outside, all.left(), -44, sizes.outside(), FrameFields.OUTSIDE_HEIGHT);
        double below = all.bottom();
        marks.dimension(new Point(sight.left(), below), new Point(sight.right(), below), -FIRST,
                sizes.sight().width(), OpeningTexts.SIGHT_WIDTH, FrameFields.SIGHT_WIDTH);
        double right = all.right();
        marks.dimension(new Point(right, sight.top()), new Point(right, sight.bottom()), FIRST + 8,
                sizes.sight().height(), OpeningTexts.SIGHT_HEIGHT, FrameFields.SIGHT_HEIGHT);
        marks.label(new Point(sight.left(), below), -6, FIRST + 4, Anchor.END, OpeningTexts.SHOWN_SIGHT, 12, false,
                Tint.FAINT_INK);
        if (plan.job().section().rabbet().isNone()) {
            return;
        }
        marks.dimension(new Point(rabbet.left(), below), new Point(rabbet.right(), below), -SECOND,
                sizes.rabbet().width(), OpeningTexts.RABBET_SIZE_WIDTH, FrameFields.OPENING_WIDTH);
        marks.dimension(new Point(right, rabbet.top()), new Point(right, rabbet.bottom()), FIRST + 76,
                sizes.rabbet().height(), OpeningTexts.RABBET_SIZE_HEIGHT, FrameFields.OPENING_HEIGHT);
        marks.label(new Point(rabbet.left(), below), -6, SECOND + 4, Anchor.END, OpeningTexts.SHOWN_RABBET, 12, false,
                Tint.FAINT_INK);
    }

    private void across(Box box, double y, double offset, Opening size, Field field) {
        marks.dimension(new Point(box.left(), y), new Point(box.right(), y), offset, size.width(), field.title(),
                field);
    }

    private void down(Box box, double x, double offset, Opening size, Field field) {
        marks.dimension(new Point(x, box.top()), new Point(x, box.bottom()), offset, size.height(), field.title(),
                field);
    }

    private void drawArtDimensions() {
        Layer.Mat mat = plan.job().pack().mat().orElse(null);
        Box art = mat == null ? centered(sizes.art()) : artBox(mat);
        Length width = sizes.art().width();
        Length height = sizes.art().height();
        double y = art.bottom() - art.height() * 0.12;
        double x = art.right() - art.width() * 0.14;
        marks.dimension(new Point(art.left(), y), new Point(art.right(), y), 0, width, OpeningTexts.ART_WIDTH,
                FrameFields.ART_WIDTH);
        marks.dimension(new Point(x, art.top()), new Point(x, art.bottom()), 0, height, OpeningTexts.ART_HEIGHT,
                FrameFields.ART_HEIGHT);
        marks.label(new Point(art.center().x(), y), 0, -16, Anchor.MIDDLE, OpeningTexts.SHOWN_ART, 12, false,
                Tint.FAINT_INK);
    }

    private Box artBox(Layer.Mat mat) {
        Box pack = centered(sizes.pack());
        return new Box(pack.left() + mat.borders().left().minus(mat.overlap()).toMm(),
                pack.top() + mat.borders().top().minus(mat.overlap()).toMm(),
                pack.right() - mat.borders().right().minus(mat.overlap()).toMm(),
                pack.bottom() - mat.borders().bottom().minus(mat.overlap()).toMm());
    }

    private void drawHandles(Box outside) {
        marks.handle(new Point(outside.right(), (outside.top() + outside.bottom()) / 2), widthField(), 2, 0);
        marks.handle(new Point((outside.left() + outside.right()) / 2, outside.bottom()), heightField(), 0, 2);
    }
}
