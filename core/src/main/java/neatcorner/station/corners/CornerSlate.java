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
        switch (what.kind().reach()) {
            case FROM_HEEL -> spline(what, parts);
            case ACROSS -> {
                switch (what.kind().body()) {
                    case SLIP_OF_WOOD -> tenon(what, parts.getFirst());
                    case ROD_OF_WOOD -> dowel(what, parts);
                    case PLATE_OF_STEEL, ROD_OF_STEEL -> alongSeam(what, parts);
                }
            }
            case FROM_BACK, THROUGH -> alongSeam(what, parts);
            case FROM_EDGE -> throughEdge(what, parts);
            case ON_BACK, IN_RABBET -> rows.add(Slate.Row.large(CornersTexts.PART_LEG.formatted(title(what)),
                    Reading.given(CornersTexts.PART_LEG.formatted(title(what)), what.size())));
        }
        rooms(index, what);
        long count = (long) what.parts() * corners()
                * plan.job().quantity();
        rows.add(Slate.Row.plain(CornersTexts.PARTS_IN_ALL.formatted(title(what)),
                Reading.computed(CornersTexts.PARTS_IN_ALL.formatted(title(what)),
                        Scalar.count(count), CornersTexts.FOR_CORNERS, Reading.given(CornersTexts.CORNERS,
                                Scalar.count((long) corners() * plan.job().quantity())))));
    }

    private int corners() {
        return plan.pieces().size();
    }

    private static String title(Reinforcement what) {
        return Sentence.capital(what.kind().title());
    }

    private static String size(Reinforcement what) {
        return "%s, %s".formatted(title(what), what.kind().sizeName());
    }

    private void spline(Reinforcement what, List<Part> parts) {
        Reading depth = Reading.given(CornersTexts.DEPTH_FROM_THE_HEEL, what.size());
        rows.add(Slate.Row.large(CornersTexts.BLADE_HEIGHT, Reading.computed(CornersTexts.BLADE_HEIGHT, what.size(),
                CornersTexts.BLADE_HEIGHT_FORMULA, depth)));
        Reading thickness = Reading.given(CornersTexts.THICKNESS, Length.mm(kind.corner().wood().thickness()));
        Reading thin = Reading.given(CornersTexts.SLOT, what.thickness());
        for (Part part : parts) {
            Reading middle = Reading.given(CornersTexts.MIDDLE_OF_THE_SLOT, Length.mm(part.fromFace()));
            Length back = kind.corner().toBack(part);
            rows.add(Slate.Row.large(numbered(CornersTexts.BACK_TO_BLADE, part, parts), Reading.computed(
                    CornersTexts.BACK_OF_THE_FRAME, back, CornersTexts.BACK_TO_BLADE_FORMULA,
                    thickness, middle, thin)));
        }
        Angle half = Angle.ofDegrees(kind.corner().wood().corner().interior().degrees() / 2);
        Reading halfCorner = Reading.given(CornersTexts.HALF_THE_CORNER, half);
        rows.add(Slate.Row.plain(CornersTexts.SPLINE_BLANK_THICK, Reading.computed(CornersTexts.SPLINE_BLANK_THICKNESS,
                what.thickness().plus(FULL), CornersTexts.BLANK_THICKNESS_FORMULA, thin,
                Reading.given(CornersTexts.OVER, FULL))));
        Length longSide = what.size().scaled(2 * half.tan()).plus(PROUD.times(2));
        Reading base = Reading.computed(CornersTexts.TRIANGLE_LONG_SIDE, longSide, CornersTexts.LONG_SIDE_FORMULA,
                depth,
                halfCorner,
                Reading.given(CornersTexts.PROUD, PROUD));
        rows.add(Slate.Row.plain(CornersTexts.TRIANGLE_LONG_SIDE, base));
        rows.add(Slate.Row.plain(CornersTexts.TRIANGLE_LEGS, Reading.computed(CornersTexts.TRIANGLE_LEGS,
                longSide.scaled(1 / (2 * half.sin())), CornersTexts.LEGS_FORMULA, base, halfCorner)));
        if (Math.abs(what.tilt().degrees()) > 1e-9) {
            rows.add(Slate.Row.large(CornersTexts.BLADE_TILTED, Reading.given(CornersTexts.BLADE_TILTED_EACH_WAY,
                    what.tilt())));
        }
    }

    /** With a number where there are several. */
    private static String numbered(String what, Part part, List<Part> parts) {
        return parts.size() > 1 ? what + " " + (part.number() + 1) : what;
    }

    private void tenon(Reinforcement what, Part part) {
        boolean biscuit = what.kind() == ReinforcementKind.BISCUIT;
        Length across = what.size();
        Reading whole = Reading.given(size(what), across);
        rows.add(Slate.Row.large(CornersTexts.DEPTH_STOP,
                Reading.computed(CornersTexts.DEPTH_STOP, across.scaled(0.5).plus(ReinforcementKind.GLUE_ROOM),
                        "½ × {0} + {1}", whole,
                        Reading.given(CornersTexts.ROOM_FOR_GLUE, ReinforcementKind.GLUE_ROOM))));
        Length near = Length.mm(part.fromHeel()).minus(what.width().scaled(0.5));
        Reading middle = place(CornersTexts.HEEL_TO_ITS_MIDDLE, part.fromHeel(), what.fromHeel());
        rows.add(Slate.Row.large(CornersTexts.HEEL_TO_NEAR_SIDE, Reading.computed(
                biscuit
                        ? CornersTexts.HEEL_TO_BISCUIT
                        : CornersTexts.HEEL_TO_MORTISE,
                near,
                "{0} − ½ × {1}", middle, Reading.given(CornersTexts.WIDTH, what.width()))));
        rows.add(Slate.Row.plain(CornersTexts.HEEL_TO_MIDDLE, middle));
        rows.add(Slate.Row.plain(CornersTexts.FACE_TO_MIDDLE,
                place(CornersTexts.FRONT_FACE_TO_ITS_MIDDLE, part.fromFace(),
                        what.fromFace())));
    }

    /** Where a part lies: as entered, or spread over the wood that is open to it. */
    private static Reading place(String name, double at, @Nullable Length given) {
        return given != null
                ? Reading.computed(name, Length.mm(at), CornersTexts.THE_PLACE_ENTERED)
                : Reading.computed(name, Length.mm(at),
                        CornersTexts.THE_USUAL_PLACE);
    }

    private void dowel(Reinforcement what, List<Part> parts) {
        Reading whole = Reading.given(CornersTexts.DOWEL_LENGTH, what.size());
        rows.add(Slate.Row.large(CornersTexts.DRILL, Reading.given(CornersTexts.DRILL_DIAMETER, what.thickness())));
        rows.add(Slate.Row.large(CornersTexts.DEPTH_STOP,
                Reading.computed(CornersTexts.DEPTH_STOP, what.size().scaled(0.5).plus(ReinforcementKind.GLUE_ROOM),
                        "½ × {0} + {1}", whole,
                        Reading.given(CornersTexts.ROOM_FOR_GLUE, ReinforcementKind.GLUE_ROOM))));
        for (Part part : parts) {
            rows.add(Slate.Row.large(numbered(CornersTexts.HEEL_TO_DOWEL, part, parts), place(
                    CornersTexts.HEEL_TO_THE_DOWELS, part.fromHeel(), what.fromHeel())));
        }
        rows.add(Slate.Row.plain(CornersTexts.FACE_TO_MIDDLE, place(CornersTexts.FRONT_FACE_TO_THE_DOWELS,
                parts.getFirst().fromFace(), what.fromFace())));
    }

    private void alongSeam(Reinforcement what, List<Part> parts) {
        rows.add(Slate.Row.large(size(what),
                Reading.given(size(what),
                        what.kind() == ReinforcementKind.PEG
                                ? plan.job().section().thickness()
                                : what.size())));
        for (Part part : parts) {
            rows.add(Slate.Row.large(CornersTexts.HEEL_TO_PART.formatted(part.name()),
                    place(CornersTexts.HEEL_TO_MIDDLE_OF_PART,
                            part.fromHeel(), what.fromHeel())));
        }
        if (what.kind().isScrew()) {
            drills(what);
        }
    }

    private void throughEdge(Reinforcement what, List<Part> parts) {
        rows.add(Slate.Row.large(CornersTexts.PART_LENGTH.formatted(title(what)),
                Reading.given(CornersTexts.PART_LENGTH.formatted(title(what)), what.size())));
        rows.add(Slate.Row.large(CornersTexts.HEEL_TO_PART.formatted(what.kind().title()),
                place(CornersTexts.HEEL_TO_FASTENER,
                        parts.getFirst().fromHeel(), what.fromHeel())));
        for (Part part : parts) {
            rows.add(Slate.Row.plain(CornersTexts.FACE_TO_PART.formatted(part.name()),
                    place((part.number() % 2 == 0
                            ? CornersTexts.FACE_FROM_SECOND_PIECE
                            : CornersTexts.FACE_FROM_FIRST_PIECE).formatted(part.name()), part.fromFace(),
                            what.fromFace())));
        }
        if (what.kind().isScrew()) {
            drills(what);
        }
    }

    private void drills(Reinforcement what) {
        ScrewGauge gauge = ScrewGauge.nearest(what.thickness());
        boolean soft = plan.job().section().wood().isSoftwood();
        Reading shank = Reading.computed(CornersTexts.SHANK_OF_A_NO.formatted(gauge.number()), gauge.diameter(),
                CornersTexts.SHANK_FORMULA);
        rows.add(Slate.Row.large(CornersTexts.PILOT_DRILL, Reading.computed(CornersTexts.PILOT_DRILL, gauge.pilot(
                plan.job().section().wood()),
                soft ? CornersTexts.PILOT_IN_SOFT_WOOD : CornersTexts.PILOT_IN_HARD_WOOD,
                shank)));
        rows.add(Slate.Row.plain(CornersTexts.CLEARANCE_DRILL,
                Reading.computed(CornersTexts.CLEARANCE_DRILL, gauge.clearance(), "{0}",
                        shank)));
        rows.add(Slate.Row.plain(CornersTexts.COUNTERSINK,
                Reading.computed(CornersTexts.COUNTERSINK_WIDTH, gauge.head(), "2 × {0}",
                        shank)));
    }

    private void rooms(int index, Reinforcement what) {
        Map<Room, Double> rooms = kind.corner().leastRooms(index);
        for (Room room : Room.values()) {
            Double free = rooms.get(room);
            if (free != null && kind.corner().clashesOf(index).isEmpty()) {
                rows.add(Slate.Row.plain(CornersTexts.ROOM_OF_A_KIND.formatted(room.title()),
                        Reading.computed(CornersTexts.ROOM_OF_A_PART.formatted(what.kind().title(), room.title()),
                                Length.mm(free),
                                CornersTexts.UNTIL_IT_COMES_TOO)));
            }
        }
    }

    private void glue() {
        JoinedCorner corner = kind.corner();
        GlueArea glue = corner.glue();
        rows.add(Slate.Row.plain(CornersTexts.GLUE_LONG_GRAIN,
                Reading.computed(CornersTexts.GLUED_LONG_GRAIN_IN_A_CORNER,
                        Physical.area(glue.longGrain()),
                        CornersTexts.BROAD_FACES_OF_SPLINES)));
        rows.add(Slate.Row.plain(CornersTexts.GLUE_END_GRAIN, Reading.computed(CornersTexts.GLUED_END_GRAIN_IN_A_CORNER,
                Physical.area(glue.endGrain()), CornersTexts.JOINTS_OWN_FACES_LESS)));
    }
}
