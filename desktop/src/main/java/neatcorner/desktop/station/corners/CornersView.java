package neatcorner.desktop.station.corners;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.ValueTag;
import neatcorner.desktop.desk.Later;
import neatcorner.desktop.document.Planning;
import neatcorner.desktop.draw.PictureChoice;
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
import neatcorner.plan.Field;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.shop.Shop;
import neatcorner.station.corners.CornerCautionWords;
import neatcorner.station.corners.CornerChoices;
import neatcorner.station.corners.CornerFigure;
import neatcorner.station.corners.CornerSlate;
import org.jspecify.annotations.Nullable;

/** Station 4: one corner close up, what holds it, and whether that fits into the wood there is. */
public final class CornersView extends StationView {
    private final PictureChoice<CornerJoint> joints;
    private final Controls.Picker which;
    private final HoldEditor editor;
    private final HeldWith held;
    private final ComparePane compare;
    private final Later<Asked, CornerChoices.Ways> ways;
    private final Runnable refresh;
    private List<CornerWork.Kind> kinds = List.of();

    private record Asked(Plan plan, boolean also) {}

    public CornersView(Desk desk) {
        super(desk, Station.CORNERS);
        refresh = desk::refresh;
        ways = new Later<>(bench(), CornerChoices.Ways.NONE,
                (asked, search) -> CornerChoices.ways(asked.plan, asked.also), refresh);
        joints = new PictureChoice<CornerJoint>(view(), 2, 2,
                joint -> bench().change(CornersTexts.CHANGE_CORNER_JOINT, job -> job.withJoint(joint))).inOneRow();
        joints.setId("corner-joint");
        which = new Controls.Picker("corner", refresh);
        editor = new HoldEditor(desk, refresh);
        held = new HeldWith(view(), editor, this::take, refresh);
        compare = new ComparePane(bench(), refresh);
        addTools(joints, which, compare.toggle());
        setBelowTools(new VBox(compare));
        setUnderDrawing(held);
    }

    /** A kind to hold the corners with was pressed; null for nothing but glue. */
    private void take(@Nullable ReinforcementKind kind, Node at) {
        List<Reinforcement> now = bench().job().reinforcement();
        if (kind == null) {
            held.say(Sentence.of(""));
            bench().change(CornersTexts.CHANGE_ONLY_GLUE, job -> CornerChoices.only(job, null));
            return;
        }
        for (int i = 0; i < now.size(); i++) {
            if (now.get(i).kind() == kind && !held.isAlso()) {
                editor.toggle(i, at);
                return;
            }
        }
        fit(kind, held.isAlso());
    }

    /** Puts the strongest of a kind in that clears everything, alone or beside the rest, and says why no more goes in. */
    private void fit(ReinforcementKind kind, boolean also) {
        Job before = bench().job();
        Shop shop = bench().shop();
        bench().planning().ask(Planning.Pace.QUICK,
                search -> CornerChoices.hold(Plan.of(before, shop, () -> true), kind, also),
                hold -> {
                    held.say(hold.why());
                    Reinforcement chosen = hold.what();
                    if (chosen == null) {
                        refresh.run();
                        return;
                    }
                    held.taken();
                    editor.choose(also ? bench().job().reinforcement().size() : 0);
                    bench().change(CornersTexts.CHANGE_FIT.formatted(kind.title()),
                            job -> also ? CornerChoices.with(job, chosen) : CornerChoices.only(job, chosen));
                }, bench()::fault);
    }

    @Override
    public @Nullable ValueTag reveal(Field field) {
        ValueTag found = super.reveal(field);
        return found != null ? found : editor.reveal(boxId(field));
    }

    @Override
    public void pressed(String key, Node at) {
        for (int i = 0; i < bench().job().reinforcement().size(); i++) {
            if (CornerFigure.key(i).equals(key)) {
                editor.toggle(i, at);
            }
        }
    }

    @Override
    public String caution(Plan plan) {
        return CornerCautionWords.of(plan);
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
        CornerChoices.Ways known = ways.of(new Asked(plan, held.isAlso()));
        List<PictureChoice.Option<CornerJoint>> options = new ArrayList<>();
        for (CornerChoices.Joint each : known.joints()) {
            options.add(new PictureChoice.Option<>(each.joint(),
                    Controls.id("joint-", each.joint()),
                    notation.words(each.joint().title()), "", "", each.possible(), plan.job().joint() == each.joint(),
                    each.picture()));
        }
        joints.show(options);
        editor.show(plan, notation);
        compare.show(plan, notation);
        held.setVisible(!compare.isOpen());
        held.setManaged(!compare.isOpen());
        held.show(plan, known, notation);
    }
}
