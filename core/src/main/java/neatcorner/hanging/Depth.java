package neatcorner.hanging;

import neatcorner.measure.Length;

/** How far down from the top of a frame its rings are. */
public sealed interface Depth {

    /**
     * A share of the frame's height.
     *
     * @param of from 0, less than 1; another one throws {@link IllegalArgumentException}
     */
    record Share(double of) implements Depth {

        public Share {
            if (!(of >= 0 && of < 1)) {
                throw new IllegalArgumentException("a share of the height is less than 1, not " + of);
            }
        }
    }

    /** So far, whatever the frame's height is. */
    record Fixed(Length down) implements Depth {}

    /** In a frame of this outside height. */
    default Length in(Length height) {
        return switch (this) {
            case Share share -> height.scaled(share.of);
            case Fixed fixed -> fixed.down;
        };
    }
}
