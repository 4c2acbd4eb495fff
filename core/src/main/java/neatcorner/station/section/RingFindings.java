package neatcorner.station.section;

import static neatcorner.plan.Station.SECTION;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.fitout.SizeOf;
import neatcorner.job.CutRing;
import neatcorner.job.Defaults;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.job.PresetNames;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Sentence;
import neatcorner.measure.Theirs;
import neatcorner.measure.Units;
import neatcorner.member.MemberKind;
import neatcorner.plan.Across;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;

/** Whether rings can lie where they are put, and whether they carry what floats in them. */
final class RingFindings {
    /** What stands out no more is sanded flush, mm: common practice. */
    private static final double PROUD = 0.5;

    private RingFindings() {}

    static void add(Plan plan, List<Finding> findings) {
        if (plan.contours() == null) {
            return;
        }
        for (CutRing ring : plan.rings()) {
            Sentence fault = ring.placed().fault();
            if (fault != null) {
                findings.add(Finding.stop(SectionFinding.RING_IMPOSSIBLE, SECTION, fault, without(ring.name())));
            } else if (!ring.section().isSound()) {
                findings.add(Finding.stop(SectionFinding.RING_IMPOSSIBLE, SECTION,
                        Sentence.naming(ring.name(), SectionTexts.RING_SECTION_IMPOSSIBLE), without(ring.name())));
            }
        }
        Across across = Across.of(plan);
        for (Across.Clash clash : across.clashes(plan)) {
            findings.add(Finding.stop(SectionFinding.RING_IN_WOOD, SECTION, Sentence.naming(clash.ring(),
                    SectionTexts.RING_IN_THE_WOOD.formatted(clash.other().isEmpty()
                            ? SectionTexts.THE_FRAME
                            : SectionTexts.THE_RING.formatted(Theirs.words(clash.other())))),
                    freed(plan.job(), clash.ring())));
        }
        across.rings().forEach(ring -> addTouching(plan, across, ring, findings));
        if (plan.job().hold().isCarried()) {
            addCarrier(plan, across, findings);
        }
    }

    /** What a ring lies in that is no wood, what its screws miss, and how far it stands out behind. */
    private static void addTouching(Plan plan, Across across, Across.Lying ring, List<Finding> findings) {
        String name = ring.ring().name();
        Length into = across.intoContent(ring);
        if (into.isPositive()) {
            findings.add(Finding.stop(SectionFinding.RING_IN_PACK, SECTION,
                    Sentence.naming(name, SectionTexts.RING_IN_THE_PACK, into), freed(plan.job(), name)));
        }
        if (ring.ring().screws() != null && !across.carries(plan, ring) && across.contact(plan, ring).isEmpty()) {
            findings.add(Finding.check(SectionFinding.SCREWS_IN_AIR, SECTION,
                    Sentence.naming(name, SectionTexts.SCREWS_MEET_NO_WOOD),
                    ring.ring().place().front() != null
                            ? freed(plan.job(), name)
                            : new Remedy(Sentence.naming(name, SectionTexts.TAKE_ITS_SCREWS_OUT),
                                    job -> job.withRing(name, each -> each.withScrews(null)))));
        }
        Length proud = across.proud(plan, ring);
        if (ring.ring().place().isInside() && ring.ring().place().edge() != SizeOf.OUTSIDE
                && proud.toMm() > PROUD) {
            findings.add(Finding.check(SectionFinding.RING_PROUD, SECTION,
                    Sentence.naming(name, SectionTexts.RING_STANDS_PROUD, proud), flush(plan.job(), ring, proud)));
        }
    }

    /** Thinner by what stands out, where enough is left of it; else stock that is thicker by so much, behind the same lip. */
    private static Remedy flush(Job job, Across.Lying ring, Length proud) {
        Length thin = ring.section().thickness().minus(proud);
        String name = ring.ring().name();
        if (!thin.isLessThan(ring.section().thickness().scaled(0.5))) {
            return new Remedy(Sentence.naming(name, SectionTexts.MAKE_THE_RING_THICK, thin),
                    j -> j.withRing(name, each -> each.withSection(each.section().withThickness(thin))));
        }
        Length thick = job.section().thickness().plus(proud);
        return new Remedy(Sentence.of(SectionTexts.TAKE_STOCK_THICK, thick), j -> j.withSection(
                j.section().rabbet().isNone()
                        ? j.section().withThickness(thick)
                        : j.section().withThickness(thick)
                                .withRabbet(j.section().rabbet().withDepth(j.section().rabbet().depth().plus(proud)))));
    }

    private static Remedy without(String name) {
        return new Remedy(Sentence.naming(name, SectionTexts.LEAVE_THE_RING_OUT), job -> job.withRings(
                job.rings().stream().filter(ring -> !ring.name().equals(name)).toList()));
    }

    /** One that was put somewhere by a number may lie where it falls; others go. */
    private static Remedy freed(Job job, String name) {
        Ring ring = job.ring(name);
        return ring != null && ring.place().front() != null
                ? new Remedy(Sentence.of(SectionTexts.LET_IT_LIE_WHERE_IT_FALLS), j -> j.withRing(name,
                        each -> each.withPlace(each.place().withFront(null))))
                : without(name);
    }

    private static void addCarrier(Plan plan, Across across, List<Finding> findings) {
        Job job = plan.job();
        Units units = job.units();
        Length least = Defaults.leastBearing(units);
        Optional<Across.Lying> carrier = across.carrier();
        if (carrier.isEmpty() && job.members().stream().anyMatch(each -> each.kind() instanceof MemberKind.Face)) {
            return;
        }
        if (carrier.isEmpty()) {
            findings.add(Finding.check(SectionFinding.FLOAT_UNCARRIED, SECTION,
                    Sentence.of(SectionTexts.NOTHING_CARRIES_THE_ART), backer(job)));
            return;
        }
        String name = carrier.get().ring().name();
        Length bearing = across.bearing().orElse(Length.ZERO);
        if (bearing.isLessThan(least)) {
            Length wider = carrier.get().section().width().plus(least).minus(bearing);
            findings.add(Finding.check(SectionFinding.FLOAT_BEARING, SECTION,
                    Sentence.naming(name, SectionTexts.TOO_LITTLE_BEARING, bearing, least),
                    new Remedy(Sentence.naming(name, SectionTexts.MAKE_THE_RING_WIDE, wider),
                            j -> j.withRing(name, ring -> ring.withSection(ring.section().withWidth(wider))))));
        }
        Across.Content held = across.content();
        if (job.hold() instanceof Hold.Floating && held != null) {
            Length recess = Length.mm(held.front());
            if (recess.isNegative()) {
                findings.add(Finding.check(SectionFinding.FLOAT_PROUD, SECTION,
                        Sentence.of(SectionTexts.ART_STANDS_PROUD, recess.negate()), recessed(job)));
            } else if (recess.isMoreThan(Defaults.recess(units).times(2))) {
                findings.add(Finding.note(SectionFinding.FLOAT_DEEP, SECTION,
                        Sentence.of(SectionTexts.ART_LIES_DEEP, recess), recessed(job)));
            }
        }
    }

    /** Thick enough for the art to lie a little below the rim. */
    private static Remedy recessed(Job job) {
        Length thickness = Defaults.recess(job.units()).plus(job.pack().thickness())
                .plus(job.section().rabbet().depth());
        return new Remedy(Sentence.of(SectionTexts.TAKE_STOCK_THICK, thickness),
                j -> j.withSection(j.section().withThickness(thickness)));
    }

    private static Remedy backer(Job job) {
        Length width = backerWidth(job);
        Sentence label = Sentence.of(SectionTexts.PUT_A_BACKER_IN, width);
        return new Remedy(label, j -> withBacker(j, j.units().either(12, 1.0 / 2)))
                .or(new Remedy(label, j -> withBacker(j, j.units().either(6, 1.0 / 4))));
    }

    private static Length backerWidth(Job job) {
        Length gap = job.hold().room();
        Length needed = job.section().rabbet().width().plus(gap).plus(Defaults.leastBearing(job.units()));
        return needed.roundedUp(job.units().either(5, 1.0 / 4));
    }

    /** A strip in the rabbet that reaches behind the art; a rabbet is cut for it where there is none. */
    private static Job withBacker(Job job, Length thick) {
        Units units = job.units();
        Job cut = job.section().rabbet().isNone()
                ? job.withSection(job.section().withRabbet(Rabbet.plain(units.either(6, 1.0 / 4), thick)))
                : job;
        Section strip = new Section(cut.section().wood(), backerWidth(cut), thick, Rabbet.NONE);
        Ring backer = new Ring(new Ring.Place(PresetNames.BACKER, "", SizeOf.RABBET, SizeOf.OUTSIDE,
                units.either(0.25, 1.0 / 64), null), strip);
        List<Ring> rings = new ArrayList<>(cut.rings());
        rings.add(backer);
        return cut.withRings(rings);
    }
}
