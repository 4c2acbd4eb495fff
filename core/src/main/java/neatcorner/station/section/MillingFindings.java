package neatcorner.station.section;

import static neatcorner.plan.Station.SECTION;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neatcorner.job.Job;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.section.Face;
import neatcorner.section.Layers;
import neatcorner.section.MillPass;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.section.Passes;
import neatcorner.section.Profile;
import neatcorner.section.Section;
import neatcorner.section.Support;
import neatcorner.section.Tool;
import org.jspecify.annotations.Nullable;

/** What milling can get wrong: bits that do not fit, passes too deep, nothing left to rest on, boards that do not add up. */
public final class MillingFindings {
    /** The narrowest straight bit that is common. */
    private static final Length NARROWEST_BIT = Length.mm(3);

    private MillingFindings() {}

    static void add(Plan plan, List<Finding> findings) {
        Section section = plan.job().section();
        if (!section.isSound()) {
            return;
        }
        addLayers(section, findings);
        List<Operation> order = section.milling().order(section.rabbet());
        boolean fits = true;
        for (int i = 0; i < order.size(); i++) {
            if (order.get(i) instanceof Operation.PackRabbet && section.rabbet().isNone()) {
                continue;
            }
            fits &= fits(section, order.get(i), i, findings);
            addPasses(section, order.get(i), i, findings);
        }
        if (section.rabbet().isTilted()) {
            addTilts(section, order, findings);
        }
        if (!section.milling().shapes() || !fits) {
            return;
        }
        Profile profile = Profile.of(section);
        if (!profile.isWhole()) {
            findings.add(Finding.stop(SectionFinding.SECTION_FALLS_APART, SECTION, Sentence.of(
                    SectionTexts.MILLED_LIKE_THIS_THE_STICK), whole(section)));
            return;
        }
        addNothingTaken(section, profile, findings);
        addRippedLater(order, findings);
        addSupport(section, order, findings);
    }

    private static void addLayers(Section section, List<Finding> findings) {
        Layers layers = section.milling().layers();
        Length wanted = layers.edgeToEdge() ? section.width() : section.thickness();
        if (layers.isEmpty() || layers.total().equals(wanted)) {
            return;
        }
        findings.add(Finding.stop(SectionFinding.LAYERS_SUM, SECTION, Sentence.of(layers.edgeToEdge()
                ? SectionTexts.BOARDS_TOGETHER_ARE_WIDE
                : SectionTexts.BOARDS_TOGETHER_ARE_THICK, layers.total(), wanted),
                new Remedy(Sentence.of(layers.edgeToEdge()
                        ? SectionTexts.MAKE_THE_SECTION_WIDE
                        : SectionTexts.MAKE_THE_SECTION_THICK, layers.total()),
                        j -> j.withSection(layers.edgeToEdge()
                                ? j.section().withWidth(layers.total())
                                : j.section().withThickness(layers.total())))));
    }

    /** Whether an operation can be made in this stick at all. */
    private static boolean fits(Section section, Operation operation, int place, List<Finding> findings) {
        Sentence why = misfit(section, operation);
        if (why != null) {
            findings.add(Finding.stop(SectionFinding.BIT_TOO_WIDE, SECTION, why,
                    leaveOut(Sentence.of(SectionTexts.LEAVE_IT_OUT), List.of(place))));
        }
        return why == null;
    }

    private static @Nullable Sentence misfit(Section section, Operation operation) {
        Length w = section.width();
        Length t = section.thickness();
        return switch (operation) {
            case Operation.PackRabbet pack -> null;
            case Operation.Shaped shaped -> {
                Length across = shaped.width();
                Length down = shaped.reach();
                yield !shaped.size().isPositive() || !down.isPositive()
                        ? Sentence.of(SectionTexts.CUT_NEEDS_A_SIZE.formatted(shaped.title()))
                        : !across.isLessThan(w) || !down.isLessThan(t)
                                ? Sentence.of(
                                        SectionTexts.CUT_TAKES_MORE_THAN_THERE_IS
                                                .formatted(shaped.title()),
                                        shaped.size(), across, down)
                                : null;
            }
            case Operation.Groove groove -> {
                Length along = groove.face().isWide() ? w : t;
                Length deep = groove.face().isWide() ? t : w;
                yield groove.size().isLessThan(NARROWEST_BIT)
                        ? Sentence.of(SectionTexts.GROOVE_TOO_NARROW, groove.size(),
                                NARROWEST_BIT)
                        : groove.from().isNegative() || groove.from().plus(groove.size()).isMoreThan(along)
                                || !groove.depth().isLessThan(deep) || !groove.depth().isPositive()
                                        ? Sentence.of(
                                                SectionTexts.GROOVE_DOES_NOT_FIT
                                                        .formatted(groove.face().title()),
                                                groove.size(), groove.depth(),
                                                groove.from())
                                        : null;
            }
            case Operation.Rip rip -> rip.size().isPositive()
                    ? null
                    : Sentence.of(SectionTexts.STRIP_TO_RIP_OFF);
        };
    }

    /** Passes that the maker set by hand and that bite too deep. */
    private static void addPasses(Section section, Operation operation, int place, List<Finding> findings) {
        Tool tool = Passes.tool(operation);
        Length most = Passes.deepest(tool, section.wood());
        if (operation.passes() <= 0) {
            return;
        }
        Length each = new Length(Passes.depth(operation).units() / operation.passes());
        if (each.isMoreThan(most)) {
            long needed = (Passes.depth(operation).units() + most.units() - 1) / most.units();
            findings.add(Finding.check(SectionFinding.PASS_TOO_DEEP, SECTION, Sentence.naming(section.wood().name(),
                    SectionTexts.PASS_TAKES_TOO_MUCH.formatted(operation.title(),
                            tool.title()),
                    each, most),
                    new Remedy(Sentence.of(SectionTexts.TAKE_PASSES, Scalar.count(needed)), j -> with(j, place,
                            operation.withPasses(0)))));
        }
    }

    /** Cuts of a tilted rabbet for which no blade tilts far enough (a bevel can be turned over); makers lean the stick on a ramp for the rest. */
    private static void addTilts(Section section, List<Operation> order, List<Finding> findings) {
        Angle[] steepest = new Angle[order.size()];
        Arrays.fill(steepest, Angle.ZERO);
        for (MillPass pass : Passes.of(section)) {
            Angle tilt = pass.tilt();
            if (tilt != null && pass.tool() == Tool.SAW && tilt.degrees() > steepest[pass.operation()].degrees()) {
                steepest[pass.operation()] = tilt;
            }
        }
        for (int i = 0; i < steepest.length; i++) {
            double ramp = steepest[i].degrees() - Passes.MOST_TILT.degrees();
            if (ramp > 0.05) {
                findings.add(Finding.check(SectionFinding.PASS_TOO_TILTED, SECTION, Sentence.of(
                        SectionTexts.BLADE_TILTS_TOO_LITTLE
                                .formatted(order.get(i).title()),
                        steepest[i],
                        Passes.MOST_TILT, Angle.ofDegrees(ramp)), null));
            }
        }
    }

    private static Job with(Job job, int place, Operation changed) {
        return job.withSection(job.section().withMilling(job.section().milling().with(place, changed)));
    }

    /** Leaves out the last cut without which the stick is whole; where no one cut does, as many of the last as need be. */
    private static @Nullable Remedy whole(Section section) {
        Milling milling = section.milling();
        List<Operation> order = milling.order(section.rabbet());
        List<Integer> out = new ArrayList<>();
        for (int place = order.size() - 1; place >= 0; place--) {
            if (place != milling.rabbetAt() && isWhole(section, milling.without(place))) {
                return leaveOut(
                        Sentence.of(out.isEmpty()
                                ? SectionTexts.LEAVE_LAST_CUT_OUT
                                : SectionTexts.LEAVE_CUT_OUT.formatted(order.get(place).title())),
                        List.of(place));
            }
            if (place != milling.rabbetAt()) {
                out.add(place);
            }
        }
        for (int last = 2; last <= out.size(); last++) {
            if (isWhole(section, without(milling, out.subList(0, last)))) {
                return leaveOut(Sentence.of(SectionTexts.LEAVE_LAST_CUTS_OUT.formatted(last)), out.subList(0, last));
            }
        }
        return null;
    }

    private static Remedy leaveOut(Sentence label, List<Integer> places) {
        List<Integer> fromTheLast = List.copyOf(places);
        return new Remedy(label,
                j -> j.withSection(j.section().withMilling(without(j.section().milling(), fromTheLast))));
    }

    private static Milling without(Milling milling, List<Integer> fromTheLast) {
        Milling left = milling;
        for (int place : fromTheLast) {
            left = left.without(place);
        }
        return left;
    }

    private static boolean isWhole(Section section, Milling milling) {
        return Profile.of(section.withMilling(milling)).isWhole();
    }
    private static void addNothingTaken(Section section, Profile profile, List<Finding> findings) {
        for (int i = 0; i < profile.stages().size(); i++) {
            int place = i;
            Profile.Stage stage = profile.stages().get(i);
            boolean none = stage.operation() instanceof Operation.PackRabbet && section.rabbet().isNone();
            if (!none && stage.removed().getArea() < 0.01) {
                findings.add(Finding.note(SectionFinding.CUT_IN_AIR, SECTION,
                        Sentence.of(SectionTexts.CUT_IN_AIR
                                .formatted(stage.operation().title())),
                        stage.operation() instanceof Operation.PackRabbet
                                ? null
                                : leaveOut(Sentence.of(SectionTexts.LEAVE_IT_OUT), List.of(place))));
            }
        }
    }

    /** The outer edge is only there once every strip is ripped off. */
    private static void addRippedLater(List<Operation> order, List<Finding> findings) {
        for (int i = 0; i < order.size(); i++) {
            boolean outer = switch (order.get(i)) {
                case Operation.Shaped shaped -> !shaped.edge().isInner();
                case Operation.Groove groove -> groove.face() == Face.OUTER;
                case Operation.PackRabbet pack -> false;
                case Operation.Rip rip -> false;
            };
            if (outer && order.subList(i, order.size()).stream().anyMatch(Operation.Rip.class::isInstance)) {
                int place = i;
                findings.add(Finding.check(SectionFinding.EDGE_NOT_THERE, SECTION,
                        Sentence.of(SectionTexts.OUTER_EDGE_NOT_THERE_YET
                                .formatted(order.get(i).title())),
                        new Remedy(Sentence.of(SectionTexts.RIP_FIRST), job -> job.withSection(
                                job.section().withMilling(rippedBefore(job.section(), place))))));
                return;
            }
        }
    }

    /** With all that is ripped off later ripped off before the cut at a place. */
    private static Milling rippedBefore(Section section, int place) {
        Milling milling = section.milling();
        int to = place;
        for (int from = place + 1; from <= milling.operations().size(); from++) {
            if (milling.order(section.rabbet()).get(from) instanceof Operation.Rip) {
                milling = milling.moved(from, to++);
            }
        }
        return milling;
    }

    private static void addSupport(Section section, List<Operation> order, List<Finding> findings) {
        for (int place : Support.lost(section)) {
            int earlier = earlierWithSupport(section, place);
            findings.add(Finding.check(SectionFinding.SUPPORT_LOST, SECTION, Sentence.of(
                    SectionTexts.STICK_WOULD_ROCK
                            .formatted(order.get(place).title())),
                    earlier < 0
                            ? null
                            : new Remedy(Sentence.of(SectionTexts.CUT_IT_EARLIER),
                                    j -> j.withSection(j.section().withMilling(
                                            j.section().milling().moved(place, earlier))))));
        }
    }

    /** The latest earlier place at which fewer operations lack support; -1 when there is none. */
    private static int earlierWithSupport(Section section, int place) {
        int now = Support.lost(section).size();
        for (int earlier = place - 1; earlier >= 0; earlier--) {
            Milling moved = section.milling().moved(place, earlier);
            if (Support.lost(section.withMilling(moved)).size() < now) {
                return earlier;
            }
        }
        return -1;
    }
}
