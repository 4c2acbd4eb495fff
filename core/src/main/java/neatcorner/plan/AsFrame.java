package neatcorner.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.CutRing;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.job.Make;
import neatcorner.job.PlacedRing;
import neatcorner.job.Ring;
import neatcorner.measure.Sentence;
import neatcorner.measure.Theirs;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.piece.Piece;

/**
 * A ring looked at as if it were the frame: what is worked out for the frame's corners is so worked out for any ring's, and
 * what is changed of that frame is changed of the ring. Its pieces go by their letters alone, and its job holds nothing.
 *
 * @param ring its name; empty for the frame itself, which is looked at as it is
 */
public record AsFrame(String ring) {
    /** The frame itself. */
    public static final AsFrame FRAME = new AsFrame("");

    private static final Derived<Map<String, Plan>> SEEN = new Derived<>(whole -> whole.rings().stream()
            .collect(Collectors.toMap(CutRing::name, ring -> seen(whole, ring), (first, second) -> first)));

    /** The frame of a job, and each of its rings. */
    public static List<AsFrame> all(Job job) {
        return Stream.concat(Stream.of(FRAME), job.rings().stream().map(each -> new AsFrame(each.name()))).toList();
    }

    /** Whether a job has it; every job has the frame. */
    public boolean isIn(Job whole) {
        return ring.isEmpty() || whole.ring(ring) != null;
    }

    /** A plan with the ring as its frame; the plan as it is where there is no such ring. */
    public Plan plan(Plan whole) {
        return ring.isEmpty() ? whole : Objects.requireNonNull(whole.derived(SEEN)).getOrDefault(ring, whole);
    }

    private static Plan seen(Plan whole, CutRing ring) {
        PlacedRing placed = ring.placed();
        FrameSizes sizes = new FrameSizes(placed.sight(), null, placed.sight(),
                placed.sight().grown(ring.section().rabbet().width()), placed.sight(), placed.outside());
        Job job = seen(whole.job(), ring.make()).withSize(SizeOf.SIGHT, placed.sight());
        CutRing frame = new CutRing(
                new PlacedRing(null, job.frame(), 0, placed.contours(), placed.sight(), placed.outside(),
                        placed.fault()),
                ring.pieces().stream().map(piece -> lettered(piece, ring.name())).toList(),
                ring.parts());
        return new Plan(placed.contours() == null ? job : job.withOutline(outline(job, frame)), whole.shop(), sizes,
                frame, List.of(), List.of(), whole.cutList(), whole.weight(), List.of());
    }

    private static Piece lettered(Piece piece, String ring) {
        return piece.name().startsWith(ring + " ") ? piece.named(piece.name().substring(ring.length() + 1)) : piece;
    }

    private static Job seen(Job whole, Make make) {
        return whole.withFrame(make).withRings(List.of()).withMembers(List.of()).withHold(new Hold.Nothing())
                .withPack(new Pack(List.of())).withOutline(whole.outline().withFaceWidths(List.of()));
    }

    private static Outline outline(Job job, CutRing frame) {
        return job.outline().shape() instanceof Shape.Polygon
                ? job.outline().withShape(new Shape.Polygon(Objects.requireNonNull(frame.contours()).sight()))
                : job.outline();
    }

    /** What a job makes it of; the frame where there is no such ring. */
    public Make in(Job whole) {
        Ring found = whole.ring(ring);
        return found == null ? whole.frame() : found.make();
    }

    /** A change of the frame, made to the ring instead: its section, its corners, what holds them. */
    public UnaryOperator<Job> change(UnaryOperator<Job> change) {
        if (ring.isEmpty()) {
            return change;
        }
        return whole -> whole.withRing(ring, now -> now.withMake(change.apply(seen(whole, now.make())).frame()));
    }

    /** An edit of the frame, made to the ring instead. */
    public Edit edit(Edit edit) {
        return ring.isEmpty()
                ? edit
                : Edit.jobIn((whole, shop) -> change(job -> edit.of(job, shop)).apply(whole));
    }

    /** What was found about it as if it were the frame: said of the ring, and mended there. */
    public Finding finding(Finding found) {
        if (ring.isEmpty()) {
            return found;
        }
        Sentence said = found.message();
        Remedy remedy = found.remedy();
        return new Finding(found.kind(), found.level(), found.where(),
                new Sentence(PlanTexts.OF_RING.formatted(Theirs.words(ring), said.template()), said.name(),
                        said.quantities()),
                remedy == null ? null : remedy(remedy));
    }

    private Remedy remedy(Remedy found) {
        Remedy next = found.otherwise();
        return new Remedy(found.label(), edit(found.edit()), next == null ? null : remedy(next));
    }

    /** A length of the frame, as the ring has it. */
    public Field field(Field field) {
        if (ring.isEmpty()) {
            return field;
        }
        return new Field(field.id() + "." + ring, Theirs.words(ring) + ", " + field.title(), field.range(),
                whole -> field.in(plan(whole)),
                length -> edit(field.edit(length)));
    }
}
