package neatcorner.desktop.control;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Labeled;

/**
 * Letters by which controls are pressed with Alt: each of a row has its own, the first of its words if that is free. Only what
 * says the same all the time has one; what is named by a maker, or says how things stand, has none.
 */
public final class Mnemonics {
    private static final char SIGN = '_';

    private Mnemonics() {}

    /** Gives letters to those of a row that say something and have none yet. */
    public static void give(List<? extends Node> row) {
        Set<Character> taken = new HashSet<>();
        for (Node node : row) {
            if (node instanceof Labeled labeled && labeled.isMnemonicParsing()) {
                int at = labeled.getText().indexOf(SIGN);
                if (at >= 0) {
                    taken.add(letter(labeled.getText(), at + 1));
                }
            }
        }
        for (Node node : row) {
            if (node instanceof Labeled labeled && labeled.getText() != null && labeled.getText().indexOf(SIGN) < 0) {
                give(labeled, taken);
            }
        }
    }

    private static void give(Labeled labeled, Set<Character> taken) {
        String text = labeled.getText();
        int at = place(text, taken, true);
        at = at < 0 ? place(text, taken, false) : at;
        if (at >= 0) {
            taken.add(letter(text, at));
            labeled.setMnemonicParsing(true);
            labeled.setText(text.substring(0, at) + SIGN + text.substring(at));
        }
    }

    private static int place(String text, Set<Character> taken, boolean first) {
        for (int i = 0; i < text.length(); i++) {
            boolean begins = i == 0 || !Character.isLetterOrDigit(text.charAt(i - 1));
            char letter = letter(text, i);
            if (letter >= 'a' && letter <= 'z' && (begins || !first) && !taken.contains(letter)) {
                return i;
            }
        }
        return -1;
    }

    private static char letter(String text, int at) {
        return text.substring(at).toLowerCase(Locale.ROOT).charAt(0);
    }
}
