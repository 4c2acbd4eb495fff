package neatcorner.corner.solid;

import neatcorner.section.SafeZone;

/**
 * Wood that must stay between a part and the surfaces of the stick, in mm. Zero where the part comes out of that surface on
 * purpose.
 *
 * @param front  from the front face and milled edges
 * @param outer  from the outer edge
 * @param sight  from the sight edge
 * @param hidden from the rabbet and grooves behind
 * @param back   from the back face
 * @param heel   of what is driven through an outer edge, from the other piece's outer edge: nearer, it splits the heel off
 */
record Margins(double front, double outer, double sight, double hidden, double back, double heel) {
    /** Driven or sawn in: common practice. */
    private static final double LEAST = 3;
    /** A V-nail, or a corrugated fastener, nearer to an edge splits it: common practice. */
    private static final double V_NAIL_EDGE = 6;
    /** Of what sits in a mortise or hole across the joint. */
    static final Margins MORTISED = new Margins(SafeZone.FROM_SHOWN, SafeZone.FROM_SHOWN, SafeZone.FROM_SHOWN,
            SafeZone.FROM_HIDDEN, SafeZone.FROM_HIDDEN, 0);
    /** Of what is driven over the joint from the back and splits what it is driven too near to. */
    static final Margins SPLITTING = new Margins(LEAST, V_NAIL_EDGE, V_NAIL_EDGE, LEAST, 0, 0);
    /** Of what is driven through an outer edge. */
    static final Margins THROUGH_EDGE = new Margins(LEAST, 0, LEAST, LEAST, LEAST, LEAST);
    /** Of what comes from the back. */
    static final Margins BEHIND = new Margins(LEAST, LEAST, LEAST, LEAST, 0, 0);
    /** Of what goes from the front face to the back. */
    static final Margins RIGHT_THROUGH = new Margins(0, LEAST, LEAST, LEAST, 0, 0);
    /** Only what is wood and what is air. */
    static final Margins NONE = new Margins(0, 0, 0, 0, 0, 0);

    /** Only what is wood and what is air, the air outside the outer face included; on turned wood. */
    static final Margins WITHIN = new Margins(0, Double.MIN_NORMAL, 0, 0, 0, 0);

    /** Whether a part may come in through the outer face. */
    boolean isOpenOutside() {
        return outer <= 0;
    }

    /**
     * Of a slot in the heel of a corner of this interior angle, radians. It is measured along the diagonal: 3 mm of it stay
     * before the rabbet.
     */
    static Margins ofSlot(double interior) {
        double along = LEAST * Math.abs(Math.sin(interior / 2));
        return new Margins(LEAST, 0, along, along, LEAST, 0);
    }

    /** For a part that goes in through the sight edge. */
    Margins throughSight() {
        return new Margins(front, outer, 0, hidden, back, heel);
    }
}
