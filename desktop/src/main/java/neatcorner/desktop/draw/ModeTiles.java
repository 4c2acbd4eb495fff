package neatcorner.desktop.draw;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Tint;
import neatcorner.measure.Notation;
import neatcorner.wood.Species;
import org.jspecify.annotations.Nullable;

/** Different looks at the same work, in one row of small pictures, of which one is taken. */
public final class ModeTiles<T> extends PictureChoice<T> {
    private static final double PICTURE = 1.7;

    private final List<Mode<T>> modes = new ArrayList<>();
    private @Nullable T taken;
    private @Nullable Species wood;
    private @Nullable Notation notation;

    private record Mode<T>(T value, String name, String id, Function<Tint, Figure> picture) {}

    /** @param chosen hears of presses */
    public ModeTiles(Palette palette, Consumer<T> chosen) {
        super(palette, PICTURE, PICTURE, chosen);
        inOneRow();
    }

    /** With one more, in US words, and the id of its tile; its picture is drawn in a wood. */
    public ModeTiles<T> with(T value, String name, String id, Function<Tint, Figure> picture) {
        modes.add(new Mode<>(value, name, id, picture));
        return this;
    }

    /** Shows which is taken. */
    public void show(T now, Species species, Notation in) {
        if (now.equals(taken) && species.equals(wood) && in.equals(notation)) {
            return;
        }
        taken = now;
        wood = species;
        notation = in;
        Tint tint = Tint.wood(species);
        show(modes.stream().map(mode -> new Option<>(mode.value, mode.id, in.words(mode.name), "", "", true,
                mode.value.equals(now), mode.picture.apply(tint))).toList());
    }
}
