package neatcorner.outline;

/** A place in the frame's plane seen from the front, in millimetres: x to the right, y down. */
public record Vertex(double x, double y) {

    /** Moved to the right and down, mm. */
    public Vertex plus(double dx, double dy) {
        return new Vertex(x + dx, y + dy);
    }

    /** In millimetres. */
    public double distanceTo(Vertex other) {
        return Math.hypot(other.x - x, other.y - y);
    }
}
