package neatcorner.stock.sheets;

import java.util.ArrayList;
import java.util.List;

/** Blocks of the same panels, none of which is at least as wide and as high as another. */
final class Blocks {
    private final List<Block> best = new ArrayList<>();

    /** Adds a block unless one of them is as small both ways; those that it makes needless go. */
    void add(Block block) {
        for (Block other : best) {
            if (other.width() <= block.width() && other.height() <= block.height()) {
                return;
            }
        }
        best.removeIf(other -> block.width() <= other.width() && block.height() <= other.height());
        best.add(block);
    }

    List<Block> list() {
        return best;
    }

    boolean isEmpty() {
        return best.isEmpty();
    }
}
