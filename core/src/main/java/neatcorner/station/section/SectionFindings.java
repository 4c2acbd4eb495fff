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
        addPack(plan, findings);
        addLip(plan, findings);
        addWall(plan, findings);
        addStep(plan.job(), findings);
        SeatFindings.add(plan, findings);
        addWood(plan.job(), findings);
    }

    private static void addPack(Plan plan, List<Finding> findings) {
        Job job = plan.job();
        Length spare = plan.spareDepth();
        Length depth = plan.seat().rabbet().depth();
        if (!spare.isLessThan(Defaults.retainerRoom(job.units()))) {
            return;
        }
        Length needed = job.section().rabbet().depth()
                .plus(Defaults.retainerRoom(job.units()).minus(spare).scaled(1 / Math.max(0.1, turned(job))));
        boolean thickEnough = !job.section().thickness().minus(needed).isLessThan(Defaults.leastLip(job.units()));
        Length thickness = needed.plus(Defaults.leastLip(job.units()));
        Remedy remedy = !reaches(job, needed, thickEnough ? job.section().thickness() : thickness)
                ? SeatFindings.level(plan)
                : thickEnough
                        ? new Remedy(Sentence.of("Cut the rabbet {0} deep", needed), j -> withRabbetDepth(j, needed))
                        : new Remedy(Sentence.of("Take stock {0} thick and cut the rabbet {1} deep", thickness, needed),
                                j -> withRabbetDepth(j.withSection(j.section().withThickness(thickness)), needed));
        if (spare.isNegative()) {
            findings.add(Finding.stop(SectionFinding.PACK_TOO_THICK, SECTION, Sentence.of(
                    "The pack is {0} thick and the rabbet {1} deep: {2} stands proud of the back.",
                    job.pack().thickness(), depth, spare.negate()), remedy));
        } else {
            findings.add(Finding.check(SectionFinding.PACK_NO_ROOM_FOR_RETAINERS, SECTION, Sentence.of(
                    "Only {0} of rabbet is left behind the pack; points and brads want {1}.", spare,
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
        if (lip.isLessThan(Defaults.leastLip(job.units()))) {
            Length shallower = section.thickness().minus(Defaults.leastLip(job.units()));
            Length lost = section.rabbet().depth().minus(shallower);
            boolean packStillFits = !plan.spareDepth().minus(lost).isLessThan(Defaults.retainerRoom(job.units()))
                    && shallower.isPositive();
            Length thickness = section.rabbet().depth().plus(Defaults.leastLip(job.units()));
            Remedy remedy = packStillFits
                    ? new Remedy(Sentence.of("Cut the rabbet {0} deep", shallower), j -> withRabbetDepth(j, shallower))
                    : new Remedy(Sentence.of("Take stock {0} thick", thickness),
                            j -> j.withSection(j.section().withThickness(thickness)));
            findings.add(lip.isPositive()
                    ? Finding.check(SectionFinding.LIP_THIN, SECTION, Sentence
                            .of("The lip in front of the rabbet is only {0} thick and will chip.", lip), remedy)
                    : Finding.stop(SectionFinding.LIP_THIN, SECTION, Sentence
                            .of("The rabbet goes right through the front: no lip is left to hold the pack."), remedy));
        }
        Length cover = plan.coverLeft();
        if (cover.isLessThan(Defaults.leastCover(job.units()))) {
            Length wider = job.clearance().times(2).plus(Defaults.leastCover(job.units())).scaled(turned(job));
            Remedy remedy = new Remedy(Sentence.of("Make the rabbet {0} wide", wider),
                    j -> j.withSection(j.section().withRabbet(j.section().rabbet().withWidth(wider))));
            findings.add(cover.isPositive()
                    ? Finding.check(SharedFinding.LIP_COVER_THIN, SECTION, Sentence.of(
                            "When the pack slides to one side, the lip covers it by only {0} on the other.", cover),
                            remedy)
                    : Finding.stop(SharedFinding.LIP_COVER_THIN, SECTION, Sentence.of(
                            "When the pack slides to one side, it shows or drops out on the other: the rabbet is too narrow."),
                            remedy));
        }
    }

    private static void addWall(Plan plan, List<Finding> findings) {
        Job job = plan.job();
        Length narrowest = job.outline().faceWidths().isEmpty()
                ? job.section().width()
                : Collections.min(job.outline().faceWidths());
        Length wall = narrowest.minus(job.section().rabbet().widest());
        if (!wall.isLessThan(Defaults.leastWall(job.units()))) {
            return;
        }
        Length wider = job.section().rabbet().widest().plus(Defaults.leastWall(job.units()));
        Remedy remedy = new Remedy(Sentence.of("Make the face {0} wide", wider), j -> widen(j, wider));
        findings.add(wall.isPositive()
                ? Finding.check(SectionFinding.WALL_THIN, SECTION,
                        Sentence.of("Only {0} of wood is left outside the rabbet: too little for a strong corner.",
                                wall),
                        remedy)
                : Finding.stop(SectionFinding.WALL_THIN, SECTION,
                        Sentence.of("The rabbet is as wide as the face: nothing is left outside it."), remedy));
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
                    "“{name}” is not in the tables of woods: its weight is reckoned with {0}, its movement with a middling"
                            + " wood's.",
                    new Physical(wood.density(), Physical.Kind.DENSITY)), null));
        }
    }

    private static void addStep(Job job, List<Finding> findings) {
        Rabbet rabbet = job.section().rabbet();
        Rabbet.Step step = rabbet.step();
        if (!job.section().thickness().isPositive() || !rabbet.width().isPositive() || !rabbet.depth().isPositive()) {
            findings.add(Finding.stop(SharedFinding.SIZE_IMPOSSIBLE, SECTION,
                    Sentence.of("The section needs a thickness, and its rabbet a width and a depth, above zero."),
                    new Remedy(Sentence.of("Take the usual section"),
                            j -> j.withSection(Defaults.section(j.units()).withWood(j.section().wood())))));
        } else if (step != null && (!step.width().isMoreThan(rabbet.width())
                || !step.depth().isLessThan(rabbet.depth()) || !step.depth().isPositive())) {
            findings.add(Finding.stop(SharedFinding.SIZE_IMPOSSIBLE, SECTION, Sentence.of(
                    "The second step of the rabbet must be wider than the first ({0}) and shallower ({1}).",
                    rabbet.width(), rabbet.depth()),
                    new Remedy(Sentence.of("Leave the second step out"), j -> j.withSection(
                            j.section().withRabbet(j.section().rabbet().withStep(null))))));
        }
    }
}
