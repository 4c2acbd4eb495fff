package neatcorner.bench;

import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import neatcorner.corner.Inventory;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.solid.CornerWood;
import neatcorner.corner.solid.Fitting;
import neatcorner.corner.solid.JoinedCorner;
import neatcorner.corner.solid.Room;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Corner;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.section.Edge;
import neatcorner.section.EdgeShape;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.section.Section;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Placing parts in a corner, finding clashes and room, and fitting the strongest; each with the wood made anew. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class CornerBench {
    private final Section plain = Defaults.section(Units.MILLIMETRES);
    private final Section milled = plain.withMilling(Milling.PLAIN.plus(new Operation.Shaped(EdgeShape.ROUND_OVER,
            Edge.FRONT_OUTER, Length.mm(6), Length.mm(6), 0)));
    private final Inventory shop = Inventory.usual(Units.MILLIMETRES);
    private final List<Reinforcement> held = List.of(Reinforcement.spline(Length.mm(22), Length.mm(3), 1),
            shop.of(ReinforcementKind.V_NAIL).get(2).withCount(2));
    private final Job splined = Defaults.blank(Units.MILLIMETRES).withReinforcement(held);

    private static CornerWood wood(Section section) {
        return new CornerWood(new Corner(Angle.RIGHT, section.width(), section.width()), CornerJoint.MITER, section,
                Length.mm(4));
    }

    @Benchmark
    public JoinedCorner clashesOfOneCorner() {
        return JoinedCorner.of(wood(plain), held);
    }

    @Benchmark
    public Map<Room, Double> clashesAndRoomOfAMilledCorner() {
        JoinedCorner corner = JoinedCorner.of(wood(milled), held);
        corner.leastRooms(1);
        return corner.leastRooms(0);
    }

    @Benchmark
    public Fitting.Fit deepestSpline() {
        return new Fitting(JoinedCorner.of(wood(plain), List.of()), Length.mm(0.5)).strongest(ReinforcementKind.SPLINE,
                shop);
    }

    @Benchmark
    public Plan jobWithReinforcedCorners() {
        return Planner.plan(splined);
    }
}
