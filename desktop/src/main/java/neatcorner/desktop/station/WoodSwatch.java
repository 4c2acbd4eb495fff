package neatcorner.desktop.station;

import java.util.Locale;
import javafx.scene.layout.Region;
import neatcorner.wood.Species;

/** A bit of a wood to choose by, in the color it is drawn in. */
public final class WoodSwatch extends Region {

    public WoodSwatch(Species wood) {
        getStyleClass().addAll("swatch", "swatch-" + wood.tone().name().toLowerCase(Locale.ROOT));
    }
}
