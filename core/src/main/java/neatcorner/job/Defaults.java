package neatcorner.job;

import java.util.Arrays;
import java.util.List;
import neatcorner.fitout.FitOut;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.glueup.GlueUp;
import neatcorner.hanging.Hanging;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.saw.Saw;
import neatcorner.saw.SawKind;
import neatcorner.saw.SawScale;
import neatcorner.saw.SecondMiter;
import neatcorner.saw.measured.Checks;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.stock.Keep;
import neatcorner.stock.Rack;
import neatcorner.wood.Species;

/** What a shop starts from before it has said otherwise: rules of thumb, all common practice. */
public final class Defaults {
    private Defaults() {}

    /** Depth of rabbet kept free for points, brads or clips: 2 mm or 1/16 in. */
    public static Length retainerRoom(Units units) {
        return units.either(2, 1.0 / 16);
    }

    /** A thinner lip chips and splits: 3 mm or 1/8 in. */
    public static Length leastLip(Units units) {
        return units.either(3, 1.0 / 8);
    }

    /** A narrower wall outside the rabbet does not hold a joint: 6 mm or 1/4 in. */
    public static Length leastWall(Units units) {
        return units.either(6, 1.0 / 4);
    }

    /** The lip covers the art by this much even when the pack lies hard against the other side: 3 mm or 1/8 in. */
    public static Length leastCover(Units units) {
        return units.either(3, 1.0 / 8);
    }

    /** Play in all below which a pack binds when the weather turns: 1.5 mm or 1/16 in. */
    public static Length leastPlay(Units units) {
        return units.either(1.5, 1.0 / 16);
    }

    /** Play per side beyond which a pack wanders: 3 mm or 1/8 in. */
    public static Length mostClearance(Units units) {
        return units.either(3, 1.0 / 8);
    }

    /** A strip behind floating art reaches so far inside its edge at least: 12 mm or 1/2 in. */
    public static Length leastBearing(Units units) {
        return units.either(12, 1.0 / 2);
    }

    /** How far floating art lies below the rim: 3 mm or 1/8 in, in the middle of what looks right. */
    public static Length recess(Units units) {
        return units.either(3, 1.0 / 8);
    }

    /** Shorter ends are burnt or thrown away: 300 mm or 12 in. */
    public static Length leastOffcut(Units units) {
        return units.either(300, 12);
    }

    /** Play between pack and rabbet wall, per side: 1.5 mm or 1/16 in. */
    public static Length clearance(Units units) {
        return units.either(1.5, 1.0 / 16);
    }

    /** How far a mat covers the art, per side: 3 mm or 1/8 in. */
    public static Length matOverlap(Units units) {
        return units.either(3, 1.0 / 8);
    }

    /** A miter saw as they commonly are: 50° of swing, 45° of tilt. */
    public static Saw saw(Units units) {
        return new Saw("miter saw", SawKind.MITER_SAW, units.either(3, 1.0 / 8), Angle.ofDegrees(50),
                Angle.ofDegrees(45), units.either(150, 6), Length.ZERO, SecondMiter.TURN_PIECE,
                new SawScale(SawScale.Zero.SQUARE, units.either(180, 7), units.either(400, 16)),
                degrees(0, 15, 22.5, 30, 45));
    }

    /** The ways to cut that a shop starts with; ranges and stops are common practice. */
    public static List<Saw> saws(Units units) {
        Saw sled = new Saw("sled", SawKind.SLED, units.either(3, 1.0 / 8), Angle.ofDegrees(60), Angle.ofDegrees(45),
                units.either(150, 6), Length.ZERO, SecondMiter.SWING_SAW,
                new SawScale(SawScale.Zero.FENCE, units.either(90, 3.5), units.either(500, 20)), degrees(45));
        Saw box = new Saw("hand miter box", SawKind.HAND_BOX, units.either(1, 1.0 / 32), Angle.ofDegrees(55),
                Angle.ZERO, units.either(80, 3), Length.ZERO, SecondMiter.SWING_SAW,
                new SawScale(SawScale.Zero.SQUARE, units.either(150, 6), units.either(250, 10)),
                degrees(0, 22.5, 30, 36, 45));
        Saw board = new Saw("shooting board", SawKind.SHOOTING_BOARD, Length.ZERO, Angle.ofDegrees(45), Angle.ZERO,
                units.either(60, 2.5), Length.ZERO, SecondMiter.SWING_SAW,
                new SawScale(SawScale.Zero.SQUARE, units.either(200, 8), units.either(200, 8)), degrees(0, 45));
        return List.of(saw(units), sled, box, board);
    }

    private static List<Angle> degrees(double... degrees) {
        return Arrays.stream(degrees).mapToObj(Angle::ofDegrees).toList();
    }

    /** Extra length for a first rough cut. */
    public static Length rough(Units units) {
        return units.either(3, 1.0 / 8);
    }

    /** Cut off the start of each stick, where it is bruised: 10 mm or 3/8 in. */
    public static Length endTrim(Units units) {
        return units.either(10, 3.0 / 8);
    }

    /** A rack without wood. */
    public static Rack emptyRack(Units units) {
        return new Rack(List.of(), endTrim(units), Keep.WISH, false).withLeastOffcut(leastOffcut(units));
    }

    /** The length of stick that is offered when the rack is empty: 2.4 m or 8 ft. */
    public static Length usualStick(Units units) {
        return units.either(2400, 96);
    }

    /** White ash, 30 × 20 mm or 1 1/4 × 3/4 in, with a plain rabbet. */
    public static Section section(Units units) {
        return new Section(Species.named("white ash"), units.either(30, 1.25), units.either(20, 0.75),
                Rabbet.plain(units.either(6, 0.25), units.either(10, 0.375)));
    }

    /** A job with a mat of the usual borders, a little wider below; as it is where it has one. */
    public static Job withUsualMat(Job job) {
        if (job.pack().mat().isPresent()) {
            return job;
        }
        Length border = job.units().either(50, 2);
        Faces borders = new Faces(border, border, border.plus(job.units().either(10, 0.5)), border);
        return job.withPack(job.pack().plus(new Layer.Mat(job.units().either(1.4, 1.0 / 16),
                matOverlap(job.units()), borders)));
    }

    /** A blank job: a sheet behind glass, to be changed. */
    public static Job blank(Units units) {
        Pack pack = new Pack(List.of(new Layer.Glazing(Material.GLASS, units.either(2, 3.0 / 32)),
                new Layer.Art(units.either(0.3, 1.0 / 64)),
                new Layer.Backing(Material.HARDBOARD, units.either(3, 1.0 / 8))));
        Opening size = units == Units.MILLIMETRES
                ? new Opening(Length.mm(297), Length.mm(420))
                : new Opening(Length.inches(11), Length.inches(14));
        Saw saw = saw(units).withRough(rough(units));
        return new Job("New frame", Order.NONE, units, 1, Outline.rectangle(), SizeOf.ART, size,
                new Hold.InRabbet(clearance(units)), pack, Make.mitred(section(units)), List.of(), List.of(),
                emptyRack(units), saw,
                Checks.none(), GlueUp.usual(), FitOut.usual(units), Hanging.usual(units),
                Looks.USUAL);
    }

    /** Whether nothing was said yet about a job, but its title and what was agreed. */
    public static boolean isBlank(Job job) {
        return job.equals(blankLike(job, job.units()));
    }

    /** A blank job of a system, with the title of another and what was agreed about it. */
    public static Job blankLike(Job job, Units units) {
        return blank(units).withTitle(job.title()).withOrder(job.order());
    }
}
