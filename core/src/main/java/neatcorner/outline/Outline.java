package neatcorner.outline;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;

/**
 * The frame's shape seen from the front.
 *
 * @param slope      of the faces, from flat: 0° is a flat frame, 90° an upright box
 * @param faceWidths of the sides in the order of the pieces, clockwise from the top; empty when all are as wide as the
 *                   section
 * @param boardWidth the widest blank that the segments of a curve may take
 */
@RecordBuilder
public record Outline(Shape shape, Angle slope, List<Length> faceWidths,
        Length boardWidth) implements OutlineBuilder.With {
    /** A board of six inches: common practice. */
    public static final Length USUAL_BOARD = Length.mm(150);

    public Outline {
        faceWidths = List.copyOf(faceWidths);
    }

    /** A flat rectangle, all sides as wide as the section. */
    public static Outline rectangle() {
        return of(new Shape.Rectangle());
    }

    /** Flat, all sides as wide as the section. */
    public static Outline of(Shape shape) {
        return new Outline(shape, Angle.ZERO, List.of(), USUAL_BOARD);
    }

    @Override
    public Outline withShape(Shape newShape) {
        boolean same = newShape.getClass().equals(shape.getClass()) && newShape.sides() == shape.sides();
        return new Outline(newShape, slope, same ? faceWidths : List.of(), boardWidth);
    }

    /** Whether it has four square corners. */
    public boolean isRectangle() {
        return shape instanceof Shape.Rectangle;
    }

    /** Whether its faces slope. */
    public boolean isSloped() {
        return Math.abs(slope.degrees()) > 1e-9;
    }
}
