package neatcorner.station.section;

import java.util.Arrays;
import java.util.List;
import neatcorner.drawing.Figure;
import neatcorner.job.Job;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.plan.Plan;
import neatcorner.section.Milling;
import neatcorner.section.Passes;
import neatcorner.section.RabbetWay;
import neatcorner.section.Section;

/**
 * What a job's section can be made from and how its rabbet can be cut, each with a picture of this section made that way.
 *
 * @param ways   to cut the rabbet
 * @param blanks to make the section from
 */
public record SectionChoices(List<Way> ways, List<Blank> blanks) {
    /** Before any were looked for. */
    public static final SectionChoices NONE = new SectionChoices(List.of(), List.of());

    public SectionChoices {
        ways = List.copyOf(ways);
        blanks = List.copyOf(blanks);
    }

    /**
     * A way to cut the rabbet.
     *
     * @param figure   how many passes the whole section takes
     * @param possible whether a sound section comes of it
     */
    public record Way(RabbetWay way, Sentence figure, boolean possible, Figure picture) {}

    /** Something to make the section from. */
    public record Blank(MadeFrom from, boolean possible, Figure picture) {}

    /** For the section of a plan. */
    public static SectionChoices of(Plan plan) {
        Job job = plan.job();
        Milling milling = job.section().milling();
        List<Way> ways = Arrays.stream(RabbetWay.values()).map(way -> {
            Section section = job.section().withMilling(milling.withWay(way));
            boolean sound = section.isSound();
            int passes = sound ? Passes.of(section).size() : 0;
            Sentence figure = passes == 0
                    ? Sentence.of(SectionTexts.NOTHING_TO_CUT)
                    : Sentence.of(passes == 1 ? SectionTexts.ONE_PASS : SectionTexts.SO_MANY_PASSES,
                            Scalar.count(passes));
            return new Way(way, figure, sound, picture(plan, section, passes == 0 ? -1 : 0));
        }).toList();
        List<Blank> blanks = Arrays.stream(MadeFrom.values()).map(from -> {
            Section section = from.of(job);
            return new Blank(from, section.isSound(), picture(plan, section, -1));
        }).toList();
        return new SectionChoices(ways, blanks);
    }

    private static Figure picture(Plan plan, Section section, int pass) {
        Plan other = Plan.of(plan.job().withSection(section), plan.shop(), () -> true);
        return SectionFigure.of(other, new SectionLook(pass, false)).bare();
    }
}
