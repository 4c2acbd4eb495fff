package neatcorner.station.opening;

import static neatcorner.plan.Station.OPENING;

import java.util.List;
import neatcorner.job.Job;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Physical;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.member.MadeMember;
import neatcorner.member.Member;
import neatcorner.member.MemberKind;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;

/** Whether what belongs to a frame besides its rings can be where it is put. */
final class MemberFindings {
    /** A slot is so many times as long as it is wide. */
    private static final int SLOT = 4;

    private MemberFindings() {}

    static void add(Plan plan, List<Finding> findings) {
        if (plan.contours() == null) {
            return;
        }
        for (MadeMember made : plan.members()) {
            Sentence fault = made.fault();
            if (fault != null && made.member().kind() instanceof MemberKind.Vents vents
                    && plan.job().outline().isRectangle()) {
                findings.add(hot(plan.job(), made.member(), vents, fault));
            } else if (fault != null) {
                findings.add(Finding.stop(SizeFinding.PART_IMPOSSIBLE, OPENING, fault, without(made.member())));
            } else if (made.member().kind() instanceof MemberKind.Slats slats) {
                addSlats(plan.job(), made.member(), slats, findings);
            }
        }
    }

    /** Larger holes, or slots; never fewer than the heat wants. */
    private static Finding hot(Job job, Member member, MemberKind.Vents vents, Sentence fault) {
        Length step = job.units().either(5, 1.0 / 4);
        long widest = job.section().thickness().units() / step.units();
        for (int slot : new int[]{0, SLOT}) {
            for (long i = member.width().units() / step.units() + 1 - slot / SLOT; i <= widest; i++) {
                Length width = step.times(Math.max(1, i));
                Length length = width.times(slot);
                Member tried = member.withWidth(width).withKind(new MemberKind.Vents(vents.watts(), length));
                if (fits(job, member, tried)) {
                    return Finding.stop(SizeFinding.PART_IMPOSSIBLE, OPENING, fault, new Remedy(slot == 0
                            ? Sentence.of(OpeningTexts.HOLES_OF, width)
                            : Sentence.of(OpeningTexts.SLOTS_OF, width, length), j -> with(j, member, tried)));
                }
            }
        }
        return Finding.stop(SizeFinding.PART_IMPOSSIBLE, OPENING, Sentence.naming(member.name(),
                OpeningTexts.CANNOT_BE_COOLED, Scalar.count(Math.round(vents.watts())),
                new Physical(vents.area(), Physical.Kind.AREA)), null);
    }

    private static Job with(Job job, Member member, Member tried) {
        return job.withMembers(job.members().stream().map(each -> each.equals(member) ? tried : each).toList());
    }

    private static boolean fits(Job job, Member member, Member tried) {
        return Plan.of(with(job, member, tried), () -> true).members().stream()
                .filter(made -> made.member().equals(tried)).allMatch(made -> made.fault() == null);
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
