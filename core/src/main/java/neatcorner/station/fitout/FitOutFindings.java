package neatcorner.station.fitout;

import static neatcorner.plan.Station.FIT_OUT;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.fitout.AdhesiveZone;
import neatcorner.fitout.Bite;
import neatcorner.fitout.Layer;
import neatcorner.fitout.RetainerKind;
import neatcorner.fitout.Retainers;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Defaults;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.plan.Across;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import org.jspecify.annotations.Nullable;

/** Whether points and screws hold without showing, and whether glass keeps off the art. */
final class FitOutFindings {
    /** One person lifts no heavier glass into a frame, kg: common practice. */
    private static final double HEAVY = 10;

    private FitOutFindings() {}

    static List<Finding> of(Plan plan) {
        List<Finding> findings = new ArrayList<>();
        if (plan.contours() == null) {
            return findings;
        }
        if (plan.job().hold().isInRabbet() && !plan.job().pack().layers().isEmpty()
                && !plan.job().section().rabbet().isNone()) {
            addRetainers(plan, findings);
        }
        for (FitOutWork.Row row : FitOutWork.of(plan).screws()) {
            screws(plan, row).ifPresent(findings::add);
        }
        addGlass(plan, findings);
        HoldWork.of(plan.job().hold()).findings().accept(plan, findings);
        return findings;
    }

    /** What is left of a face's back for adhesive, where that keeps off the edge that shows. */
    static void addAdhesive(Plan plan, List<Finding> findings) {
        Units units = plan.job().units();
        Length least = AdhesiveZone.least(units);
        Length zone = AdhesiveZone.of(plan.job().section().width(), units);
        if (zone.isLessThan(least)) {
            Length wide = AdhesiveZone.off(units).plus(least);
            findings.add(Finding.check(FitOutFinding.ADHESIVE_SHOWS, FIT_OUT,
                    Sentence.of(FitOutTexts.ADHESIVE_SHOWS, plan.job().section().width(), Length.max(Length.ZERO, zone),
                            AdhesiveZone.off(units)),
                    new Remedy(Sentence.of(FitOutTexts.TAKE_A_FACE_WIDE, wide),
                            j -> j.withSection(j.section().withWidth(wide)))));
        }
    }

    static void addFabric(Plan plan, Hold.Wrapped wrapped, List<Finding> findings) {
        Length least = plan.job().units().either(25, 1);
        if (wrapped.fold().isLessThan(least)) {
            findings.add(Finding.check(FitOutFinding.FABRIC_SMALL, FIT_OUT,
                    Sentence.of(FitOutTexts.FABRIC_TOO_SMALL, wrapped.fold(), least),
                    new Remedy(Sentence.of(FitOutTexts.LET_IT_REACH, least),
                            j -> j.hold() instanceof Hold.Wrapped ? j.withHold(new Hold.Wrapped(least)) : j)));
        }
    }

    /** Bars that go into a rabbet want 1.5 to 3 mm of room in all (common practice). */
    static void addStrainer(Plan plan, List<Finding> findings) {
        Units units = plan.job().units();
        Length least = units.either(0.75, 1.0 / 32);
        Across.of(plan).strainer(plan).ifPresent(bars -> {
            Ring.Place place = bars.ring().place();
            if (place.edge() == SizeOf.RABBET && place.play().isLessThan(least)) {
                findings.add(Finding.check(FitOutFinding.STRAINER_TIGHT, FIT_OUT,
                        Sentence.naming(place.name(), FitOutTexts.STRAINER_TIGHT, place.play().times(2),
                                least.times(2)),
                        new Remedy(Sentence.of(FitOutTexts.GIVE_IT_ROOM, least),
                                j -> j.withRing(place.name(),
                                        ring -> ring.withPlace(ring.place().withPlay(least))))));
            }
        });
    }

    private static void addRetainers(Plan plan, List<Finding> findings) {
        Job job = plan.job();
        Retainers kept = job.fitOut().retainers();
        Units units = job.units();
        Length spare = Bite.spare(units);
        switch (kept.kind().way()) {
            case DRIVEN -> {
                Length wall = job.section().wall();
                if (wall.isLessThan(kept.into().plus(spare))) {
                    findings.add(Finding.check(FitOutFinding.RETAINER_WALL_THIN, FIT_OUT,
                            Sentence.of(FitOutTexts.POINTS_COME_THROUGH.formatted(kept.kind().title()), wall,
                                    kept.into(), spare),
                            shorter(job, wall.minus(spare).times(2))));
                }
            }
            case SCREWED -> {
                if (job.section().thickness().isLessThan(kept.length().plus(spare))) {
                    findings.add(Finding.check(FitOutFinding.RETAINER_THROUGH, FIT_OUT,
                            Sentence.of(FitOutTexts.CLIP_SCREWS_COME_THROUGH.formatted(kept.kind().title()),
                                    job.section().thickness(), kept.length()),
                            shorter(job, job.section().thickness().minus(spare))));
                }
            }
            case GLUED -> {
            }
        }
        Length room = Defaults.retainerRoom(units);
        if (!kept.kind().holdsProud() && !plan.spareDepth().isNegative()
                && plan.spareDepth().isLessThan(room)) {
            findings.add(Finding.check(FitOutFinding.RETAINER_NO_ROOM, FIT_OUT,
                    Sentence.of(FitOutTexts.NO_ROOM_BEHIND.formatted(kept.kind().title()),
                            plan.spareDepth(), room),
                    new Remedy(Sentence.of(FitOutTexts.HOLD_IT_WITH.formatted(RetainerKind.OFFSET_CLIPS.title())),
                            j -> with(j, Retainers.of(RetainerKind.OFFSET_CLIPS, j.units())))));
        }
        if (kept.kind().holdsProud() && plan.spareDepth().isNegative()) {
            findings.add(Finding.note(FitOutFinding.PACK_PROUD, FIT_OUT,
                    Sentence.of(FitOutTexts.CLIPS_STEP_UP, plan.spareDepth().negate()), null));
        }
    }

    /** The same kind, so long that it does not come through; where that would not hold, clips on the back. */
    private static Remedy shorter(Job job, Length most) {
        Retainers kept = job.fitOut().retainers();
        Length step = job.units().either(1, 1.0 / 16);
        Length length = new Length(Math.max(0, most.units()) / step.units() * step.units());
        boolean holds = !length.isLessThan(job.units().either(8, 5.0 / 16));
        RetainerKind other = kept.kind().way() == RetainerKind.Way.SCREWED
                ? RetainerKind.STRIP
                : RetainerKind.TURN_CLIPS;
        return holds
                ? new Remedy(Sentence.of(FitOutTexts.TAKE_SHORTER.formatted(kept.kind().title()), length),
                        j -> with(j, j.fitOut().retainers().withLength(length)))
                : new Remedy(Sentence.of(FitOutTexts.HOLD_IT_WITH.formatted(other.title())),
                        j -> with(j, Retainers.of(other, j.units())));
    }

    private static Job with(Job job, Retainers retainers) {
        return job.withFitOut(job.fitOut().withRetainers(retainers));
    }

    private static Optional<Finding> screws(Plan plan, FitOutWork.Row row) {
        Bite bite = row.bite();
        Units units = plan.job().units();
        String name = row.ring().ring().name();
        if (bite.comesThrough()) {
            boolean round = !Across.of(plan).isInside(row.ring());
            return Optional.of(Finding.stop(round ? FitOutFinding.BAND_NAIL_THROUGH : FitOutFinding.SCREW_THROUGH,
                    FIT_OUT, bite.left().isNegative()
                            ? Sentence.naming(name, FitOutTexts.SCREWS_COME_OUT, bite.left().negate())
                            : Sentence.naming(name, FitOutTexts.SCREWS_COME_THROUGH, bite.left(), bite.spare()),
                    other(plan, row)));
        }
        return bite.isShort(units)
                ? Optional.of(Finding.check(FitOutFinding.SCREW_SHORT, FIT_OUT, Sentence.naming(name,
                        FitOutTexts.SCREWS_TOO_SHORT, bite.bite(), bite.passes(), Bite.least(units)),
                        other(plan, row)))
                : Optional.empty();
    }

    /** The longest screw in the drawers that holds and does not show; else a round length that would. */
    private static @Nullable Remedy other(Plan plan, FitOutWork.Row row) {
        Units units = plan.job().units();
        Bite bite = row.bite();
        Length longest = bite.passes().plus(bite.into()).minus(bite.spare());
        Length step = units.either(1, 1.0 / 8);
        Length round = new Length(Math.max(0, longest.units()) / step.units() * step.units());
        Length length = bite.best(FitOutWork.atHand(plan), units).orElse(round);
        if (new Bite(length, bite.passes(), bite.into(), bite.spare()).isShort(units)) {
            return null;
        }
        String name = row.ring().ring().name();
        return new Remedy(Sentence.of(FitOutTexts.TAKE_SCREWS_OF, length),
                job -> FitOutFields.screws(name).change(job, screws -> screws.withLength(length)));
    }

    private static void addGlass(Plan plan, List<Finding> findings) {
        List<Layer> layers = plan.job().pack().layers();
        Units units = plan.job().units();
        for (int i = 1; i < layers.size(); i++) {
            if (layers.get(i - 1) instanceof Layer.Glazing glazing && layers.get(i) instanceof Layer.Art
                    && plan.job().hold().isInRabbet()) {
                findings.add(Finding.note(FitOutFinding.GLASS_ON_ART, FIT_OUT,
                        Sentence.of(FitOutTexts.GLASS_LIES_ON_THE_ART.formatted(glazing.within()),
                                units.either(3, 1.0 / 8)),
                        new Remedy(Sentence.of(FitOutTexts.PUT_A_MAT_IN), Defaults::withUsualMat).or(new Remedy(
                                Sentence.of(FitOutTexts.PUT_SPACERS_IN, units.either(3, 1.0 / 8)),
                                j -> j.withPack(j.pack().plus(new Layer.Spacers(j.units().either(3, 1.0 / 8))))))));
            }
        }
        Mass glass = FitOutWork.of(plan).cuts().stream().filter(cut -> cut.layer() instanceof Layer.Glazing)
                .map(FitOutWork.Cut::mass).reduce(Mass.ZERO, Mass::plus);
        if (glass.kilograms() > HEAVY) {
            findings.add(Finding.note(FitOutFinding.GLASS_HEAVY, FIT_OUT,
                    Sentence.of(FitOutTexts.HEAVY_MIRROR, glass), null));
        }
    }
}
