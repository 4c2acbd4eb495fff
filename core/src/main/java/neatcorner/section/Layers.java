package neatcorner.section;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.wood.Species;

/**
 * What a built-up section is glued from: boards on each other's faces, the front one first; or strips edge to edge, the
 * one at the sight edge first. Empty for a section of one piece.
 *
 * @param edgeToEdge strips side by side instead of boards on each other
 */
public record Layers(boolean edgeToEdge, List<Ply> plies) {
    public static final Layers NONE = new Layers(false, List.of());

    public Layers {
        plies = List.copyOf(plies);
    }

    /** Whether the section is of one piece. */
    public boolean isEmpty() {
        return plies.isEmpty();
    }

    /** Their sizes together: what the section must be thick, or wide. */
    public Length total() {
        return Length.sum(plies.stream().map(Ply::size).toList());
    }

    /** With one board changed. Throws {@link IndexOutOfBoundsException} when there is no such board. */
    public Layers with(int index, Ply ply) {
        List<Ply> changed = new ArrayList<>(plies);
        changed.set(index, ply);
        return new Layers(edgeToEdge, changed);
    }

    /** With one board of another wood; as it is when there is no such board. */
    public Layers withWood(int index, Species wood) {
        return index >= plies.size()
                ? this
                : with(index, new Ply(wood, plies.get(index).size(), plies.get(index).inset()));
    }

    /** With one board of another thickness, or width for strips. */
    public Layers withSize(int index, Length size) {
        return with(index, new Ply(plies.get(index).wood(), size, plies.get(index).inset()));
    }
}
