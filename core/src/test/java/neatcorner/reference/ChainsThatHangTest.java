package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.outline.Opening;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.hanging.HangBy;
import neatcorner.hanging.Hanging;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.job.Ring;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.station.hanging.HangingWork;
import neatcorner.shop.Shop;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/**
 * Frames of glass and wood, light and heavy, thin and stout, hung in every way: whatever carries more than a quarter of what it
 * is good for, or has no wood to be screwed to, is said; what holds is not complained of; and the way that is offered instead holds.
 */
class ChainsThatHangTest {
    private static final double G = 9.80665;
    private static final Set<String> WEAK = Set.of("hanger.heavy", "hanger.no-wood", "hanger.screws",
            "strips.over-people",
            "hooks.apart");

    /** A plain rectangle with glass in it. */
    private record Frame(double artWide, double artHigh, double glass, double face, double thick, double rabbetWide,
            double rabbetDeep, Hanging hanging) {

        Job job() {
            Section section = new Section(Species.named("white ash"), Length.mm(face), Length.mm(thick),
                    Rabbet.plain(Length.mm(rabbetWide), Length.mm(rabbetDeep)));
            return Jobs.chart().withSection(section)
                    .withPack(new Pack(List.of(new Layer.Glazing(Material.GLASS, Length.mm(glass)))))
                    .withSize(SizeOf.ART, new Opening(Length.mm(artWide), Length.mm(artHigh))).withHanging(hanging);
        }

        /** Screws: three diameters to either side; what is behind the rabbet's wall is as deep as the stick. */
        boolean takesScrews(double least) {
            return face - rabbetWide >= least - 1e-6 && thick >= 11;
        }

        /** Whether four screws of a ring bear four times a pull, the thickest that go in. */
        boolean screwsHold(double newtons) {
            for (double d : new double[]{2.5, 3, 3.5, 4}) {
                double thread = Math.min(thick - 3, 8 * d);
                if (6 * d <= face - rabbetWide + 1e-6 && thread >= 8
                        && 4 * 15.7 * 0.6 * 0.6 * d * thread >= 4 * newtons) {
                    return true;
                }
            }
            return false;
        }
    }

    @Test
    void whatHoldsIsLeftAloneAndWhatDoesNotIsSaid() {
        int[] counts = new int[2];
        Cases.of("chains that hang", random -> {
            Frame frame = frame(random);
            Plan plan = Planner.plan(frame.job());
            boolean weak = isWeak(frame, plan);
            List<Finding> said = plan.findings().stream().filter(each -> WEAK.contains(each.code())).toList();
            counts[weak ? 0 : 1]++;
            assertEquals(weak, !said.isEmpty(), () -> frame + " of " + plan.weight().total() + ": " + said);
            for (Finding finding : said) {
                if (finding.remedy() != null) {
                    leadsSomewhere(frame, plan, finding);
                }
            }
        });
        Cases.met(7, "were weak", counts[0]);
        Cases.met(7, "held", counts[1]);
    }

    /** What is pressed takes the finding away, and puts none of its kind in its place. */
    private static void leadsSomewhere(Frame frame, Plan plan, Finding finding) {
        Job mended = Objects.requireNonNull(finding.remedy()).edit().of(plan.job(), Shop.usual(Units.MILLIMETRES));
        Set<String> left = Planner.plan(mended).findings().stream().map(Finding::code).filter(WEAK::contains)
                .collect(Collectors.toSet());
        assertFalse(left.contains(finding.code()), () -> frame + ": " + finding.code() + " stays after "
                + mended.hanging());
    }

    private static boolean isWeak(Frame frame, Plan plan) {
        Hanging hanging = frame.hanging;
        double mass = plan.weight().total().kilograms();
        double wide = plan.sizes().outside().width().toMm();
        double high = plan.sizes().outside().height().toMm();
        int hooks = hanging.hooks();
        double reach = hanging.apart().toMm() * (hooks - 1);
        return switch (hanging.by()) {
            case WIRE -> {
                double in = frame.face - (frame.face - frame.rabbetWide) / 2 - frame.rabbetWide;
                double span = wide - 2 * in;
                double between = hooks > 1 ? Math.min(span, reach) : 0;
                double theta = Math.toRadians(Objects.requireNonNull(hanging.angle()).degrees());
                double pull = mass / (2 * Math.sin(theta));
                yield 4 * pull > 70 || !frame.takesScrews(15) || !frame.screwsHold(pull * G)
                        || (hooks > 1 && reach > between + 1e-6);
            }
            case D_RINGS -> 2 * mass > 100 || !frame.takesScrews(15) || !frame.screwsHold(mass / 2 * G);
            case KEYHOLES -> 2 * mass > 40 || !frame.takesScrews(20) || !frame.screwsHold(mass / 2 * G);
            case SAWTOOTH -> mass > 2 || wide > 400 || !frame.takesScrews(10);
            case EASEL -> mass > 3 || high > 400;
            case STRIPS -> mass / hooks > 1.8 || mass / hooks * frame.thick / 2 / high > 0.18
                    || hanging.sleepers() || frame.face - frame.rabbetWide < 15;
            case CLEAT -> 4 * mass * G > 12 * 400 || (frame.thick < 40 && !frame.takesScrews(15))
                    || reach > 0.8 * wide + 1e-6;
            case SCREWS -> 4 * mass / hooks * G > 400 || !frame.takesScrews(20) || reach > wide - 20 + 1e-6;
        };
    }

    private static Frame frame(Random random) {
        HangBy by = HangBy.values()[random.nextInt(HangBy.values().length)];
        double large = 150 + 1500 * Math.pow(random.nextDouble(), 2);
        Hanging hanging = Hanging.usual(Units.MILLIMETRES).withBy(by).withHooks(1 + random.nextInt(4))
                .withSleepers(random.nextInt(6) == 0).withApart(Length.mm(40 + random.nextInt(300)))
                .withAngle(Angle.ofDegrees(15 + random.nextInt(40)));
        double rabbet = 5 + random.nextInt(5);
        return new Frame(large, 150 + 1200 * Math.pow(random.nextDouble(), 2), 2 + random.nextInt(5),
                rabbet + 6 + random.nextInt(40), 9 + random.nextInt(36), rabbet, 6, hanging);
    }

    /** The outermost ring with room carries the others: a slip inside a stout moulding has no rings of its own. */
    @Test
    void whatIsHeldByAnotherDoesNotCarryIt() {
        Cases.of("rings that carry", random -> {
            double outer = 12 + random.nextInt(30);
            double thick = 14 + random.nextInt(20);
            Section slip = new Section(Species.named("white ash"), Length.mm(20 + random.nextInt(20)), Length.mm(12),
                    Rabbet.plain(Length.mm(6), Length.mm(6)));
            Section round = new Section(Species.named("white ash"), Length.mm(outer), Length.mm(thick),
                    Rabbet.plain(Length.mm(8), Length.mm(10)));
            Job job = Jobs.chart().withSection(slip)
                    .withRings(List.of(new Ring(new Ring.Place("round", "", SizeOf.OUTSIDE,
                            SizeOf.RABBET, Length.mm(0.5), Length.mm(10 - thick)), round)));
            Plan plan = Planner.plan(job.withHanging(Hanging.usual(Units.MILLIMETRES)));
            String into = Objects.requireNonNull(
                    HangingWork.of(plan).orElseThrow().into()).name();
            if (outer - 8 >= 15) {
                assertEquals("round", into);
            } else if (slip.width().toMm() - 6 >= 15) {
                assertEquals("", into, "the slip has the room that the narrow moulding lacks");
            }
        });
    }
}
