package neatcorner.exchange.paper;

import java.util.ArrayList;
import java.util.List;

/** Makes words fit a width. */
final class Wording {
    private Wording() {}

    /** As much of a text as fits, with a sign where something is missing. */
    static String clipped(PagePen pen, String text, double width, double size, Pen.Face face) {
        if (text.length() <= 1 || pen.width(text, size, face) <= width) {
            return text;
        }
        int fits = 0;
        int most = text.length() - 1;
        while (most - fits > 1) {
            int middle = (fits + most) / 2;
            if (pen.width(cut(text, middle), size, face) <= width) {
                fits = middle;
            } else {
                most = middle;
            }
        }
        return cut(text, fits);
    }

    /** So many characters of it, none of them halved. */
    private static String cut(String text, int count) {
        int whole = count > 0 && Character.isHighSurrogate(text.charAt(count - 1)) ? count - 1 : count;
        return text.substring(0, whole) + "…";
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
