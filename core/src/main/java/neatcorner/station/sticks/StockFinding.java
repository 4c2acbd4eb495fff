package neatcorner.station.sticks;

import neatcorner.plan.Finding;

/** Kinds of findings about what the frames are cut from. */
enum StockFinding implements Finding.Kind {
    PIN_LOST("pin.lost"),
    STOCK_PIECE_TOO_LONG("stock.piece-too-long"),
    STOCK_SHORT("stock.short"),
    STOCK_SPLIT_FRAME("stock.split-frame"),
    STOCK_TOO_NARROW("stock.too-narrow"),
    STOCK_TOO_THIN("stock.too-thin");

    private final String code;

    StockFinding(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
