package neatcorner.desktop.station.hanging;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.control.ToggleButton;
import neatcorner.desktop.control.AngleBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.control.TypedNumber;
import neatcorner.desktop.desk.Later;
import neatcorner.desktop.draw.PictureChoice;
import neatcorner.desktop.station.CardButton;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationView;
import neatcorner.drawing.Figure;
import neatcorner.hanging.HangBy;
import neatcorner.hanging.Hanging;
import neatcorner.hanging.OnWall;
import neatcorner.hanging.WallKind;
import neatcorner.job.Job;
import neatcorner.measure.Mass;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.station.hanging.HangingChoices;
import neatcorner.station.hanging.HangingFields;
import neatcorner.station.hanging.HangingFigure;
import neatcorner.station.hanging.HangingWork;
import neatcorner.station.hanging.WallFigure;
import neatcorner.station.hanging.WallWork;

/** Station 9: the wall with the frame on it, and what it hangs by. */
public final class HangingView extends StationView {
    private static final double POUND = 0.45359237;
    private static final double MOST_RATING = 1000;
    /** Pixels. */
    private static final double SNAP = 7;
    private static final double FURNITURE_MM = 850;
    private static final double FURNITURE_INCHES = 34;

    private final PictureChoice<HangBy> ways;
    private final CardButton way;
    private final Later<Plan, List<Way>> known;
    private final AngleBox angle;
    private final Spinner<Integer> hooks;
    private final Node hooksBox;
    private final Controls.Choices<WallKind> walls;
    private final LengthBox ceiling;
    private final LengthBox furniture;
    private final LengthBox apart;
    private final CheckBox below = new CheckBox(HangingTexts.SOMETHING_BELOW);
    private final CheckBox sleepers = new CheckBox(HangingTexts.SLEEPERS);
    private final Spinner<Double> rating;
    private final Spinner<Double> hardware;
    private final Label hardwareUnit = new Label();
    private final Label unit = new Label();
    private final WallCard frames;
    private final ToggleButton whole = new ToggleButton(HangingTexts.WITH_OTHERS);
    private boolean showing;

    /** A way to hang, with what decides for it. */
    private record Way(HangBy by, Sentence figure, boolean fits, Figure picture) {}

    public HangingView(Desk desk) {
        super(desk, Station.HANGING);
        known = new Later<>(bench(), List.of(), (plan, search) -> Arrays.stream(HangBy.values())
                .map(by -> new Way(by, HangingChoices.figure(plan, by), HangingChoices.fits(plan, by),
                        HangingFigure.picture(plan, by)))
                .toList(), desk::refresh);
        ways = new PictureChoice<HangBy>(view(), 3, 2.6, by -> change(HangingTexts.CHANGE_WAY, h -> h.withBy(by)))
                .inCard();
        ways.setId("hang-by");
        way = new CardButton(desk, "hang-way", "", HangingTexts.CHANGE_WAY, List.of(ways));
        angle = new AngleBox(HangingTexts.WIRE_ANGLE, "hanging-angle", 5, 80,
                to -> change(HangingTexts.CHANGE_ANGLE, h -> h.withAngle(to)));
        hooks = TypedNumber.count("hooks", HangingTexts.HOOKS, 1, Hanging.MOST_HOOKS, bench()::say);
        hooks.valueProperty().addListener((observed, old, now) -> {
            if (!showing && now != null) {
                change(HangingTexts.CHANGE_HOOKS, h -> h.withHooks(now));
            }
        });
        hooksBox = Controls.captioned(HangingTexts.HOOKS, hooks);
        walls = new Controls.Choices<>(kind -> change(HangingTexts.CHANGE_WALL, h -> h.withWall(kind)));
        for (WallKind kind : WallKind.values()) {
            walls.with(kind, kind.title(), "wall-" + kind.name().toLowerCase(Locale.ROOT));
        }
        ceiling = new LengthBox(bench(), HangingFields.CEILING, HangingTexts.CEILING);
        furniture = new LengthBox(bench(), HangingFields.FURNITURE, HangingTexts.FURNITURE);
        apart = new LengthBox(bench(), HangingFields.APART, HangingTexts.APART);
        below.setId("furniture-below");
        below.setOnAction(e -> change(HangingTexts.CHANGE_FURNITURE, this::withBelow));
        sleepers.setId("sleepers");
        sleepers.setOnAction(
                e -> change(HangingTexts.CHANGE_SLEEPERS, h -> h.withSleepers(sleepers.isSelected())));
        rating = rating("rating", HangingTexts.RATING, HangingTexts.CHANGE_RATING, Hanging::withRating);
        hardware = rating("hardware", HangingTexts.HARDWARE, HangingTexts.CHANGE_HARDWARE, Hanging::withHardware);
        frames = new WallCard(bench());
        whole.setId("whole-wall");
        whole.getStyleClass().add("chip");
        whole.setSelected(true);
        whole.setOnAction(e -> desk.refresh());
        addTools(way, angle, hooksBox, new CardButton(desk, "the-wall", HangingTexts.THE_WALL, HangingTexts.THE_WALL,
                List.of(Controls.captioned(HangingTexts.FIXED_TO, walls),
                        Controls.captioned(HangingTexts.RATING, rating, unit),
                        Controls.captioned(HangingTexts.HARDWARE, hardware, hardwareUnit), apart, ceiling, below,
                        furniture,
                        sleepers)),
                new CardButton(desk, "other-frames", HangingTexts.GROUP, HangingTexts.GROUP_TITLE, List.of(frames)),
                whole);
    }

    /** A rating by a label, in what this shop weighs in. */
    private Spinner<Double> rating(String id, String name, String changes, BiFunction<Hanging, Mass, Hanging> set) {
        Spinner<Double> typed = TypedNumber.decimal(id, name, 0, MOST_RATING, 1, bench()::say);
        typed.valueProperty().addListener((observed, old, now) -> {
            if (!showing && now != null) {
                double kilograms = now * (metric() ? 1 : POUND);
                change(changes, h -> set.apply(h, new Mass(kilograms)));
            }
        });
        return typed;
    }

    private void show(Spinner<Double> typed, Label unit, Mass rated) {
        double shown = rated.kilograms() / (metric() ? 1 : POUND);
        typed.getValueFactory().setValue(Math.round(shown * 100) / 100.0);
        unit.setText(metric() ? HangingTexts.KILOGRAMS : HangingTexts.POUNDS);
    }

    private boolean metric() {
        return bench().job().units() == Units.MILLIMETRES;
    }

    private Hanging withBelow(Hanging hanging) {
        return hanging.withFurniture(below.isSelected()
                ? bench().job().units().either(FURNITURE_MM, FURNITURE_INCHES)
                : null);
    }

    private void change(String name, UnaryOperator<Hanging> change) {
        bench().change(name, job -> job.withHanging(change.apply(job.hanging())));
    }

    @Override
    public Figure figure(Plan plan) {
        return isWhole(plan) ? WallFigure.of(plan) : HangingFigure.of(plan);
    }

    /** Whether the whole wall is looked at. */
    private boolean isWhole(Plan plan) {
        OnWall wall = plan.job().hanging().onWall();
        return wall != null && whole.isSelected();
    }

    /** A frame is dragged over the wall to where it snaps: within a finger's width, and never back against an arrow key. */
    @Override
    public Job dragged(Job job, int corner, double dx, double dy) {
        double reach = Math.min(SNAP / Math.max(1e-6, view().scale()), Math.hypot(dx, dy) / 2);
        return WallWork.dragged(job, corner, dx, -dy, reach);
    }

    @Override
    public String movedName() {
        return HangingTexts.CHANGE_DRAG;
    }

    @Override
    public void showTools(Plan plan, Notation notation) {
        showing = true;
        Hanging hanging = plan.job().hanging();
        way.setText(notation.words(Sentence.capital(hanging.by().title())));
        ways.show(known.of(plan).stream()
                .map(each -> new PictureChoice.Option<>(each.by(), Controls.id("hang-", each.by()),
                        notation.words(Sentence.capital(each.by().title())), each.figure().in(notation), "",
                        each.fits(), each.by() == hanging.by(), each.picture()))
                .toList());
        HangingWork.of(plan).map(HangingWork::wire).ifPresent(wire -> angle.show(wire.angle(), notation));
        boolean hangs = HangingWork.of(plan).map(work -> work.upon() == HangingWork.Upon.WALL).orElse(true);
        present(way, hangs);
        present(angle, hangs && hanging.by() == HangBy.WIRE);
        hooks.getValueFactory().setValue(hanging.hooks());
        present(hooksBox, hangs && hanging.by().isCounted());
        walls.show(hanging.wall());
        ceiling.show(plan, notation);
        furniture.show(plan, notation);
        present(furniture, hanging.furniture() != null);
        apart.show(plan, notation);
        present(apart, hanging.by().isSetApart() && hanging.hooks() > 1);
        below.setSelected(hanging.furniture() != null);
        sleepers.setSelected(hanging.sleepers());
        show(rating, unit, hanging.rating());
        show(hardware, hardwareUnit, hanging.hardware());
        frames.show(plan, notation);
        present(whole, hanging.onWall() != null);
        showing = false;
    }

    private static void present(Node node, boolean present) {
        node.setVisible(present);
        node.setManaged(present);
    }
}
