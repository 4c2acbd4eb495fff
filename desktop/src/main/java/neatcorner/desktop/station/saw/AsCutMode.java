package neatcorner.desktop.station.saw;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.control.Typing;
import neatcorner.desktop.control.ValueTag;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.StationMode;
import neatcorner.drawing.Figure;
import neatcorner.measure.Angle;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.saw.measured.MeasuredPiece;
import neatcorner.station.saw.Assembly;
import neatcorner.station.saw.ClosingFigure;
import neatcorner.station.saw.SawFields;
import neatcorner.station.saw.SawSlates;

/** The pieces as they were cut, how they will close, and what to do about it. */
final class AsCutMode implements StationMode {
    private static final double WRAP = 840;
    private final Workbench bench;
    private final FlowPane rows = new FlowPane();
    private final LengthBox limit;
    private final Button clear;
    private final List<Row> shown = new ArrayList<>();

    AsCutMode(Workbench bench) {
        this.bench = bench;
        rows.getStyleClass().add("measured");
        rows.setPrefWrapLength(WRAP);
        limit = new LengthBox(bench, SawFields.GAP_LIMIT, SawTexts.LET_GAPS_PASS);
        clear = Controls.chip(SawTexts.FORGET_THESE, () -> bench.change(SawTexts.CHANGE_FORGET,
                job -> job.withChecks(job.checks().withMeasured(List.of()))));
        clear.setId("measured-clear");
    }

    /** One piece: its length and both its miters. */
    private final class Row extends VBox {
        private final Label letter = new Label();
        private final ValueTag length = new ValueTag();
        private final ValueTag left = new ValueTag();
        private final ValueTag right = new ValueTag();

        Row(int index) {
            letter.getStyleClass().add("piece-letter");
            getStyleClass().add("measured-piece");
            length.setId("cut-" + index);
            left.setId("cut-left-" + index);
            right.setId("cut-right-" + index);
            HBox miters = new HBox(left, right);
            miters.getStyleClass().add("captioned");
            HBox first = new HBox(letter, length);
            first.getStyleClass().add("captioned");
            first.setAlignment(Pos.CENTER_LEFT);
            getChildren().addAll(first, miters);
            for (ValueTag tag : List.of(length, left, right)) {
                tag.getStyleClass().add("boxed");
            }
        }

        void show(int index, Plan plan, Notation notation) {
            Piece piece = plan.pieces().get(index);
            MeasuredPiece measured = plan.job().checks().of(piece);
            letter.setText(piece.name());
            length.show(measured.outer(), SawTexts.LENGTH_AS_CUT.formatted(piece.name()), notation,
                    Typing.length(notation, LengthRange.MEASURED,
                            typed -> bench.change(SawTexts.CHANGE_MEASURED_PIECE, SawFields.cut(index).edit(typed))),
                    () -> {});
            left.show(measured.left(), SawTexts.LEFT_AS_CUT.formatted(piece.name()), notation,
                    Typing.angle(notation, -89, 89, typed -> keep(piece, now -> now.withLeft(typed))), () -> {});
            right.show(measured.right(), SawTexts.RIGHT_AS_CUT.formatted(piece.name()), notation,
                    Typing.angle(notation, -89, 89, typed -> keep(piece, now -> now.withRight(typed))), () -> {});
        }

        private void keep(Piece piece, UnaryOperator<MeasuredPiece> measured) {
            bench.change(SawTexts.CHANGE_MEASURED_PIECE, job -> job.withChecks(job.checks().with(
                    measured.apply(job.checks().of(piece)))));
        }
    }

    @Override
    public List<Node> bar() {
        return List.of(rows, limit, clear);
    }

    @Override
    public void show(Plan plan, Notation notation) {
        int wanted = Assembly.canJudge(plan) ? plan.pieces().size() : 0;
        while (shown.size() > wanted) {
            rows.getChildren().remove(shown.removeLast());
        }
        while (shown.size() < wanted) {
            shown.add(new Row(shown.size()));
            rows.getChildren().add(shown.getLast());
        }
        for (int i = 0; i < wanted; i++) {
            shown.get(i).show(i, plan, notation);
        }
        limit.show(plan, notation);
        clear.setDisable(plan.job().checks().measured().isEmpty());
    }

    @Override
    public Figure figure(Plan plan) {
        return Assembly.canJudge(plan)
                ? ClosingFigure.of(plan, Assembly.errors(plan),
                        plan.pieces().stream().map(Piece::name).toList())
                : BeforeMode.cannot();
    }

    @Override
    public Slate slate(Plan plan) {
        return SawSlates.asCut(plan);
    }

    @Override
    public List<Sentence> says(Plan plan) {
        if (!Assembly.canJudge(plan)) {
            return List.of(Sentence.of(SawTexts.ONLY_FLAT_HERE));
        }
        if (plan.job().checks().measured().isEmpty()) {
            return List.of(
                    Sentence.of(SawTexts.AS_CUT_HINT, Angle.ZERO));
        }
        return SawSlates.remedies(plan);
    }
}
