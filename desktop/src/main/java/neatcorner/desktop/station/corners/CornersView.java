package neatcorner.desktop.station.corners;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.VBox;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.document.Planning;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationView;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameFront;
import neatcorner.exchange.form.Kind;
import neatcorner.job.Job;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.shop.Shop;
import neatcorner.station.corners.CornerChoices;
import neatcorner.station.corners.CornerFigure;
import neatcorner.station.corners.CornerSlate;
import org.jspecify.annotations.Nullable;

/** Station 4: one corner close up, what holds it, and whether that fits into the wood there is. */
public final class CornersView extends StationView {
    private final MenuButton adding = new MenuButton(CornersWords.HOLD_WITH);
    private final MenuButton joint = new MenuButton();
    private final Controls.Picker which;
    private final HoldEditor editor;
    private final ComparePane compare;
    private final VBox says = new VBox();
    private final Runnable refresh;
    private Sentence said = Sentence.of("");
    private List<CornerWork.Kind> kinds = List.of();

    public CornersView(Desk desk) {
        super(desk, Station.CORNERS);
        Workbench bench = desk.bench();
        Runnable refresh = desk::refresh;
        this.refresh = refresh;
        adding.setId("hold-with");
        adding.setOnShowing(e -> listKinds());
        adding.getItems().add(new MenuItem());
        joint.setId("corner-joint");
        joint.setOnShowing(e -> listJoints());
        joint.getItems().add(new MenuItem());
        which = new Controls.Picker("corner", refresh);
        editor = new HoldEditor(bench, refresh);
        compare = new ComparePane(bench, refresh);
        says.getStyleClass().add("says");
        says.setId("corner-says");
        addTools(joint, adding, which, compare.toggle());
        setBelowTools(new VBox(editor, says, compare));
        setCaution(
                CornersWords.CAUTION);
    }

    private void listKinds() {
        Plan plan = bench().currentPlan();
        adding.getItems().clear();
        for (ReinforcementKind kind : ReinforcementKind.values()) {
            if (!kind.suits(plan.job().joint())) {
                continue;
            }
            MenuItem item = new MenuItem(CornersWords.FIT_STRONGEST.formatted(Sentence.capital(kind.title())));
            item.setId("hold-" + kind.name().toLowerCase(Locale.ROOT));
            item.setOnAction(e -> fit(kind));
            adding.getItems().add(item);
        }
    }

    private record Fit(Sentence why, Optional<Reinforcement> strongest) {}

    /** Puts the strongest of a kind in that clears everything, and says why no more goes in. */
    private void fit(ReinforcementKind kind) {
        Job before = bench().job();
        Shop shop = bench().shop();
        bench().planning().ask(Planning.Pace.QUICK, search -> {
            Plan plan = Plan.of(before, shop, () -> true);
            return new Fit(CornerChoices.why(plan, kind), CornerChoices.strongest(plan, kind));
        }, fit -> {
            said = fit.why();
            Reinforcement chosen = fit.strongest().orElse(null);
            if (chosen == null) {
                refresh.run();
                return;
            }
            editor.choose(bench().job().reinforcement().size());
            bench().change(CornersWords.CHANGE_FIT.formatted(kind.title()), job -> CornerChoices.with(job, chosen));
        }, bench()::fault);
    }

    private void listJoints() {
        Job job = bench().job();
        joint.getItems().clear();
        for (CornerJoint each : CornerJoint.values()) {
            MenuItem item = new MenuItem(bench().notation().get().words(Sentence.capital(each.title())));
            item.setDisable(each != CornerJoint.MITER
                    && (!job.outline().isRectangle() || job.outline().isSloped()));
            item.setOnAction(e -> bench().change(CornersWords.CHANGE_CORNER_JOINT, now -> now.withJoint(each)));
            joint.getItems().add(item);
        }
    }

    private CornerWork.@Nullable Kind kind(Plan plan) {
        kinds = CornerWork.of(plan).kinds();
        return kinds.isEmpty() ? null : kinds.get(Math.min(which.index(), kinds.size() - 1));
    }

    @Override
    public Figure figure(Plan plan) {
        CornerWork.Kind kind = kind(plan);
        return kind == null ? FrameFront.nothing() : CornerFigure.of(plan, kind, editor.chosen());
    }

    @Override
    public Slate slate(Plan plan) {
        CornerWork.Kind kind = kind(plan);
        return kind == null ? new Slate(List.of()) : CornerSlate.of(plan, kind);
    }

    @Override
    public void showTools(Plan plan, Notation notation) {
        kinds = CornerWork.of(plan).kinds();
        which.show(kinds.stream().map(kind -> String.join(", ", kind.at())).toList());
        joint.setText(CornersWords.JOINT.formatted(notation.words(plan.job().joint().title())));
        editor.show(plan, notation);
        compare.show(plan, notation);
        if (compare.isOpen()) {
            editor.setVisible(false);
            editor.setManaged(false);
        }
        List<Sentence> sentences = new ArrayList<>();
        if (plan.job().reinforcement().isEmpty() && said.template().isEmpty()) {
            sentences.add(
                    Sentence.of(CornersWords.ONLY_GLUE));
        } else if (!said.template().isEmpty()) {
            sentences.add(said);
        }
        Controls.say(says, compare.isOpen() ? List.of() : sentences, notation);
    }
}
