package neatcorner.station.corners;

import neatcorner.plan.Finding;

/** Kinds of findings about corners and what holds them. */
enum CornerFinding implements Finding.Kind {
    BLOCK_NO_ROOM("block.no-room"),
    CORNER_SLOPED("corner.sloped"),
    CORNER_UNREINFORCED("corner.unreinforced"),
    FASTENER_IN_RABBET("fastener.in-rabbet"),
    FASTENER_SHORT("fastener.short"),
    FASTENER_TOO_LONG("fastener.too-long"),
    PARTS_CLASH("parts.clash"),
    REINFORCEMENT_IMPOSSIBLE("reinforcement.impossible"),
    REINFORCEMENT_NOT_HERE("reinforcement.not-here"),
    REINFORCEMENT_OUTSIDE_SAFE_ZONE("reinforcement.outside-safe-zone"),
    SPLINE_INTO_RABBET("spline.into-rabbet"),
    TENON_BREAKS_OUT("tenon.breaks-out");

    private final String code;

    CornerFinding(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
