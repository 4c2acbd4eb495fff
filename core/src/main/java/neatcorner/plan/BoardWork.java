package neatcorner.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.UnaryOperator;
import neatcorner.job.Cutting;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Sentence;
import neatcorner.piece.Piece;
import neatcorner.section.Section;
import neatcorner.stock.Allowances;
import neatcorner.stock.BoardMilling;
import neatcorner.stock.Rack;
import neatcorner.stock.RoughBoard;
import neatcorner.stock.Search;
import neatcorner.stock.Stick;
import neatcorner.wood.Species;

/** Rough boards and the sticks that they give for a job: steps in words, what to buy, what to do when they are short. */
public final class BoardWork {
    /** A board foot, 144 in³, in cubic metres (NIST Handbook 44). */
    public static final double BOARD_FOOT = 0.002359737;

    private static final Derived<List<BoardMilling>> MILLINGS = new Derived<>(
            plan -> plan.job().stock().boards().stream().map(board -> of(plan, board)).toList());

    private BoardWork() {}

    /** How each kind of board on the rack is milled. */
    public static List<BoardMilling> of(Plan plan) {
        return Objects.requireNonNull(plan.derived(MILLINGS));
    }

    /** How a rough board becomes sticks for its ring: cross-cut, ripped, planed, with the most sticks that it gives. */
    public static BoardMilling of(Plan plan, RoughBoard board) {
        List<Piece> parts = parts(plan, board.ring());
        Length longest = parts.stream().map(Cutting.lengthTaken(plan.job())).max(Length::compareTo)
                .orElse(Length.ZERO).plus(plan.job().stock().endTrim());
        return BoardMilling.of(board, plan.blanks().widest(parts), section(plan.job(), board.ring()).thickness(),
                longest, Allowances.ripping(plan.job().saw().kerf()));
    }

    /** What is cut for a ring; for the frame where there is none of that name. */
    private static List<Piece> parts(Plan plan, String ring) {
        return plan.rings().stream().filter(each -> each.name().equals(ring)).findFirst().orElse(plan.frame()).parts();
    }

    private static Section section(Job job, String ring) {
        return new AsFrame(ring).in(job).section();
    }

    /** The job with a kind of board milled: it leaves the boards and its sticks lie on the rack. Unchanged without such. */
    public static Job milled(Job job, int index) {
        if (index >= job.stock().boards().size()) {
            return job;
        }
        RoughBoard board = job.stock().boards().get(index);
        BoardMilling milling = of(Plan.of(job, () -> true), board);
        List<RoughBoard> boards = new ArrayList<>(job.stock().boards());
        boards.remove(index);
        List<Stick> sticks = new ArrayList<>(job.stock().sticks());
        Length usual = job.section().blankWidth();
        Length width = milling.width();
        boolean ofRing = job.ring(board.ring()) != null;
        Species wood = section(job, board.ring()).wood();
        milling.sticks().forEach(stick -> sticks.add(ofRing
                ? stick.withWood(wood).withAcross(width, milling.thickness())
                : width.equals(usual) ? stick : stick.withAcross(width, stick.thickness())));
        return job.withStock(job.stock().withBoards(boards).withSticks(sticks));
    }

    /** The work on one board, cut by cut, in order. */
    public static List<Sentence> steps(BoardMilling milling) {
        List<Sentence> steps = new ArrayList<>();
        Allowances a = milling.allowances();
        Length deep = milling.onEdge() ? milling.width() : milling.thickness();
        Length across = milling.onEdge() ? milling.thickness() : milling.width();
        for (BoardMilling.Stretch cut : milling.cuts()) {
            String lengths = cut.lengths() == 1 ? PlanTexts.CUT_LONG : PlanTexts.CUT_LENGTHS.formatted(cut.lengths());
            String face = cut.bow().isPositive() ? PlanTexts.JOINT_A_BOWED_FACE : PlanTexts.JOINT_A_FACE;
            String layers = cut.layers() > 1 ? PlanTexts.RESAW_AND_PLANE.formatted(cut.layers()) : PlanTexts.PLANE_TO;
            steps.add(Sentence.of(
                    PlanTexts.FROM_BOARD_TO_STICKS.formatted(lengths,
                            face, layers, cut.strips(), cut.sticks()),
                    cut.from(), cut.rough(),
                    a.face(), cut.bow(), a.edge(), deep, across, cut.stick()));
        }
        if (steps.isEmpty()) {
            steps.add(Sentence.of(PlanTexts.BOARD_GIVES_NO_STICK,
                    milling.width(), milling.thickness()));
        }
        return steps;
    }

    /** Rough lumber that the job takes, in cubic metres: the sticks of its frame and rings with what milling takes off them. */
    public static double volumeNeeded(Plan plan) {
        return AsFrame.all(plan.job()).stream().mapToDouble(ring -> volumeNeeded(plan, ring.ring())).sum();
    }

    private static double volumeNeeded(Plan plan, String ring) {
        Allowances a = Allowances.USUAL;
        List<Piece> parts = parts(plan, ring);
        double width = plan.blanks().widest(parts).plus(a.ripKerf()).plus(a.edge()).toMm();
        double thickness = section(plan.job(), ring).thickness().plus(a.face()).plus(a.planing()).toMm();
        Length one = Length.sum(parts.stream().map(Cutting.lengthTaken(plan.job())).toList()).plus(a.roughLength());
        return width * thickness * one.times(plan.job().quantity()).toMm() * 1e-9;
    }

    /** Changes that would let boards and sticks together be enough, each in one step; none when they are. */
    public static List<Remedy> whenShort(Plan plan) {
        if (plan.job().stock().boards().isEmpty() || isEnough(plan.job())) {
            return List.of();
        }
        List<Remedy> remedies = new ArrayList<>();
        for (BoardMilling milling : of(plan)) {
            if (plan.job().ring(milling.board().ring()) != null) {
                continue;
            }
            Length narrower = whole(milling.forOneMore(true));
            if (narrower.isLessThan(milling.width()) && narrower.isPositive()) {
                add(remedies, plan.job(), Sentence.of(PlanTexts.MAKE_THE_FACE_WIDE, narrower),
                        job -> job.withSection(job.section().withWidth(narrower)));
            }
            Length thinner = whole(milling.forOneMore(false));
            if (thinner.isLessThan(milling.thickness()) && thinner.isPositive()) {
                add(remedies, plan.job(), Sentence.of(PlanTexts.MAKE_IT_THICK, thinner),
                        job -> job.withSection(job.section().withThickness(thinner)));
            }
        }
        return List.copyOf(remedies);
    }

    private static Length whole(Length length) {
        return new Length(length.units() / Length.PER_MM * Length.PER_MM);
    }

    private static void add(List<Remedy> remedies, Job now, Sentence label, UnaryOperator<Job> change) {
        if (remedies.stream().noneMatch(known -> known.label().equals(label)) && !now.equals(change.apply(now))) {
            remedies.add(new Remedy(label, change));
        }
    }

    /** Whether the job can be cut once every board is milled. */
    public static boolean isEnough(Job job) {
        Job milled = job;
        while (!milled.stock().boards().isEmpty()) {
            milled = milled(milled, 0);
        }
        return Plan.of(milled, Search.PATIENT).layout().isComplete();
    }

    /** All rough boards on the rack, in cubic metres. */
    public static double volume(Rack rack) {
        return rack.boards().stream().mapToDouble(board -> board.volume() * board.count()).sum();
    }
}
