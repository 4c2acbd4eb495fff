package neatcorner.glueup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Resource;
import neatcorner.glueup.schedule.Task;
import neatcorner.measure.Length;
import neatcorner.outline.Opening;
import org.junit.jupiter.api.Test;

/** The work on one frame, step by step, as one who has done it before would write it on a board; minutes are common practice. */
class WorkOfAFrameTest {
    static final Clamp BAND = new Clamp(Clamp.Kind.BAND, "band", Length.mm(3000), 1200, 2);
    static final Clamp CORNERS = new Clamp(Clamp.Kind.CORNER, "corner", Length.mm(60), 500, 4);
    static final Holders SHOP = new Holders(List.of(BAND, CORNERS), null, 0);
    static final double METRES = 2.4;

    static GluePlan.Frame frame(int corners, boolean pinned) {
        return new GluePlan.Frame(corners, Length.mm(2400), new Opening(Length.mm(700), Length.mm(500)), corners == 4,
                true,
                600, 800, false, pinned);
    }

    static GluePlan plan(GlueUp chosen) {
        return GluePlan.of(frame(4, false), chosen, SHOP);
    }

    private static Chain chain(int frames, Preparation first, List<Reinforcement> parts, List<Attached> rings,
            GlueUp chosen) {
        return FrameChain.of("Chart", frames, 4, METRES, 3, first, parts, rings, plan(chosen), chosen);
    }

    private static Chain plain(GlueUp chosen) {
        return chain(1, Preparation.NONE, List.of(), List.of(), chosen);
    }

    private static Task task(Chain chain, String part) {
        return chain.tasks().stream().filter(task -> task.name().contains(part)).findFirst()
                .orElseThrow(() -> new AssertionError(part + " in " + names(chain)));
    }

    private static List<String> names(Chain chain) {
        return chain.tasks().stream().map(Task::name).toList();
    }

    private static int place(Chain chain, String part) {
        return chain.tasks().indexOf(task(chain, part));
    }

    private static Reinforcement part(ReinforcementKind kind) {
        return Reinforcement.of(kind, Length.mm(20), Length.mm(3), Length.mm(20), 1);
    }

    /** 5 minutes to set the saw and 1.5 a piece; 2 a metre to sand; 1.5 a corner to level; 12 and 2 a layer to fit out. */
    @Test
    void aPlainFrameIsSawnSandedGluedLevelledAndFitted() {
        Chain chain = plain(GlueUp.usual());
        assertEquals(11, chain.tasks().getFirst().hands());
        assertEquals(5, chain.tasks().get(1).hands(), "2 × 2.4 m");
        assertEquals(6, chain.tasks().get(chain.tasks().size() - 2).hands());
        assertEquals(18, chain.tasks().getLast().hands());
        assertEquals(0, chain.tasks().getLast().rest());
        assertEquals(Map.of(), chain.tasks().getLast().frees(), "nothing lay drying");
        assertEquals(0, chain.forAll());
    }

    /** What is done for all frames is done once: by the first, in parts that fit between two breaks. */
    @Test
    void equalFramesAreSawnTogether() {
        Chain first = chain(40, new Preparation(30, 20, 250, 0), List.of(), List.of(), GlueUp.usual());
        assertEquals(30, first.tasks().getFirst().hands());
        assertEquals(20, first.tasks().get(1).hands());
        assertEquals(GlueUp.usual().glue().clampAt(20), first.tasks().get(1).rest(), "strips stay clamped up");
        assertEquals(250, first.tasks().subList(2, 5).stream().mapToInt(Task::hands).sum(), "milled in three parts");
        assertTrue(first.tasks().stream().allMatch(task -> task.hands() <= 120));
        assertEquals(5 + 240, first.tasks().subList(5, 8).stream().mapToInt(Task::hands).sum(), "160 pieces");
        assertEquals(8, first.forAll());
        Chain second = chain(0, Preparation.NONE, List.of(), List.of(), GlueUp.usual());
        assertEquals(first.tasks().subList(8, first.tasks().size()), second.tasks());
        Chain one = chain(1, new Preparation(30, 0, 0, 15), List.of(), List.of(), GlueUp.usual());
        assertEquals(30, one.tasks().getFirst().hands());
        assertEquals(11, one.tasks().get(1).hands());
        assertEquals(15, one.tasks().get(one.tasks().size() - 3).hands(),
                "a rabbet routed before the corners are levelled");
    }

    /** Tenons and dowels go in with the glue; splines when it has set, and wait for glue of their own; screws wait for none. */
    @Test
    void whatHoldsTheCornersComesInItsTurn() {
        GlueUp glue = GlueUp.usual();
        Chain tenons = chain(1, Preparation.NONE, List.of(part(ReinforcementKind.TENON)), List.of(), glue);
        assertEquals(20 + 4 * 5, tenons.tasks().get(1).hands(), "before sanding");
        Chain splines = chain(1, Preparation.NONE, List.of(part(ReinforcementKind.SPLINE)), List.of(), glue);
        int slots = splines.tasks().size() - 4;
        assertEquals(15 + 4 * 4, splines.tasks().get(slots).hands());
        assertEquals(glue.glue().clampAt(20), splines.tasks().get(slots).rest());
        assertEquals(6, splines.tasks().get(slots + 1).hands(), "sawn flush, 1.5 a corner");
        Chain again = chain(0, Preparation.NONE, List.of(part(ReinforcementKind.SPLINE)), List.of(), glue);
        assertEquals(16, again.tasks().get(again.tasks().size() - 4).hands(), "the cradle is set up already");
        Chain screws = chain(1, Preparation.NONE, List.of(part(ReinforcementKind.SCREW)), List.of(), glue);
        Task driven = screws.tasks().get(screws.tasks().size() - 3);
        assertEquals(10 + 4 * 3, driven.hands());
        assertEquals(0, driven.rest());
    }

    /** Rings that go in come before the corners are levelled, a band round them after. Five minutes, and three or four a piece. */
    @Test
    void ringsAreGluedInTheirTurn() {
        List<Attached> rings = List.of(new Attached("band", Attached.Way.ROUND, 4),
                new Attached("strips", Attached.Way.IN, 4), new Attached("strainer", Attached.Way.LOOSE, 4, 7));
        Chain chain = chain(1, Preparation.NONE, List.of(), rings, GlueUp.usual());
        int level = chain.tasks().size() - 3;
        assertEquals(6, chain.tasks().get(level).hands());
        assertEquals(List.of(level - 2, level - 1, level + 1),
                List.of(place(chain, "strainer"), place(chain, "strips"), place(chain, "band")));
        assertEquals(List.of(7 + 5 + 12, 5 + 12, 5 + 16), List.of(task(chain, "strainer").hands(),
                task(chain, "strips").hands(), task(chain, "band").hands()));
        assertEquals(GlueUp.usual().glue().clampAt(20), task(chain, "band").rest());
    }

    /** 3 minutes and the coat's own a metre, and its wait; the frame lies in the drying place from the first coat until it hangs. */
    @Test
    void aFinishIsPutOnCoatByCoat() {
        Recipe oil = Recipe.named("penetrating oil").orElseThrow();
        Chain chain = plain(GlueUp.usual().withFinish(oil));
        int first = chain.tasks().size() - 3;
        assertEquals(4, chain.tasks().get(first - 1).hands(), "2 and one a metre with the last grit");
        assertEquals(List.of(10, 9), List.of(chain.tasks().get(first).hands(), chain.tasks().get(first + 1).hands()));
        assertEquals(12 * 60, chain.tasks().get(first).rest());
        assertEquals(Map.of(Resource.DRYING, 1), chain.tasks().get(first).takes());
        assertEquals(Map.of(), chain.tasks().get(first + 1).takes());
        assertEquals(Map.of(Resource.DRYING, 1), chain.tasks().getLast().frees());
        assertTrue(oil.oily() && oil.solvent() && !oil.stained(), "its rags can catch fire");
        assertEquals(Recipe.none(), Recipe.named(" NONE ").orElseThrow());
        assertTrue(Recipe.named("varnish of old").isEmpty());
    }

    /** A band holds the frame from the first glue until it comes out of the clamps; then the joint gathers strength. */
    @Test
    void whatHoldsAFrameIsTakenAndGivenBack() {
        for (School school : School.values()) {
            for (Holding holding : Holding.values()) {
                GlueUp chosen = GlueUp.usual().withSchool(school).withHolding(holding);
                Chain chain = plain(chosen);
                List<Task> takes = chain.tasks().stream().filter(task -> !task.takes().isEmpty()).toList();
                List<Task> frees = chain.tasks().stream().filter(task -> !task.frees().isEmpty()).toList();
                if (takes.isEmpty()) {
                    assertTrue(frees.isEmpty(), school + " " + holding);
                    continue;
                }
                assertEquals(1, takes.size(), school + " " + holding);
                assertEquals(1, frees.size(), school + " " + holding);
                assertEquals(takes.getFirst().takes(), frees.getFirst().frees());
                assertTrue(chain.tasks().indexOf(takes.getFirst()) < chain.tasks().indexOf(frees.getFirst()));
                Resource what = switch (holding) {
                    case BAND -> Resource.BAND;
                    case JIG -> Resource.JIG;
                    case CORNER_CLAMPS -> Resource.CORNER_CLAMP;
                    case PINS -> Resource.BENCH;
                };
                assertTrue(takes.getFirst().takes().containsKey(what)
                        && takes.getFirst().takes().containsKey(Resource.BENCH));
                assertEquals(chosen.glue().handling(), frees.getFirst().rest(), "before it may be sawn or knocked");
            }
        }
    }

    /** Glue is lifted while it is rubbery: a quarter of an hour after it was spread, and no later than half an hour. */
    @Test
    void liftingCannotWait() {
        Chain chain = plain(GlueUp.usual().withSqueezeOut(SqueezeOut.LIFT));
        Task gluing = chain.tasks().stream().filter(Task::isHurried).findFirst().orElseThrow();
        assertEquals(15, gluing.rest());
        assertEquals(30, gluing.most());
        assertFalse(plain(GlueUp.usual()).tasks().stream().anyMatch(Task::isHurried), "wiped at once");
    }

    /** What a maker reads on the board: for one frame or for all, with its own words for each round of gluing. */
    @Test
    void stepsAreCalledByWhatIsDone() {
        Preparation all = new Preparation(30, 20, 25, 15);
        assertEquals(
                List.of("Prepare the boards", "Glue up the section", "Mill the section", "Saw the pieces",
                        "Sand the faces"),
                names(chain(1, all, List.of(), List.of(), GlueUp.usual())).subList(0, 5));
        assertEquals(
                List.of("Prepare the boards", "Glue up the section of all 2 frames", "Mill the section of all 2 frames",
                        "Saw the pieces of all 2 frames"),
                names(chain(2, all, List.of(), List.of(), GlueUp.usual())).subList(0, 4));
        Chain halves = plain(GlueUp.usual().withSchool(School.TWO_HALVES));
        assertTrue(names(halves).containsAll(List.of("Glue the two halves", "Join the halves")),
                names(halves).toString());
        Chain corners = plain(GlueUp.usual().withSchool(School.CORNER_BY_CORNER).withHolding(Holding.CORNER_CLAMPS));
        assertEquals(1, names(corners).stream().filter("Glue corner by corner"::equals).count());
        assertTrue(names(plain(GlueUp.usual())).contains("Dry fit and glue all corners"));
        assertTrue(names(plain(GlueUp.usual())).contains("Out of the clamps"));
        Chain lifted = plain(GlueUp.usual().withSqueezeOut(SqueezeOut.LIFT));
        assertTrue(names(lifted).contains("Lift the squeeze-out"), names(lifted).toString());
        Chain splines = chain(1, Preparation.NONE,
                List.of(part(ReinforcementKind.SPLINE), part(ReinforcementKind.BLOCK),
                        part(ReinforcementKind.NAIL), part(ReinforcementKind.DOWEL)),
                List.of(), GlueUp.usual());
        assertTrue(names(splines).containsAll(List.of("Cut slots, glue the splines", "Flush the splines",
                "Fit and glue the blocks", "Drive the nails", "Cut for the dowels")), names(splines).toString());
        for (Clamp.Kind kind : Clamp.Kind.values()) {
            assertFalse(kind.title().isBlank());
        }
        for (School school : School.values()) {
            assertFalse(school.title().isBlank() || school.reason().isBlank());
        }
        for (Holding holding : Holding.values()) {
            assertFalse(holding.title().isBlank());
        }
        for (SqueezeOut way : SqueezeOut.values()) {
            assertFalse(way.title().isBlank());
        }
    }

    /** All minutes of the glue-up are on the board: those of the hands, and those that glue takes for itself. */
    @Test
    void theBoardHasAllMinutesOfTheGlueUp() {
        for (School school : School.values()) {
            for (SqueezeOut way : SqueezeOut.values()) {
                GlueUp chosen = GlueUp.usual().withSchool(school).withSqueezeOut(way)
                        .withHolding(Holding.CORNER_CLAMPS);
                GluePlan plan = plan(chosen);
                Chain chain = plain(chosen);
                List<Task> glue = chain.tasks().subList(2, chain.tasks().size() - 2);
                double worked = 0;
                double waited = 0;
                for (GlueStep step : plan.steps()) {
                    boolean wait = step.rest() >= 300;
                    worked += (step.seconds() + (wait ? 0 : step.rest())) / 60.0;
                    waited += wait ? step.rest() / 60.0 : 0;
                }
                assertEquals(worked, glue.stream().mapToInt(Task::hands).sum(), glue.size() / 2.0 + 0.5,
                        school + " " + way);
                assertEquals(waited, glue.subList(0, glue.size() - 1).stream().mapToInt(Task::rest).sum(), 1,
                        school + " " + way);
                assertEquals(worked - waitedBriefly(plan), plan.hands(), 1e-6);
            }
        }
    }

    private static double waitedBriefly(GluePlan plan) {
        return plan.steps().stream().mapToInt(GlueStep::rest).filter(rest -> rest < 300).sum() / 60.0;
    }

    /** Two hours are enough at a stretch: 183 minutes are two parts, of which the last waits, and the first takes the place. */
    @Test
    void longWorkIsDoneInParts() {
        GlueUp oil = GlueUp.usual().withFinish(Recipe.named("penetrating oil").orElseThrow());
        Chain long60 = FrameChain.of("Chart", 1, 4, 60, 3, Preparation.NONE, List.of(), List.of(), plan(oil), oil);
        List<Task> coat = long60.tasks().stream().filter(task -> task.name().startsWith("Oil")).toList();
        assertEquals(List.of(91, 92), coat.stream().map(Task::hands).toList());
        assertEquals(List.of(0, 720), coat.stream().map(Task::rest).toList());
        assertEquals(List.of("Oil, let soak, wipe dry, part 1", "Oil, let soak, wipe dry, part 2"),
                coat.stream().map(Task::name).toList());
        assertEquals(Map.of(Resource.DRYING, 1), coat.getFirst().takes());
        assertEquals(Map.of(), coat.getLast().takes());
        assertEquals(120, task(long60, "Sand").hands(), "two hours are one part");
        Chain long61 = FrameChain.of("Chart", 1, 4, 60.5, 3, Preparation.NONE, List.of(), List.of(), plan(oil), oil);
        assertEquals(List.of(60, 61),
                long61.tasks().stream().filter(task -> task.name().startsWith("Sand")).map(Task::hands)
                        .toList());
        Chain longest = FrameChain.of("Chart", 500, 4, 200_000, 3, Preparation.NONE, List.of(), List.of(), plan(oil),
                oil);
        assertTrue(longest.tasks().stream().allMatch(task -> task.hands() >= 0 && task.hands() <= 120));
        Chain third = FrameChain.of("Chart", 500, 4, 600_000, 3, Preparation.NONE, List.of(), List.of(), plan(oil),
                oil);
        assertEquals(3, (double) hands(third) / hands(longest), 0.01, "three times the wood is three times the work");
        Chain fitted = FrameChain.of("Chart", 1, 4, 1, 60, Preparation.NONE, List.of(), List.of(), plan(oil), oil);
        List<Task> last = fitted.tasks().stream().filter(task -> task.name().startsWith("Fit out")).toList();
        assertEquals(2, last.size());
        assertEquals(Map.of(), last.getFirst().frees());
        assertEquals(Map.of(Resource.DRYING, 1), last.getLast().frees());
    }

    private static long hands(Chain chain) {
        return chain.tasks().stream().mapToLong(Task::hands).sum();
    }
}
