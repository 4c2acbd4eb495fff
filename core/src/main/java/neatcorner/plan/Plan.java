package neatcorner.plan;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.fitout.CutSizes;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.hanging.Weight;
import neatcorner.job.CutRing;
import neatcorner.job.Cutting;
import neatcorner.job.Geometry;
import neatcorner.job.Job;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.member.MadeMember;
import neatcorner.member.Member;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.piece.Piece;
import neatcorner.saw.SawCut;
import neatcorner.saw.SawSetting;
import neatcorner.section.SafeZone;
import neatcorner.section.Seat;
import neatcorner.section.Section;
import neatcorner.shop.Shop;
import neatcorner.stock.Blanks;
import neatcorner.stock.Search;
import neatcorner.stock.StickLayout;
import org.jspecify.annotations.Nullable;

/**
 * All that follows from a job, made in a shop.
 *
 * @param shop     what there is to make it with
 * @param frame    the ring that is the frame, as it is cut
 * @param rings    the others, in the job's order
 * @param members  what else belongs to the frame, in the job's order
 * @param cutList  all pieces, and where those of all frames are cut from
 * @param weight   of one frame
 * @param findings the gravest first
 * @param company  all jobs that are cut together, this one with them, as each was asked for; none where it is cut alone
 * @param known    what was derived from it so far; no part of what it says, and never that of a plan with other values
 */
public record Plan(Job job, Shop shop, FrameSizes sizes, CutRing frame, List<CutRing> rings,
        List<MadeMember> members, CutList cutList, Weight weight, List<Finding> findings, List<Job> company,
        Derived.Known known) {

    private static final Derived<SafeZone> SAFE_ZONE = new Derived<>(
            plan -> SafeZone.of(plan.job().section()).orElse(null));

    /** Of which nothing more is known yet. */
    public Plan(Job job, Shop shop, FrameSizes sizes, CutRing frame, List<CutRing> rings,
            List<MadeMember> members, CutList cutList, Weight weight, List<Finding> findings) {
        this(job, shop, sizes, frame, rings, members, cutList, weight, findings, List.of(), new Derived.Known());
    }

    public Plan {
        rings = List.copyOf(rings);
        members = List.copyOf(members);
        findings = List.copyOf(findings);
        company = List.copyOf(company);
    }

    /** All that follows from a job, before anything is said about it. A search that is told to stop gives its best so far. */
    public static Plan of(Job job, Shop shop, Search search) {
        Geometry geometry = Geometry.of(job);
        Cutting cutting = Cutting.of(geometry);
        CutList cutList = CutList.of(cutting.parts(), job.quantity(), cutting.layOut(search));
        List<CutRing> rings = cutting.rings();
        CutRing frame = cutting.frame();
        return new Plan(job, shop, geometry.sizes(), frame, rings, cutting.members(), cutList,
                weight(job, geometry.sizes(), frame, rings, cutting.members()), List.of());
    }

    /** With all jobs that are cut with it. */
    public Plan inCompany(List<Job> all) {
        return new Plan(job, shop, sizes, frame, rings, members, cutList, weight, findings, all, new Derived.Known());
    }

    private static Weight weight(Job job, FrameSizes sizes, CutRing frame, List<CutRing> rings,
            List<MadeMember> members) {
        if (frame.contours() == null || frame.pieces().isEmpty() || !job.section().isSound()) {
            return new Weight(Mass.ZERO, Mass.ZERO);
        }
        Weight alone = Weight.of(wood(job, frame), frame.contours(), new Pack(job.layersToCut()), sizes,
                job.hold().isInRabbet(), job.cutUnder());
        Mass more = Mass.ZERO;
        for (CutRing ring : rings) {
            if (ring.contours() != null && ring.section().isSound()) {
                more = more.plus(wood(job, ring).mass(ring.contours()));
            }
        }
        for (MadeMember member : members) {
            more = more.plus(member.mass());
        }
        return new Weight(alone.wood().plus(more), alone.pack());
    }

    private static Weight.Frame wood(Job job, CutRing ring) {
        return new Weight.Frame(ring.pieces(), ring.section(), job.outline(), ring.make().joint());
    }

    /** As {@link #of(Job, Shop, Search)}, for what does not depend on the shop: sizes, pieces, sticks. */
    public static Plan of(Job job, Search search) {
        return of(job, Shop.usual(job.units()), search);
    }

    /** With what is to be said about it. */
    public Plan withFindings(List<Finding> found) {
        return new Plan(job, shop, sizes, frame, rings, members, cutList, weight, found, company, known);
    }

    /** Edges of the frame; null when there is none to make. */
    public @Nullable Contours contours() {
        return frame.contours();
    }

    /** The pieces of one frame, without its rings; none when the sizes are impossible. */
    public List<Piece> pieces() {
        return frame.pieces();
    }

    /** The pieces of one frame with its rings, and of what else is cut of sticks for it. */
    public List<Piece> allPieces() {
        return Stream.concat(Stream.concat(Stream.of(frame), rings.stream()).flatMap(ring -> ring.pieces().stream()),
                members.stream().flatMap(member -> member.pieces().stream())).toList();
    }

    /** What is cut for all of those: the pieces, or what those too long for a stick are scarfed from. */
    public List<Piece> parts() {
        return cutList.parts();
    }

    /** Where the parts of all frames are cut from. */
    public StickLayout layout() {
        return cutList.layout();
    }

    /** What they are cut from, across the stick. */
    public Blanks blanks() {
        return Cutting.blanks(job);
    }

    /** Settings of the saw, for the final cuts. */
    public List<SawSetting> settings() {
        return cutList.settings();
    }

    /** Every stroke of the saw in order. */
    public List<SawCut> cuts() {
        return cutList.cuts();
    }

    /** The section that a piece is milled to. */
    public Section section(Piece piece) {
        String ring = piece.place().ring();
        if (ring.isEmpty()) {
            return job.section();
        }
        return job.rings().stream().filter(each -> each.name().equals(ring)).findFirst().map(Ring::section)
                .or(() -> job.members().stream().filter(each -> each.name().equals(ring)).findFirst()
                        .map(Member::stick))
                .orElse(job.section());
    }

    /** What follows from it, worked out once. */
    public <T> @Nullable T derived(Derived<T> what) {
        return known.get(what, this);
    }

    /** Whether nothing that was found stands against it. */
    public boolean canBeMade() {
        return findings.stream().noneMatch(finding -> finding.level() == Level.STOP);
    }

    /** The loop of a frame with straight sides at one of its edges. Throws when there is no such frame. */
    public Loop edge(SizeOf of) {
        return Geometry.of(job).edge(of);
    }

    /** The first of the final cuts that a setting is for. Throws {@link IllegalArgumentException} for another plan's. */
    public SawCut cutOf(SawSetting setting) {
        return cuts().stream().filter(cut -> cut.kind() == SawCut.Kind.FINAL_MITER
                && setting.pieces().contains(cut.piece().piece().name())).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("not a setting of this plan"));
    }

    /** What one layer of the pack is cut to. */
    public Opening cut(Layer layer) {
        return CutSizes.of(layer, sizes, seat().rabbet(), job.hold().isInRabbet(), job.cutUnder());
    }

    /** Rabbet depth that the pack leaves for retainers; negative when it stands proud. */
    public Length spareDepth() {
        return job.pack().spare(seat().rabbet());
    }

    /** How the pack lies in the rabbet. */
    public Seat seat() {
        return Seat.of(job.section(), job.outline().slope());
    }

    /** How far the lip still covers the art when the pack lies hard against the other side. */
    public Length coverLeft() {
        return seat().rabbet().width().minus(job.clearance().times(2));
    }

    /** Where parts may lie hidden in the wood; empty when there is no such place. */
    public Optional<SafeZone> safeZone() {
        return Optional.ofNullable(derived(SAFE_ZONE));
    }

    /** Length of stick that all the frames take, kerfs included, before trims and defects. */
    public Length stickNeeded() {
        return Length.sum(parts().stream().map(Cutting.lengthTaken(job)).toList()).times(job.quantity());
    }
}
