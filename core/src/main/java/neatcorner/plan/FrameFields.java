package neatcorner.plan;

import java.util.List;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Geometry;
import neatcorner.job.Job;
import neatcorner.job.Preset;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.outline.Opening;
import neatcorner.outline.Shape;
import neatcorner.saw.measured.Checks;
import neatcorner.saw.measured.DryFit;
import neatcorner.section.Section;

/** Lengths of a frame that more than one station shows. */
public final class FrameFields {
    private static final Lens<Job, DryFit> DRY_FIT = Lens.job(Job::checks, Job::withChecks)
            .to(Checks::dryFit, Checks::withDryFit);

    public static final Field ART_WIDTH = width("art.width", PlanTexts.ART_WIDTH, SizeOf.ART);
    public static final Field ART_HEIGHT = height("art.height", PlanTexts.ART_HEIGHT, SizeOf.ART);
    public static final Field OPENING_WIDTH = width("opening.width", PlanTexts.RABBET_SIZE_WIDTH, SizeOf.RABBET);
    public static final Field OPENING_HEIGHT = height("opening.height", PlanTexts.RABBET_SIZE_HEIGHT, SizeOf.RABBET);
    public static final Field SIGHT_WIDTH = width("sight.width", PlanTexts.SIGHT_WIDTH, SizeOf.SIGHT);
    public static final Field SIGHT_HEIGHT = height("sight.height", PlanTexts.SIGHT_HEIGHT, SizeOf.SIGHT);
    public static final Field OUTSIDE_WIDTH = width("outside.width", PlanTexts.OUTSIDE_WIDTH, SizeOf.OUTSIDE);
    public static final Field OUTSIDE_HEIGHT = height("outside.height", PlanTexts.OUTSIDE_HEIGHT, SizeOf.OUTSIDE);
    public static final Field CLEARANCE = new Field("clearance", PlanTexts.CLEARANCE_A_SIDE, LengthRange.PLAY,
            Lens.job(Job::clearance, Job::withClearance));
    /** Of shutters, all round and between them. */
    public static final Field LEAF_PLAY = new Field("leaf.play", PlanTexts.LEAF_PLAY, LengthRange.PLAY,
            plan -> plan.job().hold().room(), Preset::withLeafPlay);
    public static final Field FACE_WIDTH = new Field("face.width", PlanTexts.FACE_WIDTH, LengthRange.ACROSS,
            Lens.job(Job::section, Job::withSection).to(Section::width, Section::withWidth));

    public static final Field FIRST_DIAGONAL = new Field("diagonal.first", PlanTexts.DIAGONAL_FROM_TOP_LEFT,
            LengthRange.MEASURED,
            DRY_FIT.to(fit -> Length.mm(fit.first()), (fit, length) -> fit.withDiagonals(length.toMm(), fit.second())));
    public static final Field SECOND_DIAGONAL = new Field("diagonal.second", PlanTexts.DIAGONAL_FROM_TOP_RIGHT,
            LengthRange.MEASURED,
            DRY_FIT.to(fit -> Length.mm(fit.second()), (fit, length) -> fit.withDiagonals(fit.first(), length.toMm())));
    private static final List<String> SIDES = List.of(PlanTexts.TOP, PlanTexts.RIGHT, PlanTexts.BOTTOM, PlanTexts.LEFT);

    private FrameFields() {}

    /** The face width of one side, counted clockwise from the top, 0 … 3. */
    public static Field face(int side) {
        return new Field("face." + SIDES.get(side), PlanTexts.FACE_WIDTH_OF_A_SIDE.formatted(SIDES.get(side)),
                LengthRange.ACROSS,
                plan -> plan.job().faces().list().get(side),
                (job, length) -> job.withFaceWidths(job.faces().with(side, length)));
    }

    /** Thickness of one layer of the pack. */
    public static Field layer(int index) {
        return new Field("layer." + index, PlanTexts.LAYER_THICKNESS, LengthRange.LAYER,
                Lens.at(Lens.job(Job::pack, Job::withPack).to(Pack::layers, (pack, layers) -> new Pack(layers)), index)
                        .to(Layer::thickness, Layer::withThickness));
    }

    private static Field width(String id, String title, SizeOf of) {
        return new Field(id, title, LengthRange.FRAME, plan -> plan.sizes().of(of).width(),
                (job, length) -> resized(job, of, length, job.sizes().of(of).height()));
    }

    private static Field height(String id, String title, SizeOf of) {
        return new Field(id, title, LengthRange.FRAME, plan -> plan.sizes().of(of).height(),
                (job, length) -> resized(job, of,
                        job.outline().shape().isEven() ? length : job.sizes().of(of).width(), length));
    }

    /** Where the other side leaves nothing, it is as short as a frame can be: seen at once, and typed next. */
    private static Job resized(Job job, SizeOf of, Length width, Length height) {
        Opening size = new Opening(LengthRange.FRAME.nearest(width), LengthRange.FRAME.nearest(height));
        Job based = job.outline().shape() instanceof Shape.Arch ? job.startingFrom(of) : job;
        return Geometry.of(based).stretched(of, size);
    }
}
