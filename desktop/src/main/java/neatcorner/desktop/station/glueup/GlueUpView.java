package neatcorner.desktop.station.glueup;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
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
import neatcorner.desktop.desk.Later;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.ModeTiles;
import neatcorner.desktop.draw.PictureChoice;
import neatcorner.desktop.station.CardButton;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationView;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Tint;
import neatcorner.glueup.Glue;
import neatcorner.glueup.GlueUp;
import neatcorner.glueup.Holding;
import neatcorner.glueup.Recipe;
import neatcorner.glueup.School;
import neatcorner.glueup.SqueezeOut;
import neatcorner.measure.Notation;
import neatcorner.measure.Physical;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.station.glueup.GlueUpChoices;
import neatcorner.station.glueup.GlueUpFigure;
import neatcorner.station.glueup.GlueUpPictures;
import neatcorner.station.glueup.JigFigure;

/** Station 7: the frame in its clamps with the steps of its glue-up, the jigs for it, and the shop's days. */
public final class GlueUpView extends StationView {
    /** What is shown. */
    public enum Mode {
        CLAMPS,
        JIGS,
        DAY
    }

    private static final List<Integer> CELSIUS = List.of(5, 8, 12, 16, 18, 20, 22, 25, 30, 35);
    private static final List<Integer> FAHRENHEIT = List.of(40, 46, 54, 60, 64, 68, 72, 77, 86, 95);

    private final ModeTiles<Mode> choices;
    private final MenuButton glue = new MenuButton();
    private final MenuButton room = new MenuButton();
    private final PictureChoice<Optional<School>> schools;
    private final PictureChoice<Optional<Holding>> holdings;
    private final Controls.Choices<SqueezeOut> squeezeOut;
    private final CardButton school;
    private final CardButton holding;
    private final ClampRows clampRows;
    private final Later<Plan, GlueUpChoices> known;
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
        choices = new ModeTiles<Mode>(view(), wanted -> {
            mode = wanted;
            desk.forget();
            refresh.run();
        }).with(Mode.CLAMPS, GlueUpTexts.VIEW_CLAMPS, "glue-clamps", GlueUpPictures::clamps)
                .with(Mode.JIGS, GlueUpTexts.VIEW_JIGS, "glue-jigs", GlueUpPictures::jigs)
                .with(Mode.DAY, GlueUpTexts.VIEW_DAYS, "glue-days", wood -> GlueUpPictures.days());
        known = new Later<>(bench, GlueUpChoices.NONE, (plan, search) -> GlueUpChoices.of(plan), refresh);
        glue.setId("glue");
        room.setId("room");
        finish.setId("finish");
        schools = new PictureChoice<>(view(), 3, 3, wanted -> change(now -> now.withSchool(wanted.orElse(null))));
        holdings = new PictureChoice<>(view(), 5, 4, wanted -> change(now -> now.withHolding(wanted.orElse(null))));
        schools.inCard();
        holdings.inCard();
        squeezeOut = new Controls.Choices<>(each -> change(now -> now.withSqueezeOut(each)));
        for (SqueezeOut each : SqueezeOut.values()) {
            squeezeOut.with(each, each.title(), "squeeze-" + each.name().toLowerCase(Locale.ROOT));
        }
        school = new CardButton(desk, "school", "", GlueUpTexts.ORDER_OF_CORNERS, List.of(schools));
        clampRows = new ClampRows(bench);
        holding = new CardButton(desk, "holding", "", GlueUpTexts.HELD_IN, List.of(holdings, clampRows));
        CardButton more = new CardButton(desk, "glue-more", GlueUpTexts.MORE_CHOICES, GlueUpTexts.GLUE_AND_FINISH,
                List.of(Controls.captioned(GlueUpTexts.THE_ROOM, room),
                        Controls.captioned(GlueUpTexts.THE_FINISH, finish),
                        Controls.captioned(GlueUpTexts.THE_SQUEEZE_OUT, squeezeOut)));
        for (MenuButton menu : List.of(glue, room, finish)) {
            menu.getItems().add(new MenuItem());
        }
        glue.setOnShowing(e -> listGlues());
        room.setOnShowing(e -> listRoom());
        finish.setOnShowing(e -> listFinishes());
        ofClamps = List.of(glue, holding, school, more);
        steps = new StepsPane(bench);
        jigs = new JigsPane(desk, view());
        day = new DayPane(desk, view());
        timers = new TimerBar(bench);
        addTools(choices);
        addTools(ofClamps);
        addTools(jigs.tools());
        setBelowTools(new VBox(timers));
        HBox.setHgrow(view(), Priority.ALWAYS);
        drawing = new HBox(view(), steps, jigs);
        middle.getChildren().addAll(drawing, day);
        setCenter(middle);
    }

    private void change(UnaryOperator<GlueUp> change) {
        bench().change(GlueUpTexts.CHANGE_GLUE_UP, job -> job.withGlueUp(change.apply(job.glueUp())));
    }

    private GlueUp now() {
        return bench().job().glueUp();
    }

    private static void item(MenuButton menu, String text, Runnable run) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> run.run());
        menu.getItems().add(item);
    }

    private Notation notation() {
        return bench().notation().get();
    }

    private void listGlues() {
        glue.getItems().clear();
        for (Glue each : Glue.KNOWN) {
            item(glue, GlueUpTexts.GLUE_CHOICE.formatted(Sentence.capital(each.name()),
                    notation().bare(new Scalar(each.open().least(), "", 1)),
                    each.outdoors() ? GlueUpTexts.OUTDOORS : "", each.fillsGaps() ? GlueUpTexts.FILLS_GAPS : ""),
                    () -> change(now -> now.withGlue(each)));
        }
    }

    private void listRoom() {
        room.getItems().clear();
        Notation notation = notation();
        boolean metric = notation.units() == Units.MILLIMETRES;
        for (int degrees : metric ? CELSIUS : FAHRENHEIT) {
            double celsius = Physical.Kind.TEMPERATURE.from(notation.units(), degrees);
            item(room, notation.text(Physical.temperature(celsius)),
                    () -> change(now -> now.withTemperature(celsius)));
        }
        item(room, now().outdoors() ? GlueUpTexts.HANGS_INDOORS : GlueUpTexts.HANGS_OUTDOORS,
                () -> change(now -> now.withOutdoors(!now.outdoors())));
    }

    private void showChoices(GlueUpChoices choices, GlueUp chosen, Notation notation) {
        Tint wood = Tint.wood(bench().job().section().wood());
        List<PictureChoice.Option<Optional<Holding>>> holds = new ArrayList<>();
        holds.add(new PictureChoice.Option<>(Optional.empty(), "holding-best", GlueUpTexts.BEST_THAT_FITS, "", "", true,
                chosen.holding() == null, GlueUpPictures.clamps(wood)));
        for (GlueUpChoices.Held each : choices.holdings()) {
            holds.add(new PictureChoice.Option<>(Optional.of(each.holding()), Controls.id("holding-", each.holding()),
                    notation.words(Sentence.capital(each.holding().title())), each.figure().in(notation), "",
                    each.possible(), each.holding() == chosen.holding(), each.picture()));
        }
        holdings.show(holds);
        List<PictureChoice.Option<Optional<School>>> orders = new ArrayList<>();
        orders.add(
                new PictureChoice.Option<>(Optional.empty(), "school-any", GlueUpTexts.AS_THE_GLUE_ALLOWS, "", "", true,
                        chosen.school() == null, GlueUpPictures.clamps(wood)));
        for (GlueUpChoices.Order each : choices.schools()) {
            orders.add(new PictureChoice.Option<>(Optional.of(each.school()), Controls.id("school-", each.school()),
                    Sentence.capital(each.school().title()), each.figure().in(notation), "", each.possible(),
                    each.school() == chosen.school(), each.picture()));
        }
        schools.show(orders);
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
        return switch (mode) {
            case CLAMPS -> Chapters.slate(plan, Station.GLUE_UP);
            case JIGS -> jigs.slate(plan);
            case DAY -> day.slate();
        };
    }

    @Override
    public void showTools(Plan plan, Notation notation) {
        choices.show(mode, plan.job().section().wood(), notation);
        GlueUp chosen = plan.job().glueUp();
        glue.setText(Sentence.capital(chosen.glue().name()));
        room.setText(
                GlueUpTexts.TEMPERATURE_AND_WHERE.formatted(notation.text(Physical.temperature(chosen.temperature())),
                        chosen.outdoors() ? GlueUpTexts.OUTDOORS : ""));
        School how = chosen.school();
        school.setText(how == null ? GlueUpTexts.AS_THE_GLUE_ALLOWS : Sentence.capital(how.title()));
        Holding with = chosen.holding();
        holding.setText(with == null ? GlueUpTexts.BEST_CLAMPS : Sentence.capital(with.title()));
        squeezeOut.show(chosen.squeezeOut());
        clampRows.show(plan, notation);
        switch (mode) {
            case CLAMPS -> showChoices(known.of(plan), chosen, notation);
            case JIGS -> jigs.showChoices(plan, known.of(plan), notation);
            case DAY -> {
            }
        }
        finish.setText(Sentence.capital(chosen.finish().name()));
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
