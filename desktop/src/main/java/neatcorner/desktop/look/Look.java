package neatcorner.desktop.look;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import atlantafx.base.theme.Theme;
import java.io.IOException;
import java.io.InputStream;
import java.net.URL;
import java.util.List;
import java.util.Objects;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import javafx.stage.Stage;
import javafx.stage.Window;
import neatcorner.desktop.desk.Settings;
import neatcorner.exchange.paper.Fonts;

/** Applies the program's look: the base theme, its own style sheet, fonts, light or dark, text size. */
public final class Look {
    private static final List<String> FONTS = List.of("AtkinsonHyperlegibleNext_400Regular.ttf",
            "AtkinsonHyperlegibleNext_700Bold.ttf", "AtkinsonHyperlegibleMono_400Regular.ttf",
            "AtkinsonHyperlegibleMono_700Bold.ttf");
    private static final double BASE = 14;
    /** A window of less width than so many times its text's size is narrow. */
    private static final double NARROW = 60;

    private Look() {}

    /** Loads the shipped fonts; without them the system's fonts serve. */
    public static void loadFonts() {
        for (String font : FONTS) {
            try (InputStream in = Fonts.open(font)) {
                Font.loadFont(in, BASE);
            } catch (IOException e) {
                System.getLogger(Look.class.getName()).log(System.Logger.Level.WARNING, "font not loaded", e);
            }
        }
    }

    /** Sets the base theme; before the first control is made, or controls bring a theme of their own. */
    public static void applyTheme(Settings settings) {
        Theme theme = settings.isDark() ? new PrimerDark() : new PrimerLight();
        if (!theme.getUserAgentStylesheet().equals(Application.getUserAgentStylesheet())) {
            Application.setUserAgentStylesheet(theme.getUserAgentStylesheet());
        }
    }

    /** Dresses all windows of the program anew. */
    public static void applyToAll(Settings settings) {
        Window.getWindows().stream().filter(Stage.class::isInstance)
                .forEach(window -> apply(window.getScene(), settings));
    }

    /** Dresses a scene as the settings say. */
    public static void apply(Scene scene, Settings settings) {
        applyTheme(settings);
        URL sheet = Objects.requireNonNull(Look.class.getResource("/neatcorner/desktop/neat-corner.css"));
        if (!scene.getStylesheets().contains(sheet.toExternalForm())) {
            scene.getStylesheets().add(sheet.toExternalForm());
        }
        scene.getRoot().getStyleClass().removeIf(name -> name.equals("light") || name.equals("dark")
                || name.startsWith("text-"));
        scene.getRoot().getStyleClass().add("text-" + settings.textSize());
        scene.getRoot().getStyleClass().add(settings.isDark() ? "dark" : "light");
        double text = BASE * settings.textSize() / 100;
        scene.getRoot().setStyle(settings.textSize() == 100 ? "" : "-fx-font-size: " + text + "px;");
        if (scene.getProperties().put(Look.class, text) == null) {
            scene.widthProperty().subscribe(width -> narrow(scene));
        }
        narrow(scene);
    }

    /** Where text is large for the window, what can be told otherwise makes room for the drawing. */
    private static void narrow(Scene scene) {
        boolean narrow = scene.getWidth() > 0
                && scene.getProperties().get(Look.class) instanceof Double text && scene.getWidth() < NARROW * text;
        List<String> classes = scene.getRoot().getStyleClass();
        if (narrow != classes.contains("narrow")) {
            if (narrow) {
                classes.add("narrow");
            } else {
                classes.remove("narrow");
            }
        }
    }
}
