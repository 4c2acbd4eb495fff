package neatcorner.station.opening;

import neatcorner.plan.Finding;

/** Kinds of findings about sizes. */
enum SizeFinding implements Finding.Kind {
    CLEARANCE_LOOSE("clearance.loose"),
    PART_IMPOSSIBLE("part.does-not-fit"),
    BAR_STANDS_OUT("bar.stands-out"),
    BARS_CROSS("bars.cross"),
    SLATS_MEET("slats.meet"),
    SLATS_STAND_OUT("slats.stand-out");

    private final String code;

    SizeFinding(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
