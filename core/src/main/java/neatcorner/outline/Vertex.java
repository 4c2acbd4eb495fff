package neatcorner.outline;

/** A place in the frame's plane seen from the front, in millimetres: x to the right, y down. */
public record Vertex(double x, double y) {

    /** Moved to the right and down, mm. */
    public Vertex plus(double dx, double dy) {
        return new Vertex(x + dx, y + dy);
    }

    /** Turned about a place by so many radians, from the x axis towards the y axis: clockwise as seen from the front. */
    public Vertex turnedAbout(Vertex about, double radians) {
        double dx = x - about.x;
        double dy = y - about.y;
        return new Vertex(about.x + dx * Math.cos(radians) - dy * Math.sin(radians),
                about.y + dx * Math.sin(radians) + dy * Math.cos(radians));
    }

    /** In millimetres. */
    public double distanceTo(Vertex other) {
        return Math.hypot(other.x - x, other.y - y);
    }
}
