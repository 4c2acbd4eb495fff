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
import neatcorner.desktop.station.AtRing;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationView;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameFront;
import neatcorner.exchange.form.Kind;
import neatcorner.job.Job;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.AsFrame;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Field;
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
    private final AtRing at;
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
        at = new AtRing(bench(), "corners-of", refresh);
        ways = new Later<>(bench(), CornerChoices.Ways.NONE,
                (asked, search) -> CornerChoices.ways(asked.plan, asked.also), refresh);
        joints = new PictureChoice<CornerJoint>(view(), 2, 2,
                joint -> at.change(CornersTexts.CHANGE_CORNER_JOINT, job -> job.withJoint(joint))).inOneRow();
        joints.setId("corner-joint");
        which = new Controls.Picker("corner", refresh);
        editor = new HoldEditor(desk, at, refresh);
        held = new HeldWith(view(), editor, this::take, refresh);
        compare = new ComparePane(bench(), at, refresh);
        addTools(at, joints, which, compare.toggle());
        setBelowTools(new VBox(compare));
        setUnderDrawing(held);
    }

    /** A kind to hold the corners with was pressed; null for nothing but glue. */
    private void take(@Nullable ReinforcementKind kind, Node beside) {
        List<Reinforcement> now = at.now().reinforcement();
        if (kind == null) {
            held.say(Sentence.of(""));
            at.change(CornersTexts.CHANGE_ONLY_GLUE, job -> CornerChoices.only(job, null));
            return;
        }
        for (int i = 0; i < now.size(); i++) {
            if (now.get(i).kind() == kind && !held.isAlso()) {
                editor.toggle(i, beside);
                return;
            }
        }
        fit(kind, held.isAlso());
    }

    /** Puts the strongest of a kind in that clears everything, alone or beside the rest, and says why no more goes in. If the
     * job is changed meanwhile, it is fitted anew. */
    private void fit(ReinforcementKind kind, boolean also) {
        Job before = bench().job();
        Shop shop = bench().shop();
        AsFrame ring = at.ring();
        bench().planning().ask(Planning.Pace.QUICK,
                search -> CornerChoices.hold(ring.plan(Plan.of(before, shop, () -> true)), kind, also),
                hold -> {
                    if (!bench().job().equals(before) || !bench().shop().equals(shop)) {
                        fit(kind, also);
                        return;
                    }
                    held.say(hold.why());
                    Reinforcement chosen = hold.what();
                    if (chosen == null) {
                        refresh.run();
                        return;
                    }
                    held.taken();
                    editor.choose(also ? at.now().reinforcement().size() : 0);
                    bench().change(CornersTexts.CHANGE_FIT.formatted(kind.title()), ring.change(
                            job -> also ? CornerChoices.with(job, chosen) : CornerChoices.only(job, chosen)));
                }, bench()::fault);
    }

    @Override
    public @Nullable ValueTag reveal(Field field) {
        ValueTag found = super.reveal(field);
        return found != null ? found : editor.reveal(boxId(field));
    }

    @Override
    public void pressed(String key, Node beside) {
        for (int i = 0; i < at.now().reinforcement().size(); i++) {
            if (CornerFigure.key(i).equals(key)) {
                editor.toggle(i, beside);
            }
        }
    }

    @Override
    public Plan cautioned(Plan plan) {
        return at.ring().plan(plan);
    }

    private CornerWork.@Nullable Kind kind(Plan seen) {
        kinds = CornerWork.of(seen).kinds();
        return kinds.isEmpty() ? null : kinds.get(Math.min(which.index(), kinds.size() - 1));
    }

    @Override
    public Figure figure(Plan plan) {
        Plan seen = at.ring().plan(plan);
        CornerWork.Kind kind = kind(seen);
        return kind == null
                ? FrameFront.nothing()
                : CornerFigure.of(seen, kind, editor.chosen()).withFields(at.ring()::field);
    }

    @Override
    public Slate slate(Plan plan) {
        Plan seen = at.ring().plan(plan);
        CornerWork.Kind kind = kind(seen);
        return kind == null ? new Slate(List.of()) : CornerSlate.of(seen, kind);
    }

    @Override
    public void showTools(Plan whole, Notation notation) {
        at.show(whole, notation);
        Plan plan = at.ring().plan(whole);
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
        editor.show(whole, notation);
        compare.show(plan, notation);
        held.setVisible(!compare.isOpen());
        held.setManaged(!compare.isOpen());
        held.show(plan, known, notation);
    }
}
