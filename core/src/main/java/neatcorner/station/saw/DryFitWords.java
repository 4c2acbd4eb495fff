package neatcorner.station.saw;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import neatcorner.measure.Angle;
import neatcorner.measure.Fine;
import neatcorner.measure.Length;
import neatcorner.measure.Sentence;
import neatcorner.piece.CornerJoint;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.saw.measured.DryFit;
import neatcorner.saw.measured.DryFitReading;
import neatcorner.saw.measured.DryFitReading.Cause;
import neatcorner.saw.measured.DryFitReading.Explanation;

/** What a dry fit shows, in words: the likely explanations, what each leaves open, what to shave where, and what then. */
public final class DryFitWords {
    private final Plan plan;

    private DryFitWords(Plan plan) {
        this.plan = plan;
    }

    /** None for a frame that is no mitred rectangle. */
    static List<Explanation> explanations(Plan plan) {
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
                    Sentence.of("Put the frame together dry. Where light comes through, slip in a feeler or a strip of"
                            + " paper, and type the gap there: at the heel outside, at the toe inside. Then both diagonals."));
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
            said.add(Sentence.of("No single cause explains all of this."));
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
                    "A diagonal of {0} is not of this frame, where {1} is due from outer corner to outer corner:"
                            + " measure again. Diagonals are left out of what follows.",
                    Length.mm(read), Length.mm(due)));
        }
    }

    private void add(Explanation explanation, boolean other, List<Sentence> said) {
        for (int i = 0; i < explanation.causes().size(); i++) {
            Sentence cause = words(explanation.causes().get(i));
            String start = i > 0 ? "And: " : other ? "Or: " : "";
            said.add(new Sentence(start + cause.template(), cause.quantities()));
        }
        if (!explanation.left().isEmpty()) {
            List<Fine> gaps = explanation.left().stream().map(left -> new Fine(Math.abs(left.gap()))).toList();
            String places = String.join(", ", IntStream.range(0, gaps.size()).mapToObj(i -> "{" + i + "} at the "
                    + (explanation.left().get(i).toe() ? "toe" : "heel") + " of "
                    + corner(explanation.left().get(i).corner())
                    + (explanation.left().get(i).gap() < 0 ? ", where less is read" : "")).toList());
            said.add(new Sentence("That leaves unexplained: " + places + ".", List.copyOf(gaps)));
        }
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
        String title = String.join(" and ", explanation.causes().stream().map(words::title).toList());
        return Sentence.capital(title);
    }

    private String title(Cause cause) {
        return switch (cause.fault()) {
            case NONE -> "nothing is wrong";
            case SAW_ANGLE -> "saw angle";
            case CORNER_CUT -> "one cut at " + corner(cause.at());
            case SHORT_PIECE -> "length of " + name(cause.at());
            case DRAWN_UP, PAIRS -> "lengths of a pair";
            case SEATING -> corner(cause.at()) + " not home";
            case RACKED -> "out of square";
            case BEVEL -> "blade tilt or thickness";
            case WIND -> "a twisted side";
        };
    }

    private Sentence words(Cause cause) {
        double size = Math.abs(cause.size());
        return switch (cause.fault()) {
            case NONE -> Sentence.of("Nothing to mend: all joints close.");
            case SAW_ANGLE -> saw(cause.size() > 0, size);
            case CORNER_CUT -> cut(cause.at(), cause.size() < 0, size);
            case SHORT_PIECE -> Sentence.of(
                    "Piece " + name(cause.at()) + " is about {0} shorter than " + name(cause.at()
                            + 2) + ": take that off one end of " + name(cause.at() + 2)
                            + ", {1} square to the cut, heel and toe"
                            + " alike, or cut " + name(cause.at()) + " anew. Then both close.",
                    new Fine(2 * size * Math.sqrt(2)),
                    new Fine(2 * size));
            case DRAWN_UP -> {
                int longer = cause.size() > 0 ? cause.at() : cause.at() + 2;
                yield Sentence.of("Piece " + name(longer) + " is about {0} longer than " + name(longer + 2)
                        + ", and the corners share it: take that off one end of " + name(longer)
                        + ", {1} square to the cut, heel and toe alike. Then they lie alike.", new Fine(size),
                        new Fine(size / Math.sqrt(2)));
            }
            case PAIRS ->
                Sentence.of("Opposite sides differ in length by about {0}: lay each pair together, and take the"
                        + " difference off the longer, heel and toe alike.", new Fine(size * Math.sqrt(2)));
            case SEATING ->
                Sentence.of("Corner " + corner(cause.at()) + " stands open by {0} at heel and toe alike: push it"
                        + " home; if it does not go, " + name(cause.at() + 3) + " or " + name(cause.at())
                        + " is short by {1}, or its twin long.", new Fine(size), new Fine(size * Math.sqrt(2)));
            case RACKED -> racked(cause.size(), size);
            case BEVEL ->
                Sentence.of("The faces are stepped by {0}: the blade does not stand square to the table, or the"
                        + " sticks differ in thickness.", new Fine(size));
            case WIND ->
                Sentence.of("It rocks by {0}, so a side is twisted: sight along each piece, plane or replace the one"
                        + " that winds.", new Fine(size));
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
                        "Every miter is too big: turn the saw towards square by {0}. To mend these, take {1} off the heel"
                                + " of every end, square to the cut, and nothing off the toe: {2} along the piece. Then all four"
                                + " close, and outside each piece is {3} shorter.",
                        off, new Fine(gap / 2), new Fine(along),
                        new Fine(2 * along))
                : Sentence.of(
                        "Every miter is too small: turn the saw away from square by {0}. To mend these, take {1} off the"
                                + " toe of every end, square to the cut, and nothing off the heel. Then all four close, and the"
                                + " sight is {2} smaller.",
                        off, new Fine(gap / 2), new Fine(2 * along));
    }

    private Sentence cut(int corner, boolean atToe, double gap) {
        Piece ends = plan.pieces().get((corner + 3) % 4);
        double miter = ends.right().miter().cos();
        double contact = ends.face().toMm() / miter;
        double along = gap / miter;
        double wall = plan.seat().wall().toMm() / ends.face().toMm();
        double play = 2 * plan.job().clearance().toMm() - along * (atToe ? wall : 1 - wall);
        String where = atToe ? "heel" : "toe";
        String afterwards = plan.job().pack().layers().isEmpty()
                ? ""
                : play > 0 ? "; the pack keeps {3} of play along it" : "; then the pack no longer goes in along it";
        return Sentence.of("One of the two cuts at " + corner(corner) + " is off by {0}: take {1} off the " + where
                + " at the right end of " + ends.name() + ", or at the left end of " + name(corner)
                + ", square to the cut, down to nothing at the " + (atToe ? "toe" : "heel") + "; that is {2} along the"
                + " piece. Then the corner closes" + afterwards + ".", Angle.ofRadians(Math.atan(gap / contact)),
                new Fine(gap), new Fine(along), new Fine(Math.max(0, play)));
    }

    private Sentence racked(double way, double gap) {
        DryFitReading.Frame frame = frame(plan);
        double mean = frame.contact().stream().mapToDouble(c -> c).average().orElse(1);
        double differ = 2 * frame.width() * frame.height() / Math.hypot(frame.width(), frame.height()) * gap / mean;
        String longer = way > 0 ? "top right" : "top left";
        return Sentence.of("The frame is racked by {0}: squeeze the diagonal from the " + longer
                + ", which is {1} the longer, until both agree. Then the corners close by themselves.",
                Angle.ofRadians(gap / mean), new Fine(differ));
    }
}
