/** The {@code neat-corner} command, which also opens the window. */
module neatcorner.command {
    requires info.picocli;
    requires neatcorner.core;
    requires neatcorner.desktop;
    requires neatcorner.exchange;
    requires static org.jspecify;

    opens neatcorner.command to info.picocli;
}
