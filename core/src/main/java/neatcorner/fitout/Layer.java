package neatcorner.fitout;

import neatcorner.measure.Length;
import neatcorner.outline.Faces;

/** One layer of the pack, from the front. */
public sealed interface Layer {

    Length thickness();

    Layer withThickness(Length thickness);

    Material material();

    /** What a maker calls it, in US words, capitalised. */
    String title();

    /** The pane in front. */
    record Glazing(Material material, Length thickness) implements Layer {
        @Override
        public Glazing withThickness(Length newThickness) {
            return new Glazing(material, newThickness);
        }

        @Override
        public String title() {
            return capital(material.name());
        }
    }

    /**
     * A board with a window.
     *
     * @param overlap how far it covers the art, on each side
     * @param borders from the window to its outer edge
     */
    record Mat(Length thickness, Length overlap, Faces borders) implements Layer {
        @Override
        public Mat withThickness(Length newThickness) {
            return new Mat(newThickness, overlap, borders);
        }

        public Mat withOverlap(Length newOverlap) {
            return new Mat(thickness, newOverlap, borders);
        }

        public Mat withBorders(Faces newBorders) {
            return new Mat(thickness, overlap, newBorders);
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
    record Art(Length thickness) implements Layer {
        @Override
        public Art withThickness(Length newThickness) {
            return new Art(newThickness);
        }

        @Override
        public Material material() {
            return Material.PAPER;
        }

        @Override
        public String title() {
            return "Art";
        }
    }

    /** The board that closes the back. */
    record Backing(Material material, Length thickness) implements Layer {
        @Override
        public Backing withThickness(Length newThickness) {
            return new Backing(material, newThickness);
        }

        @Override
        public String title() {
            return capital(material.name());
        }
    }

    private static String capital(String name) {
        return name.isEmpty() ? name : Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }
}
