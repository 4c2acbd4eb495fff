package neatcorner.bench;

import atlantafx.base.theme.PrimerLight;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/** A window with the same theme and nothing in it: what any such program costs. */
public final class EmptyWindow extends Application {

    public static void main(String[] args) {
        launch(EmptyWindow.class);
    }

    @Override
    public void start(Stage stage) {
        setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
        stage.setScene(new Scene(new StackPane(new Label("empty")), 1280, 800));
        if (!System.getProperty("neatcorner.leave", "").isEmpty()) {
            stage.getScene().addPostLayoutPulseListener(() -> Platform.runLater(EmptyWindow::leave));
        }
        stage.show();
    }

    private static void leave() {
        long now = System.currentTimeMillis();
        ProcessHandle.current().info().startInstant()
                .ifPresent(start -> System.out.println(now - start.toEpochMilli()));
        Platform.exit();
    }
}
