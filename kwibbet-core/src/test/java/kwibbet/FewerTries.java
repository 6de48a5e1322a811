package kwibbet;

import net.jqwik.api.lifecycle.AroundPropertyHook;
import net.jqwik.api.lifecycle.PropagationMode;
import net.jqwik.api.lifecycle.PropertyExecutionResult;
import net.jqwik.api.lifecycle.PropertyExecutor;
import net.jqwik.api.lifecycle.PropertyLifecycleContext;

/** Holds a property that says its own number of tries to what the build allows, as {@link Tries} does for loops. */
public final class FewerTries implements AroundPropertyHook {

    @Override
    public PropertyExecutionResult aroundProperty(PropertyLifecycleContext context, PropertyExecutor property) {
        context.attributes().tries().ifPresent(tries -> context.attributes().setTries(Tries.of(tries)));
        return property.execute();
    }

    @Override
    public PropagationMode propagateTo() {
        return PropagationMode.ALL_DESCENDANTS;
    }
}
