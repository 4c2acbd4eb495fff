package neatcorner.desktop.station.fitout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.draw.PictureChoice;
import neatcorner.desktop.station.CardButton;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationView;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Tint;
import neatcorner.fitout.RetainerKind;
import neatcorner.fitout.Retainers;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.measure.Theirs;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.station.fitout.FitOutFields;
import neatcorner.station.fitout.FitOutFigure;
import neatcorner.station.fitout.FitOutPictures;
import neatcorner.station.fitout.FitOutSteps;

/** Station 8: the frame face down with its back open, what goes in, and what keeps it there. */
public final class FitOutView extends StationView {
    private final PictureChoice<RetainerKind> kinds;
    private final CardButton held;
    private final CardButton spacing;
    private final CardButton screws;
    private final List<LengthBox> spaces;
    private final VBox screwBoxes = new VBox();
    private final VBox steps = new VBox();
    private List<String> rings = List.of();
    private List<LengthBox> ofRings = List.of();

    public FitOutView(Desk desk) {
        super(desk, Station.FIT_OUT);
        kinds = new PictureChoice<RetainerKind>(view(), 3, 3, this::take).inCard();
        kinds.setId("retainers");
        held = new CardButton(desk, "held-by", FitOutTexts.HELD_BY, FitOutTexts.HELD_BY, List.of(kinds));
        spaces = List.of(new LengthBox(bench(), FitOutFields.LENGTH, FitOutTexts.LENGTH_EACH),
                new LengthBox(bench(), FitOutFields.FIRST, FitOutTexts.FIRST),
                new LengthBox(bench(), FitOutFields.MOST, FitOutTexts.MOST));
        spacing = new CardButton(desk, "retainer-spacing", FitOutTexts.SPACING, FitOutTexts.SPACING, spaces);
        screwBoxes.getStyleClass().add("ordered");
        screws = new CardButton(desk, "ring-screws", FitOutTexts.SCREWS, FitOutTexts.SCREWS, List.of(screwBoxes));
        addTools(held, spacing, screws);
        steps.setId("fit-out-steps");
        steps.getStyleClass().add("ordered");
        steps.setMinWidth(0);
        setUnderDrawing(steps);
    }

    private void take(RetainerKind kind) {
        bench().change(FitOutTexts.CHANGE_RETAINERS, job -> job.withFitOut(job.fitOut().withRetainers(
                Retainers.of(kind, job.units()).withSpacing(job.fitOut().retainers().spacing()))));
    }

    @Override
    public void pressed(String key, Node at) {
        if (key.startsWith("ring-")) {
            screws.openAt(at);
        }
    }

    @Override
    public Figure figure(Plan plan) {
        return FitOutFigure.of(plan);
    }

    @Override
    public void showTools(Plan plan, Notation notation) {
        boolean inRabbet = plan.job().hold().isInRabbet() && !plan.job().pack().layers().isEmpty();
        Retainers now = plan.job().fitOut().retainers();
        present(held, inRabbet);
        present(spacing, inRabbet);
        held.setText(notation.words(Sentence.capital(now.kind().title())));
        Tint wood = Tint.wood(plan.job().section().wood());
        kinds.show(Arrays.stream(RetainerKind.values())
                .map(kind -> new PictureChoice.Option<>(kind, Controls.id("retainer-", kind),
                        notation.words(Sentence.capital(kind.title())),
                        FitOutPictures.figure(plan, kind).in(notation), "", FitOutPictures.fits(plan, kind),
                        kind == now.kind(), FitOutPictures.picture(kind, wood)))
                .toList());
        spaces.forEach(box -> box.show(plan, notation));
        showScrews(plan, notation);
        say(FitOutSteps.of(plan), notation);
    }

    private void showScrews(Plan plan, Notation notation) {
        List<String> screwed = plan.job().rings().stream().filter(ring -> ring.screws() != null)
                .map(ring -> ring.name()).toList();
        present(screws, !screwed.isEmpty());
        if (!screwed.equals(rings)) {
            rings = screwed;
            List<LengthBox> boxes = new ArrayList<>();
            screwBoxes.getChildren().clear();
            for (String ring : screwed) {
                List<LengthBox> own = List.of(
                        new LengthBox(bench(), FitOutFields.screwLength(ring),
                                FitOutTexts.SCREWS_OF.formatted(Theirs.words(ring))),
                        new LengthBox(bench(), FitOutFields.firstScrew(ring), FitOutTexts.FIRST_SCREW),
                        new LengthBox(bench(), FitOutFields.mostScrews(ring), FitOutTexts.MOST_SCREWS));
                screwBoxes.getChildren().addAll(own);
                boxes.addAll(own);
            }
            ofRings = boxes;
        }
        ofRings.forEach(box -> box.show(plan, notation));
    }

    private void say(List<Sentence> order, Notation notation) {
        List<Label> lines = new ArrayList<>();
        for (Sentence step : order) {
            Label line = new Label((lines.size() + 1) + "  " + step.in(notation));
            line.setWrapText(true);
            lines.add(line);
        }
        steps.getChildren().setAll(lines);
    }

    private static void present(Node node, boolean present) {
        node.setVisible(present);
        node.setManaged(present);
    }
}
