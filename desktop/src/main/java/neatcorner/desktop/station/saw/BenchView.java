package neatcorner.desktop.station.saw;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.FiguresLabel;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.FigureView;
import neatcorner.desktop.station.BenchScreen;
import neatcorner.desktop.station.BenchTexts;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.piece.Tip;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.saw.Saw;
import neatcorner.saw.SawCut;
import neatcorner.saw.Side;
import neatcorner.station.saw.SawFigure;

/**
 * The bench view: one number fills the screen, with the piece's letter and how it lies. Space ticks the cut off and goes
 * on, Backspace goes back, Esc leaves.
 */
public final class BenchView extends BenchScreen {
    private final Workbench bench;
    private final Label what = new Label();
    private final Label letter = new Label();
    private final FiguresLabel number = new FiguresLabel();
    private final Label meaning = new Label();
    private final FiguresLabel miter = new FiguresLabel();
    private final Label tilt = new Label();
    private final FigureView picture = new FigureView();
    private final ProgressBar progress = new ProgressBar(0);

    public BenchView(Workbench bench, Runnable left) {
        super("bench-view", left);
        this.bench = bench;
        what.getStyleClass().add("bench-what");
        what.setId("bench-what");
        letter.getStyleClass().add("bench-letter");
        number.getStyleClass().add("bench-number");
        meaning.getStyleClass().add("bench-meaning");
        miter.getStyleClass().add("bench-miter");
        progress.setMaxWidth(Double.MAX_VALUE);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox top = new HBox(what, space, button(BenchTexts.BACK, this::back),
                button(BenchTexts.DONE, this::next), button(BenchTexts.LEAVE, this::close));
        top.setAlignment(Pos.CENTER_LEFT);
        top.getStyleClass().add("bench-top");
        VBox figures = new VBox(number, meaning);
        figures.setAlignment(Pos.CENTER_LEFT);
        HBox middle = new HBox(letter, figures, miter, tilt);
        tilt.getStyleClass().add("bench-tilt");
        tilt.setId("bench-tilt");
        middle.setAlignment(Pos.CENTER);
        middle.getStyleClass().add("bench-middle");
        setTop(new VBox(top, progress));
        VBox center = new VBox(middle, picture);
        VBox.setVgrow(picture, Priority.ALWAYS);
        setCenter(center);
        bench.cut().addListener((observed, old, now) -> show(bench.currentPlan(), bench.notation().get()));
    }

    @Override
    public void open() {
        appear();
        show(bench.currentPlan(), bench.notation().get());
        requestFocus();
    }

    @Override
    public void show(Plan plan, Notation notation) {
        if (!isVisible()) {
            return;
        }
        beware(Station.SAW, plan, notation);
        boolean empty = plan.cuts().isEmpty();
        picture.setVisible(!empty);
        if (empty) {
            what.setText(SawTexts.NOTHING_TO_CUT_WHY);
            letter.setText("");
            number.getChildren().clear();
            meaning.setText("");
            return;
        }
        int index = Math.min(bench.cut().get(), plan.cuts().size() - 1);
        SawCut cut = plan.cuts().get(index);
        what.setText(CutsMode.title(plan, index, notation));
        progress.setProgress((index + 0.0) / plan.cuts().size());
        letter.setText(cut.piece().label(plan.job().quantity()));
        Length stop = cut.stop();
        number.show(notation.figures(
                stop != null ? stop : cut.leaves(plan.job().saw())), true);
        Saw saw = plan.job().saw();
        Side swing = cut.swing(saw);
        Side leans = cut.leans(saw);
        meaning.setText(notation.words(SawTexts.HOW_IT_LIES.formatted(
                stop == null ? SawTexts.LEAVE : touchesToe(cut) ? SawTexts.STOP_AT_TOE : SawTexts.STOP,
                swing == null ? SawTexts.SAW_SQUARE : SawTexts.SAW_TO.formatted(swing.title()),
                cut.isFaceDown(saw) ? SawTexts.FACE_DOWN : SawTexts.FACE_UP,
                saw.reachesMiter(cut.miter()) ? "" : SawTexts.AGAINST_AUXILIARY_FENCE)));
        miter.show(notation.figures(Angle.ofDegrees(Math.abs(saw.set(cut.miter()).degrees()))), true);
        tilt.setVisible(leans != null);
        tilt.setManaged(leans != null);
        tilt.setText(leans == null
                ? ""
                : notation.words(SawTexts.TILT_TO
                        .formatted(notation.text(Angle.ofDegrees(Math.abs(cut.bevel().degrees()))), leans.title())));
        picture.show(SawFigure.of(plan, cut), notation);
    }

    private static boolean touchesToe(SawCut cut) {
        return cut.piece().piece().left().tip() == Tip.TOE;
    }

    @Override
    public void next() {
        Plan plan = bench.currentPlan();
        int index = bench.cut().get();
        if (index < plan.cuts().size()) {
            bench.premises().cutLog().add(plan.job(), plan.cuts().get(index));
        }
        if (index + 1 < plan.cuts().size()) {
            bench.cut().set(index + 1);
        } else {
            progress.setProgress(1);
            what.setText(SawTexts.ALL_CUT.formatted(plan.cuts().size()));
        }
    }

    @Override
    public void back() {
        bench.cut().set(Math.max(0, bench.cut().get() - 1));
    }
}
