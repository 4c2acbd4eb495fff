package neatcorner.measure;

/** The grammar of {@link LengthGrammar} as a regular expression, as far as one can say it. */
final class LengthPattern {
    private static final String VULGAR = "[½⅓⅔¼¾⅛⅜⅝⅞]";
    private static final String DECIMAL = "(?:[0-9]+(?:\\.[0-9]*|,[0-9]+)?|\\.[0-9]+)";
    private static final String WHOLE_NUMBER = "[0-9]+\\.?";
    private static final String MIXED = "(?:" + VULGAR + "|" + WHOLE_NUMBER + "\\s*" + VULGAR + "|" + WHOLE_NUMBER
            + "(?:-|\\s+)" + WHOLE_NUMBER + "/" + DECIMAL + "|" + WHOLE_NUMBER + "/" + DECIMAL + "|" + DECIMAL + ")";
    private static final String UNIT = "(?:''|[\"″”'′’]|(?:[mM][mM]|[cC][mM]|[mM]|[iI][nN](?:[cC][hH](?:[eE][sS])?)?"
            + "|[fF][tT]|[fF][oO][oO][tT]|[fF][eE][eE][tT])(?![A-Za-z])\\.?)";
    private static final String MEASURE = MIXED + "(?:\\s*" + UNIT + "(?:\\s*" + MIXED + "\\s*" + UNIT + ")*)?";
    private static final String FACTOR = "\\s*(?:[-−(]\\s*)*" + MEASURE + "\\s*(?:\\)\\s*)*";

    static final String WHOLE = "^" + FACTOR + "(?:[-−+*×x/÷]" + FACTOR + ")*$";

    private LengthPattern() {}
}
