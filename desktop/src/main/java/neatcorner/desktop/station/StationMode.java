package neatcorner.desktop.station;

import java.util.List;
import javafx.scene.Node;
import neatcorner.drawing.Figure;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;

/** One of the things that are done at a station: its controls, its drawing, its figures, and what it says in words. */
public interface StationMode {

    List<Node> tools();

    /** A wide editor that stands below the controls; empty when there is none. */
    default List<Node> below() {
        return List.of();
    }

    void show(Plan plan, Notation notation);

    Figure figure(Plan plan);

    Slate slate(Plan plan);

    /** Steps to take, shown under the controls. */
    default List<Sentence> says(Plan plan) {
        return List.of();
    }
}
