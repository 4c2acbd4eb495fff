package neatcorner.desktop.station;

import java.util.List;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import neatcorner.desktop.control.BuiltFrom;
import neatcorner.desktop.desk.Workbench;
import neatcorner.job.Job;
import neatcorner.job.Make;
import neatcorner.measure.Notation;
import neatcorner.plan.AsFrame;
import neatcorner.plan.Plan;

/** Which is looked at: the frame, or one of its rings, which is shown and changed here as if it were the frame. */
public final class AtRing extends HBox {
    /** More of them are a menu. */
    private static final int MOST_BUTTONS = 2;

    private final Workbench bench;
    private final String id;
    private final Runnable refresh;
    private final BuiltFrom built = new BuiltFrom();
    private AsFrame picked = AsFrame.FRAME;

    /** @param id what the ids of its choices begin with */
    public AtRing(Workbench bench, String id, Runnable refresh) {
        this.bench = bench;
        this.id = id;
        this.refresh = refresh;
        setId(id);
        getStyleClass().add("choices");
        setAlignment(Pos.CENTER_LEFT);
    }

    /** The one that is looked at. */
    public AsFrame ring() {
        return picked;
    }

    /** It, as the window's plan has it. */
    public Plan plan() {
        return picked.plan(bench.currentPlan());
    }

    /** What the job makes it of now. */
    public Make now() {
        return picked.in(bench.job());
    }

    /** Changes it as if it were the frame. */
    public void change(String name, UnaryOperator<Job> change) {
        bench.change(name, picked.change(change));
    }

    /** Shows what there is to look at in a plan; a frame alone takes no room. */
    public void show(Plan whole, Notation notation) {
        if (!picked.isIn(whole.job())) {
            picked = AsFrame.FRAME;
        }
        List<AsFrame> all = AsFrame.all(whole.job());
        setVisible(all.size() > 1);
        setManaged(all.size() > 1);
        if (built.changed(all, picked, notation)) {
            getChildren().setAll(all.size() > MOST_BUTTONS
                    ? List.of(menu(all, notation))
                    : all.stream().map(each -> choice(each, notation)).toList());
        }
    }

    private MenuButton menu(List<AsFrame> all, Notation notation) {
        MenuButton menu = new MenuButton(name(picked, notation));
        menu.setId(id + "-which");
        menu.setMnemonicParsing(false);
        for (AsFrame each : all) {
            MenuItem item = new MenuItem(name(each, notation));
            item.setMnemonicParsing(false);
            item.setOnAction(e -> pick(each));
            menu.getItems().add(item);
        }
        return menu;
    }

    private static String name(AsFrame each, Notation notation) {
        return each.ring().isEmpty() ? notation.words(BenchTexts.FRAME_ITSELF) : each.ring();
    }

    private void pick(AsFrame each) {
        picked = each;
        refresh.run();
    }

    private Node choice(AsFrame each, Notation notation) {
        String name = each.ring();
        ToggleButton choice = new ToggleButton(name(each, notation));
        choice.setMnemonicParsing(false);
        choice.setId(id + "-" + (name.isEmpty() ? "frame" : "ring-" + name.replace(' ', '-')));
        choice.getStyleClass().add("choice");
        choice.setMinWidth(USE_PREF_SIZE);
        choice.setSelected(each.equals(picked));
        choice.setOnAction(e -> {
            choice.setSelected(true);
            pick(each);
        });
        return choice;
    }
}
