package neatcorner.station.glueup;

import static neatcorner.plan.Station.GLUE_UP;

import java.util.ArrayList;
import java.util.List;
import neatcorner.glueup.Clamp;
import neatcorner.glueup.Glue;
import neatcorner.glueup.GluePlan;
import neatcorner.glueup.GlueUp;
import neatcorner.glueup.Holding;
import neatcorner.glueup.School;
import neatcorner.glueup.SqueezeOut;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.glueup.schedule.WorkingHours;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Physical;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.plan.Edit;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.shop.Shop;
import org.jspecify.annotations.Nullable;

/** What a glue-up can get wrong: glue that is too quick, too cold or not for the weather; clamps and jigs that do not reach. */
public final class GlueUpFindings {
    private GlueUpFindings() {}

    static void add(Plan plan, List<Finding> findings) {
        GlueUpWork work = GlueUpWork.of(plan);
        if (work == null) {
            return;
        }
        GlueUp chosen = plan.job().glueUp();
        addGlue(chosen, findings);
        GluePlan glue = work.glue();
        if (glue.takes() > glue.opens() + 1e-9) {
            findings.add(Finding.check(GlueUpFinding.GLUE_OPEN_TIME, GLUE_UP,
                    Sentence.of((glue.school() == School.ALL_AT_ONCE
                            ? GlueUpTexts.CLOSING_ALL_CORNERS_TAKES
                            : GlueUpTexts.CLOSING_THE_CORNERS_TAKES)
                            .formatted(chosen.glue().name()),
                            minutes(glue.takes()), minutes(glue.opens())),
                    quicker(work, chosen)));
        }
        if (chosen.finish().stained() && chosen.squeezeOut() == SqueezeOut.WIPE) {
            findings.add(Finding.note(GlueUpFinding.GLUE_STAIN_FOLLOWS, GLUE_UP, Sentence.of(
                    GlueUpTexts.STAIN_FOLLOWS_WHERE_WET),
                    new Remedy(Sentence.of(GlueUpTexts.LIFT_THE_GLUE_WHEN), job -> job.withGlueUp(
                            job.glueUp().withSqueezeOut(SqueezeOut.LIFT)))));
        }
        addClamps(plan, work, findings);
        addJig(plan, work, findings);
        if (plan.shop().hours().isEmpty()) {
            findings.add(Finding.check(GlueUpFinding.SCHEDULE_NO_HOURS, GLUE_UP, Sentence.of(
                    GlueUpTexts.THERE_ARE_NO_WORKING),
                    new Remedy(Sentence.of(GlueUpTexts.WORK_MONDAY_TO_FRIDAY), Edit.shop(
                            shop -> shop.withHours(WorkingHours.usual())))));
        }
    }

    private static Scalar minutes(double minutes) {
        return new Scalar(minutes, "min", 1);
    }

    private static void addGlue(GlueUp chosen, List<Finding> findings) {
        Glue glue = chosen.glue();
        if (chosen.temperature() < glue.coldest()) {
            Glue hardier = Glue.KNOWN.stream().filter(other -> other.coldest() <= chosen.temperature()
                    && (other.outdoors() || !chosen.outdoors())).findFirst().orElse(null);
            findings.add(Finding.stop(GlueUpFinding.GLUE_TOO_COLD, GLUE_UP,
                    Sentence.of(
                            GlueUpTexts.GLUE_DOES_NOT_SET
                                    .formatted(glue.name()),
                            celsius(chosen.temperature()), celsius(glue.coldest())),
                    hardier == null
                            ? new Remedy(Sentence.of(GlueUpTexts.WARM_THE_ROOM_TO, celsius(glue.coldest() + 5)),
                                    job -> job.withGlueUp(job.glueUp().withTemperature(glue.coldest() + 5)))
                            : use(hardier)));
        }
        if (chosen.outdoors() && !glue.outdoors()) {
            Glue weatherproof = Glue.KNOWN.stream().filter(Glue::outdoors)
                    .filter(other -> other.coldest() <= chosen.temperature()).findFirst().orElse(null);
            findings.add(
                    Finding.stop(GlueUpFinding.GLUE_NOT_OUTDOORS, GLUE_UP,
                            Sentence.of(
                                    GlueUpTexts.GLUE_DOES_NOT_STAND_WEATHER.formatted(Sentence.capital(glue.name()))),
                            weatherproof == null ? null : use(weatherproof)));
        }
    }

    private static Remedy use(Glue glue) {
        return new Remedy(Sentence.of(GlueUpTexts.USE_GLUE.formatted(glue.name())),
                job -> job.withGlueUp(job.glueUp().withGlue(glue)));
    }

    private static Physical celsius(double temperature) {
        return Physical.temperature(temperature);
    }

    /** The other school if that is quick enough, else a glue that stays open longer. */
    private static @Nullable Remedy quicker(GlueUpWork work, GlueUp chosen) {
        for (School school : List.of(School.TWO_HALVES, School.CORNER_BY_CORNER)) {
            if (work.minutes(school) <= work.glue().opens()) {
                return new Remedy(Sentence.of(school == School.TWO_HALVES
                        ? GlueUpTexts.GLUE_IN_TWO_HALVES
                        : GlueUpTexts.GLUE_IN_ANOTHER_WAY.formatted(school.title())),
                        job -> job.withGlueUp(job.glueUp().withSchool(school)));
            }
        }
        return Glue.KNOWN.stream().filter(glue -> glue.openAt(chosen.temperature()) >= work.glue().takes()
                && chosen.temperature() >= glue.coldest() && (glue.outdoors() || !chosen.outdoors())).findFirst()
                .map(GlueUpFindings::use).orElse(null);
    }

    private static void addClamps(Plan plan, GlueUpWork work, List<Finding> findings) {
        GluePlan glue = work.glue();
        if (glue.clamps() <= glue.there()) {
            addJigsClamp(plan, work, findings);
            addCornerClamps(plan, work, findings);
            return;
        }
        Length band = work.frame().band();
        Sentence message = switch (glue.holding()) {
            case BAND -> !work.frame().standsOut()
                    ? Sentence.of(GlueUpTexts.BAND_DOES_NOT_PRESS)
                    : glue.there() == 0
                            ? Sentence.of(GlueUpTexts.NO_BAND_IN_THE_SHOP, band)
                            : Sentence.of(GlueUpTexts.PRESSING_THIS_SECTION_TAKES,
                                    Scalar.count(glue.clamps()), Scalar.count(glue.there()));
            case JIG -> Sentence.of(GlueUpTexts.CORNER_JIG_DOES_NOT);
            case CORNER_CLAMPS -> Sentence.of(GlueUpTexts.THIS_TAKES_CORNER_CLAMPS,
                    Scalar.count(glue.clamps()), Scalar.count(glue.there()));
            case PINS -> Sentence.of(GlueUpTexts.PINS_NEED_NO_CLAMPS);
        };
        findings.add(Finding.check(GlueUpFinding.CLAMP_TOO_FEW, GLUE_UP, message, otherwise(plan, work)));
    }

    private static void addCornerClamps(Plan plan, GlueUpWork work, List<Finding> findings) {
        GluePlan glue = work.glue();
        double there = plan.shop().holders().force(Clamp.Kind.CORNER, Length.ZERO);
        if (glue.holding() == Holding.CORNER_CLAMPS && there < glue.corner().least() - 1e-6) {
            findings.add(Finding.check(GlueUpFinding.CLAMP_TOO_WEAK, GLUE_UP, Sentence.of(
                    GlueUpTexts.CORNER_CLAMPS_MUST_PULL, Physical.force(glue.corner().least()), Physical.force(there)),
                    otherwise(plan, work)));
        }
    }

    /** A jig's clamp pulls through its arms. */
    private static void addJigsClamp(Plan plan, GlueUpWork work, List<Finding> findings) {
        GluePlan glue = work.glue();
        if (glue.holding() != Holding.JIG || glue.jig().isEmpty()) {
            return;
        }
        Length opens = glue.jig().get().gap().plus(glue.jig().get().travel());
        double there = plan.shop().holders().force(Clamp.Kind.BAR, opens);
        if (there < glue.jigPull() - 1e-6) {
            Physical pull = Physical.force(glue.jigPull());
            findings.add(Finding.check(GlueUpFinding.CLAMP_TOO_WEAK, GLUE_UP, there <= 0
                    ? Sentence.of(GlueUpTexts.NO_CLAMP_FOR_THE_JIG,
                            opens, pull)
                    : Sentence.of(
                            GlueUpTexts.JIGS_CLAMP_MUST_PULL,
                            pull, opens, Physical.force(there)),
                    otherwise(plan, work)));
        }
    }

    /** Another way of holding that the shop has enough for. */
    private static @Nullable Remedy otherwise(Plan plan, GlueUpWork work) {
        for (School school : School.values()) {
            for (Holding holding : Holding.values()) {
                boolean pins = holding == Holding.PINS
                        && (!work.frame().pinned() || school != School.CORNER_BY_CORNER);
                Job tried = plan.job().withGlueUp(plan.job().glueUp().withSchool(school).withHolding(holding));
                GluePlan other = GluePlan.of(work.frame(), tried.glueUp(), plan.shop().holders());
                if (!pins && other.clamps() <= other.there() && other.takes() <= other.opens()
                        && isStrongEnough(plan, other)) {
                    return new Remedy(
                            Sentence.of(GlueUpTexts.SCHOOL_WITH_HOLDING.formatted(Sentence.capital(school.title()),
                                    holding.title())),
                            job -> job.withGlueUp(job.glueUp().withSchool(school).withHolding(holding)));
                }
            }
        }
        boolean bands = work.glue().holding() == Holding.BAND
                || (plan.job().glueUp().holding() == null && work.glue().holding() == Holding.CORNER_CLAMPS);
        return bands && work.frame().standsOut()
                ? new Remedy(Sentence.of(GlueUpTexts.PUT_A_LONGER_BAND), Edit.shop(shop -> longer(shop, work)))
                : null;
    }

    /** Whether the shop's clamps press as hard as such a way of gluing wants; bands are counted by that. */
    private static boolean isStrongEnough(Plan plan, GluePlan glue) {
        return switch (glue.holding()) {
            case JIG -> glue.jig().map(fit -> plan.shop().holders().force(Clamp.Kind.BAR,
                    fit.gap().plus(fit.travel())) >= glue.jigPull() - 1e-6).orElse(false);
            case CORNER_CLAMPS ->
                plan.shop().holders().force(Clamp.Kind.CORNER, Length.ZERO) >= glue.corner().least() - 1e-6;
            case BAND, PINS -> true;
        };
    }

    private static Shop longer(Shop shop, GlueUpWork work) {
        List<Clamp> clamps = new ArrayList<>(shop.clamps());
        double needs = work.glue().tension().least();
        Length reach = Length.mm(Math.ceil(work.frame().band().toMm() / 500) * 500);
        clamps.add(new Clamp(Clamp.Kind.BAND, GlueUpTexts.LONG_BAND_CLAMP, reach, Math.max(1200, needs), 1));
        return shop.withClamps(clamps);
    }

    private static void addJig(Plan plan, GlueUpWork work, List<Finding> findings) {
        CornerJig jig = plan.shop().jig();
        boolean wanted = plan.job().glueUp().holding() == Holding.JIG;
        if (jig == null || !work.frame().square() || work.glue().jig().isPresent()) {
            if (wanted && !work.frame().square()) {
                findings.add(Finding.stop(GlueUpFinding.JIG_OUT_OF_RANGE, GLUE_UP, Sentence.of(
                        GlueUpTexts.CORNER_JIG_TAKES_SQUARE), band()));
            }
            return;
        }
        Length arm = jig.armFor(work.frame().outside());
        boolean longer = arm.isMoreThan(jig.longestArm());
        Sentence message = Sentence.of(
                longer
                        ? GlueUpTexts.FRAME_TOO_LARGE_FOR_THE_JIG
                        : GlueUpTexts.FRAME_TOO_SMALL_FOR_THE_JIG,
                arm, longer ? jig.longestArm() : jig.arm(1));
        findings.add(wanted
                ? Finding.stop(GlueUpFinding.JIG_OUT_OF_RANGE, GLUE_UP, message, band())
                : Finding.note(GlueUpFinding.JIG_OUT_OF_RANGE, GLUE_UP, message, null));
    }

    private static Remedy band() {
        return new Remedy(Sentence.of(GlueUpTexts.USE_A_BAND),
                job -> job.withGlueUp(job.glueUp().withHolding(Holding.BAND)));
    }
}
