package neatcorner.planner;

import java.util.ArrayList;
import java.util.List;
import neatcorner.job.Cutting;
import neatcorner.job.Job;
import neatcorner.job.Ring;
import neatcorner.member.Member;
import neatcorner.piece.Piece;
import neatcorner.plan.CutList;
import neatcorner.plan.Plan;
import neatcorner.section.Section;
import neatcorner.shop.Shop;
import neatcorner.stock.Keep;
import neatcorner.stock.Search;
import neatcorner.stock.StickLayout;

/**
 * Several jobs of one section cut together from one rack, which is the first job's.
 *
 * <p>Pieces are named by job, frame and letter: {@code 2.1A} is piece A of the first frame of the second job.
 */
public final class Batch {

    private Batch() {}

    /** Whether two jobs can be cut from the same sticks. */
    public static boolean areAlike(Job job, Job other) {
        boolean ringsAlike = other.rings().stream().allMatch(ring -> {
            Ring same = job.ring(ring.name());
            return same != null && same.section().equals(ring.section());
        });
        Section a = job.section();
        Section b = other.section();
        boolean membersAlike = other.members().stream().allMatch(member -> {
            Member same = job.member(member.name());
            return same != null && same.stick().equals(member.stick());
        });
        return ringsAlike && membersAlike && a.wood().name().equalsIgnoreCase(b.wood().name())
                && a.withWood(b.wood()).equals(b)
                && job.outline().faceWidths().isEmpty() && other.outline().faceWidths().isEmpty();
    }

    /** The first job's plan with the pieces of all of them laid out on its rack; jobs of other sections are left out. */
    public static Plan plan(Job first, List<Job> others, Shop shop, Search search) {
        Plan alone = Planner.plan(first, shop, search);
        List<Piece> pieces = new ArrayList<>(named(alone, 1));
        List<Job> company = new ArrayList<>(List.of(first));
        int number = 2;
        for (Job other : others) {
            if (areAlike(first, other)) {
                company.add(other);
                pieces.addAll(
                        named(Plan.of(other.withStock(other.stock().withSticks(List.of())), search), number));
                number++;
            }
        }
        if (pieces.isEmpty()) {
            return alone;
        }
        Job together = first.withQuantity(1).withStock(first.stock().withPins(List.of()).withKeep(Keep.NO));
        StickLayout layout = Cutting.layOut(together, pieces, search);
        return new Plan(together, shop, alone.sizes(), alone.frame(), alone.rings(), alone.members(),
                CutList.of(pieces, 1, layout),
                alone.weight(), alone.findings()).inCompany(company);
    }

    private static List<Piece> named(Plan plan, int number) {
        List<Piece> named = new ArrayList<>();
        for (int frame = 1; frame <= plan.job().quantity(); frame++) {
            for (Piece piece : plan.parts()) {
                named.add(piece.named(number + "." + frame + piece.name()));
            }
        }
        return named;
    }
}
