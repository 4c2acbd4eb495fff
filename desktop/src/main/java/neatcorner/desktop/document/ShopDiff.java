package neatcorner.desktop.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import neatcorner.shop.Shop;
import neatcorner.stock.Sheet;

/** What was changed about a shop, part by part, so that it can be done to another state of the shop, and undone in it. */
record ShopDiff(Shop before, Shop after) {

    boolean isNone() {
        return before.equals(after);
    }

    ShopDiff reversed() {
        return new ShopDiff(after, before);
    }

    /** The shop with those parts as they became that were changed, and all others as it has them. */
    Shop in(Shop now) {
        boolean jig = !Objects.equals(before.jig(), after.jig()) || before.jigs() != after.jigs();
        return new Shop(before.inventory().equals(after.inventory()) ? now.inventory() : after.inventory(),
                before.clamps().equals(after.clamps()) ? now.clamps() : after.clamps(),
                jig ? after.jig() : now.jig(), jig ? after.jigs() : now.jigs(), sheets(now.sheets()),
                before.bench() == after.bench() ? now.bench() : after.bench(),
                before.drying() == after.drying() ? now.drying() : after.drying(),
                before.hours().equals(after.hours()) ? now.hours() : after.hours());
    }

    /** Sheets that were put there or taken, whatever others did with those beside them. */
    private List<Sheet> sheets(List<Sheet> now) {
        List<Sheet> put = new ArrayList<>(after.sheets());
        before.sheets().forEach(put::remove);
        List<Sheet> taken = new ArrayList<>(before.sheets());
        after.sheets().forEach(taken::remove);
        List<Sheet> all = new ArrayList<>(now);
        taken.forEach(all::remove);
        all.addAll(put);
        return all;
    }
}
