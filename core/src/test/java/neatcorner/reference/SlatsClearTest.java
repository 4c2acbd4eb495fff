package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.member.Member;
import neatcorner.member.MemberKind;
import neatcorner.outline.Opening;
import neatcorner.plan.Finding;
import neatcorner.planner.Planner;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.shop.Shop;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Two slats from the end, as rectangles turned by their tilt and set one pitch apart: whether they share any wood. */
class SlatsClearTest {
    /** Slats that share less touch, and may be called either, mm². */
    private static final double TOUCHING = 0.3;
    private static final Species ASH = Species.named("white ash");

    private static double shared(Member member, MemberKind.Slats slats) {
        Geometry one = AffineTransformation.rotationInstance(slats.tilt().radians()).transform(new GeometryFactory()
                .toGeometry(new Envelope(0, member.thickness().toMm(), 0, member.width().toMm())));
        return one.intersection(AffineTransformation.translationInstance(0, slats.pitch().toMm()).transform(one))
                .getArea();
    }

    @Test
    void slatsThatShareWoodAreSaidToAndSetApart() {
        int[] met = new int[2];
        Cases.of("slats", random -> {
            MemberKind.Slats slats = new MemberKind.Slats(Length.mm(8), Length.mm(8 + random.nextInt(50)),
                    Angle.ofDegrees(random.nextInt(80)));
            Member member = new Member("slats", "", slats, ASH, Length.mm(15 + random.nextInt(40)),
                    Length.mm(4 + random.nextInt(8)));
            Section side = new Section(ASH, Length.mm(40), Length.mm(60), Rabbet.NONE);
            Job job = Jobs.chart().withHold(new Hold.Nothing()).withPack(new Pack(List.of())).withSection(side)
                    .withSize(SizeOf.OUTSIDE, new Opening(Length.mm(400), Length.mm(700))).withMembers(List.of(member));
            double shared = shared(member, slats);
            if (shared > 1e-9 && shared < TOUCHING) {
                return;
            }
            Finding finding = Planner.plan(job).findings().stream().filter(each -> each.code().equals("slats.meet"))
                    .findFirst().orElse(null);
            met[shared > TOUCHING ? 0 : 1]++;
            assertEquals(shared > TOUCHING, finding != null, member + " share " + shared);
            if (finding != null) {
                Member mended = Objects.requireNonNull(finding.remedy()).edit().of(job, Shop.usual(Units.MILLIMETRES))
                        .members().getFirst();
                MemberKind.Slats set = (MemberKind.Slats) mended.kind();
                assertTrue(shared(mended, set) < TOUCHING, mended.toString());
                assertTrue(shared(mended, set.withPitch(set.pitch().minus(Length.mm(0.6)))) > 0,
                        "and no further apart than that");
            }
        });
        Cases.met(5, "met", met[0]);
        Cases.met(5, "did not meet", met[1]);
    }
}
