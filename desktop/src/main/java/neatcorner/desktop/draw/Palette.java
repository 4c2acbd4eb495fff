package neatcorner.desktop.draw;

import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.scene.paint.Color;
import neatcorner.drawing.Tint;

/** The colors that drawings are painted in. */
public interface Palette {

    /** What a tint looks like now. */
    Color color(Tint tint);

    /** Counts up whenever a color changes. */
    ReadOnlyIntegerProperty recolored();
}
