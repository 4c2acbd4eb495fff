package neatcorner.station.sticks;

import static neatcorner.plan.Station.STICKS;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import neatcorner.job.CutRing;
import neatcorner.job.Cutting;
import neatcorner.job.Defaults;
import neatcorner.job.Geometry;
import neatcorner.job.Job;
import neatcorner.job.Ring;
import neatcorner.job.ShapeFault;
import neatcorner.measure.Length;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.measure.Theirs;
import neatcorner.member.MadeMember;
import neatcorner.member.Member;
import neatcorner.piece.FramePieces;
import neatcorner.piece.Piece;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.section.Section;
import neatcorner.stock.Blanks;
import neatcorner.stock.Keep;
import neatcorner.stock.Pin;
import neatcorner.stock.Rack;
import neatcorner.stock.Search;
import neatcorner.stock.Stick;
import neatcorner.stock.StickLayout;

/** Whether there is wood enough, long enough, and whether frames had to be split over sticks. */
public final class StockFindings {
    /** No yard has longer sticks: common practice. */
    private static final double LONGEST_SOLD_MM = 6000;
    private static final double LONGEST_SOLD_INCHES = 240;

    private StockFindings() {}

    /** Remedies are looked for until the search is told to stop. */
    static void add(Plan plan, List<Finding> findings, Search search) {
        if (plan.frame().parts().isEmpty()) {
            return;
        }
        addFrame(plan, findings, search);
        addLost(plan, findings);
        for (CutRing ring : plan.rings()) {
            addShort(plan, new Loop(ring.name(), ring.section(), ring.parts()), findings, search);
        }
        for (MadeMember made : plan.members()) {
            addShort(plan, new Loop(made.member().name(), made.member().stick(), made.pieces()), findings, search);
        }
    }

    /** What is cut of sticks of its own, beside the frame. */
    private record Loop(String name, Section section, List<Piece> parts) {}

    private static void addShort(Plan plan, Loop loop, List<Finding> findings, Search search) {
        int unplaced = unplaced(plan, loop.name, loop.parts);
        if (unplaced > 0) {
            findings.add(shortOf(plan, loop, unplaced, search));
        }
    }

    /** How many parts of a ring, of all frames, found no place. */
    private static int unplaced(Plan plan, CutRing ring) {
        return unplaced(plan, ring.name(), ring.parts());
    }

    private static int unplaced(Plan plan, String name, List<Piece> parts) {
        long placed = plan.layout().sticks().stream().flatMap(stick -> stick.cuts().stream())
                .filter(cut -> cut.piece().place().ring().equals(name)).count();
        return (int) (parts.size() * (long) plan.job().quantity() - placed);
    }

    private static void addFrame(Plan plan, List<Finding> findings, Search search) {
        if (unplaced(plan, plan.frame()) <= 0) {
            if (plan.layout().splitFrames() > 0) {
                switch (plan.job().stock().keepFrameTogether()) {
                    case WISH -> findings.add(split(plan, search));
                    case MUST -> findings.add(splitAround(plan, search));
                    case NO -> {
                        // nobody asked
                    }
                }
            }
            return;
        }
        if (plan.job().stock().sticks().stream().allMatch(stick -> stick.count() <= 0)) {
            findings.add(emptyRack(plan, search));
            return;
        }
        if (!unfit(plan).isEmpty()) {
            findings.add(tooNarrow(plan, unfit(plan), search));
            return;
        }
        Optional<Piece> tooLong = plan.frame().parts().stream()
                .filter(piece -> Cutting.lengthTaken(plan.job()).apply(piece).isMoreThan(longestClear(plan, piece)))
                .max(Comparator.comparing(Piece::span));
        if (tooLong.isPresent()) {
            findings.add(tooLong(plan, tooLong.get()));
            return;
        }
        if (plan.job().stock().keepFrameTogether() == Keep.MUST) {
            Job apart = plan.job().withStock(plan.job().stock().withKeep(Keep.WISH));
            if (Cutting.layOut(apart, plan.frame().parts(), search).isComplete()) {
                findings.add(mustSplit(plan));
                return;
            }
        }
        findings.add(tooFew(plan, search));
    }

    private static Finding split(Plan plan, Search search) {
        Sentence said = plan.job().quantity() == 1
                ? Sentence.of(SticksTexts.FRAME_FROM_SEVERAL_STICKS)
                : Sentence.of(SticksTexts.FRAMES_FROM_SEVERAL_STICKS, Scalar.count(plan.layout().splitFrames()));
        Length whole = wholeFrame(plan);
        if (whole.isMoreThan(plan.job().units().either(LONGEST_SOLD_MM, LONGEST_SOLD_INCHES))) {
            return Finding.note(StockFinding.STOCK_SPLIT_FRAME, STICKS, said, null);
        }
        int more = enoughToKeepFramesWhole(plan, whole, search);
        Sentence label = more == 1
                ? Sentence.of(SticksTexts.PUT_ONE_STICK_ON_THE_RACK, whole)
                : Sentence.of(SticksTexts.PUT_SO_MANY_STICKS_ON_THE_RACK, Scalar.count(more), whole);
        return Finding.note(StockFinding.STOCK_SPLIT_FRAME, STICKS, said,
                new Remedy(label, j -> withMore(j, whole, more)));
    }

    /** One stick for each split frame, or for every frame where a cheaper layout would go on splitting one. */
    private static int enoughToKeepFramesWhole(Plan plan, Length whole, Search search) {
        int split = plan.layout().splitFrames();
        Rack stock = plan.job().stock();
        Stick more = stick(plan.job(), plan.frame().pieces(), newName(stock), whole, split);
        return layOut(plan, stock.plusStick(more), search).splitFrames() == 0
                ? split
                : plan.job().quantity();
    }

    /** Where held pieces are what splits a frame, they are let go; else frames may be split. */
    private static Finding splitAround(Plan plan, Search search) {
        Job free = plan.job().withStock(plan.job().stock().withPins(List.of()));
        StickLayout layout = Cutting.layOut(free, plan.frame().parts(), search);
        return !plan.job().stock().pins().isEmpty() && layout.isComplete() && layout.splitFrames() == 0
                ? Finding.stop(StockFinding.STOCK_SPLIT_FRAME, STICKS,
                        Sentence.of(SticksTexts.HELD_PIECES_SPLIT_FRAMES),
                        new Remedy(Sentence.of(SticksTexts.LET_THEM_GO),
                                j -> j.withStock(j.stock().withPins(List.of()))))
                : mustSplit(plan);
    }

    /** Pieces that were held on a stick that does not take them, or is not there any more. */
    private static void addLost(Plan plan, List<Finding> findings) {
        List<Pin> lost = plan.job().stock().pins().stream().filter(pin -> plan.layout().sticks().stream()
                .noneMatch(stick -> stick.stock() == pin.stock() && stick.number() == pin.number()
                        && stick.cuts().stream().anyMatch(pin::holds)))
                .toList();
        if (!lost.isEmpty()) {
            findings.add(Finding.check(StockFinding.PIN_LOST, STICKS, Sentence.of(SticksTexts.CANNOT_BE_HELD
                    .formatted(lost.stream().map(Pin::piece).distinct().map(Theirs::words)
                            .collect(Collectors.joining(", ")))),
                    new Remedy(Sentence.of(SticksTexts.LET_THEM_GO), j -> j.withStock(j.stock().withPins(
                            j.stock().pins().stream().filter(pin -> !lost.contains(pin)).toList())))));
        }
    }

    private static Finding mustSplit(Plan plan) {
        return Finding.stop(StockFinding.STOCK_SPLIT_FRAME, STICKS, Sentence.of(
                SticksTexts.NO_STICK_HOLDS_A_WHOLE,
                wholeFrame(plan)),
                new Remedy(Sentence.of(SticksTexts.LET_FRAMES_BE_CUT),
                        j -> j.withStock(j.stock().withKeep(Keep.WISH))));
    }

    /** A stick long enough for all four sides with its end trim, rounded up to something one would ask for. */
    private static Length wholeFrame(Plan plan) {
        Length needed = Length.sum(plan.frame().parts().stream().map(Cutting.lengthTaken(plan.job())).toList())
                .plus(plan.job().stock().endTrim());
        return roundedUp(needed, plan.job());
    }

    private static Length roundedUp(Length length, Job job) {
        return length.roundedUp(job.units().either(50, 2));
    }

    /** Pieces that no stick on the rack is wide and thick enough for. */
    private static List<Piece> unfit(Plan plan) {
        Blanks blanks = blanks(plan);
        return plan.frame().parts().stream().filter(piece -> plan.job().stock().sticks().stream()
                .noneMatch(stick -> stick.count() > 0 && blanks.fits(piece, stick))).toList();
    }

    private static Finding tooNarrow(Plan plan, List<Piece> unfit, Search search) {
        Blanks blanks = blanks(plan);
        List<Stick> there = plan.job().stock().sticks().stream().filter(stick -> stick.count() > 0).toList();
        String names = String.join(", ", unfit.stream().map(Piece::name).toList());
        Piece widest = unfit.stream().max(Comparator.comparing(blanks::width)).orElseThrow();
        boolean thin = there.stream().noneMatch(stick -> blanks.isThickEnough(widest, stick));
        Sentence message = thin
                ? Sentence.of(SticksTexts.SECTION_TOO_THICK, blanks.of(widest).thickness(),
                        there.stream().map(blanks::thickness).max(Length::compareTo).orElseThrow())
                : Sentence.of((unfit.size() == 1
                        ? SticksTexts.PIECE_TOO_WIDE
                        : SticksTexts.PIECES_TOO_WIDE)
                        .formatted(names),
                        blanks.width(widest),
                        there.stream().filter(stick -> blanks.isThickEnough(widest, stick)).map(blanks::width)
                                .max(Length::compareTo)
                                .orElseThrow());
        Length length = Length.max(Defaults.usualStick(plan.job().units()), roundedUp(
                Cutting.lengthTaken(plan.job())
                        .apply(unfit.stream().max(Comparator.comparing(Piece::span)).orElseThrow())
                        .plus(plan.job().stock().endTrim()),
                plan.job()));
        Rack stock = plan.job().stock();
        Stick more = stick(plan.job(), plan.frame().pieces(), newName(stock), length,
                unfit.size() * plan.job().quantity());
        Rack rack = unfit.size() == plan.frame().parts().size()
                ? stock.withSticks(List.of(more))
                : stock.plusStick(more);
        int last = rack.sticks().size() - 1;
        int needed = Math.max(1, (int) layOut(plan, rack, search).sticks().stream()
                .filter(stick -> stick.stock() == last).count());
        return Finding.stop(thin ? StockFinding.STOCK_TOO_THIN : StockFinding.STOCK_TOO_NARROW, STICKS, message,
                new Remedy(Sentence.of(SticksTexts.PUT_WIDE_STICKS_ON_THE_RACK, Scalar.count(needed), length,
                        blanks.width(more)), j -> withMore(j, length, needed)));
    }

    private static Blanks blanks(Plan plan) {
        return plan.blanks();
    }

    /** With sticks that are wide enough for every piece. */
    private static Job withMore(Job job, Length length, int count) {
        Rack stock = job.stock();
        return job.withStock(stock.plusStick(stick(job, newName(stock), length, count)));
    }

    private static Stick stick(Job job, String name, Length length, int count) {
        Geometry geometry = Geometry.of(job);
        return stick(job, ShapeFault.isSound(geometry)
                ? FramePieces.of(Objects.requireNonNull(geometry.contours()), job.outline(), job.joint())
                : List.of(), name, length, count);
    }

    private static Stick stick(Job job, List<Piece> pieces, String name, Length length, int count) {
        Blanks blanks = Blanks.of(job.section());
        Length widest = blanks.widest(pieces);
        return new Stick(name, length, count, null, List.of(),
                widest.equals(job.section().blankWidth()) ? null : widest.roundedUp(job.units().either(5, 1.0 / 4)),
                null);
    }

    private static String newName(Rack stock) {
        return SticksTexts.STICK_NUMBER.formatted(stock.sticks().size() + 1);
    }

    private static Finding emptyRack(Plan plan, Search search) {
        Job job = plan.job();
        Length longest = plan.frame().parts().stream().map(Cutting.lengthTaken(job)).max(Length::compareTo)
                .orElseThrow();
        Length length = Length.max(Defaults.usualStick(job.units()),
                roundedUp(longest.plus(job.stock().endTrim()), job));
        Rack rack = job.stock().withSticks(
                List.of(stick(job, plan.frame().pieces(), SticksTexts.STICK_NUMBER.formatted(1), length,
                        plan.frame().parts().size() * job.quantity())));
        int needed = layOut(plan, rack, search).sticks().size();
        return Finding.stop(StockFinding.STOCK_SHORT, STICKS, Sentence.of(
                SticksTexts.NO_STICKS_YET,
                plan.stickNeeded(), longest),
                new Remedy(Sentence.of(SticksTexts.PUT_STICKS_ON_THE_RACK, Scalar.count(needed), length),
                        j -> j.withStock(j.stock().plusStick(rack.sticks().getFirst().withCount(needed)))));
    }

    /** What a ring needs that is not on the rack. */
    private static Finding shortOf(Plan plan, Loop ring, int unplaced, Search search) {
        Job job = plan.job();
        Blanks.Blank blank = Blanks.Blank.of(ring.section);
        Length longest = ring.parts.stream().map(Cutting.lengthTaken(job)).max(Length::compareTo).orElseThrow();
        Length length = Length.max(Defaults.usualStick(job.units()),
                roundedUp(longest.plus(job.stock().endTrim()), job));
        Length wide = Blanks.of(ring.section).widest(ring.parts);
        Length width = wide.isMoreThan(blank.width())
                ? wide.roundedUp(job.units().either(5, 1.0 / 4))
                : blank.width();
        Stick stick = stickFor(job, ring.section, width, length, ring.parts.size() * job.quantity());
        int needed = Cutting.layOut(job.withStock(job.stock().withPins(List.of()).withSticks(List.of(stick))),
                ring.parts, search).sticks().size();
        Sentence message = Sentence.naming(ring.name,
                (unplaced == ring.parts.size() * job.quantity()
                        ? SticksTexts.NO_STICKS_FOR_THE_RING
                        : SticksTexts.TOO_FEW_STICKS_FOR_THE_RING).formatted(Theirs.words(blank.wood().name())),
                Length.sum(ring.parts.stream().map(Cutting.lengthTaken(job)).toList()).times(job.quantity()),
                width, blank.thickness());
        return Finding.stop(StockFinding.STOCK_SHORT, STICKS, message,
                needed == 0
                        ? null
                        : new Remedy(Sentence.naming(ring.name, SticksTexts.PUT_STICKS_FOR_THE_RING,
                                Scalar.count(needed), width, blank.thickness(), length),
                                j -> withSticksFor(j, ring.name, width, length, needed)));
    }

    private static Job withSticksFor(Job job, String name, Length width, Length length, int count) {
        return sectionOf(job, name)
                .map(section -> job.withStock(job.stock().plusStick(stickFor(job, section, width, length, count))))
                .orElse(job);
    }

    private static Optional<Section> sectionOf(Job job, String name) {
        Ring ring = job.ring(name);
        Member member = job.member(name);
        return ring != null
                ? Optional.of(ring.section())
                : Optional.ofNullable(member).map(Member::stick);
    }

    /** A stick that something of such a section can be cut from. */
    private static Stick stickFor(Job job, Section section, Length width, Length length, int count) {
        String name = newName(job.stock());
        return section.equals(job.section()) && width.equals(section.blankWidth())
                ? new Stick(name, length, count, null, List.of())
                : new Stick(name, length, count, null, List.of(), section.wood(), width,
                        section.thickness());
    }

    private static Finding tooLong(Plan plan, Piece longest) {
        Length taken = Cutting.lengthTaken(plan.job()).apply(longest);
        Length length = roundedUp(taken.plus(plan.job().stock().endTrim()), plan.job());
        long count = plan.frame().parts().stream().filter(piece -> Cutting.lengthTaken(plan.job()).apply(piece)
                .isMoreThan(longestClear(plan, piece))).count() * plan.job().quantity();
        Sentence message = Sentence.of(
                SticksTexts.PIECE_TOO_LONG
                        .formatted(longest.name()),
                taken, longestClear(plan, longest));
        return Finding.stop(StockFinding.STOCK_PIECE_TOO_LONG, STICKS, message,
                new Remedy(Sentence.of(SticksTexts.PUT_STICKS_ON_THE_RACK, Scalar.count(count), length),
                        j -> withMore(j, length, Math.toIntExact(count))));
    }

    /** The longest clear stretch that a piece can be cut from. */
    private static Length longestClear(Plan plan, Piece piece) {
        Blanks blanks = blanks(plan);
        return plan.job().stock().withSticks(plan.job().stock().sticks().stream()
                .filter(stick -> blanks.fits(piece, stick)).toList()).longestClear().orElse(Length.ZERO);
    }

    private static Finding tooFew(Plan plan, Search search) {
        Rack stock = plan.job().stock();
        Sentence message = Sentence.of(SticksTexts.RACK_IS_SHORT,
                Scalar.count(unplaced(plan, plan.frame())),
                Scalar.count((long) plan.frame().parts().size() * plan.job().quantity()));
        return Finding.stop(StockFinding.STOCK_SHORT, STICKS, message, more(plan, stock, search).orElse(null));
    }

    /** As many more of the longest stick as it takes. */
    private static Optional<Remedy> more(Plan plan, Rack stock, Search search) {
        Blanks blanks = blanks(plan);
        int longest = IntStream.range(0, stock.sticks().size()).boxed()
                .filter(i -> plan.frame().parts().stream().allMatch(piece -> blanks.fits(piece, stock.sticks().get(i))))
                .max(Comparator.comparing(i -> longestClear(stock, i))).orElse(-1);
        if (longest < 0) {
            return Optional.empty();
        }
        Stick stick = stock.sticks().get(longest);
        int most = plan.frame().parts().size() * plan.job().quantity();
        StickLayout layout = layOut(plan, stock.withStick(longest, each -> each.withCount(each.count() + most)),
                search);
        if (!layout.isComplete()) {
            return Optional.empty();
        }
        int used = (int) layout.sticks().stream().filter(cut -> cut.stock() == longest).count();
        int extra = Math.max(1, used - stick.count());
        return Optional.of(new Remedy(
                Sentence.naming(stick.name(), SticksTexts.PUT_MORE_ON_THE_RACK, Scalar.count(extra)),
                j -> j.withStock(j.stock().withStick(longest, each -> each.withCount(stick.count() + extra)))));
    }

    private static Length longestClear(Rack stock, int index) {
        return stock.withSticks(List.of(stock.sticks().get(index).withCount(1))).longestClear().orElse(Length.ZERO);
    }

    private static StickLayout layOut(Plan plan, Rack stock, Search search) {
        return Cutting.layOut(plan.job().withStock(stock), plan.frame().parts(), search);
    }
}
