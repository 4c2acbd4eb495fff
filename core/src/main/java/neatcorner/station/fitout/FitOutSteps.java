package neatcorner.station.fitout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.fitout.Layer;
import neatcorner.fitout.RetainerKind;
import neatcorner.fitout.Retainers;
import neatcorner.job.Hold;
import neatcorner.job.PresetNames;
import neatcorner.measure.Length;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.member.MemberKind;
import neatcorner.outline.Opening;
import neatcorner.plan.Across;
import neatcorner.plan.Plan;

/** In which order things go in, and what to mind. */
public final class FitOutSteps {
    private FitOutSteps() {}

    /** One step after the other, from the open frame to the closed one. */
    public static List<Sentence> of(Plan plan) {
        return HoldWork.of(plan.job().hold()).steps().apply(plan);
    }

    static List<Sentence> floating(Plan plan, Hold.Floating floating) {
        return List.of(Sentence.of(FitOutTexts.STEP_BLACKEN), Sentence.of(FitOutTexts.STEP_CENTER, floating.gap()),
                Sentence.naming(carrier(plan), FitOutTexts.STEP_SCREW_BACKER), Sentence.of(FitOutTexts.STEP_LOOK));
    }

    static List<Sentence> panel(Plan plan) {
        return hasFace(plan)
                ? List.of(Sentence.of(FitOutTexts.STEP_BEHIND_THE_FACE))
                : List.of(Sentence.naming(carrier(plan), FitOutTexts.STEP_PANEL_OUT),
                        Sentence.naming(carrier(plan), FitOutTexts.STEP_PANEL_IN));
    }

    static List<Sentence> inGroove() {
        return List.of(Sentence.of(FitOutTexts.STEP_GROOVE_GLASS), Sentence.of(FitOutTexts.STEP_GROOVE_DEVICE));
    }

    static List<Sentence> overMirror(Plan plan) {
        return List.of(Sentence.of(FitOutTexts.STEP_MIRROR_CLIPS),
                Sentence.of(FitOutTexts.STEP_MIRROR_GLUE, plan.job().units().either(25, 1)),
                Sentence.of(FitOutTexts.STEP_MIRROR_ORDER));
    }

    /** Whether a face in front keeps what is held from falling out. */
    private static boolean hasFace(Plan plan) {
        return plan.job().members().stream().anyMatch(member -> member.kind() instanceof MemberKind.Face);
    }

    private static String carrier(Plan plan) {
        return Across.of(plan).carrier().map(ring -> ring.ring().name()).orElse(PresetNames.BACKER);
    }

    static List<Sentence> inRabbet(Plan plan) {
        List<Layer> layers = plan.job().pack().layers();
        if (layers.isEmpty()) {
            return List.of(Sentence.of(FitOutTexts.STEP_NOTHING));
        }
        List<Sentence> steps = new ArrayList<>();
        boolean glazed = layers.stream().anyMatch(Layer.Glazing.class::isInstance);
        boolean matted = plan.job().pack().mat().isPresent();
        boolean art = layers.stream().anyMatch(Layer.Art.class::isInstance);
        if (glazed) {
            steps.add(Sentence.of(FitOutTexts.STEP_CLEAN));
        }
        if (matted || art) {
            boolean spaced = layers.stream().anyMatch(Layer.Spacers.class::isInstance);
            steps.add(Sentence.of(glazed
                    ? spaced
                            ? FitOutTexts.STEP_GLAZING_IN_SPACED
                            : matted ? FitOutTexts.STEP_GLAZING_IN : FitOutTexts.STEP_GLAZING_IN_NO_MAT
                    : FitOutTexts.STEP_ART_IN));
        }
        Retainers kept = plan.job().fitOut().retainers();
        String name = kept.kind().title();
        switch (kept.kind().spread()) {
            case ALL_ROUND -> steps.add(Sentence.of(FitOutTexts.STEP_STRIP));
            case IN_CORNERS -> steps.add(Sentence.of(FitOutTexts.STEP_CORNERS.formatted(name)));
            case SPACED -> {
                boolean backed = layers.stream().anyMatch(Layer.Backing.class::isInstance);
                steps.add(
                        Sentence.of((backed ? FitOutTexts.STEP_BACKING : FitOutTexts.STEP_TWO_POINTS).formatted(name)));
                steps.add(Sentence.of(FitOutTexts.STEP_ALL.formatted(name), kept.spacing().first(),
                        kept.spacing().most()));
            }
        }
        Optional<Across.Lying> strainer = Across.of(plan).strainer(plan);
        steps.add(strainer.isPresent()
                ? Sentence.naming(strainer.get().ring().name(), FitOutTexts.STEP_STRAINER)
                : Sentence.of(FitOutTexts.STEP_DUST, sealInside(plan.job().units())));
        return steps;
    }

    /** How far inside the outer edge a dust seal ends: common practice. */
    static Length sealInside(Units units) {
        return units.either(3, 1.0 / 8);
    }

    static List<Sentence> wrapped(Plan plan) {
        Opening fabric = FitOutWork.of(plan).fabric();
        List<Sentence> steps = new ArrayList<>(List.of(Sentence.of(FitOutTexts.STEP_SAND)));
        if (fabric != null) {
            steps.add(Sentence.of(FitOutTexts.STEP_FABRIC, fabric.width(), fabric.height()));
        }
        steps.add(Sentence.of(FitOutTexts.STEP_STAPLES));
        steps.add(Sentence.of(FitOutTexts.STEP_FOLDS));
        return steps;
    }

    /** What to beware of in what is done here; each is said only where it is done. */
    static List<String> cautions(Plan plan) {
        return HoldWork.of(plan.job().hold()).cautions().apply(plan);
    }

    static List<String> cautionsInRabbet(Plan plan) {
        List<Layer> layers = plan.job().pack().layers();
        List<String> cautions = new ArrayList<>();
        if (layers.stream().anyMatch(Layer.Glazing.class::isInstance)) {
            cautions.add(FitOutTexts.CAUTION_GLASS);
        }
        if (plan.job().fitOut().retainers().kind() == RetainerKind.POINTS && !layers.isEmpty()) {
            cautions.add(FitOutTexts.CAUTION_DRIVER);
        }
        return cautions;
    }
}
