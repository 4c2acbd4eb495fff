package neatcorner.desktop.station;

import javafx.geometry.Orientation;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;

/** As high as what is in it, up to a share of the station's height; beyond that it scrolls, as with large text. */
final class AtMost extends ScrollPane {
    private final Region station;
    private final Region content;
    private final double share;

    AtMost(Region station, Region content, double share) {
        super(content);
        this.station = station;
        this.content = content;
        this.share = share;
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setMinWidth(0);
        setFocusTraversable(false);
        getStyleClass().add("tools-scroll");
        visibleProperty().bind(content.visibleProperty());
        managedProperty().bind(content.managedProperty());
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected double computePrefHeight(double width) {
        double most = station.getHeight() * share;
        double whole = content.prefHeight(width);
        return most > 0 ? Math.min(whole, most) : whole;
    }
}
