package neatcorner.exchange.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import neatcorner.corner.Inventory;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.ScrewGauge;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Fields;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.form.Kind;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import org.jspecify.annotations.Nullable;

/** What holds a job's corners, or lies in a shop's drawers. */
final class ReinforcementForm {
    private static final Form<Length> PART = Forms.length(LengthRange.PART);
    private static final Form<Length> PLACE = Forms.length(LengthRange.PLACE);
    private static final Form<Integer> BISCUIT = Forms.number(List.of(0, 10, 20), "a biscuit's size: 0, 10 or 20");

    /** Under which some kinds are understood as well. */
    private static final Map<ReinforcementKind, String> OTHER_NAMES = Map.of(ReinforcementKind.TENON, "loose tenon",
            ReinforcementKind.SPLINE, "key", ReinforcementKind.POCKET_SCREW, "pocket-screw", ReinforcementKind.V_NAIL,
            "v nail");
    private static final List<Kind<Reinforcement>> KINDS = kinds();
    private static final Form<Integer> GAUGE = Forms.whole(0, 24);
    private static final Form<Integer> COUNT = Forms.whole(1, Reinforcement.MOST);
    private static final Form<Angle> TILT = Forms.angle(-45, 45, "an angle from −45 to 45 degrees");

    static final Form<Reinforcement> REINFORCEMENT = Form.of("reinforcement", f -> {
        Reinforcement sized = f.choose("kind", null, KINDS, "");
        int count = f.or("count", Reinforcement::count, COUNT, 1,
                "in a corner; of `pin`, `brad` and `nail`, from each side");
        Angle tilt = f.or("tilt", Reinforcement::tilt, TILT, Angle.ZERO, "of splines in a dovetailed pair");
        return sized.withCount(count).withTilt(tilt).at(
                f.maybe("fromHeel", Reinforcement::fromHeel, PLACE,
                        "to its middle, along the joint, or along the outer edge for what is driven through it"),
                f.maybe("fromFace", Reinforcement::fromFace, PLACE, "from the front to its middle"));
    });

    private ReinforcementForm() {}

    private static List<Kind<Reinforcement>> kinds() {
        List<Kind<Reinforcement>> kinds = new ArrayList<>();
        for (ReinforcementKind kind : ReinforcementKind.values()) {
            Kind<Reinforcement> one = Kind.when(kind.title(), what -> what.kind() == kind,
                    f -> kind == ReinforcementKind.BISCUIT ? biscuit(f) : sized(f, kind));
            String other = OTHER_NAMES.get(kind);
            kinds.add(other == null ? one : one.also(other));
        }
        return kinds;
    }

    private static Reinforcement biscuit(Fields<Reinforcement> f) throws BadFile {
        return Inventory.biscuit(f.must("size", ReinforcementForm::biscuitSize, BISCUIT, ""));
    }

    private static int biscuitSize(Reinforcement what) {
        for (int size : List.of(0, 10)) {
            if (Inventory.biscuit(size).width().equals(what.width())) {
                return size;
            }
        }
        return 20;
    }

    private static Reinforcement sized(Fields<Reinforcement> f, ReinforcementKind kind) throws BadFile {
        Length size = kind == ReinforcementKind.PEG
                ? Length.ZERO
                : f.must(kind.sizeName(), Reinforcement::size, PART, "");
        boolean usual = FirstDefaults.knows(kind);
        Length width = kind.widthName().isEmpty()
                ? Length.ZERO
                : usual
                        ? f.maybe(kind.widthName(), Reinforcement::width, PART, "without it, the usual one's")
                        : f.must(kind.widthName(), Reinforcement::width, PART, "");
        Integer gauge = kind.isScrew()
                ? f.maybe("gauge", ReinforcementForm::gauge, GAUGE, "the screw's number")
                : null;
        Length thick = usual
                ? f.maybe(kind.thicknessName(),
                        what -> kind.isScrew() && gauge(what) != null ? null : what.thickness(), PART,
                        kind.isScrew() ? "where it is not its gauge's" : "without it, the usual one's")
                : f.must(kind.thicknessName(), Reinforcement::thickness, PART, "");
        return Reinforcement.of(kind, size,
                gauge != null
                        ? new ScrewGauge(gauge).diameter()
                        : thick != null ? thick : FirstDefaults.part(kind, f.units()).thickness(),
                width != null ? width : FirstDefaults.part(kind, f.units()).width(), 1);
    }

    private static @Nullable Integer gauge(Reinforcement screw) {
        ScrewGauge gauge = ScrewGauge.nearest(screw.thickness());
        return gauge.diameter().equals(screw.thickness()) ? (Integer) gauge.number() : null;
    }
}
