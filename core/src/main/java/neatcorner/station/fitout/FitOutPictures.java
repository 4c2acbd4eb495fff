package neatcorner.station.fitout;

import java.util.List;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameBack;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.fitout.RetainerKind;
import neatcorner.fitout.Retainers;
import neatcorner.measure.Sentence;
import neatcorner.plan.Plan;

/** What keeps a pack in, to choose from: each in a corner of the open back. */
public final class FitOutPictures {
    private static final double SIZE = 60;
    private static final double WALL = 20;

    private FitOutPictures() {}

    /** Whether a kind would neither come through nor leave a pack that stands proud. */
    public static boolean fits(Plan plan, RetainerKind kind) {
        return why(plan, kind).isEmpty();
    }

    /** How many it takes, or why it does not do. */
    public static Sentence figure(Plan plan, RetainerKind kind) {
        String why = why(plan, kind);
        if (!why.isEmpty()) {
            return Sentence.of(why);
        }
        return Sentence.of(switch (kind.spread()) {
            case ALL_ROUND -> FitOutTexts.ALL_ROUND;
            case IN_CORNERS -> FitOutTexts.EACH_CORNER;
            case SPACED -> FitOutTexts.SO_MANY.formatted(FitOutWork.retainers(plan).stream()
                    .mapToInt(side -> side.at().size()).sum());
        });
    }

    private static String why(Plan plan, RetainerKind kind) {
        Retainers would = Retainers.of(kind, plan.job().units());
        if (plan.spareDepth().isNegative() && !kind.holdsProud()) {
            return FitOutTexts.PACK_IS_PROUD;
        }
        return switch (kind.way()) {
            case DRIVEN -> plan.job().section().wall().isLessThan(would.into()) ? FitOutTexts.THROUGH_THE_WALL : "";
            case SCREWED -> plan.job().section().thickness().isLessThan(would.length())
                    ? FitOutTexts.THROUGH_THE_FACE
                    : "";
            case GLUED -> "";
        };
    }

    /** A corner with one. */
    public static Figure picture(RetainerKind kind, Tint wood) {
        Marks marks = new Marks();
        marks.wood(new Box(0, SIZE - WALL, SIZE, SIZE).corners(), wood, 0, 5);
        marks.wood(new Box(0, 0, WALL, SIZE - WALL).corners(), wood, Math.PI / 2, 6);
        marks.area(new Box(WALL, 0, SIZE, SIZE - WALL), Tint.BACKING, Tint.INK, 1);
        double y = SIZE - WALL;
        switch (kind) {
            case POINTS, PUSH_POINTS -> {
                marks.area(List.of(new Point(36, y - 12), new Point(44, y - 12), new Point(40, y + 9)), Tint.METAL,
                        Tint.INK, 1);
                if (kind == RetainerKind.PUSH_POINTS) {
                    marks.area(new Box(33, y - 16, 47, y - 11), Tint.METAL, Tint.INK, 1);
                }
            }
            case BRADS -> marks.area(new Box(39, y - 14, 41.5, y + 9), Tint.METAL, Tint.INK, 0.8);
            case BENT_NAILS -> {
                marks.area(new Box(39, y - 5, 42, y + 10), Tint.METAL, Tint.INK, 0.8);
                marks.area(new Box(28, y - 8, 42, y - 5), Tint.METAL, Tint.INK, 0.8);
            }
            case FLEXIBLE_TABS -> {
                marks.area(new Box(36, y - 16, 45, y + 4), Tint.METAL, Tint.INK, 1);
                marks.line(Tint.INK, 1, new Point(36, y - 4), new Point(45, y - 4));
            }
            case TURN_CLIPS, OFFSET_CLIPS -> {
                marks.area(List.of(new Point(34, y - 14), new Point(46, y - 14), new Point(46, y + 12),
                        new Point(34, y + 12)), Tint.METAL, Tint.INK, 1);
                marks.area(FrameBack.disc(new Point(40, y + 6), 3), Tint.INK, null, 0);
                if (kind == RetainerKind.OFFSET_CLIPS) {
                    marks.line(Tint.INK, 1.4, new Point(34, y - 2), new Point(46, y - 2));
                    marks.line(Tint.INK, 1.4, new Point(34, y - 5), new Point(46, y - 5));
                }
            }
            case BLOCKS -> marks.wood(new Box(30, y - 9, 52, y).corners(), wood, 0, 9);
            case TRIANGLES -> marks.area(List.of(new Point(WALL, y), new Point(WALL, y - 24), new Point(WALL + 24, y)),
                    Tint.WOOD_PINE, Tint.WOOD_INK, 1);
            case STRIP -> {
                marks.wood(new Box(WALL, y - 7, SIZE, y).corners(), wood, 0, 8);
                marks.wood(new Box(WALL, 0, WALL + 7, y - 7).corners(), wood, Math.PI / 2, 8);
            }
        }
        return new Figure(Sentence.capital(kind.title()), new Box(0, 0, SIZE, SIZE), Figure.Margin.all(2),
                marks.list());
    }
}
