package neatcorner.station.shape;

import neatcorner.plan.Finding;

/** Kinds of findings about the outline. */
enum ShapeFinding implements Finding.Kind {
    BOARD_NARROW("board.narrow"),
    CORNER_RECTANGLES_ONLY("corner.rectangles-only"),
    GRAIN_SHORT("grain.short"),
    RABBET_RUNS_OUT("rabbet.runs-out");

    private final String code;

    ShapeFinding(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
