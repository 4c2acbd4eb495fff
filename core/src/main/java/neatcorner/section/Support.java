package neatcorner.section;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * What a stick rests on during an operation: how much of the face on the table, and of the face along the fence, is still
 * there and is not what is being cut away. Too little and the stick rocks into the cutter.
 *
 * @param operation index in the whole order
 * @param onTable   mm of the stick's end that lie on the table
 * @param onFence   mm that run along the fence
 */
public record Support(int operation, double onTable, double onFence) {
    /** Share of the face that must lie on the table: common practice. */
    private static final double LEAST_TABLE = 0.35;
    /** Share of the side that must run along the fence or the bearing: common practice. */
    private static final double LEAST_FENCE = 0.15;
    private static final double NEAR = 0.02;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Of every operation of a section, in order. A hand plane needs only what lies on the bench. */
    public static List<Support> of(Section section) {
        List<Profile.Stage> stages = Profile.of(section).stages();
        List<MillPass> passes = Passes.of(section);
        List<Support> supports = new ArrayList<>();
        for (int i = 0; i < stages.size(); i++) {
            int operation = i;
            MillPass last = passes.stream().filter(pass -> pass.operation() == operation).reduce((a, b) -> b)
                    .orElse(null);
            if (last == null) {
                supports.add(new Support(i, section.width().toMm(), section.thickness().toMm()));
                continue;
            }
            Geometry stays = stages.get(i).after();
            double fence = last.tool() == Tool.PLANE
                    ? length(section, last.guide())
                    : contact(section, stays, last.guide());
            supports.add(new Support(i, contact(section, stays, last.rest()), fence));
        }
        return List.copyOf(supports);
    }

    /** Whether enough of the stick still lies on table and fence to hold it steady. */
    public boolean isEnough(Section section, MillPass pass) {
        return onTable >= LEAST_TABLE * length(section, pass.rest()) - 1e-6
                && onFence >= LEAST_FENCE * length(section, pass.guide()) - 1e-6;
    }

    /** Operations, by their place in the order, for which too little is left to rest on. */
    public static List<Integer> lost(Section section) {
        List<MillPass> passes = Passes.of(section);
        return of(section).stream().filter(support -> passes.stream()
                .filter(pass -> pass.operation() == support.operation)
                .anyMatch(pass -> !support.isEnough(section, pass))).map(Support::operation).toList();
    }

    private static double length(Section section, Face face) {
        return face.isWide() ? section.width().toMm() : section.thickness().toMm();
    }

    private static double contact(Section section, Geometry wood, Face face) {
        double w = section.width().toMm();
        double t = section.thickness().toMm();
        Coordinate[] line = switch (face) {
            case FRONT -> line(0, NEAR, w, NEAR);
            case BACK -> line(0, t - NEAR, w, t - NEAR);
            case INNER -> line(NEAR, 0, NEAR, t);
            case OUTER -> line(w - NEAR, 0, w - NEAR, t);
        };
        return OverlayNGRobust.overlay(FACTORY.createLineString(line), wood, OverlayNG.INTERSECTION).getLength();
    }

    private static Coordinate[] line(double x1, double y1, double x2, double y2) {
        return new Coordinate[]{new Coordinate(x1, y1), new Coordinate(x2, y2)};
    }
}
