package neatcorner.reference;

import java.lang.reflect.AnnotatedElement;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.lifecycle.AroundTryHook;
import net.jqwik.api.lifecycle.Lifespan;
import net.jqwik.api.lifecycle.PropagationMode;
import net.jqwik.api.lifecycle.Store;
import net.jqwik.api.lifecycle.TryExecutionResult;
import net.jqwik.api.lifecycle.TryExecutor;
import net.jqwik.api.lifecycle.TryLifecycleContext;

/**
 * No property draws more often than {@code -Dneatcorner.draws} says, whatever number it has of its own: where a test is run once for
 * each place of the code that is spoiled, a few draws have to do. Without it each draws as often as it says.
 */
public final class FewDraws implements AroundTryHook {
    private static final int MOST = Integer.getInteger("neatcorner.draws", Integer.MAX_VALUE);

    @Override
    public TryExecutionResult aroundTry(TryLifecycleContext context, TryExecutor one, List<Object> drawn) {
        Store<Integer> done = Store.getOrCreate(context.targetMethod(), Lifespan.PROPERTY,
                () -> 0);
        done.update(tries -> tries + 1);
        return done.get() > MOST ? TryExecutionResult.satisfied(true) : one.execute(drawn);
    }

    @Override
    public PropagationMode propagateTo() {
        return PropagationMode.ALL_DESCENDANTS;
    }

    @Override
    public boolean appliesTo(Optional<AnnotatedElement> element) {
        return MOST < Integer.MAX_VALUE;
    }
}
