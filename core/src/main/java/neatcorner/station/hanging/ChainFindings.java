package neatcorner.station.hanging;

import static neatcorner.plan.Station.HANGING;

import java.util.List;
import neatcorner.hanging.HangBy;
import neatcorner.hanging.Hanging;
import neatcorner.hanging.Link;
import neatcorner.hanging.Screwing;
import neatcorner.measure.Length;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.member.MemberKind;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import org.jspecify.annotations.Nullable;

/** What of all that carries a frame is too weak, too large or has no wood to be screwed to; and a way to hang it that holds. */
final class ChainFindings {
    /** Strips in all: common practice. */
    private static final int MOST_STRIPS = 4;

    private final Plan plan;
    private final Hanging hanging;
    private final HangingWork work;
    private final Units units;

    ChainFindings(Plan plan, HangingWork work) {
        this.plan = plan;
        this.work = work;
        this.hanging = plan.job().hanging();
        this.units = plan.job().units();
    }

    void add(List<Finding> findings) {
        switch (work.upon()) {
            case MIRROR -> glued(findings);
            case HINGES -> hinges(findings);
            case WALL -> hung(findings);
        }
    }

    private void hung(List<Finding> findings) {
        if (hanging.by() == HangBy.STRIPS && hanging.sleepers()) {
            findings.add(Finding.stop(HangingFinding.STRIPS_OVER_PEOPLE, HANGING,
                    Sentence.of(HangingTexts.STRIPS_OVER_PEOPLE), otherWay()));
        }
        if (!work.hasWood() || (hanging.by().hasRings() && work.screws() == null)) {
            wood(findings);
        } else if (work.screws() != null && work.screws().count() > Screwing.MOST
                && work.chain().stream().allMatch(Link::isEnough)) {
            findings.add(Finding.check(HangingFinding.HANGER_SCREWS, HANGING,
                    Sentence.of(HangingTexts.TOO_MANY_SCREWS, Scalar.count(work.screws().count()),
                            work.screws().diameter(), work.screws().bite()),
                    otherWay()));
        }
        if (!HangingChoices.isSmallEnough(work, units)) {
            boolean wide = hanging.by() == HangBy.SAWTOOTH;
            findings.add(Finding.check(HangingFinding.HANGER_HEAVY, HANGING,
                    Sentence.of((wide ? HangingTexts.TOO_WIDE_FOR : HangingTexts.TOO_HIGH_FOR)
                            .formatted(hanging.by().title()), wide ? work.width() : work.height(),
                            HangingChoices.narrow(units)),
                    otherWay()));
        } else {
            work.chain().stream().filter(link -> !link.isEnough()).findFirst()
                    .ifPresent(link -> findings.add(weak(link)));
        }
        apart(findings);
    }

    private Finding weak(Link link) {
        boolean label = link.part() == Link.Part.STRIP
                ? hanging.rating().kilograms() > 0
                : hanging.hardware().kilograms() > 0;
        String said = link.safety() > 1
                ? label ? HangingTexts.LABEL_TOO_LOW : HangingTexts.NONE_SO_STRONG
                : link.part() == Link.Part.STRIP ? HangingTexts.STRIP_TOO_WEAK : HangingTexts.GOOD_UP_TO;
        return Finding.check(HangingFinding.HANGER_HEAVY, HANGING, Sentence.of(said.formatted(link.part().title()),
                link.carries(), link.needed(), link.rated()), stronger());
    }

    /** So many strips that none is too weak, as long as they are few; else another way. */
    private @Nullable Remedy stronger() {
        for (int strips = hanging.hooks() + 1; hanging.by() == HangBy.STRIPS && !hanging.sleepers()
                && strips <= MOST_STRIPS; strips++) {
            int count = strips;
            if (HangingWork.as(plan, hanging.withHooks(count)).chain().stream().allMatch(Link::isEnough)) {
                return HangingFindings.hang(Sentence.of(HangingTexts.SO_MANY_STRIPS, Scalar.count(count)),
                        h -> h.withHooks(count));
            }
        }
        return otherWay();
    }

    private void wood(List<Finding> findings) {
        HangerWood into = work.into();
        if (into == null) {
            return;
        }
        Length wide = HangingWork.room(hanging.by());
        boolean frame = into.name().isEmpty();
        String said = (frame ? HangingTexts.NO_WOOD_IN_FRAME : HangingTexts.NO_WOOD_IN_RING)
                .formatted(hanging.by().title());
        findings.add(Finding.check(HangingFinding.HANGER_NO_WOOD, HANGING,
                frame
                        ? Sentence.of(said, into.wide(), into.deep(), wide, Screwing.leastDeep())
                        : Sentence.naming(into.name(), said, into.wide(), into.deep(), wide, Screwing.leastDeep()),
                otherWay()));
    }

    /** Hooks of a cleat or screws through the wood, from the first to the last. */
    private void apart(List<Finding> findings) {
        if ((hanging.by() != HangBy.CLEAT && hanging.by() != HangBy.SCREWS) || hanging.hooks() < 2) {
            return;
        }
        Length whole = hanging.apart().times(hanging.hooks() - 1);
        Length room = HangingChoices.along(work);
        if (whole.isMoreThan(room)) {
            findings.add(Finding.check(HangingFinding.HOOKS_APART, HANGING,
                    Sentence.of(HangingTexts.SCREWS_TOO_FAR_APART, whole, room), closer()));
        }
    }

    /** Closer together; fewer where so many would be too near to each other, and one alone only where there is room for no more. */
    private Remedy closer() {
        int count = hanging.hooks();
        Length apart = HangingChoices.closer(work, count, units);
        while (count > 2 && !apart.isPositive()) {
            count--;
            apart = HangingChoices.closer(work, count, units);
        }
        int hooks = apart.isPositive() ? count : 1;
        Length each = apart.isPositive() ? apart : hanging.apart();
        return hooks == hanging.hooks()
                ? HangingFindings.hang(Sentence.of(HangingTexts.SCREWS_CLOSER, each), h -> h.withApart(each))
                : HangingFindings.hang(Sentence.of(HangingTexts.SO_MANY_HOOKS, Scalar.count(hooks)),
                        h -> h.withHooks(hooks).withApart(each));
    }

    private void glued(List<Finding> findings) {
        work.chain().stream().filter(link -> !link.isEnough()).forEach(link -> findings.add(Finding.check(
                HangingFinding.ADHESIVE_WEAK, HANGING,
                Sentence.of(HangingTexts.ADHESIVE_TOO_WEAK, link.carries(), link.rated()), null)));
    }

    /** Two hinges carry a leaf, three from a meter on: common practice. */
    private void hinges(List<Finding> findings) {
        int least = work.height().isLessThan(units.either(1000, 40)) ? 2 : 3;
        if (HangingWork.hinges(plan) < least) {
            findings.add(Finding.check(HangingFinding.HINGES_FEW, HANGING,
                    Sentence.of(HangingTexts.TOO_FEW_HINGES, work.height(), Scalar.count(least)),
                    new Remedy(Sentence.of(HangingTexts.SO_MANY_HINGES, Scalar.count(least)),
                            job -> job.withMembers(job.members().stream()
                                    .map(member -> member.kind() instanceof MemberKind.Bought bought
                                            && bought.fitting() == MemberKind.Fitting.HINGES
                                                    ? member.withKind(new MemberKind.Bought(bought.fitting(), least))
                                                    : member)
                                    .toList()))));
        }
    }

    /** The first of the ways that hold; null where none does. */
    private @Nullable Remedy otherWay() {
        for (HangBy by : HangingChoices.SAFEST_FIRST) {
            if (by != hanging.by() && HangingChoices.fits(plan, by)) {
                Hanging as = HangingChoices.as(plan, by);
                return HangingFindings.hang(Sentence.of(HangingTexts.HANG_BY.formatted(by.title())),
                        h -> h.withBy(by).withHooks(as.hooks()).withApart(as.apart()));
            }
        }
        return null;
    }
}
