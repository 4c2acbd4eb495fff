package neatcorner.stock;

import java.util.List;
import neatcorner.measure.Length;
import org.jspecify.annotations.Nullable;

/**
 * Where every piece of a job is cut from.
 *
 * @param sticks      the sticks to take, with their pieces
 * @param unplaced    how many pieces found no place
 * @param bound       no layout can do with fewer sticks at this cost; 0 when pieces are unplaced
 * @param proved      whether this is proved to be the least
 * @param proof       by what, in words
 * @param cost        of the sticks that have a price; null when none has
 * @param splitFrames how many frames are not cut from one stick
 */
public record StickLayout(List<CutStick> sticks, int unplaced, int bound, boolean proved, String proof,
        @Nullable Double cost, int splitFrames) {

    public StickLayout {
        sticks = List.copyOf(sticks);
    }

    /** With what is known of another layout of the same pieces, which takes as much. */
    public StickLayout withBound(int least, boolean isProved, String by) {
        return new StickLayout(sticks, unplaced, least, isProved, by, cost, splitFrames);
    }

    /** Whether every piece has its place. */
    public boolean isComplete() {
        return unplaced == 0;
    }

    /** The longest end that is left of any stick; zero when there is none. */
    public Length longestOffcut() {
        return sticks.stream().map(CutStick::offcut).max(Length::compareTo).orElse(Length.ZERO);
    }
}
