package neatcorner.glueup.jig;

import java.util.List;
import neatcorner.measure.Length;
import neatcorner.measure.Reading;
import neatcorner.measure.Sentence;
import neatcorner.outline.Vertex;

/**
 * A jig to build: what to cut, templates at full size, what to set for the job at hand, and how it is put together.
 *
 * @param settings figures for this job
 */
public record JigDesign(Kind kind, List<Part> parts, List<Template> templates, List<Reading> settings,
        List<Sentence> steps) {

    /** The jigs that are offered. */
    public enum Kind {
        CORNER_JIG("Corner clamping jig"),
        GLUING_CORNER("Gluing corner"),
        SLED("Miter sled"),
        CRADLE("Spline cradle"),
        BAND_BLOCKS("Band blocks");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        /** What it is called, in US words. */
        public String title() {
            return title;
        }
    }

    /** A panel of the jig, all of one thickness of board. */
    public record Part(String name, int count, Length length, Length width) {}

    /**
     * A part's outline at full size, in mm, x to the right, y down.
     *
     * @param lines to be marked on it
     */
    public record Template(String name, List<Vertex> outline, List<Hole> holes, List<List<Vertex>> lines) {

        public Template {
            outline = List.copyOf(outline);
            holes = List.copyOf(holes);
            lines = lines.stream().map(List::copyOf).toList();
        }
    }

    /** A hole to drill, mm. */
    public record Hole(Vertex at, double diameter) {}

    public JigDesign {
        parts = List.copyOf(parts);
        templates = List.copyOf(templates);
        settings = List.copyOf(settings);
        steps = List.copyOf(steps);
    }
}
