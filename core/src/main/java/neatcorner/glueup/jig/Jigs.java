package neatcorner.glueup.jig;

import java.util.ArrayList;
import java.util.List;
import neatcorner.glueup.jig.JigDesign.Hole;
import neatcorner.glueup.jig.JigDesign.Part;
import neatcorner.glueup.jig.JigDesign.Template;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.outline.Vertex;
import org.jspecify.annotations.Nullable;

/**
 * Designs of the jigs, from what they must hold. All are cut from one thickness of board; sizes are common practice unless
 * they follow from the frame.
 */
public final class Jigs {
    private static final double INCH = 25.4;

    private final Units units;
    private final Length board;
    private final double screw;
    private final double relief;
    /** Screws of a cradle stay this far above the blade, mm. */
    private final double aboveBlade;

    /**
     * Jigs of round sizes in a shop's own system.
     *
     * @param board thickness of the board they are cut from
     */
    public Jigs(Units units, Length board) {
        this.units = units;
        this.board = board;
        this.screw = round(6);
        this.relief = round(8);
        this.aboveBlade = round(20);
    }

    /** The board that jigs are cut from where there is nothing else. */
    public static Length usualBoard(Units units) {
        return units.either(18, 0.75);
    }

    private static Length mm(double mm) {
        return Length.mm(mm);
    }

    /** The size that a shop of this system would take where another takes so many whole millimetres; in mm. */
    private double round(double mm) {
        int parts = mm < 20 ? 16 : 8;
        return units == Units.MILLIMETRES ? mm : Math.round(mm / INCH * parts) * INCH / parts;
    }

    private Length rounded(double mm) {
        return Length.mm(round(mm));
    }

    /** Cut to whole millimetres, or eighths of an inch, never too small. */
    private Length whole(double mm) {
        double steps = Math.ceil((units == Units.MILLIMETRES ? mm : mm / INCH * 8) - 1e-6);
        return units.either(steps, steps / 8);
    }

    private static Vertex at(double x, double y) {
        return new Vertex(x, y);
    }

    private static List<Vertex> box(double width, double height) {
        return List.of(at(0, 0), at(width, 0), at(width, height), at(0, height));
    }

    /** The corner clamping jig itself, and its setting for a frame when there is one. */
    public JigDesign cornerJig(CornerJig jig, CornerJig.@Nullable Fit fit) {
        double bite = round(45);
        double side = 2 * bite;
        double pivot = bite - jig.block().toMm();
        Template block = new Template(JigTexts.BLOCK, List.of(at(0, 0), at(side, 0), at(side, bite), at(bite, bite),
                at(bite, side), at(0, side)),
                List.of(new Hole(at(pivot, pivot), screw), new Hole(at(bite, bite), relief)), List.of());
        double end = round(18);
        double wide = 2 * end;
        double across = round(50);
        List<Hole> holes = new ArrayList<>(List.of(new Hole(at(end, end), screw)));
        for (int i = 1; i <= jig.holes(); i++) {
            holes.add(new Hole(at(end + jig.arm(i).toMm(), end), screw));
        }
        double length = end * 2 + jig.longestArm().toMm();
        Template arm = new Template(JigTexts.ARM, box(length, wide), holes, List.of());
        double bridgeLength = jig.bridge().toMm() + across;
        Template bridge = new Template(JigTexts.BRIDGE, box(bridgeLength, across),
                List.of(new Hole(at(across / 2, across / 2), screw),
                        new Hole(at(across / 2 + jig.bridge().toMm(), across / 2), screw)),
                List.of());
        List<Reading> settings = new ArrayList<>();
        if (fit != null) {
            settings.add(Reading.computed(JigTexts.HOLE_OF_EACH_ARM, Scalar.count(fit.hole()),
                    JigTexts.HOLE_FORMULA));
            settings.add(Reading.computed(JigTexts.BETWEEN_THE_BRIDGES_CLOSED, fit.gap(),
                    JigTexts.FROM_THE_ARMS_AND_THE_FRAMES));
            settings.add(Reading.computed(JigTexts.CLAMP_CLOSES_BY, fit.travel(),
                    JigTexts.FROM_PLAY_AT_EACH_CORNER));
        }
        return new JigDesign(JigDesign.Kind.CORNER_JIG, List.of(new Part(JigTexts.BLOCK, 4, mm(side), mm(side)),
                new Part(JigTexts.ARM, 4, mm(length), mm(wide)),
                new Part(JigTexts.BRIDGE, 2, mm(bridgeLength), mm(across))),
                List.of(block, arm, bridge), settings,
                List.of(Sentence
                        .of(JigTexts.CUT_THE_BITES_SQUARE),
                        Sentence.of(JigTexts.SCREWS_SNUG_NOT_TIGHT),
                        Sentence.of(
                                fit == null
                                        ? JigTexts.TWO_ARMS_TO_EACH_BRIDGE
                                        : fit.across()
                                                ? JigTexts.TWO_ARMS_ALONG_THE_WIDTH
                                                : JigTexts.TWO_ARMS_ALONG_THE_HEIGHT),
                        Sentence.of(JigTexts.HOLES_ARE_COUNTED_FROM_THE_BLOCK)));
    }

    /** A block at the corner's angle, set in from the edge of a board. */
    public JigDesign gluingCorner(Angle interior) {
        double leg = round(160);
        double turn = Math.PI - interior.radians();
        double dx = Math.cos(turn);
        double dy = Math.sin(turn);
        Vertex heel = at(0, 0);
        List<Vertex> block = moved(List.of(heel, at(leg * dx, leg * dy), at(-leg, 0)));
        Vertex corner = block.getFirst();
        Template template = new Template(JigTexts.BLOCK, block, List.of(new Hole(corner, relief)), List.of());
        return new JigDesign(JigDesign.Kind.GLUING_CORNER,
                List.of(new Part(JigTexts.BASE, 1, rounded(350), rounded(350)),
                        new Part(JigTexts.BLOCK, 1, whole(width(block)), whole(height(block)))),
                List.of(template),
                List.of(Reading.computed(JigTexts.CORNER_OF_THE_BLOCK, interior, JigTexts.CORNERS_OWN_ANGLE),
                        Reading.computed(JigTexts.BLOCK_SET_IN_FROM_THE_EDGE, rounded(60),
                                JigTexts.SO_THAT_CLAMPS_REACH)),
                List.of(Sentence.of(JigTexts.SCREW_THE_BLOCK_TO_THE_BASE,
                        rounded(60)),
                        Sentence.of(JigTexts.RELEASE_PAPER_BETWEEN_BLOCK)));
    }

    /** Two fences on a base, at the saw angles of a piece's ends. */
    public JigDesign sled(Angle left, Angle right, Length longest) {
        double width = whole(Math.min(900, Math.max(500, longest.toMm() * 0.7))).toMm();
        double depth = round(320);
        double middle = width / 2;
        double fence = round(60);
        double reach = depth - fence;
        double l = Math.toRadians(90 - Math.abs(left.degrees()));
        double r = Math.toRadians(90 - Math.abs(right.degrees()));
        List<Vertex> leftFence = List.of(at(middle, 40), at(middle - Math.cos(Math.PI / 2 - l) * reach,
                40 + Math.sin(Math.PI / 2 - l) * reach));
        List<Vertex> rightFence = List.of(at(middle, 40), at(middle + Math.cos(Math.PI / 2 - r) * reach,
                40 + Math.sin(Math.PI / 2 - r) * reach));
        List<Vertex> kerf = List.of(at(middle, 0), at(middle, depth));
        Template base = new Template(JigTexts.BASE, box(width, depth), List.of(), List.of(kerf, leftFence, rightFence));
        return new JigDesign(JigDesign.Kind.SLED, List.of(new Part(JigTexts.BASE, 1, mm(width), mm(depth)),
                new Part(JigTexts.FENCE, 2, mm(depth), mm(fence)),
                new Part(JigTexts.RUNNER, 1, mm(depth), rounded(20))),
                List.of(base),
                List.of(Reading.computed(JigTexts.LEFT_FENCE_FROM_THE_KERF, left.complement(),
                        JigTexts.COMPLEMENT_OF_THE_MITER),
                        Reading.computed(JigTexts.RIGHT_FENCE_FROM_THE_KERF, right.complement(),
                                JigTexts.COMPLEMENT_OF_THE_MITER),
                        Reading.computed(JigTexts.STOP_ON_THE_FENCE, longest, JigTexts.LONGEST_PIECE)),
                List.of(Sentence.of(JigTexts.GLUE_THE_RUNNER_TO_FIT),
                        Sentence.of(
                                JigTexts.SCREW_THE_FENCES_ALONG),
                        Sentence.of(
                                JigTexts.RULE_ALONG_THE_FENCE)));
    }

    /**
     * Holds the finished corner upright while slots are sawn into its heel.
     *
     * @param interior  of the corner
     * @param depth     of the slot along the diagonal
     * @param toBack    from the frame's back to the near side of the slot
     */
    public JigDesign cradle(Angle interior, Length depth, Length toBack) {
        double arm = round(240);
        double half = interior.radians() / 2;
        double lift = round(30);
        double dx = Math.sin(half) * arm;
        double dy = Math.cos(half) * arm;
        double width = whole(2 * dx + 80).toMm();
        double height = whole(Math.max(180, dy + lift + 60)).toMm();
        double low = height - lift;
        List<Vertex> left = List.of(at(width / 2, low), at(width / 2 - dx, low - dy));
        List<Vertex> right = List.of(at(width / 2, low), at(width / 2 + dx, low - dy));
        double lowest = low - depth.toMm() - aboveBlade;
        List<Hole> holes = new ArrayList<>();
        for (double share : new double[]{0.45, 0.85}) {
            for (int side = -1; side <= 1; side += 2) {
                double y = Math.min(lowest, low - dy * share + 15);
                holes.add(new Hole(at(width / 2 + side * (low - y) * Math.tan(half) + side * 14, y), screw));
            }
        }
        Template upright = new Template(JigTexts.UPRIGHT, box(width, height), holes, List.of(left, right));
        return new JigDesign(JigDesign.Kind.CRADLE, List.of(new Part(JigTexts.UPRIGHT, 2, whole(width), whole(height)),
                new Part(JigTexts.SUPPORT, 2, mm(arm), rounded(60)),
                new Part(JigTexts.FOOT, 1, whole(width), rounded(100))),
                List.of(upright),
                List.of(Reading.computed(JigTexts.FENCE_TO_BLADE, board.plus(toBack), "{0} + {1}",
                        Reading.given(JigTexts.UPRIGHT_THICKNESS, board),
                        Reading.computed(JigTexts.BACK_OF_THE_FRAME, toBack,
                                JigTexts.FROM_THE_SLOTS_PLACE)),
                        Reading.computed(JigTexts.BLADE_ABOVE_THE_TABLE, mm(lift).plus(depth), "{0} + {1}",
                                Reading.given(JigTexts.CRADLES_LOWEST_POINT_ABOVE, mm(lift)), Reading.given(
                                        JigTexts.DEPTH_OF_THE_SLOT, depth)),
                        Reading.computed(JigTexts.LOWEST_SCREW_ABOVE_THE_TABLE,
                                mm(lift + depth.toMm() + aboveBlade), JigTexts.WELL_ABOVE_THE_BLADE)),
                List.of(Sentence
                        .of(JigTexts.SUPPORTS_MEET_AT_THE_FRAMES),
                        Sentence.of(JigTexts.NO_SCREW_LOWER_THAN,
                                mm(lift + depth.toMm() + aboveBlade), mm(lift + depth.toMm())),
                        Sentence.of(
                                JigTexts.GUARD_CANNOT_STAY_OVER)));
    }

    /** Blocks between a band and the corners of a polygon, so that the band pulls round and bruises nothing. */
    public JigDesign bandBlocks(List<Angle> interiors, Length thickness) {
        List<Part> parts = new ArrayList<>();
        List<Template> templates = new ArrayList<>();
        List<Reading> settings = new ArrayList<>();
        List<Angle> kinds = new ArrayList<>();
        for (Angle interior : interiors) {
            if (interior.degrees() < 180 && kinds.stream().noneMatch(other -> Math.abs(other.degrees()
                    - interior.degrees()) < 1e-5)) {
                kinds.add(interior);
            }
        }
        for (Angle interior : kinds) {
            int count = (int) interiors.stream()
                    .filter(other -> Math.abs(other.degrees() - interior.degrees()) < 1e-5).count();
            List<Vertex> block = moved(bandBlock(interior.radians()));
            String name = kinds.size() == 1
                    ? JigTexts.BAND_BLOCK
                    : JigTexts.BAND_BLOCK_NUMBER.formatted(templates.size() + 1);
            templates.add(new Template(name, block, List.of(), List.of()));
            parts.add(new Part(name, count, whole(width(block)), whole(height(block))));
            settings.add(
                    Reading.computed(JigTexts.BITE_OF_BLOCK.formatted(name), interior, JigTexts.CORNERS_OWN_ANGLE));
        }
        return new JigDesign(JigDesign.Kind.BAND_BLOCKS, parts, templates, settings,
                List.of(Sentence.of(JigTexts.AS_THICK_AS_THE_FRAME,
                        thickness),
                        Sentence.of(JigTexts.CUT_THE_BITES_CORNER)));
    }

    /** Legs along both sides of the corner, and a round back for the band: an arc from leg to leg, past the heel. */
    private List<Vertex> bandBlock(double interior) {
        double leg = round(36);
        double wall = round(14);
        double x = leg * Math.sin(interior / 2);
        double y = leg * Math.cos(interior / 2);
        double rise = y + wall;
        double radius = (x * x + rise * rise) / (2 * rise);
        double centre = radius - wall;
        double reach = Math.atan2(x, centre - y);
        List<Vertex> outline = new ArrayList<>(List.of(at(0, 0)));
        for (int i = 0; i <= 24; i++) {
            double angle = reach * (1 - 2.0 * i / 24);
            outline.add(at(radius * Math.sin(angle), centre - radius * Math.cos(angle)));
        }
        return outline;
    }

    /** So that the smallest x and y are 0. */
    private static List<Vertex> moved(List<Vertex> outline) {
        double left = outline.stream().mapToDouble(Vertex::x).min().orElse(0);
        double top = outline.stream().mapToDouble(Vertex::y).min().orElse(0);
        return outline.stream().map(v -> v.plus(-left, -top)).toList();
    }

    private static double width(List<Vertex> outline) {
        return outline.stream().mapToDouble(Vertex::x).max().orElse(0);
    }

    private static double height(List<Vertex> outline) {
        return outline.stream().mapToDouble(Vertex::y).max().orElse(0);
    }
}
