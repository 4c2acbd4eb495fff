package neatcorner.desktop.shell;

import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/**
 * The rail, the station, the slate at the right, findings below the station. Keys go through them in this order, as the eye
 * does.
 */
final class WorkPane extends Pane {
    private final Region rail;
    private final Region station;
    private final Region slate;
    private Region findings;

    WorkPane(Region rail, Region station, Region slate, Region findings) {
        this.rail = rail;
        this.station = station;
        this.slate = slate;
        this.findings = findings;
        getChildren().addAll(rail, station, slate, findings);
    }

    /** In place of the room that was kept for them. */
    void setFindings(Region strip) {
        getChildren().set(getChildren().indexOf(findings), strip);
        findings = strip;
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double height = getHeight();
        double left = snapSizeX(rail.prefWidth(-1));
        double right = snapSizeX(Math.max(slate.minWidth(-1), Math.min(slate.prefWidth(-1), slate.maxWidth(-1))));
        double between = Math.max(0, width - left - right);
        double low = snapSizeY(Math.max(findings.minHeight(between), findings.prefHeight(between)));
        double high = Math.max(0, height - low);
        rail.resizeRelocate(0, 0, left, height);
        station.resizeRelocate(left, 0, between, high);
        slate.resizeRelocate(left + between, 0, right, height);
        findings.resizeRelocate(left, high, between, low);
    }
}
