package neatcorner.station.section;

import java.util.List;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.plan.Across;
import neatcorner.plan.Field;
import neatcorner.plan.Lens;
import neatcorner.plan.Plan;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;

/** Lengths of a section and of what is milled off it. */
public final class SectionFields {
    private static final Lens<Job, Section> SECTION = Lens.job(Job::section, Job::withSection);
    private static final Lens<Job, Rabbet> RABBET = SECTION.to(Section::rabbet, Section::withRabbet);
    private static final Lens<Job, Rabbet.Step> STEP = RABBET.to(SectionFields::step, Rabbet::withStep);

    public static final Field THICKNESS = new Field("thickness", SectionTexts.THICKNESS, LengthRange.ACROSS,
            SECTION.to(Section::thickness, Section::withThickness));
    public static final Field RABBET_WIDTH = new Field("rabbet.width", SectionTexts.RABBET_WIDTH, LengthRange.CUT,
            RABBET.to(Rabbet::width, Rabbet::withWidth));
    public static final Field RABBET_DEPTH = new Field("rabbet.depth", SectionTexts.RABBET_DEPTH, LengthRange.CUT,
            RABBET.to(Rabbet::depth, Rabbet::withDepth));
    public static final Field STEP_WIDTH = new Field("step.width", SectionTexts.SECOND_STEP_WIDTH, LengthRange.CUT,
            STEP.to(Rabbet.Step::width, (step, length) -> new Rabbet.Step(length, step.depth())));
    public static final Field STEP_DEPTH = new Field("step.depth", SectionTexts.SECOND_STEP_DEPTH, LengthRange.CUT,
            STEP.to(Rabbet.Step::depth, (step, length) -> new Rabbet.Step(step.width(), length)));

    private SectionFields() {}

    /** The main size of what is milled at a place of the order, a radius or a width. */
    public static Field milled(int place) {
        return new Field("milled." + place, SectionTexts.SIZE_OF_THE_CUT, LengthRange.CUT,
                operation(place).to(Operation::size, Operation::withSize));
    }

    /** The depth of what is milled at a place of the order, where it has one of its own. */
    public static Field milledDepth(int place) {
        return new Field("milled.depth." + place, SectionTexts.DEPTH_OF_THE_CUT, LengthRange.CUT,
                operation(place).to(operation -> switch (operation) {
                    case Operation.Shaped shaped -> shaped.depth();
                    case Operation.Groove groove -> groove.depth();
                    case Operation.PackRabbet pack -> pack.rabbet().depth();
                    case Operation.Rip rip -> rip.size();
                }, (operation, length) -> switch (operation) {
                    case Operation.Shaped shaped -> shaped.withDepth(length);
                    case Operation.Groove groove -> groove.withDepth(length);
                    case Operation.PackRabbet pack -> pack;
                    case Operation.Rip rip -> rip;
                }));
    }

    /** Where a groove starts, from the sight edge, or from the front on the sides. */
    public static Field milledFrom(int place) {
        return new Field("milled.from." + place, SectionTexts.START_OF_THE_GROOVE, LengthRange.CUT,
                operation(place).as(Operation.Groove.class).to(Operation.Groove::from, Operation.Groove::withFrom));
    }

    /** How far an edge's tool is set in across the face. */
    public static Field milledInset(int place) {
        return new Field("milled.inset." + place, SectionTexts.SET_IN_ACROSS_THE_FACE, LengthRange.CUT,
                operation(place).as(Operation.Shaped.class).to(Operation.Shaped::inset, Operation.Shaped::withInset));
    }

    /** How far an edge's tool is set in down the side. */
    public static Field milledSunk(int place) {
        return new Field("milled.sunk." + place, SectionTexts.SET_IN_DOWN_THE_SIDE, LengthRange.CUT,
                operation(place).as(Operation.Shaped.class).to(Operation.Shaped::sunk, Operation.Shaped::withSunk));
    }

    /** Size of one board of a built-up section. */
    public static Field ply(int index) {
        return new Field("ply." + index, SectionTexts.BOARD.formatted(index + 1), LengthRange.ACROSS,
                SECTION.to(Section::milling, Section::withMilling).to(Milling::layers, Milling::withLayers)
                        .to(layers -> index < layers.plies().size() ? layers.plies().get(index).size() : null,
                                (layers, length) -> layers.withSize(index, length)));
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
            Lens.job(Job::hold, Job::withHold).to(Hold::room, Hold::withRoom));
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

    /** What is milled at a place of the order, the rabbet among it. */
    private static Lens<Job, Operation> operation(int place) {
        return SECTION.to(section -> {
            List<Operation> order = section.milling().order(section.rabbet());
            return place < order.size() ? order.get(place) : null;
        }, (section, operation) -> section.withMilling(section.milling().with(place, operation)));
    }

    private static Rabbet.Step step(Rabbet rabbet) {
        Rabbet.Step step = rabbet.step();
        return step == null ? new Rabbet.Step(rabbet.width(), Length.ZERO) : step;
    }
}
