package neatcorner.station.section;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.plan.Across;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;
import neatcorner.section.Operation;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;

/** Lengths of a section and of what is milled off it. */
public final class SectionFields {
    public static final Field THICKNESS = section("thickness", SectionTexts.THICKNESS, LengthRange.ACROSS,
            Section::thickness,
            Section::withThickness);
    public static final Field RABBET_WIDTH = rabbet("rabbet.width", SectionTexts.RABBET_WIDTH, Rabbet::width,
            Rabbet::withWidth);
    public static final Field RABBET_DEPTH = rabbet("rabbet.depth", SectionTexts.RABBET_DEPTH, Rabbet::depth,
            Rabbet::withDepth);
    public static final Field STEP_WIDTH = rabbet("step.width", SectionTexts.SECOND_STEP_WIDTH,
            rabbet -> step(rabbet).width(),
            (rabbet, length) -> rabbet.withStep(new Rabbet.Step(length, step(rabbet).depth())));
    public static final Field STEP_DEPTH = rabbet("step.depth", SectionTexts.SECOND_STEP_DEPTH,
            rabbet -> step(rabbet).depth(),
            (rabbet, length) -> rabbet.withStep(new Rabbet.Step(step(rabbet).width(), length)));

    private SectionFields() {}

    /** The main size of what is milled at a place of the order, a radius or a width. */
    public static Field milled(int place) {
        return milled("milled." + place, SectionTexts.SIZE_OF_THE_CUT, place, Operation::size, Operation::withSize);
    }

    /** The depth of what is milled at a place of the order, where it has one of its own. */
    public static Field milledDepth(int place) {
        return milled("milled.depth." + place, SectionTexts.DEPTH_OF_THE_CUT, place, operation -> switch (operation) {
            case Operation.Shaped shaped -> shaped.depth();
            case Operation.Groove groove -> groove.depth();
            case Operation.PackRabbet pack -> pack.rabbet().depth();
            case Operation.Rip rip -> rip.size();
        }, (operation, length) -> switch (operation) {
            case Operation.Shaped shaped -> shaped.withDepth(length);
            case Operation.Groove groove -> groove.withDepth(length);
            case Operation.PackRabbet pack -> pack;
            case Operation.Rip rip -> rip;
        });
    }

    /** Where a groove starts, from the sight edge, or from the front on the sides. */
    public static Field milledFrom(int place) {
        return milled("milled.from." + place, SectionTexts.START_OF_THE_GROOVE, place,
                operation -> operation instanceof Operation.Groove groove ? groove.from() : Length.ZERO,
                (operation, length) -> operation instanceof Operation.Groove groove
                        ? groove.withFrom(length)
                        : operation);
    }

    /** How far an edge's tool is set in across the face. */
    public static Field milledInset(int place) {
        return shaped("milled.inset." + place, SectionTexts.SET_IN_ACROSS_THE_FACE, place, Operation.Shaped::inset,
                Operation.Shaped::withInset);
    }

    /** How far an edge's tool is set in down the side. */
    public static Field milledSunk(int place) {
        return shaped("milled.sunk." + place, SectionTexts.SET_IN_DOWN_THE_SIDE, place, Operation.Shaped::sunk,
                Operation.Shaped::withSunk);
    }

    /** Size of one board of a built-up section. */
    public static Field ply(int index) {
        return section("ply." + index, SectionTexts.BOARD.formatted(index + 1), LengthRange.ACROSS,
                section -> section.milling().layers().plies().get(index).size(),
                (section, length) -> index >= section.milling().layers().plies().size()
                        ? section
                        : section.withMilling(section.milling().withLayers(
                                section.milling().layers().withSize(index, length))));
    }

    /** How far floating art lies below the rim: the frame is as thick as that takes. */
    public static final Field RECESS = new Field("hold.recess", SectionTexts.RECESS, LengthRange.PLACE, plan -> {
        Across.Content held = Across.of(plan).content();
        return held == null ? Length.ZERO : Length.mm(held.front());
    }, (job, length) -> job.withSection(job.section().withThickness(
            Length.max(LengthRange.ACROSS.least(), length.plus(job.pack().thickness())
                    .plus(job.section().rabbet().depth())))));
    /** The gap, the play, or how far the frame reaches past what it holds. */
    public static final Field ROOM = new Field("hold.room", SectionTexts.GAP, LengthRange.PLAY,
            plan -> plan.job().hold().room(), (job, length) -> job.withHold(job.hold().withRoom(length)));
    /** How far the ring that carries the art reaches behind it: the ring is as wide as that takes. */
    public static final Field BEARING = new Field("hold.bearing", SectionTexts.BEARING, LengthRange.ACROSS,
            plan -> Across.of(plan).bearing().orElse(Length.ZERO), SectionFields::withBearing);

    private static Job withBearing(Job job, Length length) {
        Across across = Across.of(Plan.of(job.withStock(job.stock().withSticks(List.of())), () -> true));
        Length now = across.bearing().orElse(length);
        return across.carrier().map(ring -> job.withRing(ring.ring().name(), each -> each.withSection(each.section()
                .withWidth(Length.max(LengthRange.ACROSS.least(), each.section().width().plus(length).minus(now))))))
                .orElse(job);
    }

    private static Field shaped(String id, String title, int place, Function<Operation.Shaped, Length> get,
            BiFunction<Operation.Shaped, Length, Operation> set) {
        return milled(id, title, place,
                operation -> operation instanceof Operation.Shaped shaped ? get.apply(shaped) : Length.ZERO,
                (operation, length) -> operation instanceof Operation.Shaped shaped
                        ? set.apply(shaped, length)
                        : operation);
    }

    private static Field milled(String id, String title, int place, Function<Operation, Length> get,
            BiFunction<Operation, Length, Operation> set) {
        return section(id, title, LengthRange.CUT, section -> get.apply(operation(section, place)),
                (section, length) -> place >= section.milling().order(section.rabbet()).size()
                        ? section
                        : section.withMilling(section.milling().with(place,
                                set.apply(operation(section, place), length))));
    }

    private static Operation operation(Section section, int place) {
        List<Operation> order = section.milling().order(section.rabbet());
        return order.get(Math.min(place, order.size() - 1));
    }

    private static Field section(String id, String title, LengthRange range, Function<Section, Length> get,
            BiFunction<Section, Length, Section> set) {
        return new Field(id, title, range, plan -> get.apply(plan.job().section()),
                (job, length) -> job.withSection(set.apply(job.section(), length)));
    }

    private static Field rabbet(String id, String title, Function<Rabbet, Length> get,
            BiFunction<Rabbet, Length, Rabbet> set) {
        return section(id, title, LengthRange.CUT, section -> get.apply(section.rabbet()),
                (section, length) -> section.withRabbet(set.apply(section.rabbet(), length)));
    }

    private static Rabbet.Step step(Rabbet rabbet) {
        Rabbet.Step step = rabbet.step();
        return step == null ? new Rabbet.Step(rabbet.width(), Length.ZERO) : step;
    }
}
