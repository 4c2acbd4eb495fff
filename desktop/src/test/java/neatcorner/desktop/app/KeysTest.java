package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import neatcorner.desktop.desk.Notice;
import neatcorner.desktop.station.StationSpec;
import neatcorner.measure.Length;
import neatcorner.outline.Opening;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Keys and clicks hit what the maker means them for, however quick the maker is. */
class KeysTest extends WindowTest {

    private Length artWidth() {
        return bench.job().size().width();
    }

    /** Some place in the drawing at which there is nothing. */
    private void clickBeside() {
        Node drawing = maker.nodes(".figure-view").stream().filter(Node::isVisible).findFirst()
                .orElseThrow();
        Bounds at = drawing.localToScreen(drawing.getLayoutBounds());
        maker.clickOn(at.getMinX() + 6, at.getMaxY() - 6);
    }

    @ParameterizedTest
    @ValueSource(ints = {10, 60, 300})
    void numbersThatAreTypedQuicklyOrSlowlyGoWhereTheyAreSeenToGo(int pause) {
        maker.clickOn("#value-art-width");
        maker.push(KeyCode.CONTROL, KeyCode.A).write("501", pause).push(KeyCode.ENTER);
        Node tag = maker.node("#value-art-width");
        settle();
        assertTrue(tag.isFocused(), "Enter ends the typing and shows where one is");
        assertEquals(Length.mm(501), artWidth());
        maker.write("502", pause).push(KeyCode.ENTER);
        settle();
        assertEquals(Length.mm(502), artWidth(), "a number typed on a number that has the keys takes its place");
        clickBeside();
        assertFalse(tag.isFocused(), "a click that misses");
        maker.write("97", pause).push(KeyCode.ENTER);
        settle();
        assertEquals(Length.mm(502), artWidth(), "is for nobody, and so is what is typed then");
    }

    @Test
    void whatComesByItselfMovesNothingThatIsThere() {
        at(KeyCode.DIGIT2);
        Node[] nodes = {maker.node("#rail-shape"), maker.node("#paper"),
            maker.node("#station-section"), maker.node(".findings"),
            maker.nodes(".figure-view").stream().filter(Node::isVisible).findFirst().orElseThrow()};
        String before = places(nodes);
        maker.interact(() -> bench.notices().say(Notice.info("The wait is over: clamps may come off.")));
        settle();
        assertTrue(isShown("#notice-text"));
        assertEquals(before, places(nodes), "a notice");
        maker.interact(() -> bench.change("pack", job -> job.withSection(
                job.section().withRabbet(job.section().rabbet().withDepth(Length.mm(1))))));
        settle();
        assertTrue(maker.nodes(".finding-row").size() > 0);
        assertEquals(before, places(nodes), "findings");
    }

    private static String places(Node... nodes) {
        StringBuilder all = new StringBuilder();
        for (Node node : nodes) {
            all.append(node.localToScene(node.getLayoutBounds())).append('\n');
        }
        return all.toString();
    }

    /** The parts of the window in the order in which the keys come to them. */
    private List<String> parts() {
        List<String> parts = new ArrayList<>();
        Node first = stage.getScene().getFocusOwner();
        for (int i = 0; i < 120; i++) {
            Node now = stage.getScene().getFocusOwner();
            if (i > 0 && now == first) {
                break;
            }
            String part = List.of("header", "rail", "tools", "figure-view", "slate", "findings").stream()
                    .filter(style -> isIn(now, style)).findFirst().orElse("");
            if (!part.isEmpty() && (parts.isEmpty() || !parts.getLast().equals(part))) {
                parts.add(part);
            }
            maker.push(KeyCode.TAB);
            settle();
        }
        return parts;
    }

    private static boolean isIn(@Nullable Node node, String style) {
        Node each = node;
        while (each != null && !each.getStyleClass().contains(style)) {
            each = each.getParent();
        }
        return each != null;
    }

    @Test
    void theKeysGoThroughTheWindowAsTheEyeDoes() {
        at(KeyCode.DIGIT5);
        maker.interact(() -> maker.node("#jobs").requestFocus());
        assertEquals(List.of("header", "rail", "tools", "figure-view", "slate", "findings"), parts());
    }

    @Test
    void aNumberTypedAtFirstIsForNobody() {
        settle();
        maker.write("7");
        settle();
        assertTrue(maker.nodes(".value-entry").isEmpty());
        maker.push(KeyCode.TAB);
        assertTrue(isIn(stage.getScene().getFocusOwner(), "header"), "the keys begin at the top");
    }

    /** A number, Tab, the next number: as fast as one types. */
    @ParameterizedTest
    @ValueSource(ints = {10, 60, 300})
    void tabGoesOnToTheNextNumber(int pause) {
        settle();
        maker.clickOn("#value-art-width");
        for (KeyCode key : List.of(KeyCode.DIGIT5, KeyCode.DIGIT0, KeyCode.DIGIT0, KeyCode.TAB, KeyCode.DIGIT7,
                KeyCode.DIGIT0, KeyCode.DIGIT0, KeyCode.TAB)) {
            maker.push(key).rest(pause);
        }
        settle();
        assertEquals(new Opening(Length.mm(500), Length.mm(700)), bench.job().size());
        assertTrue(isIn(stage.getScene().getFocusOwner(), "value-tag"), "and on to the one after that");
    }

    /** What has the keys has them still when the job was planned anew. */
    @Test
    void theKeysStayWhereTheyWereWhenTheJobChanges() {
        settle();
        maker.interact(() -> maker.node("#slate-sight").requestFocus());
        Node before = stage.getScene().getFocusOwner();
        maker.interact(() -> bench.change("width", job -> job.withSize(job.sizeOf(),
                new Opening(Length.mm(640), job.size().height()))));
        settle();
        assertEquals(before, stage.getScene().getFocusOwner());
        assertTrue(read(before).contains("725"), read(before));
    }

    /** Tools that always say the same have a letter each, pressed with Alt. */
    @Test
    void altAndALetterPressATool() {
        at(KeyCode.DIGIT5);
        maker.push(KeyCode.ALT, KeyCode.A);
        settle();
        assertTrue(isShown("#at-hand-card"), "Add sticks");
        maker.push(KeyCode.ESCAPE);
        maker.push(KeyCode.ALT, KeyCode.M);
        settle();
        assertTrue(isShown("#sticks-more-card"), "More");
        for (KeyCode station : List.of(KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT5,
                KeyCode.DIGIT6)) {
            at(station);
            Node tools = maker.visible(".tools");
            List<String> letters = ((Parent) tools).getChildrenUnmodifiable().stream().filter(Node::isVisible)
                    .filter(each -> each instanceof Labeled labeled && labeled.isMnemonicParsing())
                    .map(each -> ((Labeled) each).getText()).filter(text -> text.contains("_"))
                    .map(text -> text.substring(text.indexOf('_') + 1, text.indexOf('_') + 2).toLowerCase(Locale.ROOT))
                    .toList();
            assertFalse(letters.isEmpty(), () -> station + " has none");
            assertEquals(letters.stream().distinct().toList(), letters, station.toString());
        }
    }

    /** What is written before a field belongs to it, for those who hear the window. */
    @Test
    void captionsBelongToTheirFields() {
        int seen = 0;
        for (StationSpec spec : Stations.ALL) {
            at(digit(spec.station()));
            for (Node box : maker.nodes(".captioned").stream().filter(Node::isVisible).toList()) {
                List<Node> parts = ((Parent) box).getChildrenUnmodifiable();
                if (parts.size() > 1 && parts.getFirst() instanceof Label caption && !(parts.get(1) instanceof Label)) {
                    assertTrue(parts.contains(caption.getLabelFor()), spec.station() + ": " + caption.getText());
                    seen++;
                }
            }
        }
        assertTrue(seen > 8, seen + " captions");
    }
}
