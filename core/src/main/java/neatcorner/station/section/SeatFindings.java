package neatcorner.station.section;

import static neatcorner.plan.Station.SECTION;

import java.util.List;
import java.util.Optional;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Sentence;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.section.Rabbet;
import neatcorner.section.Seat;
import neatcorner.section.Section;
import org.jspecify.annotations.Nullable;

/** How a flat pack lies in a frame whose faces slope, and what makers do about it: cut the rabbet level. */
final class SeatFindings {
    /** Steeper than this, the sight edge no longer limits how high a level rabbet's wall stands, in degrees. */
    private static final double UPRIGHT = 89;

    private SeatFindings() {}

    static void add(Plan plan, List<Finding> findings) {
        Job job = plan.job();
        Section section = job.section();
        Angle slope = job.outline().slope();
        boolean sloped = job.outline().isSloped();
        if (!section.isSound() || (!sloped && !section.rabbet().isTilted())) {
            return;
        }
        Seat seat = plan.seat();
        if (!sloped) {
            findings.add(Finding.check(SectionFinding.RABBET_NOT_LEVEL, SECTION, Sentence.of(
                    SectionTexts.RABBET_IS_CUT_FOR_FACES, section.rabbet().tilt()),
                    new Remedy(Sentence.of(SectionTexts.CUT_THE_RABBET_SQUARE),
                            j -> j.withSection(j.section().withRabbet(j.section().rabbet().withTilt(Angle.ZERO))))));
        } else if (!seat.walled()) {
            findings.add(Finding.stop(SectionFinding.PACK_NOT_HELD, SECTION, Sentence.of(
                    SectionTexts.PACK_IS_NOT_HELD,
                    slope), level(plan)));
        } else if (!seat.flat()) {
            findings.add(Finding.note(SectionFinding.PACK_ON_EDGE, SECTION, Sentence.of(
                    SectionTexts.PACK_ON_EDGE,
                    slope, seat.carry()), level(plan)));
        }
    }

    /** A level rabbet that holds the pack, where this stick has room for one. */
    static @Nullable Remedy level(Plan plan) {
        return levelled(plan.job())
                .map(rabbet -> new Remedy(Sentence.of(SectionTexts.CUT_THE_RABBET_LEVEL, rabbet.width(),
                        rabbet.depth()),
                        job -> levelled(job).map(own -> job.withSection(job.section().withRabbet(own)))
                                .orElse(job)))
                .orElse(null);
    }

    private static Optional<Rabbet> levelled(Job job) {
        Angle slope = job.outline().slope();
        Length needed = job.pack().thickness().plus(Defaults.retainerRoom(job.units()));
        Rabbet cut = job.section().rabbet();
        Length width = slope.degrees() > UPRIGHT ? cut.width() : Length.max(cut.width(), needed.scaled(slope.tan()));
        Rabbet level = new Rabbet(up(width), Length.max(cut.depth(), up(needed)), null, slope);
        Section section = job.section().withRabbet(level);
        boolean fits = section.isSound() && !section.lip().isLessThan(Defaults.leastLip(job.units()))
                && !section.wall().isLessThan(Defaults.leastWall(job.units()))
                && !job.pack().spare(Seat.of(section, slope).rabbet()).isLessThan(Defaults.retainerRoom(job.units()));
        return fits ? Optional.of(level) : Optional.empty();
    }

    /** To the next tenth of a millimetre, so that rounding never takes what is needed. */
    private static Length up(Length length) {
        long tenth = Length.PER_MM / 10;
        return new Length((length.units() + tenth - 1) / tenth * tenth);
    }
}
