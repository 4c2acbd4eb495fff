package neatcorner.desktop.document;

import neatcorner.fitout.Pack;
import neatcorner.job.Job;
import neatcorner.section.Milling;
import neatcorner.stock.Rack;
import org.jspecify.annotations.Nullable;

/** What no job may have more of: its file could not be read again, and no maker meets it. */
final class Limits {
    private Limits() {}

    /** One line about what there would be too much of; null when all is within limits. */
    static @Nullable String beyond(Job job) {
        Rack rack = job.stock();
        if (rack.sticks().size() > Rack.MOST_KINDS || rack.boards().size() > Rack.MOST_KINDS
                || rack.sheets().size() > Rack.MOST_KINDS) {
            return DocumentTexts.MOST_ON_A_RACK.formatted(Rack.MOST_KINDS);
        }
        if (job.pack().layers().size() > Pack.MOST_LAYERS) {
            return DocumentTexts.MOST_IN_A_PACK.formatted(Pack.MOST_LAYERS);
        }
        if (job.reinforcement().size() > Job.MOST_REINFORCEMENTS) {
            return DocumentTexts.MOST_AT_A_CORNER.formatted(Job.MOST_REINFORCEMENTS);
        }
        return job.section().milling().operations().size() > Milling.MOST_OPERATIONS
                ? DocumentTexts.MOST_CUTS.formatted(Milling.MOST_OPERATIONS)
                : null;
    }
}
