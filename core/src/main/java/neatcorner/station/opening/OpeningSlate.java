package neatcorner.station.opening;

import java.util.ArrayList;
import java.util.List;
import neatcorner.fitout.Layer;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Physical;
import neatcorner.measure.Reading;
import neatcorner.outline.Opening;
import neatcorner.plan.Across;
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
        rows.add(Slate.Row.large(OpeningTexts.ART, sizes.art(true), sizes.art(false)));
        if (plan.sizes().window() != null) {
            rows.add(Slate.Row.plain(OpeningTexts.WINDOW, sizes.window(true), sizes.window(false)));
            rows.add(Slate.Row.plain(OpeningTexts.MAT_OUTER, sizes.pack(true), sizes.pack(false)));
        }
        if (!plan.job().section().rabbet().isNone()) {
            rows.add(Slate.Row.plain(OpeningTexts.RABBET_SIZE, sizes.rabbet(true), sizes.rabbet(false)));
        }
        rows.add(Slate.Row.plain(OpeningTexts.SIGHT, sizes.sight(true), sizes.sight(false)));
        Opening seen = Across.of(plan).seen(plan);
        if (!seen.equals(plan.sizes().sight())) {
            rows.add(Slate.Row.large(OpeningTexts.SEEN,
                    Reading.computed(OpeningTexts.SEEN, seen.width(), OpeningTexts.SEEN_FORMULA),
                    Reading.computed(OpeningTexts.SEEN, seen.height(), OpeningTexts.SEEN_FORMULA)));
        }
        rows.add(Slate.Row.large(OpeningTexts.OUTSIDE, sizes.outside(true), sizes.outside(false)));
        for (Layer layer : plan.job().layersToCut()) {
            if (layer instanceof Layer.Glazing || layer instanceof Layer.Backing) {
                rows.add(Slate.Row.plain(OpeningTexts.CUT_WITHIN.formatted(layer.within()),
                        cutSize(plan, layer, sizes, true), cutSize(plan, layer, sizes, false)));
            }
        }
        MemberRows.add(plan, rows);
        rows.add(Slate.Row.plain(OpeningTexts.WEIGHT, weight(plan)));
        return new Slate(rows);
    }

    private static Reading cutSize(Plan plan, Layer layer, SizeReadings sizes, boolean across) {
        Length under = plan.job().cutUnder();
        Opening cut = plan.cut(layer);
        Length value = across ? cut.width() : cut.height();
        Length extra = value.plus(under).minus(SizeReadings.pick(plan.sizes().rabbet(), across));
        String name = OpeningTexts.LAYER_CUT.formatted(layer.title(), SizeReadings.direction(across));
        if (!plan.job().hold().isInRabbet()) {
            return Reading.computed(name, value, OpeningTexts.AS_LARGE_AS_WHAT_IS_HELD);
        }
        Reading play = Reading.given(OpeningTexts.PLAY_IN_ALL, under);
        return extra.equals(Length.ZERO)
                ? Reading.computed(name, value, "{0} − {1}", sizes.rabbet(across), play)
                : Reading.computed(name, value, "{0} + {1} − {2}", sizes.rabbet(across),
                        Reading.given(OpeningTexts.SECOND_STEP_BOTH_SIDES, extra), play);
    }

    private static Reading weight(Plan plan) {
        Mass wood = plan.weight().wood();
        Section section = plan.job().section();
        Reading perMetre = Reading.given(OpeningTexts.WEIGHT_OF_THE_STICK,
                new Physical(section.perMetre().kilograms(), Physical.Kind.BY_LENGTH));
        Reading woodReading = Reading.computed(OpeningTexts.WOOD, wood, OpeningTexts.PIECES_AT, perMetre);
        return Reading.computed(OpeningTexts.WEIGHT, plan.weight().total(), "{0} + {1}", woodReading,
                Reading.given(OpeningTexts.GLAZING_MAT_ART_AND_BACKING, plan.weight().pack()));
    }
}
