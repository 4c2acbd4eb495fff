package neatcorner.station.hanging;

import static neatcorner.plan.Station.HANGING;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.hanging.Arrangement;
import neatcorner.hanging.Depth;
import neatcorner.hanging.HangBy;
import neatcorner.hanging.Hanging;
import neatcorner.hanging.HungFrame;
import neatcorner.hanging.OnWall;
import neatcorner.hanging.WallKind;
import neatcorner.hanging.Wire;
import neatcorner.job.Addition;
import neatcorner.job.Job;
import neatcorner.job.PresetNames;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.measure.Theirs;
import neatcorner.measure.Units;
import neatcorner.member.Member;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import org.jspecify.annotations.Nullable;

/** Whether it holds, hides its hook, stays straight, and fits the wall. */
final class HangingFindings {
    /** Sides that bend by more pull the miters open, mm: common practice. */
    private static final double MOST_BEND = 1;
    /** Rings are set so many hundredths of the height down: common practice. */
    private static final int USUAL_SHARE = 30;
    /** A frame above furniture: 150 to 250 mm or 6 to 10 in, common practice. */
    private static final double ABOVE_FURNITURE_MM = 150;

    private final Plan plan;
    private final Hanging hanging;
    private final HangingWork work;
    private final Units units;
    private final List<Finding> findings = new ArrayList<>();

    private HangingFindings(Plan plan, HangingWork work) {
        this.plan = plan;
        this.work = work;
        this.hanging = plan.job().hanging();
        this.units = plan.job().units();
    }

    static List<Finding> of(Plan plan) {
        return HangingWork.of(plan).map(work -> new HangingFindings(plan, work).all()).orElse(List.of());
    }

    private List<Finding> all() {
        new ChainFindings(plan, work).add(findings);
        if (work.upon() != HangingWork.Upon.WALL) {
            return findings;
        }
        rings();
        wire();
        fixings();
        wall();
        WallWork.of(plan).ifPresent(this::others);
        return findings;
    }

    static Remedy hang(Sentence label, UnaryOperator<Hanging> change) {
        return new Remedy(label, job -> job.withHanging(change.apply(job.hanging())));
    }

    private void rings() {
        if (hanging.by().hasRings() && work.rings() == null) {
            findings.add(Finding.check(HangingFinding.RINGS_OFF, HANGING, Sentence.of(HangingTexts.RINGS_OFF_THE_FRAME,
                    hanging.rings().in(work.height()), work.height()), ringsOn()));
        }
    }

    /** At the share of the height nearest to what is usual at which there is wood on both sides; null where there is none. */
    private @Nullable Remedy ringsOn() {
        for (int away = 0; away <= 25; away++) {
            for (int way = -1; way <= 1; way += 2) {
                double share = (USUAL_SHARE + way * away) / 100.0;
                HangingWork there = HangingWork.as(plan, hanging.withRings(new Depth.Share(share)));
                if (there.rings() != null && there.rings().span().isPositive()) {
                    return hang(Sentence.of(HangingTexts.RINGS_AT, there.rings().depth()),
                            h -> h.withRings(new Depth.Share(share)));
                }
            }
        }
        return null;
    }

    private void wire() {
        Wire wire = work.wire();
        HangingWork.Rings rings = work.rings();
        if (wire == null || rings == null) {
            return;
        }
        Length whole = hanging.hooks() > 1 ? hanging.apart().times(hanging.hooks() - 1) : Length.ZERO;
        if (whole.isMoreThan(rings.span())) {
            Length closer = new Length(rings.span().units() / 2 / (hanging.hooks() - 1));
            findings.add(Finding.check(HangingFinding.HOOKS_APART, HANGING,
                    Sentence.of(HangingTexts.HOOKS_TOO_FAR_APART, whole, rings.span()),
                    hang(Sentence.of(HangingTexts.HOOKS_CLOSER, closer), h -> h.withApart(closer))));
            return;
        }
        Length hidden = Wire.hidden(units);
        if (wire.drop().isLessThan(hidden)) {
            Sentence said = wire.drop().isNegative()
                    ? Sentence.of(HangingTexts.HOOK_STANDS_ABOVE, wire.drop().negate())
                    : Sentence.of(HangingTexts.HOOK_SHOWS, wire.drop());
            findings.add(Finding.check(HangingFinding.HOOK_SHOWS, HANGING, said, hideHook(wire, rings, hidden)));
        }
        if (work.worst() > MOST_BEND) {
            findings.add(Finding.check(HangingFinding.SIDES_BEND, HANGING,
                    Sentence.of(HangingTexts.SIDES_BEND, Length.mm(work.worst())), brace(rings)));
        }
    }

    /** A bar across where the wire goes, so that the sides cannot come nearer; D-rings where there is no room for one. */
    private Remedy brace(HangingWork.Rings rings) {
        Remedy dRings = hang(Sentence.of(HangingTexts.HANG_BY.formatted(HangBy.D_RINGS.title())),
                h -> h.withBy(HangBy.D_RINGS));
        Contours contours = plan.contours();
        if (contours == null || plan.job().member(PresetNames.BRACE) != null
                || !Addition.BAR.hasRoom(plan.job())) {
            return dRings;
        }
        Loop outline = HangingWork.outermost(plan, contours);
        Loop opening = plan.job().section().rabbet().isNone() ? contours.sight() : contours.rabbet();
        double at = (outline.top() + rings.depth().toMm() - opening.top()) / (opening.bottom() - opening.top());
        if (at < 0 || at > 1) {
            return dRings;
        }
        Member bar = Addition.brace(plan.job(), "", at);
        return new Remedy(Sentence.of(HangingTexts.BRACE_IT), job -> {
            List<Member> members = new ArrayList<>(job.members());
            members.add(bar);
            return job.withMembers(members);
        }).or(dRings);
    }

    /** A flatter wire where that is still 15° or more; else lower rings. */
    private static Remedy hideHook(Wire wire, HangingWork.Rings rings, Length hidden) {
        double flat = Math.floor(Wire.forDrop(rings.span(), wire.apart(), rings.depth(), hidden).degrees());
        if (flat >= 15) {
            return hang(Sentence.of(HangingTexts.HANG_THE_WIRE_FLATTER, Angle.ofDegrees(flat)),
                    h -> h.withAngle(Angle.ofDegrees(flat)));
        }
        Length lower = rings.depth().plus(hidden.minus(wire.drop()));
        return hang(Sentence.of(HangingTexts.RINGS_LOWER, lower), h -> h.withRings(new Depth.Fixed(lower)));
    }

    private void fixings() {
        Mass load = work.load();
        if (work.hooks().isEmpty()) {
            return;
        }
        double rated = hanging.rating().kilograms();
        Mass needed = work.hooks().getFirst().needed();
        if (rated > 0 && rated < load.kilograms()) {
            findings.add(Finding.stop(HangingFinding.FIXING_WEAK, HANGING,
                    Sentence.of(HangingTexts.FIXING_CANNOT_HOLD, load, hanging.rating()), moreHooks()));
        } else if (rated > 0 && rated < needed.kilograms()) {
            findings.add(Finding.check(HangingFinding.FIXING_WEAK, HANGING,
                    Sentence.of(HangingTexts.RATING_TOO_LOW, load, needed, hanging.rating()), moreHooks()));
        }
        if (hanging.sleepers() && work.hooks().size() < 2) {
            findings.add(Finding.check(HangingFinding.FIXING_ONE, HANGING,
                    Sentence.of(HangingTexts.ONE_FIXING_OVER_PEOPLE), hanging.by().isCounted()
                            ? hang(Sentence.of(HangingTexts.SO_MANY_HOOKS, Scalar.count(2)), h -> h.withHooks(2))
                            : hang(Sentence.of(HangingTexts.HANG_BY.formatted(HangBy.D_RINGS.title())),
                                    h -> h.withBy(HangBy.D_RINGS))));
        }
        if (hanging.sleepers() && plan.job().pack().layers().stream()
                .anyMatch(
                        layer -> layer instanceof Layer.Glazing glazing && glazing.material().equals(Material.GLASS))) {
            findings.add(Finding.check(HangingFinding.GLASS_OVER_PEOPLE, HANGING,
                    Sentence.of(HangingTexts.GLASS_OVER_PEOPLE), null));
        }
    }

    /** As many hooks as would each carry a quarter of what they are rated for, where the number is free and not absurd. */
    private @Nullable Remedy moreHooks() {
        int enough = (int) Math.ceil(work.mass().kilograms() * 4 / hanging.rating().kilograms() - 1e-9);
        return hanging.by().isCounted() && enough <= Hanging.MOST_HOOKS
                && (hanging.by() != HangBy.WIRE || enough <= 2)
                        ? hang(Sentence.of(HangingTexts.SO_MANY_HOOKS, Scalar.count(enough)),
                                h -> h.withHooks(enough))
                        : null;
    }

    private void wall() {
        if (!hanging.by().isOnWall()) {
            return;
        }
        Job job = plan.job();
        Length half = work.height().scaled(0.5);
        Length top = work.top(job);
        Length bottom = hanging.centre().minus(half);
        if (top.isMoreThan(hanging.ceiling())) {
            Length lower = rounded(hanging.ceiling().minus(half), false);
            findings.add(Finding.check(HangingFinding.WALL_LOW, HANGING,
                    Sentence.of(HangingTexts.WALL_TOO_LOW, top, hanging.ceiling()),
                    lower.isLessThan(half) ? null : centered(lower)));
        } else if (bottom.isNegative()) {
            findings.add(Finding.check(HangingFinding.WALL_LOW, HANGING,
                    Sentence.of(HangingTexts.BELOW_THE_FLOOR, bottom.negate()), centered(rounded(half, true))));
        }
        Length furniture = hanging.furniture();
        Length least = units.either(ABOVE_FURNITURE_MM, 6);
        if (furniture != null && bottom.minus(furniture).isLessThan(least)) {
            Length higher = rounded(furniture.plus(least).plus(half), true);
            findings.add(Finding.check(HangingFinding.FURNITURE_NEAR, HANGING,
                    Sentence.of(HangingTexts.ON_THE_FURNITURE, bottom.minus(furniture), least),
                    higher.plus(half).isMoreThan(hanging.ceiling()) ? null : centered(higher)));
        }
    }

    /** Frames that cover each other, that hang beyond the wall, and hooks beside the studs. */
    private void others(WallWork group) {
        List<HungFrame> frames = group.frames();
        for (int i = 0; i < frames.size(); i++) {
            for (int j = i + 1; j < frames.size(); j++) {
                if (frames.get(i).covers(frames.get(j))) {
                    double gap = group.wall().gap().toMm();
                    findings.add(Finding.check(HangingFinding.FRAMES_MEET, HANGING,
                            Sentence.naming(group.names().get(i), HangingTexts.FRAMES_MEET
                                    .formatted(Theirs.words(group.names().get(j)))),
                            new Remedy(Sentence.of(HangingTexts.SET_THEM_APART, group.wall().gap()),
                                    job -> WallWork.arranged(job, all -> Arrangement.withGap(all, gap)))));
                    return;
                }
            }
        }
        double wall = group.wall().width().toMm();
        for (int i = 0; i < frames.size(); i++) {
            HungFrame frame = frames.get(i);
            double out = Math.max(-frame.left(), frame.right() - wall);
            boolean above = frame.top() > hanging.ceiling().toMm() || frame.bottom() < 0;
            if (out > 0.05 || (i > 0 && above)) {
                findings.add(Finding.check(HangingFinding.OFF_THE_WALL, HANGING,
                        out > 0.05
                                ? Sentence.naming(group.names().get(i), HangingTexts.BESIDE_THE_WALL, Length.mm(out))
                                : Sentence.naming(group.names().get(i), HangingTexts.OVER_OR_UNDER_THE_WALL),
                        new Remedy(Sentence.of(HangingTexts.TO_THE_MIDDLE), job -> WallWork.arranged(job,
                                all -> Arrangement.inLine(Arrangement.centered(all, wall),
                                        Arrangement.Line.CENTER)))));
                return;
            }
        }
        studs(group);
    }

    private void studs(WallWork group) {
        OnWall.Studs studs = group.wall().studs();
        if (studs == null || hanging.wall() != WallKind.STUD) {
            return;
        }
        Length reach = units.either(15, 5.0 / 8);
        for (WallWork.Spot hook : group.hooks()) {
            Length off = studs.off(hook.from());
            if (off.abs().isMoreThan(reach)) {
                findings.add(Finding.check(HangingFinding.STUD_MISSED, HANGING,
                        Sentence.naming(group.names().get(hook.frame()), off.isNegative()
                                ? HangingTexts.STUD_TO_THE_LEFT
                                : HangingTexts.STUD_TO_THE_RIGHT, off.abs()),
                        hang(Sentence.of(HangingTexts.FIX_IT_OTHERWISE), h -> h.withWall(WallKind.HOLLOW))));
                return;
            }
        }
    }

    private static Remedy centered(Length height) {
        return hang(Sentence.of(HangingTexts.CENTER_IT_AT, height), h -> h.withCentre(height));
    }

    private Length rounded(Length length, boolean up) {
        long step = units.either(10, 1.0 / 2).units();
        return new Length(Math.floorDiv(length.units() + (up ? step - 1 : 0), step) * step);
    }
}
