package neatcorner.job;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.glueup.GlueUp;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.piece.CornerJoint;
import neatcorner.saw.Saw;
import neatcorner.saw.measured.Checks;
import neatcorner.section.Section;
import neatcorner.stock.Rack;
import org.jspecify.annotations.Nullable;

/**
 * What the maker decided about a frame, and nothing that follows from it.
 *
 * @param units      the system the job was thought in; defaults of rules of thumb follow it
 * @param quantity   how many equal frames, at least 1
 * @param outline    its shape, slope, and face widths where they differ
 * @param sizeOf     which size was measured
 * @param joint      of the corners; only rectangles have another than the miter
 * @param reinforcement what holds each corner besides glue
 * @param checks     what was measured, and where it will hang
 * @param glueUp     how it is put together and finished
 * @param clearance  play between pack and rabbet wall, per side
 */
public record Job(String title, Units units, int quantity, Outline outline, SizeOf sizeOf, Opening size,
        Length clearance, Pack pack, Section section, CornerJoint joint,
        List<Reinforcement> reinforcement, Rack stock, Saw saw, Checks checks, GlueUp glueUp) {
    /** More frames than this are several jobs. */
    public static final int MOST_FRAMES = 500;
    /** A corner holds no more kinds of parts than this. */
    public static final int MOST_REINFORCEMENTS = 8;

    public Job {
        reinforcement = List.copyOf(reinforcement);
    }

    /** The face widths of the four sides of a rectangle; of other shapes, the section's width four times. */
    public Faces faces() {
        List<Length> widths = outline.faceWidths();
        return outline.isRectangle() && !widths.isEmpty() ? Faces.of(widths) : Faces.all(section.width());
    }

    /** Face widths of as many straight sides, in the order of the pieces. */
    public List<Length> faceWidths(int sides) {
        return outline.faceWidths().size() == sides
                ? outline.faceWidths()
                : Collections.nCopies(sides, section.width());
    }

    /** The sizes that follow from the measured one. */
    public FrameSizes sizes() {
        return Geometry.of(this).sizes();
    }

    public Job withTitle(String newTitle) {
        return new Job(newTitle, units, quantity, outline, sizeOf, size, clearance, pack, section, joint, reinforcement,
                stock, saw, checks, glueUp);
    }

    public Job withUnits(Units newUnits) {
        return new Job(title, newUnits, quantity, outline, sizeOf, size, clearance, pack, section, joint, reinforcement,
                stock, saw, checks, glueUp);
    }

    public Job withQuantity(int newQuantity) {
        return new Job(title, units, newQuantity, outline, sizeOf, size, clearance, pack, section, joint, reinforcement,
                stock, saw, checks, glueUp);
    }

    /** With widths of their own for the four sides; null gives all the section's. */
    public Job withFaceWidths(@Nullable Faces newFaces) {
        boolean same = newFaces == null || newFaces.equals(Faces.all(section.width()));
        return withOutline(outline.withFaceWidths(same || newFaces == null ? List.of() : newFaces.list()));
    }

    public Job withOutline(Outline newOutline) {
        return new Job(title, units, quantity, newOutline, sizeOf, size, clearance, pack, section, joint, reinforcement,
                stock, saw, checks, glueUp);
    }

    /** With faces that slope by another angle; a rabbet that was level stays level. */
    public Job sloped(Angle slope) {
        boolean level = section.rabbet().isTilted()
                && Math.abs(section.rabbet().tilt().degrees() - outline.slope().degrees()) < 1e-9;
        return withOutline(outline.withSlope(slope))
                .withSection(level ? section.withRabbet(section.rabbet().withTilt(slope)) : section);
    }

    public Job withSize(SizeOf of, Opening newSize) {
        return new Job(title, units, quantity, outline, of, newSize, clearance, pack, section, joint, reinforcement,
                stock, saw, checks, glueUp);
    }

    /** The same frame, from now on governed by another of its sizes. */
    public Job startingFrom(SizeOf of) {
        return Geometry.of(this).startingFrom(of);
    }

    public Job withClearance(Length newClearance) {
        return new Job(title, units, quantity, outline, sizeOf, size, newClearance, pack, section, joint, reinforcement,
                stock, saw, checks, glueUp);
    }

    public Job withPack(Pack newPack) {
        return new Job(title, units, quantity, outline, sizeOf, size, clearance, newPack, section, joint, reinforcement,
                stock, saw, checks, glueUp);
    }

    public Job withSection(Section newSection) {
        return new Job(title, units, quantity, outline, sizeOf, size, clearance, pack, newSection, joint, reinforcement,
                stock, saw, checks, glueUp);
    }

    public Job withStock(Rack newStock) {
        return new Job(title, units, quantity, outline, sizeOf, size, clearance, pack, section, joint, reinforcement,
                newStock, saw, checks, glueUp);
    }

    public Job withSaw(Saw newSaw) {
        return new Job(title, units, quantity, outline, sizeOf, size, clearance, pack, section, joint, reinforcement,
                stock, newSaw, checks, glueUp);
    }

    public Job withJoint(CornerJoint newJoint) {
        return new Job(title, units, quantity, outline, sizeOf, size, clearance, pack, section, newJoint, reinforcement,
                stock, saw, checks, glueUp);
    }

    public Job withChecks(Checks newChecks) {
        return new Job(title, units, quantity, outline, sizeOf, size, clearance, pack, section, joint, reinforcement,
                stock, saw, newChecks, glueUp);
    }

    public Job withReinforcement(List<Reinforcement> newReinforcement) {
        return new Job(title, units, quantity, outline, sizeOf, size, clearance, pack, section, joint,
                newReinforcement, stock, saw, checks, glueUp);
    }

    /** With one of the reinforcements changed. */
    public Job withReinforcement(int index, Reinforcement changed) {
        List<Reinforcement> all = new ArrayList<>(reinforcement);
        all.set(index, changed);
        return withReinforcement(all);
    }

    public Job withGlueUp(GlueUp newGlueUp) {
        return new Job(title, units, quantity, outline, sizeOf, size, clearance, pack, section, joint, reinforcement,
                stock, saw, checks, newGlueUp);
    }
}
