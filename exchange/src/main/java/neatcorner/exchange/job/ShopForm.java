package neatcorner.exchange.job;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;
import neatcorner.corner.Inventory;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Fields;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.glueup.Clamp;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.glueup.schedule.WorkingHours;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.shop.Shop;

/** What a shop has to put frames together with, and when its maker works. */
final class ShopForm {
    private static final int MOST = 500;
    private static final double USUAL_FORCE = 1000;
    private static final Form<Length> TOOL = Forms.length(LengthRange.TOOL);
    private static final Form<Length> POSITIVE = Forms.length(LengthRange.PITCH);
    private static final Form<Integer> COUNT = Forms.whole(0, MOST);

    private static final Form<Clamp.Kind> KIND = Forms.named(Clamp.Kind.class);
    private static final Form<Double> FORCE = Forms.number(0, 100_000, "a force in newtons, 0 to 100000");

    private static final Form<Clamp> CLAMP = Form.of("clamp", f -> {
        Clamp.Kind kind = f.must("kind", Clamp::kind, KIND, "");
        String name = f.maybe("name", Clamp::name, Forms.TEXT, "what the maker calls it; without it, as its kind");
        return new Clamp(kind, name == null ? kind.title() : name,
                f.must("reach", Clamp::reach, TOOL, "what it goes round or opens to"),
                f.or("force", Clamp::force, FORCE,
                        USUAL_FORCE, "N"),
                f.or("count", Clamp::count, COUNT, 1, ""));
    });

    private static final Form<CornerJig> JIG = Form.of("jig",
            f -> new CornerJig(
                    f.get("first", CornerJig::first, POSITIVE, "from the block's pivot to the first hole of an arm"),
                    f.get("pitch", CornerJig::pitch, POSITIVE, "from hole to hole"),
                    f.get("holes", CornerJig::holes, Forms.whole(1, MOST), "in an arm"),
                    f.get("block", CornerJig::block, TOOL, "from the bite's corner to its pivot, along each side"),
                    f.get("bridge", CornerJig::bridge, TOOL, "between the two pivots of a bridge"),
                    f.get("least", CornerJig::least, TOOL, "between the bridges when they touch"),
                    f.get("most", CornerJig::most, TOOL, "between them when the clamp is wide open")));

    private static final Form<Set<DayOfWeek>> DAYS = Forms
            .list(Forms.named(DayOfWeek.class, "a day of the week, as monday"), MOST)
            .as((days, at) -> Set.copyOf(days), days -> days.stream().sorted().toList(), Set.of());

    private static final Form<LocalTime> FROM = Forms.time(LocalTime.of(8, 0));
    private static final Form<LocalTime> TO = Forms.time(LocalTime.of(17, 0));

    private static final Form<WorkingHours.Shift> SHIFT = Form.of("shift", f -> {
        Set<DayOfWeek> days = f.must("days", WorkingHours.Shift::days, DAYS, "`monday` …");
        LocalTime from = f.must("from", WorkingHours.Shift::from, FROM, "");
        LocalTime to = f.must("to", WorkingHours.Shift::to, TO, "later than `from`");
        if (!to.isAfter(from)) {
            throw f.expected("to", "a time after " + from);
        }
        return new WorkingHours.Shift(days, from, to);
    });

    private static final Form<Inventory> INVENTORY = Forms.list(ReinforcementForm.REINFORCEMENT, MOST)
            .as((all, at) -> new Inventory(all), Inventory::items, new Inventory(List.of()));
    private static final Form<List<Clamp>> CLAMPS = Forms.list(CLAMP, MOST);
    private static final Form<WorkingHours> HOURS = Forms.list(SHIFT, MOST).as((shifts, at) -> new WorkingHours(shifts),
            WorkingHours::shifts, new WorkingHours(List.of()));

    static final Form<KnownShop> SHOP = Form.of("shop",
            f -> new KnownShop(f.part(KnownShop::shop, ShopForm::shop), f.maybe("id", KnownShop::id,
                    Forms.TEXT, "tells it from other shops; given by the program when a shop is first described")));

    private ShopForm() {}

    private static Shop shop(Fields<Shop> f) throws BadFile {
        Inventory inventory = f.get("inventory", Shop::inventory, INVENTORY,
                "reinforcements in the drawers");
        List<Clamp> clamps = f.get("clamps", Shop::clamps, CLAMPS, "");
        CornerJig jig = f.take("jig", Shop::jig, JIG, Fields.Need.USUAL, in -> null, "the corner clamping jig");
        int jigs = f.get("jigs", Shop::jigs, COUNT, "how many of them");
        return new Shop(inventory, clamps, jigs == 0 ? null : jig, jigs,
                f.or("sheets", Shop::sheets, RackForm.SHEETS, List.of(), "what was kept of sheets that were cut"),
                f.get("bench", Shop::bench, COUNT, "places where a frame can lie in its clamps"),
                f.get("drying", Shop::drying, COUNT, "places where a frame can dry"),
                f.get("hours", Shop::hours, HOURS, "when the maker works"));
    }
}
