package neatcorner.reference;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.piece.CornerJoint;
import neatcorner.saw.SecondMiter;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.stock.Keep;
import neatcorner.stock.Rack;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import neatcorner.wood.Species;

/** Jobs drawn at random: what a maker might ask for, and a little more. */
final class AnyJob {
    private AnyJob() {}

    static Length mm(double value) {
        return Length.mm(value);
    }

    /** A length on a grid of tenths. */
    static Length between(Random random, double least, double most) {
        return Length.mm(Math.round((least + (most - least) * random.nextDouble()) * 10) / 10.0);
    }

    static Section section(Random random) {
        Length width = between(random, 18, 70);
        Length thickness = between(random, 12, 45);
        Length rw = between(random, 4, Math.min(12, width.toMm() - 10));
        Length rd = between(random, 4, thickness.toMm() - 4);
        Rabbet.Step step = random.nextInt(4) == 0 && rd.toMm() > 6 && width.toMm() > rw.toMm() + 10
                ? new Rabbet.Step(rw.plus(mm(3)), mm(rd.toMm() / 2))
                : null;
        return new Section(Species.named("white ash"), width, thickness, new Rabbet(rw, rd, step));
    }

    /** A flat job of straight sides, of any widths. */
    static Job flat(Random random) {
        Section section = section(random);
        Job job = Jobs.chart().withSection(section).withPack(thin());
        Shape shape = switch (random.nextInt(4)) {
            case 0 -> new Shape.Regular(3 + random.nextInt(10), random.nextBoolean());
            case 1 -> new Shape.Polygon(ell(random));
            case 2 -> new Shape.Polygon(star(random));
            default -> new Shape.Rectangle();
        };
        Outline outline = Outline.of(shape);
        if (random.nextBoolean()) {
            int sides = sides(shape);
            List<Length> faces = new ArrayList<>();
            for (int i = 0; i < sides; i++) {
                faces.add(section.width().plus(between(random, 0, 25)));
            }
            outline = outline.withFaceWidths(faces);
        }
        return sized(job.withOutline(outline), random);
    }

    /** A job whose faces slope; all sides are as wide. */
    static Job sloped(Random random) {
        Shape shape = switch (random.nextInt(3)) {
            case 0 -> new Shape.Regular(3 + random.nextInt(10), false);
            case 1 -> new Shape.Polygon(random.nextBoolean() ? ell(random) : star(random));
            default -> new Shape.Rectangle();
        };
        double[] slopes = {90, 45, 52, 1 + random.nextInt(89)};
        Outline outline = Outline.of(shape).withSlope(Angle.ofDegrees(slopes[random.nextInt(4)]));
        return sized(Jobs.chart().withSection(section(random)).withPack(thin()).withOutline(outline), random);
    }

    /** Sides of a rectangle with square or half-mitred corners. */
    static Job joined(Random random) {
        CornerJoint joint = CornerJoint.values()[1 + random.nextInt(4)];
        Job job = sized(Jobs.chart().withSection(section(random)).withPack(thin()), random).withJoint(joint);
        if (random.nextBoolean()) {
            List<Length> faces = new ArrayList<>(Collections.nCopies(4, job.section().width()));
            faces.replaceAll(face -> face.plus(between(random, 0, 20)));
            return job.withOutline(job.outline().withFaceWidths(faces));
        }
        return job;
    }

    static Pack thin() {
        return new Pack(List.of(new Layer.Art(mm(0.5)), new Layer.Backing(Material.CARD, mm(1))));
    }

    static Job sized(Job job, Random random) {
        SizeOf of = SizeOf.values()[random.nextInt(4)];
        return job.withSize(of, job.outline().shape() instanceof Shape.Polygon polygon
                ? polygon.loop().box()
                : new Opening(between(random, 250, 1200), between(random, 250, 1200)));
    }

    private static int sides(Shape shape) {
        return switch (shape) {
            case Shape.Regular regular -> regular.sides();
            case Shape.Polygon polygon -> polygon.loop().sides();
            case Shape.Rectangle rectangle -> 4;
            default -> throw new IllegalArgumentException();
        };
    }

    private static Loop ell(Random random) {
        double w = 500 + random.nextInt(600);
        double h = 500 + random.nextInt(600);
        double x = w * (0.4 + 0.2 * random.nextDouble());
        double y = h * (0.4 + 0.2 * random.nextDouble());
        return new Loop(
                List.of(new Vertex(0, 0), new Vertex(w, 0), new Vertex(w, y), new Vertex(x, y), new Vertex(x, h),
                        new Vertex(0, h)));
    }

    private static Loop star(Random random) {
        int n = 4 + random.nextInt(7);
        List<Vertex> vertices = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * (i + 0.4 * random.nextDouble()) / n;
            double radius = 400 + 350 * random.nextDouble();
            vertices.add(new Vertex(radius * Math.sin(angle), -radius * Math.cos(angle)));
        }
        return new Loop(vertices);
    }

    /** With sticks of several widths and lengths, defects, trims, kerfs and allowances. */
    static Job stocked(Job job, Random random) {
        List<Stick> sticks = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(3); i++) {
            Length from = between(random, 200, 2000);
            Length width = random.nextInt(3) == 0 ? null : job.section().width().plus(between(random, 0, 40));
            sticks.add(new Stick("stick " + i, between(random, 900, 3000), 1 + random.nextInt(12),
                    random.nextBoolean() ? null : (Double) (double) (1 + random.nextInt(30)),
                    random.nextInt(3) == 0 ? List.of(new Span(from, from.plus(mm(60)))) : List.of(), width, null));
        }
        SecondMiter second = SecondMiter.values()[random.nextInt(2)];
        return job.withQuantity(1 + random.nextInt(3))
                .withStock(new Rack(sticks, between(random, 0, 20), Keep.values()[random.nextInt(2)], false))
                .withSaw(job.saw().withKerf(between(random, 1, 4)).withSecondMiter(second)
                        .withRough(random.nextBoolean() ? Length.ZERO : mm(3)));
    }
}
