package neatcorner.desktop.station.section;

import java.util.List;
import javafx.scene.control.ToggleButton;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.desk.Later;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.PictureChoice;
import neatcorner.desktop.station.AtRing;
import neatcorner.desktop.station.CardButton;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationView;
import neatcorner.drawing.Figure;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.section.Rabbet;
import neatcorner.section.RabbetWay;
import neatcorner.station.section.MadeFrom;
import neatcorner.station.section.MillingSlate;
import neatcorner.station.section.SectionChoices;
import neatcorner.station.section.SectionFigure;
import neatcorner.station.section.SectionLook;

/** Station 2: the stick's end, with the pack lying in its rabbet. */
public final class SectionView extends StationView {
    private final AtRing at;
    private final WoodPicker wood;
    private final ToggleButton rabbet = new ToggleButton(SectionTexts.RABBET);
    private final ToggleButton doubleRabbet = new ToggleButton();
    private final PackCard pack;
    private final PictureChoice<RabbetWay> ways;
    private final CardButton way;
    private final PictureChoice<MadeFrom> blanks;
    private final Later<Plan, SectionChoices> known;
    private final ToggleButton safeZone = new ToggleButton(SectionTexts.SAFE_ZONE);
    private final MillingEditor milling;
    private final PassStepper passes;

    public SectionView(Desk desk) {
        super(desk, Station.SECTION);
        Workbench bench = desk.bench();
        Runnable refresh = desk::refresh;
        at = new AtRing(bench, "section-of", refresh);
        rabbet.setId("ring-rabbet");
        rabbet.getStyleClass().add("chip");
        rabbet.setOnAction(e -> at.change(SectionTexts.CHANGE_RABBET, SectionView::rabbetToggled));
        milling = new MillingEditor(desk, at);
        passes = new PassStepper(refresh);
        wood = new WoodPicker(desk, species -> at.change(SectionTexts.CHANGE_WOOD,
                job -> job.withSection(job.section().withWood(species))));
        known = new Later<>(bench, SectionChoices.NONE, (plan, search) -> SectionChoices.of(plan), refresh);
        doubleRabbet.setId("double-rabbet");
        doubleRabbet.getStyleClass().add("chip");
        doubleRabbet.setOnAction(e -> toggleStep());
        pack = new PackCard(desk);
        ways = new PictureChoice<>(view(), 5, 3.4, wanted -> at.change(SectionTexts.CHANGE_WAY_OF_THE_RABBET,
                job -> job.withSection(job.section().withMilling(job.section().milling().withWay(wanted)))));
        ways.inCard();
        way = new CardButton(desk, "rabbet-way", "", SectionTexts.HOW_RABBET_IS_CUT, List.of(ways, doubleRabbet));
        blanks = new PictureChoice<>(view(), 5, 3.4, wanted -> at.change(SectionTexts.CHANGE_BLANK,
                job -> job.withSection(wanted.of(job))));
        blanks.inCard();
        CardButton blank = new CardButton(desk, "section-blank", SectionTexts.BLANK, SectionTexts.MADE_FROM,
                List.of(blanks));
        safeZone.setId("safe-zone");
        safeZone.getStyleClass().add("chip");
        safeZone.setOnAction(e -> refresh.run());
        addTools(at, wood, pack.button(), rabbet, way, milling.adding(), blank, passes.play());
        addUnderDrawing(List.of(passes, milling, safeZone));
    }

    private void toggleStep() {
        at.change(SectionTexts.CHANGE_SECOND_STEP, SectionView::stepToggled);
    }

    private static Job stepToggled(Job job) {
        Rabbet rabbet = job.section().rabbet();
        Units units = job.units();
        Rabbet changed = rabbet.withStep(rabbet.step() != null
                ? null
                : new Rabbet.Step(rabbet.width().plus(units.either(4, 3.0 / 16)),
                        new Length(rabbet.depth().units() / 2)));
        return job.withSection(job.section().withRabbet(changed));
    }

    /** A ring lies against others by its edges: its rabbet is cut where nothing was, or left out again. */
    private static Job rabbetToggled(Job job) {
        Units units = job.units();
        return job.withSection(job.section().withRabbet(job.section().rabbet().isNone()
                ? Rabbet.plain(units.either(6, 1.0 / 4), units.either(6, 1.0 / 4))
                : Rabbet.NONE));
    }

    private void showChoices(Plan plan, Notation notation) {
        SectionChoices choices = known.of(plan);
        RabbetWay now = plan.job().section().milling().way();
        ways.show(choices.ways().stream().map(each -> new PictureChoice.Option<>(each.way(),
                Controls.id("way-", each.way()),
                notation.words(SectionTexts.WAYS.getOrDefault(each.way(), each.way().title())),
                each.figure().in(notation), "", each.possible(), each.way() == now, each.picture())).toList());
        blanks.show(choices.blanks().stream().map(each -> new PictureChoice.Option<>(each.from(),
                Controls.id("blank-", each.from()), notation.words(SectionTexts.BLANKS.getOrDefault(each.from(), "")),
                "", "", each.possible(), false, each.picture())).toList());
    }

    @Override
    public Plan cautioned(Plan plan) {
        return at.ring().plan(plan);
    }

    @Override
    public Figure figure(Plan plan) {
        Plan seen = at.ring().plan(plan);
        return SectionFigure.of(seen, new SectionLook(passes.index(seen), safeZone.isSelected()))
                .withFields(at.ring()::field);
    }

    @Override
    public Slate slate(Plan plan) {
        Plan seen = at.ring().plan(plan);
        int pass = passes.index(seen);
        return pass < 0 || !seen.job().section().isSound() ? super.slate(seen) : MillingSlate.of(seen, pass);
    }

    @Override
    public void showTools(Plan whole, Notation notation) {
        at.show(whole, notation);
        Plan plan = at.ring().plan(whole);
        boolean ring = !at.ring().ring().isEmpty();
        pack.button().setVisible(!ring);
        pack.button().setManaged(!ring);
        rabbet.setVisible(ring);
        rabbet.setManaged(ring);
        rabbet.setSelected(!plan.job().section().rabbet().isNone());
        wood.show(plan.job().section().wood());
        doubleRabbet.setText(notation.words(SectionTexts.DOUBLE_RABBET));
        doubleRabbet.setSelected(plan.job().section().rabbet().step() != null);
        way.setVisible(!plan.job().section().rabbet().isNone());
        way.setManaged(way.isVisible());
        way.setText(notation.words(SectionTexts.RABBET_BY.formatted(
                plan.job().section().milling().way().title().split(",", 2)[0])));
        pack.show(whole.job(), notation);
        showChoices(plan, notation);
        milling.show(whole, notation);
        passes.show(plan);
    }
}
