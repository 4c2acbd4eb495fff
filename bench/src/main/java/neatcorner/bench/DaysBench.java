package neatcorner.bench;

import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import neatcorner.corner.Inventory;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.fitout.SizeOf;
import neatcorner.glueup.Recipe;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.planner.Planner;
import neatcorner.shop.Shop;
import neatcorner.station.glueup.ShopDays;
import neatcorner.stock.Search;

/** The days of shops of mixed frames, from a Monday morning: how long it takes to lay them out, and how near to the bound. */
public final class DaysBench {
    private static final ZonedDateTime MONDAY = ZonedDateTime.of(2026, 11, 23, 8, 0, 0, 0, ZoneOffset.UTC);
    private static final List<String> FINISHES = List.of("none", "wax", "shellac and wax", "water-based clear",
            "sprayed lacquer", "hard-wax oil");

    private DaysBench() {}

    public static void main(String[] args) {
        for (int seed = 0; seed < 6; seed++) {
            ShopDays.of(chains(12, seed), Shop.usual(Units.MILLIMETRES), MONDAY, Search.PATIENT);
        }
        for (int frames : new int[]{9, 20, 50, 200, 500}) {
            for (int seed = 1; seed <= (frames == 20 ? 10 : 3); seed++) {
                List<Chain> chains = chains(frames, seed);
                long start = System.nanoTime();
                Schedule schedule = ShopDays.of(chains, Shop.usual(Units.MILLIMETRES), MONDAY, Search.PATIENT)
                        .schedule();
                long took = System.nanoTime() - start;
                System.out.printf(Locale.ROOT,
                        "| %d frames, draw %d | %d steps | %.2f days | %.2f %% over the bound | %s | %.2f s |%n",
                        frames,
                        seed, schedule.steps().size(), schedule.end() / 1440.0, 100 * schedule.gap(),
                        schedule.proved() ? "proved" : "not proved", took / 1e9);
            }
        }
    }

    private static List<Chain> chains(int frames, int seed) {
        Random random = new Random(1000L * frames + seed);
        List<Chain> chains = new ArrayList<>();
        for (int i = 0; i < frames; i++) {
            Job blank = Defaults.blank(Units.MILLIMETRES).withTitle("Frame " + i);
            double width = 200 + random.nextInt(700);
            Job job = (random.nextInt(5) == 0
                    ? blank.withOutline(Outline.of(new Shape.Regular(5 + random.nextInt(4), false)))
                    : blank).withSize(SizeOf.ART, new Opening(Length.mm(width), Length.mm(width * 0.7)));
            job = switch (random.nextInt(3)) {
                case 0 -> job.withReinforcement(List.of(Reinforcement.spline(Length.mm(20), Length.mm(3), 1)));
                case 1 ->
                    job.withReinforcement(List.of(Inventory.usual(job.units()).of(ReinforcementKind.V_NAIL).get(2)));
                default -> job;
            };
            Recipe finish = Recipe.named(FINISHES.get(random.nextInt(FINISHES.size()))).orElseThrow();
            chains.addAll(ShopDays.chains(Planner.plan(job.withGlueUp(job.glueUp().withFinish(finish)))));
        }
        return chains;
    }
}
