package neatcorner.desktop.control;

import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import neatcorner.measure.Figures;

/**
 * A figure as a maker reads it: digits in the monospaced face, fractions stacked, the unit small. Made of plain texts, not
 * labels: a screen holds dozens, and labels cost a tenth of a second at the start.
 */
public final class FiguresLabel extends HBox {
    private String shown = "";

    public FiguresLabel() {
        getStyleClass().add("figures");
        setAlignment(Pos.CENTER_LEFT);
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    }

    /** Shows a figure, with its unit if wanted. */
    public void show(Figures figures, boolean withUnit) {
        String text = withUnit ? figures.text() : figures.bare();
        if (text.equals(shown)) {
            return;
        }
        shown = text;
        getChildren().clear();
        String lead = (figures.negative() ? "−" : "") + figures.whole()
                + (withUnit && figures.unit().equals("°") ? "°" : "");
        if (!lead.isEmpty()) {
            getChildren().add(text(lead, "whole"));
        }
        if (figures.hasFraction()) {
            Region line = new Region();
            line.getStyleClass().add("fraction-line");
            VBox fraction = new VBox(text(String.valueOf(figures.numerator()), "numerator"), line,
                    text(String.valueOf(figures.denominator()), "denominator"));
            fraction.getStyleClass().add("fraction");
            fraction.setAlignment(Pos.CENTER);
            getChildren().add(fraction);
        }
        if (withUnit && !figures.unit().isEmpty() && !figures.unit().equals("°")) {
            getChildren().add(text(" " + figures.unit(), "unit"));
        }
        if (figures.near() != Figures.Near.EXACT) {
            getChildren().add(text(" " + figures.near().word(), "near"));
        }
    }

    /** The figure in running text. */
    public String text() {
        return shown;
    }

    private static Text text(String text, String styleClass) {
        Text node = new Text(text);
        node.getStyleClass().add(styleClass);
        return node;
    }
}
