package neatcorner.corner.solid;

import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.measure.Length;
import neatcorner.piece.CornerJoint;
import neatcorner.section.Profile;
import neatcorner.section.Section;

/**
 * How much glue holds one corner, mm². End grain drinks glue and holds little; long grain holds.
 *
 * @param endGrain  faces of the joint, less what parts take out of them
 * @param longGrain faces of splines, tenons and cheeks
 */
public record GlueArea(double endGrain, double longGrain) {
    static GlueArea of(CornerWood wood, List<Reinforcement> all, List<Part> parts) {
        double end = seam(wood);
        double lengthwise = cheeks(wood);
        for (Part part : parts) {
            Reinforcement what = all.get(part.of());
            Manner manner = Manner.of(part.kind());
            lengthwise += manner.glued().applyAsDouble(what, part);
            end -= manner.taken().applyAsDouble(what);
        }
        return new GlueArea(Math.max(0, end), lengthwise);
    }

    /**
     * Faces that meet end to end, or end to side: the section along the seam. Of a mitred lap its front half, whatever is milled
     * behind that; of a dado at the end of a piece the bottom and the one wall that it has.
     */
    private static double seam(CornerWood wood) {
        double section = Profile.of(wood.section().withWidth(wood.faces().before())).area();
        return switch (wood.joint()) {
            case MITER -> section / wood.seam().direction().y();
            case BUTT -> wood.before() * wood.section().lip().toMm();
            case DADO -> (wood.before() + CornerJoint.dado(Length.mm(wood.after())).toMm())
                    * wood.section().lip().toMm();
            case LAP, BOX -> 0;
            case MITRED_LAP -> wood.section().withWidth(wood.faces().before()).area(0, wood.thickness() / 2)
                    / wood.seam().direction().y();
        };
    }

    /** Where broad faces of the two pieces lie on each other: as far as both have wood there, rabbets and milling off. */
    private static double cheeks(CornerWood wood) {
        double t = wood.thickness();
        return switch (wood.joint()) {
            case MITER, BUTT, DADO -> 0;
            case LAP -> square(wood, t / 2, true);
            case MITRED_LAP -> mitredHalf(wood, t / 2);
            case BOX -> {
                double sum = 0;
                for (int i = 1; i < wood.fingers(); i++) {
                    sum += square(wood, t * i / wood.fingers(), i % 2 == 1);
                }
                yield sum;
            }
        };
    }

    /** What two pieces that cross have in common on a plane so far behind the face, one in front of it and one behind. */
    private static double square(CornerWood wood, double behind, boolean afterInFront) {
        return solid(wood, wood.corner().before(), behind, afterInFront ? 1 : -1)
                * solid(wood, wood.corner().after(), behind, afterInFront ? -1 : 1);
    }

    /** The part of that square which the mitred half in front covers: beyond the line from toe to heel. */
    private static double mitredHalf(CornerWood wood, double behind) {
        double before = wood.before();
        double after = wood.after();
        double p = before - solid(wood, wood.corner().before(), behind, 1);
        double q = Math.max(after - solid(wood, wood.corner().after(), behind, -1), p * after / before);
        return Math.max(0, before / after * (after * after - q * q) / 2 - p * (after - q));
    }

    private static double solid(CornerWood wood, Length width, double behind, int side) {
        double thin = 1e-3;
        Section section = wood.section().withWidth(width);
        return section.area(behind + (side < 0 ? -thin : 0), behind + (side < 0 ? 0 : thin)) / thin;
    }
}
