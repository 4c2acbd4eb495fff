package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import neatcorner.corner.Reinforcement;
import neatcorner.desktop.station.StationSpec;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.stock.Stick;
import neatcorner.wood.Climate;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A shop that works in one system never sees a unit of the other, nor a number that came from it. */
class UnitsTest extends WindowTest {
    private static final Pattern METRIC = Pattern
            .compile("(?<![\\w/])(mm²?|cm|kg|kg/m³?|N|N/mm²|°C|metres?)(?!\\w)|\\d m\\b|≈");
    private static final Pattern INCHES = Pattern
            .compile("\\d in\\b|in²|\\blb\\b|\\boz\\b|psi|°F|\\binch|[a-z] \\d+/\\d+\\b|\\bfeet\\b|\\bfoot\\b|≈");
    private static final List<String> MODES = List.of("wood-sticks", "wood-boards", "wood-sheets", "wood-sticks",
            "saw-cuts",
            "saw-test", "saw-before", "saw-as-cut", "saw-dry-fit", "saw-seasons", "saw-cuts", "glue-jigs", "glue-days",
            "glue-clamps");
    /** Where the other system is offered. */
    private static final Set<String> BOTH = Set.of("preferences", "standard-sizes", "units-mm", "units-in", "jobs");

    private static Job furnished(Job job) {
        Units units = job.units();
        Length stick = units.either(2400, 96);
        return job.withStock(job.stock().plusStick(new Stick("long", stick, 2, 7.0, List.of()))
                .plusStick(new Stick("short", units.either(900, 36), 1, null, List.of())))
                .withReinforcement(List.of(Reinforcement.spline(units.either(12, 0.5), units.either(3, 0.125), 1)))
                .withChecks(job.checks().withPlace(Climate.HEATED_HOUSE));
    }

    @ParameterizedTest
    @EnumSource
    void noScreenSaysAnythingInTheOtherSystem(Units units) {
        settle();
        maker.interact(() -> bench.premises().setUnits(units));
        maker.interact(bench::newJob);
        settle();
        maker.interact(() -> bench.change("wood", UnitsTest::furnished));
        settle();
        Pattern foreign = units == Units.INCHES ? METRIC : INCHES;
        Pattern own = units == Units.INCHES ? INCHES : METRIC;
        Set<String> said = new TreeSet<>();
        Set<String> atHome = new TreeSet<>();
        for (StationSpec spec : Stations.ALL) {
            maker.interact(() -> bench.station().set(spec.station()));
            settle();
            collect(spec.station().name(), foreign, said);
            collect(spec.station().name(), own, atHome);
            for (String mode : MODES) {
                Node button = maker.find("#station-" + spec.station().name().toLowerCase(Locale.ROOT) + " #" + mode)
                        .orElse(null);
                if (button instanceof ButtonBase choice) {
                    maker.interact(choice::fire);
                    settle();
                    collect(mode, foreign, said);
                }
            }
        }
        assertEquals("", String.join("\n", said));
        assertTrue(maker.nodes(".figure-view").stream().anyMatch(view -> view.getAccessibleHelp() != null
                && view.getAccessibleHelp().contains("A")), "what is written in drawings is read, too");
        assertTrue(atHome.size() > 40, () -> "too little is read: " + atHome);
    }

    @Test
    void aJobOfTheOtherSystemIsAskedAbout() {
        settle();
        Job before = bench.job();
        maker.clickOn("#units-in");
        settle();
        assertTrue(read("#units-card").contains("Face width  1 3/16 in shy → 1 1/8 in"),
                read("#units-card"));
        maker.clickOn("#units-only");
        settle();
        assertFalse(isShown("#units-card"));
        assertEquals(before, bench.job(), "only read in inches");
        maker.clickOn("#units-mm");
        settle();
        assertFalse(isShown("#units-card"), "it is at home there");
        maker.clickOn("#units-in");
        settle();
        maker.clickOn("#units-same");
        settle();
        assertEquals(before.withUnits(Units.INCHES), bench.job());
        maker.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(before, bench.job());
        maker.clickOn("#units-in");
        settle();
        maker.clickOn("#units-nearest");
        settle();
        assertEquals(Length.inches(1.125), bench.job().section().width());
        assertEquals(before.size(), bench.job().size(), "the art is as large as it is");
    }

    /** All that can be read or heard: labels, texts, tooltips, names for those who listen, menus, workings. */
    private void collect(String where, Pattern foreign, Set<String> said) {
        maker.interact(() -> walk(stage.getScene().getRoot(), where, foreign, said));
    }

    private static void walk(Node node, String where, Pattern foreign, Set<String> said) {
        if (!node.isVisible() || BOTH.contains(String.valueOf(node.getId()))) {
            return;
        }
        look(node.getAccessibleText(), where, foreign, said);
        look(node.getAccessibleHelp(), where, foreign, said);
        if (node instanceof Labeled labeled) {
            look(labeled.getText(), where, foreign, said);
            Tooltip tip = labeled.getTooltip();
            if (tip != null) {
                look(tip.getText(), where, foreign, said);
            }
        } else if (node instanceof Text text) {
            look(text.getText(), where, foreign, said);
        } else if (node instanceof TextInputControl input) {
            look(input.getText(), where, foreign, said);
        }
        if (node instanceof MenuButton menu) {
            if (menu.getOnShowing() != null) {
                menu.getOnShowing().handle(null);
            }
            for (MenuItem item : menu.getItems()) {
                look(item.getText(), where, foreign, said);
            }
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> walk(child, where, foreign, said));
        }
    }

    private static void look(@Nullable String text, String where, Pattern foreign, Set<String> said) {
        if (text != null && foreign.matcher(text).find()) {
            said.add(where + ": " + text);
        }
    }
}
