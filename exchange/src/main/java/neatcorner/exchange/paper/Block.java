package neatcorner.exchange.paper;

/**
 * Something that stands on paper in one piece, points.
 *
 * @param room   it is begun on a new sheet where less is left on one
 * @param height what it takes; what comes next stands below
 * @param drawn  draws it, from the left end of its upper edge
 */
record Block(double room, double height, Drawn drawn) {

    /** Draws from a place on. */
    @FunctionalInterface
    interface Drawn {
        void at(Ink ink, double x, double y);
    }

    /** One that needs as much room as it takes. */
    static Block of(double height, Drawn drawn) {
        return new Block(height, height, drawn);
    }
}
