package neatcorner.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import neatcorner.desktop.control.Card;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.document.Planning;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.planner.OtherSystem;
import neatcorner.shop.Shop;

/**
 * Asks what becomes of a job that was made in one system when it is read in the other: the same sizes, or those that a shop
 * of the other system would use, with what that changes.
 */
final class UnitsCard {
    private static final int MOST_LISTED = 8;

    private final Workbench bench;
    private final MainWindow window;
    private final Node beside;

    UnitsCard(Workbench bench, MainWindow window, Node beside) {
        this.bench = bench;
        this.window = window;
        this.beside = beside;
    }

    /** All windows measure in these units; about a job of the other system it is asked, unless there is nothing to keep. */
    void choose(Units units) {
        bench.premises().setUnits(units);
        Job job = bench.job();
        Shop shop = bench.shop();
        if (job.units() == units) {
            window.closeCard();
        } else if (Defaults.isBlank(job)) {
            window.closeCard();
            bench.change("units", now -> Defaults.isBlank(now) ? Defaults.blankLike(now, units) : now);
        } else {
            bench.planning().ask(Planning.Pace.QUICK, search -> OtherSystem.changes(units, job, shop),
                    changes -> ask(units, changes), bench::fault);
        }
    }

    private void ask(Units units, List<OtherSystem.Change> changes) {
        if (bench.job().units() == units) {
            return;
        }
        Notation notation = bench.notation().get();
        boolean inches = units == Units.INCHES;
        List<Node> content = new ArrayList<>();
        content.add(answer("units-same", inches ? ShellTexts.SAME_IN_INCHES : ShellTexts.SAME_IN_MILLIMETRES,
                job -> OtherSystem.saidIn(units, job)));
        if (!changes.isEmpty()) {
            content.add(answer("units-nearest",
                    inches ? ShellTexts.NEAREST_IN_INCHES : ShellTexts.NEAREST_IN_MILLIMETRES,
                    job -> OtherSystem.nearestIn(units, job, bench.shop())));
            for (OtherSystem.Change change : changes.subList(0, Math.min(MOST_LISTED, changes.size()))) {
                Label line = new Label(notation.words(change.title()) + "  " + notation.text(change.from()) + " → "
                        + notation.text(change.to()));
                line.getStyleClass().add("hint");
                content.add(line);
            }
            if (changes.size() > MOST_LISTED) {
                content.add(new Label(ShellTexts.AND_MORE.formatted(changes.size() - MOST_LISTED)));
            }
        }
        Button only = new Button(inches ? ShellTexts.ONLY_READ_IT_IN_INCHES : ShellTexts.ONLY_READ_IT_IN_MILLIMETRES);
        only.setId("units-only");
        only.setOnAction(e -> window.closeCard());
        content.add(only);
        window.openCard(
                new Card("units-card", inches ? ShellTexts.MADE_FOR_MILLIMETRES : ShellTexts.MADE_FOR_INCHES, content),
                beside);
    }

    private Button answer(String id, String text, UnaryOperator<Job> change) {
        Button button = new Button(text);
        button.setId(id);
        button.setOnAction(e -> {
            window.closeCard();
            bench.change("units", change);
        });
        return button;
    }
}
