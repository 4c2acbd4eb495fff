package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Segment;
import neatcorner.outline.Shape;
import neatcorner.outline.Template;
import neatcorner.outline.Vertex;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import org.junit.jupiter.api.Test;

/** Segments of curves and their templates, against curves walked in a great many small steps. */
class CurvesTest {
    private static final int STEPS = 20_000;

    /** Geometry: in a ring of n segments the curve crosses the grain at 180°/n, and the blank is R − r·cos 180°/n wide. */
    @Test
    void ringsAreWhatTheirRadiiMakeThem() {
        Cases.of("rings", random -> {
            int n = 3 + random.nextInt(20);
            Plan plan = plan(new Shape.Circle(n), 200 + random.nextInt(1800), random);
            if (plan.contours() == null) {
                return;
            }
            double r = plan.sizes().sight().width().toMm() / 2;
            double big = plan.sizes().outside().width().toMm() / 2;
            for (Segment segment : plan.contours().segments()) {
                assertEquals(180.0 / n, segment.blank().runOut().degrees(), 1e-6);
                assertEquals(big - r * Math.cos(Math.PI / n), segment.blank().width(), 1e-6);
                assertEquals(2 * big * Math.tan(Math.PI / n), segment.blank().longEdge(), 1e-3);
            }
        });
    }

    /** An ellipse is walked from the joint to the next: how far it leans off the grain, and how wide the blank must be. */
    @Test
    void ellipsesAreWhatWalkingThemShows() {
        Cases.of("ellipses", random -> {
            Plan plan = plan(new Shape.Ellipse(4 + random.nextInt(14)), 300 + random.nextInt(900), random);
            if (plan.contours() == null) {
                return;
            }
            double a = plan.sizes().sight().width().toMm() / 2;
            double b = plan.sizes().sight().height().toMm() / 2;
            double face = plan.job().section().width().toMm();
            for (Segment segment : plan.contours().segments()) {
                walk(segment, a, b, face);
            }
        });
    }

    private static void walk(Segment segment, double a, double b, double face) {
        Vertex from = segment.inner().getFirst();
        Vertex to = segment.inner().getLast();
        double first = Math.atan2(from.y() / b, from.x() / a);
        double last = Math.atan2(to.y() / b, to.x() / a);
        if (last < first) {
            last += 2 * Math.PI;
        }
        double gx = (to.x() - from.x()) / from.distanceTo(to);
        double gy = (to.y() - from.y()) / from.distanceTo(to);
        double lean = 0;
        double far = -Double.MAX_VALUE;
        double near = Double.MAX_VALUE;
        for (int i = 0; i <= STEPS; i++) {
            double t = first + (last - first) * i / STEPS;
            double tx = -a * Math.sin(t);
            double ty = b * Math.cos(t);
            double speed = Math.hypot(tx, ty);
            lean = Math.max(lean, Math.acos(Math.min(1, (tx * gx + ty * gy) / speed)));
            double x = a * Math.cos(t);
            double y = b * Math.sin(t);
            far = Math.max(far, (x + face * ty / speed) * gy - (y - face * tx / speed) * gx);
            near = Math.min(near, x * gy - y * gx);
        }
        assertEquals(Math.toDegrees(lean), segment.blank().runOut().degrees(), 1e-3, "across the grain");
        assertEquals(far - near, segment.blank().width(), 1e-3, "blank");
    }

    /** A saw line is never more than 0.02 mm off its curve, however large the frame. */
    @Test
    void templatesFollowTheirCurves() {
        Cases.of("templates", random -> {
            Plan plan = plan(new Shape.Circle(3 + random.nextInt(20)), 200 + random.nextInt(3800), random);
            if (plan.contours() == null) {
                return;
            }
            Template.Path cut = Template.of(plan.contours().segments().getFirst()).cut();
            double big = plan.sizes().outside().width().toMm() / 2;
            int half = cut.fine().size() / 2;
            Vertex heart = heart(cut, big);
            for (int i = 1; i < half - 1; i++) {
                Vertex p = cut.fine().get(i - 1);
                Vertex q = cut.fine().get(i);
                double middle = heart.distanceTo(new Vertex((p.x() + q.x()) / 2, (p.y() + q.y()) / 2));
                if (Math.abs(middle - big) < face(plan) / 2) {
                    assertTrue(Math.abs(big - middle) <= 0.0201, "chord off by " + (big - middle));
                }
            }
        });
    }

    private static double face(Plan plan) {
        return plan.job().section().width().toMm();
    }

    /** The ring's centre, from the ends of the outer arc: below the middle of its chord. */
    private static Vertex heart(Template.Path cut, double radius) {
        Vertex p = cut.places().get(0);
        Vertex q = cut.places().get(1);
        double half = p.distanceTo(q) / 2;
        double down = Math.sqrt(radius * radius - half * half);
        return new Vertex((p.x() + q.x()) / 2, (p.y() + q.y()) / 2 + down);
    }

    private static Plan plan(Shape shape, double width, Random random) {
        Job job = Jobs.withABoard(Jobs.chart()).withPack(new Pack(List.of()));
        double height = shape instanceof Shape.Circle ? width : width * (0.5 + random.nextDouble());
        return Planner.plan(job.withSection(job.section().withWidth(AnyJob.between(random, 20, 60)))
                .withOutline(Outline.of(shape))
                .withSize(SizeOf.SIGHT, new Opening(AnyJob.mm(Math.rint(width)), AnyJob.mm(Math.rint(height)))));
    }
}
