package neatcorner.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import neatcorner.measure.Quantity;
import neatcorner.plan.Field;

/**
 * A picture in millimetres.
 *
 * @param title  what it shows, in US words; read out by screen readers
 * @param bounds of the things in it
 * @param margin room round them for dimensions, in drawing units
 * @param marks  from back to front
 */
public record Figure(String title, Box bounds, Margin margin, List<Mark> marks) {

    /** Room at the four sides, in drawing units. */
    public record Margin(double top, double right, double bottom, double left) {

        /** The same room on all sides, in a drawing's points. */
        public static Margin all(double room) {
            return new Margin(room, room, room, room);
        }
    }

    public Figure {
        marks = List.copyOf(marks);
    }

    /** With every length that can be changed in it another one's. */
    public Figure withFields(UnaryOperator<Field> change) {
        return new Figure(title, bounds, margin, marks.stream().map(mark -> switch (mark) {
            case Mark.Dimension(Point from, Point to, double offset, boolean outside, Quantity value, String name, Field field) when field != null ->
                new Mark.Dimension(from, to, offset, outside, value, name, change.apply(field));
            case Mark.Value(Point at, Anchor anchor, Quantity value, String name, Field field) when field != null ->
                new Mark.Value(at, anchor, value, name, change.apply(field));
            case Mark.Handle(Point at, Field field, double dx, double dy) ->
                new Mark.Handle(at, change.apply(field), dx, dy);
            case Mark.Dimension _,Mark.Value _,Mark.Area _,Mark.Shaded _,Mark.Painted _,Mark.Photo _,Mark.Line _,Mark.Path _,Mark.Wood _,Mark.Hatch _,Mark.Label _,Mark.CornerAngle _,Mark.Thing _,Mark.CornerHandle _ ->
                mark;
        }).toList());
    }

    /** Without words, numbers and grain, for a picture too small for them. */
    public Figure bare() {
        List<Mark> bare = new ArrayList<>();
        for (Mark mark : marks) {
            switch (mark) {
                case Mark.Wood wood -> bare.add(new Mark.Area(wood.filled(), wood.tint(), Tint.WOOD_INK, 0.8));
                case Mark.Line line -> {
                    if (!line.dashed()) {
                        bare.add(line);
                    }
                }
                case Mark.Area area -> bare.add(area);
                case Mark.Shaded face -> bare.add(face);
                case Mark.Path path -> bare.add(path);
                case Mark.Painted painted -> bare.add(painted);
                case Mark.Photo photo -> bare.add(photo);
                case Mark.Hatch hatch -> {
                }
                case Mark.Dimension dimension -> {
                }
                case Mark.Value value -> {
                }
                case Mark.Label label -> {
                }
                case Mark.Handle handle -> {
                }
                case Mark.CornerAngle angle -> {
                }
                case Mark.CornerHandle handle -> {
                }
                case Mark.Thing thing -> {
                }
            }
        }
        return new Figure(title, bounds, Margin.all(2), bare);
    }
}
