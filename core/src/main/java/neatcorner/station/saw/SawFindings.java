package neatcorner.station.saw;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.measure.Sentence;
import neatcorner.piece.Piece;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.plan.Station;

/** What the job's saw cannot do, and what hands should not hold to it. */
final class SawFindings {

    private SawFindings() {}

    static void add(Plan plan, List<Finding> findings) {
        addPieces(plan, findings);
        addBevels(plan, findings);
    }

    private static void addPieces(Plan plan, List<Finding> findings) {
        List<Piece> shortOnes = plan.allPieces().stream()
                .filter(piece -> piece.span().isLessThan(plan.job().saw().minHold())).toList();
        if (!shortOnes.isEmpty()) {
            Piece shortest = shortOnes.stream().min(Comparator.comparing(Piece::span)).orElseThrow();
            String names = String.join(", ", shortOnes.stream().map(Piece::name).toList());
            findings.add(Finding.check(SawFinding.PIECE_SHORT_TO_HOLD, Station.SAW, Sentence.of(
                    SawTexts.TOO_SHORT_TO_HOLD
                            .formatted(names),
                    shortest.span(), plan.job().saw().minHold()), null));
        }
        plan.allPieces().stream().flatMap(piece -> Stream.of(piece.left(), piece.right()))
                .map(cut -> cut.miter()).filter(miter -> !plan.job().saw().reachesMiter(miter))
                .max(Comparator.comparingDouble(miter -> Math.abs(miter.degrees())))
                .ifPresent(miter -> findings.add(Finding.check(
                        SawFinding.SAW_MITER_OUT_OF_RANGE, Station.SAW, Sentence.of(
                                SawTexts.SAW_SWINGS_TOO_LITTLE,
                                plan.job().saw().maxMiter(), miter, miter.complement()),
                        plan.job().outline().faceWidths().isEmpty()
                                ? null
                                : new Remedy(Sentence.of(SawTexts.GIVE_ALL_SIDES_THE_SAME),
                                        j -> j.withFaceWidths(null)))));
    }

    private static void addBevels(Plan plan, List<Finding> findings) {
        double most = plan.job().saw().maxBevel().degrees() + 1e-9;
        plan.allPieces().stream().map(Piece::left).map(cut -> cut.bevel()).filter(bevel -> bevel.degrees() > most)
                .findFirst()
                .ifPresent(bevel -> findings.add(Finding.check(SawFinding.SAW_BEVEL_OUT_OF_RANGE, Station.SAW,
                        Sentence.of(
                                SawTexts.SAW_TILTS_TOO_LITTLE,
                                plan.job().saw().maxBevel(), bevel),
                        null)));
    }
}
