package neatcorner.exchange.paper;

import java.util.ArrayList;
import java.util.List;

/** Makes words fit a width. */
final class Wording {
    private Wording() {}

    /** As much of a text as fits, with a sign where something is missing. */
    static String clipped(PagePen pen, String text, double width, double size, Pen.Face face) {
        String shown = text;
        while (shown.length() > 1 && pen.width(shown, size, face) > width) {
            shown = shown.substring(0, shown.length() - 2) + "…";
        }
        return shown;
    }

    /** The lines of a text that wraps between its words. */
    static List<String> wrapped(PagePen pen, String text, double width, double size, Pen.Face face) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ", -1)) {
            if (!line.isEmpty() && pen.width(line + " " + word, size, face) > width) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }
}
