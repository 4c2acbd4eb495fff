package neatcorner.drawing;

import java.util.List;

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
}
