package neatcorner.fitout;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Locale;
import neatcorner.measure.Length;
import neatcorner.measure.Sentence;
import neatcorner.measure.Theirs;
import neatcorner.outline.Faces;

/** One layer of the pack, from the front. */
public sealed interface Layer {

    Length thickness();

    Layer withThickness(Length thickness);

    Material material();

    /** What it is called at the start of a text: in US words, capitalised, or as the maker called it. */
    String title();

    /** What it is called within a sentence; an abbreviation such as MDF stays one. */
    default String within() {
        boolean isShort = title().equals(title().toUpperCase(Locale.ROOT));
        return material().isKnown() && !isShort ? title().toLowerCase(Locale.ROOT) : title();
    }

    /** The pane in front. */
    record Glazing(Material material, Length thickness) implements Layer {
        @Override
        public Glazing withThickness(Length newThickness) {
            return new Glazing(material, newThickness);
        }

        @Override
        public String title() {
            return titled(material);
        }
    }

    /**
     * A board with a window.
     *
     * @param overlap how far it covers the art, on each side
     * @param borders from the window to its outer edge
     */
    @RecordBuilder
    record Mat(Length thickness, Length overlap, Faces borders) implements LayerMatBuilder.With, Layer {
        @Override
        public Mat withThickness(Length newThickness) {
            return new Mat(newThickness, overlap, borders);
        }

        @Override
        public Material material() {
            return Material.MAT_BOARD;
        }

        @Override
        public String title() {
            return "Mat";
        }
    }

    /** The thing itself. */
    record Art(Material material, Length thickness) implements Layer {

        /** A sheet of paper. */
        public Art(Length thickness) {
            this(Material.PAPER, thickness);
        }

        @Override
        public Art withThickness(Length newThickness) {
            return new Art(material, newThickness);
        }

        @Override
        public String title() {
            return "Art";
        }
    }

    /** Strips round the edge, hidden under the lip, that keep the art off the glazing. */
    record Spacers(Length thickness) implements Layer {
        /** How wide the strips are. */
        public static final Length WIDE = Length.mm(5);

        @Override
        public Spacers withThickness(Length newThickness) {
            return new Spacers(newThickness);
        }

        @Override
        public Material material() {
            return Material.SPACER;
        }

        @Override
        public String title() {
            return "Spacers";
        }
    }

    /** Whether it is cut from a sheet. */
    default boolean isSheet() {
        return !(this instanceof Art) && !(this instanceof Spacers);
    }

    /** The board that closes the back. */
    record Backing(Material material, Length thickness) implements Layer {
        @Override
        public Backing withThickness(Length newThickness) {
            return new Backing(material, newThickness);
        }

        @Override
        public String title() {
            return titled(material);
        }
    }

    private static String titled(Material material) {
        String name = material.name();
        return material.isKnown() ? Sentence.capital(name) : Theirs.words(name);
    }
}
