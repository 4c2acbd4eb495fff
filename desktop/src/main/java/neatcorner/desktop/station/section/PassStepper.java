package neatcorner.desktop.station.section;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import neatcorner.plan.Plan;
import neatcorner.section.Passes;

/** Plays the passes that mill the section, one by one. */
final class PassStepper extends HBox {
    private final ToggleButton play = new ToggleButton(SectionTexts.PASS_BY_PASS);
    private final Button back = new Button("◀");
    private final Button next = new Button("▶");
    private final Label where = new Label();
    private int index;

    PassStepper(Runnable refresh) {
        getStyleClass().add("captioned");
        setAlignment(Pos.CENTER_LEFT);
        play.getStyleClass().add("chip");
        play.setId("passes");
        back.setId("pass-back");
        next.setId("pass-next");
        where.setId("pass-step");
        back.setAccessibleText(SectionTexts.PASS_BEFORE);
        next.setAccessibleText(SectionTexts.NEXT_PASS);
        where.setMinWidth(USE_PREF_SIZE);
        play.setOnAction(e -> {
            index = 0;
            refresh.run();
        });
        back.setOnAction(e -> {
            index--;
            refresh.run();
        });
        next.setOnAction(e -> {
            index++;
            refresh.run();
        });
        getChildren().addAll(back, where, next);
    }

    /** Begins and ends the stepping. */
    ToggleButton play() {
        return play;
    }

    /** The pass that is up; -1 when the finished section is shown. */
    int index(Plan plan) {
        return play.isSelected() && plan.job().section().isSound()
                ? Math.max(0, Math.min(index, Passes.of(plan.job().section()).size() - 1))
                : -1;
    }

    void show(Plan plan) {
        int shown = index(plan);
        index = Math.max(0, shown);
        int count = shown < 0 ? 0 : Passes.of(plan.job().section()).size();
        for (var node : new Node[]{back, next, where}) {
            node.setVisible(shown >= 0);
            node.setManaged(shown >= 0);
        }
        back.setDisable(shown <= 0);
        next.setDisable(shown >= count - 1);
        where.setText(SectionTexts.PASS_OF.formatted(shown + 1, count));
    }
}
