package neatcorner.desktop.document;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.Executor;

/** A thread that goes on only when it is told to, one piece of work at a time. */
final class Steps implements Executor {
    private final Deque<Runnable> waiting = new ArrayDeque<>();

    @Override
    public void execute(Runnable work) {
        waiting.add(work);
    }

    /** Does the next piece of work; false when there is none. */
    boolean step() {
        Runnable work = waiting.poll();
        if (work == null) {
            return false;
        }
        work.run();
        return true;
    }
}
