package neatcorner.desktop.station.sticks;

import java.util.List;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import neatcorner.desktop.control.Card;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.Desk;
import neatcorner.job.Defaults;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.stock.Rack;
import neatcorner.stock.Stick;
import neatcorner.stock.SticksText;

/** A button, and its card: the sticks at hand, listed in one line as one would call them out. */
final class AtHandCard extends Button {
    private final Desk desk;
    private final Workbench bench;
    private final TextField text = new TextField();
    private final Label echo = new Label();
    private final Button take = new Button(SticksTexts.PUT_ON_THE_RACK);
    private final Button usual = new Button();
    private final Card card;

    AtHandCard(Desk desk) {
        super(SticksTexts.ADD_STICKS);
        this.desk = desk;
        bench = desk.bench();
        setId("add-stick");
        setOnAction(e -> toggle());
        text.setId("at-hand");
        text.setPrefColumnCount(24);
        text.setAccessibleText(SticksTexts.AT_HAND);
        text.setOnAction(e -> take());
        text.textProperty().subscribe(this::echo);
        echo.setId("at-hand-echo");
        echo.getStyleClass().add("hint");
        echo.setWrapText(true);
        take.setId("at-hand-take");
        take.getStyleClass().add("accent");
        take.setOnAction(e -> take());
        usual.setId("at-hand-usual");
        usual.getStyleClass().add("chip");
        usual.setOnAction(e -> {
            toggle();
            add(List.of(new SticksText.Lot(1, Defaults.usualStick(units()))));
        });
        HBox foot = new HBox(take, usual);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.getStyleClass().add("card-fields");
        card = new Card("at-hand-card", SticksTexts.AT_HAND, List.of(text, echo, foot));
    }

    private Units units() {
        return bench.notation().get().units();
    }

    private void toggle() {
        text.clear();
        echo("");
        text.setPromptText(units() == Units.INCHES ? SticksTexts.AS_INCH_STICKS : SticksTexts.AS_METRIC_STICKS);
        usual.setText(said(List.of(new SticksText.Lot(1, Defaults.usualStick(units())))));
        desk.card(card, this);
    }

    /** Says what was understood, while it is typed. */
    private void echo(String typed) {
        SticksText read = SticksText.read(typed, units());
        take.setDisable(!(read instanceof SticksText.Understood));
        echo.setText(switch (read) {
            case SticksText.Understood understood -> said(understood.lots());
            case SticksText.NotUnderstood not -> typed.isBlank() ? SticksTexts.AT_HAND_HINT : not.why();
        });
    }

    private String said(List<SticksText.Lot> lots) {
        Notation notation = bench.notation().get();
        return lots.stream().map(lot -> lot.count() + " × " + notation.text(lot.length()))
                .collect(Collectors.joining(", "));
    }

    private void take() {
        if (SticksText.read(text.getText(), units()) instanceof SticksText.Understood understood) {
            desk.card(card, this);
            add(understood.lots());
        }
    }

    private void add(List<SticksText.Lot> lots) {
        bench.change(SticksTexts.CHANGE_ADD_STICKS, job -> {
            Rack rack = job.stock();
            for (SticksText.Lot lot : lots) {
                rack = rack.plusStick(new Stick(SticksTexts.NEW_STICK.formatted(rack.sticks().size() + 1),
                        lot.length(), lot.count(), null, List.of()));
            }
            return job.withStock(rack);
        });
    }
}
