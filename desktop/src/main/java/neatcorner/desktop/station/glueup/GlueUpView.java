package neatcorner.desktop.station.glueup;

import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.StepsPane;
import neatcorner.desktop.control.TimerBar;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationView;
import neatcorner.drawing.Figure;
import neatcorner.glueup.Glue;
import neatcorner.glueup.GlueUp;
import neatcorner.glueup.Holding;
import neatcorner.glueup.Recipe;
import neatcorner.glueup.School;
import neatcorner.glueup.SqueezeOut;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.station.glueup.GlueUpFigure;
import neatcorner.station.glueup.JigFigure;

/** Station 7: the frame in its clamps with the steps of its glue-up, the jigs for it, and the shop's days. */
public final class GlueUpView extends StationView {
    /** What is shown. */
    public enum Mode {
        CLAMPS,
        JIGS,
        DAY
    }

    private final Controls.Choices<Mode> choices;
    private final MenuButton glue = new MenuButton();
    private final MenuButton room = new MenuButton();
    private final MenuButton school = new MenuButton();
    private final MenuButton holding = new MenuButton();
    private final MenuButton finish = new MenuButton();
    private final StepsPane steps;
    private final JigsPane jigs;
    private final DayPane day;
    private final TimerBar timers;
    private final List<Node> ofClamps;
    private final StackPane middle = new StackPane();
    private final HBox drawing;
    private Mode mode = Mode.CLAMPS;

    public GlueUpView(Desk desk) {
        super(desk, Station.GLUE_UP);
        Workbench bench = desk.bench();
        Runnable refresh = desk::refresh;
        choices = new Controls.Choices<Mode>(wanted -> {
            mode = wanted;
            desk.forget();
            refresh.run();
        }).with(Mode.CLAMPS, GlueUpWords.VIEW_CLAMPS, "glue-clamps").with(Mode.JIGS, GlueUpWords.VIEW_JIGS, "glue-jigs")
                .with(Mode.DAY, GlueUpWords.VIEW_DAYS, "glue-days");
        glue.setId("glue");
        room.setId("room");
        school.setId("school");
        holding.setId("holding");
        finish.setId("finish");
        for (MenuButton menu : List.of(glue, room, school, holding, finish)) {
            menu.getItems().add(new MenuItem());
        }
        glue.setOnShowing(e -> listGlues());
        room.setOnShowing(e -> listRoom());
        school.setOnShowing(e -> listSchools());
        holding.setOnShowing(e -> listHoldings());
        finish.setOnShowing(e -> listFinishes());
        ofClamps = List.of(glue, room, school, holding, finish);
        steps = new StepsPane(bench);
        jigs = new JigsPane(bench, refresh);
        day = new DayPane(bench);
        timers = new TimerBar(bench);
        addTools(choices);
        addTools(ofClamps);
        addTools(jigs.tools());
        setBelowTools(new VBox(timers));
        HBox.setHgrow(view(), Priority.ALWAYS);
        drawing = new HBox(view(), steps, jigs);
        middle.getChildren().addAll(drawing, day);
        setCenter(middle);
        setCaution(
                GlueUpWords.CAUTION);
    }

    private void change(UnaryOperator<GlueUp> change) {
        bench().change(GlueUpWords.CHANGE_GLUE_UP, job -> job.withGlueUp(change.apply(job.glueUp())));
    }

    private GlueUp now() {
        return bench().job().glueUp();
    }

    private static void item(MenuButton menu, String text, Runnable run) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> run.run());
        menu.getItems().add(item);
    }

    private void listGlues() {
        glue.getItems().clear();
        for (Glue each : Glue.KNOWN) {
            item(glue, GlueUpWords.GLUE_CHOICE.formatted(Sentence.capital(each.name()), number(each.open().least()),
                    each.outdoors() ? GlueUpWords.OUTDOORS : "", each.fillsGaps() ? GlueUpWords.FILLS_GAPS : ""),
                    () -> change(now -> now.withGlue(each)));
        }
    }

    private static String number(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }

    private void listRoom() {
        room.getItems().clear();
        for (int celsius : List.of(5, 8, 12, 16, 18, 20, 22, 25, 30, 35)) {
            item(room, GlueUpWords.CELSIUS.formatted(celsius), () -> change(now -> now.withTemperature(celsius)));
        }
        item(room, now().outdoors() ? GlueUpWords.HANGS_INDOORS : GlueUpWords.HANGS_OUTDOORS,
                () -> change(now -> now.withOutdoors(!now.outdoors())));
    }

    private void listSchools() {
        school.getItems().clear();
        item(school, GlueUpWords.AS_THE_GLUE_ALLOWS, () -> change(now -> now.withSchool(null)));
        for (School each : School.values()) {
            item(school, Sentence.capital(each.title()) + ": " + each.reason(),
                    () -> change(now -> now.withSchool(each)));
        }
        for (SqueezeOut each : SqueezeOut.values()) {
            item(school, GlueUpWords.SQUEEZE_OUT.formatted(each.title()),
                    () -> change(now -> now.withSqueezeOut(each)));
        }
    }

    private void listHoldings() {
        holding.getItems().clear();
        item(holding, GlueUpWords.BEST_THAT_FITS, () -> change(now -> now.withHolding(null)));
        for (Holding each : Holding.values()) {
            item(holding, Sentence.capital(each.title()), () -> change(now -> now.withHolding(each)));
        }
    }

    private void listFinishes() {
        finish.getItems().clear();
        for (Recipe each : Recipe.KNOWN) {
            item(finish, Sentence.capital(each.name()), () -> change(now -> now.withFinish(each)));
        }
    }

    @Override
    public Figure figure(Plan plan) {
        return mode == Mode.JIGS ? JigFigure.of(jigs.design(plan)) : GlueUpFigure.of(plan);
    }

    @Override
    public Slate slate(Plan plan) {
        return mode == Mode.JIGS ? jigs.slate(plan) : Chapters.slate(plan, Station.GLUE_UP);
    }

    @Override
    public void showTools(Plan plan, Notation notation) {
        choices.show(mode);
        GlueUp chosen = plan.job().glueUp();
        glue.setText(Sentence.capital(chosen.glue().name()));
        room.setText(GlueUpWords.CELSIUS_AND_WHERE.formatted(number(chosen.temperature()),
                chosen.outdoors() ? GlueUpWords.OUTDOORS : ""));
        School how = chosen.school();
        school.setText(how == null ? GlueUpWords.AS_THE_GLUE_ALLOWS : Sentence.capital(how.title()));
        Holding with = chosen.holding();
        holding.setText(with == null ? GlueUpWords.BEST_CLAMPS : Sentence.capital(with.title()));
        finish.setText(GlueUpWords.FINISH.formatted(chosen.finish().name()));
        boolean clamps = mode == Mode.CLAMPS;
        ofClamps.forEach(node -> showIf(node, clamps));
        jigs.tools().forEach(node -> showIf(node, mode == Mode.JIGS));
        showIf(steps, clamps);
        showIf(jigs, mode == Mode.JIGS);
        showIf(drawing, mode != Mode.DAY);
        showIf(day, mode == Mode.DAY);
        timers.show();
        switch (mode) {
            case CLAMPS -> steps.show(plan, notation);
            case JIGS -> jigs.show(plan, notation);
            case DAY -> day.show();
        }
    }

    private static void showIf(Node node, boolean visible) {
        node.setVisible(visible);
        node.setManaged(visible);
    }
}
