package neatcorner.fitout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import neatcorner.measure.Length;
import neatcorner.section.Rabbet;

/** All that lies in the rabbet, from the glazing at the front to the backing; retainers come on top. */
public record Pack(List<Layer> layers) {
    /** No rabbet holds more layers. */
    public static final int MOST_LAYERS = 30;

    public Pack {
        layers = List.copyOf(layers);
    }

    /** Of all layers together. */
    public Length thickness() {
        return Length.sum(layers.stream().map(Layer::thickness).toList());
    }

    /** The first mat, if there is one: it sets the window. */
    public Optional<Layer.Mat> mat() {
        return layers.stream().filter(Layer.Mat.class::isInstance).map(Layer.Mat.class::cast).findFirst();
    }

    /**
     * Depth of rabbet that the pack leaves for retainers; negative when it stands proud. In a double rabbet the backing
     * lies on the step, or on the rest of the pack if that is higher.
     */
    public Length spare(Rabbet rabbet) {
        Rabbet.Step step = rabbet.step();
        return step != null && liesOnStep(rabbet)
                ? step.depth().minus(backing())
                : rabbet.depth().minus(thickness());
    }

    /** Whether the backing lies on the second step, above a gap, and not on the rest of the pack. */
    public boolean liesOnStep(Rabbet rabbet) {
        return rabbet.step() != null && rabbet.frontDepth().isMoreThan(thickness().minus(backing()));
    }

    /** Thickness of all that lies behind the art. */
    public Length backing() {
        return Length.sum(layers.stream().filter(Layer.Backing.class::isInstance).map(Layer::thickness).toList());
    }

    /** With one layer changed; as it is when it has no such layer. */
    public Pack with(int index, UnaryOperator<Layer> change) {
        if (index >= layers.size()) {
            return this;
        }
        List<Layer> changed = new ArrayList<>(layers);
        changed.set(index, change.apply(layers.get(index)));
        return new Pack(changed);
    }

    /** Without the layer of that index, from 0 at the front. */
    public Pack without(int index) {
        List<Layer> changed = new ArrayList<>(layers);
        changed.remove(index);
        return new Pack(changed);
    }

    /** With the mat replaced; without a mat nothing changes. */
    public Pack withMat(Layer.Mat mat) {
        return new Pack(layers.stream().map(layer -> layer instanceof Layer.Mat ? mat : layer).toList());
    }

    /** With a layer added where it belongs: glazing, mats, art, backings, in that order. */
    public Pack plus(Layer layer) {
        List<Layer> changed = new ArrayList<>(layers);
        int at = 0;
        while (at < changed.size() && rank(changed.get(at)) <= rank(layer)) {
            at++;
        }
        changed.add(at, layer);
        return new Pack(changed);
    }

    private static int rank(Layer layer) {
        return switch (layer) {
            case Layer.Glazing glazing -> 0;
            case Layer.Mat mat -> 1;
            case Layer.Spacers spacers -> 1;
            case Layer.Art art -> 2;
            case Layer.Backing backing -> 3;
        };
    }
}
