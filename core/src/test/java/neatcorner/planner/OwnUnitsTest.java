package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Reading;
import neatcorner.measure.Units;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.plan.Field;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.station.Chapter;
import neatcorner.station.hanging.HangingFields;
import neatcorner.stock.Stick;
import neatcorner.wood.Climate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Findings, remedies and workings of a job speak its own system, whatever is wrong with it. */
class OwnUnitsTest {
    private static final Pattern METRIC = Pattern.compile("(?<![\\w/])(mm²?|cm|kg|kg/m³?|N|N/mm²|°C|metres?)(?!\\w)|≈");
    private static final Pattern INCHES = Pattern
            .compile("\\d in\\b|in²|\\blb\\b|\\boz\\b|psi|°F|\\binch|\\bfoot\\b|≈");

    private static Job sound(Units units) {
        Job job = Defaults.blank(units);
        return job.withStock(job.stock().plusStick(new Stick("long", units.either(2400, 96), 2, 7.0, List.of())))
                .withReinforcement(List.of(Reinforcement.spline(units.either(12, 0.5), units.either(3, 0.125), 1)))
                .withChecks(job.checks().withPlace(Climate.HEATED_HOUSE));
    }

    /** Sound ones, and with something wrong at each station. */
    private static List<Job> jobs(Units units) {
        Job job = sound(units);
        List<Job> jobs = new ArrayList<>(List.of(Defaults.blank(units), job,
                job.withOutline(Outline.of(new Shape.Regular(7, false))),
                job.withOutline(Outline.of(new Shape.Circle(6))),
                job.withStock(
                        job.stock().withSticks(List.of(new Stick("bit", units.either(200, 8), 1, null, List.of())))),
                job.withSection(job.section().withWidth(units.either(9, 0.375))),
                job.withSection(job.section().withThickness(units.either(11, 0.4375))),
                job.withSection(job.section().withRabbet(job.section().rabbet().withWidth(units.either(3, 0.125)))),
                job.withGlueUp(job.glueUp().withTemperature(3)), job.withGlueUp(job.glueUp().withTemperature(38))));
        for (double size : new double[]{0.1, 1, 2.5}) {
            Length big = units.either(25 * size, size);
            jobs.add(job.withSection(job.section().withRabbet(job.section().rabbet().withDepth(big))));
            for (ReinforcementKind kind : ReinforcementKind.values()) {
                jobs.add(job.withReinforcement(List.of(Reinforcement.of(kind, big, units.either(6, 0.25),
                        units.either(20, 0.75), 2))));
            }
        }
        return jobs;
    }

    @ParameterizedTest
    @EnumSource
    void nothingIsSaidInTheOtherSystem(Units units) {
        Notation notation = Notation.of(units);
        Pattern foreign = units == Units.INCHES ? METRIC : INCHES;
        Set<String> said = new TreeSet<>();
        Set<String> codes = new TreeSet<>();
        for (Job job : jobs(units)) {
            Plan plan = Planner.plan(job);
            for (Finding finding : plan.findings()) {
                codes.add(finding.code());
                look(finding.message().in(notation), foreign, said);
                Remedy remedy = finding.remedy();
                if (remedy != null) {
                    look(remedy.label().in(notation), foreign, said);
                }
            }
            for (Station station : Station.values()) {
                for (Slate.Row row : Chapters.slate(plan, station).rows()) {
                    row.readings().forEach(reading -> look(reading, notation, foreign, said));
                }
            }
        }
        assertEquals("", String.join("\n", said));
        assertTrue(codes.size() > 11, () -> "too few things go wrong: " + codes);
    }

    @ParameterizedTest
    @EnumSource
    void aNewJobHasTheRoundSizesOfItsOwnSystem(Units units) {
        Length step = units == Units.INCHES ? Length.inches(1, 1, 64).minus(Length.inches(1)) : Length.mm(0.1);
        Plan plan = Planner.plan(sound(units));
        for (Chapter chapter : Chapters.ALL) {
            for (Field field : chapter.fields(plan)) {
                Length length = field.in(plan);
                // A share of the frame's height, until it is typed.
                boolean follows = field.equals(HangingFields.RINGS);
                assertTrue(follows || length.units() % step.units() == 0, () -> field.id() + " is " + length);
            }
        }
    }

    private static void look(Reading reading, Notation notation, Pattern foreign, Set<String> said) {
        look(reading.working(notation), foreign, said);
        reading.from().forEach(part -> look(part, notation, foreign, said));
    }

    private static void look(String text, Pattern foreign, Set<String> said) {
        if (foreign.matcher(text).find()) {
            said.add(text);
        }
    }
}
