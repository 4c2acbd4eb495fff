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
            return "A rack holds at most " + Rack.MOST_KINDS + " kinds of sticks, boards and sheets each.";
        }
        if (job.pack().layers().size() > Pack.MOST_LAYERS) {
            return "A pack has at most " + Pack.MOST_LAYERS + " layers.";
        }
        if (job.reinforcement().size() > Job.MOST_REINFORCEMENTS) {
            return "A corner is held by at most " + Job.MOST_REINFORCEMENTS + " kinds of parts.";
        }
        return job.section().milling().operations().size() > Milling.MOST_OPERATIONS
                ? "A section has at most " + Milling.MOST_OPERATIONS + " cuts."
                : null;
    }
}
