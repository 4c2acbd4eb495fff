/** The arithmetic of frame making: what a maker decides goes in, all that follows from it comes out. */
module neatcorner.core {
    requires static transitive org.jspecify;
    requires static io.soabase.recordbuilder.core;
    requires static java.compiler;
    requires ojalgo;
    requires transitive org.locationtech.jts;

    exports neatcorner.corner.solid;
    exports neatcorner.corner;
    exports neatcorner.drawing;
    exports neatcorner.fitout;
    exports neatcorner.glueup.jig;
    exports neatcorner.glueup.schedule;
    exports neatcorner.glueup;
    exports neatcorner.hanging;
    exports neatcorner.job;
    exports neatcorner.measure;
    exports neatcorner.member;
    exports neatcorner.outline;
    exports neatcorner.piece;
    exports neatcorner.plan;
    exports neatcorner.planner;
    exports neatcorner.saw.measured;
    exports neatcorner.saw;
    exports neatcorner.section;
    exports neatcorner.shop;
    exports neatcorner.station.corners;
    exports neatcorner.station.fitout;
    exports neatcorner.station.glueup;
    exports neatcorner.station.hanging;
    exports neatcorner.station.opening;
    exports neatcorner.station.saw;
    exports neatcorner.station.section;
    exports neatcorner.station.shape;
    exports neatcorner.station.sticks;
    exports neatcorner.station;
    exports neatcorner.stock.sheets;
    exports neatcorner.stock.sticks;
    exports neatcorner.stock;
    exports neatcorner.wood;
}
