package neatcorner.desktop.document;

import java.util.function.UnaryOperator;
import neatcorner.job.Job;

/**
 * Something that a maker does to a job.
 *
 * @param name what it is called where it can be undone, in US words: "wood", "cut the rabbet deeper"
 * @param of   the changed job; must be pure, and may be applied to a job that is newer than any that was shown
 */
public record Change(String name, UnaryOperator<Job> of) {}
