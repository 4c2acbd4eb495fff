package neatcorner.job;

import java.util.List;
import java.util.Locale;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.fitout.Pack;
import neatcorner.fitout.Retainers;
import neatcorner.fitout.Screws;
import neatcorner.fitout.SizeOf;
import neatcorner.fitout.Spacing;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.member.Member;
import neatcorner.member.MemberKind;
import neatcorner.outline.Opening;
import neatcorner.piece.CornerJoint;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;

/**
 * Kinds of frames, each a way of holding with the rings that belong to it. Taking one sets section, pack, rings and what keeps
 * things in, for the same art; everything stays open to change afterwards. Sizes are common practice.
 */
public enum Preset {
    /** A sheet behind a lip. */
    PLAIN("plain frame"),
    /** A stretched canvas that floats inside a rim. */
    FLOATER("floater"),
    /** A painting on board, flush with the face. */
    PANEL("flush panel"),
    /** A strip round the outside of a finished frame. */
    BACK_BAND("back band"),
    /** A narrow inner frame in the rabbet of an outer one. */
    LINER("liner"),
    /** Bars behind the pack, for a large frame. */
    STRAINER("strainer behind"),
    /** Mirror glass in a rabbet. */
    MIRROR("mirror"),
    /** A frame over a mirror that stays on its wall. */
    MIRROR_ON_WALL("mirror on the wall"),
    /** Fabric over a bare frame. */
    WRAPPED("wrapped stretcher"),
    /** Plywood sides round a screen behind a two-way mirror. */
    BOX("deep box"),
    /** A mirror with an arched head and a trim band. */
    WINDOW("arched window"),
    /** Two leaves with slats. */
    SHUTTERS("pair of shutters"),
    /** A face cut from a sheet, on a rim of strips on edge. */
    SCALLOPED("scalloped face"),
    /** Old boards with strips over their sawn edges. */
    CAPPED("capped boards");

    private final String title;

    Preset(String title) {
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

    /** Which of them a job is, as near as its hold, its rings and what else belongs to it tell. */
    public static Preset of(Job job) {
        for (Member member : job.members()) {
            if (member.kind() instanceof MemberKind.Slats) {
                return SHUTTERS;
            }
            if (member.kind() instanceof MemberKind.Face) {
                return SCALLOPED;
            }
            if (member.kind() instanceof MemberKind.Head || member.kind() instanceof MemberKind.Extension) {
                return WINDOW;
            }
        }
        return switch (job.hold()) {
            case Hold.Floating floating -> FLOATER;
            case Hold.Panel panel -> PANEL;
            case Hold.OverMirror mirror -> MIRROR_ON_WALL;
            case Hold.Wrapped wrapped -> WRAPPED;
            case Hold.InGroove groove -> BOX;
            case Hold.Nothing nothing -> PLAIN;
            case Hold.InRabbet rabbet -> {
                if (job.ring(PresetNames.STRAINER) != null) {
                    yield STRAINER;
                }
                if (job.ring(PresetNames.OUTER) != null) {
                    yield LINER;
                }
                if (job.ring(PresetNames.BAND) != null) {
                    yield BACK_BAND;
                }
                if (job.ring(PresetNames.CAP_OUTSIDE) != null) {
                    yield CAPPED;
                }
                boolean bare = job.pack().layers().size() == 1
                        && job.pack().layers().getFirst() instanceof Layer.Glazing;
                yield bare ? MIRROR : PLAIN;
            }
        };
    }

    /** The job as such a frame of the same art, in its own system of units. */
    public Job of(Job before, Units units) {
        if (of(before) == this && this != PLAIN) {
            return before;
        }
        Job whole = of(before) == SHUTTERS ? SpecialFrames.withoutShutters(before) : before;
        Job job = plain(whole.startingFrom(SizeOf.ART), units);
        return switch (this) {
            case PLAIN -> job;
            case FLOATER -> floater(job, units);
            case PANEL -> panel(job, units);
            case BACK_BAND -> job.withRings(List.of(new Ring(
                    new Ring.Place(PresetNames.BAND, "", SizeOf.OUTSIDE, SizeOf.SIGHT, Length.ZERO,
                            units.either(-5, -3.0 / 16)),
                    strip(job, units.either(8, 5.0 / 16), job.section().thickness().plus(units.either(5, 3.0 / 16))))));
            case LINER -> liner(job, units);
            case STRAINER -> strainer(job, units);
            case MIRROR -> SpecialFrames.mirror(job, units);
            case MIRROR_ON_WALL -> job.withHold(new Hold.OverMirror(units.either(25, 1)))
                    .withPack(new Pack(List.of(new Layer.Glazing(Material.GLASS, units.either(4, 3.0 / 16)))))
                    .withSection(strip(job, units.either(70, 2.75), units.either(19, 3.0 / 4)));
            case WRAPPED -> job.withHold(new Hold.Wrapped(units.either(25, 1))).withPack(new Pack(List.of()))
                    .withSection(strip(job, units.either(38, 1.5), units.either(19, 3.0 / 4)));
            case BOX -> SpecialFrames.box(job, units);
            case WINDOW -> SpecialFrames.window(SpecialFrames.mirror(job, units), units);
            case SHUTTERS -> SpecialFrames.shutters(job, units);
            case SCALLOPED -> SpecialFrames.scalloped(job, units);
            case CAPPED -> SpecialFrames.capped(job, units);
        };
    }

    private static Section strip(Job job, Length width, Length thickness) {
        return new Section(job.section().wood(), width, thickness, Rabbet.NONE);
    }

    /** A pack behind a lip again, whatever it was; the moulding of a frame that was plain stays. */
    private static Job plain(Job job, Units units) {
        Job blank = Defaults.blank(units);
        Preset was = of(job);
        boolean packed = was == SCALLOPED
                || (job.hold().isInRabbet() && was != MIRROR && was != WINDOW && !job.pack().layers().isEmpty());
        Ring outer = job.ring(PresetNames.OUTER);
        Section own = job.hold().isInRabbet() ? job.section() : blank.section().withWood(job.section().wood());
        return job.withMembers(List.of()).withJoint(was == BOX || was == SHUTTERS ? CornerJoint.MITER : job.joint())
                .withHold(packed && was != SCALLOPED ? job.hold() : blank.hold())
                .withPack(packed ? job.pack() : blank.pack())
                .withSection(outer == null ? own : outer.section()).withRings(List.of())
                .withFitOut(job.fitOut().withRetainers(packed ? job.fitOut().retainers() : Retainers.usual(units)));
    }

    /** A pair of shutters with other play in the same opening. */
    public static Job withLeafPlay(Job job, Length play) {
        return SpecialFrames.withPlay(job, play);
    }

    /** Its backer is thick enough to be hung by: the rim beside it is too narrow for a screw. */
    private static Job floater(Job job, Units units) {
        Length art = units.either(20, 3.0 / 4);
        Length small = units.either(6, 1.0 / 4);
        Length back = units.either(12, 1.0 / 2);
        Section rim = new Section(job.section().wood(), units.either(12, 1.0 / 2),
                back.plus(art).plus(Defaults.recess(units)), Rabbet.plain(small, back));
        Ring backer = new Ring(new Ring.Place(PresetNames.BACKER, "", SizeOf.RABBET, SizeOf.OUTSIDE,
                units.either(0.25, 1.0 / 64), null), strip(job, units.either(25, 1), back))
                .withScrews(new Screws(units.either(25, 1), Spacing.screws(units)));
        return job.withHold(new Hold.Floating(small)).withPack(new Pack(List.of(new Layer.Art(Material.CANVAS, art))))
                .withSection(rim).withRings(List.of(backer));
    }

    /** Strips of plywood half on the frame's back, half behind the panel. */
    private static Job panel(Job job, Units units) {
        Length thick = units.either(18, 3.0 / 4);
        Length strip = units.either(50, 2);
        Section rim = strip(job, Length.max(job.section().width(), units.either(30, 1.25)), thick);
        Length on = rim.width().minus(strip.scaled(0.5));
        Ring strips = new Ring(new Ring.Place(PresetNames.STRIPS, "", SizeOf.OUTSIDE, SizeOf.OUTSIDE,
                Length.max(Length.ZERO, on), null), strip(job, strip, units.either(6, 1.0 / 4)))
                .withScrews(new Screws(units.either(20, 3.0 / 4), Spacing.screws(units)));
        return job.withHold(new Hold.Panel(units.either(0.75, 1.0 / 32)))
                .withPack(new Pack(List.of(new Layer.Art(Material.PLYWOOD, thick)))).withSection(rim)
                .withRings(List.of(strips));
    }

    /** The moulding goes round, and a narrow frame in its rabbet holds the pack. */
    private static Job liner(Job job, Units units) {
        Length deep = job.pack().thickness().plus(Defaults.retainerRoom(units));
        Length step = units.either(1, 1.0 / 16);
        Length rabbet = deep.roundedUp(step);
        Section liner = new Section(job.section().wood(), units.either(20, 3.0 / 4),
                rabbet.plus(units.either(4, 3.0 / 16)), Rabbet.plain(units.either(6, 1.0 / 4), rabbet));
        Section moulding = job.section();
        Length depth = Length.max(moulding.rabbet().depth(), liner.thickness());
        Length more = depth.minus(moulding.rabbet().depth());
        Section outer = moulding.withRabbet(moulding.rabbet().withDepth(depth))
                .withThickness(moulding.thickness().plus(more));
        Ring round = new Ring(new Ring.Place(PresetNames.OUTER, "", SizeOf.OUTSIDE, SizeOf.RABBET,
                units.either(0.75, 1.0 / 32), outer.lip().negate()), outer);
        return job.withSection(liner).withRings(List.of(round));
    }

    /** Bars behind the pack, flush with a back that is deep enough for them. */
    private static Job strainer(Job job, Units units) {
        Length bar = units.either(19, 3.0 / 4);
        Length depth = job.pack().thickness().plus(bar).plus(Defaults.retainerRoom(units));
        Section section = job.section().rabbet().depth().isLessThan(depth)
                ? job.section().withRabbet(job.section().rabbet().withDepth(depth))
                        .withThickness(depth.plus(job.section().lip()))
                : job.section();
        Ring bars = new Ring(new Ring.Place(PresetNames.STRAINER, "", SizeOf.RABBET, SizeOf.OUTSIDE,
                units.either(1, 1.0 / 32), null), strip(job, units.either(38, 1.5), bar))
                .withScrews(new Screws(units.either(50, 2), Spacing.strainer(units)));
        Job held = job.withSection(section).withRings(List.of(bars));
        Opening outside = held.sizes().outside();
        boolean large = Length.max(outside.width(), outside.height()).isMoreThan(units.either(800, 32));
        return large
                ? held.withMembers(List.of(Addition.brace(held.withUnits(units), PresetNames.STRAINER,
                        atTheRings(held, bars))))
                : held;
    }

    /** The share of a strainer's opening, from its top, at which the frame's rings are: there a wire would pull its sides in. */
    private static double atTheRings(Job job, Ring bars) {
        double outside = job.sizes().outside().height().toMm();
        double opening = job.sizes().rabbet().height().minus(bars.place().play().plus(bars.section().width()).times(2))
                .toMm();
        double down = job.hanging().rings().in(job.sizes().outside().height()).toMm() - (outside - opening) / 2;
        return Math.clamp(down / opening, 0, 1);
    }
}
