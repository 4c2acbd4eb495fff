package neatcorner.glueup;

import java.util.List;

/**
 * A frame's steps, one after the other.
 *
 * @param ready     minute before which its first step cannot start: a running wait, or 0
 * @param notBefore for each step, the minute before which the maker does not want it; 0 for no wish
 */
public record Chain(String frame, List<Task> tasks, long ready, List<Long> notBefore) {

    /** Throws {@link IllegalArgumentException} unless there is a wish, or none, for every step. */
    public Chain {
        tasks = List.copyOf(tasks);
        notBefore = List.copyOf(notBefore);
        if (notBefore.size() != tasks.size()) {
            throw new IllegalArgumentException("as many wishes as steps");
        }
    }

    public Chain(String frame, List<Task> tasks) {
        this(frame, tasks, 0, tasks.stream().map(task -> 0L).toList());
    }

    public Chain withNotBefore(int task, long minute) {
        List<Long> wishes = new java.util.ArrayList<>(notBefore);
        wishes.set(task, minute);
        return new Chain(frame, tasks, ready, wishes);
    }
}
