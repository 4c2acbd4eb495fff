package neatcorner.plan;

import java.util.Collections;
import java.util.List;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.saw.Saw;
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
 * @param clearance  play between pack and rabbet wall, per side
 */
public record Job(String title, Units units, int quantity, Outline outline, SizeOf sizeOf, Opening size,
        Length clearance, Pack pack, Section section, Rack stock, Saw saw) {
    /** More frames than this are several jobs. */
    public static final int MOST_FRAMES = 500;

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
        return new Job(newTitle, units, quantity, outline, sizeOf, size, clearance, pack, section, stock, saw);
    }

    public Job withUnits(Units newUnits) {
        return new Job(title, newUnits, quantity, outline, sizeOf, size, clearance, pack, section, stock, saw);
    }

    public Job withQuantity(int newQuantity) {
        return new Job(title, units, newQuantity, outline, sizeOf, size, clearance, pack, section, stock, saw);
    }

    /** With widths of their own for the four sides; null gives all the section's. */
    public Job withFaceWidths(@Nullable Faces newFaces) {
        boolean same = newFaces == null || newFaces.equals(Faces.all(section.width()));
        return withOutline(outline.withFaceWidths(same || newFaces == null ? List.of() : newFaces.list()));
    }

    public Job withOutline(Outline newOutline) {
        return new Job(title, units, quantity, newOutline, sizeOf, size, clearance, pack, section, stock, saw);
    }

    public Job withSize(SizeOf of, Opening newSize) {
        return new Job(title, units, quantity, outline, of, newSize, clearance, pack, section, stock, saw);
    }

    /** The same frame, from now on governed by another of its sizes. */
    public Job startingFrom(SizeOf of) {
        return Geometry.of(this).startingFrom(of);
    }

    public Job withClearance(Length newClearance) {
        return new Job(title, units, quantity, outline, sizeOf, size, newClearance, pack, section, stock, saw);
    }

    public Job withPack(Pack newPack) {
        return new Job(title, units, quantity, outline, sizeOf, size, clearance, newPack, section, stock, saw);
    }

    public Job withSection(Section newSection) {
        return new Job(title, units, quantity, outline, sizeOf, size, clearance, pack, newSection, stock, saw);
    }

    public Job withStock(Rack newStock) {
        return new Job(title, units, quantity, outline, sizeOf, size, clearance, pack, section, newStock, saw);
    }

    public Job withSaw(Saw newSaw) {
        return new Job(title, units, quantity, outline, sizeOf, size, clearance, pack, section, stock, newSaw);
    }
}
