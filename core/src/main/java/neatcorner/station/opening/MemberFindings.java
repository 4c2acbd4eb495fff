package neatcorner.station.opening;

import static neatcorner.plan.Station.OPENING;

import java.util.List;
import neatcorner.job.Job;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Sentence;
import neatcorner.member.MadeMember;
import neatcorner.member.Member;
import neatcorner.member.MemberKind;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;

/** Whether what belongs to a frame besides its rings can be where it is put. */
final class MemberFindings {
    private MemberFindings() {}

    static void add(Plan plan, List<Finding> findings) {
        if (plan.contours() == null) {
            return;
        }
        for (MadeMember made : plan.members()) {
            Sentence fault = made.fault();
            if (fault != null) {
                findings.add(Finding.stop(SizeFinding.PART_IMPOSSIBLE, OPENING, fault, without(made.member())));
            } else if (made.member().kind() instanceof MemberKind.Slats slats) {
                addSlats(plan.job(), made.member(), slats, findings);
            }
        }
    }

    private static Remedy without(Member member) {
        return new Remedy(Sentence.naming(member.name(), OpeningTexts.LEAVE_THE_PART_OUT),
                job -> job.withMembers(job.members().stream().filter(each -> !each.equals(member)).toList()));
    }

    /** How deep tilted slats are: w · sin + t · cos; more than their sides are thick, and they stand out. */
    private static void addSlats(Job job, Member member, MemberKind.Slats slats, List<Finding> findings) {
        Length deep = member.width().scaled(Math.abs(slats.tilt().sin()))
                .plus(member.thickness().scaled(slats.tilt().cos()));
        Ring ring = job.ring(member.of());
        Length sides = ring == null ? job.section().thickness() : ring.section().thickness();
        if (deep.isMoreThan(sides)) {
            findings.add(Finding.check(SizeFinding.SLATS_STAND_OUT, OPENING,
                    Sentence.naming(member.name(), OpeningTexts.SLATS_STAND_OUT, deep, sides),
                    ring == null
                            ? new Remedy(Sentence.of(OpeningTexts.TAKE_SIDES_THICK, deep),
                                    j -> j.withSection(j.section().withThickness(deep)))
                            : null));
        }
    }
}
