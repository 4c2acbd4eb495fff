package neatcorner.measure;

import java.util.Locale;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Which of the trade's two vocabularies the shop uses. Texts are written in US words and respelt for UK shops. */
public enum Spelling {
    US,
    UK;

    private static final Map<String, String> US_TO_UK = Map.ofEntries(Map.entry("miter", "mitre"),
            Map.entry("miters", "mitres"), Map.entry("mitered", "mitred"), Map.entry("rabbet", "rebate"),
            Map.entry("rabbets", "rebates"), Map.entry("mat", "mount"), Map.entry("mats", "mounts"),
            Map.entry("molding", "moulding"), Map.entry("moldings", "mouldings"), Map.entry("color", "colour"),
            Map.entry("colors", "colours"), Map.entry("center", "centre"), Map.entry("gray", "grey"));
    private static final Pattern US_WORD = Pattern.compile("(?i)\\b(" + String.join("|", US_TO_UK.keySet()) + ")\\b");

    /** The text in this spelling; case of a first letter is kept. */
    public String of(String text) {
        return this == US ? text : US_WORD.matcher(text).replaceAll(Spelling::respelt);
    }

    private static String respelt(MatchResult match) {
        String word = match.group();
        String uk = US_TO_UK.getOrDefault(word.toLowerCase(Locale.ROOT), word);
        return Character.isUpperCase(word.charAt(0)) ? Character.toUpperCase(uk.charAt(0)) + uk.substring(1) : uk;
    }
}
