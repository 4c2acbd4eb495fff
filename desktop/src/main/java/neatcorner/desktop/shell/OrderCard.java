package neatcorner.desktop.shell;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import neatcorner.desktop.control.Card;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.desk.Workbench;
import neatcorner.job.DayText;
import neatcorner.job.Order;
import neatcorner.measure.Notation;

/** A card for what was agreed about a job: the day it is due, typed as one says it, and a note. */
final class OrderCard {
    private final Workbench bench;
    private final MainWindow window;
    private final TextField day = new TextField();
    private final TextField note = new TextField();
    private final Label understood = new Label();
    private final Button done = new Button(ShellTexts.TAKE_IT);
    private final Card card;
    private Order before = Order.NONE;
    /** A field has one line; a note from elsewhere may have more, and keeps them while it is not typed over. */
    private String shownNote = "";
    private Consumer<UnaryOperator<Order>> take = change -> {};

    OrderCard(Workbench bench, MainWindow window) {
        this.bench = bench;
        this.window = window;
        day.setId("order-due");
        day.setPromptText(ShellTexts.DUE_EXAMPLE);
        day.setAccessibleText(ShellTexts.DUE_ON);
        understood.getStyleClass().add("hint");
        understood.setId("order-understood");
        note.setId("order-note");
        note.setAccessibleText(ShellTexts.NOTE);
        FlowPane soon = new FlowPane();
        soon.getStyleClass().add("rail-row");
        for (Map.Entry<String, String> each : List.of(Map.entry(ShellTexts.IN_A_WEEK, ShellTexts.WEEK_TYPED),
                Map.entry(ShellTexts.IN_2_WEEKS, ShellTexts.TWO_WEEKS_TYPED),
                Map.entry(ShellTexts.IN_4_WEEKS, ShellTexts.FOUR_WEEKS_TYPED), Map.entry(ShellTexts.NO_DAY, ""))) {
            soon.getChildren().add(Controls.chip(each.getKey(), () -> day.setText(said(each.getValue()))));
        }
        done.setId("order-take");
        done.getStyleClass().add("accent");
        done.setOnAction(e -> confirm());
        day.setOnAction(e -> confirm());
        note.setOnAction(e -> confirm());
        HBox foot = new HBox(done);
        foot.setAlignment(Pos.CENTER_RIGHT);
        card = new Card("order-card", ShellTexts.AGREED,
                List.of(named("_Due", day), day, understood, soon, named("_Note", note), note, foot));
        day.textProperty().subscribe(this::echo);
    }

    private static Label named(String name, TextField field) {
        Label label = new Label(name);
        label.setMnemonicParsing(true);
        label.setLabelFor(field);
        return label;
    }

    /**
     * Opens beside a thing; {@code taken} hears what is to change in what was agreed, when it is confirmed. What was left
     * as it stood here is no part of that: it may have become another meanwhile.
     */
    void open(Order order, Node beside, Consumer<UnaryOperator<Order>> taken) {
        before = order;
        take = taken;
        LocalDate due = order.due();
        day.setText(due == null ? "" : DayText.said(due, today(), notation().spelling()));
        note.setText(order.note());
        shownNote = note.getText();
        echo(day.getText());
        window.openCard(card, beside);
    }

    private LocalDate today() {
        return bench.premises().shelves().today();
    }

    private Notation notation() {
        return bench.notation().get();
    }

    private String said(String typed) {
        return meant(typed).map(found -> DayText.said(found, today(), notation().spelling())).orElse("");
    }

    private Optional<LocalDate> meant(String text) {
        return DayText.read(text, today(), notation().spelling());
    }

    /** Says what was understood, while it is typed. */
    private void echo(String text) {
        Optional<LocalDate> found = meant(text);
        understood.setText(text.isBlank()
                ? ShellTexts.NO_DAY_AGREED
                : found.map(each -> DayText.said(each, today(), notation().spelling()) + ", "
                        + DayText.until(each, today())).orElse(ShellTexts.NOT_A_DAY));
        done.setDisable(!text.isBlank() && found.isEmpty());
    }

    private void confirm() {
        Optional<LocalDate> due = meant(day.getText());
        if (due.isEmpty() && !day.getText().isBlank()) {
            return;
        }
        window.closeCard();
        boolean dueChanged = !due.equals(Optional.ofNullable(before.due()));
        boolean noteChanged = !note.getText().equals(shownNote);
        String noted = note.getText().strip();
        if (dueChanged || noteChanged) {
            take.accept(order -> {
                Order dated = dueChanged ? order.withDue(due.orElse(null)) : order;
                return noteChanged ? dated.withNote(noted) : dated;
            });
        }
    }
}
