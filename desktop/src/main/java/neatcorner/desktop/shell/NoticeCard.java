package neatcorner.desktop.shell;

import javafx.beans.binding.Bindings;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.desk.Notice;
import neatcorner.desktop.desk.Notices;

/**
 * One line for the maker, the newest of those that were not read yet, on a card over the slate's foot, where nothing is clicked
 * that could be hit by mistake; it moves nothing when it comes.
 */
final class NoticeCard extends VBox {
    /** Narrower than this a line is not read at a glance. */
    private static final double LEAST = 264;

    private final Notices notices;

    /** @param slate how wide what it lies over is */
    NoticeCard(Notices notices, ReadOnlyDoubleProperty slate) {
        this.notices = notices;
        StackPane.setAlignment(this, Pos.BOTTOM_RIGHT);
        setMaxHeight(USE_PREF_SIZE);
        maxWidthProperty().bind(Bindings.max(LEAST, slate));
        notices.all().addListener((ListChangeListener<Notice>) change -> show());
        show();
    }

    private void show() {
        getChildren().clear();
        setVisible(!notices.all().isEmpty());
        if (notices.all().isEmpty()) {
            return;
        }
        Notice now = notices.all().getFirst();
        Label text = new Label((now.grave() ? "■ " : "● ") + now.text());
        text.setId("notice-text");
        text.setWrapText(true);
        text.setMinHeight(Region.USE_PREF_SIZE);
        FlowPane actions = new FlowPane();
        actions.getStyleClass().add("notice-actions");
        for (Notice.Action action : now.actions()) {
            actions.getChildren().add(Controls.chip(action.label(), () -> {
                notices.close(now);
                action.run().run();
            }));
        }
        actions.getChildren().add(Controls.chip(ShellTexts.CLOSE, () -> notices.close(now)));
        int behind = notices.all().size() - 1;
        if (behind > 0) {
            Label more = new Label(ShellTexts.MORE_NOTICES.formatted(behind));
            more.setId("notice-more");
            actions.getChildren().add(more);
        }
        getStyleClass().setAll("notice", now.grave() ? "stop" : "note");
        getChildren().setAll(text, actions);
    }
}
