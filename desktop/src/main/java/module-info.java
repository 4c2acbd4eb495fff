/** The window. */
module neatcorner.desktop {
    requires atlantafx.base;
    requires java.desktop;
    requires java.logging;
    requires javafx.controls;
    requires neatcorner.exchange;
    requires org.kordamp.ikonli.feather;
    requires org.kordamp.ikonli.javafx;
    requires transitive javafx.graphics;
    requires transitive neatcorner.core;
    requires static org.jspecify;

    exports neatcorner.desktop.app;
}
