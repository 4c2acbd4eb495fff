package neatcorner.station.glueup;

import java.util.ArrayList;
import java.util.List;
import neatcorner.glueup.Attached;
import neatcorner.glueup.GlueStep;
import neatcorner.measure.Length;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.member.MadeMember;
import neatcorner.member.Member;
import neatcorner.member.MemberKind;
import neatcorner.plan.Plan;

/** How what belongs to a frame besides its rings is made and comes to it. */
final class MemberSteps {
    private static final int MINUTE = 60;
    private static final int EACH = 2 * MINUTE;

    private MemberSteps() {}

    /** Those that are made of wood, as tasks of the days. */
    static List<Attached> attached(Plan plan) {
        return plan.members().stream().filter(made -> made.fault() == null && made.member().kind().isWood())
                .map(made -> new Attached(made.member().name(),
                        made.member().kind().isOutside() ? Attached.Way.ROUND : Attached.Way.IN, made.count()))
                .toList();
    }

    /** In words; those that stand in grooves go in while the frame is glued. */
    static List<GlueStep> of(Plan plan) {
        List<GlueStep> steps = new ArrayList<>();
        for (MadeMember made : plan.members()) {
            if (made.fault() == null) {
                steps.add(new GlueStep(GlueStep.Kind.PREPARE, said(made), made.count() * EACH, 0, false));
            }
        }
        return steps;
    }

    private static Sentence said(MadeMember made) {
        Member member = made.member();
        String name = member.name();
        return switch (member.kind()) {
            case MemberKind.Slats slats -> Sentence.naming(name, GlueUpTexts.SLATS_GO_IN, made.length(),
                    Scalar.count(made.count()), slats.groove());
            case MemberKind.Bar bar -> Sentence.naming(name, GlueUpTexts.BAR_GOES_ACROSS);
            case MemberKind.Triangles triangles -> Sentence.naming(name, GlueUpTexts.TRIANGLES, member.width());
            case MemberKind.Blocks blocks -> Sentence.naming(name, GlueUpTexts.BLOCKS);
            case MemberKind.Extension extension -> Sentence.naming(name, GlueUpTexts.EXTENSION);
            case MemberKind.Head head -> Sentence.naming(name, GlueUpTexts.HEAD);
            case MemberKind.Trim trim -> Sentence.naming(name, GlueUpTexts.TRIM, Scalar.count(trim.layers()),
                    new Length(member.thickness().units() / trim.layers()));
            case MemberKind.Face face -> Sentence.naming(name, GlueUpTexts.FACE);
            case MemberKind.Bought bought -> Sentence.naming(name, switch (bought.fitting()) {
                case HINGES -> GlueUpTexts.HINGES;
                case BRACKETS -> GlueUpTexts.BRACKETS;
            }, Scalar.count(bought.count()));
            case MemberKind.Vents vents -> vents(name, made, vents);
        };
    }

    /** In the top as in the bottom; from the front one row is seen of all that lie behind each other. */
    private static Sentence vents(String name, MadeMember made, MemberKind.Vents vents) {
        int each = made.count() / 2;
        Scalar rows = Scalar.count((each + made.shapes().size() / 2 - 1) / Math.max(1, made.shapes().size() / 2));
        Length wide = made.member().width();
        return vents.slot().isMoreThan(wide)
                ? Sentence.naming(name, GlueUpTexts.SLOTS, Scalar.count(each), wide, vents.slot(), rows)
                : Sentence.naming(name, GlueUpTexts.VENTS, Scalar.count(each), wide, rows);
    }
}
