package neatcorner.desktop.shell;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import neatcorner.desktop.control.Card;
import neatcorner.desktop.control.Controls;
import neatcorner.job.DayText;
import neatcorner.job.Order;
import neatcorner.measure.Notation;
import org.jspecify.annotations.Nullable;

/** A card for what was agreed about a job: the day it is due, typed as one says it, and a note. */
final class OrderCard {
    private final LocalDate today;
    private final Notation notation;
    private final TextField day = new TextField();
    private final TextArea note = new TextArea();
    private final Label understood = new Label();
    private final Order before;

    private OrderCard(Order before, LocalDate today, Notation notation) {
        this.before = before;
        this.today = today;
        this.notation = notation;
    }

    /**
     * The card.
     *
     * @param take  hears what was agreed instead, when it is confirmed and is another
     * @param close puts the card away
     */
    static Card of(Order before, LocalDate today, Notation notation, Consumer<Order> take, Runnable close) {
        return new OrderCard(before, today, notation).card(take, close);
    }

    private Card card(Consumer<Order> take, Runnable close) {
        day.setId("order-due");
        day.setPromptText("Fri, 4 Dec, in 10 days");
        day.setText(before.due() == null ? "" : DayText.said(before.due(), today, notation.spelling()));
        understood.getStyleClass().add("hint");
        understood.setId("order-understood");
        note.setId("order-note");
        note.setPrefRowCount(3);
        note.setWrapText(true);
        note.setText(before.note());
        note.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER && e.isShortcutDown()) {
                confirm(take, close);
                e.consume();
            } else if (e.getCode() == KeyCode.TAB) {
                e.consume();
                note.getParent().lookup("#order-take").requestFocus();
            }
        });
        Label dayName = new Label("_Due");
        dayName.setMnemonicParsing(true);
        dayName.setLabelFor(day);
        Label noteName = new Label("_Note");
        noteName.setMnemonicParsing(true);
        noteName.setLabelFor(note);
        day.setAccessibleText("Due on");
        note.setAccessibleText("Note");
        FlowPane soon = new FlowPane();
        soon.getStyleClass().add("rail-row");
        for (Map.Entry<String, String> each : List.of(Map.entry("in a week", "1 week"),
                Map.entry("in 2 weeks", "2 weeks"),
                Map.entry("in 4 weeks", "4 weeks"), Map.entry("no day", ""))) {
            soon.getChildren().add(Controls.chip(each.getKey(), () -> day.setText(said(each.getValue()))));
        }
        Button done = new Button("Take it");
        done.setId("order-take");
        done.getStyleClass().add("accent");
        done.setOnAction(e -> confirm(take, close));
        day.setOnAction(e -> confirm(take, close));
        day.textProperty().subscribe(text -> {
            understood.setText(echo(text));
            done.setDisable(!text.isBlank() && meant(text).isEmpty());
        });
        HBox foot = new HBox(done);
        foot.setAlignment(Pos.CENTER_RIGHT);
        return new Card("order-card", "What was agreed", List.of(dayName, day, understood, soon, noteName, note, foot));
    }

    private String said(String typed) {
        return meant(typed).map(found -> DayText.said(found, today, notation.spelling())).orElse("");
    }

    private Optional<LocalDate> meant(String text) {
        return DayText.read(text, today, notation.spelling());
    }

    private String echo(String text) {
        if (text.isBlank()) {
            return "no day agreed";
        }
        return meant(text).map(found -> DayText.said(found, today, notation.spelling()) + ", "
                + DayText.until(found, today)).orElse("no day: say it as Fri, 4 Dec or in 10 days");
    }

    private void confirm(Consumer<Order> take, Runnable close) {
        @Nullable
        LocalDate due = meant(day.getText()).orElse(null);
        if (due == null && !day.getText().isBlank()) {
            return;
        }
        close.run();
        Order now = new Order(due, note.getText().strip());
        if (!now.equals(before)) {
            take.accept(now);
        }
    }
}
