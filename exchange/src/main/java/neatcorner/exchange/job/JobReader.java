package neatcorner.exchange.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.corner.Reinforcement;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.Node;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.LengthText;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.piece.CornerJoint;
import neatcorner.saw.Saw;
import neatcorner.saw.SawKind;
import neatcorner.saw.SawScale;
import neatcorner.saw.SecondMiter;
import neatcorner.section.Section;
import neatcorner.stock.Keep;
import neatcorner.stock.Rack;

/** Reads a version-1 job. Fields with a default may be left out; a field that is there must be what it should be. */
final class JobReader {
    static final String FORMAT = "neat-corner-job/1";
    static final Map<String, SizeOf> SIZE_OF = ordered("art", SizeOf.ART, "rabbet", SizeOf.RABBET, "sight",
            SizeOf.SIGHT, "outside", SizeOf.OUTSIDE);
    static final Map<String, Keep> KEEP = ordered("no", Keep.NO, "wish", Keep.WISH, "must", Keep.MUST);
    static final Map<String, CornerJoint> JOINT = ordered("miter", CornerJoint.MITER, "butt", CornerJoint.BUTT, "lap",
            CornerJoint.LAP, "mitred lap", CornerJoint.MITRED_LAP, "box", CornerJoint.BOX);
    static final Map<String, SawKind> SAW_KIND = ordered("miter saw", SawKind.MITER_SAW, "sled", SawKind.SLED,
            "hand box", SawKind.HAND_BOX, "shooting board", SawKind.SHOOTING_BOARD);
    static final Map<String, SawScale.Zero> ZERO = ordered("square", SawScale.Zero.SQUARE, "fence",
            SawScale.Zero.FENCE);
    static final Map<String, SecondMiter> SECOND_MITER = ordered("turn", SecondMiter.TURN_PIECE, "swing",
            SecondMiter.SWING_SAW);

    private static final int MOST_STOPS = 100;

    private final Units units;

    JobReader(Units units) {
        this.units = units;
    }

    @SuppressWarnings("unchecked")
    static <T> Map<String, T> ordered(Object... pairs) {
        Map<String, T> map = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put((String) pairs[i], (T) pairs[i + 1]);
        }
        return map;
    }

    static Job read(Node root) throws BadFile {
        String format = root.required("format").text();
        if (!format.equals(FORMAT)) {
            throw root.required("format").expected("“" + FORMAT + "”");
        }
        Node unitsNode = root.optional("units").orElse(null);
        Units units = unitsNode == null
                ? Units.MILLIMETRES
                : Units.ofSymbol(unitsNode.text()).orElseThrow(() -> unitsNode.expected("mm or in"));
        return new JobReader(units).job(root);
    }

    private Job job(Node root) throws BadFile {
        Node size = root.required("size");
        Outline outline = new OutlineReader(this).read(root.optional("outline").orElse(null));
        Node clearance = root.optional("clearance").orElse(null);
        Node quantity = root.optional("quantity").orElse(null);
        Node title = root.optional("title").orElse(null);
        return new Job(title == null ? "Untitled" : title.text(), units,
                quantity == null ? 1 : quantity.whole(1, Job.MOST_FRAMES), outline,
                size.required("of").oneOf(SIZE_OF),
                opening(size, outline.shape()),
                clearance == null ? Defaults.clearance(units) : length(clearance, LengthRange.PLAY), pack(root),
                section(root),
                joint(root), reinforcement(root), stock(root), saw(root), new ChecksReader(this).read(root),
                new ShopReader(this, units).glueUp(root.optional("glueUp").orElse(null)),
                new ShopReader(this, units).shop(root.optional("shop").orElse(null)));
    }

    private static CornerJoint joint(Node root) throws BadFile {
        Node corner = root.optional("corner").orElse(null);
        Node joint = corner == null ? null : corner.optional("joint").orElse(null);
        return joint == null ? CornerJoint.MITER : joint.oneOf(JOINT);
    }

    private List<Reinforcement> reinforcement(Node root) throws BadFile {
        Node corner = root.optional("corner").orElse(null);
        return corner == null
                ? List.of()
                : new ReinforcementReader(this, units).list(corner.optional("reinforcement").orElse(null),
                        Job.MOST_REINFORCEMENTS);
    }

    /** A regular frame and a circle have a width only; a polygon has its points. */
    private Opening opening(Node size, Shape shape) throws BadFile {
        return switch (shape) {
            case Shape.Polygon polygon -> polygon.loop().box();
            case Shape.Regular regular -> square(length(size.required("width"), LengthRange.FRAME));
            case Shape.Circle circle -> square(length(size.required("width"), LengthRange.FRAME));
            case Shape.Rectangle two -> both(size);
            case Shape.Arch two -> both(size);
            case Shape.Ellipse two -> both(size);
        };
    }

    private Opening both(Node size) throws BadFile {
        return new Opening(length(size.required("width"), LengthRange.FRAME),
                length(size.required("height"), LengthRange.FRAME));
    }

    private static Opening square(Length width) {
        return new Opening(width, width);
    }

    /** A number in the file's units, or a text with its own. */
    Length length(Node node, LengthRange range) throws BadFile {
        Length length = length(node);
        if (!range.contains(length)) {
            throw node.expected(range.text(Notation.of(units)));
        }
        return length;
    }

    private Length length(Node node) throws BadFile {
        switch (node.json()) {
            case Json.Num number -> {
                double most = units == Units.MILLIMETRES ? LengthText.LONGEST.toMm() : LengthText.LONGEST.toInches();
                return units.of(node.number(-most, most, "a length under 1 km"));
            }
            case Json.Str string -> {
                return switch (LengthText.read(string.text(), units)) {
                    case LengthText.Understood understood -> understood.length();
                    case LengthText.NotUnderstood not -> throw node.expected(
                            "a length; in “" + clipped(string.text()) + "”, character " + (not.at() + 1) + ", "
                                    + not.expected());
                };
            }
            default -> throw node.expected("a length: a number, or a text such as \"15 1/2 in\"");
        }
    }

    private static String clipped(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }

    Length lengthOr(Node owner, String name, LengthRange range, Length otherwise) throws BadFile {
        Node node = owner.optional(name).orElse(null);
        return node == null ? otherwise : length(node, range);
    }

    private Pack pack(Node root) throws BadFile {
        Node pack = root.optional("pack").orElse(null);
        List<Layer> layers = new ArrayList<>();
        if (pack != null) {
            for (Node layer : pack.items(Pack.MOST_LAYERS)) {
                layers.add(layer(layer));
            }
        }
        return new Pack(layers);
    }

    private Layer layer(Node node) throws BadFile {
        Node kind = node.required("kind");
        Length thickness = length(node.required("thickness"), LengthRange.LAYER);
        Optional<Node> material = node.optional("material");
        return switch (kind.text()) {
            case "glazing" ->
                new Layer.Glazing(material.isPresent() ? Material.named(material.get().text()) : Material.GLASS,
                        thickness);
            case "mat" ->
                new Layer.Mat(thickness, lengthOr(node, "overlap", LengthRange.BORDER, Defaults.matOverlap(units)),
                        borders(node));
            case "art" -> new Layer.Art(thickness);
            case "backing" -> new Layer.Backing(
                    material.isPresent() ? Material.named(material.get().text()) : Material.HARDBOARD, thickness);
            default -> throw kind.expected("one of glazing, mat, art, backing");
        };
    }

    private Faces borders(Node mat) throws BadFile {
        Node borders = mat.required("borders");
        if (borders.json() instanceof Json.Num || borders.json() instanceof Json.Str) {
            return Faces.all(length(borders, LengthRange.BORDER));
        }
        return new Faces(length(borders.required("top"), LengthRange.BORDER),
                length(borders.required("right"), LengthRange.BORDER),
                length(borders.required("bottom"), LengthRange.BORDER),
                length(borders.required("left"), LengthRange.BORDER));
    }

    private Section section(Node root) throws BadFile {
        return new SectionReader(this).read(root.required("section"));
    }

    private Rack stock(Node root) throws BadFile {
        return new RackReader(this, units).read(root.optional("stock").orElse(null));
    }

    private Saw saw(Node root) throws BadFile {
        Node saw = root.optional("saw").orElse(null);
        return saw == null ? Defaults.saw(units) : sawOf(saw);
    }

    Saw sawOf(Node saw) throws BadFile {
        Saw usual = Defaults.saw(units);
        Length kerf = lengthOr(saw, "kerf", LengthRange.KERF, usual.kerf());
        Length rough = lengthOr(saw, "rough", LengthRange.ALLOWANCE, usual.rough());
        Node second = saw.optional("secondMiter").orElse(null);
        Node name = saw.optional("name").orElse(null);
        Node kind = saw.optional("kind").orElse(null);
        return new Saw(name == null ? usual.name() : name.text(), kind == null ? usual.kind() : kind.oneOf(SAW_KIND),
                kerf, angleOr(saw, "maxMiter", usual.maxMiter()), angleOr(saw, "maxBevel", usual.maxBevel()),
                lengthOr(saw, "minHold", LengthRange.ALLOWANCE, usual.minHold()), rough,
                second == null ? usual.secondMiter() : second.oneOf(SECOND_MITER), scale(saw, usual.scale()),
                stops(saw, usual.stops()));
    }

    private SawScale scale(Node saw, SawScale usual) throws BadFile {
        Node scale = saw.optional("scale").orElse(null);
        if (scale == null) {
            return usual;
        }
        Node zero = scale.optional("zero").orElse(null);
        return new SawScale(zero == null ? usual.zero() : zero.oneOf(ZERO),
                lengthOr(scale, "radius", LengthRange.TOOL, usual.radius()),
                lengthOr(scale, "fence", LengthRange.TOOL, usual.fence()));
    }

    private static List<Angle> stops(Node saw, List<Angle> usual) throws BadFile {
        Node list = saw.optional("stops").orElse(null);
        if (list == null) {
            return usual;
        }
        List<Angle> stops = new ArrayList<>();
        for (Node stop : list.items(MOST_STOPS)) {
            stops.add(Angle.ofDegrees(stop.number(0, 90, "an angle from 0 to 90 degrees")));
        }
        return stops;
    }

    private static Angle angleOr(Node owner, String name, Angle otherwise) throws BadFile {
        Node node = owner.optional(name).orElse(null);
        return node == null ? otherwise : Angle.ofDegrees(node.number(0, 90, "an angle from 0 to 90 degrees"));
    }
}
