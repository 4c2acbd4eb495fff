package neatcorner.glueup.schedule;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A frame's steps, one after the other. Frames that are sawn together share the steps up to the saw: the first of them has
 * these steps for all, and the others follow it.
 *
 * @param ready     minute before which its first step cannot start: a running wait, or 0
 * @param by        minute by which its first step must begin, as glue that is going off; {@link WorkCalendar#NEVER} where it can
 *                  wait
 * @param notBefore for each step, the minute before which the maker does not want it; 0 for no wish
 * @param forAll    how many of its first steps are done for the frames that follow it as well
 * @param follows   the frame whose steps for all come before its own; null when it waits for none
 */
@RecordBuilder
public record Chain(String frame, List<Task> tasks, long ready, long by, List<Long> notBefore, int forAll,
        @Nullable String follows) implements ChainBuilder.With {

    /**
     * Throws {@link IllegalArgumentException} unless there is a wish, or none, for every step, a step for all is its own, and one
     * that must follow soon takes nothing that it might have to wait for.
     */
    public Chain {
        tasks = List.copyOf(tasks);
        notBefore = List.copyOf(notBefore);
        if (notBefore.size() != tasks.size()) {
            throw new IllegalArgumentException("as many wishes as steps");
        }
        if (forAll < 0 || forAll > tasks.size()) {
            throw new IllegalArgumentException("steps for all are steps of its own: " + forAll);
        }
        for (int i = 1; i < tasks.size(); i++) {
            if (tasks.get(i - 1).isHurried() && !tasks.get(i).takes().isEmpty()) {
                throw new IllegalArgumentException("a step that cannot wait takes nothing: " + tasks.get(i).name());
            }
        }
    }

    /** Of a frame that is made by itself. */
    public Chain(String frame, List<Task> tasks) {
        this(frame, tasks, 0, WorkCalendar.NEVER, tasks.stream().map(task -> 0L).toList(), 0, null);
    }

    /** With a step that may not begin before a minute from the start. */
    public Chain withNotBefore(int task, long minute) {
        List<Long> wishes = new ArrayList<>(notBefore);
        wishes.set(task, minute);
        return new Chain(frame, tasks, ready, by, wishes, forAll, follows);
    }

    /** Begun only when another frame's first step is done; null for none. */
    public Chain following(@Nullable String other) {
        return new Chain(frame, tasks, ready, by, notBefore, forAll, other);
    }

    /** Under another name. */
    public Chain named(String other) {
        return new Chain(other, tasks, ready, by, notBefore, forAll, follows);
    }
}
