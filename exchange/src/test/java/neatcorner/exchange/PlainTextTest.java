package neatcorner.exchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.StringReader;
import javax.xml.parsers.DocumentBuilderFactory;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.xml.sax.InputSource;

class PlainTextTest {

    @Property(tries = 1000)
    void aCellComesBackAndIsNeverAFormula(@ForAll String words) {
        String cell = PlainText.cell(words);
        assertEquals(words, PlainText.fromCell(cell));
        assertFalse(!cell.isEmpty() && "=+-@\t\r".indexOf(cell.charAt(0)) >= 0, cell);
    }

    @Test
    void whatIsTooLongIsCutBetweenCharacters() {
        String faces = "\ud83d\ude00".repeat(3);
        assertEquals(faces, PlainText.within(faces, 3));
        assertEquals(faces, PlainText.clipped(faces, 3));
        assertEquals("\ud83d\ude00".repeat(2), PlainText.within(faces, 2));
        assertEquals("\ud83d\ude00…", PlainText.clipped(faces, 2));
    }

    /** XML 1.0 by a reader that is not ours. */
    @Property(tries = 300)
    void aLineCanStandInXml(@ForAll String words) throws Exception {
        String line = PlainText.line(words);
        String xml = "<t>" + line.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;") + "</t>";
        assertEquals(line, DocumentBuilderFactory.newInstance().newDocumentBuilder()
                .parse(new InputSource(new StringReader(xml))).getDocumentElement().getTextContent());
        assertEquals(1, Math.max(1, line.lines().count()));
    }

    @Test
    void aTerminalIsToldNothingButWords() {
        assertEquals("ash[31m red 😀 ß", PlainText.line("ash\u001b[31m red\u0007 \u202e😀\ud800 ß"));
        assertTrue(PlainText.line("\u0000\u0085\n").isEmpty());
    }
}
