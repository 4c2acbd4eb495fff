package neatcorner.station.opening;

import java.util.List;
import neatcorner.measure.Length;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.measure.Theirs;
import neatcorner.member.MadeMember;
import neatcorner.member.Member;
import neatcorner.member.MemberKind;
import neatcorner.member.Scallops;
import neatcorner.member.SheetFace;
import neatcorner.outline.Contours;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;

/** What there is of each member, how many and how long. */
final class MemberRows {
    private MemberRows() {}

    static void add(Plan plan, List<Slate.Row> rows) {
        for (MadeMember made : plan.members()) {
            if (made.fault() == null) {
                add(plan, made, rows);
            }
        }
    }

    private static void add(Plan plan, MadeMember made, List<Slate.Row> rows) {
        Member member = made.member();
        String name = Theirs.words(member.name());
        if (member.kind() instanceof MemberKind.Face face) {
            Contours contours = plan.contours();
            if (contours != null) {
                Scallops arcs = SheetFace.scallops(face, contours.outside());
                rows.add(Slate.Row.plain(OpeningTexts.ARCS.formatted(name),
                        Reading.computed(OpeningTexts.ARCS_ACROSS, Scalar.count(arcs.across()),
                                OpeningTexts.ARCS_FORMULA),
                        Reading.computed(OpeningTexts.ARCS_DOWN, Scalar.count(arcs.down()),
                                OpeningTexts.ARCS_FORMULA)));
                rows.add(Slate.Row.plain(OpeningTexts.RADIUS, Reading.computed(OpeningTexts.RADIUS,
                        Length.mm(arcs.radius(face.wave().toMm())), OpeningTexts.RADIUS_FORMULA,
                        Reading.computed(OpeningTexts.CHORD, Length.mm(arcs.chord()), OpeningTexts.ARCS_FORMULA),
                        Reading.given(OpeningTexts.WAVE, face.wave()))));
            }
            return;
        }
        if (!member.kind().isWood()) {
            rows.add(Slate.Row.plain(OpeningTexts.PART.formatted(name), Reading
                    .computed(OpeningTexts.COUNT_OF.formatted(name), Scalar.count(made.count()), how(member))));
            return;
        }
        Reading length = member.kind() instanceof MemberKind.Slats slats
                ? Reading.computed(OpeningTexts.LENGTH_OF.formatted(name), made.length(), OpeningTexts.SLAT_FORMULA,
                        Reading.given(OpeningTexts.GROOVE, slats.groove()))
                : Reading.computed(OpeningTexts.LENGTH_OF.formatted(name), made.length(), how(member));
        rows.add(Slate.Row.plain(member.kind() instanceof MemberKind.Trim || made.count() == 1
                ? OpeningTexts.PART.formatted(name)
                : OpeningTexts.SO_MANY.formatted(made.count(), name), length));
    }

    /** Where count or length come from. */
    private static String how(Member member) {
        return MemberCard.of(member.kind()).how();
    }
}
