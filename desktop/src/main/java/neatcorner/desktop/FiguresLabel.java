package neatcorner.desktop;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neatcorner.measure.Figures;

/** A figure as a maker reads it: digits in the monospaced face, fractions stacked, the unit small. */
final class FiguresLabel extends HBox {
    private String shown = "";

    FiguresLabel() {
        getStyleClass().add("figures");
        setAlignment(Pos.CENTER_LEFT);
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    }

    /** Shows a figure, with its unit if wanted. */
    void show(Figures figures, boolean withUnit) {
        String text = withUnit ? figures.text() : figures.bare();
        if (text.equals(shown)) {
            return;
        }
        shown = text;
        getChildren().clear();
        String lead = (figures.rounded() ? Figures.ABOUT : "") + (figures.negative() ? "−" : "") + figures.whole();
        if (!lead.isEmpty()) {
            getChildren().add(label(lead, "whole"));
        }
        if (figures.hasFraction()) {
            VBox fraction = new VBox(label(String.valueOf(figures.numerator()), "numerator"),
                    label(String.valueOf(figures.denominator()), "denominator"));
            fraction.getStyleClass().add("fraction");
            fraction.setAlignment(Pos.CENTER);
            getChildren().add(fraction);
        }
        if (withUnit && !figures.unit().isEmpty()) {
            getChildren().add(label(figures.unit(), figures.unit().equals("°") ? "degree" : "unit"));
        }
    }

    /** The figure in running text. */
    String text() {
        return shown;
    }

    private static Label label(String text, String styleClass) {
        Label label = new Label(text);
        label.getStyleClass().add(styleClass);
        label.setMinSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        return label;
    }
}
