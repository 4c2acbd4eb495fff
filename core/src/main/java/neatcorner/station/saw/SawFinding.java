package neatcorner.station.saw;

import neatcorner.plan.Finding;

/** Kinds of findings about sawing, and what was measured after it. */
enum SawFinding implements Finding.Kind {
    CORNER_GAP("corner.gap"),
    DRY_FIT_OPEN("dry-fit.open"),
    LENGTH_MISMATCH("length.mismatch"),
    MEASURED_UNLIKELY("measured.unlikely"),
    MOVEMENT_OPENS_MITER("movement.opens-miter"),
    OUT_OF_SQUARE("out-of-square"),
    PIECE_SHORT_TO_HOLD("piece.short-to-hold"),
    SAW_BEVEL_OUT_OF_RANGE("saw.bevel-out-of-range"),
    SAW_MITER_OUT_OF_RANGE("saw.miter-out-of-range");

    private final String code;

    SawFinding(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
