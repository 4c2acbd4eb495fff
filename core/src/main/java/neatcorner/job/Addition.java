package neatcorner.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.fitout.Screws;
import neatcorner.fitout.SizeOf;
import neatcorner.fitout.Spacing;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.member.Member;
import neatcorner.member.MemberKind;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;

/** A ring or a part that a maker may add to any frame, in a usual size of the shop's own system; common practice. */
public enum Addition {
    RING_IN_RABBET("ring in the rabbet"),
    RING_ON_BACK("strips on the back"),
    RING_ROUND("band round it"),
    SLATS("slats"),
    BAR("bar across"),
    TRIANGLES("corner triangles"),
    BLOCKS("corner blocks"),
    EXTENSION("extension on top"),
    HEAD("arched head"),
    TRIM("trim band"),
    FACE("scalloped face"),
    HINGES("hinges"),
    BRACKETS("brackets"),
    VENTS("vents");

    private static final double TILT = 30;
    private static final double WATTS = 20;

    private final String title;

    Addition(String title) {
        this.title = title;
    }

    /** What a maker calls it, in US words. */
    public String title() {
        return title;
    }

    /** Its name in ids. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether a job can have one more of its kind. */
    public boolean hasRoom(Job job) {
        boolean deep = this != VENTS || ventWidth(job).isPositive();
        return isRing() ? job.rings().size() < Job.MOST_RINGS : deep && job.members().size() < Job.MOST_MEMBERS;
    }

    private boolean isRing() {
        return this == RING_IN_RABBET || this == RING_ON_BACK || this == RING_ROUND;
    }

    /** The job with it, under a name that nothing else in it has; as it is where there is no room. */
    public Job to(Job job) {
        if (!hasRoom(job)) {
            return job;
        }
        if (isRing()) {
            List<Ring> rings = new ArrayList<>(job.rings());
            rings.add(ring(job, name(job)));
            return job.withRings(rings);
        }
        List<Member> members = new ArrayList<>(job.members());
        members.add(member(job, name(job)));
        return job.withMembers(members);
    }

    private String name(Job job) {
        Set<String> taken = Stream.concat(job.rings().stream().map(Ring::name),
                job.members().stream().map(Member::name)).collect(Collectors.toSet());
        String name = title;
        for (int i = 2; taken.contains(name); i++) {
            name = title + " " + i;
        }
        return name;
    }

    private Ring ring(Job job, String name) {
        Units units = job.units();
        Length thin = units.either(6, 1.0 / 4);
        return switch (this) {
            case RING_IN_RABBET -> new Ring(new Ring.Place(name, "",
                    job.section().rabbet().isNone() ? SizeOf.SIGHT : SizeOf.RABBET, SizeOf.OUTSIDE,
                    units.either(0.5, 1.0 / 32), null), section(job, units.either(19, 3.0 / 4), thin));
            case RING_ON_BACK -> new Ring(new Ring.Place(name, "", SizeOf.OUTSIDE, SizeOf.OUTSIDE,
                    thin, null), section(job, units.either(40, 1.5), thin))
                    .withScrews(new Screws(units.either(16, 5.0 / 8), Spacing.screws(units)));
            case RING_ROUND ->
                new Ring(new Ring.Place(name, "", SizeOf.OUTSIDE, SizeOf.SIGHT, Length.ZERO, null),
                        section(job, units.either(8, 5.0 / 16), job.section().thickness()));
            case SLATS, BAR, TRIANGLES, BLOCKS, EXTENSION, HEAD, TRIM, FACE, HINGES, BRACKETS, VENTS ->
                throw new IllegalStateException("a member is no ring");
        };
    }

    private static Section section(Job job, Length width, Length thickness) {
        return new Section(job.section().wood(), width, thickness, Rabbet.NONE);
    }

    private Member member(Job job, String name) {
        Units units = job.units();
        Length bar = units.either(38, 1.5);
        Length thick = units.either(19, 3.0 / 4);
        Length thin = units.either(6, 1.0 / 4);
        return switch (this) {
            case SLATS -> of(job, name, new MemberKind.Slats(units.either(12, 1.0 / 2).scaled(
                    job.section().width().isMoreThan(units.either(20, 3.0 / 4)) ? 1 : 0.5),
                    units.either(28, 1.125), Angle.ofDegrees(TILT)), units.either(32, 1.25), thin);
            case TRIANGLES -> of(job, name, new MemberKind.Triangles(), units.either(60, 2.5), thin);
            case BLOCKS -> of(job, name, new MemberKind.Blocks(), bar, thick);
            case EXTENSION -> of(job, name, new MemberKind.Extension(), units.either(100, 4),
                    job.section().thickness());
            case HEAD -> of(job, name, new MemberKind.Head(job.sizes().outside().width().scaled(0.2)),
                    units.either(40, 1.5), job.section().thickness());
            case TRIM -> of(job, name, new MemberKind.Trim(3), units.either(25, 1), units.either(18, 3.0 / 4));
            case FACE -> of(job, name, new MemberKind.Face(units.either(6, 1.0 / 4), units.either(20, 3.0 / 4),
                    units.either(60, 2.5), units.either(12, 1.0 / 2)), bar, units.either(12, 1.0 / 2));
            case HINGES -> of(job, name, new MemberKind.Bought(MemberKind.Fitting.HINGES, 2), units.either(50, 2),
                    units.either(25, 1));
            case BRACKETS -> of(job, name, new MemberKind.Bought(MemberKind.Fitting.BRACKETS, 4),
                    units.either(60, 2.5), thick);
            case VENTS -> of(job, name, new MemberKind.Vents(WATTS), ventWidth(job), thin);
            case BAR -> brace(job, "", 0.5).withName(name);
            case RING_IN_RABBET, RING_ON_BACK, RING_ROUND -> throw new IllegalStateException("a ring is no member");
        };
    }

    /** A level bar across a ring, the frame's where that has no name, at a share of the opening from the top. */
    public static Member brace(Job job, String ring, double at) {
        return of(job, PresetNames.BRACE, new MemberKind.Bar(false, at, Length.ZERO), job.units().either(38, 1.5),
                job.units().either(19, 3.0 / 4)).withOf(ring);
    }

    /** As wide as the sides are deep for, with wood to either side of it; nothing where they are too shallow for any. */
    private static Length ventWidth(Job job) {
        Length step = job.units().either(1, 1.0 / 16);
        Length room = MemberKind.Vents.deep(job.section()).minus(job.units().either(20, 7.0 / 8));
        return Length.min(job.units().either(19, 3.0 / 4), step.times(Math.max(0, room.units() / step.units())));
    }

    private static Member of(Job job, String name, MemberKind kind, Length width, Length thickness) {
        return new Member(name, "", kind, job.section().wood(), width, thickness);
    }
}
