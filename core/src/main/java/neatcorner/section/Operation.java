package neatcorner.section;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import neatcorner.measure.Length;

/**
 * One thing that is milled off the stick. Sizes across are measured along the face or side that the edge or groove is seen
 * on, depths square to it.
 *
 * <p>Passes: how many the maker takes; 0 for as many as tool and wood ask for.
 */
public sealed interface Operation {

    int passes();

    Operation withPasses(int newPasses);

    /** What a maker calls it, in US words, in lower case. */
    String title();

    /** The length that sizes it first of all: a radius, a width. */
    Length size();

    Operation withSize(Length newSize);

    /** The rabbet that holds the pack, at the place in the order where it is cut. */
    record PackRabbet(Rabbet rabbet, RabbetWay way, int passes) implements Operation {
        @Override
        public String title() {
            return "rabbet for the pack";
        }

        @Override
        public Length size() {
            return rabbet.width();
        }

        @Override
        public PackRabbet withSize(Length newSize) {
            return new PackRabbet(rabbet.withWidth(newSize), way, passes);
        }

        @Override
        public PackRabbet withPasses(int newPasses) {
            return new PackRabbet(rabbet, way, newPasses);
        }
    }

    /**
     * An edge shaped by a bit, a plane or a tilted blade.
     *
     * @param inset how far the tool is moved in across the face, from where it would shape the edge itself
     * @param sunk  how far it is moved in down the side; an ogee is a cove sunk by the radius of a round-over that is set in
     *              by the cove's
     */
    @RecordBuilder
    record Shaped(EdgeShape shape, Edge edge, Length size, Length depth, int passes, Length inset, Length sunk)
            implements
                OperationShapedBuilder.With,
                Operation {

        /** At the edge itself. */
        public Shaped(EdgeShape shape, Edge edge, Length size, Length depth, int passes) {
            this(shape, edge, size, depth, passes, Length.ZERO, Length.ZERO);
        }

        /** A cove of one radius and, set in, a round-over of another: an S from the side to the face. */
        public static List<Shaped> ogee(Edge edge, Length cove, Length round) {
            return List.of(new Shaped(EdgeShape.COVE, edge, cove, cove, 0, Length.ZERO, round),
                    new Shaped(EdgeShape.ROUND_OVER, edge, round, round, 0, cove, Length.ZERO));
        }

        /** How far across the face it reaches. */
        public Length width() {
            return inset.plus(shape == EdgeShape.BEAD ? size.times(2).plus(depth) : size);
        }

        /** How far down the side it reaches. */
        public Length reach() {
            return sunk.plus(switch (shape) {
                case ROUND_OVER, COVE, BEAD, CHAMFER, FACET -> size;
                case BEVEL, RABBET -> depth;
            });
        }

        @Override
        public String title() {
            return shape.title();
        }

        @Override
        public Shaped withSize(Length newSize) {
            return new Shaped(shape, edge, newSize, shape.hasDepth() ? depth : newSize, passes, inset, sunk);
        }

        @Override
        public Shaped withPasses(int newPasses) {
            return new Shaped(shape, edge, size, depth, newPasses, inset, sunk);
        }
    }

    /** A groove along a face; {@code from} is measured from the sight edge, on the sides from the front. */
    @RecordBuilder
    record Groove(Face face, Length from, Length size, Length depth,
            int passes) implements OperationGrooveBuilder.With, Operation {
        @Override
        public String title() {
            return "groove";
        }

        @Override
        public Groove withSize(Length newSize) {
            return new Groove(face, from, newSize, depth, passes);
        }

        @Override
        public Groove withPasses(int newPasses) {
            return new Groove(face, from, size, depth, newPasses);
        }
    }

    /** A strip ripped off the outer edge: until then the stick is that much wider than its face. */
    record Rip(Length size) implements Operation {
        @Override
        public int passes() {
            return 1;
        }

        @Override
        public Rip withPasses(int newPasses) {
            return this;
        }

        @Override
        public String title() {
            return "rip to width";
        }

        @Override
        public Rip withSize(Length newSize) {
            return new Rip(newSize);
        }
    }
}
