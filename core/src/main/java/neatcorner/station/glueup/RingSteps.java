package neatcorner.station.glueup;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import neatcorner.fitout.Bite;
import neatcorner.fitout.SizeOf;
import neatcorner.corner.Craft;
import neatcorner.corner.Reinforcement;
import neatcorner.glueup.Attached;
import neatcorner.glueup.GlueStep;
import neatcorner.job.Hold;
import neatcorner.measure.Length;
import neatcorner.measure.Sentence;
import neatcorner.plan.Across;
import neatcorner.plan.Contact;
import neatcorner.plan.Plan;

/** How rings come to the frame: glued in after what holds its corners, round it when it is level, or with the pack. */
final class RingSteps {
    private static final int MINUTE = 60;
    private static final int PIECE = 3 * MINUTE;

    private RingSteps() {}

    /** Each ring that has a place. */
    static List<Attached> attached(Plan plan) {
        return Across.of(plan).rings().stream()
                .map(ring -> new Attached(ring.ring().name(), way(plan, ring), ring.cut().pieces().size(),
                        held(ring) / MINUTE))
                .toList();
    }

    /** Seconds that it takes to hold the corners of a ring by more than glue. */
    private static double held(Across.Lying ring) {
        int corners = ring.cut().pieces().size();
        return ring.ring().reinforcement().stream().map(each -> Craft.of(each.kind()))
                .mapToDouble(craft -> MINUTE * (craft.setUp() + craft.perCorner() * corners)).sum();
    }

    private static Attached.Way way(Plan plan, Across.Lying ring) {
        if (!Across.of(plan).isInside(ring) || isOnTheFront(ring)) {
            return Attached.Way.ROUND;
        }
        return plan.job().hold().isInRabbet() ? Attached.Way.LOOSE : Attached.Way.IN;
    }

    private static boolean isOnTheFront(Across.Lying ring) {
        return ring.back() < 0.01;
    }

    /** In words, after the frame's own steps. */
    static List<GlueStep> of(Plan plan) {
        List<GlueStep> steps = new ArrayList<>();
        for (Across.Lying ring : Across.of(plan).rings()) {
            int work = ring.cut().pieces().size() * PIECE;
            steps.add(new GlueStep(GlueStep.Kind.PREPARE, said(plan, ring), work, 0, false));
            List<Reinforcement> holding = ring.ring().reinforcement();
            if (!holding.isEmpty()) {
                String with = holding.stream().map(each -> each.kind().title() + "s").distinct()
                        .collect(Collectors.joining(", "));
                steps.add(new GlueStep(GlueStep.Kind.PREPARE,
                        Sentence.naming(ring.ring().name(), GlueUpTexts.RING_IS_HELD.formatted(with)),
                        (int) held(ring), 0, false));
            }
        }
        return steps;
    }

    /** As long as goes through the ring and into the wall behind it without showing: 3 mm or 1/8 in less. */
    private static Length pins(Plan plan, Contact at) {
        Length step = plan.job().units().either(1, 1.0 / 16);
        Length most = at.through().plus(at.into()).minus(Bite.spare(plan.job().units()));
        return new Length(Math.max(0, most.units()) / step.units() * step.units());
    }

    private static Sentence said(Plan plan, Across.Lying ring) {
        String name = ring.ring().name();
        return switch (way(plan, ring)) {
            case ROUND -> {
                if (isOnTheFront(ring)) {
                    yield Sentence.naming(name, GlueUpTexts.RING_ON_THE_FRONT);
                }
                if (ring.ring().place().as() == SizeOf.RABBET) {
                    yield Sentence.naming(name, GlueUpTexts.RING_TAKES_THE_FRAME, Across.of(plan).contact(plan, ring)
                            .map(at -> pins(plan, at)).orElse(Length.ZERO));
                }
                yield Across.of(plan).contact(plan, ring).map(at -> Sentence.naming(name, GlueUpTexts.RING_GOES_ROUND,
                        pins(plan, at))).orElse(Sentence.naming(name, GlueUpTexts.RING_IS_GLUED_ROUND));
            }
            case LOOSE -> Sentence.naming(name, GlueUpTexts.RING_IS_PUT_TOGETHER);
            case IN -> Sentence.naming(name, plan.job().hold() instanceof Hold.Panel
                    ? GlueUpTexts.RING_ON_THE_BACK
                    : GlueUpTexts.RING_IN_ITS_RABBET);
        };
    }
}
