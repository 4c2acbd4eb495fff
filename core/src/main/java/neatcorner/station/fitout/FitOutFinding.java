package neatcorner.station.fitout;

import neatcorner.plan.Finding;

/** Kinds of findings about what goes in from behind. */
enum FitOutFinding implements Finding.Kind {
    RETAINER_THROUGH("retainer.through"),
    SCREW_SHORT("screw.short"),
    SCREW_THROUGH("screw.through"),
    GLASS_ON_ART("glass.on-art"),
    PACK_PROUD("pack.proud"),
    GLASS_HEAVY("glass.heavy");

    private final String code;

    FitOutFinding(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
