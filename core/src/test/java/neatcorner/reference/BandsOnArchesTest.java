package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Length;
import neatcorner.member.MadeMember;
import neatcorner.member.Member;
import neatcorner.member.MemberKind;
import neatcorner.outline.Opening;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/**
 * The sides of a trim band under an arch: the circle through the frame's upper corners and the arch's top is one, the band's inner edge
 * another about the same middle, less its width. The slanted end of a side runs from the one to the other.
 */
class BandsOnArchesTest {
    private static final Species ASH = Species.named("white ash");

    @Test
    void aSideEndsWhereTheArchBegins() {
        int[] made = new int[1];
        Cases.of("bands on arches", random -> {
            double wide = 250 + random.nextInt(600);
            double high = 300 + random.nextInt(600);
            double band = 12 + random.nextInt(30);
            double rise = 20 + random.nextInt((int) (wide / 2) - 20);
            double shoulder = 20 + random.nextInt(60);
            int layers = 1 + random.nextInt(3);
            Job job = Jobs.chart().withSize(SizeOf.OUTSIDE, new Opening(Length.mm(wide), Length.mm(high)))
                    .withMembers(List.of(
                            new Member("head", "", new MemberKind.Head(Length.mm(rise)), ASH, Length.mm(shoulder),
                                    Length.mm(18)),
                            new Member("band", "", new MemberKind.Trim(layers), ASH, Length.mm(band), Length.mm(18))));
            Plan plan = Planner.plan(job);
            MadeMember trim = plan.members().getLast();
            if (trim.fault() != null) {
                return;
            }
            made[0]++;
            double radius = (wide * wide / 4 + rise * rise) / (2 * rise);
            double springing = high + shoulder;
            double centre = springing + rise - radius;
            for (Piece piece : trim.pieces()) {
                assertEquals(springing, piece.outer().toMm(), 0.01, "the outer edge ends at the arch's own ends");
                double up = piece.sight().toMm() - centre;
                double across = wide / 2 - band;
                assertEquals(radius - band, Math.hypot(across, up), 0.02, "the inner edge ends on the inner circle");
                boolean one = Math.abs(piece.left().miter().degrees()) < 1e-6
                        || Math.abs(piece.right().miter().degrees()) < 1e-6;
                assertTrue(one, "the foot is square");
                double lean = Math.max(piece.left().lean(), piece.right().lean());
                assertEquals(piece.outer().minus(piece.sight()).toMm(), lean * band, 0.02, "the slant is the saw's");
            }
            assertEquals(2 * layers, trim.pieces().size());
        });
        Cases.met(10, "were made", made[0]);
    }
}
