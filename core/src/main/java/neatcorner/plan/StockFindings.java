package neatcorner.plan;

import static neatcorner.plan.Station.STICKS;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.measure.Length;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.piece.Piece;
import neatcorner.stock.Keep;
import neatcorner.stock.Rack;
import neatcorner.stock.Search;
import neatcorner.stock.Stick;
import neatcorner.stock.StickLayout;

/** Whether there is wood enough, long enough, and whether frames had to be split over sticks. */
final class StockFindings {

    private StockFindings() {}

    static void add(Plan plan, List<Finding> findings) {
        if (plan.parts().isEmpty()) {
            return;
        }
        StickLayout layout = plan.layout();
        if (layout.isComplete()) {
            if (plan.job().stock().keepFrameTogether() == Keep.WISH && layout.splitFrames() > 0) {
                findings.add(split(plan));
            }
            return;
        }
        if (plan.job().stock().sticks().stream().allMatch(stick -> stick.count() <= 0)) {
            findings.add(emptyRack(plan));
            return;
        }
        Piece longest = plan.parts().stream().max(Comparator.comparing(Piece::longPoint)).orElseThrow();
        Length longestClear = plan.job().stock().longestClear().orElse(Length.ZERO);
        Length taken = LengthTaken.on(plan.job()).apply(longest);
        if (taken.isMoreThan(longestClear)) {
            findings.add(tooLong(plan, longest, taken, longestClear));
            return;
        }
        if (plan.job().stock().keepFrameTogether() == Keep.MUST) {
            Job apart = plan.job().withStock(plan.job().stock().withKeep(Keep.WISH));
            if (Planner.layOut(apart, plan.parts(), Search.PATIENT).isComplete()) {
                findings.add(mustSplit(plan));
                return;
            }
        }
        findings.add(tooFew(plan));
    }

    private static Finding split(Plan plan) {
        Length whole = wholeFrame(plan);
        int more = enoughToKeepFramesWhole(plan, whole);
        Sentence label = more == 1
                ? Sentence.of("Put a stick of {0} on the rack", whole)
                : Sentence.of("Put {0} sticks of {1} on the rack", Scalar.count(more), whole);
        return Finding.note("stock.split-frame", STICKS, Sentence.of(
                "{0} of the frames must be cut from more than one stick, so grain will not run on round every corner.",
                Scalar.count(plan.layout().splitFrames())), new Remedy(label, j -> withMore(j, whole, more)));
    }

    /** One stick for each split frame, or for every frame where a cheaper layout would go on splitting one. */
    private static int enoughToKeepFramesWhole(Plan plan, Length whole) {
        int split = plan.layout().splitFrames();
        return layOut(plan, withMore(plan.job(), whole, split).stock()).splitFrames() == 0
                ? split
                : plan.job().quantity();
    }

    private static Finding mustSplit(Plan plan) {
        return Finding.stop("stock.split-frame", STICKS, Sentence.of(
                "No stick holds a whole frame, which takes {0}; cut from several sticks, the wood is enough.",
                wholeFrame(plan)),
                new Remedy(Sentence.of("Let frames be cut from several sticks"),
                        j -> j.withStock(j.stock().withKeep(Keep.WISH))));
    }

    /** A stick long enough for all four sides with its end trim, rounded up to something one would ask for. */
    private static Length wholeFrame(Plan plan) {
        Length needed = Length.sum(plan.parts().stream().map(LengthTaken.on(plan.job())).toList())
                .plus(plan.job().stock().endTrim());
        return roundedUp(needed, plan.job());
    }

    private static Length roundedUp(Length length, Job job) {
        long step = job.units().either(50, 2).units();
        return new Length((length.units() + step - 1) / step * step);
    }

    private static Job withMore(Job job, Length length, int count) {
        Rack stock = job.stock();
        return job.withStock(stock.plusStick(new Stick(newName(stock), length, count, null, List.of())));
    }

    private static String newName(Rack stock) {
        return "stick " + (stock.sticks().size() + 1);
    }

    private static Finding emptyRack(Plan plan) {
        Job job = plan.job();
        Length longest = plan.parts().stream().map(LengthTaken.on(job)).max(Length::compareTo).orElseThrow();
        Length length = Length.max(Defaults.usualStick(job.units()),
                roundedUp(longest.plus(job.stock().endTrim()), job));
        Rack rack = job.stock().withSticks(
                List.of(new Stick("stick 1", length, plan.parts().size() * job.quantity(), null, List.of())));
        int needed = layOut(plan, rack).sticks().size();
        return Finding.stop("stock.short", STICKS, Sentence.of(
                "There are no sticks on the rack yet. The work takes {0} of stick, the longest piece {1}.",
                plan.stickNeeded(), longest),
                new Remedy(Sentence.of("Put {0} × {1} on the rack", Scalar.count(needed), length),
                        j -> j.withStock(rack.withStick(0, rack.sticks().getFirst().withCount(needed)))));
    }

    private static Finding tooLong(Plan plan, Piece longest, Length taken, Length longestClear) {
        Length length = roundedUp(taken.plus(plan.job().stock().endTrim()), plan.job());
        long count = plan.parts().stream().filter(piece -> LengthTaken.on(plan.job()).apply(piece)
                .isMoreThan(longestClear)).count() * plan.job().quantity();
        Sentence message = Sentence.of("Piece {piece} takes {0}, and the longest clear stretch on the rack is {1}."
                .replace("{piece}", longest.name()), taken, longestClear);
        return Finding.stop("stock.piece-too-long", STICKS, message,
                new Remedy(Sentence.of("Put {0} × {1} on the rack", Scalar.count(count), length),
                        j -> j.withStock(j.stock().plusStick(
                                new Stick(newName(j.stock()), length, Math.toIntExact(count), null, List.of())))));
    }

    private static Finding tooFew(Plan plan) {
        Rack stock = plan.job().stock();
        Sentence message = Sentence.of("The rack is short of wood: {0} of {1} pieces find no place.",
                Scalar.count(plan.layout().unplaced()),
                Scalar.count((long) plan.parts().size() * plan.job().quantity()));
        return Finding.stop("stock.short", STICKS, message, more(plan, stock).orElse(null));
    }

    /** As many more of the longest stick as it takes. */
    private static Optional<Remedy> more(Plan plan, Rack stock) {
        int longest = IntStream.range(0, stock.sticks().size()).boxed()
                .max(Comparator.comparing(i -> longestClear(stock, i))).orElse(-1);
        if (longest < 0) {
            return Optional.empty();
        }
        Stick stick = stock.sticks().get(longest);
        int most = plan.parts().size() * plan.job().quantity();
        StickLayout layout = layOut(plan, stock.withStick(longest, stick.withCount(stick.count() + most)));
        if (!layout.isComplete()) {
            return Optional.empty();
        }
        int used = (int) layout.sticks().stream().filter(cut -> cut.stock() == longest).count();
        int extra = Math.max(1, used - stick.count());
        return Optional.of(new Remedy(
                Sentence.of("Put {0} more of “" + stick.name() + "” on the rack", Scalar.count(extra)),
                j -> j.withStock(j.stock().withStick(longest, stick.withCount(stick.count() + extra)))));
    }

    private static Length longestClear(Rack stock, int index) {
        return stock.withSticks(List.of(stock.sticks().get(index).withCount(1))).longestClear().orElse(Length.ZERO);
    }

    private static StickLayout layOut(Plan plan, Rack stock) {
        return Planner.layOut(plan.job().withStock(stock), plan.parts(), Search.PATIENT);
    }
}
