package neatcorner.station.saw;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import neatcorner.outline.Contours;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.saw.measured.CutError;

/**
 * What the pieces as they were cut make of the rabbet. Along each piece the rabbet is as long as the outer edge, less what
 * both miters take of it between the outer edge and the rabbet's wall; the pack has, along that piece, the play that was
 * planned and what the rabbet came out longer.
 *
 * @param play along each piece, in all, mm; negative where the pack does not go in
 */
record MeasuredPack(List<Double> play) {

    MeasuredPack {
        play = List.copyOf(play);
    }

    static MeasuredPack of(Plan plan, Contours contours, List<CutError> errors) {
        double wall = plan.seat().wall().toMm();
        double clearance = plan.job().clearance().toMm();
        List<Double> play = new ArrayList<>();
        int count = plan.pieces().size();
        for (int i = 0; i < count; i++) {
            Piece piece = plan.pieces().get(i);
            CutError error = errors.get(i);
            double behind = piece.face().toMm() - wall;
            double taken = behind * (more(piece.left().miter().radians(), error.left())
                    + more(piece.right().miter().radians(), error.right()));
            double planned = clearance * (halfTurn(contours, i) + halfTurn(contours, (i + 1) % count));
            play.add(planned + error.length() - taken);
        }
        return new MeasuredPack(play);
    }

    private static double more(double miter, double error) {
        return Math.tan(miter + error) - Math.tan(miter);
    }

    private static double halfTurn(Contours contours, int corner) {
        return Math.tan(Math.PI / 2 - contours.sight().interior(corner).radians() / 2);
    }

    /** Index of the piece along which the pack is tightest. */
    int tightest() {
        return IntStream.range(0, play.size()).boxed().min(Comparator.comparing(play::get)).orElseThrow();
    }

    int loosest() {
        return IntStream.range(0, play.size()).boxed().max(Comparator.comparing(play::get)).orElseThrow();
    }

    double least() {
        return play.get(tightest());
    }
}
