package neatcorner.station.glueup;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.solid.Part;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.glueup.jig.JigDesign;
import neatcorner.glueup.jig.Jigs;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Loop;
import neatcorner.piece.Piece;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Plan;
import neatcorner.stock.Search;
import neatcorner.stock.Sheet;
import neatcorner.stock.sheets.Panel;
import neatcorner.stock.sheets.SheetLayout;
import neatcorner.stock.sheets.SheetNesting;

/**
 * A jig for the job at hand, and where its parts are cut from: sheets of plywood on the rack, or a usual half sheet.
 *
 */
public record JigWork(JigDesign design, SheetNesting nesting, SheetLayout layout) {
    private static final String MATERIAL = "plywood";

    /** A jig for a plan's frame; the search can be told to stop. */
    public static JigWork of(Plan plan, JigDesign.Kind kind, Search search) {
        JigDesign design = design(plan, kind);
        List<Panel> panels = design.parts().stream()
                .map(part -> new Panel(part.name(), part.length(), part.width(), part.count())).toList();
        List<Sheet> sheets = new ArrayList<>(plan.job().stock().sheets().stream()
                .filter(sheet -> sheet.material().equalsIgnoreCase(MATERIAL)).toList());
        if (sheets.isEmpty()) {
            Units units = plan.job().units();
            sheets.add(new Sheet(
                    units == Units.MILLIMETRES ? GlueUpTexts.HALF_SHEET_METRIC : GlueUpTexts.HALF_SHEET_INCHES,
                    MATERIAL,
                    units.either(1220, 48), units.either(1220, 48), 4, null, false, Length.ZERO));
        }
        SheetNesting nesting = new SheetNesting(panels, sheets, plan.job().saw().kerf(), true);
        return new JigWork(design, nesting, nesting.solve(search));
    }

    /** The jigs that make sense for a frame. */
    public static List<JigDesign.Kind> kinds(Plan plan) {
        List<JigDesign.Kind> kinds = new ArrayList<>();
        GlueUpWork work = GlueUpWork.of(plan);
        if (work == null) {
            return kinds;
        }
        if (work.frame().square()) {
            kinds.add(JigDesign.Kind.CORNER_JIG);
        } else if (work.frame().standsOut()) {
            kinds.add(JigDesign.Kind.BAND_BLOCKS);
        }
        kinds.add(JigDesign.Kind.GLUING_CORNER);
        kinds.add(JigDesign.Kind.SLED);
        if (plan.job().reinforcement().stream().anyMatch(each -> each.kind() == ReinforcementKind.SPLINE)) {
            kinds.add(JigDesign.Kind.CRADLE);
        }
        return kinds;
    }

    /** What a jig of a kind is made of, without where it is cut from. */
    static JigDesign design(Plan plan, JigDesign.Kind kind) {
        Jigs jigs = new Jigs(plan.job().units(), Jigs.usualBoard(plan.job().units()));
        List<CornerWork.Kind> corners = CornerWork.of(plan).kinds();
        Angle interior = corners.isEmpty() ? Angle.RIGHT : corners.getFirst().corner().wood().corner().interior();
        return switch (kind) {
            case CORNER_JIG -> {
                CornerJig jig = plan.shop().jig();
                CornerJig design = jig == null ? CornerJig.usual(plan.job().units()) : jig;
                yield jigs.cornerJig(design, design.fit(plan.sizes().outside()).orElse(null));
            }
            case GLUING_CORNER -> jigs.gluingCorner(interior);
            case SLED -> {
                Piece piece = plan.pieces().getFirst();
                Length longest = plan.pieces().stream().map(Piece::longPoint).reduce(Length.ZERO, Length::max);
                yield jigs.sled(piece.left().miter(), piece.right().miter(), longest);
            }
            case CRADLE -> cradle(plan, jigs, interior);
            case BAND_BLOCKS -> {
                Loop outside = Objects.requireNonNull(plan.contours()).outside();
                List<Angle> interiors = plan.pieces().size() == outside.sides()
                        ? IntStream.range(0, outside.sides()).mapToObj(outside::interior).toList()
                        : corners.stream().flatMap(each -> each.at().stream().map(name -> each.corner().wood().corner()
                                .interior())).toList();
                yield jigs.bandBlocks(interiors, plan.job().section().thickness());
            }
        };
    }

    private static JigDesign cradle(Plan plan, Jigs jigs, Angle interior) {
        for (CornerWork.Kind each : CornerWork.of(plan).kinds()) {
            for (Part part : each.corner().parts()) {
                if (part.kind() == ReinforcementKind.SPLINE) {
                    Reinforcement spline = each.corner().reinforcements().get(part.of());
                    return jigs.cradle(interior, spline.size(), each.corner().toBack(part));
                }
            }
        }
        return jigs.cradle(interior, Length.mm(20), plan.job().section().thickness().scaled(0.5));
    }
}
