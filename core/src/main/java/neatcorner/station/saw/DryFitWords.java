package neatcorner.station.saw;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import neatcorner.measure.Angle;
import neatcorner.measure.Fine;
import neatcorner.measure.Length;
import neatcorner.measure.Sentence;
import neatcorner.piece.CornerJoint;
import neatcorner.piece.Piece;
import neatcorner.plan.Derived;
import neatcorner.plan.Plan;
import neatcorner.saw.measured.DryFit;
import neatcorner.saw.measured.DryFitReading;
import neatcorner.saw.measured.DryFitReading.Cause;
import neatcorner.saw.measured.DryFitReading.Explanation;

/** What a dry fit shows, in words: the likely explanations, what each leaves open, what to shave where, and what then. */
public final class DryFitWords {
    private static final Derived<List<Explanation>> READ = new Derived<>(DryFitWords::read);

    private final Plan plan;

    private DryFitWords(Plan plan) {
        this.plan = plan;
    }

    /** None for a frame that is no mitred rectangle. */
    static List<Explanation> explanations(Plan plan) {
        return Objects.requireNonNull(plan.derived(READ));
    }

    private static List<Explanation> read(Plan plan) {
        return isRead(plan) && isMeasured(plan)
                ? DryFitReading.of(plan.job().checks().dryFit(), frame(plan), plan.job().checks().gapLimit().toMm())
                : List.of();
    }

    private static boolean isMeasured(Plan plan) {
        return !plan.job().checks().dryFit().equals(DryFit.closed());
    }

    private static boolean isRead(Plan plan) {
        return plan.job().outline().isRectangle() && !plan.job().outline().isSloped() && plan.pieces().size() == 4
                && plan.job().joint() == CornerJoint.MITER;
    }

    private static DryFitReading.Frame frame(Plan plan) {
        List<Double> contact = plan.pieces().stream()
                .map(piece -> piece.face().toMm() / piece.left().miter().cos()).toList();
        return new DryFitReading.Frame(contact, plan.sizes().outside().width().toMm(),
                plan.sizes().outside().height().toMm());
    }

    /** What to say about the readings, a sentence each; the likeliest explanation first. */
    public static List<Sentence> of(Plan plan) {
        if (isRead(plan) && !isMeasured(plan)) {
            return List.of(
                    Sentence.of(
                            SawTexts.PUT_THE_FRAME_TOGETHER));
        }
        List<Explanation> all = explanations(plan);
        if (all.isEmpty()) {
            return List.of();
        }
        DryFitWords words = new DryFitWords(plan);
        List<Sentence> said = new ArrayList<>();
        words.question(said);
        boolean single = all.stream().anyMatch(one -> one.causes().size() == 1 && one.left().isEmpty());
        if (!single) {
            said.add(Sentence.of(SawTexts.NO_SINGLE_CAUSE_EXPLAINS));
        }
        for (int i = 0; i < Math.min(2, all.size()); i++) {
            words.add(all.get(i), i > 0, said);
        }
        return List.copyOf(said);
    }

    /** Diagonals that cannot be this frame's. */
    private void question(List<Sentence> said) {
        DryFit fit = plan.job().checks().dryFit();
        DryFitReading.Frame frame = frame(plan);
        if (DryFitReading.isQuestioned(fit, frame)) {
            double due = Math.hypot(frame.width(), frame.height());
            double read = Math.abs(fit.first() - due) > Math.abs(fit.second() - due) ? fit.first() : fit.second();
            said.add(Sentence.of(
                    SawTexts.DIAGONAL_IN_QUESTION,
                    Length.mm(read), Length.mm(due)));
        }
    }

    private void add(Explanation explanation, boolean other, List<Sentence> said) {
        for (int i = 0; i < explanation.causes().size(); i++) {
            Sentence cause = words(explanation.causes().get(i));
            String start = i > 0 ? SawTexts.AND_ALSO : other ? SawTexts.OR_ELSE : "%s";
            said.add(new Sentence(start.formatted(cause.template()), cause.quantities()));
        }
        if (!explanation.left().isEmpty()) {
            List<Fine> gaps = explanation.left().stream().map(left -> new Fine(Math.abs(left.gap()))).toList();
            String places = String.join(", ",
                    IntStream.range(0, gaps.size())
                            .mapToObj(i -> leaves(explanation.left().get(i)).formatted(i,
                                    corner(explanation.left().get(i).corner())))
                            .toList());
            said.add(new Sentence(SawTexts.THAT_LEAVES_UNEXPLAINED.formatted(places), List.copyOf(gaps)));
        }
    }

    private static String leaves(DryFitReading.Left left) {
        if (left.gap() < 0) {
            return left.toe()
                    ? SawTexts.LESS_AT_TOE
                    : SawTexts.LESS_AT_HEEL;
        }
        return left.toe() ? SawTexts.LEFT_AT_TOE : SawTexts.LEFT_AT_HEEL;
    }

    /** "D–A" for the corner at which A starts. */
    private String corner(int corner) {
        return name(corner + 3) + "–" + name(corner);
    }

    private String name(int piece) {
        return plan.pieces().get(piece % 4).name();
    }

    static String title(Plan plan, Explanation explanation) {
        DryFitWords words = new DryFitWords(plan);
        String title = String.join(SawTexts.BOTH, explanation.causes().stream().map(words::title).toList());
        return Sentence.capital(title);
    }

    private String title(Cause cause) {
        return switch (cause.fault()) {
            case NONE -> SawTexts.NOTHING_IS_WRONG;
            case OTHER -> SawTexts.NONE_OF_THESE;
            case SAW_ANGLE -> SawTexts.SAW_ANGLE;
            case CORNER_CUT -> SawTexts.ONE_CUT_AT.formatted(corner(cause.at()));
            case SHORT_PIECE -> SawTexts.LENGTH_OF.formatted(name(cause.at()));
            case DRAWN_UP, PAIRS -> SawTexts.LENGTHS_OF_A_PAIR;
            case SEATING -> SawTexts.NOT_HOME.formatted(corner(cause.at()));
            case RACKED -> SawTexts.OUT_OF_SQUARE;
            case BEVEL -> SawTexts.BLADE_TILT_OR_THICKNESS;
            case WIND -> SawTexts.TWISTED_SIDE;
        };
    }

    private Sentence words(Cause cause) {
        double size = Math.abs(cause.size());
        return switch (cause.fault()) {
            case NONE -> Sentence.of(SawTexts.NOTHING_TO_MEND_ALL);
            case OTHER -> Sentence.of(SawTexts.SOMETHING_ELSE);
            case SAW_ANGLE -> saw(cause.size() > 0, size);
            case CORNER_CUT -> cut(cause.at(), cause.size() < 0, size);
            case SHORT_PIECE -> Sentence.of(
                    SawTexts.PIECE_IS_SHORTER
                            .formatted(name(cause.at()), name(cause.at()
                                    + 2), name(cause.at() + 2), name(cause.at())),
                    new Fine(2 * size * Math.sqrt(2)),
                    new Fine(2 * size));
            case DRAWN_UP -> {
                int longer = cause.size() > 0 ? cause.at() : cause.at() + 2;
                yield Sentence.of(
                        SawTexts.PIECE_IS_LONGER
                                .formatted(name(longer), name(longer + 2), name(longer)),
                        new Fine(size),
                        new Fine(size / Math.sqrt(2)));
            }
            case PAIRS ->
                Sentence.of(
                        SawTexts.OPPOSITE_SIDES_DIFFER_IN_LENGTH,
                        new Fine(size * Math.sqrt(2)));
            case SEATING ->
                Sentence.of(
                        SawTexts.CORNER_NOT_HOME
                                .formatted(corner(cause.at()), name(cause.at() + 3), name(cause.at())),
                        new Fine(size), new Fine(size * Math.sqrt(2)));
            case RACKED -> racked(cause.size(), size);
            case BEVEL ->
                Sentence.of(
                        SawTexts.FACES_ARE_STEPPED,
                        new Fine(size));
            case WIND ->
                Sentence.of(
                        SawTexts.IT_ROCKS_BY_SO,
                        new Fine(size));
        };
    }

    /** Every corner shows two cuts' error. */
    private Sentence saw(boolean tooBig, double gap) {
        Piece top = plan.pieces().getFirst();
        double contact = top.face().toMm() / top.left().miter().cos();
        Angle off = Angle.ofRadians(Math.atan(gap / contact) / 2);
        double along = gap / 2 / top.left().miter().cos();
        return tooBig
                ? Sentence.of(
                        SawTexts.EVERY_MITER_IS_TOO_BIG,
                        off, new Fine(gap / 2), new Fine(along),
                        new Fine(2 * along))
                : Sentence.of(
                        SawTexts.EVERY_MITER_IS_TOO,
                        off, new Fine(gap / 2), new Fine(2 * along));
    }

    private Sentence cut(int corner, boolean atToe, double gap) {
        Piece ends = plan.pieces().get((corner + 3) % 4);
        double miter = ends.right().miter().cos();
        double contact = ends.face().toMm() / miter;
        double along = gap / miter;
        double wall = plan.seat().wall().toMm() / ends.face().toMm();
        double play = 2 * plan.job().clearance().toMm() - along * (atToe ? wall : 1 - wall);
        String afterwards = plan.job().pack().layers().isEmpty()
                ? SawTexts.THEN_THE_CORNER_CLOSES
                : play > 0
                        ? SawTexts.THEN_THE_CORNER_CLOSES_THE_PACK
                        : SawTexts.THEN_THE_CORNER_CLOSES_NO_PACK;
        return Sentence.of(
                (atToe
                        ? SawTexts.ONE_CUT_IS_OFF_AT_THE_HEEL
                        : SawTexts.ONE_CUT_IS_OFF_AT_THE_TOE)
                        .formatted(corner(corner), ends.name(), name(corner), afterwards),
                Angle.ofRadians(Math.atan(gap / contact)),
                new Fine(gap), new Fine(along), new Fine(Math.max(0, play)));
    }

    private Sentence racked(double way, double gap) {
        DryFitReading.Frame frame = frame(plan);
        double mean = frame.contact().stream().mapToDouble(c -> c).average().orElse(1);
        double differ = 2 * frame.width() * frame.height() / Math.hypot(frame.width(), frame.height()) * gap / mean;
        String longer = way > 0 ? SawTexts.TOP_RIGHT : SawTexts.TOP_LEFT;
        return Sentence.of(
                SawTexts.FRAME_IS_RACKED_BY_SQUEEZE
                        .formatted(longer),
                Angle.ofRadians(gap / mean), new Fine(differ));
    }
}
