package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import neatcorner.corner.solid.GlueArea;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.section.Rabbet;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * Frames with lapped, butted and fingered corners built up in thin layers: in each, the shapes of the pieces as they lie in
 * the frame are laid together. Their areas make the wood's weight; what two layers have in common is what the glue holds.
 */
class LapsTest {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    @Test
    void woodIsCountedOnce() {
        Cases.of("wood of joined corners", random -> check(AnyJob.joined(random)));
    }

    @Test
    void mitredFramesOfUnequalSidesWeighWhatTheyAre() {
        Cases.of("wood of mitred frames", random -> check(AnyJob.joined(random).withJoint(CornerJoint.MITER)));
    }

    private static void check(Job job) {
        Plan plan = Planner.plan(job);
        if (plan.pieces().isEmpty() || !job.section().isSound()) {
            return;
        }
        double t = job.section().thickness().toMm();
        List<Double> levels = levels(job);
        double volume = 0;
        for (int i = 1; i < levels.size(); i++) {
            double middle = (levels.get(i - 1) + levels.get(i)) / 2;
            Geometry all = FACTORY.createPolygon();
            for (int side = 0; side < 4; side++) {
                all = all.union(piece(plan, side, middle));
            }
            volume += all.getArea() * (levels.get(i) - levels.get(i - 1));
        }
        double kilograms = volume * 1e-9 * job.section().wood().density();
        assertEquals(kilograms, plan.weight().wood().kilograms(), kilograms * 1e-5, "weight of " + job.joint());
        CornerWork work = CornerWork.of(plan);
        if (job.joint() != CornerJoint.MITER && !job.joint().isButted() && work.kinds().size() == 1) {
            GlueArea glue = work.kinds().getFirst().corner().glue();
            assertEquals(cheeks(plan, t), glue.longGrain(), 1e-2, "cheeks of " + job.joint());
        }
    }

    /** Depths at which the shape of the layers changes. */
    private static List<Double> levels(Job job) {
        double t = job.section().thickness().toMm();
        List<Double> levels = new ArrayList<>(List.of(0.0, t, t / 2, t - job.section().rabbet().depth().toMm()));
        Rabbet.Step step = job.section().rabbet().step();
        if (step != null) {
            levels.add(t - step.depth().toMm());
        }
        int fingers = CornerJoint.fingers(job.section().thickness());
        for (int i = 1; i < fingers && job.joint() == CornerJoint.BOX; i++) {
            levels.add(t * i / fingers);
        }
        levels.sort(Double::compare);
        return levels;
    }

    /** A side as it lies in a layer: its long sides as wide as the section is there, its ends as the joint has them. */
    private static Geometry piece(Plan plan, int side, double behind) {
        double w = plan.sizes().sight().width().toMm() / 2;
        double h = plan.sizes().sight().height().toMm() / 2;
        List<Length> faces = plan.job().faces().list();
        double top = faces.get(0).toMm();
        double right = faces.get(1).toMm();
        double bottom = faces.get(2).toMm();
        double left = faces.get(3).toMm();
        double rabbet = rabbet(plan.job(), behind);
        double x1 = -w - left;
        double x2 = w + right;
        double y1 = -h - top;
        double y2 = h + bottom;
        Geometry strip = switch (side) {
            case 0 -> box(x1, y1, x2, -h - rabbet);
            case 1 -> box(w + rabbet, y1, x2, y2);
            case 2 -> box(x1, h + rabbet, x2, y2);
            default -> box(x1, y1, -w - rabbet, y2);
        };
        for (int end = 0; end < 2; end++) {
            int corner = (side + end) % 4;
            strip = strip.difference(taken(plan, corner, end == 1, behind, new double[]{-w, -h, w, h}, x1, y1, x2, y2));
        }
        return strip;
    }

    private static double rabbet(Job job, double behind) {
        double t = job.section().thickness().toMm();
        Rabbet rabbet = job.section().rabbet();
        Rabbet.Step step = rabbet.step();
        if (step != null && behind > t - step.depth().toMm()) {
            return step.width().toMm();
        }
        return behind > t - rabbet.depth().toMm() ? rabbet.width().toMm() : 0;
    }

    /** What a corner takes off the piece that ends there, or off the one that starts there. */
    private static Geometry taken(Plan plan, int corner, boolean ends, double behind, double[] in, double x1, double y1,
            double x2, double y2) {
        double[][] outer = {{x1, y1}, {x2, y1}, {x2, y2}, {x1, y2}};
        double[][] inner = {{in[0], in[1]}, {in[2], in[1]}, {in[2], in[3]}, {in[0], in[3]}};
        double[] o = outer[corner];
        double[] i = inner[corner];
        Geometry square = box(Math.min(o[0], i[0]), Math.min(o[1], i[1]), Math.max(o[0], i[0]), Math.max(o[1], i[1]));
        boolean upright = (corner % 2 == 0) != ends;
        double t = plan.job().section().thickness().toMm();
        return switch (plan.job().joint()) {
            case BUTT, DADO -> isSide(corner, ends) ? FACTORY.createPolygon() : square;
            case LAP -> isSide(corner, ends) == behind < t / 2 ? FACTORY.createPolygon() : square;
            case BOX -> {
                int layer = (int) (behind / t * CornerJoint.fingers(plan.job().section().thickness()));
                yield isSide(corner, ends) == (layer % 2 == 0) ? FACTORY.createPolygon() : square;
            }
            case MITRED_LAP -> behind > t / 2
                    ? ends ? FACTORY.createPolygon() : square
                    : half(o, i, upright);
            case MITER -> half(o, i, upright);
        };
    }

    /** Sides are the right and the left piece; corner 0 is top left, where the left one ends and the top one starts. */
    private static boolean isSide(int corner, boolean ends) {
        return (corner % 2 == 0) == ends;
    }

    /** The half of a corner's square beyond the miter from the piece that lies level, or from the upright one. */
    private static Geometry half(double[] o, double[] i, boolean level) {
        double[] third = level ? new double[]{o[0], i[1]} : new double[]{i[0], o[1]};
        return FACTORY.createPolygon(new Coordinate[]{new Coordinate(o[0], o[1]), new Coordinate(i[0], i[1]),
            new Coordinate(third[0], third[1]), new Coordinate(o[0], o[1])});
    }

    /** What neighbours have in common just in front of a plane and just behind it, at the top left corner. */
    private static double cheeks(Plan plan, double t) {
        double sum = 0;
        List<Double> planes = new ArrayList<>();
        int fingers = CornerJoint.fingers(plan.job().section().thickness());
        if (plan.job().joint() == CornerJoint.BOX) {
            for (int i = 1; i < fingers; i++) {
                planes.add(t * i / fingers);
            }
        } else {
            planes.add(t / 2);
        }
        for (double plane : planes) {
            Geometry ends = piece(plan, 3, plane - 1e-4).intersection(piece(plan, 0, plane + 1e-4));
            Geometry starts = piece(plan, 0, plane - 1e-4).intersection(piece(plan, 3, plane + 1e-4));
            sum += ends.getArea() + starts.getArea();
        }
        return sum;
    }

    private static Geometry box(double left, double top, double right, double bottom) {
        return FACTORY.createPolygon(new Coordinate[]{new Coordinate(left, top), new Coordinate(right, top),
            new Coordinate(right, bottom), new Coordinate(left, bottom), new Coordinate(left, top)});
    }
}
