package neatcorner.section;

import neatcorner.measure.Length;
import neatcorner.wood.Species;

/**
 * One board of a built-up section.
 *
 * @param size  its thickness when boards lie on each other's faces, its width when strips are glued edge to edge
 * @param inset how far it is stepped back from the outer edge, or from the front for strips
 */
public record Ply(Species wood, Length size, Length inset) {}
