package neatcorner.station.corners;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.ScrewGauge;
import neatcorner.corner.solid.GlueArea;
import neatcorner.corner.solid.JoinedCorner;
import neatcorner.corner.solid.Part;
import neatcorner.corner.solid.Room;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Physical;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import org.jspecify.annotations.Nullable;

/** The figures at the corners: how deep, where from heel and face, what to cut and drill, how much glue holds. */
public final class CornerSlate {
    /** Sawn full, and sanded to a push fit: common practice. */
    private static final Length FULL = Length.mm(0.2);
    /** Triangles stand proud and are flushed: common practice. */
    private static final Length PROUD = Length.mm(2);

    private final Plan plan;
    private final CornerWork.Kind kind;
    private final List<Slate.Row> rows = new ArrayList<>();

    private CornerSlate(Plan plan, CornerWork.Kind kind) {
        this.plan = plan;
        this.kind = kind;
    }

    static Slate of(Plan plan) {
        List<CornerWork.Kind> kinds = CornerWork.of(plan).kinds();
        return kinds.isEmpty() ? new Slate(List.of()) : of(plan, kinds.getFirst());
    }

    /** Of one kind of corner. */
    public static Slate of(Plan plan, CornerWork.Kind kind) {
        CornerSlate slate = new CornerSlate(plan, kind);
        List<Reinforcement> all = kind.corner().reinforcements();
        for (int i = 0; i < all.size(); i++) {
            slate.add(i, all.get(i));
        }
        slate.glue();
        return new Slate(slate.rows);
    }

    private void add(int index, Reinforcement what) {
        List<Part> parts = kind.corner().parts().stream().filter(part -> part.of() == index).toList();
        if (parts.isEmpty()) {
            return;
        }
        switch (what.kind()) {
            case SPLINE, SLIP -> spline(what, parts);
            case TENON, BISCUIT -> tenon(what, parts.getFirst());
            case DOWEL -> dowel(what, parts);
            case V_NAIL, STAPLE, POCKET_SCREW, PEG, CORRUGATED -> alongSeam(what, parts);
            case PIN, BRAD, NAIL, SCREW -> throughEdge(what, parts);
            case BRACE, BLOCK -> rows.add(Slate.Row.large(title(what) + ", leg",
                    Reading.given(title(what) + ", leg", what.size())));
        }
        rooms(index, what);
        long count = (long) what.parts() * corners()
                * plan.job().quantity();
        rows.add(Slate.Row.plain(title(what) + "s in all", Reading.computed(title(what) + "s in all",
                Scalar.count(count), "for {0} corners", Reading.given("Corners",
                        Scalar.count((long) corners() * plan.job().quantity())))));
    }

    private int corners() {
        return plan.pieces().size();
    }

    private static String title(Reinforcement what) {
        return Sentence.capital(what.kind().title());
    }

    private void spline(Reinforcement what, List<Part> parts) {
        Reading depth = Reading.given("Depth from the heel", what.size());
        rows.add(Slate.Row.large("Blade height", Reading.computed("Blade height", what.size(),
                "{0}, along the diagonal: blade above the cradle's lowest point", depth)));
        Reading thickness = Reading.given("Thickness", plan.job().section().thickness());
        Reading thin = Reading.given("Slot", what.thickness());
        for (Part part : parts) {
            Reading middle = Reading.given("Middle of the slot from the front", Length.mm(part.fromFace()));
            Length back = kind.corner().toBack(part);
            rows.add(Slate.Row.large("Back to blade" + number(part, parts), Reading.computed(
                    "Back of the frame to the blade", back, "{0} − {1} − ½ × {2}: fence, less the cradle's upright",
                    thickness, middle, thin)));
        }
        Angle half = Angle.ofDegrees(kind.corner().wood().corner().interior().degrees() / 2);
        Reading halfCorner = Reading.given("Half the corner", half);
        rows.add(Slate.Row.plain("Spline blank, thick", Reading.computed("Spline blank, thickness",
                what.thickness().plus(FULL), "{0} + {1}: sawn full, sanded to a push fit", thin,
                Reading.given("Over", FULL))));
        Length longSide = what.size().scaled(2 * half.tan()).plus(PROUD.times(2));
        Reading base = Reading.computed("Triangle, long side", longSide, "2 × {0} × tan {1} + 2 × {2}", depth,
                halfCorner,
                Reading.given("Proud", PROUD));
        rows.add(Slate.Row.plain("Triangle, long side", base));
        rows.add(Slate.Row.plain("Triangle, legs", Reading.computed("Triangle, legs",
                longSide.scaled(1 / (2 * half.sin())), "{0} ÷ (2 × sin {1})", base, halfCorner)));
        if (Math.abs(what.tilt().degrees()) > 1e-9) {
            rows.add(Slate.Row.large("Blade tilted", Reading.given("Blade tilted, each second slot the other way",
                    what.tilt())));
        }
    }

    private static String number(Part part, List<Part> parts) {
        return parts.size() > 1 ? " " + (part.number() + 1) : "";
    }

    private void tenon(Reinforcement what, Part part) {
        boolean biscuit = what.kind() == ReinforcementKind.BISCUIT;
        Length across = what.size();
        Reading whole = Reading.given(title(what) + ", " + what.kind().sizeName(), across);
        rows.add(Slate.Row.large("Depth stop",
                Reading.computed("Depth stop", across.scaled(0.5).plus(ReinforcementKind.GLUE_ROOM),
                        "½ × {0} + {1}", whole, Reading.given("Room for glue", ReinforcementKind.GLUE_ROOM))));
        Length near = Length.mm(part.fromHeel()).minus(what.width().scaled(0.5));
        Reading middle = place("Heel to its middle", part.fromHeel(), what.fromHeel());
        rows.add(Slate.Row.large("Heel to near side", Reading.computed(
                "Heel to the " + (biscuit ? "biscuit" : "mortise") + "'s near side, along the miter", near,
                "{0} − ½ × {1}", middle, Reading.given("Width", what.width()))));
        rows.add(Slate.Row.plain("Heel to middle", middle));
        rows.add(Slate.Row.plain("Face to middle", place("Front face to its middle", part.fromFace(),
                what.fromFace())));
    }

    /** Where a part lies: as entered, or spread over the wood that is open to it. */
    private static Reading place(String name, double at, @Nullable Length given) {
        return given != null
                ? Reading.computed(name, Length.mm(at), "from the place that was entered")
                : Reading.computed(name, Length.mm(at),
                        "the usual place: in the middle of the open wood, several spread over it");
    }

    private void dowel(Reinforcement what, List<Part> parts) {
        Reading whole = Reading.given("Dowel, length", what.size());
        rows.add(Slate.Row.large("Drill", Reading.given("Drill, diameter", what.thickness())));
        rows.add(Slate.Row.large("Depth stop",
                Reading.computed("Depth stop", what.size().scaled(0.5).plus(ReinforcementKind.GLUE_ROOM),
                        "½ × {0} + {1}", whole, Reading.given("Room for glue", ReinforcementKind.GLUE_ROOM))));
        for (Part part : parts) {
            rows.add(Slate.Row.large("Heel to dowel" + number(part, parts), place(
                    "Heel to the dowel's middle, along the miter", part.fromHeel(), what.fromHeel())));
        }
        rows.add(Slate.Row.plain("Face to middle", place("Front face to the dowels' middle",
                parts.getFirst().fromFace(), what.fromFace())));
    }

    private void alongSeam(Reinforcement what, List<Part> parts) {
        rows.add(Slate.Row.large(title(what) + ", " + what.kind().sizeName(),
                Reading.given(title(what) + ", " + what.kind().sizeName(),
                        what.kind() == ReinforcementKind.PEG
                                ? plan.job().section().thickness()
                                : what.size())));
        for (Part part : parts) {
            rows.add(Slate.Row.large("Heel to " + part.name(), place("Heel to its middle, along the joint",
                    part.fromHeel(), what.fromHeel())));
        }
        if (what.kind().isScrew()) {
            drills(what);
        }
    }

    private void throughEdge(Reinforcement what, List<Part> parts) {
        rows.add(Slate.Row.large(title(what) + ", length", Reading.given(title(what) + ", length", what.size())));
        rows.add(Slate.Row.large("Heel to " + what.kind().title(), place("Heel to it, along the outer edge",
                parts.getFirst().fromHeel(), what.fromHeel())));
        for (Part part : parts) {
            rows.add(Slate.Row.plain("Face to " + part.name(), place("Front face to " + part.name() + ", "
                    + (part.number() % 2 == 0 ? "from the second piece" : "from the first piece"), part.fromFace(),
                    what.fromFace())));
        }
        if (what.kind().isScrew()) {
            drills(what);
        }
    }

    private void drills(Reinforcement what) {
        ScrewGauge gauge = ScrewGauge.nearest(what.thickness());
        boolean soft = plan.job().section().wood().isSoftwood();
        Reading shank = Reading.computed("Shank of a No. " + gauge.number(), gauge.diameter(),
                "[1.52 mm + 0.33 mm|0.060 in + 0.013 in] × the gauge");
        rows.add(Slate.Row.large("Pilot drill", Reading.computed("Pilot drill", gauge.pilot(
                plan.job().section().wood()),
                (soft ? "0.6" : "0.7") + " × {0}, in " + (soft ? "soft" : "hard")
                        + " wood",
                shank)));
        rows.add(Slate.Row.plain("Clearance drill", Reading.computed("Clearance drill", gauge.clearance(), "{0}",
                shank)));
        rows.add(Slate.Row.plain("Countersink", Reading.computed("Countersink, width", gauge.head(), "2 × {0}",
                shank)));
    }

    private void rooms(int index, Reinforcement what) {
        Map<Room, Double> rooms = kind.corner().leastRooms(index);
        for (Room room : Room.values()) {
            Double free = rooms.get(room);
            if (free != null && kind.corner().clashesOf(index).isEmpty()) {
                rows.add(Slate.Row.plain("Room " + room.title(), Reading.computed("Room of the "
                        + what.kind().title() + " " + room.title(), Length.mm(free),
                        "until it comes too near to something")));
            }
        }
    }

    private void glue() {
        JoinedCorner corner = kind.corner();
        GlueArea glue = corner.glue();
        rows.add(Slate.Row.plain("Glue, long grain", Reading.computed("Glued long grain in a corner",
                Physical.area(glue.longGrain()),
                "broad faces of splines, tenons, cheeks; half of round holes")));
        rows.add(Slate.Row.plain("Glue, end grain", Reading.computed("Glued end grain in a corner",
                Physical.area(glue.endGrain()), "the joint's own faces, less what parts take out of them")));
    }
}
