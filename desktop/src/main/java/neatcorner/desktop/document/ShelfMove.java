package neatcorner.desktop.document;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.section.Section;
import neatcorner.stock.Stick;

/**
 * Offcuts of one section that are put on the shop's shelf, or taken from it.
 *
 * @param section what they are of
 * @param put     onto the shelf
 * @param taken   from it
 */
public record ShelfMove(Section section, List<Stick> put, List<Stick> taken) {

    public ShelfMove {
        put = List.copyOf(put);
        taken = List.copyOf(taken);
    }

    ShelfMove reversed() {
        return new ShelfMove(section, taken, put);
    }

    /** What lies on the shelf afterwards, the longest first. What is not there any more cannot be taken. */
    List<Stick> in(List<Stick> shelf) {
        List<Stick> all = new ArrayList<>(shelf);
        taken.forEach(all::remove);
        all.addAll(put);
        all.sort(Comparator.comparing(Stick::length).reversed());
        return List.copyOf(all);
    }
}
