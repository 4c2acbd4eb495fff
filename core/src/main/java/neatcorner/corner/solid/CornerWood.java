package neatcorner.corner.solid;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Corner;
import neatcorner.outline.Vertex;
import neatcorner.piece.CornerJoint;
import neatcorner.section.Profile;
import neatcorner.section.Section;

/**
 * The wood of one corner, seen from the front, in millimetres: the heel at 0, 0; the side before it comes from the left with
 * its outer edge on y = 0 and its wood below (y grows downwards); the side after it goes on from the heel. z is the distance
 * behind the front face. Where the faces slope, the plane is the frame's, the wood is turned
 * in it, and the outer edge is the outermost of all.
 */
public final class CornerWood {
    private static final double STRAIGHT = 1e-9;

    private final Corner corner;
    private final Corner faces;
    private final Lean lean;
    private final CornerJoint joint;
    private final Section section;
    private final Length behindPack;
    private final Vertex along;
    private final Vertex inward;
    private final Vertex toe;
    private final Map<Key, Walls> walls = new ConcurrentHashMap<>();
    private final Map<Length, Profile> profiles = new ConcurrentHashMap<>();

    private record Key(Length width, Margins margins) {}

    /**
     * A corner of two sides milled alike, perhaps of different face widths.
     *
     * @param joint      other than a miter only at right angles
     * @param behindPack rabbet depth left behind the pack, for what is put into it
     */
    public CornerWood(Corner corner, CornerJoint joint, Section section, Length behindPack) {
        this(corner, joint, section, behindPack, Angle.ZERO);
    }

    /** Of a frame whose faces slope by so much; these are mitred only. */
    public CornerWood(Corner faces, CornerJoint joint, Section section, Length behindPack, Angle slope) {
        this.faces = faces;
        this.lean = Lean.of(slope, Length.max(faces.before(), faces.after()).toMm());
        this.corner = lean.isFlat()
                ? faces
                : new Corner(faces.interior(), section.withWidth(faces.before()).reach(slope),
                        section.withWidth(faces.after()).reach(slope));
        this.joint = joint;
        this.section = section;
        this.behindPack = behindPack;
        double turn = Math.PI - corner.interior().radians();
        this.along = new Vertex(Math.cos(turn), Math.sin(turn));
        this.inward = new Vertex(-Math.sin(turn), Math.cos(turn));
        double before = corner.before().toMm();
        this.toe = Math.abs(Math.sin(turn)) < STRAIGHT
                ? new Vertex(0, before)
                : new Vertex((before * Math.cos(turn) - corner.after().toMm()) / Math.sin(turn), before);
    }

    /** How the wood lies in the frame's plane. */
    public Lean lean() {
        return lean;
    }

    /** The face widths of the two sides; a flat corner's own. */
    public Corner faces() {
        return faces;
    }

    /** Where the two sides meet, seen from the front. */
    public Corner corner() {
        return corner;
    }

    /** How they are joined. */
    public CornerJoint joint() {
        return joint;
    }

    /** Of both sides, as milled. */
    public Section section() {
        return section;
    }

    /** From the front face to the back of the pack; a part behind it is hidden by the pack. */
    public Length behindPack() {
        return behindPack;
    }

    /** Whether the corner stands out, so that something can be put across its heel. */
    public boolean standsOut() {
        return corner.interior().degrees() < 180 - 1e-6;
    }

    /** Where the sight edges meet. */
    public Vertex toe() {
        return toe;
    }

    /** Unit vector from the heel to the toe. */
    Vertex toToe() {
        double length = Math.hypot(toe.x(), toe.y());
        return new Vertex(toe.x() / length, toe.y() / length);
    }

    /** Unit vector along the side after the corner, away from it. */
    public Vertex along() {
        return along;
    }

    /** Unit vector square to the side after the corner, from its outer edge into the wood. */
    public Vertex inward() {
        return inward;
    }

    /** Unit vector into the frame that halves the corner. */
    public Vertex bisector() {
        Vertex sum = new Vertex(inward.x(), inward.y() + 1);
        double length = Math.hypot(sum.x(), sum.y());
        return new Vertex(sum.x() / length, sum.y() / length);
    }

    /** Face width of the side before the corner, mm. */
    public double before() {
        return corner.before().toMm();
    }

    /** Face width of the side after the corner, mm. */
    public double after() {
        return corner.after().toMm();
    }

    /** From the foremost to the hindmost, mm. */
    public double thickness() {
        return lean.deep(section);
    }

    /** How far from the sight edge there is a rabbet, or no wood all the way through, mm. */
    public double rabbet() {
        return lean.rabbet(section);
    }

    /** How far inside its outermost line the wood of a side begins at a depth, mm; nowhere where the faces are flat. */
    double begins(boolean before, double behind) {
        return lean.begins((before ? faces.before() : faces.after()).toMm(), section.thickness().toMm(), behind);
    }

    /** Where the outer edges meet at a depth: what comes in from outside begins there. */
    public Vertex heel(double behind) {
        double y = begins(true, behind);
        return lean.isFlat() || Math.abs(inward.x()) < STRAIGHT
                ? new Vertex(0, y)
                : new Vertex((begins(false, behind) - y * inward.y()) / inward.x(), y);
    }

    /** Distances of a place from the outer edges of the two sides, mm. */
    double fromBefore(Vertex v) {
        return v.y();
    }

    double fromAfter(Vertex v) {
        return Plane.dot(v, inward);
    }

    /**
     * Where the faces of the two pieces meet, between two depths: from a place on the outer edge in a direction into the frame.
     */
    public record Seam(double front, double back, Vertex start, Vertex direction) {

        /** Square to the seam, out of the piece before into the piece after. */
        Vertex across() {
            return new Vertex(direction.y(), -direction.x());
        }
    }

    /** The seams from front to back; more than one where cheeks or fingers cross. */
    public List<Seam> seams() {
        double t = thickness();
        return switch (joint) {
            case MITER -> List.of(miter(0, t));
            case BUTT, DADO -> List.of(afterRunsThrough(0, t));
            case LAP -> List.of(afterRunsThrough(0, t / 2), beforeRunsThrough(t / 2, t));
            case MITRED_LAP -> List.of(miter(0, t / 2), beforeRunsThrough(t / 2, t));
            case BOX -> fingers(t);
        };
    }

    private List<Seam> fingers(double t) {
        int count = fingers();
        List<Seam> seams = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double front = t * i / count;
            double back = t * (i + 1) / count;
            seams.add(i % 2 == 0 ? afterRunsThrough(front, back) : beforeRunsThrough(front, back));
        }
        return seams;
    }

    /** Fingers of a box corner. */
    public int fingers() {
        return CornerJoint.fingers(section.thickness());
    }

    private Seam miter(double front, double back) {
        return new Seam(front, back, new Vertex(0, 0), toToe());
    }

    /** The piece after has the whole corner; the seam is its sight edge, run on. */
    private Seam afterRunsThrough(double front, double back) {
        return new Seam(front, back, new Vertex(toe.x(), 0), new Vertex(0, 1));
    }

    private Seam beforeRunsThrough(double front, double back) {
        return new Seam(front, back, new Vertex(0, toe.y()), new Vertex(-1, 0));
    }

    /** The seam at which hidden parts cross. */
    public Seam seam() {
        return seams().getFirst();
    }

    /** A piece as it is seen from the front, so long from the heel; at a seam. */
    public List<Vertex> piece(boolean before, double length, Seam seam) {
        double reach = length + before() + after();
        List<Vertex> strip = before
                ? List.of(new Vertex(-length, 0), new Vertex(reach, 0), new Vertex(reach, before()),
                        new Vertex(-length, before()))
                : strip(length, reach);
        Vertex into = seam.across();
        List<Vertex> cut = Plane.clip(strip, seam.start(), before ? new Vertex(-into.x(), -into.y()) : into);
        return !standsOut()
                ? cut
                : Plane.clip(Plane.clip(cut, new Vertex(0, 0), new Vertex(0, 1)), new Vertex(0, 0),
                        inward);
    }

    private List<Vertex> strip(double length, double reach) {
        Vertex far = Plane.along(new Vertex(0, 0), along, length);
        Vertex near = Plane.along(new Vertex(0, 0), along, -reach);
        return List.of(near, far, Plane.along(far, inward, after()), Plane.along(near, inward, after()));
    }

    /** Length of the seam on the face, mm. */
    public double seamLength() {
        return joint.isButted() ? before() : Math.hypot(toe.x(), toe.y());
    }

    Walls walls(boolean before, Margins margins) {
        Length width = before ? faces.before() : faces.after();
        return walls.computeIfAbsent(new Key(width, margins), key -> Walls.of(
                profiles.computeIfAbsent(width, wide -> Profile.of(section.withWidth(wide))), key.margins, lean));
    }
}
