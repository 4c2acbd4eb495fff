package neatcorner.station.opening;

import java.util.ArrayList;
import java.util.List;
import neatcorner.fitout.CutSizes;
import neatcorner.fitout.Layer;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Physical;
import neatcorner.measure.Reading;
import neatcorner.outline.Opening;
import neatcorner.plan.Plan;
import neatcorner.plan.SizeReadings;
import neatcorner.plan.Slate;
import neatcorner.section.Section;

/** The sizes that follow from the one that was measured. */
final class OpeningSlate {
    private OpeningSlate() {}

    static Slate of(Plan plan) {
        SizeReadings sizes = new SizeReadings(plan);
        List<Slate.Row> rows = new ArrayList<>();
        rows.add(Slate.Row.large("Art", sizes.art(true), sizes.art(false)));
        if (plan.sizes().window() != null) {
            rows.add(Slate.Row.plain("Window", sizes.window(true), sizes.window(false)));
            rows.add(Slate.Row.plain("Mat outer", sizes.pack(true), sizes.pack(false)));
        }
        rows.add(Slate.Row.plain("Rabbet size", sizes.rabbet(true), sizes.rabbet(false)));
        rows.add(Slate.Row.plain("Sight", sizes.sight(true), sizes.sight(false)));
        rows.add(Slate.Row.large("Outside", sizes.outside(true), sizes.outside(false)));
        for (Layer layer : plan.job().pack().layers()) {
            if (layer instanceof Layer.Glazing || layer instanceof Layer.Backing) {
                rows.add(Slate.Row.plain("Cut " + layer.within(),
                        cutSize(plan, layer, sizes, true), cutSize(plan, layer, sizes, false)));
            }
        }
        rows.add(Slate.Row.plain("Weight", weight(plan)));
        return new Slate(rows);
    }

    private static Reading cutSize(Plan plan, Layer layer, SizeReadings sizes, boolean across) {
        Length under = CutSizes.under(plan.job().units());
        Opening cut = CutSizes.of(layer, plan.sizes(), plan.seat().rabbet(), plan.job().units());
        Length value = across ? cut.width() : cut.height();
        Length extra = value.plus(under).minus(SizeReadings.pick(plan.sizes().rabbet(), across));
        String name = layer.title() + ", cut " + SizeReadings.direction(across);
        Reading play = Reading.given("Play in all", under);
        return extra.equals(Length.ZERO)
                ? Reading.computed(name, value, "{0} − {1}", sizes.rabbet(across), play)
                : Reading.computed(name, value, "{0} + {1} − {2}", sizes.rabbet(across),
                        Reading.given("Second step, both sides", extra), play);
    }

    private static Reading weight(Plan plan) {
        Mass wood = plan.weight().wood();
        Section section = plan.job().section();
        Reading perMetre = Reading.given("Weight of the stick",
                new Physical(section.perMetre().kilograms(), Physical.Kind.BY_LENGTH));
        Reading woodReading = Reading.computed("Wood", wood, "pieces at {0}", perMetre);
        return Reading.computed("Weight", plan.weight().total(), "{0} + {1}", woodReading,
                Reading.given("Glazing, mat, art and backing", plan.weight().pack()));
    }
}
