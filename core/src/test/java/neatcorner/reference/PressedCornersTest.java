package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Objects;
import java.util.Random;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Length;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.station.glueup.GlueUpWork;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/**
 * How hard bands and clamps press, from the forces on one piece of a regular frame that must be in balance: what is pushed from
 * outside at its two ends is carried by the two miters, square to their faces, without friction.
 */
class PressedCornersTest {

    /** A wood and the least pressure that it wants, N/mm² (Wood Handbook; from memory). */
    private record Wood(String name, double pressure) {}

    private static final List<Wood> WOODS = List.of(new Wood("white ash", 1.2), new Wood("eastern white pine", 0.7));

    @Test
    void theJointsGetThePressureThatTheirWoodWants() {
        Cases.of("bands and clamps", random -> {
            int sides = 3 + random.nextInt(10);
            double width = 15 + random.nextInt(50);
            double thickness = 12 + random.nextInt(30);
            Wood wood = WOODS.get(random.nextInt(2));
            Plan plan = Planner.plan(job(random, sides, width, thickness, wood));
            GlueUpWork work = Objects.requireNonNull(GlueUpWork.of(plan));
            double theta = Math.PI * (1 - 2.0 / sides);
            // the miter is as long as the face, by the sine of half the corner
            double area = thickness * width / Math.sin(theta / 2);
            double joint = wood.pressure * area;
            assertEquals(joint, bandPresses(sides, work.glue().tension().least()), joint * 1e-3,
                    sides + " sides, band");
            assertEquals(joint, cornerPresses(theta, work.glue().corner().least()), joint * 1e-3,
                    sides + " sides, clamp");
            if (sides == 4 && work.glue().jig().isPresent()) {
                double slant = work.glue().jig().get().slant().tan();
                double along = work.glue().jigPull() / 2;
                double least = Math.min(along, along * slant);
                assertEquals(joint, cornerPresses(theta, Math.sqrt(2) * least), joint * 1e-3, "jig");
            }
        });
    }

    /**
     * Where a band passes from one piece to the next it lies across the joint, square to it: at each end it pulls a piece by T that way and by
     * T along its edge. Along the edge the two ends cancel; across the piece each end leaves T · cos(θ/2), and the miter answers square to its
     * face, with N · cos(θ/2) of it across the piece.
     */
    private static double bandPresses(int sides, double tension) {
        double theta = Math.PI * (1 - 2.0 / sides);
        double across = tension * Math.cos(theta / 2);
        return across / Math.cos(theta / 2);
    }

    /**
     * A block pulled along the line that halves a corner lies on the two outer faces, smooth: it pushes each by f, square to it, and the two
     * together are the pull, R = 2 · f · sin(θ/2). Across a piece each end is pushed by f, and N · cos(θ/2) answers.
     */
    private static double cornerPresses(double theta, double pull) {
        double face = pull / (2 * Math.sin(theta / 2));
        return face / Math.cos(theta / 2);
    }

    private static Job job(Random random, int sides, double width, double thickness, Wood wood) {
        Section section = new Section(Species.named(wood.name), Length.mm(width), Length.mm(thickness),
                Rabbet.plain(Length.mm(5), Length.mm(5)));
        Job job = Jobs.chart().withSection(section).withPack(AnyJob.thin());
        Job shaped = sides == 4 && random.nextBoolean()
                ? job
                : job.withOutline(Outline.of(new Shape.Regular(sides, false)));
        return AnyJob.sized(shaped, random);
    }
}
