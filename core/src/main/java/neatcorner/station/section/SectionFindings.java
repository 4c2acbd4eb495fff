package neatcorner.station.section;

import static neatcorner.plan.Station.SECTION;

import java.util.Collections;
import java.util.List;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Physical;
import neatcorner.measure.Sentence;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.plan.SharedFinding;
import neatcorner.section.Rabbet;
import neatcorner.section.Seat;
import neatcorner.section.Section;
import neatcorner.wood.Species;

/** What can be wrong with the stick's end: too little depth for the pack, too little wood left round the rabbet. */
public final class SectionFindings {

    private SectionFindings() {}

    static void add(Plan plan, List<Finding> findings) {
        if (plan.job().hold().isInRabbet()
                && !(plan.job().pack().layers().isEmpty() && plan.job().section().rabbet().isNone())) {
            addPack(plan, findings);
            addCover(plan, findings);
        }
        addLip(plan, findings);
        addWall(plan, findings);
        addStep(plan.job(), findings);
        SeatFindings.add(plan, findings);
        addWood(plan.job(), findings);
        RingFindings.add(plan, findings);
    }

    private static void addPack(Plan plan, List<Finding> findings) {
        Job job = plan.job();
        Length spare = plan.spareDepth();
        Length depth = plan.seat().rabbet().depth();
        boolean heldProud = job.fitOut().retainers().kind().holdsProud();
        if (heldProud || !spare.isLessThan(Defaults.retainerRoom(job.units()))) {
            return;
        }
        Length needed = job.section().rabbet().depth()
                .plus(Defaults.retainerRoom(job.units()).minus(spare).scaled(1 / Math.max(0.1, turned(job))));
        boolean thickEnough = !job.section().thickness().minus(needed).isLessThan(Defaults.leastLip(job.units()));
        Length thickness = needed.plus(Defaults.leastLip(job.units()));
        Remedy remedy = !reaches(job, needed, thickEnough ? job.section().thickness() : thickness)
                ? SeatFindings.level(plan)
                : thickEnough
                        ? new Remedy(Sentence.of(SectionTexts.CUT_THE_RABBET_DEEP, needed),
                                j -> withRabbetDepth(j, needed))
                        : new Remedy(Sentence.of(SectionTexts.THICKER_STOCK_DEEPER_RABBET, thickness, needed),
                                j -> withRabbetDepth(j.withSection(j.section().withThickness(thickness)), needed));
        if (spare.isNegative()) {
            findings.add(Finding.stop(SectionFinding.PACK_TOO_THICK, SECTION, Sentence.of(
                    SectionTexts.PACK_STANDS_PROUD,
                    job.pack().thickness(), depth, spare.negate()), remedy));
        } else {
            findings.add(Finding.check(SectionFinding.PACK_NO_ROOM_FOR_RETAINERS, SECTION, Sentence.of(
                    SectionTexts.TOO_LITTLE_FOR_POINTS, spare,
                    Defaults.retainerRoom(job.units())), remedy));
        }
    }

    /** How much deeper the pack may go for each millimetre that the rabbet is cut deeper. */
    private static double turned(Job job) {
        return Math.cos(job.outline().slope().radians() - job.section().rabbet().tilt().radians());
    }

    /** Whether so deep a rabbet in so thick a stick holds the pack; in a frame whose faces slope none may. */
    private static boolean reaches(Job job, Length depth, Length thickness) {
        Job changed = withRabbetDepth(job.withSection(job.section().withThickness(thickness)), depth);
        return !changed.outline().isSloped() || !changed.pack()
                .spare(Seat.of(changed.section(), changed.outline().slope()).rabbet())
                .isLessThan(Defaults.retainerRoom(job.units()).minus(Length.mm(0.01)));
    }

    private static Job withRabbetDepth(Job job, Length depth) {
        return job.withSection(job.section().withRabbet(job.section().rabbet().withDepth(depth)));
    }

    private static void addLip(Plan plan, List<Finding> findings) {
        Job job = plan.job();
        Section section = job.section();
        Length lip = section.lip();
        if (lip.isLessThan(Defaults.leastLip(job.units()))
                && !(section.rabbet().isNone() && lip.isPositive())) {
            Length shallower = section.thickness().minus(Defaults.leastLip(job.units()));
            Length lost = section.rabbet().depth().minus(shallower);
            boolean packStillFits = !plan.spareDepth().minus(lost).isLessThan(Defaults.retainerRoom(job.units()))
                    && shallower.isPositive();
            Length thickness = section.rabbet().depth().plus(Defaults.leastLip(job.units()));
            Remedy remedy = packStillFits
                    ? new Remedy(Sentence.of(SectionTexts.CUT_THE_RABBET_DEEP, shallower),
                            j -> withRabbetDepth(j, shallower))
                    : new Remedy(Sentence.of(SectionTexts.TAKE_STOCK_THICK, thickness),
                            j -> j.withSection(j.section().withThickness(thickness)));
            findings.add(lip.isPositive()
                    ? Finding.check(SectionFinding.LIP_THIN, SECTION, Sentence
                            .of(SectionTexts.LIP_IN_FRONT_OF_THE_RABBET, lip), remedy)
                    : Finding.stop(SectionFinding.LIP_THIN, SECTION, Sentence
                            .of(SectionTexts.RABBET_GOES_RIGHT_THROUGH), remedy));
        }
    }

    private static void addCover(Plan plan, List<Finding> findings) {
        Job job = plan.job();
        Length cover = plan.coverLeft();
        if (cover.isLessThan(Defaults.leastCover(job.units()))) {
            Length wider = job.clearance().times(2).plus(Defaults.leastCover(job.units())).scaled(turned(job));
            Remedy remedy = new Remedy(Sentence.of(SectionTexts.MAKE_THE_RABBET_WIDE, wider),
                    j -> j.withSection(j.section().withRabbet(j.section().rabbet().withWidth(wider))));
            findings.add(cover.isPositive()
                    ? Finding.check(SharedFinding.LIP_COVER_THIN, SECTION, Sentence.of(
                            SectionTexts.LIP_COVERS_TOO_LITTLE, cover),
                            remedy)
                    : Finding.stop(SharedFinding.LIP_COVER_THIN, SECTION, Sentence.of(
                            SectionTexts.PACK_SHOWS_OR_DROPS_OUT),
                            remedy));
        }
    }

    private static void addWall(Plan plan, List<Finding> findings) {
        Job job = plan.job();
        Length narrowest = job.outline().faceWidths().isEmpty()
                ? job.section().width()
                : Collections.min(job.outline().faceWidths());
        Length wall = narrowest.minus(job.section().rabbet().widest());
        if (job.section().rabbet().isNone() && wall.isPositive()) {
            return;
        }
        if (!wall.isLessThan(Defaults.leastWall(job.units()))) {
            return;
        }
        Length wider = job.section().rabbet().widest().plus(Defaults.leastWall(job.units()));
        Remedy remedy = new Remedy(Sentence.of(SectionTexts.MAKE_THE_FACE_WIDE, wider), j -> widen(j, wider));
        findings.add(wall.isPositive()
                ? Finding.check(SectionFinding.WALL_THIN, SECTION,
                        Sentence.of(SectionTexts.WALL_TOO_THIN,
                                wall),
                        remedy)
                : Finding.stop(SectionFinding.WALL_THIN, SECTION,
                        Sentence.of(SectionTexts.NO_WALL), remedy));
    }

    private static Job widen(Job job, Length least) {
        Job wider = job.section().width().isLessThan(least) ? job.withSection(job.section().withWidth(least)) : job;
        return wider.withOutline(wider.outline().withFaceWidths(
                wider.outline().faceWidths().stream().map(width -> Length.max(width, least)).toList()));
    }

    /** A name that leads to no wood of the tables. */
    private static void addWood(Job job, List<Finding> findings) {
        Species wood = job.section().wood();
        if (wood.assumed()) {
            findings.add(Finding.note(SectionFinding.WOOD_UNKNOWN, SECTION, Sentence.naming(wood.name(),
                    SectionTexts.WOOD_NOT_IN_THE_TABLES,
                    new Physical(wood.density(), Physical.Kind.DENSITY)), null));
        }
    }

    private static void addStep(Job job, List<Finding> findings) {
        Rabbet rabbet = job.section().rabbet();
        Rabbet.Step step = rabbet.step();
        boolean cut = rabbet.isNone() || (rabbet.width().isPositive() && rabbet.depth().isPositive());
        if (!job.section().thickness().isPositive() || !cut) {
            findings.add(Finding.stop(SharedFinding.SIZE_IMPOSSIBLE, SECTION,
                    Sentence.of(SectionTexts.SECTION_NEEDS_A_THICKNESS),
                    new Remedy(Sentence.of(SectionTexts.TAKE_THE_USUAL_SECTION),
                            j -> j.withSection(Defaults.section(j.units()).withWood(j.section().wood())))));
        } else if (step != null && (!step.width().isMoreThan(rabbet.width())
                || !step.depth().isLessThan(rabbet.depth()) || !step.depth().isPositive())) {
            findings.add(Finding.stop(SharedFinding.SIZE_IMPOSSIBLE, SECTION, Sentence.of(
                    SectionTexts.SECOND_STEP_OF_THE_RABBET,
                    rabbet.width(), rabbet.depth()),
                    new Remedy(Sentence.of(SectionTexts.LEAVE_THE_SECOND_STEP), j -> j.withSection(
                            j.section().withRabbet(j.section().rabbet().withStep(null))))));
        }
    }
}
