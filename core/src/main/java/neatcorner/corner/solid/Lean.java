package neatcorner.corner.solid;

import neatcorner.measure.Angle;
import neatcorner.section.Section;
import neatcorner.section.Spot;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * How the wood of a side lies in the plane of its frame: turned about its length where the faces slope, so that its outer edge
 * comes forward.
 *
 * @param slope   of the faces
 * @param forward how far the foremost of all edges lies before the sight edge, mm
 */
public record Lean(Angle slope, double forward) {
    /** Of a frame that is flat. */
    public static final Lean FLAT = new Lean(Angle.ZERO, 0);

    private static final double LEVEL = 1e-9;

    /** Of a frame with such faces, the widest of which is so wide, mm. */
    static Lean of(Angle slope, double widest) {
        return Math.abs(slope.degrees()) < LEVEL ? FLAT : new Lean(slope, widest * slope.sin());
    }

    /** Whether nothing is turned. */
    public boolean isFlat() {
        return this.equals(FLAT);
    }

    /**
     * A place on the stick's end, as it lies in the frame: its distance from the sight edge outwards in the frame's plane, and
     * behind the foremost edge.
     */
    public Spot seen(Spot own) {
        return isFlat()
                ? own
                : new Spot(own.x() * slope.cos() + own.y() * slope.sin(),
                        forward - own.x() * slope.sin() + own.y() * slope.cos());
    }

    /** Where a place of the frame lies on the stick's end. */
    Spot own(Spot seen) {
        double behind = seen.y() - forward;
        return isFlat()
                ? seen
                : new Spot(seen.x() * slope.cos() - behind * slope.sin(),
                        seen.x() * slope.sin() + behind * slope.cos());
    }

    /**
     * How far inside the outermost line the wood of a side begins at a depth: its outer face slants, and behind that its back.
     *
     * @param width     face width of the side, mm
     * @param thickness of its stick, mm
     * @param behind    the foremost edge, mm
     */
    double begins(double width, double thickness, double behind) {
        if (isFlat()) {
            return 0;
        }
        double past = behind - forward + width * slope.sin() - thickness * slope.cos();
        return past <= 0
                ? Math.min(thickness, -past / Math.max(LEVEL, slope.cos())) * slope.sin()
                : Math.min(width, past / slope.sin()) * slope.cos();
    }

    /** Whether the back, and not the outer face alone, is seen from outside: faces that are nearer to upright than to flat. */
    boolean isUpright() {
        return slope.degrees() > 45;
    }

    /** The same for whole shapes. */
    AffineTransformation turn() {
        return new AffineTransformation(slope.cos(), slope.sin(), 0, -slope.sin(), slope.cos(), forward);
    }

    /** From the foremost edge to the hindmost, mm. */
    double deep(Section section) {
        double t = section.thickness().toMm();
        return isFlat() ? t : t * slope.cos() + forward;
    }

    /** How far outwards from the sight edge the rabbet reaches, and whatever else is missing inside, mm. */
    double rabbet(Section section) {
        if (isFlat()) {
            return section.rabbet().widest().toMm();
        }
        double inside = section.thickness().toMm() * slope.sin();
        return section.rabbet().isNone()
                ? inside
                : section.rabbetTurns().stream().mapToDouble(turn -> seen(turn).x()).reduce(inside, Math::max);
    }
}
