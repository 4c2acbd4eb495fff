package neatcorner.corner;

import neatcorner.measure.Length;
import neatcorner.piece.CornerJoint;

/** The ways to hold a corner besides its glue, with what each of its sizes means. */
public enum ReinforcementKind {
    /** A slip in a slot sawn across the heel of the finished corner. */
    SPLINE("spline", "depth", "", true, Reach.FROM_HEEL),
    /** A slip in a slot cut into the heel by a biscuit cutter. */
    SLIP("slip", "depth", "cutter", true, Reach.FROM_HEEL),
    /** A flat tenon in mortises of both miters. */
    TENON("tenon", "length", "width", false, Reach.ACROSS),
    /** A pressed beech lens in two slots. */
    BISCUIT("biscuit", "across", "along", false, Reach.ACROSS),
    /** Round pins of wood across the joint. */
    DOWEL("dowel", "length", "", false, Reach.ACROSS),
    /** Bent steel driven over the joint from the back. */
    V_NAIL("v-nail", "height", "span", false, Reach.FROM_BACK),
    /** Thin headless nail through the outer edge. */
    PIN("pin", "length", "", true, Reach.FROM_EDGE),
    /** Slim nail with a small head through the outer edge. */
    BRAD("brad", "length", "", true, Reach.FROM_EDGE),
    /** Nail with a head through the outer edge. */
    NAIL("nail", "length", "", true, Reach.FROM_EDGE),
    /** Across the joint at the back. */
    STAPLE("staple", "leg", "crown", false, Reach.FROM_BACK),
    /** Through the outer edge, countersunk. */
    SCREW("screw", "length", "", true, Reach.FROM_EDGE),
    /** From a pocket in the back, slanting through the joint. */
    POCKET_SCREW("pocket screw", "length", "", false, Reach.ACROSS),
    /** A flat metal plate or L on the back. */
    BRACE("brace", "leg", "width", false, Reach.ON_BACK),
    /** A triangle of wood glued into the corner of the rabbet, behind the pack. */
    BLOCK("block", "leg", "", false, Reach.IN_RABBET),
    /** A round pin of wood through both cheeks of a lap. */
    PEG("peg", "through", "", true, Reach.THROUGH),
    /** A strip of corrugated steel driven over the joint from the back. */
    CORRUGATED("corrugated fastener", "height", "length", false, Reach.FROM_BACK);

    /** Where a part goes in, which says what may limit it. */
    public enum Reach {
        FROM_HEEL,
        ACROSS,
        FROM_EDGE,
        FROM_BACK,
        ON_BACK,
        IN_RABBET,
        THROUGH
    }

    /** A mortise or hole is deeper than half the part, for glue: common practice. */
    public static final Length GLUE_ROOM = Length.mm(1);

    private final String title;
    private final String sizeName;
    private final String widthName;
    private final boolean shows;
    private final Reach reach;

    ReinforcementKind(String title, String sizeName, String widthName, boolean shows, Reach reach) {
        this.title = title;
        this.sizeName = sizeName;
        this.widthName = widthName;
        this.shows = shows;
        this.reach = reach;
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

    /** Whether its thin size is a diameter. */
    public boolean isRound() {
        return switch (this) {
            case DOWEL, PIN, BRAD, NAIL, SCREW, POCKET_SCREW, PEG -> true;
            case SPLINE, SLIP, TENON, BISCUIT, V_NAIL, STAPLE, BRACE, BLOCK, CORRUGATED -> false;
        };
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
        return shows;
    }

    /** Where it goes in. */
    public Reach reach() {
        return reach;
    }

    /** Whether it is put in once the corner is glued, and so needs no room in the glue-up. */
    public boolean isAfterGlue() {
        return switch (this) {
            case SPLINE, SLIP, PEG, BRACE, BLOCK, STAPLE, SCREW, PIN, BRAD, NAIL, V_NAIL, CORRUGATED -> true;
            case TENON, BISCUIT, DOWEL, POCKET_SCREW -> false;
        };
    }

    /** Whether it is glued in, so that its faces count as glue area. */
    public boolean isGlued() {
        return switch (this) {
            case SPLINE, SLIP, TENON, BISCUIT, DOWEL, BLOCK, PEG -> true;
            case V_NAIL, PIN, BRAD, NAIL, STAPLE, SCREW, POCKET_SCREW, BRACE, CORRUGATED -> false;
        };
    }

    /** Whether it sits in a mortise, hole or slot that is deeper than itself. */
    public boolean isMortised() {
        return this == TENON || this == BISCUIT || this == DOWEL;
    }

    /** Whether it can hold such a joint: pegs hold laps, and laps and fingers take nothing inside. */
    public boolean suits(CornerJoint joint) {
        boolean lapped = joint == CornerJoint.LAP || joint == CornerJoint.MITRED_LAP || joint == CornerJoint.BOX;
        return switch (this) {
            case PEG -> lapped;
            case SPLINE, SLIP -> joint == CornerJoint.MITER;
            case TENON, BISCUIT, DOWEL, V_NAIL, STAPLE, POCKET_SCREW, CORRUGATED -> !lapped;
            case PIN, BRAD, NAIL, SCREW -> joint == CornerJoint.MITER || joint.isButted()
                    || joint == CornerJoint.BOX;
            case BRACE, BLOCK -> true;
        };
    }
}
