package neatcorner.job;

import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Layer;
import neatcorner.fitout.SizeOf;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.outline.Contours;
import neatcorner.outline.Faces;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.section.Seat;
import neatcorner.section.Section;
import org.jspecify.annotations.Nullable;

/**
 * A job's sizes and the edges of its frame. Of a regular frame a size is measured across flats or corners, as its maker
 * chose; of any other but a rectangle, it is the upright box round the edge. A mat on such a frame has its top border all
 * round.
 *
 * @param contours null when the sizes leave no frame to draw
 */
public record Geometry(Job job, FrameSizes sizes, @Nullable Contours contours) {

    /** The sizes and edges of a job, which need not be possible. */
    public static Geometry of(Job job) {
        return switch (job.outline().shape()) {
            case Shape.Rectangle rectangle -> rectangle(job);
            case Shape.Regular regular -> regular(job, regular);
            case Shape.Polygon polygon -> polygon(job, polygon.loop());
            case Shape.Arch arch -> arch(job, arch);
            case Shape.Circle circle -> round(job, new Opening(job.size().width(), job.size().width()),
                    circle.segments());
            case Shape.Ellipse ellipse -> round(job, job.size(), ellipse.segments());
        };
    }

    private static Geometry rectangle(Job job) {
        List<Length> reach = reach(job, job.faces().list());
        FrameSizes sizes = FrameSizes.from(job.sizeOf(), job.size(),
                new FrameSizes.Given(job.pack().mat(), job.hold().held(wall(job)), wall(job), Faces.of(reach)));
        if (!sizes.arePossible() || !job.faces().list().stream().allMatch(Length::isPositive)) {
            return new Geometry(job, sizes, null);
        }
        return new Geometry(job, sizes,
                Contours.rectangle(sizes.sight(), wall(job).toMm(), job.faces().list(), reach));
    }

    /** The edge that was measured is regular; where faces are of different widths, the others are as they come, and their boxes are told. */
    private static Geometry regular(Job job, Shape.Regular regular) {
        double share = regular.acrossCorners() ? Math.cos(Math.PI / regular.sides()) : 1;
        Length flats = job.size().width().scaled(share);
        List<Length> widths = job.faceWidths(regular.sides());
        boolean alike = widths.stream().distinct().count() == 1;
        if (!alike && job.sizeOf() == SizeOf.OUTSIDE) {
            return led(job, Shape.regular(regular.sides(), flats.toMm() / 2));
        }
        List<Length> reach = reach(job, widths);
        FrameSizes sizes = even(job, new Opening(flats, flats), reach.getFirst());
        Contours contours = null;
        if (sizes.arePossible() && job.section().width().isPositive()) {
            contours = Contours.straight(Shape.regular(regular.sides(), sizes.sight().width().toMm() / 2),
                    wall(job).toMm(), widths, reach);
        }
        FrameSizes measured = regular.acrossCorners() ? sizes.scaled(1 / share) : sizes;
        return new Geometry(job, alike || contours == null
                ? measured
                : new FrameSizes(measured.art(), measured.window(), measured.pack(), measured.rabbet(),
                        measured.sight(),
                        contours.outside().box()),
                contours);
    }

    /** Of an outside that is regular: that is as it was measured. */
    private static Geometry led(Job job, Loop outside) {
        Geometry all = around(job, outside);
        FrameSizes sizes = all.sizes();
        Length width = job.size().width();
        return new Geometry(job,
                new FrameSizes(sizes.art(), sizes.window(), sizes.pack(), sizes.rabbet(), sizes.sight(),
                        new Opening(width, width)),
                all.contours());
    }

    private static Geometry polygon(Job job, Loop given) {
        return around(job, Shape.fromTheTop(given));
    }

    /** Of a loop that is the edge that was measured. */
    private static Geometry around(Job job, Loop loop) {
        List<Length> widths = job.faceWidths(loop.sides());
        List<Length> reach = reach(job, widths);
        Loop sight = loop.offset(outsideSight(job, job.sizeOf(), reach).stream().map(Length::negate).toList());
        Contours contours = Contours.straight(sight, wall(job).toMm(), widths, reach);
        Opening art = sight.offset(outsideSight(job, SizeOf.ART, reach)).box();
        Loop pack = sight.offset(pack(job, reach));
        Optional<Layer.Mat> mat = job.pack().mat();
        Opening window = mat.map(m -> pack.offset(-m.borders().top().toMm()).box()).orElse(null);
        FrameSizes sizes = new FrameSizes(art, window, pack.box(), contours.rabbet().box(), sight.box(),
                contours.outside().box());
        return new Geometry(job, sizes, contours);
    }

    private static Geometry arch(Job job, Shape.Arch arch) {
        FrameSizes sizes = even(job, job.size(), job.section().width());
        double half = sizes.sight().width().toMm() / 2;
        double rise = new Geometry(job, sizes, null).rise(arch);
        boolean possible = sizes.arePossible() && rise > 0 && rise < sizes.sight().height().toMm()
                && (arch.curve() != Shape.Curve.SEGMENT || rise <= half + 1e-9);
        return new Geometry(job, sizes, possible && job.section().width().isPositive()
                ? Contours.arch(arch.curve(), sizes.sight(), rise, band(job), arch.segments())
                : null);
    }

    /** The rise of a concentric arc so far inside one of this half width and rise; NaN beyond a half circle. */
    private static double segmentRise(double half, double rise, double inwards) {
        if (rise > half + 1e-9) {
            return Double.NaN;
        }
        double radius = (half * half + rise * rise) / (2 * rise);
        double inner = radius - inwards;
        return inner - Math.sqrt(Math.max(0, inner * inner - (half - inwards) * (half - inwards)));
    }

    private static Geometry round(Job job, Opening size, int segments) {
        FrameSizes sizes = even(job, size, job.section().width());
        return new Geometry(job, sizes, sizes.arePossible() && job.section().width().isPositive()
                ? Contours.round(sizes.sight(), band(job), segments)
                : null);
    }

    private static Contours.Band band(Job job) {
        return new Contours.Band(wall(job).toMm(), job.section().width().toMm(),
                job.outline().boardWidth().toMm());
    }

    /** Sizes of a frame that is as wide on every side. */
    private static FrameSizes even(Job job, Opening size, Length reach) {
        Optional<Layer.Mat> mat = job.pack().mat().map(m -> m.withBorders(Faces.all(m.borders().top())));
        return FrameSizes.from(job.sizeOf(), size, new FrameSizes.Given(mat, job.hold().held(wall(job)), wall(job),
                Faces.all(reach)));
    }

    /** How far the rabbet's wall stands outside the sight edge, in the plane that the pack lies in. */
    private static Length wall(Job job) {
        return Seat.of(job.section(), job.outline().slope()).wall();
    }

    private static List<Length> reach(Job job, List<Length> faces) {
        return faces.stream().map(face -> job.section().reach(job.outline().slope(), face)).toList();
    }

    /** How far the edge of what is held lies outside the sight edge, side by side. */
    private static List<Length> pack(Job job, List<Length> reach) {
        Length beyond = job.hold().beyond(wall(job));
        return reach.stream().map(out -> job.hold().follows() == SizeOf.OUTSIDE ? out.plus(beyond) : beyond).toList();
    }

    /** How far one of the edges lies outside the sight edge, side by side. */
    private static List<Length> outsideSight(Job job, SizeOf of, List<Length> reach) {
        return switch (of) {
            case SIGHT -> Collections.nCopies(reach.size(), Length.ZERO);
            case RABBET -> Collections.nCopies(reach.size(), wall(job));
            case ART -> {
                Length in = job.pack().mat().map(mat -> mat.borders().top().minus(mat.overlap())).orElse(Length.ZERO);
                yield pack(job, reach).stream().map(out -> out.minus(in)).toList();
            }
            case OUTSIDE -> reach;
        };
    }

    /**
     * Edges of another ring of the same curves whose sight edge lies so far outside this frame's, mm. Only for frames with
     * curves that are possible.
     */
    Contours curvesBeyond(double from, Section section) {
        Contours.Band band = new Contours.Band(from, section.rabbet().width().toMm(), section.width().toMm(),
                job.outline().boardWidth().toMm());
        return switch (job.outline().shape()) {
            case Shape.Arch arch -> Contours.arch(arch.curve(), sizes.sight(), rise(arch), band, arch.segments());
            case Shape.Circle circle -> Contours.round(sizes.sight(), band, circle.segments());
            case Shape.Ellipse ellipse -> Contours.round(sizes.sight(), band, ellipse.segments());
            case Shape.Rectangle straight -> throw new IllegalArgumentException("no curves");
            case Shape.Regular straight -> throw new IllegalArgumentException("no curves");
            case Shape.Polygon straight -> throw new IllegalArgumentException("no curves");
        };
    }

    /** The rise of an arch's sight edge, mm; NaN beyond a half circle. */
    private double rise(Shape.Arch arch) {
        double inwards = (job.size().width().toMm() - sizes.sight().width().toMm()) / 2;
        return switch (arch.curve()) {
            case SEMICIRCLE -> sizes.sight().width().toMm() / 2;
            case ELLIPSE -> arch.rise().toMm() - inwards;
            case SEGMENT -> segmentRise(job.size().width().toMm() / 2, arch.rise().toMm(), inwards);
        };
    }

    /** The loop of a frame with straight sides at one of its edges. Throws when there is no frame. */
    public Loop edge(SizeOf of) {
        Contours edges = Objects.requireNonNull(contours, "no frame to take an edge of");
        return of == SizeOf.OUTSIDE ? edges.outside() : edges.sight().offset(outsideSight(job, of, edges.reach()));
    }

    /** The loop of a free outline made as wide and as high as it should be at one of its edges. */
    public Job stretched(SizeOf of, Opening size) {
        if (!(job.outline().shape() instanceof Shape.Polygon) || contours == null) {
            return job.withSize(of, size);
        }
        Loop loop = edge(of);
        double across = size.width().over(loop.box().width());
        double down = size.height().over(loop.box().height());
        Loop stretched = new Loop(loop.vertices().stream()
                .map(v -> new Vertex(v.x() * across, v.y() * down)).toList());
        return job.withOutline(job.outline().withShape(new Shape.Polygon(stretched))).withSizeOf(of);
    }

    /** The same frame, from now on governed by another of its sizes; as it is where it has no such size that a frame can have. */
    public Job startingFrom(SizeOf of) {
        Outline outline = job.outline();
        Opening size = sizes.of(of);
        if (!LengthRange.FRAME.contains(size.width()) || !LengthRange.FRAME.contains(size.height())) {
            return job;
        }
        return switch (outline.shape()) {
            case Shape.Polygon polygon -> contours == null
                    ? job
                    : job.withOutline(outline.withShape(new Shape.Polygon(edge(of)))).withSizeOf(of);
            case Shape.Arch arch -> {
                Length rise = riseAt(arch, size);
                boolean none = arch.curve() != Shape.Curve.SEMICIRCLE && !LengthRange.FRAME.contains(rise);
                yield none
                        ? job
                        : job.withOutline(outline.withShape(new Shape.Arch(arch.curve(), rise, arch.segments())))
                                .withSize(of, size);
            }
            case Shape.Rectangle rectangle -> job.withSize(of, size);
            case Shape.Regular regular -> job.withSize(of, size);
            case Shape.Circle circle -> job.withSize(of, size);
            case Shape.Ellipse ellipse -> job.withSize(of, size);
        };
    }

    /** The rise of the same arch at another of its edges. Of a semicircle nobody asks for it: it is half the width. */
    private Length riseAt(Shape.Arch arch, Opening size) {
        double outwards = size.width().minus(job.size().width()).toMm() / 2;
        return switch (arch.curve()) {
            case SEMICIRCLE -> arch.rise();
            case ELLIPSE -> arch.rise().plus(Length.mm(outwards));
            case SEGMENT -> {
                double concentric = segmentRise(job.size().width().toMm() / 2, arch.rise().toMm(), -outwards);
                yield concentric > 0 ? Length.mm(concentric) : arch.rise().plus(Length.mm(outwards));
            }
        };
    }
}
