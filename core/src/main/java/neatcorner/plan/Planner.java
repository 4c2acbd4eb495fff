package neatcorner.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.fitout.FrameSizes;
import neatcorner.hanging.Weight;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.outline.Faces;
import neatcorner.piece.Piece;
import neatcorner.piece.RectanglePieces;
import neatcorner.saw.CuttingOrder;
import neatcorner.stock.LayOut;
import neatcorner.stock.Search;
import neatcorner.stock.StickLayout;

/** Works out the plan of a job. Pure: the same job always gives the same plan, and nothing else happens. */
public final class Planner {
    private static final StickLayout NOTHING_TO_CUT = new StickLayout(List.of(), 0, 0, true, "nothing to cut", null, 0);

    private Planner() {}

    public static Plan plan(Job job) {
        return plan(job, Search.PATIENT);
    }

    /** As {@link #plan(Job)}; the layout of sticks can be told to stop and keep its best so far. */
    public static Plan plan(Job job, Search search) {
        FrameSizes sizes = job.sizes();
        boolean possible = sizes.arePossible() && arePositive(job.faces());
        List<Piece> pieces = possible ? RectanglePieces.of(sizes.sight(), job.faces()) : List.of();
        StickLayout layout = possible ? layOut(job, pieces, search) : NOTHING_TO_CUT;
        Weight weight = possible && job.section().isSound()
                ? Weight.of(pieces, job.section(), job.pack(), sizes, job.units())
                : new Weight(Mass.ZERO, Mass.ZERO);
        Plan plan = new Plan(job, sizes, pieces, layout, CuttingOrder.settings(pieces),
                CuttingOrder.cuts(pieces, job.quantity(), layout), weight, List.of());
        List<Finding> findings = new ArrayList<>();
        SizeFindings.add(plan, findings);
        SectionFindings.add(plan, findings);
        StockFindings.add(plan, findings);
        findings.sort(Comparator.comparing(Finding::level));
        return new Plan(job, sizes, pieces, layout, plan.settings(), plan.cuts(), weight, findings);
    }

    static StickLayout layOut(Job job, List<Piece> pieces, Search search) {
        return new LayOut(pieces, job.quantity(), job.stock(), job.saw().kerf(), job.saw().rough()).solve(search);
    }

    private static boolean arePositive(Faces faces) {
        return faces.list().stream().allMatch(Length::isPositive);
    }
}
