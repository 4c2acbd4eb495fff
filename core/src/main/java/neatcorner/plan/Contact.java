package neatcorner.plan;

import java.util.List;
import java.util.Optional;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.section.Section;

/**
 * Where a ring lies against the wood that it is set against, and what a screw or pin through it goes through and into there.
 *
 * @param meets   how high, or how wide from behind, the two lie against each other
 * @param through from the side it is driven in at to where the other begins
 * @param into    wood of the other, as far as it goes on there
 */
public record Contact(Length meets, Length through, Length into) {
    /** Wood that meets over less is not fastened there, mm: common practice. */
    private static final double LEAST = 5;
    /** Faces so far apart lie on each other, mm. */
    private static final double TOUCH = 0.5;

    /** What a ring is set against, as it lies. */
    private record Base(Section section, double out, double front) {

        double lip() {
            return front + section.lip().toMm();
        }

        double back() {
            return front + section.thickness().toMm();
        }
    }

    /** Of a ring; empty where it lies beside, before or behind the wood, so that nothing fastened through it would hold. */
    static Optional<Contact> of(Plan plan, List<Across.Lying> rings, Across.Lying ring) {
        Ring.Place place = ring.ring().place();
        if (place.of().isEmpty()) {
            return of(place, ring, new Base(plan.job().section(), 0, 0));
        }
        return rings.stream().filter(other -> other.ring().name().equals(place.of())).findFirst()
                .flatMap(other -> of(place, ring, new Base(other.section(), other.out(), other.front())));
    }

    private static Optional<Contact> of(Ring.Place place, Across.Lying ring, Base base) {
        if (!place.isInside()) {
            return round(place, ring, base);
        }
        return place.edge() == SizeOf.OUTSIDE ? onBack(ring, base) : inside(place, ring, base);
    }

    /** In front of a lip there is wood as wide as the face; behind it the rabbet's wall. */
    private static Optional<Contact> inside(Ring.Place place, Across.Lying ring, Base base) {
        boolean inRabbet = place.edge() == SizeOf.RABBET;
        double from = Math.max(ring.front(), inRabbet ? base.lip() : base.front());
        double to = Math.min(ring.back(), inRabbet ? base.back() : base.lip());
        return beside(from, to, ring.section().width().plus(place.play()),
                inRabbet ? base.section().wall() : base.section().width());
    }

    /** From outside, through its own wall where the other lies in its rabbet. */
    private static Optional<Contact> round(Ring.Place place, Across.Lying ring, Base base) {
        Section own = ring.section();
        double lip = ring.front() + own.lip().toMm();
        boolean inRabbet = place.as() == SizeOf.RABBET;
        double from = Math.max(inRabbet ? lip : ring.front(), base.front());
        double to = Math.min(inRabbet ? ring.back() : lip, base.back());
        Length through = (inRabbet ? own.wall() : own.width()).plus(place.play());
        return beside(from, to, through, to > base.lip() + TOUCH ? base.section().wall() : base.section().width());
    }

    private static Optional<Contact> beside(double from, double to, Length through, Length into) {
        return to - from < LEAST ? Optional.empty() : Optional.of(new Contact(Length.mm(to - from), through, into));
    }

    /** From behind, over as much as lies on solid wood. */
    private static Optional<Contact> onBack(Across.Lying ring, Base base) {
        double from = Math.max(ring.out(), base.out() + base.section().rabbet().widest().toMm());
        double to = Math.min(ring.outer(), base.out() + base.section().width().toMm());
        return to - from < LEAST || Math.abs(ring.front() - base.back()) > TOUCH
                ? Optional.empty()
                : Optional
                        .of(new Contact(Length.mm(to - from), ring.section().thickness(), base.section().thickness()));
    }
}
