package neatcorner.station.fitout;

import neatcorner.plan.Finding;

/** Kinds of findings about what goes in from behind. */
enum FitOutFinding implements Finding.Kind {
    RETAINER_WALL_THIN("retainer.wall-thin"),
    RETAINER_THROUGH("retainer.through"),
    RETAINER_NO_ROOM("retainer.no-room"),
    BAND_NAIL_THROUGH("band.nail-through"),
    ADHESIVE_SHOWS("mirror.adhesive-shows"),
    FABRIC_SMALL("wrap.fabric-small"),
    STRAINER_TIGHT("strainer.tight"),
    SCREW_SHORT("screw.bites-short"),
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
