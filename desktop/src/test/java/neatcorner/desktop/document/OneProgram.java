package neatcorner.desktop.document;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.shop.Shop;
import neatcorner.stock.Search;

/** A running program whose threads go on only when they are told to, and whose planner can fail. */
final class OneProgram {
    private static final Plan SOME = Planner.plan(Defaults.blank(Units.MILLIMETRES));

    final Steps window = new Steps();
    final Steps writer = new Steps();
    final Steps quick = new Steps();
    final Steps slow = new Steps();
    final List<String> said = new ArrayList<>();
    final Documents documents;
    boolean faulty;

    OneProgram(Disk disk) {
        DocumentStore store = new DocumentStore(writer, window, disk);
        ShopState shop = new ShopState(store, Path.of("/shop/shop.json"), Path.of("/shop/shelf.json"),
                Path.of("/shop/offcuts"), said::add);
        documents = new Documents(store, shop, new Planning(quick, slow, window), this::plan);
    }

    /** Cheap: only the job of the plan matters here. Half of the jobs have more to be found. */
    private Plan plan(Job job, Shop shop, Search search) {
        if (faulty) {
            throw new IllegalStateException("a fault in planning, made for this test");
        }
        return new Plan(job, shop, SOME.sizes(), SOME.frame(), SOME.rings(), SOME.members(), SOME.cutList(),
                SOME.weight(), List.of());
    }

    /** One step of one of its threads; false when that has nothing to do. */
    boolean step(int which) {
        return switch (which % 4) {
            case 0 -> window.step();
            case 1 -> writer.step();
            case 2 -> quick.step();
            default -> slow.step();
        };
    }

    /** Lets all threads go on until nothing is left to do. */
    void settle() {
        boolean more = true;
        while (more) {
            more = false;
            for (int i = 0; i < 4; i++) {
                more |= step(i);
            }
        }
    }
}
