package neatcorner.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;
import neatcorner.corner.Reinforcement;
import neatcorner.fitout.CutSizes;
import neatcorner.fitout.FitOut;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.glueup.GlueUp;
import neatcorner.hanging.Hanging;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.member.Member;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.piece.CornerJoint;
import neatcorner.saw.Saw;
import neatcorner.saw.measured.Checks;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.stock.Rack;
import org.jspecify.annotations.Nullable;

/**
 * What the maker decided about a frame, and nothing that follows from it.
 *
 * @param order      what was agreed with the one it is for
 * @param units      the system the job was thought in; defaults of rules of thumb follow it
 * @param quantity   how many equal frames, at least 1
 * @param outline    its shape, slope, and face widths where they differ
 * @param sizeOf     which size was measured
 * @param size       of the measured edge; where the outline has it already, or one number says it, it is that
 * @param hold       how it holds what it frames
 * @param frame      what the loop is made of that is measured
 * @param rings      what is set against it, and against each other: a backer, a strainer, a band
 * @param members    what else belongs to it: bars, slats, a head, hinges
 * @param checks     what was measured, and where it will hang
 * @param glueUp     how it is put together and finished
 * @param fitOut     how what it frames is put in
 * @param hanging    how it hangs
 * @param looks      how it will look
 */
@RecordBuilder
public record Job(String title, Order order, Units units, int quantity, Outline outline, SizeOf sizeOf, Opening size,
        Hold hold,
        Pack pack, Make frame, List<Ring> rings, List<Member> members, Rack stock, Saw saw, Checks checks,
        GlueUp glueUp,
        FitOut fitOut, Hanging hanging, Looks looks) implements JobBuilder.With {
    /** More frames than this are several jobs. */
    public static final int MOST_FRAMES = 500;
    /** A corner holds no more kinds of parts than this. */
    public static final int MOST_REINFORCEMENTS = 8;
    /** A frame is built up of no more rings than this, besides itself. */
    public static final int MOST_RINGS = 12;
    /** Nor of more members. */
    public static final int MOST_MEMBERS = 24;

    public Job {
        size = outline.shape().size(size);
        rings = List.copyOf(rings);
        members = List.copyOf(members);
    }

    /** Play between pack and rabbet wall, per side; none where no pack lies in the rabbet. */
    public Length clearance() {
        return hold instanceof Hold.InRabbet rabbet ? rabbet.play() : Length.ZERO;
    }

    /** How much glazing and backing are cut under the rabbet size, in all. */
    public Length cutUnder() {
        return CutSizes.under(units, clearance());
    }

    /** The ring that its maker calls so; null where there is none. */
    public @Nullable Ring ring(String name) {
        return rings.stream().filter(ring -> ring.name().equals(name)).findFirst().orElse(null);
    }

    /** With the ring of that name changed; as it is where there is none. */
    public Job withRing(String name, UnaryOperator<Ring> change) {
        return withRings(rings.stream().map(ring -> ring.name().equals(name) ? change.apply(ring) : ring).toList());
    }

    /** The member that its maker calls so; null where there is none. */
    public @Nullable Member member(String name) {
        return members.stream().filter(member -> member.name().equals(name)).findFirst().orElse(null);
    }

    /** With the member of that name changed; as it is where there is none. */
    public Job withMember(String name, UnaryOperator<Member> change) {
        return withMembers(members.stream()
                .map(member -> member.name().equals(name) ? change.apply(member) : member).toList());
    }

    /** Of the frame itself. */
    public Section section() {
        return frame.section();
    }

    /** Of the frame's corners. */
    public CornerJoint joint() {
        return frame.joint();
    }

    /** What holds each corner of the frame besides glue. */
    public List<Reinforcement> reinforcement() {
        return frame.reinforcement();
    }

    /** The face widths of the four sides of a rectangle; of other shapes, the section's width four times. */
    public Faces faces() {
        List<Length> widths = outline.faceWidths();
        return outline.isRectangle() && !widths.isEmpty() ? Faces.of(widths) : Faces.all(section().width());
    }

    /** Face widths of as many straight sides, in the order of the pieces. */
    public List<Length> faceWidths(int sides) {
        return outline.faceWidths().size() == sides
                ? outline.faceWidths()
                : Collections.nCopies(sides, section().width());
    }

    /** The sizes that follow from the measured one. */
    public FrameSizes sizes() {
        return Geometry.of(this).sizes();
    }

    /** With widths of their own for the four sides; null gives all the section's. */
    public Job withFaceWidths(@Nullable Faces newFaces) {
        boolean same = newFaces == null || newFaces.equals(Faces.all(section().width()));
        return withOutline(outline.withFaceWidths(same || newFaces == null ? List.of() : newFaces.list()));
    }

    /** Layers that are cut for it: none where what is held stays where it is. */
    public List<Layer> layersToCut() {
        return hold.staysUp() ? List.of() : pack.layers();
    }

    /** With faces that slope by another angle; a rabbet that was level stays level. */
    public Job sloped(Angle slope) {
        Rabbet rabbet = section().rabbet();
        boolean level = rabbet.isTilted() && Math.abs(rabbet.tilt().degrees() - outline.slope().degrees()) < 1e-9;
        Job sloped = withOutline(outline.withSlope(slope));
        return level ? sloped.withSection(section().withRabbet(rabbet.withTilt(slope))) : sloped;
    }

    /** With another size, measured somewhere else. */
    public Job withSize(SizeOf of, Opening newSize) {
        return withSizeOf(of).withSize(newSize);
    }

    /** The same frame, from now on governed by another of its sizes. */
    public Job startingFrom(SizeOf of) {
        return Geometry.of(this).startingFrom(of);
    }

    /** With other play between pack and rabbet wall; as it is where no pack lies in the rabbet. */
    public Job withClearance(Length play) {
        return hold.isInRabbet() ? withHold(new Hold.InRabbet(play)) : this;
    }

    /** With another section of the frame itself. */
    public Job withSection(Section section) {
        return withFrame(frame.withSection(section));
    }

    /** With the frame's corners joined in another way. */
    public Job withJoint(CornerJoint joint) {
        return withFrame(frame.withJoint(joint));
    }

    /** With the frame's corners held by something else. */
    public Job withReinforcement(List<Reinforcement> all) {
        return withFrame(frame.withReinforcement(all));
    }

    /** With one of the reinforcements changed. */
    public Job withReinforcement(int index, Reinforcement changed) {
        List<Reinforcement> all = new ArrayList<>(reinforcement());
        all.set(index, changed);
        return withReinforcement(all);
    }
}
