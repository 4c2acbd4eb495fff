package neatcorner.measure;

/**
 * Lengths that there can be of something. Both systems have round limits of their own; a length is refused only beyond
 * those of both.
 */
public enum LengthRange {
    /** From a stamp to a wall. */
    FRAME("a frame", 1, 20_000, 1.0 / 32, 800),
    /** What comes on a lorry. */
    STOCK("a stick, board or sheet", 1, 50_000, 1.0 / 32, 2_000),
    /** Across a stick, a board or a veneer: no tree gives more. */
    ACROSS("the width or thickness of wood", 0.1, 2_000, 1.0 / 64, 80),
    /** What is cut into wood; zero where there is no such cut. */
    CUT("a cut into wood", 0, 1_000, 0, 40),
    /** What a blade takes; zero for a knife. */
    KERF("a kerf", 0, 25, 0, 1),
    /** Between pack and rabbet, so that it can be put in and swell. */
    PLAY("play a side", 0, 50, 0, 2),
    /** Something that is in the pack; an object may be deep. */
    LAYER("a layer of the pack", 0, 500, 0, 20),
    BORDER("a border of a mat", 0, 2_000, 0, 80),
    /** What is left on, cut off, or let pass. */
    ALLOWANCE("an allowance", 0, 20_000, 0, 800),
    /** What goes into a corner; zero for a size that it has not. */
    PART("a part in a corner", 0, 1_000, 0, 40),
    /** A place in a corner, from its heel or its face. */
    PLACE("a place in a corner", -1_000, 1_000, -40, 40),
    /** Open, or stepped, on either side. */
    GAP("a gap", -100, 100, -4, 4),
    /** Of finished wood; zero when it was not measured. */
    MEASURED("a measured length", 0, 50_000, 0, 2_000),
    /** Of saws, jigs and clamps. */
    TOOL("a tool", 0, 50_000, 0, 2_000),
    /** From hole to hole in an arm of a jig. */
    PITCH("the arm of a jig", 1, 50_000, 1.0 / 32, 2_000),
    /** Of an outline's corners, from anywhere. */
    POINT("a corner's place", -20_000, 20_000, -800, 800);

    private final String what;
    private final double leastMm;
    private final double mostMm;
    private final double leastInch;
    private final double mostInch;

    LengthRange(String what, double leastMm, double mostMm, double leastInch, double mostInch) {
        this.what = what;
        this.leastMm = leastMm;
        this.mostMm = mostMm;
        this.leastInch = leastInch;
        this.mostInch = mostInch;
    }

    /** The shortest that either system's limit lets be. */
    public Length least() {
        return Length.min(Length.mm(leastMm), Length.inches(leastInch));
    }

    /** The longest that either system's limit lets be. */
    public Length most() {
        return Length.max(Length.mm(mostMm), Length.inches(mostInch));
    }

    /** Whether a length is within the limits, these included. */
    public boolean contains(Length length) {
        return !length.isLessThan(least()) && !length.isMoreThan(most());
    }

    /** The length of this range that is nearest to another. */
    public Length nearest(Length length) {
        return Length.max(least(), Length.min(most(), length));
    }

    /** "a length from 1 mm to 20000 mm, for a frame". */
    public String text(Notation notation) {
        boolean metric = notation.units() == Units.MILLIMETRES;
        return "a length from %s to %s, for %s".formatted(
                notation.text(metric ? Length.mm(leastMm) : Length.inches(leastInch)),
                notation.text(metric ? Length.mm(mostMm) : Length.inches(mostInch)), what);
    }
}
