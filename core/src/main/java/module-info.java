/** The arithmetic of frame making: what a maker decides goes in, all that follows from it comes out. */
module neatcorner.core {
    requires static transitive org.jspecify;
    requires ojalgo;
    requires transitive org.locationtech.jts;

    exports neatcorner.corner;
    exports neatcorner.figure;
    exports neatcorner.fitout;
    exports neatcorner.glueup;
    exports neatcorner.hanging;
    exports neatcorner.measure;
    exports neatcorner.outline;
    exports neatcorner.piece;
    exports neatcorner.plan;
    exports neatcorner.saw;
    exports neatcorner.section;
    exports neatcorner.stock;
    exports neatcorner.wood;
}
