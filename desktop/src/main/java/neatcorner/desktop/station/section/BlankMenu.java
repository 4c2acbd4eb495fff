package neatcorner.desktop.station.section;

import java.util.List;
import java.util.function.Function;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import neatcorner.desktop.desk.Workbench;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.section.Layers;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.section.Ply;
import neatcorner.section.Rabbet;
import neatcorner.section.RabbetWay;
import neatcorner.section.Section;
import neatcorner.wood.Species;

/** What a section can be made from: one piece, boards or strips glued up, reclaimed tongue-and-groove boards. */
final class BlankMenu {
    private final Workbench bench;

    BlankMenu(Workbench bench) {
        this.bench = bench;
    }

    void list(MenuButton menu) {
        menu.getItems().clear();
        item(menu, SectionWords.ONE_PIECE, job -> layered(job.section(), Layers.NONE));
        item(menu, SectionWords.TWO_BOARDS,
                job -> layered(job.section(), faces(job.section())));
        item(menu, SectionWords.THREE_STRIPS,
                job -> layered(job.section(), strips(job.section(), job.units())));
        item(menu, SectionWords.RECLAIMED_BOARD, job -> grooved(job.section(), job.units()));
    }

    private static Section layered(Section section, Layers layers) {
        return section.withMilling(section.milling().withLayers(layers));
    }

    private static Layers faces(Section section) {
        Length front = new Length(section.thickness().units() / 3);
        return new Layers(false, List.of(new Ply(Species.named("black walnut"), front, Length.ZERO),
                new Ply(section.wood(), section.thickness().minus(front), Length.ZERO)));
    }

    private static Layers strips(Section section, Units units) {
        Length contrast = units.either(6, 0.25);
        Length outer = new Length(section.width().minus(contrast).units() / 3);
        return new Layers(true, List.of(
                new Ply(section.wood(), section.width().minus(contrast).minus(outer), Length.ZERO),
                new Ply(Species.named("black walnut"), contrast, Length.ZERO),
                new Ply(section.wood(), outer, Length.ZERO)));
    }

    /**
     * Tongue off the outer edge, back cheek of the groove off the other: what is left of a common board, a third of its
     * thickness for each of cheek, groove and cheek.
     */
    private static Section grooved(Section section, Units units) {
        Length thickness = section.thickness();
        Length depth = new Length(thickness.units() * 2 / 3);
        Length deep = units.either(8, 0.3125);
        List<Operation> ripped = List.of(new Operation.Rip(units.either(6, 0.25)));
        return section.withRabbet(Rabbet.plain(deep, depth))
                .withMilling(new Milling(Layers.NONE, RabbetWay.FROM_GROOVE, 0, 0, ripped));
    }

    private void item(MenuButton menu, String text, Function<Job, Section> changed) {
        MenuItem item = new MenuItem(bench.notation().get().words(text));
        item.setOnAction(e -> bench.change(SectionWords.CHANGE_BLANK, job -> job.withSection(changed.apply(job))));
        menu.getItems().add(item);
    }
}
