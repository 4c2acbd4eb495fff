package neatcorner.exchange.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Node;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.outline.Loop;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;

/** Reads the outline of a job. */
final class OutlineReader {
    static final Map<String, Shape.Curve> CURVES = JobReader.ordered("segment", Shape.Curve.SEGMENT, "semicircle",
            Shape.Curve.SEMICIRCLE, "ellipse", Shape.Curve.ELLIPSE);
    static final Map<String, Boolean> ACROSS = JobReader.ordered("flats", false, "corners", true);
    private static final int MOST_CORNERS = 200;
    private static final int MOST_SEGMENTS = 64;

    private final JobReader reader;

    OutlineReader(JobReader reader) {
        this.reader = reader;
    }

    Outline read(@org.jspecify.annotations.Nullable Node node) throws BadFile {
        if (node == null) {
            return Outline.rectangle();
        }
        Node kind = node.optional("kind").orElse(null);
        Shape shape = shape(kind == null ? "rectangle" : kind.text(), kind, node);
        Node slope = node.optional("slope").orElse(null);
        return new Outline(shape,
                slope == null ? Angle.ZERO : Angle.ofDegrees(slope.number(0, 90, "a slope from 0 to 90 degrees")),
                faceWidths(node, shape), reader.lengthOr(node, "boardWidth", LengthRange.ACROSS, Outline.USUAL_BOARD));
    }

    private Shape shape(String kind, @org.jspecify.annotations.Nullable Node at, Node node) throws BadFile {
        return switch (kind) {
            case "rectangle" -> new Shape.Rectangle();
            case "regular" -> {
                Node across = node.optional("across").orElse(null);
                yield new Shape.Regular(node.required("sides").whole(Shape.FEWEST_SIDES, Shape.MOST_SIDES),
                        across != null && across.oneOf(ACROSS));
            }
            case "polygon" -> new Shape.Polygon(loop(node.required("points")));
            case "arch" -> {
                Node named = node.optional("curve").orElse(null);
                Shape.Curve curve = named == null ? Shape.Curve.SEGMENT : named.oneOf(CURVES);
                Length rise = curve == Shape.Curve.SEMICIRCLE
                        ? reader.lengthOr(node, "rise", LengthRange.MEASURED, Length.ZERO)
                        : reader.length(node.required("rise"), LengthRange.FRAME);
                yield new Shape.Arch(curve, rise, segments(node, 1));
            }
            case "circle" -> new Shape.Circle(segments(node, Shape.FEWEST_SIDES));
            case "ellipse" -> new Shape.Ellipse(segments(node, Shape.FEWEST_SIDES));
            default -> throw (at == null ? node : at)
                    .expected("one of rectangle, regular, polygon, arch, circle, ellipse");
        };
    }

    private static int segments(Node node, int fewest) throws BadFile {
        Node segments = node.optional("segments").orElse(null);
        return segments == null ? 0 : segments.whole(fewest, MOST_SEGMENTS);
    }

    /** Points have y upwards, as on squared paper; loops have it downwards, as on a screen. */
    private Loop loop(Node points) throws BadFile {
        List<Vertex> vertices = new ArrayList<>();
        for (Node point : points.items()) {
            List<Node> pair = point.items();
            if (pair.size() != 2) {
                throw point.expected("a point as [x, y]");
            }
            vertices.add(new Vertex(reader.length(pair.get(0), LengthRange.POINT).toMm(),
                    -reader.length(pair.get(1), LengthRange.POINT).toMm()));
        }
        if (vertices.size() < 3 || vertices.size() > MOST_CORNERS) {
            throw points.expected("from 3 to " + MOST_CORNERS + " points");
        }
        for (int i = 0; i < vertices.size(); i++) {
            if (vertices.get(i).distanceTo(vertices.get((i + 1) % vertices.size())) < 1e-6) {
                throw points.items().get(i).expected("a point apart from the next one");
            }
        }
        return Loop.clockwise(vertices);
    }

    private List<Length> faceWidths(Node outline, Shape shape) throws BadFile {
        Node widths = outline.optional("faceWidths").orElse(null);
        if (widths == null) {
            return List.of();
        }
        int sides = switch (shape) {
            case Shape.Rectangle rectangle -> 4;
            case Shape.Regular regular -> regular.sides();
            case Shape.Polygon polygon -> polygon.loop().sides();
            case Shape.Arch curved -> 0;
            case Shape.Circle curved -> 0;
            case Shape.Ellipse curved -> 0;
        };
        if (sides == 0) {
            throw widths.expected("no face widths: all of a curved frame is as wide as its section");
        }
        List<Length> lengths = new ArrayList<>();
        for (Node width : widths.items()) {
            lengths.add(reader.length(width, LengthRange.ACROSS));
        }
        if (lengths.size() != sides) {
            throw widths.expected(
                    sides == 4 ? "four widths: top, right, bottom, left" : sides + " widths, clockwise from the top");
        }
        return lengths;
    }
}
