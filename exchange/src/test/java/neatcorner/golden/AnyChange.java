package neatcorner.golden;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.BiPredicate;
import java.util.function.UnaryOperator;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.job.KnownShop;
import neatcorner.job.Addition;
import neatcorner.job.Job;
import neatcorner.job.Preset;
import neatcorner.job.Reshape;
import neatcorner.job.Ring;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Units;
import neatcorner.member.Member;
import neatcorner.outline.Shape;
import neatcorner.piece.Piece;
import neatcorner.plan.AsFrame;
import neatcorner.plan.Edit;
import neatcorner.plan.Field;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.planner.Chapters;
import neatcorner.planner.OtherSystem;
import neatcorner.planner.Planner;
import neatcorner.saw.measured.MeasuredPiece;
import neatcorner.station.Chapter;
import neatcorner.station.opening.MemberFields;
import neatcorner.station.opening.RingFields;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/** Changes of a job at random: whatever the window, a kind or a remedy does. The seed says which. */
final class AnyChange {
    /** So often a layout asks whether to go on. */
    private static final int PATIENCE = 20_000;

    private final Random random;

    AnyChange(long seed) {
        this.random = new Random(seed);
    }

    /** A change by what it is called. */
    record Change(String name, Edit edit) {
        static Change job(String name, UnaryOperator<Job> change) {
            return new Change(name, Edit.job(change));
        }
    }

    <T> T one(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }

    /** Ends a long layout after so many steps, which are always the same. */
    static Search few() {
        int[] asked = new int[1];
        return () -> ++asked[0] > PATIENCE;
    }

    /** The job after a change, in the shop after it. */
    static JobFile changed(JobFile now, Edit edit) {
        KnownShop shop = now.madeIn();
        return now.withJob(edit.of(now.job(), shop.shop())).madeIn(shop.withShop(edit.of(shop.shop())));
    }

    /** What a maker could do next. */
    Change next(JobFile now) {
        return switch (random.nextInt(14)) {
            case 12, 13 -> measured(derived(now));
            case 0 -> kind();
            case 1 -> addition();
            case 2, 3, 4 -> remedy(Planner.plan(now.job(), now.madeIn().shop(), few()));
            case 5 -> shape(derived(now));
            case 6 -> units(now);
            default -> field(derived(now));
        };
    }

    /** A piece measured as anything that a maker could type: another length, its ends at any angle, gaps of the dry fit. */
    private Change measured(Plan plan) {
        if (plan.pieces().isEmpty()) {
            return field(plan);
        }
        Piece piece = one(plan.pieces());
        MeasuredPiece odd = new MeasuredPiece(piece.name(), piece.outer().scaled(0.1 + random.nextDouble() * 1.9),
                Angle.ofDegrees(random.nextInt(5) == 0 ? 90 : random.nextInt(181) - 90),
                Angle.ofDegrees(Math.round(piece.right().miter().degrees()) + random.nextInt(3) - 1));
        int corner = random.nextInt(4);
        int what = random.nextInt(3);
        double gap = random.nextInt(20) / 10.0;
        int first = random.nextInt(2) * 500;
        int second = random.nextInt(2) * 500;
        return Change.job("measured " + odd, job -> job.withChecks(job.checks().with(odd).withDryFit(
                job.checks().dryFit().with(corner, what, gap).withDiagonals(first, second))));
    }

    /** Changes a job so often; those that can be kept are shown, with what was done so far, until one is not liked. */
    void walk(JobFile from, int changes, BiPredicate<JobFile, String> shown) {
        JobFile now = from;
        StringBuilder story = new StringBuilder(now.job().title());
        for (int i = 0; i < changes; i++) {
            Change change = next(now);
            JobFile after = changed(now, change.edit());
            if (after.refusal() == null) {
                story.append("; ").append(change.name());
                now = after;
                if (!shown.test(now, story.toString())) {
                    return;
                }
            }
        }
    }

    private static Plan derived(JobFile now) {
        return Plan.of(now.job(), now.madeIn().shop(), () -> true);
    }

    private Change kind() {
        Preset kind = one(List.of(Preset.values()));
        Units units = one(List.of(Units.values()));
        return Change.job(kind.title(), job -> kind.of(job, units));
    }

    private Change addition() {
        Addition more = one(List.of(Addition.values()));
        return Change.job("add " + more.title(), more::to);
    }

    private Change remedy(Plan plan) {
        List<Remedy> remedies = plan.findings().stream().map(Finding::remedy).filter(each -> each != null).toList();
        if (remedies.isEmpty()) {
            return field(plan);
        }
        Remedy remedy = one(remedies);
        return new Change("remedy " + remedy.label().template(), remedy.edit());
    }

    private Change units(JobFile now) {
        Units other = now.job().units() == Units.INCHES ? Units.MILLIMETRES : Units.INCHES;
        return random.nextBoolean()
                ? Change.job("said in " + other, job -> OtherSystem.saidIn(other, job))
                : new Change("nearest in " + other,
                        Edit.jobIn((job, shop) -> OtherSystem.nearestIn(other, job, shop)));
    }

    private Change shape(Plan plan) {
        List<Shape> shapes = List.of(new Shape.Rectangle(),
                new Shape.Regular(3 + random.nextInt(22), random.nextBoolean()),
                new Shape.Arch(one(List.of(Shape.Curve.values())), plan.job().size().width().scaled(0.3), 0),
                new Shape.Circle(0), new Shape.Ellipse(0));
        int corner = random.nextInt(4);
        double dx = random.nextGaussian() * 100;
        double dy = random.nextGaussian() * 100;
        boolean mirrored = random.nextBoolean();
        boolean straight = plan.contours() != null && plan.job().outline().shape().isStraight();
        return switch (random.nextInt(straight ? 5 : 2)) {
            case 0 -> {
                Shape shape = one(shapes);
                yield Change.job("shape " + shape, job -> job.withOutline(job.outline().withShape(shape)));
            }
            case 1 -> {
                Angle slope = Angle.ofDegrees(random.nextInt(91));
                yield Change.job("slope " + slope.degrees(), job -> job.sloped(slope));
            }
            case 2 -> Change.job("corner " + corner + " by " + dx + ", " + dy,
                    job -> new Reshape(job, mirrored).cornerMoved(corner % job.outline().shape().sides(), dx, dy));
            case 3 -> Change.job("freed", job -> new Reshape(job, false).freed());
            default -> {
                Angle angle = Angle.ofDegrees(1 + random.nextInt(358));
                yield Change.job("corner " + corner + " turned to " + angle.degrees(), job -> new Reshape(job, mirrored)
                        .cornerTurned(corner % job.outline().shape().sides(), angle));
            }
        };
    }

    private Change field(Plan plan) {
        List<Field> fields = new ArrayList<>();
        for (Chapter chapter : Chapters.ALL) {
            fields.addAll(chapter.fields(plan));
        }
        for (Ring ring : plan.job().rings()) {
            AsFrame seen = new AsFrame(ring.name());
            fields.addAll(RingFields.of(ring));
            Plan asFrame = seen.plan(plan);
            Chapters.ALL.stream()
                    .filter(chapter -> chapter.station().ordinal() == 1 || chapter.station().ordinal() == 3)
                    .forEach(chapter -> chapter.fields(asFrame).forEach(field -> fields.add(seen.field(field))));
        }
        for (Member member : plan.job().members()) {
            fields.addAll(MemberFields.of(member));
        }
        Field field = one(fields);
        Length length = length(field, plan);
        return new Change(field.id() + " = " + length, field.edit(length));
    }

    /** One that its box takes: near to what it is, or anything in its range. */
    private Length length(Field field, Plan plan) {
        LengthRange range = field.range();
        @Nullable
        Length now = field.in(plan);
        if (now != null && random.nextInt(3) > 0) {
            return range.nearest(now.scaled(0.5 + random.nextDouble()).plus(new Length(random.nextInt(9) - 4)));
        }
        long span = range.most().minus(range.least()).units();
        return switch (random.nextInt(4)) {
            case 0 -> range.least();
            case 1 -> range.most();
            default -> range.least().plus(new Length((long) (span * Math.pow(random.nextDouble(), 4))));
        };
    }
}
