package neatcorner.station.shape;

import java.util.List;
import java.util.function.Predicate;
import neatcorner.job.Geometry;
import neatcorner.job.Job;
import neatcorner.job.ShapeFault;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.outline.Contours;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Segment;
import neatcorner.outline.Shape;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.plan.SharedFinding;
import neatcorner.plan.Station;

/** What a shape can get wrong: edges that cross, sides that vanish, rabbets that meet, short grain. */
public final class ShapeFindings {

    private ShapeFindings() {}

    static void add(Plan plan, List<Finding> findings) {
        Geometry geometry = Geometry.of(plan.job());
        if (geometry.contours() != null) {
            ShapeFault.of(geometry).ifPresent(why -> findings.add(
                    Finding.stop(SharedFinding.SIZE_IMPOSSIBLE, Station.SHAPE, why, remedy())));
        } else if (geometry.sizes().arePossible()) {
            findings.add(Finding.stop(SharedFinding.SIZE_IMPOSSIBLE, Station.SHAPE, Sentence.of(
                    ShapeTexts.ARCH_DOES_NOT_FIT),
                    new Remedy(Sentence.of(ShapeTexts.MAKE_IT_A_SEMICIRCLE), ShapeFindings::semicircle)));
        }
        Contours contours = plan.contours();
        if (contours != null) {
            addSegments(contours, plan, findings);
        }
        addJoint(plan, findings);
    }

    private static void addJoint(Plan plan, List<Finding> findings) {
        CornerJoint joint = plan.job().joint();
        Remedy miter = new Remedy(Sentence.of(ShapeTexts.MITER_THE_CORNERS), j -> j.withJoint(CornerJoint.MITER));
        if (joint != CornerJoint.MITER && !(plan.job().outline().isRectangle() && !plan.job().outline().isSloped())) {
            findings.add(Finding.check(ShapeFinding.CORNER_RECTANGLES_ONLY, Station.SHAPE, Sentence.of(
                    ShapeTexts.ONLY_FLAT_RECTANGLES_GET.formatted(joint.title())),
                    miter));
        } else if (!joint.showsMiter() && !plan.job().section().rabbet().isNone()) {
            findings.add(Finding.note(ShapeFinding.RABBET_RUNS_OUT, Station.SHAPE, Sentence.of(
                    ShapeTexts.RABBET_RUN_TO_THE_END),
                    miter));
        }
    }

    private static Remedy remedy() {
        return new Remedy(Sentence.of(ShapeTexts.GIVE_ALL_SIDES_THE_SAME),
                j -> j.withOutline(j.outline().withFaceWidths(List.of())))
                .or(new Remedy(Sentence.of(ShapeTexts.TAKE_AS_MANY_SEGMENTS), ShapeFindings::fewestSegments))
                .or(new Remedy(Sentence.of(ShapeTexts.MAKE_IT_A_RECTANGLE),
                        j -> j.withOutline(j.outline().withShape(new Shape.Rectangle()))))
                .or(new Remedy(Sentence.of(ShapeTexts.MAKE_IT_A_FLAT_RECTANGLE),
                        j -> j.withOutline(Outline.rectangle())));
    }

    private static Job semicircle(Job job) {
        Shape.Arch round = new Shape.Arch(Shape.Curve.SEMICIRCLE, new Length(
                job.size().width().units() / 2), 0);
        Job arched = job.withOutline(job.outline().withShape(round));
        boolean tall = job.size().height().isMoreThan(job.size().width());
        return tall
                ? arched
                : arched.withSize(job.sizeOf(), new Opening(job.size().width(),
                        job.size().width().scaled(1.4)));
    }

    private static void addSegments(Contours contours, Plan plan, List<Finding> findings) {
        double steepest = contours.segments().stream().map(Segment::blank).mapToDouble(b -> b.runOut().degrees()).max()
                .orElse(0);
        if (steepest > Contours.MOST_RUN_OUT.degrees() + 1e-6) {
            findings.add(Finding.check(ShapeFinding.GRAIN_SHORT, Station.SHAPE, Sentence.of(
                    ShapeTexts.CURVE_CROSSES_THE_GRAIN,
                    Angle.ofDegrees(steepest)),
                    moreSegments(plan.job(), all -> all.stream().map(Segment::blank)
                            .allMatch(blank -> blank.runOut().degrees() <= Contours.MOST_RUN_OUT.degrees() + 1e-6))));
        }
        double widest = contours.segments().stream().map(Segment::blank).mapToDouble(Segment.Blank::width).max()
                .orElse(0);
        Length wide = Length.mm(widest);
        Length board = plan.job().outline().boardWidth();
        if (wide.isMoreThan(board.plus(Length.mm(0.01)))) {
            findings.add(Finding.check(ShapeFinding.BOARD_NARROW, Station.SHAPE,
                    Sentence.of(ShapeTexts.SEGMENTS_NEED_A_BOARD, wide, board),
                    moreSegments(plan.job(), all -> all.stream().map(Segment::blank)
                            .allMatch(blank -> blank.width() <= board.toMm())).or(board(plan.job(), wide))));
        }
    }

    /** As many segments as it needs by itself, else the fewest for which something holds. */
    private static Remedy moreSegments(Job job, Predicate<List<Segment>> holds) {
        Remedy fewest = new Remedy(Sentence.of(ShapeTexts.TAKE_AS_MANY_SEGMENTS), ShapeFindings::fewestSegments);
        for (int count = 2; count <= Contours.MOST_SEGMENTS; count++) {
            Contours contours = Geometry.of(withSegments(job, count)).contours();
            if (contours != null && holds.test(contours.segments())) {
                int enough = count;
                return fewest.or(new Remedy(Sentence.of(ShapeTexts.TAKE_SO_MANY_SEGMENTS, Scalar.count(enough)),
                        j -> withSegments(j, enough)));
            }
        }
        return fewest;
    }

    private static Remedy board(Job job, Length wide) {
        Length enough = wide.roundedUp(job.units().either(5, 1.0 / 4));
        return new Remedy(Sentence.of(ShapeTexts.TAKE_A_BOARD, enough),
                j -> j.withOutline(j.outline().withBoardWidth(enough)));
    }

    private static Job fewestSegments(Job job) {
        return withSegments(job, 0);
    }

    private static Job withSegments(Job job, int count) {
        Shape shape = switch (job.outline().shape()) {
            case Shape.Circle circle -> new Shape.Circle(count);
            case Shape.Ellipse ellipse -> new Shape.Ellipse(count);
            case Shape.Arch arch -> new Shape.Arch(arch.curve(), arch.rise(), count);
            case Shape.Rectangle straight -> straight;
            case Shape.Regular straight -> straight;
            case Shape.Polygon straight -> straight;
        };
        return job.withOutline(job.outline().withShape(shape));
    }
}
