package neatcorner.desktop.station.opening;

import java.util.List;
import javafx.scene.Node;
import neatcorner.desktop.control.ValueTag;
import neatcorner.desktop.draw.ModeTiles;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationView;
import neatcorner.drawing.Figure;
import neatcorner.measure.Notation;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.station.opening.FramedPictures;
import neatcorner.station.opening.OpeningFigure;
import org.jspecify.annotations.Nullable;

/**
 * Station 1: what is to be framed, and all sizes that follow; or how it will look on a wall. The window opens here, so the
 * drawing comes first and the controls a moment later.
 */
public final class OpeningView extends StationView {
    private final Desk desk;
    private @Nullable FramedTools framed;
    private @Nullable OpeningTools tools;
    private @Nullable ModeTiles<Boolean> modes;
    private boolean isFramed;

    public OpeningView(Desk desk) {
        super(desk, Station.OPENING);
        this.desk = desk;
        view().setPhotos(name -> framed().image(name, view()::requestLayout));
    }

    @Override
    public void furnish() {
        super.furnish();
        OpeningTools made = new OpeningTools(desk, view());
        tools = made;
        ModeTiles<Boolean> both = new ModeTiles<Boolean>(view(), this::take)
                .with(false, OpeningTexts.SIZES, "opening-sizes", FramedPictures::sizes)
                .with(true, OpeningTexts.FRAMED, "opening-framed", FramedPictures::framed);
        both.withoutNames();
        modes = both;
        addTools(both);
        addTools(made.controls());
    }

    /** Made when one first looks at the frame on the wall: a window that starts has no need of it. */
    private FramedTools framed() {
        FramedTools known = framed;
        if (known == null) {
            known = new FramedTools(desk);
            framed = known;
            addTools(known.controls());
            addUnderDrawing(known.bar());
        }
        return known;
    }

    private void take(boolean now) {
        isFramed = now;
        desk.refresh();
    }

    @Override
    public void pressed(String key, Node at) {
        OpeningTools sizes = tools;
        if (key.startsWith(OpeningFigure.THING) && sizes != null) {
            sizes.open(key.substring(OpeningFigure.THING.length()), at);
        } else {
            framed().pressed(key);
        }
    }

    @Override
    public @Nullable ValueTag reveal(Field field) {
        OpeningTools sizes = tools;
        ValueTag own = sizes == null ? null : sizes.reveal(field, view());
        return own == null ? super.reveal(field) : own;
    }

    @Override
    public Figure figure(Plan plan) {
        return isFramed ? framed().figure(plan) : OpeningFigure.of(plan);
    }

    @Override
    public void showTools(Plan plan, Notation notation) {
        OpeningTools sizes = tools;
        ModeTiles<Boolean> both = modes;
        if (sizes == null || both == null) {
            return;
        }
        both.show(isFramed, plan.job().section().wood(), notation);
        shown(sizes.controls(), !isFramed);
        FramedTools wall = framed;
        if (wall != null) {
            shown(wall.controls(), isFramed);
            shown(wall.bar(), isFramed);
        }
        if (isFramed) {
            framed().show(plan, notation);
        } else {
            sizes.show(plan, notation);
        }
    }

    private static void shown(List<Node> nodes, boolean now) {
        nodes.forEach(node -> {
            node.setVisible(now);
            node.setManaged(now);
        });
    }
}
