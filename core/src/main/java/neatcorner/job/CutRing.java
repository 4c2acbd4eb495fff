package neatcorner.job;

import java.util.List;
import neatcorner.outline.Contours;
import neatcorner.piece.Piece;
import neatcorner.section.Section;
import org.jspecify.annotations.Nullable;

/**
 * A ring as it is cut.
 *
 * @param placed where it lies, and what its maker decided about it
 * @param pieces of one such ring; empty when its sizes are impossible
 * @param parts  what is cut for them: the pieces, or what those too long for a stick are scarfed from
 */
public record CutRing(PlacedRing placed, List<Piece> pieces, List<Piece> parts) {

    public CutRing {
        pieces = List.copyOf(pieces);
        parts = List.copyOf(parts);
    }

    /** As its maker set it against another; null for the frame. */
    public @Nullable Ring ring() {
        return placed.ring();
    }

    /** What it is made of. */
    public Make make() {
        return placed.make();
    }

    /** Of its pieces. */
    public Section section() {
        return placed.make().section();
    }

    /** Its maker's word for it; empty for the frame. */
    public String name() {
        return placed.name();
    }

    /** Its edges; null when there is none to make. */
    public @Nullable Contours contours() {
        return placed.contours();
    }
}
