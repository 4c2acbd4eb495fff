package neatcorner.desktop.shell;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neatcorner.desktop.desk.JobCard;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.Palette;
import neatcorner.desktop.draw.Thumbnail;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.job.DayText;
import neatcorner.job.Order;
import neatcorner.measure.Notation;
import org.jspecify.annotations.Nullable;

/** A job on the rail: its frame, its title, when it is due, how far it is, what was noted. */
final class JobCell extends ListCell<JobCard> {
    private final Scale scale;
    private final Workbench bench;
    private final Thumbnail picture;
    private final Label title = new Label();
    private final Label due = new Label();
    private final Label about = new Label();
    private final Label state = new Label();
    private final Label note = new Label();
    private final HBox content;

    /** The room that the frames share: the widest and the highest of them fit it, and so do all at the same scale. */
    static final class Scale {
        private static final double WIDTH = 11;
        private static final double HEIGHT = 5.6;
        private double width = 1;
        private double height = 1;

        void fit(List<JobCard> cards) {
            width = cards.stream().filter(card -> card.picture() != null)
                    .mapToDouble(card -> card.picture().bounds().width()).max().orElse(1);
            height = cards.stream().filter(card -> card.picture() != null)
                    .mapToDouble(card -> card.picture().bounds().height()).max().orElse(1);
        }

        /** A frame in the middle of that room. */
        Figure in(Figure frame) {
            double x = frame.bounds().center().x();
            double y = frame.bounds().center().y();
            return new Figure(frame.title(), new Box(x - width / 2, y - height / 2, x + width / 2, y + height / 2),
                    Figure.Margin.all(2), frame.marks());
        }
    }

    JobCell(Palette palette, Scale scale, Workbench bench, Runnable opened) {
        this.scale = scale;
        this.bench = bench;
        picture = new Thumbnail(palette, Scale.WIDTH, Scale.HEIGHT);
        title.getStyleClass().add("job-name");
        due.getStyleClass().add("job-due");
        due.setMinWidth(USE_PREF_SIZE);
        about.getStyleClass().add("hint");
        state.getStyleClass().add("job-state");
        note.getStyleClass().add("hint");
        HBox.setHgrow(title, Priority.ALWAYS);
        title.setMaxWidth(Double.MAX_VALUE);
        VBox words = new VBox(new HBox(title, due), about, state, note);
        words.setAlignment(Pos.CENTER_LEFT);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        content = new HBox(picture, words);
        content.setAlignment(Pos.CENTER_LEFT);
        content.getStyleClass().add("job-cell");
        content.setMinWidth(0);
        content.setPrefWidth(0);
        getStyleClass().add("job-list-cell");
        setOnMouseClicked(e -> {
            if (e.getClickCount() == 2 && !isEmpty()) {
                opened.run();
            }
        });
    }

    @Override
    protected void updateItem(@Nullable JobCard card, boolean empty) {
        super.updateItem(card, empty);
        setText(null);
        setGraphic(empty || card == null ? null : content);
        if (empty || card == null) {
            return;
        }
        Figure frame = card.picture();
        picture.setVisible(frame != null);
        if (frame != null) {
            picture.show(scale.in(frame));
        }
        Notation notation = bench.notation().get();
        LocalDate today = bench.premises().shelves().today();
        title.setText(card.title().isBlank() ? ShellTexts.NO_TITLE : card.title());
        due.setText(due(card.order(), today, notation));
        about.setText(
                card.file().equals(bench.file()) ? ShellTexts.ON_THE_BENCH.formatted(card.about()) : card.about());
        JobCard.State far = card.state();
        String sign = far.level() == null ? "✓ " : switch (far.level()) {
            case STOP -> "■ ";
            case CHECK -> "▲ ";
            case NOTE -> "● ";
        };
        state.setText(sign + far.words());
        state.getStyleClass().setAll("label", "job-state", far.level() == null ? "fine" : far.level().code());
        note.setText(card.order().note().lines().findFirst().orElse(""));
        note.setVisible(!note.getText().isEmpty());
        note.setManaged(!note.getText().isEmpty());
        setAccessibleText(Stream.of(title.getText(), due.getText(), about.getText(), far.words(), note.getText())
                .filter(text -> !text.isEmpty()).collect(Collectors.joining(", ")));
    }

    /** In short, for a row. */
    static String due(Order order, LocalDate today, Notation notation) {
        LocalDate day = order.due();
        if (day == null) {
            return "";
        }
        return (day.isAfter(today.plusDays(1)) ? ShellTexts.DUE : ShellTexts.DUE_SOON)
                .formatted(DayText.said(day, today, notation.spelling()), DayText.until(day, today));
    }
}
