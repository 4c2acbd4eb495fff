package neatcorner.saw;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.measure.Length;
import neatcorner.piece.Piece;
import neatcorner.stock.CutPiece;
import neatcorner.stock.CutStick;
import neatcorner.stock.StickLayout;

/**
 * The cuts of a job in the order they are made: the first miter on every piece, stick by stick; then the second, all
 * pieces of one length to one setting of the stop, the longest first. Opposite sides are cut to the same stop, so they
 * come out the same length whatever the scale says.
 */
public final class CuttingOrder {
    private CuttingOrder() {}

    /** A piece among those of all frames. */
    private record Named(String piece, int frame) {}

    /** The stop settings, longest first; pieces that are cut alike share one, and pieces of one length with other angles follow each other. */
    public static List<SawSetting> settings(List<Piece> pieces) {
        List<List<Piece>> groups = Piece.cutAlike(pieces);
        groups.sort(Comparator.comparing((List<Piece> group) -> group.getFirst().span()).reversed());
        return groups.stream().map(group -> {
            Piece first = group.getFirst();
            return new SawSetting(first.right(), first.left(), first.span(),
                    group.stream().map(Piece::name).toList());
        }).toList();
    }

    /** All cuts. Pieces that found no place on the rack are cut too, from sticks yet to be bought. */
    public static List<SawCut> cuts(List<Piece> pieces, int frames, StickLayout layout) {
        List<SawCut> first = new ArrayList<>();
        for (CutStick stick : layout.sticks()) {
            for (CutPiece piece : stick.cuts()) {
                first.add(new SawCut(SawCut.Kind.FIRST_MITER, piece, stick, null));
            }
        }
        Set<Named> placed = first.stream().map(cut -> new Named(cut.piece().piece().name(), cut.piece().frame()))
                .collect(Collectors.toSet());
        for (int frame = 1; frame <= frames; frame++) {
            for (Piece piece : pieces) {
                if (!placed.contains(new Named(piece.name(), frame))) {
                    CutPiece unplaced = new CutPiece(piece, frame, Length.ZERO, piece.span(), false);
                    first.add(new SawCut(SawCut.Kind.FIRST_MITER, unplaced, null, null));
                }
            }
        }
        List<SawCut> all = new ArrayList<>(first);
        for (SawSetting setting : settings(pieces)) {
            first.stream().filter(cut -> setting.pieces().contains(cut.piece().piece().name()))
                    .sorted(Comparator.comparingInt((SawCut cut) -> cut.piece().frame())
                            .thenComparing(cut -> cut.piece().piece().name()))
                    .forEach(cut -> all.add(
                            new SawCut(SawCut.Kind.FINAL_MITER, cut.piece(), cut.stick(), setting.stop())));
        }
        return List.copyOf(all);
    }
}
