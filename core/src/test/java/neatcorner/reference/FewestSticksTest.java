package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Length;
import neatcorner.outline.Opening;
import neatcorner.piece.EndCut;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.stock.Keep;
import neatcorner.stock.Rack;
import neatcorner.stock.Stick;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** One frame of unequal sides on a few sticks of several widths: every way to lay it out, in every order, is tried. */
class FewestSticksTest {
    /** Lengths are whole units of 1/3200 mm in a plan, and not here, mm. */
    private static final double ROUNDING = 2e-3;

    private record One(double length, double width, double cost) {}

    @Test
    void whatIsProvedLeastIsTheLeastOfAllWays() {
        Cases.of("fewest sticks", random -> {
            Job job = job(random);
            Plan plan = Planner.plan(job);
            if (plan.pieces().isEmpty()) {
                return;
            }
            double[] loose = least(plan, sticks(job), ROUNDING);
            double[] tight = least(plan, sticks(job), -ROUNDING);
            double cost = plan.layout().sticks().stream().mapToDouble(stick -> stick.stick().cost()).sum();
            if (plan.layout().isComplete()) {
                assertTrue(cost > loose[0] - 1e-9, "cheaper than any way there is");
                if (plan.layout().proved()) {
                    assertTrue(cost < tight[0] + 1e-9, "not the cheapest");
                    assertTrue(Math.abs(cost - tight[0]) > 1e-9 || plan.layout().sticks().size() <= tight[1], "sticks");
                }
                if (Math.abs(cost - loose[0]) < 1e-9) {
                    assertTrue(plan.layout().bound() <= loose[1], "a bound above what can be done");
                }
            }
        });
    }

    private static Job job(Random random) {
        Job chart = Jobs.chart();
        List<Length> faces = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            faces.add(Length.mm(new double[]{30, 45, 60}[random.nextInt(3)]));
        }
        Job job = chart.withPack(new Pack(List.of()))
                .withOutline(chart.outline().withFaceWidths(faces))
                .withSize(SizeOf.SIGHT, new Opening(
                        AnyJob.between(random, 300, 500), AnyJob.between(random, 300, 500)));
        List<Stick> sticks = new ArrayList<>();
        Plan plan = Planner.plan(job);
        double all = plan.parts().stream().mapToDouble(piece -> piece.span().toMm()).sum();
        for (int i = 0; i < 1 + random.nextInt(3); i++) {
            double near = all * new double[]{0.25, 0.5, 0.75, 1}[random.nextInt(4)] + 8 * random.nextDouble() + 4;
            sticks.add(new Stick("stick " + i, Length.mm(near), 1 + random.nextInt(2),
                    random.nextBoolean() ? null : (Double) (double) random.nextInt(20), List.of(),
                    Length.mm(new double[]{30, 45, 60, 60}[random.nextInt(4)]), null));
        }
        return job.withStock(new Rack(sticks, Length.ZERO, Keep.NO, false))
                .withSaw(job.saw().withKerf(Length.mm(3)).withRough(Length.ZERO));
    }

    private static List<One> sticks(Job job) {
        List<One> all = new ArrayList<>();
        for (Stick stick : job.stock().sticks()) {
            Length width = stick.width();
            for (int i = 0; i < stick.count(); i++) {
                all.add(new One(stick.length().toMm(), width == null ? 0 : width.toMm(), stick.cost()));
            }
        }
        return all;
    }

    /** Least cost, then fewest sticks, over every assignment of pieces to sticks. */
    private static double[] least(Plan plan, List<One> sticks, double more) {
        List<Piece> pieces = plan.parts();
        double[] best = {Double.MAX_VALUE, Double.MAX_VALUE};
        int ways = (int) Math.pow(sticks.size(), pieces.size());
        for (int way = 0; way < ways; way++) {
            List<List<Piece>> on = new ArrayList<>();
            sticks.forEach(stick -> on.add(new ArrayList<>()));
            int rest = way;
            for (Piece piece : pieces) {
                on.get(rest % sticks.size()).add(piece);
                rest /= sticks.size();
            }
            double cost = 0;
            int used = 0;
            boolean fits = true;
            for (int i = 0; i < sticks.size() && fits; i++) {
                if (!on.get(i).isEmpty()) {
                    One stick = sticks.get(i);
                    cost += stick.cost;
                    used++;
                    fits = on.get(i).stream().allMatch(piece -> piece.face().toMm() <= stick.width + 1e-9)
                            && shortest(on.get(i), null) <= stick.length + more;
                }
            }
            if (fits && (cost < best[0] - 1e-9 || (cost < best[0] + 1e-9 && used < best[1]))) {
                best = new double[]{cost, used};
            }
        }
        return best;
    }

    /** The least that some pieces take of a stick in any order, after a piece that already lies there. */
    private static double shortest(List<Piece> left, @Nullable EndCut before) {
        if (left.isEmpty()) {
            return before == null ? 0 : kerf(before);
        }
        double least = Double.MAX_VALUE;
        for (Piece next : left) {
            List<Piece> rest = new ArrayList<>(left);
            rest.remove(next);
            double gap = before == null ? 0 : Math.max(kerf(before), kerf(next.left()));
            least = Math.min(least, gap + next.span().toMm() + shortest(rest, next.right()));
        }
        return least;
    }

    private static double kerf(EndCut end) {
        return 3 / Math.cos(Math.toRadians(end.miter().degrees()));
    }
}
