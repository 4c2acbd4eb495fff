package neatcorner.job;

import java.util.ArrayList;
import java.util.List;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.fitout.Pack;
import neatcorner.fitout.RetainerKind;
import neatcorner.fitout.Retainers;
import neatcorner.fitout.SizeOf;
import neatcorner.hanging.HangBy;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.member.Member;
import neatcorner.member.MemberKind;
import neatcorner.outline.Opening;
import neatcorner.piece.CornerJoint;
import neatcorner.section.Face;
import neatcorner.section.Operation;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.wood.Species;

/** Kinds of frames that are more than rings: boxes, windows, shutters, faces cut from a sheet. Sizes are common practice. */
final class SpecialFrames {
    private static final Species PLYWOOD = Species.named("birch plywood");
    private static final double TILT = 30;
    private static final double WATTS = 20;
    private static final int TRIM_LAYERS = 3;

    private SpecialFrames() {}

    /** Sides of edged plywood round a mirror in a groove, deep enough for a screen behind it. */
    static Job box(Job job, Units units) {
        Length side = units.either(12, 1.0 / 2);
        Length front = units.either(10, 3.0 / 8);
        Length glass = units.either(4, 3.0 / 16);
        Length play = units.either(0.5, 1.0 / 64);
        Length deep = CornerJoint.dado(side);
        Section section = new Section(PLYWOOD, side, units.either(90, 3.5), Rabbet.NONE);
        Section grooved = section.withMilling(section.milling().withOperations(List.of(
                new Operation.Groove(Face.INNER, front, glass.plus(play), deep, 0))));
        Ring edging = new Ring(new Ring.Place(PresetNames.EDGING, "", SizeOf.SIGHT, SizeOf.SIGHT,
                Length.ZERO, units.either(-6, -1.0 / 4)),
                new Section(job.section().wood(), side, units.either(6, 1.0 / 4), Rabbet.NONE));
        List<Member> members = List.of(
                new Member("support bar", "", new MemberKind.Bar(false, 1, play), job.section().wood(),
                        units.either(20, 3.0 / 4), units.either(20, 3.0 / 4)),
                new Member("brackets", "", new MemberKind.Bought(MemberKind.Fitting.BRACKETS, 4), job.section().wood(),
                        units.either(60, 2.5), units.either(20, 3.0 / 4)),
                new Member("vents", "", new MemberKind.Vents(WATTS), job.section().wood(), units.either(20, 3.0 / 4),
                        side));
        return job.withHold(new Hold.InGroove(deep, play, front))
                .withPack(new Pack(List.of(new Layer.Glazing(Material.GLASS, glass)))).withSection(grooved)
                .withJoint(CornerJoint.DADO).withRings(List.of(edging)).withMembers(members)
                .withHanging(job.hanging().withBy(HangBy.CLEAT).withHooks(2));
    }

    /** A mirror made higher, with an arched head and a band round it. */
    static Job window(Job job, Units units) {
        Length thick = job.section().thickness();
        Length across = job.sizes().outside().width();
        Length step = units.either(10, 1.0 / 2);
        Length rise = new Length(Math.max(1, Math.round(across.scaled(0.25).over(step))) * step.units());
        List<Member> members = List.of(
                new Member("extension", "", new MemberKind.Extension(), job.section().wood(), units.either(100, 4),
                        thick),
                new Member("head", "", new MemberKind.Head(rise), job.section().wood(), units.either(40, 1.5), thick),
                new Member("trim band", "", new MemberKind.Trim(TRIM_LAYERS), job.section().wood(),
                        Length.min(units.either(25, 1), job.section().width()), units.either(18, 3.0 / 4)));
        return job.withMembers(members);
    }

    /** A pair of leaves over what was the art; each is one of the job's frames. */
    static Job shutters(Job job, Units units) {
        Opening opening = job.sizes().art();
        Length play = play(units);
        Opening leaf = leaf(opening, play);
        Section stile = new Section(job.section().wood(), Length.min(units.either(50, 2), leaf.width().scaled(0.25)),
                units.either(25, 1), Rabbet.NONE);
        List<Member> members = List.of(
                new Member("slats", "", new MemberKind.Slats(units.either(12, 1.0 / 2), units.either(28, 1.125),
                        Angle.ofDegrees(TILT)), job.section().wood(), units.either(32, 1.25),
                        units.either(6, 1.0 / 4)),
                new Member("hinges", "", new MemberKind.Bought(MemberKind.Fitting.HINGES, 2), job.section().wood(),
                        units.either(50, 2), units.either(25, 1)));
        return job.withHold(new Hold.Nothing(play)).withPack(new Pack(List.of())).withSection(stile)
                .withJoint(CornerJoint.BUTT).withSize(SizeOf.OUTSIDE, leaf)
                .withQuantity(Math.min(Job.MOST_FRAMES, 2 * job.quantity())).withMembers(members);
    }

    /** Of leaves at both stiles, between them, above and below, so that they do not bind: 2 to 3 mm or 3/32 in, common practice. */
    private static Length play(Units units) {
        return units.either(2.5, 3.0 / 32);
    }

    /** One of a pair that turns in an opening. */
    private static Opening leaf(Opening opening, Length play) {
        return new Opening(new Length(opening.width().minus(play.times(3)).units() / 2),
                opening.height().minus(play.times(2)));
    }

    /** What a pair of leaves turns in. */
    private static Opening opening(Job job) {
        Opening leaf = job.sizes().outside();
        Length play = job.hold().room();
        return new Opening(leaf.width().times(2).plus(play.times(3)), leaf.height().plus(play.times(2)));
    }

    /** Leaves with other play in the same opening; as it is where these are none. */
    static Job withPlay(Job job, Length play) {
        return job.hold() instanceof Hold.Nothing
                ? job.withSize(SizeOf.OUTSIDE, leaf(opening(job), play)).withHold(new Hold.Nothing(play))
                : job;
    }

    /** What two leaves were made for; as it is where it is no pair. */
    static Job withoutShutters(Job job) {
        return job.withSize(SizeOf.ART, opening(job))
                .withQuantity(Math.max(1, job.quantity() / 2)).withHold(Defaults.blank(job.units()).hold());
    }

    /** Strips on edge behind a face that is cut from a sheet. */
    static Job scalloped(Job job, Units units) {
        Section rim = new Section(job.section().wood(), units.either(19, 3.0 / 4), units.either(90, 3.5), Rabbet.NONE);
        List<Member> members = List.of(
                new Member("face", "", new MemberKind.Face(units.either(10, 3.0 / 8), units.either(20, 3.0 / 4),
                        units.either(60, 2.5), units.either(12, 1.0 / 2)), PLYWOOD, units.either(40, 1.5),
                        units.either(12, 1.0 / 2)),
                new Member("corner blocks", "", new MemberKind.Blocks(), job.section().wood(), units.either(40, 1.5),
                        units.either(19, 3.0 / 4)));
        return job.withHold(new Hold.Panel(units.either(1.5, 1.0 / 16))).withSection(rim).withMembers(members);
    }

    /** Strips over the sawn edges of old boards, inside and outside. */
    static Job capped(Job job, Units units) {
        Section boards = job.section();
        Length strip = units.either(6, 1.0 / 4);
        List<Ring> rings = new ArrayList<>();
        rings.add(new Ring(new Ring.Place(PresetNames.CAP_OUTSIDE, "", SizeOf.OUTSIDE, SizeOf.SIGHT,
                Length.ZERO, Length.ZERO), new Section(boards.wood(), strip, boards.thickness(), Rabbet.NONE)));
        rings.add(new Ring(new Ring.Place(PresetNames.CAP_INSIDE, "", SizeOf.SIGHT, SizeOf.OUTSIDE,
                Length.ZERO, Length.ZERO), new Section(boards.wood(), strip, boards.lip(), Rabbet.NONE)));
        return job.withRings(rings);
    }

    /** A mirror in a rabbet, held by triangles. */
    static Job mirror(Job job, Units units) {
        Length glass = units.either(4, 3.0 / 16);
        return job.withHold(new Hold.InRabbet(units.either(0.75, 1.0 / 32)))
                .withPack(new Pack(List.of(new Layer.Glazing(Material.GLASS, glass))))
                .withFitOut(job.fitOut().withRetainers(Retainers.of(RetainerKind.TRIANGLES, units)));
    }
}
