package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Length;
import neatcorner.outline.Opening;
import neatcorner.planner.Batch;
import neatcorner.station.sticks.SheetWork;
import neatcorner.stock.Search;
import neatcorner.stock.sheets.Panel;
import org.junit.jupiter.api.Test;

/** Several jobs cut together: as many panes and backs as there are frames of all of them, each as large as its own art wants. */
class SheetsTogetherTest {
    private static final Search HASTY = () -> true;

    @Test
    void everyFrameOfEveryJobGetsItsOwn() {
        Cases.of("sheets of several jobs", random -> {
            List<Job> jobs = new ArrayList<>();
            Map<String, Integer> wanted = new TreeMap<>();
            for (int i = 0; i <= 1 + random.nextInt(3); i++) {
                boolean glass = random.nextBoolean();
                boolean back = !glass || random.nextBoolean();
                List<Layer> layers = new ArrayList<>();
                int count = 1 + random.nextInt(6);
                Length wide = AnyJob.mm(200 + random.nextInt(300));
                Length high = AnyJob.mm(200 + random.nextInt(300));
                if (glass) {
                    layers.add(new Layer.Glazing(Material.GLASS, AnyJob.mm(2)));
                    wanted.merge("glass", count, Integer::sum);
                }
                layers.add(new Layer.Art(Material.PAPER, AnyJob.mm(0.3)));
                if (back) {
                    layers.add(new Layer.Backing(Material.HARDBOARD, AnyJob.mm(3)));
                    wanted.merge("hardboard", count, Integer::sum);
                }
                jobs.add(Jobs.chart().withPack(new Pack(layers)).withQuantity(count)
                        .withSize(SizeOf.ART, new Opening(wide, high)));
            }
            List<SheetWork> works = SheetWork
                    .of(Batch.plan(jobs.getFirst(), jobs.subList(1, jobs.size()), Jobs.SHOP, HASTY), HASTY);
            Map<String, Integer> cut = new TreeMap<>();
            for (SheetWork work : works) {
                for (Panel panel : work.nesting().panels()) {
                    cut.merge(work.material(), panel.count(), Integer::sum);
                    boolean fits = jobs.stream().anyMatch(job -> near(panel.width(), job.size().width())
                            && near(panel.height(), job.size().height()) && panel.count() == job.quantity());
                    assertEquals(true, fits, panel + " of no job's art");
                }
            }
            assertEquals(wanted, cut);
        });
    }

    /** Not smaller than the art, and larger by what play there is beside it at most. */
    private static boolean near(Length panel, Length art) {
        return !panel.isLessThan(art) && panel.minus(art).toMm() < 4;
    }
}
