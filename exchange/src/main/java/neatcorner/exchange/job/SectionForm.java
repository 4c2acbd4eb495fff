package neatcorner.exchange.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.ToIntFunction;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Fields;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.form.Kind;
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
import neatcorner.section.Rabbet;
import neatcorner.section.RabbetWay;
import neatcorner.section.Section;
import neatcorner.wood.Species;
import org.jspecify.annotations.Nullable;

/** The section: blank or boards, rabbet, and what else is milled, in order. */
final class SectionForm {
    static final Form<Species> WOOD = Forms.TEXT.as((name, at) -> Species.named(name), Species::name,
            Species.named("white ash"));
    private static final Form<Length> ACROSS = Forms.length(LengthRange.ACROSS);
    private static final Form<Length> CUT = Forms.length(LengthRange.CUT);
    private static final Form<RabbetWay> WAY = Forms.named(List.of(RabbetWay.values()), way -> switch (way) {
        case ROUTER -> "router";
        case TABLE_SAW -> "table saw";
        case DADO -> "dado";
        case AFTER_ASSEMBLY -> "after assembly";
        case FROM_GROOVE -> "groove";
        case READY -> "ready";
    });
    private static final Form<Edge> EDGE = Forms.named(List.of(Edge.values()), edge -> switch (edge) {
        case FRONT_INNER -> "front-inner";
        case FRONT_OUTER -> "front-outer";
        case BACK_OUTER -> "back-outer";
        case BACK_INNER -> "back-inner";
    });
    private static final Form<Integer> PASSES = Forms.whole(1, 50);

    private static final Form<Rabbet.Step> STEP = Form.of("step",
            f -> new Rabbet.Step(f.must("width", Rabbet.Step::width, CUT, "from the sight edge"),
                    f.must("depth", Rabbet.Step::depth, CUT, "from the back face")));

    /**
     * A line in the list of what is milled: an operation, or the place of the pack's rabbet among them.
     *
     * @param operation null for the rabbet
     * @param passes    of the rabbet, as old files have it; 0 when not said there
     */
    private record Line(@Nullable Operation operation, int passes) {

        Operation shaped() {
            return Objects.requireNonNull(operation);
        }
    }

    private static final String AT_MOST = "at most " + Milling.MOST_OPERATIONS + " operations";
    private static final List<Kind<Line>> LINES = lines();
    private static final Form<List<Line>> MILLING = Forms.list(
            Form.<Line>of("operation", f -> f.choose("op", null, LINES, "")), 0, Milling.MOST_OPERATIONS + 1,
            AT_MOST).as(SectionForm::few, lines -> lines, List.of());

    private static final Form<Cut> RABBET = Form.of("rabbet", SectionForm::rabbet);
    private static final Species FIRST_WOOD = Species.named("white ash");
    private static final Cut NO_RABBET = new Cut(Rabbet.NONE, RabbetWay.ROUTER, 0);

    /** Of the frame itself. */
    static final Form<Section> SECTION = section("section", null);

    private SectionForm() {}

    /** Of a ring, which is of the frame's wood where it does not say. */
    static Form<Section> ofRing(Species frames) {
        return section("ring section", frames);
    }

    private static Form<Section> section(String name, @Nullable Species frames) {
        return Form.of(name, f -> {
            Species own = frames == null
                    ? f.or("wood", Section::wood, WOOD, FIRST_WOOD, "a name")
                    : f.maybe("wood", Section::wood, WOOD, "left out where it is the frame's");
            Species wood = own == null ? Objects.requireNonNull(frames) : own;
            Length width = f.must("width", Section::width, ACROSS, "of the face");
            Length thickness = f.must("thickness", Section::thickness, ACROSS, "front to back");
            Cut cut = f.maybe("rabbet", SectionForm::cut, RABBET, "for the pack; left out where there is none");
            List<Line> lines = f.or("milling", section -> lines(section.milling()), MILLING, List.of(),
                    "in order; `rabbet` says when the rabbet is cut: first, if it is not there");
            Layers layers = f.or("layers", section -> section.milling().layers(), new LayersForm(wood), Layers.NONE,
                    "boards glued up: each with `thickness` on each other, front first; with `width` edge to edge, sight edge first");
            Cut done = cut == null ? NO_RABBET : cut;
            return new Section(wood, width, thickness, done.rabbet(), milling(done, lines, layers));
        });
    }

    /** The pack's rabbet, and how it is cut. */
    private record Cut(Rabbet rabbet, RabbetWay way, int passes) {}

    private static @Nullable Cut cut(Section section) {
        Cut cut = new Cut(section.rabbet(), section.milling().way(), section.milling().rabbetPasses());
        return cut.equals(NO_RABBET) ? null : cut;
    }

    private static Cut rabbet(Fields<Cut> f) throws BadFile {
        Length width = f.must("width", cut -> cut.rabbet().width(), CUT, "across, from the sight edge");
        Length depth = f.must("depth", cut -> cut.rabbet().depth(), CUT, "front to back, from the back");
        Rabbet.Step step = f.maybe("step", cut -> cut.rabbet().step(), STEP,
                "the wider, shallower step of a double rabbet");
        Angle tilt = f.or("tilt", cut -> cut.rabbet().tilt(), Forms.angle(0, 90, "a tilt from 0 to 90 degrees"),
                Angle.ZERO, "degrees its ledge is turned, to lie level where the faces slope");
        RabbetWay way = f.or("cut", Cut::way, WAY, RabbetWay.ROUTER, "how; `ready`: the moulding comes with it");
        return new Cut(new Rabbet(width, depth, step, tilt), way, passes(f, Cut::passes));
    }

    private static <R> int passes(Fields<R> f, ToIntFunction<R> of) throws BadFile {
        Integer passes = f.maybe("passes", each -> of.applyAsInt(each) == 0 ? null : of.applyAsInt(each), PASSES,
                "as many as the maker wants; without it, as many as it takes");
        return passes == null ? 0 : passes;
    }

    /** Operations are counted without the rabbet's line. */
    private static List<Line> few(List<Line> lines, Node at) throws BadFile {
        boolean many = lines.stream().filter(line -> line.operation() != null).count() > Milling.MOST_OPERATIONS;
        return many ? at.beyond(AT_MOST, lines.subList(0, Milling.MOST_OPERATIONS)) : lines;
    }

    private static List<Line> lines(Milling milling) {
        List<Line> all = new ArrayList<>(milling.operations().stream().map(each -> new Line(each, 0)).toList());
        if (!all.isEmpty()) {
            all.add(milling.rabbetAt(), new Line(null, 0));
        }
        return all;
    }

    private static Milling milling(Cut cut, List<Line> lines, Layers layers) {
        int at = 0;
        int passes = cut.passes();
        List<Operation> operations = new ArrayList<>();
        for (Line line : lines) {
            if (line.operation() == null) {
                at = operations.size();
                passes = line.passes() > 0 ? line.passes() : passes;
            } else {
                operations.add(line.operation());
            }
        }
        return new Milling(layers, cut.way(), passes, at, operations);
    }

    private static List<Kind<Line>> lines() {
        List<Kind<Line>> kinds = new ArrayList<>();
        kinds.add(Kind.when("rabbet", line -> line.operation() == null,
                f -> new Line(null, passes(f, Line::passes))));
        for (EdgeShape shape : EdgeShape.values()) {
            kinds.add(Kind.when(word(shape),
                    line -> line.operation() instanceof Operation.Shaped shaped && shaped.shape() == shape,
                    f -> new Line(f.part(line -> (Operation.Shaped) line.shaped(), g -> shaped(g, shape)), 0)));
        }
        kinds.add(Kind.when("groove", line -> line.operation() instanceof Operation.Groove,
                f -> new Line(f.part(line -> (Operation.Groove) line.shaped(), SectionForm::groove), 0)));
        kinds.add(Kind.when("rip", line -> line.operation() instanceof Operation.Rip,
                f -> new Line(new Operation.Rip(f.must("width", line -> line.shaped().size(), CUT,
                        "of the strip off the outer edge: the blank is that much wider")), 0)));
        return kinds;
    }

    private static String word(EdgeShape shape) {
        return switch (shape) {
            case ROUND_OVER -> "round-over";
            case COVE -> "cove";
            case BEAD -> "bead";
            case CHAMFER -> "chamfer";
            case FACET -> "facet";
            case BEVEL -> "bevel";
            case RABBET -> "step";
        };
    }

    private static Operation.Shaped shaped(Fields<Operation.Shaped> f, EdgeShape shape) throws BadFile {
        Edge edge = f.must("at", Operation.Shaped::edge, EDGE, "");
        Length size = switch (shape) {
            case ROUND_OVER, COVE, BEAD -> f.must("radius", Operation.Shaped::size, CUT, "");
            case CHAMFER, FACET, BEVEL, RABBET -> f.must("width", Operation.Shaped::size, CUT,
                    "across the face");
        };
        Length depth = switch (shape) {
            case BEAD -> f.must("quirk", Operation.Shaped::depth, CUT, "width of the groove beside it");
            case BEVEL, RABBET -> f.must("depth", Operation.Shaped::depth, CUT, "down the side");
            case ROUND_OVER, COVE, CHAMFER, FACET -> size;
        };
        Length inset = f.or("inset", Operation.Shaped::inset, CUT, Length.ZERO, "from the edge, across the face");
        Length sunk = f.or("sunk", Operation.Shaped::sunk, CUT, Length.ZERO, "from the edge, down the side");
        return new Operation.Shaped(shape, edge, size, depth, passes(f, Operation.Shaped::passes), inset, sunk);
    }

    private static Operation.Groove groove(Fields<Operation.Groove> f) throws BadFile {
        return new Operation.Groove(f.must("at", Operation.Groove::face, Forms.named(Face.class), ""),
                f.must("from", Operation.Groove::from, CUT, "the sight edge; on the sides, the front"),
                f.must("width", Operation.Groove::size, CUT, ""), f.must("depth", Operation.Groove::depth, CUT, ""),
                passes(f, Operation.Groove::passes));
    }
}
