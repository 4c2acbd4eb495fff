package neatcorner.station.section;

import java.util.List;
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

/** What a section can be made from. */
public enum MadeFrom {
    /** As it grew. */
    ONE_PIECE,
    /** Glued face to face, the front one darker. */
    TWO_BOARDS,
    /** Glued edge to edge, the middle one a contrast. */
    THREE_STRIPS,
    /** A tongue-and-groove board that was a floor or a ceiling before. */
    RECLAIMED_BOARD;

    private static final Species DARK = Species.named("black walnut");

    /** A job's section, made from this. */
    public Section of(Job job) {
        Section section = job.section();
        return switch (this) {
            case ONE_PIECE -> layered(section, Layers.NONE);
            case TWO_BOARDS -> layered(section, faces(section));
            case THREE_STRIPS -> layered(section, strips(section, job.units()));
            case RECLAIMED_BOARD -> grooved(section, job.units());
        };
    }

    private static Section layered(Section section, Layers layers) {
        return section.withMilling(section.milling().withLayers(layers));
    }

    private static Layers faces(Section section) {
        Length front = new Length(section.thickness().units() / 3);
        return new Layers(false, List.of(new Ply(DARK, front, Length.ZERO),
                new Ply(section.wood(), section.thickness().minus(front), Length.ZERO)));
    }

    private static Layers strips(Section section, Units units) {
        Length contrast = units.either(6, 0.25);
        Length outer = new Length(section.width().minus(contrast).units() / 3);
        return new Layers(true, List.of(
                new Ply(section.wood(), section.width().minus(contrast).minus(outer), Length.ZERO),
                new Ply(DARK, contrast, Length.ZERO), new Ply(section.wood(), outer, Length.ZERO)));
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
}
