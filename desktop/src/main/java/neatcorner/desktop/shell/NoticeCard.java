package neatcorner.desktop.shell;

import javafx.beans.property.ObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.desk.Notice;
import org.jspecify.annotations.Nullable;

/**
 * One line for the maker, on a card over the slate's foot, where nothing is clicked that could be hit by mistake; it moves
 * nothing when it comes.
 */
final class NoticeCard extends VBox {
    private final ObjectProperty<@Nullable Notice> notice;

    NoticeCard(ObjectProperty<@Nullable Notice> notice) {
        this.notice = notice;
        StackPane.setAlignment(this, Pos.BOTTOM_RIGHT);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        notice.subscribe(this::show);
    }

    private void show(@Nullable Notice now) {
        getChildren().clear();
        setVisible(now != null);
        if (now == null) {
            return;
        }
        Label text = new Label((now.grave() ? "■ " : "● ") + now.text());
        text.setId("notice-text");
        text.setWrapText(true);
        text.setMinHeight(Region.USE_PREF_SIZE);
        FlowPane actions = new FlowPane();
        actions.getStyleClass().add("notice-actions");
        for (Notice.Action action : now.actions()) {
            actions.getChildren().add(Controls.chip(action.label(), () -> {
                notice.set(null);
                action.run().run();
            }));
        }
        actions.getChildren().add(Controls.chip(ShellTexts.CLOSE, () -> notice.set(null)));
        getStyleClass().setAll("notice", now.grave() ? "stop" : "note");
        getChildren().setAll(text, actions);
    }
}
