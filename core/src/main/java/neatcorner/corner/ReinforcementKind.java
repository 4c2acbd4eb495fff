package neatcorner.corner;

import neatcorner.measure.Length;
import neatcorner.piece.CornerJoint;

/** The ways to hold a corner besides its glue, with what each of its sizes means. */
public enum ReinforcementKind {
    /** A slip in a slot sawn across the heel of the finished corner. */
    SPLINE("spline", "depth", "", Body.SLIP_OF_WOOD, Reach.FROM_HEEL, Seen.SHOWS, Clamps.NEEDED),
    /** A slip in a slot cut into the heel by a biscuit cutter. */
    SLIP("slip", "depth", "cutter", Body.SLIP_OF_WOOD, Reach.FROM_HEEL, Seen.SHOWS, Clamps.NEEDED),
    /** A flat tenon in mortises of both miters. */
    TENON("tenon", "length", "width", Body.SLIP_OF_WOOD, Reach.ACROSS, Seen.HIDDEN, Clamps.NEEDED),
    /** A pressed beech lens in two slots. */
    BISCUIT("biscuit", "across", "along", Body.SLIP_OF_WOOD, Reach.ACROSS, Seen.HIDDEN, Clamps.NEEDED),
    /** Round pins of wood across the joint. */
    DOWEL("dowel", "length", "", Body.ROD_OF_WOOD, Reach.ACROSS, Seen.HIDDEN, Clamps.NEEDED),
    /** Bent steel driven over the joint from the back. */
    V_NAIL("v-nail", "height", "span", Body.PLATE_OF_STEEL, Reach.FROM_BACK, Seen.HIDDEN, Clamps.SPARED),
    /** Thin headless nail through the outer edge. */
    PIN("pin", "length", "", Body.ROD_OF_STEEL, Reach.FROM_EDGE, Seen.SHOWS, Clamps.SPARED),
    /** Slim nail with a small head through the outer edge. */
    BRAD("brad", "length", "", Body.ROD_OF_STEEL, Reach.FROM_EDGE, Seen.SHOWS, Clamps.SPARED),
    /** Nail with a head through the outer edge. */
    NAIL("nail", "length", "", Body.ROD_OF_STEEL, Reach.FROM_EDGE, Seen.SHOWS, Clamps.SPARED),
    /** Across the joint at the back. */
    STAPLE("staple", "leg", "crown", Body.PLATE_OF_STEEL, Reach.FROM_BACK, Seen.HIDDEN, Clamps.NEEDED),
    /** Through the outer edge, countersunk. */
    SCREW("screw", "length", "", Body.ROD_OF_STEEL, Reach.FROM_EDGE, Seen.SHOWS, Clamps.SPARED),
    /** From a pocket in the back, slanting through the joint. */
    POCKET_SCREW("pocket screw", "length", "", Body.ROD_OF_STEEL, Reach.ACROSS, Seen.HIDDEN, Clamps.SPARED),
    /** A flat metal plate or L on the back. */
    BRACE("brace", "leg", "width", Body.PLATE_OF_STEEL, Reach.ON_BACK, Seen.HIDDEN, Clamps.NEEDED),
    /** A triangle of wood glued into the corner of the rabbet, behind the pack. */
    BLOCK("block", "leg", "", Body.SLIP_OF_WOOD, Reach.IN_RABBET, Seen.HIDDEN, Clamps.NEEDED),
    /** A round pin of wood through both cheeks of a lap. */
    PEG("peg", "through", "", Body.ROD_OF_WOOD, Reach.THROUGH, Seen.SHOWS, Clamps.NEEDED),
    /** A strip of corrugated steel driven over the joint from the back. */
    CORRUGATED("corrugated fastener", "height", "length", Body.PLATE_OF_STEEL, Reach.FROM_BACK, Seen.HIDDEN,
            Clamps.SPARED);

    /** What a part is: of wood it is glued in, and a round one has a diameter. */
    public enum Body {
        SLIP_OF_WOOD,
        ROD_OF_WOOD,
        PLATE_OF_STEEL,
        ROD_OF_STEEL
    }

    /** Where a part goes in, which says what may limit it, when it goes in, and which joints take it. */
    public enum Reach {
        FROM_HEEL,
        ACROSS,
        FROM_EDGE,
        FROM_BACK,
        ON_BACK,
        IN_RABBET,
        THROUGH;

        /** Laps and fingers take nothing inside, and are what pegs go through; a slot in the heel wants a miter. */
        private boolean suits(CornerJoint joint) {
            boolean lapped = joint == CornerJoint.LAP || joint == CornerJoint.MITRED_LAP || joint == CornerJoint.BOX;
            return switch (this) {
                case FROM_HEEL -> joint == CornerJoint.MITER;
                case ACROSS, FROM_BACK -> !lapped;
                case FROM_EDGE -> joint == CornerJoint.MITER || joint.isButted() || joint == CornerJoint.BOX;
                case ON_BACK, IN_RABBET -> true;
                case THROUGH -> lapped;
            };
        }
    }

    /** Whether a part is seen on the finished frame, from the front or the side. */
    private enum Seen {
        SHOWS,
        HIDDEN
    }

    /** Whether a corner that such a part is driven into stays shut while its glue sets. */
    private enum Clamps {
        SPARED,
        NEEDED
    }

    /** A mortise or hole is deeper than half the part, for glue: common practice. */
    public static final Length GLUE_ROOM = Length.mm(1);

    private final String title;
    private final String sizeName;
    private final String widthName;
    private final Body body;
    private final Reach reach;
    private final Seen seen;
    private final Clamps clamps;

    ReinforcementKind(String title, String sizeName, String widthName, Body body, Reach reach, Seen seen,
            Clamps clamps) {
        this.title = title;
        this.sizeName = sizeName;
        this.widthName = widthName;
        this.body = body;
        this.reach = reach;
        this.seen = seen;
        this.clamps = clamps;
    }

    /** What a maker calls one of them, in US words, lower case. */
    public String title() {
        return title;
    }

    /** What its governing size is called. */
    public String sizeName() {
        return sizeName;
    }

    /** What its second size is called; empty when it has none. */
    public String widthName() {
        return widthName;
    }

    /** What its thin size is called. */
    public String thicknessName() {
        return isRound() ? "diameter" : "thickness";
    }

    /** What it is. */
    public Body body() {
        return body;
    }

    /** Whether its thin size is a diameter. */
    public boolean isRound() {
        return body == Body.ROD_OF_WOOD || body == Body.ROD_OF_STEEL;
    }

    /** Whether its thin size is told by a gauge. */
    public boolean isScrew() {
        return this == SCREW || this == POCKET_SCREW;
    }

    /** Driven from both outer edges alike: as many again from the other side. */
    public boolean isFromBothSides() {
        return this == PIN || this == BRAD || this == NAIL;
    }

    /** Whether it is seen on the finished frame, from the front or the side. */
    public boolean shows() {
        return seen == Seen.SHOWS;
    }

    /** Where it goes in. */
    public Reach reach() {
        return reach;
    }

    /** Whether it is put in once the corner is glued, and so needs no room in the glue-up: all but what crosses the joint. */
    public boolean isAfterGlue() {
        return reach != Reach.ACROSS;
    }

    /** Whether it is glued in, so that its faces count as glue area. */
    public boolean isGlued() {
        return body == Body.SLIP_OF_WOOD || body == Body.ROD_OF_WOOD;
    }

    /** Whether it keeps a corner shut while the glue sets, so that no clamp has to. */
    public boolean sparesClamps() {
        return clamps == Clamps.SPARED;
    }

    /** Whether it sits in a mortise, hole or slot that is deeper than itself. */
    public boolean isMortised() {
        return reach == Reach.ACROSS && isGlued();
    }

    /** Whether it can hold such a joint. */
    public boolean suits(CornerJoint joint) {
        return reach.suits(joint);
    }
}
