package neatcorner.stock.sticks;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neatcorner.measure.Length;
import neatcorner.stock.Search;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Small random cases, worked out again by a general solver: OR-Tools CP-SAT, on a model of its own. */
class GeneralSolverTest {

    @BeforeAll
    static void load() {
        Loader.loadNativeLibraries();
    }

    @Test
    void mixedBarsWithPricesAndDefectsCostTheSameAsByAnExactModel() {
        int complete = 0;
        for (int seed = 0; seed < 150; seed++) {
            Random random = new Random(seed);
            Nesting nesting = any(random);
            Nesting.Result ours = new MixedBarsSearch(nesting, Search.PATIENT).solve();
            long theirs = least(nesting);
            if (theirs < 0) {
                assertTrue(!ours.isComplete(), "seed " + seed);
                continue;
            }
            complete++;
            assertTrue(ours.isComplete(), "seed " + seed + ": a layout exists");
            assertTrue(ours.proved(), "seed " + seed + ": " + ours.proof());
            assertEquals(theirs, Math.round(ours.cost(nesting)) * 1000 + ours.bars(), "seed " + seed);
        }
        assertTrue(complete > 80, "enough cases with an answer: " + complete);
    }

    @Test
    void equalBarsAreAsFewAsByAnExactModel() {
        for (int seed = 0; seed < 120; seed++) {
            Random random = new Random(1000 + seed);
            List<Nesting.Part> parts = new ArrayList<>();
            for (int i = 0; i < 2 + random.nextInt(5); i++) {
                parts.add(new Nesting.Part(new Length(10 + random.nextInt(60)), 1 + random.nextInt(3)));
            }
            Nesting nesting = Nesting.of(parts, List.of(new Nesting.Bar(List.of(new Length(100)), 12, 0)));
            Nesting.Result ours = new EqualBarsSearch(nesting, Search.PATIENT).solve();
            assertTrue(ours.proved(), "seed " + seed);
            assertEquals(least(nesting), ours.bars(), "seed " + seed);
        }
    }

    private static Nesting any(Random random) {
        List<Nesting.Part> parts = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(4); i++) {
            parts.add(new Nesting.Part(new Length(8 + random.nextInt(50)), 1 + random.nextInt(3)));
        }
        List<Nesting.Bar> bars = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(3); i++) {
            List<Length> rooms = new ArrayList<>();
            for (int room = 0; room <= random.nextInt(2); room++) {
                rooms.add(new Length(30 + random.nextInt(70)));
            }
            bars.add(new Nesting.Bar(rooms, 1 + random.nextInt(4), random.nextInt(3) == 0 ? 0 : random.nextInt(20)));
        }
        return Nesting.of(parts, bars);
    }

    /** Cost × 1000 + bars of the best layout; -1 when there is none. Every bar and every room is a variable of its own. */
    private static long least(Nesting nesting) {
        CpModel model = new CpModel();
        List<List<IntVar>> placed = new ArrayList<>();
        nesting.parts().forEach(part -> placed.add(new ArrayList<>()));
        LinearExprBuilder aim = LinearExpr.newBuilder();
        for (Nesting.Bar bar : nesting.bars()) {
            for (int i = 0; i < bar.count(); i++) {
                IntVar used = model.newIntVar(0, 1, "used");
                aim.addTerm(used, Math.round(bar.cost()) * 1000 + 1);
                for (Length room : bar.rooms()) {
                    LinearExprBuilder filled = LinearExpr.newBuilder();
                    for (int part = 0; part < nesting.parts().size(); part++) {
                        IntVar count = model.newIntVar(0, nesting.parts().get(part).count(), "count");
                        placed.get(part).add(count);
                        filled.addTerm(count, nesting.parts().get(part).taken().units());
                    }
                    filled.addTerm(used, -room.units());
                    model.addLessOrEqual(filled, 0);
                }
            }
        }
        for (int part = 0; part < nesting.parts().size(); part++) {
            model.addEquality(LinearExpr.sum(placed.get(part).toArray(IntVar[]::new)),
                    nesting.parts().get(part).count());
        }
        model.minimize(aim);
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumWorkers(1).setRandomSeed(1);
        CpSolverStatus status = solver.solve(model);
        return status == CpSolverStatus.OPTIMAL ? Math.round(solver.objectiveValue()) : -1;
    }
}
