package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.fitout.Screws;
import neatcorner.fitout.SizeOf;
import neatcorner.fitout.Spacing;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.plan.Across;
import neatcorner.plan.Contact;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/**
 * Rings in depth: a nail is driven level through a ring at every depth, step by step, and asked at each step whether it is in wood.
 * What the ring lies in, what stands out behind, follows from the same steps.
 */
class RingsInDepthTest {
    private static final double STEP = 0.25;

    /** A stick with a rabbet at its back inner edge: places from its sight edge outwards, and from its front backwards. */
    private record Stick(double width, double thick, double rabbetWide, double rabbetDeep, double out, double front) {

        boolean isWood(double x, double z) {
            double own = x - out;
            double deep = z - front;
            return own > 0 && own < width && deep > 0 && deep < thick
                    && !(own < rabbetWide && deep > thick - rabbetDeep);
        }

        Section section() {
            return new Section(Species.named("white ash"), Length.mm(width), Length.mm(thick),
                    rabbetWide == 0 ? Rabbet.NONE : Rabbet.plain(Length.mm(rabbetWide), Length.mm(rabbetDeep)));
        }
    }

    @Test
    void aNailMeetsWoodJustWhereItIsSaidTo() {
        int[] met = new int[2];
        Cases.of("rings in depth", random -> {
            boolean round = random.nextBoolean();
            Stick frame = stick(random, 0, 0);
            double front = random.nextInt(3) == 0 ? -25 + random.nextInt(50) : round ? -random.nextInt(8) : Double.NaN;
            double play = random.nextInt(3) * 0.5;
            Stick own = stick(random, 0, 0);
            boolean rabbeted = own.rabbetWide > 0 && random.nextBoolean();
            Ring.Place place = round
                    ? new Ring.Place("it", "", SizeOf.OUTSIDE, rabbeted ? SizeOf.RABBET : SizeOf.SIGHT, Length.mm(play),
                            Double.isNaN(front) ? null : Length.mm(front))
                    : new Ring.Place("it", "", frame.rabbetWide > 0 ? SizeOf.RABBET : SizeOf.SIGHT, SizeOf.OUTSIDE,
                            Length.mm(play), Double.isNaN(front) ? null : Length.mm(front));
            Job job = Jobs.chart().withSection(frame.section()).withRings(List.of(new Ring(place, own.section())
                    .withScrews(new Screws(Length.mm(20), Spacing.screws(Units.MILLIMETRES)))));
            Plan plan = Planner.plan(job);
            Across across = Across.of(plan);
            if (across.rings().isEmpty() || !across.clashes(plan).isEmpty()) {
                return;
            }
            Across.Lying lying = across.rings().getFirst();
            Stick ring = new Stick(own.width, own.thick, own.rabbetWide, own.rabbetDeep, lying.out(), lying.front());
            Optional<Contact> said = across.contact(plan, lying);
            double meets = 0;
            double through = Double.NaN;
            double into = Double.MAX_VALUE;
            for (double z = -60 + STEP / 2; z < 120; z += STEP) {
                double[] driven = driven(ring, frame, z, round ? -1 : 1, play);
                if (driven.length > 0) {
                    meets += STEP;
                    through = driven[0];
                    into = Math.min(into, driven[1]);
                }
            }
            met[meets > 5 ? 0 : 1]++;
            if (Math.abs(meets - 5) > 0.6) {
                assertEquals(meets > 5, said.isPresent(), ring + " on " + frame + ": " + meets + ", " + said);
            }
            if (said.isPresent() && meets > 5) {
                assertEquals(meets, said.get().meets().toMm(), 2 * STEP, ring + " on " + frame);
                assertEquals(through, said.get().through().toMm(), 0.6, ring + " on " + frame);
                assertEquals(into, said.get().into().toMm(), 0.6, ring + " on " + frame);
            }
            Set<String> codes = plan.findings().stream().map(Finding::code).collect(Collectors.toSet());
            if (Math.abs(meets - 5) > 0.6) {
                assertEquals(meets < 5, codes.contains("screws.in-air"), ring + " on " + frame + ": " + codes);
            }
            double behind = ring.front + ring.thick - frame.thick;
            if (!round && Math.abs(behind - 0.5) > 0.01) {
                assertEquals(behind > 0.5, codes.contains("ring.proud"), behind + " out behind: " + codes);
            }
            double pack = plan.job().pack().thickness().toMm();
            double floor = frame.thick - frame.rabbetDeep;
            double shared = Math.min(ring.front + ring.thick, floor + pack) - Math.max(ring.front, floor);
            boolean within = ring.out < frame.rabbetWide - 1.5 - 0.1;
            if (Math.abs(shared - 0.05) > 0.02 && Math.abs(ring.out - frame.rabbetWide + 1.5) > 0.2) {
                assertEquals(within && shared > 0.05, codes.contains("ring.in-pack"), ring + " in " + frame + codes);
            }
        });
        Cases.met(5, "met", met[0]);
        Cases.met(5, "missed", met[1]);
    }

    /** From the ring's far side to the frame: what it goes through until there is frame, and how far that goes on; empty where it misses. */
    private static double[] driven(Stick ring, Stick frame, double z, int way, double play) {
        double start = way > 0 ? ring.out : ring.out + ring.width;
        double x = start + way * STEP / 4;
        while (!ring.isWood(x, z) && Math.abs(x - start) < ring.width) {
            x += way * 0.1;
        }
        double entered = x;
        while (ring.isWood(x, z)) {
            x += way * 0.1;
        }
        double left = x;
        while (!frame.isWood(x, z) && Math.abs(x - left) < play + 0.3) {
            x += way * 0.1;
        }
        if (!frame.isWood(x, z) || !ring.isWood(entered, z)) {
            return new double[0];
        }
        double frames = x;
        while (frame.isWood(x, z)) {
            x += way * 0.1;
        }
        return new double[]{Math.abs(frames - start), Math.abs(x - frames)};
    }

    private static Stick stick(Random random, double out, double front) {
        double width = 16 + random.nextInt(40);
        double thick = 12 + random.nextInt(30);
        boolean plain = random.nextInt(3) == 0;
        return new Stick(width, thick, plain ? 0 : 5 + random.nextInt(5),
                plain ? 0 : 5 + random.nextInt((int) thick - 9), out,
                front);
    }
}
