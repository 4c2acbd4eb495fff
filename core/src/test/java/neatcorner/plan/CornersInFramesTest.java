package neatcorner.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Length;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.piece.CornerJoint;
import neatcorner.stock.Search;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Which corners of a frame are alike, and how each lies in it, by hand: of a triangle of 300, 400 and 500, of wheels and arches,
 * of sides that are not as wide.
 */
class CornersInFramesTest {
    private static final double CLOSE = 1e-6;

    /** Its square corner is at the top left; A runs 400 to the right, B back down, C 300 up. */
    private static final Shape TRIANGLE = new Shape.Polygon(new Loop(
            List.of(new Vertex(0, 0), new Vertex(400, 0), new Vertex(0, 300))));

    private static Plan plan(Job job) {
        return Plan.of(job, Jobs.SHOP, Search.PATIENT);
    }

    private static CornerWork work(Job job) {
        return CornerWork.of(plan(job));
    }

    private static Job shaped(Shape shape, double width, double height) {
        return Jobs.chart().withOutline(Outline.of(shape))
                .withSize(SizeOf.SIGHT, new Opening(Length.mm(width), Length.mm(height)));
    }

    private static Job triangle(double... widths) {
        Job job = shaped(TRIANGLE, 400, 300);
        return job.withOutline(job.outline().withFaceWidths(Arrays.stream(widths)
                .mapToObj(Length::mm).toList()));
    }

    private static CornerWork.Kind at(CornerWork work, String name) {
        return work.kinds().stream().filter(kind -> kind.at().getFirst().equals(name)).findFirst().orElseThrow();
    }

    private static void is(double x, double y, Vertex vertex) {
        assertEquals(x, vertex.x(), CLOSE);
        assertEquals(y, vertex.y(), CLOSE);
    }

    private static void lies(CornerWork.Kind kind, Vertex before, Vertex after) {
        is(before.x(), before.y(), kind.lie().of(new Vertex(-1, 0)));
        is(after.x(), after.y(), kind.lie().of(kind.corner().wood().along()));
    }

    /** Whatever the joint: seen in the frame, the two sides of the top left corner run to the right and down. */
    @ParameterizedTest
    @EnumSource(CornerJoint.class)
    void cornersLieInTheFrameAsTheyAreMade(CornerJoint joint) {
        Plan plan = plan(Jobs.chart().withJoint(joint));
        for (CornerWork.Kind kind : CornerWork.of(plan).kinds()) {
            Vertex along = kind.corner().wood().along();
            Set<List<Long>> runs = List.of(kind.lie().of(new Vertex(-1, 0)), kind.lie().of(along)).stream()
                    .map(v -> List.of(Math.round(v.x()), Math.round(v.y()))).collect(Collectors.toSet());
            assertEquals(expected(kind.at().getFirst()), runs, joint + " at " + kind.at());
            Vertex inside = kind.lie().of(kind.corner().wood().bisector());
            Vertex middle = sum(expected(kind.at().getFirst()));
            assertEquals(Math.sqrt(2), inside.x() * middle.x() + inside.y() * middle.y(), 1e-6, "into the frame");
        }
        List<String> all = new ArrayList<>();
        CornerWork.of(plan).kinds().forEach(kind -> all.addAll(kind.at()));
        assertEquals(Set.of("A–B", "B–C", "C–D", "D–A"), Set.copyOf(all));
        assertEquals(4, CornerWork.of(plan).count());
    }

    private static Set<List<Long>> expected(String at) {
        return switch (at) {
            case "D–A" -> Set.of(List.of(1L, 0L), List.of(0L, 1L));
            case "A–B" -> Set.of(List.of(-1L, 0L), List.of(0L, 1L));
            case "B–C" -> Set.of(List.of(-1L, 0L), List.of(0L, -1L));
            default -> Set.of(List.of(1L, 0L), List.of(0L, -1L));
        };
    }

    private static Vertex sum(Set<List<Long>> runs) {
        return new Vertex(runs.stream().mapToDouble(List::getFirst).sum(),
                runs.stream().mapToDouble(List::getLast).sum());
    }

    @Test
    void aTriangleHasThreeCorners() {
        CornerWork work = work(triangle());
        assertEquals(3, work.kinds().size());
        assertEquals(3, work.count());
        lies(at(work, "A–B"), new Vertex(-1, 0), new Vertex(-0.8, 0.6));
        lies(at(work, "B–C"), new Vertex(0.8, -0.6), new Vertex(0, -1));
        lies(at(work, "C–A"), new Vertex(0, 1), new Vertex(1, 0));
        assertEquals(36.8699, at(work, "A–B").corner().wood().corner().interior().degrees(), 1e-4);
        assertEquals(53.1301, at(work, "B–C").corner().wood().corner().interior().degrees(), 1e-4);
        assertEquals(90, at(work, "C–A").corner().wood().corner().interior().degrees(), 1e-4);
    }

    /** 30, 40 and 50 wide: where the wide one comes first, the corner is the mirror image of how it is made. */
    @Test
    void theWiderSideIsTakenAsTheOneAfter() {
        CornerWork work = work(triangle(30, 40, 50));
        CornerWork.Kind turned = at(work, "C–A");
        assertEquals(Length.mm(30), turned.corner().wood().corner().before());
        assertEquals(Length.mm(50), turned.corner().wood().corner().after());
        lies(turned, new Vertex(1, 0), new Vertex(0, 1));
        lies(at(work, "A–B"), new Vertex(-1, 0), new Vertex(-0.8, 0.6));
        lies(at(work, "B–C"), new Vertex(0.8, -0.6), new Vertex(0, -1));
        assertEquals(Length.mm(40), at(work, "B–C").corner().wood().corner().before());
    }

    /** 50, 40 and 30 wide, the sharp corners are the turned ones; seen with A from the left, what lies along B is seen along A. */
    @Test
    void aSharpTurnedCornerIsSeenTurned() {
        CornerWork.Kind turned = at(work(triangle(50, 40, 30)), "A–B");
        is(-1, 0, turned.seen(turned.corner().wood().along()));
        Vertex before = turned.seen(new Vertex(-5, 0));
        assertEquals(-5 * 0.8, before.x(), CLOSE, "36.87° from A");
        assertEquals(5 * 0.6, before.y(), CLOSE);
        lies(turned, new Vertex(-0.8, 0.6), new Vertex(-1, 0));
        Vertex middle = turned.seen(new Vertex(-3, 1));
        is(-3, 1, middle);
        CornerWork.Kind plain = at(work(triangle(50, 40, 30)), "C–A");
        is(-3, 2, plain.seen(new Vertex(-3, 2)));
    }

    /** A wide bottom: the two lower corners are alike, the right one as it is made and the left one turned. */
    @Test
    void mirrorImagesAreOneKind() {
        Job wide = Jobs.chart();
        wide = wide.withOutline(wide.outline().withFaceWidths(
                List.of(Length.mm(30), Length.mm(30), Length.mm(45), Length.mm(30))));
        CornerWork work = work(wide);
        assertEquals(2, work.kinds().size());
        assertEquals(List.of("D–A", "A–B"), work.kinds().getFirst().at());
        assertEquals(List.of(), work.kinds().getFirst().turned());
        assertEquals(List.of("B–C", "C–D"), work.kinds().getLast().at());
        assertEquals(List.of("C–D"), work.kinds().getLast().turned());
        lies(work.kinds().getLast(), new Vertex(0, -1), new Vertex(-1, 0));
    }

    /** Where one piece runs through, every second corner is the other's mirror image. */
    @Test
    void everySecondCornerOfAButtedFrameIsTurned() {
        CornerWork work = work(Jobs.chart().withJoint(CornerJoint.BUTT));
        assertEquals(List.of("D–A", "A–B", "B–C", "C–D"), work.kinds().getFirst().at());
        assertEquals(List.of("A–B", "C–D"), work.kinds().getFirst().turned());
        lies(work.kinds().getFirst(), new Vertex(1, 0), new Vertex(0, 1));
        Plan plan = plan(Jobs.chart().withJoint(CornerJoint.BUTT));
        assertEquals(plan.sizes().outside().height(), plan.pieces().get(3).outer(),
                "D runs through, and is the side after");
        CornerWork mitred = work(Jobs.chart().withJoint(CornerJoint.MITRED_LAP));
        assertEquals(List.of(), mitred.kinds().getFirst().turned());
    }

    /** Eight segments of a circle meet as an octagon's sides do, 135° each; each runs along its chord. */
    @Test
    void aWheelOfSegmentsMeetsAsAnOctagonDoes() {
        Plan plan = plan(Jobs.withABoard(shaped(new Shape.Circle(8), 400, 400)));
        CornerWork work = CornerWork.of(plan);
        assertEquals(1, work.kinds().size());
        assertEquals(8, work.count());
        CornerWork.Kind kind = work.kinds().getFirst();
        assertEquals("H–A", kind.at().getFirst());
        assertEquals(135, kind.corner().wood().corner().interior().degrees(), 1e-3);
        assertEquals(Length.mm(30), kind.corner().wood().corner().before());
        assertEquals(Length.mm(30), kind.corner().wood().corner().after());
        assertEquals(List.of(), kind.turned());
        List<Vertex> chord = Objects.requireNonNull(plan.contours()).segments().getLast().inner();
        double x = chord.getLast().x() - chord.getFirst().x();
        double y = chord.getLast().y() - chord.getFirst().y();
        Vertex back = kind.lie().of(new Vertex(-1, 0));
        is(-x / Math.hypot(x, y), -y / Math.hypot(x, y), back);
    }

    /**
     * A half circle of three segments on two stiles and a sill: the chord of 60° leans 30° from the stile it springs from, the
     * next by 60° from it; below, the corners are square.
     */
    @Test
    void anArchLeansFromItsStiles() {
        CornerWork work = work(
                Jobs.withABoard(shaped(new Shape.Arch(Shape.Curve.SEMICIRCLE, Length.mm(200), 3), 400, 600)));
        assertEquals(6, work.count());
        CornerWork.Kind springing = at(work, "F–A");
        assertEquals(List.of("F–A", "C–D"), springing.at());
        assertEquals(150, springing.corner().wood().corner().interior().degrees(), 1e-4);
        lies(springing, new Vertex(0, 1), new Vertex(0.5, -Math.sqrt(0.75)));
        assertEquals(List.of("A–B", "B–C"), at(work, "A–B").at());
        assertEquals(120, at(work, "A–B").corner().wood().corner().interior().degrees(), 1e-4);
        lies(at(work, "A–B"), new Vertex(-0.5, Math.sqrt(0.75)), new Vertex(1, 0));
        assertEquals(List.of("D–E", "E–F"), at(work, "D–E").at());
        assertEquals(90, at(work, "D–E").corner().wood().corner().interior().degrees(), 1e-4);
        lies(at(work, "D–E"), new Vertex(0, -1), new Vertex(-1, 0));
    }

    /** What holds the corners is asked of another joint without the frame being joined so. */
    @Test
    void anotherJointIsAsked() {
        Plan plan = plan(Jobs.chart());
        CornerWork lapped = CornerWork.of(plan, CornerJoint.LAP, List.of(
                Reinforcement.of(ReinforcementKind.PIN, Length.mm(12), Length.mm(1), Length.ZERO, 1)));
        assertEquals(CornerJoint.LAP, lapped.kinds().getFirst().corner().wood().joint());
        assertEquals(CornerJoint.MITER, CornerWork.of(plan).kinds().getFirst().corner().wood().joint());
    }

    /** Two square corners, then the blunt one and the sharp one: what there is most of comes first. */
    @Test
    void theCommonestCornerIsFirst() {
        Shape slanted = new Shape.Polygon(new Loop(List.of(new Vertex(100, 0), new Vertex(400, 0),
                new Vertex(400, 300), new Vertex(0, 300))));
        CornerWork work = work(shaped(slanted, 400, 300));
        assertEquals(List.of(List.of("A–B", "B–C"), List.of("D–A"), List.of("C–D")),
                work.kinds().stream().map(CornerWork.Kind::at).toList());
    }

    /** A hundredth of a degree is another corner: it is sawn with another angle. */
    @Test
    void cornersNearlyAlikeAreNotAlike() {
        double lean = 300 * Math.tan(Math.toRadians(0.01));
        Shape leaning = new Shape.Polygon(new Loop(List.of(new Vertex(0, 0), new Vertex(400 - lean, 0),
                new Vertex(400, 300), new Vertex(0, 300))));
        assertEquals(3, work(shaped(leaning, 400, 300)).kinds().size());
    }

    @Test
    void aFrameThatCannotBeMadeHasNoCorners() {
        Job job = Jobs.chart();
        assertEquals(0, work(job.withSection(job.section().withWidth(Length.mm(5)))).count(),
                "narrower than its rabbet");
    }

    @Test
    void aSideWithoutWidthHasNoCorners() {
        assertEquals(0, work(triangle(30, 0, 30)).count());
        Job job = Jobs.chart();
        Job narrow = job.withOutline(job.outline().withFaceWidths(
                List.of(Length.mm(30), Length.ZERO, Length.mm(30), Length.mm(30))));
        for (CornerJoint joint : CornerJoint.values()) {
            assertEquals(0, work(narrow.withJoint(joint)).count(), joint.toString());
        }
    }
}
