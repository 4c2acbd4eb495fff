package neatcorner.section;

/** A place on the stick's end in millimetres: x from the sight edge outwards, y from the front backwards. */
public record Spot(double x, double y) {}
