package neatcorner.station.opening;

import neatcorner.plan.Finding;

/** Kinds of findings about sizes. */
enum SizeFinding implements Finding.Kind {
    CLEARANCE_LOOSE("clearance.loose"),
    PART_IMPOSSIBLE("part.does-not-fit"),
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
