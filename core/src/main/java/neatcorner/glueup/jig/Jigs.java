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
        Template block = new Template("Block", List.of(at(0, 0), at(side, 0), at(side, bite), at(bite, bite),
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
        Template arm = new Template("Arm", box(length, wide), holes, List.of());
        double bridgeLength = jig.bridge().toMm() + across;
        Template bridge = new Template("Bridge", box(bridgeLength, across),
                List.of(new Hole(at(across / 2, across / 2), screw),
                        new Hole(at(across / 2 + jig.bridge().toMm(), across / 2), screw)),
                List.of());
        List<Reading> settings = new ArrayList<>();
        if (fit != null) {
            settings.add(Reading.computed("Hole of each arm", Scalar.count(fit.hole()),
                    "counted from the block; the arms then slant nearest to 45°"));
            settings.add(Reading.computed("Between the bridges, closed", fit.gap(),
                    "from the arms and the frame's outside"));
            settings.add(Reading.computed("Clamp closes by", fit.travel(),
                    "from [3 mm|1/8 in] of play at each corner"));
        }
        return new JigDesign(JigDesign.Kind.CORNER_JIG, List.of(new Part("Block", 4, mm(side), mm(side)),
                new Part("Arm", 4, mm(length), mm(wide)), new Part("Bridge", 2, mm(bridgeLength), mm(across))),
                List.of(block, arm, bridge), settings,
                List.of(Sentence
                        .of("Cut the bites square, drill the relief hole at the heel so that glue has somewhere to go, and wax the bites."),
                        Sentence.of("Screws snug, not tight: the arms must turn, so that the jig squares itself."),
                        Sentence.of(
                                fit == null
                                        ? "Two arms to each bridge; one clamp draws the bridges together."
                                        : fit.across()
                                                ? "Two arms to each bridge; one clamp draws the bridges together, along the frame's width."
                                                : "Two arms to each bridge; one clamp draws the bridges together, along its height."),
                        Sentence.of("Holes are counted from the block.")));
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
        Template template = new Template("Block", block, List.of(new Hole(corner, relief)), List.of());
        return new JigDesign(JigDesign.Kind.GLUING_CORNER, List.of(new Part("Base", 1, rounded(350), rounded(350)),
                new Part("Block", 1, whole(width(block)), whole(height(block)))), List.of(template),
                List.of(Reading.computed("Corner of the block", interior, "the corner's own angle"),
                        Reading.computed("Block set in from the edge", rounded(60), "so that clamps reach over it")),
                List.of(Sentence.of("Screw the block to the base, {0} in from the edge, so that clamps reach over it.",
                        rounded(60)),
                        Sentence.of("Release paper between block and frame; both pieces hard against it.")));
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
        Template base = new Template("Base", box(width, depth), List.of(), List.of(kerf, leftFence, rightFence));
        return new JigDesign(JigDesign.Kind.SLED, List.of(new Part("Base", 1, mm(width), mm(depth)),
                new Part("Fence", 2, mm(depth), mm(fence)), new Part("Runner", 1, mm(depth), rounded(20))),
                List.of(base),
                List.of(Reading.computed("Left fence from the kerf", left.complement(), "90° less the miter"),
                        Reading.computed("Right fence from the kerf", right.complement(),
                                "90° less the miter"),
                        Reading.computed("Stop on the fence, from the kerf", longest, "the longest piece")),
                List.of(Sentence.of("Glue the runner to fit the saw's slot; saw the kerf half through the base."),
                        Sentence.of(
                                "Screw the fences along the lines; one screw each until two test pieces close against a square, then the rest."),
                        Sentence.of(
                                "A rule along the fence reads the long point; hands stay outside the red block over the kerf's end.")));
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
        Template upright = new Template("Upright", box(width, height), holes, List.of(left, right));
        return new JigDesign(JigDesign.Kind.CRADLE, List.of(new Part("Upright", 2, whole(width), whole(height)),
                new Part("Support", 2, mm(arm), rounded(60)), new Part("Foot", 1, whole(width), rounded(100))),
                List.of(upright),
                List.of(Reading.computed("Fence to blade", board.plus(toBack), "{0} + {1}",
                        Reading.given("Upright, thickness", board),
                        Reading.computed("Back of the frame to the blade", toBack,
                                "from the slot's place in the thickness")),
                        Reading.computed("Blade above the table", mm(lift).plus(depth), "{0} + {1}",
                                Reading.given("Cradle's lowest point above the table", mm(lift)), Reading.given(
                                        "Depth of the slot", depth)),
                        Reading.computed("Lowest screw above the table",
                                mm(lift + depth.toMm() + aboveBlade), "well above the blade")),
                List.of(Sentence
                        .of("The supports meet at the frame's own angle; the frame is clamped to them, never held by hand."),
                        Sentence.of("No screw lower than {0} above the table: the blade comes up to {1}.",
                                mm(lift + depth.toMm() + aboveBlade), mm(lift + depth.toMm())),
                        Sentence.of(
                                "The guard cannot stay over this cut: both hands on the upright, behind the blade's path, and the saw stopped before the frame is taken out.")));
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
            String name = kinds.size() == 1 ? "Band block" : "Band block %s".formatted(templates.size() + 1);
            templates.add(new Template(name, block, List.of(), List.of()));
            parts.add(new Part(name, count, whole(width(block)), whole(height(block))));
            settings.add(Reading.computed("%s, bite".formatted(name), interior, "the corner's own angle"));
        }
        return new JigDesign(JigDesign.Kind.BAND_BLOCKS, parts, templates, settings,
                List.of(Sentence.of("As thick as the frame, {0}; a groove or a pin top and bottom keeps the band on.",
                        thickness),
                        Sentence.of("Cut the bite's corner away a little, so that no glue holds there; wax it.")));
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
