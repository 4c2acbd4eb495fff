package neatcorner.plan;

import java.util.Optional;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.saw.Saw;
import neatcorner.section.Section;
import neatcorner.stock.Rack;
import org.jspecify.annotations.Nullable;

/**
 * What the maker decided about a frame, and nothing that follows from it.
 *
 * @param units      the system the job was thought in; defaults of rules of thumb follow it
 * @param quantity   how many equal frames, at least 1
 * @param faceWidths of the four sides where they differ; null when all are as wide as the section
 * @param sizeOf     which size was measured
 * @param clearance  play between pack and rabbet wall, per side
 */
public record Job(String title, Units units, int quantity, @Nullable Faces faceWidths, SizeOf sizeOf, Opening size,
        Length clearance, Pack pack, Section section, Rack stock, Saw saw) {
    /** More frames than this are several jobs. */
    public static final int MOST_FRAMES = 500;

    /** The face widths of the four sides. */
    public Faces faces() {
        return faceWidths != null ? faceWidths : Faces.all(section.width());
    }

    /** The sizes that follow from the measured one. */
    public FrameSizes sizes() {
        Optional<Layer.Mat> mat = pack.mat();
        return FrameSizes.from(sizeOf, size,
                new FrameSizes.Given(mat, clearance, section.rabbet().width(), faces()));
    }

    public Job withTitle(String newTitle) {
        return new Job(newTitle, units, quantity, faceWidths, sizeOf, size, clearance, pack, section, stock, saw);
    }

    public Job withUnits(Units newUnits) {
        return new Job(title, newUnits, quantity, faceWidths, sizeOf, size, clearance, pack, section, stock, saw);
    }

    public Job withQuantity(int newQuantity) {
        return new Job(title, units, newQuantity, faceWidths, sizeOf, size, clearance, pack, section, stock, saw);
    }

    public Job withFaceWidths(@Nullable Faces newFaces) {
        Faces widths = newFaces != null && newFaces.equals(Faces.all(section.width())) ? null : newFaces;
        return new Job(title, units, quantity, widths, sizeOf, size, clearance, pack, section, stock, saw);
    }

    public Job withSize(SizeOf of, Opening newSize) {
        return new Job(title, units, quantity, faceWidths, of, newSize, clearance, pack, section, stock, saw);
    }

    /** The same frame, from now on governed by another of its sizes. */
    public Job startingFrom(SizeOf of) {
        return withSize(of, sizes().of(of));
    }

    public Job withClearance(Length newClearance) {
        return new Job(title, units, quantity, faceWidths, sizeOf, size, newClearance, pack, section, stock, saw);
    }

    public Job withPack(Pack newPack) {
        return new Job(title, units, quantity, faceWidths, sizeOf, size, clearance, newPack, section, stock, saw);
    }

    public Job withSection(Section newSection) {
        return new Job(title, units, quantity, faceWidths, sizeOf, size, clearance, pack, newSection, stock, saw);
    }

    public Job withStock(Rack newStock) {
        return new Job(title, units, quantity, faceWidths, sizeOf, size, clearance, pack, section, newStock, saw);
    }

    public Job withSaw(Saw newSaw) {
        return new Job(title, units, quantity, faceWidths, sizeOf, size, clearance, pack, section, stock, newSaw);
    }
}
