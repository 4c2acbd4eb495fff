package neatcorner.desktop.document;

import java.util.function.UnaryOperator;
import neatcorner.job.Job;
import neatcorner.plan.Edit;

/**
 * Something that a maker does to a job, or to the shop.
 *
 * @param name what it is called where it can be undone, in US words: "wood", "cut the rabbet deeper"
 * @param edit what it does; may be done to a job and a shop that are newer than any that were shown
 */
public record Change(String name, Edit edit) {

    /** A change of the job alone. */
    public Change(String name, UnaryOperator<Job> change) {
        this(name, Edit.job(change));
    }
}
