package neatcorner.desktop.station.shape;

import java.util.List;

/**
 * What the station of the shape says in the window: names of its controls and of what they change, hints, cautions.
 * {@code %s} stands for what is filled in.
 */
final class ShapeTexts {
    static final String CORNER_JOINT = "corner joint";
    /** What a maker may call the work here, for the finder. */
    static final List<String> FOUND_BY = List.of("outline", "polygon", "arch", "circle", "oval", "templates", "angles");

    // ShapeStation

    static final String MODE_BODY = "The frame as a body";

    // ShapeTools

    static final String AS_MEASURED = "Sides and angles as measured …";
    static final String TEMPLATES = "Templates at full size";
    static final String RECTANGLE = "rectangle";
    static final String EQUAL_SIDES = "equal sides";
    static final String FREE_CORNERS = "free";
    static final String ARCHED_TOP = "arch";
    static final String CIRCLE = "circle";
    static final String ELLIPSE = "ellipse";
    static final String ACROSS_FLATS = "flats";
    static final String CHANGE_CORNER_JOINT = "corner joint";
    static final String ACROSS_CORNERS = "corners";
    static final String FLAT_ARC = "flat arc";
    static final String HALF_CIRCLE = "half circle";
    static final String HALF_ELLIPSE = "half ellipse";
    static final String SEGMENTS = "Segments";
    static final String WIDEST_BOARD = "Widest board";
    static final String RISE = "Rise";
    static final String SLOPE_INWARDS = "Faces slope inwards by";
    static final String CHANGE_SLOPE = "slope";
    static final String SIDES = "Sides";
    static final String MEASURED_ACROSS = "measured across";
    static final String SEGMENTS_NUMBER = "Segments, 0 for fewest";
    static final String TEMPLATES_READY = "The templates are ready, as PDF, SVG and DXF: %s";
    static final String OPEN_IT = "Open it";
    static final String TEMPLATES_NOT_WRITTEN = "The templates could not be written to %s.";
    static final String CHANGE_OUTLINE = "outline";
    static final String CHANGE_SHAPE = "shape";

    // ShapeView

    static final String PUT_TOGETHER = "Put together";
    static final String BOTH_HALVES_ALIKE = "both halves alike";

    // TraverseEditor

    static final String ONE_SIDE_MORE = "One side more";
    static final String ONE_SIDE_FEWER = "One side fewer";
    static final String CLOSE = "Close";
    static final String CORNER = "corner %s%s";
    static final String SIDE = "side %s";
    static final String EXPECTED_LENGTH = "Side %s: expected a length, such as 300.";
    static final String EXPECTED_DEGREES = "Corner %s%s: expected degrees between 1 and 359, such as 108.";
    static final String CLOSES = "These sides and corners close.";
    static final String CORNERS_TOO_LITTLE = "These do not close: the corners add up to %s too little, and the outline ends "
            + "%s from where it began. One side and its two corners must give:";
    static final String CORNERS_TOO_MUCH = "These do not close: the corners add up to %s too much, and the outline ends "
            + "%s from where it began. One side and its two corners must give:";
    static final String TAKE_OUTLINE = "Take this outline";
    static final String SIDE_GIVES = "Side %s gives: %s, %s and %s";
    static final String CHANGE_OUTLINE_AS_MEASURED = "outline as measured";

    private ShapeTexts() {}
}
