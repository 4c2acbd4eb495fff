package neatcorner.exchange.job;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Fields;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.form.Kind;
import neatcorner.exchange.form.Schemas;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.Node;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.outline.Loop;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;

/** The outline: its shape, and what the shapes have in common. */
final class OutlineForm {
    private static final int MOST_CORNERS = 200;
    private static final int MOST_SEGMENTS = 64;
    private static final double APART = 1e-6;

    private static final Form<Boolean> ACROSS = Forms.named(List.of(false, true),
            corners -> corners ? "corners" : "flats");
    private static final Form<Length> WIDTH = Forms.length(LengthRange.ACROSS);

    /** Points have y upwards, as on squared paper; loops have it downwards, as on a screen. */
    private static final Form<Vertex> POINT = Forms
            .exactly(2, Forms.length(LengthRange.POINT), "a point as [x, y]")
            .as((pair, at) -> new Vertex(pair.get(0).toMm(), 0 - pair.get(1).toMm()),
                    vertex -> List.of(Length.mm(vertex.x()), Length.mm(-vertex.y())), new Vertex(0, 0));
    private static final Form<Loop> LOOP = Forms
            .list(POINT, 3, MOST_CORNERS, "from 3 to " + MOST_CORNERS + " points")
            .as(OutlineForm::loop, loop -> loop.vertices().reversed(),
                    Loop.clockwise(List.of(new Vertex(0, 0), new Vertex(1, 0), new Vertex(0, 1))));

    static final Form<Outline> OUTLINE = Form.of("outline", f -> {
        Shape shape = f.part(Outline::shape, OutlineForm::shape);
        Angle slope = f.get("slope", Outline::slope, Forms.angle(0, 90, "a slope from 0 to 90 degrees"),
                "of the faces, in degrees from flat; straight sides only");
        List<Length> widths = f.get("faceWidths", Outline::faceWidths, Forms.list(WIDTH, MOST_CORNERS),
                "one for each side, clockwise from the top, where sides differ; not for curves");
        f.rule(in -> widthsAsSides());
        if (!widths.isEmpty() && widths.size() != shape.sides()) {
            throw f.expected("faceWidths", switch (shape.sides()) {
                case 0 -> "no face widths: all of a curved frame is as wide as its section";
                case 4 -> "four widths: top, right, bottom, left";
                default -> shape.sides() + " widths, clockwise from the top";
            });
        }
        return new Outline(shape, slope, widths, f.get("boardWidth", Outline::boardWidth, WIDTH,
                "the widest blank a segment may take"));
    });

    private OutlineForm() {}

    private static Shape shape(Fields<Shape> f) throws BadFile {
        return f.choose("kind", "rectangle", List.of(
                Kind.of("rectangle", Shape.Rectangle.class, g -> new Shape.Rectangle()),
                Kind.of("regular", Shape.Regular.class,
                        g -> new Shape.Regular(
                                g.must("sides", Shape.Regular::sides,
                                        Forms.whole(Shape.FEWEST_SIDES, Shape.MOST_SIDES), ""),
                                g.or("across", Shape.Regular::acrossCorners, ACROSS, false,
                                        "where its size is measured"))),
                Kind.of("polygon", Shape.Polygon.class,
                        g -> new Shape.Polygon(g.must("points", Shape.Polygon::loop, LOOP,
                                "`[[x, y], …]`, y upwards, of the loop that `size.of` names"))),
                Kind.of("arch", Shape.Arch.class, OutlineForm::arch),
                Kind.of("circle", Shape.Circle.class,
                        g -> new Shape.Circle(segments(g, Shape.FEWEST_SIDES, Shape.Circle::segments))),
                Kind.of("ellipse", Shape.Ellipse.class,
                        g -> new Shape.Ellipse(segments(g, Shape.FEWEST_SIDES, Shape.Ellipse::segments)))),
                "");
    }

    private static Shape.Arch arch(Fields<Shape.Arch> f) throws BadFile {
        return f.choose("curve", "segment", List.of(bow("segment", Shape.Curve.SEGMENT),
                Kind.when("semicircle", arch -> arch.curve() == Shape.Curve.SEMICIRCLE,
                        g -> new Shape.Arch(Shape.Curve.SEMICIRCLE,
                                g.or("rise", Shape.Arch::rise, Forms.length(LengthRange.MEASURED), Length.ZERO,
                                        "is always half the width"),
                                segments(g, 1, Shape.Arch::segments))),
                bow("ellipse", Shape.Curve.ELLIPSE)), "");
    }

    private static Kind<Shape.Arch> bow(String word, Shape.Curve curve) {
        return Kind.when(word, arch -> arch.curve() == curve,
                g -> new Shape.Arch(curve,
                        g.must("rise", Shape.Arch::rise, Forms.length(LengthRange.FRAME),
                                "height of the curve, part of the whole height"),
                        segments(g, 1, Shape.Arch::segments)));
    }

    private static <C extends Shape> int segments(Fields<C> f, int fewest, Function<C, Integer> of)
            throws BadFile {
        Integer segments = f.maybe("segments", curve -> of.apply(curve) == 0 ? null : of.apply(curve),
                Forms.whole(fewest, MOST_SEGMENTS),
                "pieces in the curve; without it the fewest that fit the board and the grain");
        return segments == null ? 0 : segments;
    }

    /** None, or as many as a rectangle or a regular frame has sides; of polygons a schema cannot say it. */
    private static Json widthsAsSides() {
        List<Json> rules = new ArrayList<>();
        rules.add(Schemas.when(Schemas.is("kind", List.of("regular", "polygon", "arch", "circle", "ellipse")), null,
                noneOr(4)));
        for (int sides = Shape.FEWEST_SIDES; sides <= Shape.MOST_SIDES; sides++) {
            Json.Obj so = Json.object().with("const", Json.of(sides)).end();
            rules.add(Schemas.when(Schemas.all(List.of(Schemas.is("kind", List.of("regular")),
                    Schemas.within("sides", so))), noneOr(sides), null));
        }
        rules.add(Schemas.when(Schemas.is("kind", List.of("arch", "circle", "ellipse")), noneOr(0), null));
        return Schemas.all(rules);
    }

    private static Json noneOr(int sides) {
        Json.Obj none = Json.object().with("maxItems", Json.of(0)).end();
        Json.Obj all = Json.object().with("minItems", Json.of(sides)).with("maxItems", Json.of(sides)).end();
        return Schemas.within("faceWidths", Json.object().with("anyOf", Json.of(List.of(none, all))).end());
    }

    private static Loop loop(List<Vertex> vertices, Node at) throws BadFile {
        for (int i = 0; i < vertices.size(); i++) {
            if (vertices.get(i).distanceTo(vertices.get((i + 1) % vertices.size())) < APART) {
                throw at.items().get(i).expected("a point apart from the next one");
            }
        }
        return Loop.clockwise(vertices);
    }
}
