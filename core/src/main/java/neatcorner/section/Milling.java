package neatcorner.section;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * How a blank becomes the section: what it is glued from, how the pack's rabbet is cut and when, and all else that is
 * milled off, in order.
 *
 * @param way        of cutting the rabbet
 * @param rabbetPasses 0 for as many as it takes
 * @param rabbetAt   how many of the operations come before the rabbet
 * @param operations all but the rabbet; no {@link Operation.PackRabbet} among them
 */
@RecordBuilder
public record Milling(Layers layers, RabbetWay way, int rabbetPasses, int rabbetAt,
        List<Operation> operations) implements MillingBuilder.With {
    /** No section is milled in more cuts than this, besides the rabbet. */
    public static final int MOST_OPERATIONS = 40;

    /** A blank of one piece, with nothing but its rabbet, cut first and by router. */
    public static final Milling PLAIN = new Milling(Layers.NONE, RabbetWay.ROUTER, 0, 0, List.of());

    /** Throws {@link IllegalArgumentException} when the pack's rabbet is listed as an operation. */
    public Milling {
        operations = List.copyOf(operations);
        if (operations.stream().anyMatch(Operation.PackRabbet.class::isInstance)) {
            throw new IllegalArgumentException("the pack's rabbet has its own place");
        }
        rabbetAt = Math.max(0, Math.min(rabbetAt, operations.size()));
    }

    /** Whether the stick's end is other than a rectangle with the pack's rabbet. */
    public boolean shapes() {
        return !operations.isEmpty() || !layers.isEmpty();
    }

    /** All operations with the rabbet in its place. */
    public List<Operation> order(Rabbet rabbet) {
        List<Operation> order = new ArrayList<>(operations);
        order.add(rabbetAt, new Operation.PackRabbet(rabbet, way, rabbetPasses));
        return List.copyOf(order);
    }

    /** With one more cut, after all others. */
    public Milling plus(Operation operation) {
        List<Operation> more = new ArrayList<>(operations);
        more.add(operation);
        return new Milling(layers, way, rabbetPasses, rabbetAt, more);
    }

    /** With the operation at a place of the whole order changed; a changed rabbet gives only its passes here. */
    public Milling with(int place, Operation changed) {
        if (changed instanceof Operation.PackRabbet rabbet) {
            return new Milling(layers, rabbet.way(), rabbet.passes(), rabbetAt, operations);
        }
        if (place == rabbetAt || place > operations.size()) {
            return this;
        }
        List<Operation> all = new ArrayList<>(operations);
        all.set(index(place), changed);
        return new Milling(layers, way, rabbetPasses, rabbetAt, all);
    }

    /** With the operation at a place of the whole order changed; the rabbet stays, and so does all where there is none. */
    public Milling with(int place, UnaryOperator<Operation> change) {
        if (place == rabbetAt || place < 0 || place > operations.size()) {
            return this;
        }
        List<Operation> all = new ArrayList<>(operations);
        all.set(index(place), change.apply(all.get(index(place))));
        return new Milling(layers, way, rabbetPasses, rabbetAt, all);
    }

    /** Without the operation at a place of the whole order; the rabbet stays. */
    public Milling without(int place) {
        if (place == rabbetAt || place < 0 || place > operations.size()) {
            return this;
        }
        List<Operation> all = new ArrayList<>(operations);
        all.remove(index(place));
        return new Milling(layers, way, rabbetPasses, place < rabbetAt ? rabbetAt - 1 : rabbetAt, all);
    }

    /** With the operation at one place of the whole order moved to another. */
    public Milling moved(int from, int to) {
        int last = operations.size();
        if (from == to || from < 0 || to < 0 || from > last || to > last) {
            return this;
        }
        if (from == rabbetAt) {
            return new Milling(layers, way, rabbetPasses, to, operations);
        }
        List<Operation> all = new ArrayList<>(operations);
        Operation moving = all.remove(index(from));
        int rabbet = from < rabbetAt ? rabbetAt - 1 : rabbetAt;
        int target = to > rabbet ? to - 1 : to;
        all.add(target, moving);
        return new Milling(layers, way, rabbetPasses, to <= rabbet ? rabbet + 1 : rabbet, all);
    }

    private int index(int place) {
        return place > rabbetAt ? place - 1 : place;
    }
}
