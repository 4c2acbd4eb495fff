package neatcorner.hanging;

import java.util.List;
import neatcorner.fitout.CutSizes;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.measure.Mass;
import neatcorner.measure.Units;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.piece.Piece;
import neatcorner.section.Section;

/**
 * What one frame weighs.
 *
 * @param wood the four sides
 * @param pack glazing, mats, art and backing
 */
public record Weight(Mass wood, Mass pack) {

    public Mass total() {
        return wood.plus(pack);
    }

    /** Wood from the section's area and each piece's length at the section's centroid; sheets from their cut sizes. */
    public static Weight of(List<Piece> pieces, Section section, Pack pack, FrameSizes sizes, Units units) {
        double wood = 0;
        for (Piece piece : pieces) {
            double atCentroid = section.centroidXMm() / section.width().toMm();
            double length = piece.sight().toMm() + (piece.outer().toMm() - piece.sight().toMm()) * atCentroid;
            wood += section.areaMm2(piece.face()) * 1e-6 * length * 1e-3 * section.density();
        }
        double sheets = 0;
        for (Layer layer : pack.layers()) {
            double area = CutSizes.of(layer, sizes, section.rabbet(), units).areaM2();
            if (layer instanceof Layer.Mat && sizes.window() != null) {
                area -= sizes.window().areaM2();
            }
            sheets += area * layer.thickness().toMm() * 1e-3 * layer.material().density();
        }
        return new Weight(new Mass(wood), new Mass(sheets));
    }

    /**
     * Of a frame of any shape: wood from the section's area along the line of its centroid; sheets as their share of the
     * upright boxes that were weighed.
     */
    public static Weight of(Contours contours, Section section, Pack pack, Weight boxes) {
        double wood = contours.at(section.centroidXMm()).perimeter() * section.areaMm2(section.width()) * 1e-9
                * section.density();
        Loop sheet = contours.rabbet();
        double share = Math.abs(sheet.area()) / Math.max(1e-9, sheet.box().areaM2() * 1e6);
        return new Weight(new Mass(wood), pack.layers().isEmpty()
                ? Mass.ZERO
                : new Mass(boxes.pack().kilograms() * share));
    }
}
