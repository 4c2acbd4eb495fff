package neatcorner.desktop.desk;

import java.util.ArrayList;
import java.util.List;
import neatcorner.desktop.document.Disk;
import neatcorner.desktop.document.DocumentStore;

/** A store that does everything at once, for tests without a window; and what it says to the maker. */
public final class AtOnce {
    public static final List<String> SAID = new ArrayList<>();

    private AtOnce() {}

    public static DocumentStore store() {
        SAID.clear();
        return new DocumentStore(Runnable::run, Runnable::run, Disk.ofComputer());
    }
}
