package neatcorner.plan;

import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.SizeOf;
import neatcorner.measure.Length;
import neatcorner.measure.Reading;
import neatcorner.outline.Opening;

/** The sizes of a frame as readings, each computed from its neighbour in the direction away from what was measured. */
public final class SizeReadings {
    private final Plan plan;
    private final FrameSizes sizes;
    private final SizeOf from;

    public SizeReadings(Plan plan) {
        this.plan = plan;
        this.sizes = plan.sizes();
        this.from = plan.job().sizeOf();
    }

    /** The word for a direction, in US words. */
    public static String direction(boolean across) {
        return across ? PlanTexts.WIDTH : PlanTexts.HEIGHT;
    }

    /** Of an opening, its width or its height. */
    public static Length pick(Opening opening, boolean across) {
        return across ? opening.width() : opening.height();
    }

    /** Of the art, or the sheet. */
    public Reading art(boolean across) {
        Length value = pick(sizes.art(), across);
        String name = PlanTexts.ART.formatted(direction(across));
        if (from == SizeOf.ART) {
            return Reading.given(name, value);
        }
        return plan.job().pack().mat()
                .map(mat -> around(name, value, window(across), "+", Reading.given(PlanTexts.OVERLAP, mat.overlap())))
                .orElseGet(() -> fromRabbet(name, value, across));
    }

    /** Of the mat's window. */
    public Reading window(boolean across) {
        Opening window = sizes.window() == null ? sizes.art() : sizes.window();
        Length value = pick(window, across);
        String name = PlanTexts.WINDOW.formatted(direction(across));
        var mat = plan.job().pack().mat().orElse(null);
        if (mat == null) {
            return Reading.given(name, value);
        }
        if (from == SizeOf.ART) {
            return around(name, value, art(across), "−", Reading.given(PlanTexts.OVERLAP, mat.overlap()));
        }
        return Reading.computed(name, value, "{0} − {1} − {2}", pack(across), border(across, 0),
                border(across, 1));
    }

    private Reading border(boolean across, int second) {
        var borders = plan.job().pack().mat().orElseThrow().borders();
        return across
                ? second == 0
                        ? Reading.given(PlanTexts.LEFT_BORDER, borders.left())
                        : Reading.given(PlanTexts.RIGHT_BORDER, borders.right())
                : second == 0
                        ? Reading.given(PlanTexts.TOP_BORDER, borders.top())
                        : Reading.given(PlanTexts.BOTTOM_BORDER, borders.bottom());
    }

    /** The mat's outer size; without a mat, the art's. */
    public Reading pack(boolean across) {
        if (sizes.window() == null) {
            return art(across);
        }
        Length value = pick(sizes.pack(), across);
        String name = PlanTexts.MAT_OUTER.formatted(direction(across));
        return from == SizeOf.ART
                ? Reading.computed(name, value, "{0} + {1} + {2}", window(across), border(across, 0),
                        border(across, 1))
                : fromRabbet(name, value, across);
    }

    private Reading fromRabbet(String name, Length value, boolean across) {
        return around(name, value, rabbet(across), "−", clearance());
    }

    private Reading clearance() {
        return Reading.given(PlanTexts.CLEARANCE, plan.job().clearance());
    }

    private Reading rabbetWidth() {
        Reading cut = Reading.given(PlanTexts.RABBET_WIDTH, plan.job().section().rabbet().width());
        return plan.job().outline().isSloped()
                ? Reading.computed(PlanTexts.SIGHT_EDGE_TO_RABBET, plan.seat().wall(),
                        PlanTexts.LEVEL_SIZE_FORMULA, cut)
                : cut;
    }

    /** Of the rabbet, from wall to wall. */
    public Reading rabbet(boolean across) {
        Length value = pick(sizes.rabbet(), across);
        String name = PlanTexts.RABBET_SIZE.formatted(direction(across));
        return switch (from) {
            case RABBET -> Reading.given(name, value);
            case ART -> around(name, value, pack(across), "+", clearance());
            case SIGHT, OUTSIDE -> around(name, value, sight(across), "+", rabbetWidth());
        };
    }

    /** Of what is seen, from lip to lip. */
    public Reading sight(boolean across) {
        Length value = pick(sizes.sight(), across);
        String name = PlanTexts.SIGHT.formatted(direction(across));
        return switch (from) {
            case SIGHT -> Reading.given(name, value);
            case OUTSIDE -> sides(name, value, outside(across), "−", across);
            case ART, RABBET -> around(name, value, rabbet(across), "−", rabbetWidth());
        };
    }

    /** Of the whole frame. */
    public Reading outside(boolean across) {
        Length value = pick(sizes.outside(), across);
        String name = PlanTexts.OUTSIDE.formatted(direction(across));
        return from == SizeOf.OUTSIDE
                ? Reading.given(name, value)
                : sides(name, value, sight(across), "+", across);
    }

    /** As much more, or less, on every side: twice of it across a rectangle, and not across another shape. */
    private Reading around(String name, Length value, Reading base, String sign, Reading each) {
        return Reading.computed(name, value, plan.job().outline().isRectangle()
                ? "{0} %s 2 × {1}".formatted(sign)
                : PlanTexts.AROUND_FORMULA.formatted(sign), base, each);
    }

    /** Of another shape than a flat rectangle, edges are moved square to each side; their box is what is read. */
    private boolean isPlain() {
        return plan.job().outline().isRectangle() && !plan.job().outline().isSloped();
    }

    private Reading reach() {
        Length width = plan.job().section().width();
        return plan.job().outline().isSloped()
                ? Reading.computed(PlanTexts.REACH, plan.job().section().reach(plan.job().outline().slope()),
                        PlanTexts.REACH_FORMULA)
                : Reading.given(PlanTexts.FACE_WIDTH, width);
    }

    private Reading sides(String name, Length value, Reading base, String sign, boolean across) {
        if (!isPlain()) {
            return Reading.computed(name, value, plan.job().outline().isSloped()
                    ? PlanTexts.AROUND_FORMULA.formatted(sign)
                    : PlanTexts.SIDES_FORMULA.formatted(sign), base,
                    reach());
        }
        var faces = plan.job().faces();
        Length first = across ? faces.left() : faces.top();
        Length second = across ? faces.right() : faces.bottom();
        return first.equals(second)
                ? Reading.computed(name, value, "{0} %s 2 × {1}".formatted(sign), base,
                        Reading.given(PlanTexts.FACE_WIDTH, first))
                : Reading.computed(name, value, "{0} " + sign + " {1} " + sign + " {2}", base,
                        Reading.given(across ? PlanTexts.LEFT_FACE : PlanTexts.TOP_FACE, first),
                        Reading.given(across ? PlanTexts.RIGHT_FACE : PlanTexts.BOTTOM_FACE, second));
    }
}
