package neatcorner.station.opening;

import static neatcorner.plan.Station.OPENING;

import java.util.List;
import neatcorner.job.Cutting;
import neatcorner.job.Job;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Physical;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.measure.Theirs;
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

    /** A thinner bar is none. */
    private static final double LEAST_BAR_MM = 6;
    private static final double LEAST_BAR_INCHES = 0.25;
    private static final double NEAR = 1e-3;

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
            } else if (made.member().kind() instanceof MemberKind.Bar) {
                addDeep(plan.job(), made.member(), findings);
            }
        }
        addCrossing(plan, findings);
    }

    /** A bar lies behind what the frame holds, or within the sides of a ring. */
    private static void addDeep(Job job, Member member, List<Finding> findings) {
        Ring ring = job.ring(member.of());
        Length room = ring != null
                ? ring.section().thickness()
                : job.section().rabbet().isNone()
                        ? job.section().thickness()
                        : job.section().rabbet().depth().minus(job.hold().isInRabbet()
                                ? job.pack().thickness()
                                : Length.ZERO);
        if (member.thickness().isMoreThan(room)) {
            Length thick = Length.max(Length.ZERO, room);
            findings.add(Finding.check(SizeFinding.BAR_STANDS_OUT, OPENING,
                    Sentence.naming(member.name(), OpeningTexts.BAR_STANDS_OUT, member.thickness(), thick),
                    thick.isLessThan(job.units().either(LEAST_BAR_MM, LEAST_BAR_INCHES))
                            ? null
                            : new Remedy(Sentence.of(OpeningTexts.MAKE_IT_THICK, thick),
                                    j -> with(j, member, member.withThickness(thick)))));
        }
    }

    /** Bars of one ring that cross in one place. */
    private static void addCrossing(Plan plan, List<Finding> findings) {
        List<MadeMember> bars = plan.members().stream()
                .filter(made -> made.fault() == null && made.member().kind() instanceof MemberKind.Bar).toList();
        for (int i = 0; i < bars.size(); i++) {
            for (MadeMember other : bars.subList(i + 1, bars.size())) {
                if (bars.get(i).member().of().equals(other.member().of()) && meet(bars.get(i), other)) {
                    findings.add(Finding.check(SizeFinding.BARS_CROSS, OPENING, Sentence.naming(
                            bars.get(i).member().name(),
                            OpeningTexts.BARS_CROSS.formatted(Theirs.words(other.member().name()))), null));
                }
            }
        }
    }

    private static boolean meet(MadeMember one, MadeMember other) {
        return one.shapes().stream()
                .anyMatch(a -> other.shapes().stream()
                        .anyMatch(b -> low(a, true) < high(b, true) - NEAR && low(b, true) < high(a, true) - NEAR
                                && low(a, false) < high(b, false) - NEAR && low(b, false) < high(a, false) - NEAR));
    }

    private static double low(MadeMember.Shape shape, boolean across) {
        return shape.outline().stream().mapToDouble(v -> across ? v.x() : v.y()).min().orElse(0);
    }

    private static double high(MadeMember.Shape shape, boolean across) {
        return shape.outline().stream().mapToDouble(v -> across ? v.x() : v.y()).max().orElse(0);
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
        return Cutting.of(with(job, member, tried)).members().stream()
                .filter(made -> made.member().equals(tried)).allMatch(made -> made.fault() == null);
    }

    private static Remedy without(Member member) {
        return new Remedy(Sentence.naming(member.name(), OpeningTexts.LEAVE_THE_PART_OUT),
                job -> job.withMembers(job.members().stream().filter(each -> !each.equals(member)).toList()));
    }

    /** Neighbours clear each other across their thickness, or along their width: pitch · sin > thickness, or pitch · cos > width. */
    private static void addMeeting(Job job, Member member, MemberKind.Slats slats, List<Finding> findings) {
        double sin = Math.abs(slats.tilt().sin());
        double cos = slats.tilt().cos();
        double pitch = slats.pitch().toMm();
        if (pitch * sin >= member.thickness().toMm() - NEAR || pitch * cos >= member.width().toMm() - NEAR) {
            return;
        }
        double least = Math.min(sin < 1e-6 ? Double.MAX_VALUE : member.thickness().toMm() / sin,
                cos < 1e-6 ? Double.MAX_VALUE : member.width().toMm() / cos);
        Length step = job.units().either(0.5, 1.0 / 32);
        Length wider = step.times((long) Math.ceil(least / step.toMm() + 1e-6));
        findings.add(Finding.stop(SizeFinding.SLATS_MEET, OPENING,
                Sentence.naming(member.name(), OpeningTexts.SLATS_MEET, slats.pitch(), slats.tilt()),
                new Remedy(Sentence.of(OpeningTexts.SET_SLATS_APART, wider),
                        j -> with(j, member, member.withKind(slats.withPitch(wider))))));
    }

    /** How deep tilted slats are: w · sin + t · cos; more than their sides are thick, and they stand out. */
    private static void addSlats(Job job, Member member, MemberKind.Slats slats, List<Finding> findings) {
        addMeeting(job, member, slats, findings);
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
