package neatcorner.desktop.paper;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.document.Planning;
import neatcorner.desktop.document.Ticket;
import neatcorner.exchange.paper.PageImage;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.paper.Photos;
import neatcorner.exchange.plan.Paper;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;
import org.jspecify.annotations.Nullable;

/** Which paper, on what size of sheet, and how it will look; then to the printer, or to a file. */
public final class PaperView extends StackPane {
    /** Pixels to the inch on the screen. */
    private static final float DOTS = 110;
    /** How wide a page is shown, two beside each other, and how wide when it was pressed to be read; pixels. */
    private static final double WHOLE = 450;
    private static final double CLOSE = 900;

    private final Workbench bench;
    private final Runnable closed;
    private final Map<Paper, ToggleButton> kinds = new EnumMap<>(Paper.class);
    private final Controls.Choices<PaperSize> sizes;
    private final HBox pages = new HBox();
    private final Label said = new Label();
    private final Button print = new Button(PaperTexts.PRINT);
    private Paper kind = Paper.SHEET;
    private @Nullable Ticket ticket;

    /** @param closed takes the keys back */
    public PaperView(Workbench bench, Runnable closed) {
        this.bench = bench;
        this.closed = closed;
        setId("paper-view");
        getStyleClass().add("finder");
        setVisible(false);
        setManaged(false);
        VBox choice = new VBox();
        choice.getStyleClass().add("paper-choice");
        for (Paper each : Paper.values()) {
            choice.getChildren().add(tile(each));
        }
        sizes = new Controls.Choices<>(size -> {
            bench.settings().setPaper(size);
            look();
        });
        for (PaperSize each : PaperSize.values()) {
            sizes.with(each, each.title(), "paper-size-" + each.name().toLowerCase(Locale.ROOT));
        }
        print.setId("paper-print");
        print.getStyleClass().add("accent");
        print.setMaxWidth(Double.MAX_VALUE);
        print.setOnAction(e -> {
            close();
            JobPaper.print(bench, kind, getScene().getWindow());
        });
        Button save = new Button(PaperTexts.SAVE_AS_PDF);
        save.setId("paper-save");
        save.setMaxWidth(Double.MAX_VALUE);
        save.setOnAction(e -> {
            close();
            JobPaper.save(bench, kind);
        });
        Button leave = new Button(PaperTexts.CLOSE);
        leave.setId("paper-close");
        leave.setMaxWidth(Double.MAX_VALUE);
        leave.setOnAction(e -> close());
        Region space = new Region();
        VBox.setVgrow(space, Priority.ALWAYS);
        choice.getChildren().addAll(sizes, space, print, save, leave);
        said.setId("paper-said");
        pages.setId("paper-pages");
        pages.getStyleClass().add("paper-pages");
        ScrollPane scroll = new ScrollPane(new VBox(said, pages));
        scroll.setFocusTraversable(false);
        scroll.getStyleClass().add("paper-scroll");
        HBox.setHgrow(scroll, Priority.ALWAYS);
        HBox box = new HBox(choice, scroll);
        box.getStyleClass().add("finder-box");
        box.setMaxSize(1180, 720);
        setAlignment(box, Pos.CENTER);
        getChildren().add(box);
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                close();
                e.consume();
            }
        });
    }

    private ToggleButton tile(Paper each) {
        Label name = new Label(each.title());
        name.getStyleClass().add("held-title");
        Label about = new Label();
        about.setWrapText(true);
        about.getStyleClass().add("paper-about");
        about.setText(bench.notation().get().words(each.about()));
        about.getStyleClass().add("caption");
        VBox words = new VBox(name, about);
        words.setMouseTransparent(true);
        ToggleButton tile = new ToggleButton();
        tile.setGraphic(words);
        tile.setId("paper-" + each.suffix());
        tile.getStyleClass().add("picture-tile");
        tile.setMaxWidth(Double.MAX_VALUE);
        tile.setAccessibleText(each.title() + ": " + each.about());
        tile.setOnAction(e -> {
            kind = each;
            look();
        });
        kinds.put(each, tile);
        return tile;
    }

    /** Shows the papers of the plan that is on the bench now. */
    public void open() {
        setVisible(true);
        setManaged(true);
        toFront();
        look();
        print.requestFocus();
    }

    private void close() {
        Ticket before = ticket;
        if (before != null) {
            before.drop();
        }
        pages.getChildren().clear();
        setVisible(false);
        setManaged(false);
        closed.run();
    }

    private void look() {
        kinds.forEach((each, tile) -> tile.setSelected(each == kind));
        PaperSize size = bench.settings().paper();
        sizes.show(size);
        Plan plan = bench.currentPlan();
        Notation notation = bench.notation().get();
        Paper wanted = kind;
        Photos photos = Photos.in(bench.file().getParent());
        Ticket before = ticket;
        if (before != null) {
            before.drop();
        }
        said.setText("…");
        ticket = bench.planning().ask(Planning.Pace.SLOW,
                search -> PageImage.of(wanted.write(plan, size, notation, photos), DOTS), this::show, bench::fault);
    }

    private void show(List<PageImage> shown) {
        said.setText(shown.size() == 1 ? PaperTexts.ONE_PAGE : PaperTexts.PAGES.formatted(shown.size()));
        List<Node> sheets = new ArrayList<>();
        for (PageImage page : shown) {
            sheets.add(page(page, sheets.size() + 1));
        }
        pages.getChildren().setAll(sheets);
    }

    private static Node page(PageImage page, int number) {
        ImageView view = new ImageView(JobPaper.image(page));
        view.setFitWidth(WHOLE);
        view.setPreserveRatio(true);
        view.setSmooth(true);
        StackPane sheet = new StackPane(view);
        sheet.getStyleClass().add("paper-page");
        sheet.setMaxHeight(Region.USE_PREF_SIZE);
        Runnable turn = () -> view.setFitWidth(view.getFitWidth() == WHOLE ? CLOSE : WHOLE);
        sheet.setOnMouseClicked(e -> turn.run());
        sheet.setFocusTraversable(true);
        sheet.setAccessibleRole(AccessibleRole.BUTTON);
        sheet.setAccessibleText(PaperTexts.PAGE.formatted(number));
        sheet.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                turn.run();
                e.consume();
            }
        });
        return sheet;
    }
}
