package neatcorner.exchange.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Node;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.section.Edge;
import neatcorner.section.EdgeShape;
import neatcorner.section.Face;
import neatcorner.section.Layers;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.section.Ply;
import neatcorner.section.Rabbet;
import neatcorner.section.RabbetWay;
import neatcorner.section.Section;
import neatcorner.wood.Species;

/** Reads the section of a job: blank or boards, rabbet, and what else is milled, in order. */
final class SectionReader {
    static final Map<String, RabbetWay> WAYS = JobReader.ordered("router", RabbetWay.ROUTER, "table saw",
            RabbetWay.TABLE_SAW, "dado", RabbetWay.DADO, "after assembly", RabbetWay.AFTER_ASSEMBLY, "groove",
            RabbetWay.FROM_GROOVE, "ready", RabbetWay.READY);
    static final Map<String, EdgeShape> SHAPES = JobReader.ordered("round-over", EdgeShape.ROUND_OVER, "cove",
            EdgeShape.COVE, "bead", EdgeShape.BEAD, "chamfer", EdgeShape.CHAMFER, "facet", EdgeShape.FACET, "bevel",
            EdgeShape.BEVEL, "step", EdgeShape.RABBET);
    static final Map<String, Edge> EDGES = JobReader.ordered("front-inner", Edge.FRONT_INNER, "front-outer",
            Edge.FRONT_OUTER, "back-outer", Edge.BACK_OUTER, "back-inner", Edge.BACK_INNER);
    static final Map<String, Face> FACES = JobReader.ordered("front", Face.FRONT, "outer", Face.OUTER, "back",
            Face.BACK, "inner", Face.INNER);

    private final JobReader reader;

    SectionReader(JobReader reader) {
        this.reader = reader;
    }

    Section read(Node section) throws BadFile {
        Node rabbet = section.required("rabbet");
        Node step = rabbet.optional("step").orElse(null);
        Node tilt = rabbet.optional("tilt").orElse(null);
        Node wood = section.optional("wood").orElse(null);
        return new Section(Species.named(wood == null ? "white ash" : wood.text()),
                reader.length(section.required("width"), LengthRange.ACROSS),
                reader.length(section.required("thickness"), LengthRange.ACROSS),
                new Rabbet(reader.length(rabbet.required("width"), LengthRange.CUT),
                        reader.length(rabbet.required("depth"), LengthRange.CUT),
                        step == null
                                ? null
                                : new Rabbet.Step(reader.length(step.required("width"), LengthRange.CUT),
                                        reader.length(step.required("depth"), LengthRange.CUT)),
                        tilt == null ? Angle.ZERO : Angle.ofDegrees(tilt.number(0, 90, "a tilt from 0 to 90 degrees"))),
                milling(section, rabbet));
    }

    private Milling milling(Node section, Node rabbet) throws BadFile {
        Node way = rabbet.optional("cut").orElse(null);
        int rabbetPasses = passes(rabbet);
        int rabbetAt = 0;
        List<Operation> operations = new ArrayList<>();
        Node list = section.optional("milling").orElse(null);
        if (list != null) {
            if (list.items().size() > Milling.MOST_OPERATIONS + 1) {
                throw list.expected("at most " + Milling.MOST_OPERATIONS + " operations");
            }
            for (Node node : list.items()) {
                if (node.required("op").text().equals("rabbet")) {
                    rabbetAt = operations.size();
                    rabbetPasses = node.optional("passes").isPresent() ? passes(node) : rabbetPasses;
                } else {
                    operations.add(operation(node));
                }
            }
        }
        return new Milling(layers(section), way == null ? RabbetWay.ROUTER : way.oneOf(WAYS), rabbetPasses, rabbetAt,
                operations);
    }

    private static int passes(Node node) throws BadFile {
        Node passes = node.optional("passes").orElse(null);
        return passes == null ? 0 : passes.whole(1, 50);
    }

    private Operation operation(Node node) throws BadFile {
        String op = node.required("op").text();
        if (op.equals("groove")) {
            return new Operation.Groove(node.required("at").oneOf(FACES),
                    reader.length(node.required("from"), LengthRange.CUT),
                    reader.length(node.required("width"), LengthRange.CUT),
                    reader.length(node.required("depth"), LengthRange.CUT), passes(node));
        }
        if (op.equals("rip")) {
            return new Operation.Rip(reader.length(node.required("width"), LengthRange.CUT));
        }
        EdgeShape shape = SHAPES.get(op);
        if (shape == null) {
            throw node.required("op").expected("one of rabbet, groove, rip, " + String.join(", ", SHAPES.keySet()));
        }
        Edge edge = node.required("at").oneOf(EDGES);
        Length size = reader.length(node.required(node.optional("size").isPresent() ? "size" : sizeName(shape)),
                LengthRange.CUT);
        Length depth = shape.hasDepth() ? reader.length(node.required(depthName(shape)), LengthRange.CUT) : size;
        return new Operation.Shaped(shape, edge, size, depth, passes(node), offset(node, "inset"),
                offset(node, "sunk"));
    }

    private Length offset(Node node, String name) throws BadFile {
        return reader.lengthOr(node, name, LengthRange.CUT, Length.ZERO);
    }

    static String sizeName(EdgeShape shape) {
        return switch (shape) {
            case ROUND_OVER, COVE, BEAD -> "radius";
            case CHAMFER, FACET, BEVEL, RABBET -> "width";
        };
    }

    static String depthName(EdgeShape shape) {
        return shape == EdgeShape.BEAD ? "quirk" : "depth";
    }

    /** Boards with a thickness lie on each other, front first; with a width they stand edge to edge. */
    private Layers layers(Node section) throws BadFile {
        Node list = section.optional("layers").orElse(null);
        if (list == null || list.items().isEmpty()) {
            return Layers.NONE;
        }
        boolean edgeToEdge = list.items().getFirst().optional("width").isPresent();
        Species usual = Species.named(
                section.optional("wood").isPresent() ? section.required("wood").text() : "white ash");
        List<Ply> plies = new ArrayList<>();
        for (Node node : list.items(Milling.MOST_OPERATIONS)) {
            Node size = node.required(edgeToEdge ? "width" : "thickness");
            Length length = reader.length(size, LengthRange.ACROSS);
            Node wood = node.optional("wood").orElse(null);
            plies.add(new Ply(wood == null ? usual : Species.named(wood.text()), length,
                    reader.lengthOr(node, "inset", LengthRange.CUT, Length.ZERO)));
        }
        return new Layers(edgeToEdge, plies);
    }
}
