package neatcorner.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.fitout.FrameSizes;
import neatcorner.hanging.Weight;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Sentence;
import neatcorner.outline.Contours;
import neatcorner.piece.FramePieces;
import neatcorner.piece.Piece;
import neatcorner.piece.Scarf;
import neatcorner.saw.CuttingOrder;
import neatcorner.stock.Blanks;
import neatcorner.stock.LayOut;
import neatcorner.stock.Search;
import neatcorner.stock.StickLayout;
import org.jspecify.annotations.Nullable;

/** Works out the plan of a job. Pure: the same job always gives the same plan, and nothing else happens. */
public final class Planner {
    private static final StickLayout NOTHING_TO_CUT = new StickLayout(List.of(), 0, 0, true, "nothing to cut", null, 0);

    private Planner() {}

    public static Plan plan(Job job) {
        return plan(job, Search.PATIENT);
    }

    /** As {@link #plan(Job)}; searches for a layout of sticks, and for remedies, can be told to stop: the
     * best layout so far is kept, and remedies that were not found are left out. */
    public static Plan plan(Job job, Search search) {
        Geometry geometry = Geometry.of(job);
        FrameSizes sizes = geometry.sizes();
        Optional<Sentence> fault = ShapeFindings.fault(geometry);
        Contours contours = ShapeFindings.sound(geometry, fault) ? geometry.contours() : null;
        List<Piece> pieces = pieces(job, contours);
        List<Piece> parts = scarfed(job, pieces);
        boolean possible = !pieces.isEmpty();
        StickLayout layout = possible ? layOut(job, parts, search) : NOTHING_TO_CUT;
        Weight weight = contours != null && possible && job.section().isSound()
                ? Weight.of(new Weight.Frame(pieces, job.section(), job.outline(), job.joint()), contours, job.pack(),
                        sizes, job.units())
                : new Weight(Mass.ZERO, Mass.ZERO);
        Plan plan = new Plan(job, sizes, contours, pieces, parts, layout, CuttingOrder.settings(parts),
                CuttingOrder.cuts(parts, job.quantity(), layout), weight, List.of());
        List<Finding> findings = new ArrayList<>();
        SizeFindings.add(plan, findings);
        ShapeFindings.add(geometry, fault, plan, findings);
        SectionFindings.add(plan, findings);
        MillingFindings.add(plan, findings);
        CornerFindings.add(plan, findings, search);
        StockFindings.add(plan, findings, search);
        MeasuredFindings.add(plan, findings);
        GlueUpFindings.add(plan, findings);
        findings.sort(Comparator.comparing(Finding::level));
        return plan.withFindings(findings);
    }

    /** The pieces of one frame; none when the sizes are impossible. */
    static List<Piece> pieces(Job job) {
        Geometry geometry = Geometry.of(job);
        return pieces(job, ShapeFindings.sound(geometry) ? geometry.contours() : null);
    }

    private static List<Piece> pieces(Job job, @Nullable Contours contours) {
        return contours == null ? List.of() : FramePieces.of(contours, job.outline(), job.joint());
    }

    /** The pieces, those too long for any stick in parts where the maker wants them scarfed. */
    private static List<Piece> scarfed(Job job, List<Piece> pieces) {
        if (job.stock().scarf() <= 0) {
            return pieces;
        }
        Length clear = job.stock().longestClear().orElse(Length.ZERO);
        if (!clear.isPositive()) {
            return pieces;
        }
        Scarf scarf = new Scarf(job.stock().scarf(), job.section().thickness());
        List<Piece> parts = new ArrayList<>();
        for (Piece piece : pieces) {
            List<Piece> each = scarf.parts(piece,
                    clear.minus(piece.kerfAtEnds(job.saw().kerf())).minus(job.saw().rough()));
            parts.addAll(each.isEmpty() ? List.of(piece) : each);
        }
        return List.copyOf(parts);
    }

    static StickLayout layOut(Job job, List<Piece> pieces, Search search) {
        return new LayOut(pieces, job.quantity(), job.stock(), Blanks.of(job.section()), job.saw().kerf(),
                job.saw().rough()).solve(search);
    }
}
