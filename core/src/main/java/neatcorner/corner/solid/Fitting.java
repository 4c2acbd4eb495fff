package neatcorner.corner.solid;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import neatcorner.corner.Inventory;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/** Finds what fits: the change that brings a part clear, and the strongest part of a kind that a corner takes. */
public final class Fitting {
    private static final double MOST_MOVED = 60;

    private final JoinedCorner corner;
    private final Length step;
    private final Search search;

    /** @param step sizes and places are whole numbers of it: 0.5 mm, or 1/64 in */
    public Fitting(JoinedCorner corner, Length step) {
        this(corner, step, Search.PATIENT);
    }

    /** As the other; a search that is told to stop finds nothing more. */
    public Fitting(JoinedCorner corner, Length step, Search search) {
        this.corner = corner;
        this.step = step;
        this.search = search;
    }

    /** How a reinforcement is brought clear. */
    public enum How {
        MOVED,
        SHORTENED,
        FEWER
    }

    /** The reinforcement as it would be clear, and what had to change. */
    public record Mended(Reinforcement reinforcement, How how) {}

    /**
     * The least change that brings a reinforcement clear of everything: moved, if a place near by will do; else shorter, else
     * fewer. Empty when nothing helps.
     */
    public Optional<Mended> mend(int index, Inventory shop) {
        Reinforcement what = corner.reinforcements().get(index);
        if (!what.isPossible()) {
            return Optional.empty();
        }
        Reinforcement moved = moved(index, what);
        if (moved != null) {
            return Optional.of(new Mended(moved, How.MOVED));
        }
        for (int count = what.count(); count >= 1; count--) {
            Reinforcement fewer = what.withCount(count);
            if (count < what.count() && isClear(index, fewer)) {
                return Optional.of(new Mended(fewer, How.FEWER));
            }
            Reinforcement shorter = shorter(index, fewer, shop);
            if (shorter != null) {
                return Optional.of(new Mended(shorter, How.SHORTENED));
            }
        }
        return Optional.empty();
    }

    private boolean isClear(int index, Reinforcement changed) {
        if (search.isCancelled()) {
            return false;
        }
        JoinedCorner tried = corner.with(index, changed);
        return !tried.missing().contains(index) && tried.clashes().stream()
                .noneMatch(clash -> tried.parts().get(clash.part()).of() == index
                        || (clash.other() >= 0 && tried.parts().get(clash.other()).of() == index));
    }

    /** The nearest place at which it is clear, the usual one first. */
    private @Nullable Reinforcement moved(int index, Reinforcement what) {
        Reinforcement usual = what.at(null, null);
        if (!usual.equals(what) && isClear(index, usual)) {
            return usual;
        }
        List<Part> parts = corner.parts().stream().filter(part -> part.of() == index).toList();
        if (parts.isEmpty()) {
            return null;
        }
        double heel = (parts.getFirst().fromHeel() + parts.getLast().fromHeel()) / 2;
        double face = (parts.getFirst().fromFace() + parts.getLast().fromFace()) / 2;
        List<Room> ways = Room.of(what.kind());
        boolean along = ways.contains(Room.TOE);
        boolean behind = ways.contains(Room.BACK);
        double each = Math.max(step.toMm(), 0.5);
        for (double away = each; away <= MOST_MOVED; away += each) {
            for (double sign : new double[]{1, -1}) {
                double c = heel + sign * away;
                if (along && c > 0) {
                    Reinforcement there = what.at(rounded(c), what.fromFace());
                    if (isClear(index, there)) {
                        return there;
                    }
                }
                double z = face + sign * away;
                if (behind && z > 0 && z < corner.wood().thickness()) {
                    Reinforcement there = what.at(what.fromHeel(), rounded(z));
                    if (isClear(index, there)) {
                        return there;
                    }
                }
            }
        }
        return null;
    }

    private Length rounded(double mm) {
        return step.times(Math.round(mm / step.toMm()));
    }

    private @Nullable Reinforcement shorter(int index, Reinforcement what, Inventory shop) {
        List<Reinforcement> stocked = shop.of(what.kind()).stream().filter(item -> item.isPossible()).toList();
        if (!stocked.isEmpty() && what.kind() != ReinforcementKind.BLOCK) {
            for (Reinforcement item : stocked) {
                Reinforcement smaller = sizedAs(what, item);
                if (item.size().isLessThan(what.size()) && isClear(index, smaller)) {
                    return smaller;
                }
            }
            return null;
        }
        return longest(what, size -> isClear(index, what.withSize(size)), what.size());
    }

    private static Reinforcement sizedAs(Reinforcement what, Reinforcement item) {
        return item.withCount(what.count()).at(what.fromHeel(), what.fromFace());
    }

    /** By halving, since what is clear stays clear when it is shorter. */
    private @Nullable Reinforcement longest(Reinforcement what, Predicate<Length> clear,
            Length most) {
        long low = 0;
        long high = most.units() / step.units() + 1;
        while (high - low > 1) {
            long middle = (low + high) / 2;
            if (clear.test(step.times(middle))) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low == 0 ? null : what.withSize(step.times(low));
    }

    /**
     * The strongest of a kind that fits.
     *
     * @param chosen null when none fits
     * @param next   the next stronger, which does not fit; null when there is none in the shop
     * @param why    what it runs into
     */
    public record Fit(@Nullable Reinforcement chosen, @Nullable Reinforcement next, @Nullable Clash why) {}

    /** Added to what is there already, out of what the shop has. */
    public Fit strongest(ReinforcementKind kind, Inventory shop) {
        List<Reinforcement> stocked = shop.of(kind);
        if (!kind.suits(corner.wood().joint()) || stocked.isEmpty()) {
            return new Fit(null, null, null);
        }
        return switch (kind.reach()) {
            case FROM_HEEL -> deepest(stocked);
            case IN_RABBET -> block(stocked);
            case ACROSS, FROM_EDGE, FROM_BACK, ON_BACK, THROUGH -> strongestOf(candidates(stocked));
        };
    }

    /** As deep as goes; as many as stand at four thicknesses from each other, three at most. */
    private Fit deepest(List<Reinforcement> stocked) {
        Reinforcement blade = stocked.getFirst();
        int most = (int) Math.max(1, Math.min(3, corner.wood().thickness() / (4 * blade.thickness().toMm()) - 0.5));
        Length limit = LengthRange.PART.nearest(Length.mm(corner.wood().seamLength()));
        Reinforcement best = null;
        for (int count = most; count >= 1 && best == null; count--) {
            Reinforcement several = blade.withCount(count);
            best = longest(several, size -> clashWith(several.withSize(size)).isEmpty(), limit);
        }
        Reinforcement next = best == null ? blade.withSize(step) : best.withSize(best.size().plus(step));
        return new Fit(best, next, Clash.worst(clashWith(next)));
    }

    private Fit block(List<Reinforcement> stocked) {
        Length room = corner.wood().behindPack();
        Reinforcement largest = stocked.getFirst();
        Length thick = Length.min(largest.thickness(), step.times(room.units() / step.units()));
        Reinforcement chosen = thick.toMm() < 3 ? null : largest.withThickness(thick);
        return new Fit(chosen, chosen == null ? largest : null, Clash.worst(clashWith(largest)));
    }

    /** One and several of each, the strongest first. */
    private List<Reinforcement> candidates(List<Reinforcement> stocked) {
        List<Reinforcement> all = new ArrayList<>();
        for (Reinforcement item : stocked) {
            int most = Manner.of(item.kind()).most();
            for (int count = 1; count <= most; count++) {
                all.add(item.withCount(count));
            }
        }
        all.sort(Comparator.comparingDouble(Fitting::strength).reversed());
        return all;
    }

    private static double strength(Reinforcement what) {
        return what.count() * Manner.of(what.kind()).worth().applyAsDouble(what);
    }

    private Fit strongestOf(List<Reinforcement> candidates) {
        Reinforcement next = null;
        List<Clash> why = List.of();
        for (Reinforcement candidate : candidates) {
            List<Clash> clashes = clashWith(candidate);
            if (clashes.isEmpty() && !added(candidate).missing().contains(corner.reinforcements().size())) {
                return new Fit(candidate, next, Clash.worst(why));
            }
            next = candidate;
            why = clashes;
        }
        return new Fit(null, next, Clash.worst(why));
    }

    private JoinedCorner added(Reinforcement candidate) {
        List<Reinforcement> all = new ArrayList<>(corner.reinforcements());
        all.add(candidate);
        return JoinedCorner.of(corner.wood(), all);
    }

    /** Clashes of a reinforcement added to those there are. */
    private List<Clash> clashWith(Reinforcement candidate) {
        JoinedCorner tried = added(candidate);
        int index = corner.reinforcements().size();
        return tried.clashes().stream().filter(clash -> tried.parts().get(clash.part()).of() == index).toList();
    }
}
