package neatcorner.corner.solid;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A part that runs into something, or comes nearer to it than it may.
 *
 * @param part   index of the part
 * @param with   what it runs into
 * @param other  index of the part it runs into; -1 for anything else
 * @param by     how far through, or how far too near, mm; 0 when two parts run into each other
 * @param breach whether it must be mended before wood is cut, and not only should be
 * @param out    whether it is through, and not only too near
 * @param where  the piece of the part that is in the way, for drawing; null when all of it is
 */
public record Clash(int part, With with, int other, double by, boolean breach, boolean out,
        @Nullable Slab where) {

    /** What a part can run into. */
    public enum With {
        FACE("the front face"),
        OUTER("the outer edge"),
        SIGHT("the sight edge"),
        RABBET("the rabbet"),
        BACK("the back"),
        MILLED("a milled edge"),
        PACK("the pack"),
        PART("another part");

        private final String title;

        With(String title) {
            this.title = title;
        }

        /** What it runs into, in US words: "rabbet", "outer edge". */
        public String title() {
            return title;
        }
    }

    /** The gravest of some: what is through before what is near, then by how much. */
    static @Nullable Clash worst(List<Clash> clashes) {
        Clash worst = null;
        for (Clash clash : clashes) {
            if (worst == null || (clash.breach && !worst.breach)
                    || (clash.breach == worst.breach && clash.by > worst.by)) {
                worst = clash;
            }
        }
        return worst;
    }
}
