package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Predicate;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.solid.Clash;
import neatcorner.corner.solid.CornerWood;
import neatcorner.corner.solid.JoinedCorner;
import neatcorner.measure.Angle;
import neatcorner.outline.Corner;
import neatcorner.piece.CornerJoint;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/**
 * What is put into a mitred corner, as the places where its surface turns: which of them lie outside the wood of the piece they are in,
 * and by how much; how near the others come to a surface. The heel is at 0, 0 and the first piece runs along x.
 */
class CornerPartsTest {
    private static final double TINY = 1e-9;
    /** Lengths are whole units of 1/3200 mm in a plan, and what follows from them is not here, mm. */
    private static final double COARSE = 2e-3;
    /** What is kept round a rabbet's edge is rounded in a few steps, mm. */
    private static final double ROUNDED = 0.03;
    private static final double GLUE_ROOM = 1;

    /** A mitred corner: two faces, one thickness, one rabbet. */
    private record Wood(double interior, double first, double second, double thickness, double rabbetWidth,
            double rabbetDepth) {

        double fromFirst(double[] p) {
            return p[1];
        }

        double fromSecond(double[] p) {
            return p[0] * Math.sin(interior) - p[1] * Math.cos(interior);
        }

        double[] toe() {
            return new double[]{(second + first * Math.cos(interior)) / Math.sin(interior), first};
        }

        /** Unit vector from heel to toe. */
        double[] seam() {
            double[] toe = toe();
            double length = Math.hypot(toe[0], toe[1]);
            return new double[]{toe[0] / length, toe[1] / length};
        }

        boolean inFirst(double[] p) {
            double[] m = seam();
            return m[0] * p[1] - m[1] * p[0] <= 0;
        }

        /** How far past the sight edge, or past the rabbet's wall behind its ledge; negative for how far before it. */
        double pastInside(double[] p, double z) {
            double behind = z > thickness - rabbetDepth ? rabbetWidth : 0;
            return inFirst(p) ? fromFirst(p) - (first - behind) : fromSecond(p) - (second - behind);
        }

        CornerWood ours() {
            Section section = new Section(Species.named("white ash"), AnyJob.mm(first), AnyJob.mm(thickness),
                    Rabbet.plain(AnyJob.mm(rabbetWidth), AnyJob.mm(rabbetDepth)));
            return new CornerWood(new Corner(Angle.ofRadians(interior), AnyJob.mm(first), AnyJob.mm(second)),
                    CornerJoint.MITER, section, AnyJob.mm(5));
        }
    }

    /** A prism: its outline from the front, and from where to where behind the face it reaches. */
    private record Prism(List<double[]> outline, double front, double back) {

        /** The most of something that any place of its outline has: it changes evenly up to the seam, and beyond. */
        double most(Wood wood, DoubleOf what) {
            double most = -Double.MAX_VALUE;
            double[] m = wood.seam();
            for (int i = 0; i < outline.size(); i++) {
                double[] a = outline.get(i);
                double[] b = outline.get((i + 1) % outline.size());
                double beforeSeam = m[0] * a[1] - m[1] * a[0];
                double behindSeam = m[0] * b[1] - m[1] * b[0];
                double crossing = Math.clamp(beforeSeam / (beforeSeam - behindSeam), 0, 1);
                for (double share : new double[]{0, crossing - TINY, crossing + TINY}) {
                    double inside = Double.isNaN(share) ? 0 : Math.clamp(share, 0, 1);
                    most = Math.max(most, what.of(new double[]{a[0] + (b[0] - a[0]) * inside,
                        a[1] + (b[1] - a[1]) * inside}));
                }
            }
            return most;
        }
    }

    private interface DoubleOf {
        double of(double[] place);
    }

    @Test
    void whatIsOutIsSaidToBeAndByHowMuch() {
        Cases.of("parts out of the wood", random -> {
            Wood wood = wood(random);
            Reinforcement what = splineOrTenon(random, wood);
            Prism prism = prism(wood, what);
            JoinedCorner joined = JoinedCorner.of(wood.ours(), List.of(what));
            double outer = prism.most(wood, p -> -Math.min(wood.fromFirst(p), wood.fromSecond(p)));
            double past = prism.most(wood, p -> wood.pastInside(p, Math.min(prism.back, wood.thickness) - 1e-6));
            said(joined, -prism.front, clash -> clash.with() == Clash.With.FACE);
            said(joined, prism.back - wood.thickness, clash -> clash.with() == Clash.With.BACK);
            if (prism.front < wood.thickness && prism.back > 0) {
                said(joined, outer, clash -> clash.with() == Clash.With.OUTER);
                if (outer < 0.01) {
                    said(joined, past, clash -> clash.with() == Clash.With.SIGHT
                            || clash.with() == Clash.With.RABBET);
                }
            }
        });
    }

    /** A part that is out by so much is said to be; one that is in is not. */
    private static void said(JoinedCorner joined, double out, Predicate<Clash> kind) {
        double said = joined.clashes().stream().filter(Clash::out).filter(kind).mapToDouble(Clash::by).max().orElse(0);
        assertEquals(Math.max(0, out), said, COARSE, () -> out + " out, but " + joined.clashes());
    }

    /** 5 mm to what shows, 3 mm to what does not, and of a spline 3 mm along the diagonal (common practice). */
    @Test
    void whatIsClearKeepsItsWoodAndTheRestIsNotCalledClear() {
        Cases.of("wood round parts", random -> {
            Wood wood = wood(random);
            Reinforcement what = splineOrTenon(random, wood);
            Prism prism = prism(wood, what);
            boolean spline = what.kind() == ReinforcementKind.SPLINE;
            double hidden = spline ? 3 * Math.sin(wood.interior / 2) : 3;
            double shown = spline ? 3 : 5;
            double outer = spline ? 0 : 5;
            double sight = spline ? hidden : 5;
            double toOuter = -prism.most(wood, p -> -Math.min(wood.fromFirst(p), wood.fromSecond(p)));
            double toSight = -prism.most(wood, p -> wood.pastInside(p, 0));
            double toWall = -prism.most(wood, p -> wood.pastInside(p, wood.thickness));
            double toLedge = wood.thickness - wood.rabbetDepth - prism.back;
            DoubleUnaryOperator least = more -> Math.min(
                    Math.min(prism.front - shown, wood.thickness - prism.back - 3),
                    Math.min(Math.min(toOuter - outer, toSight - sight),
                            Math.max(toWall - hidden, toLedge - hidden)))
                    - more;
            boolean clear = JoinedCorner.of(wood.ours(), List.of(what)).isClear();
            if (clear) {
                double apart = Math.hypot(Math.max(0, toWall), Math.max(0, toLedge));
                assertTrue(Math.min(prism.front - shown, wood.thickness - prism.back - 3) > -COARSE, "faces");
                assertTrue(toOuter - outer > -COARSE && toSight - sight > -COARSE, "edges");
                assertTrue(apart - hidden > -ROUNDED, "the rabbet");
            } else {
                assertTrue(least.applyAsDouble(0) < COARSE, "there is wood enough all round: " + prism);
            }
        });
    }

    /** Two mortises side by side in one seam: how much wood is between them, straight across. */
    @Test
    void partsAreAsFarApartAsTheirNearestPlaces() {
        Cases.of("parts beside each other", random -> {
            Wood wood = wood(random);
            Reinforcement one = tenon(random, wood);
            Reinforcement other = tenon(random, wood);
            double along = Math.abs(place(one) - place(other)) - (one.width().toMm() + other.width().toMm()) / 2;
            double behind = Math.abs(behind(one) - behind(other))
                    - (one.thickness().toMm() + other.thickness().toMm()) / 2;
            double gap = Math.hypot(Math.max(0, along), Math.max(0, behind));
            List<Clash> said = JoinedCorner.of(wood.ours(), List.of(one, other)).clashes().stream()
                    .filter(clash -> clash.with() == Clash.With.PART).toList();
            assertEquals(gap < 2 - 1e-3 || (gap < 2 && !said.isEmpty()), !said.isEmpty(), gap + " apart: " + said);
            if (!said.isEmpty()) {
                assertEquals(gap < 1e-6, said.getFirst().out(), gap + " apart: " + said);
                assertEquals(gap < 1e-6 ? 0 : 2 - gap, said.getFirst().by(), 2e-3);
            }
        });
    }

    /** Its lengths are whole units: a part that ends at the ledge would else be in the rabbet here and not there. */
    private static Wood wood(Random random) {
        double first = units(24 + 50 * random.nextDouble());
        double second = units(first + 20 * random.nextDouble());
        double thickness = units(14 + 22 * random.nextDouble());
        return new Wood(Math.toRadians(45 + 115 * random.nextDouble()), first, second, thickness,
                units(4 + 8 * random.nextDouble()), units(4 + (thickness - 8) * random.nextDouble()));
    }

    private static double units(double value) {
        return AnyJob.mm(value).toMm();
    }

    private static Reinforcement splineOrTenon(Random random, Wood wood) {
        return random.nextInt(3) == 0 ? spline(random, wood) : tenon(random, wood);
    }

    private static Prism prism(Wood wood, Reinforcement what) {
        return what.kind() == ReinforcementKind.SPLINE ? spline(wood, what) : mortise(wood, what);
    }

    private static Reinforcement spline(Random random, Wood wood) {
        return Reinforcement.spline(AnyJob.mm(5 + 60 * random.nextDouble()), AnyJob.mm(1 + 4 * random.nextDouble()), 1)
                .at(null, AnyJob.mm(-1 + (wood.thickness + 2) * random.nextDouble()));
    }

    /** Everything that is cut across the heel: both outer edges, and square to the line that halves the corner. */
    private static Prism spline(Wood wood, Reinforcement what) {
        double leg = what.size().toMm() / Math.cos(wood.interior / 2);
        return new Prism(List.of(new double[]{0, 0}, new double[]{leg, 0},
                new double[]{leg * Math.cos(wood.interior), leg * Math.sin(wood.interior)}),
                behind(what) - what.thickness().toMm() / 2, behind(what) + what.thickness().toMm() / 2);
    }

    private static Reinforcement tenon(Random random, Wood wood) {
        double[] toe = wood.toe();
        return Reinforcement.of(ReinforcementKind.TENON, AnyJob.mm(6 + 40 * random.nextDouble()),
                AnyJob.mm(2 + 6 * random.nextDouble()), AnyJob.mm(5 + 20 * random.nextDouble()), 1)
                .at(AnyJob.mm(Math.hypot(toe[0], toe[1]) * random.nextDouble()),
                        AnyJob.mm(-1 + (wood.thickness + 2) * random.nextDouble()));
    }

    private static double place(Reinforcement what) {
        return Objects.requireNonNull(what.fromHeel()).toMm();
    }

    private static double behind(Reinforcement what) {
        return Objects.requireNonNull(what.fromFace()).toMm();
    }

    /** The mortise of a tenon: as wide and thick, and deeper at either end by the room for glue. */
    private static Prism mortise(Wood wood, Reinforcement what) {
        double[] m = wood.seam();
        double half = what.width().toMm() / 2;
        double deep = what.size().toMm() / 2 + GLUE_ROOM;
        double[][] ends = {{-half, -deep}, {-half, deep}, {half, deep}, {half, -deep}};
        List<double[]> outline = Arrays.stream(ends).map(end -> new double[]{
            m[0] * (place(what) + end[0]) - m[1] * end[1], m[1] * (place(what) + end[0]) + m[0] * end[1]}).toList();
        return new Prism(outline, behind(what) - what.thickness().toMm() / 2,
                behind(what) + what.thickness().toMm() / 2);
    }
}
