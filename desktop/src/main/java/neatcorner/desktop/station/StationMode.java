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

    /** Tools of its own in the row above the drawing. */
    default List<Node> tools() {
        return List.of();
    }

    /** What stands in the bar below the drawing: steps, or where to type what was measured. */
    default List<Node> bar() {
        return List.of();
    }

    /** What is rarely touched, in the station's card of more. */
    default List<Node> more() {
        return List.of();
    }

    /** A thing of its drawing was pressed, which may have choices of its own. */
    default void pressed(String key, Node at) {}

    void show(Plan plan, Notation notation);

    Figure figure(Plan plan);

    Slate slate(Plan plan);

    /** Steps to take, shown under the controls. */
    default List<Sentence> says(Plan plan) {
        return List.of();
    }
}
