package neatcorner.plan;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;
import neatcorner.fitout.Layer;
import neatcorner.fitout.SizeOf;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.outline.Shape;
import neatcorner.piece.Piece;
import neatcorner.saw.DryFit;
import neatcorner.saw.SawScale;
import neatcorner.section.Operation;
import neatcorner.section.Rabbet;
import neatcorner.section.Seat;
import neatcorner.section.Section;

/** Every field of a job. */
public final class Fields {
    public static final Field ART_WIDTH = width("art.width", "Art width", SizeOf.ART);
    public static final Field ART_HEIGHT = height("art.height", "Art height", SizeOf.ART);
    public static final Field OPENING_WIDTH = width("opening.width", "Rabbet size, width", SizeOf.RABBET);
    public static final Field OPENING_HEIGHT = height("opening.height", "Rabbet size, height", SizeOf.RABBET);
    public static final Field SIGHT_WIDTH = width("sight.width", "Sight width", SizeOf.SIGHT);
    public static final Field SIGHT_HEIGHT = height("sight.height", "Sight height", SizeOf.SIGHT);
    public static final Field OUTSIDE_WIDTH = width("outside.width", "Outside width", SizeOf.OUTSIDE);
    public static final Field OUTSIDE_HEIGHT = height("outside.height", "Outside height", SizeOf.OUTSIDE);
    public static final Field CLEARANCE = new Field("clearance", "Clearance a side", LengthRange.PLAY,
            plan -> plan.job().clearance(),
            (job, length) -> job.withClearance(length));

    public static final Field FACE_WIDTH = section("face.width", "Face width", LengthRange.ACROSS, Section::width,
            Section::withWidth);
    public static final Field THICKNESS = section("thickness", "Thickness", LengthRange.ACROSS, Section::thickness,
            Section::withThickness);
    public static final Field RABBET_WIDTH = rabbet("rabbet.width", "Rabbet width", Rabbet::width, Rabbet::withWidth);
    public static final Field RABBET_DEPTH = rabbet("rabbet.depth", "Rabbet depth", Rabbet::depth, Rabbet::withDepth);
    public static final Field STEP_WIDTH = rabbet("step.width", "Second step, width", rabbet -> step(rabbet).width(),
            (rabbet, length) -> rabbet.withStep(new Rabbet.Step(length, step(rabbet).depth())));
    public static final Field STEP_DEPTH = rabbet("step.depth", "Second step, depth", rabbet -> step(rabbet).depth(),
            (rabbet, length) -> rabbet.withStep(new Rabbet.Step(step(rabbet).width(), length)));

    public static final Field MAT_TOP = border("mat.top", "Mat border, top", 0);
    public static final Field MAT_RIGHT = border("mat.right", "Mat border, right", 1);
    public static final Field MAT_BOTTOM = border("mat.bottom", "Mat border, bottom", 2);
    public static final Field MAT_LEFT = border("mat.left", "Mat border, left", 3);
    public static final Field MAT_OVERLAP = mat("mat.overlap", "Mat overlap", Layer.Mat::overlap,
            Layer.Mat::withOverlap);

    public static final Field KERF = new Field("kerf", "Saw kerf", LengthRange.KERF, plan -> plan.job().saw().kerf(),
            (job, length) -> job.withSaw(job.saw().withKerf(length)));
    public static final Field ROUGH = new Field("rough", "Rough allowance", LengthRange.ALLOWANCE,
            plan -> plan.job().saw().rough(),
            (job, length) -> job.withSaw(job.saw().withRough(length)));
    public static final Field MIN_HOLD = new Field("min.hold", "Shortest piece held by hand", LengthRange.ALLOWANCE,
            plan -> plan.job().saw().minHold(),
            (job, length) -> job.withSaw(job.saw().withMinHold(length)));
    public static final Field END_TRIM = new Field("end.trim", "End trim", LengthRange.ALLOWANCE,
            plan -> plan.job().stock().endTrim(),
            (job, length) -> job.withStock(job.stock().withEndTrim(length)));

    public static final Field BOARD_WIDTH = new Field("board.width", "Widest board for segments", LengthRange.ACROSS,
            plan -> plan.job().outline().boardWidth(),
            (job, length) -> job.withOutline(job.outline().withBoardWidth(length)));
    public static final Field RISE = new Field("rise", "Rise of the arch", LengthRange.FRAME,
            plan -> plan.job().outline().shape() instanceof Shape.Arch arch ? arch.rise() : Length.ZERO,
            (job, length) -> job.outline().shape() instanceof Shape.Arch arch
                    ? job.withOutline(job.outline()
                            .withShape(new Shape.Arch(arch.curve(), length, arch.segments())))
                    : job);

    /** Those that every job has. */
    public static final List<Field> ALWAYS = List.of(ART_WIDTH, ART_HEIGHT, OPENING_WIDTH, OPENING_HEIGHT, SIGHT_WIDTH,
            SIGHT_HEIGHT, OUTSIDE_WIDTH, OUTSIDE_HEIGHT, CLEARANCE, FACE_WIDTH, THICKNESS, RABBET_WIDTH, RABBET_DEPTH,
            KERF, ROUGH, MIN_HOLD, END_TRIM);
    /** What shows of each mat border, outside the lip; clockwise from the top. */
    public static final List<Field> MAT_SHOWS = List.of(shows("mat.top.shows", "Mat border that shows, top", 0),
            shows("mat.right.shows", "Mat border that shows, right", 1),
            shows("mat.bottom.shows", "Mat border that shows, bottom", 2),
            shows("mat.left.shows", "Mat border that shows, left", 3));
    /** Those of the mat. */
    public static final List<Field> OF_MAT = Stream.concat(
            Stream.of(MAT_TOP, MAT_RIGHT, MAT_BOTTOM, MAT_LEFT, MAT_OVERLAP), MAT_SHOWS.stream()).toList();

    public static final Field GAP_LIMIT = new Field("gap.limit", "Widest gap let pass", LengthRange.GAP,
            plan -> plan.job().checks().gapLimit(),
            (job, length) -> job.withChecks(job.checks().withGapLimit(length)));
    public static final Field FIRST_DIAGONAL = new Field("diagonal.first", "Diagonal from the top left",
            LengthRange.MEASURED,
            plan -> Length.mm(plan.job().checks().dryFit().first()),
            (job, length) -> job.withChecks(job.checks().withDryFit(job.checks().dryFit()
                    .withDiagonals(length.toMm(), job.checks().dryFit().second()))));
    public static final Field SECOND_DIAGONAL = new Field("diagonal.second", "Diagonal from the top right",
            LengthRange.MEASURED,
            plan -> Length.mm(plan.job().checks().dryFit().second()),
            (job, length) -> job.withChecks(job.checks().withDryFit(job.checks().dryFit()
                    .withDiagonals(job.checks().dryFit().first(), length.toMm()))));
    public static final Field ROCKS = new Field("rocks", "Lifts off a flat table by", LengthRange.ALLOWANCE,
            plan -> Length.mm(plan.job().checks().dryFit().rocks()),
            (job, length) -> job.withChecks(job.checks()
                    .withDryFit(job.checks().dryFit().withRocks(length.toMm()))));
    public static final Field SCALE_RADIUS = new Field("scale.radius", "Pivot to the marks of the scale",
            LengthRange.TOOL,
            plan -> plan.job().saw().scale().radius(),
            (job, length) -> job.withSaw(job.saw().withScale(new SawScale(
                    job.saw().scale().zero(), length, job.saw().scale().fence()))));
    public static final Field FENCE_LENGTH = new Field("scale.fence", "Blade to the fence's end", LengthRange.TOOL,
            plan -> plan.job().saw().scale().fence(),
            (job, length) -> job.withSaw(job.saw().withScale(new SawScale(
                    job.saw().scale().zero(), job.saw().scale().radius(), length))));

    private static final List<String> GAPS = List.of("Open outside, at the heel", "Open inside, at the toe",
            "Step in the face");
    private static final List<String> SIDES = List.of("top", "right", "bottom", "left");

    private Fields() {}

    /** The face width of one side, counted clockwise from the top, 0 … 3. */
    public static Field face(int side) {
        return new Field("face." + SIDES.get(side), "Face width, " + SIDES.get(side), LengthRange.ACROSS,
                plan -> plan.job().faces().list().get(side),
                (job, length) -> job.withFaceWidths(job.faces().with(side, length)));
    }

    /** One side of a free outline, at the edge that the job's size names, counted as the pieces are. */
    public static Field side(int side, boolean mirrored) {
        return new Field("side." + side, "Side " + (char) ('A' + side % 26), LengthRange.FRAME,
                plan -> Length.mm(Geometry.of(plan.job()).edge(plan.job().sizeOf()).length(side)),
                (job, length) -> new Reshape(job, mirrored).side(side, length));
    }

    /** Outer length of a piece as it was cut. */
    public static Field cut(int piece) {
        return new Field("cut." + piece, "Length as cut", LengthRange.MEASURED,
                plan -> plan.job().checks().of(plan.pieces().get(piece)).outer(),
                (job, length) -> {
                    List<Piece> pieces = Cutting.of(job).pieces();
                    return piece >= pieces.size()
                            ? job
                            : job.withChecks(job.checks().with(
                                    job.checks().of(pieces.get(piece)).withOuter(length)));
                });
    }

    /** A gap of the dry fit at a corner, clockwise from the top left; 0 at the heel, 1 at the toe, 2 a step in the face. */
    public static Field gap(int corner, int what) {
        return new Field("gap." + corner + "." + what, GAPS.get(what), LengthRange.GAP,
                plan -> Length.mm(gaps(plan.job().checks().dryFit(), what).get(corner)),
                (job, length) -> job.withChecks(job.checks()
                        .withDryFit(job.checks().dryFit().with(corner, what, length.toMm()))));
    }

    private static List<Double> gaps(DryFit fit, int what) {
        return what == 0 ? fit.heels() : what == 1 ? fit.toes() : fit.steps();
    }

    /** The main size of what is milled at a place of the order, a radius or a width. */
    public static Field milled(int place) {
        return milled("milled." + place, "Size of the cut", place, Operation::size, Operation::withSize);
    }

    /** The depth of what is milled at a place of the order, where it has one of its own. */
    public static Field milledDepth(int place) {
        return milled("milled.depth." + place, "Depth of the cut", place, operation -> switch (operation) {
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
        return milled("milled.from." + place, "Start of the groove", place,
                operation -> operation instanceof Operation.Groove groove ? groove.from() : Length.ZERO,
                (operation, length) -> operation instanceof Operation.Groove groove
                        ? groove.withFrom(length)
                        : operation);
    }

    /** How far an edge's tool is set in across the face. */
    public static Field milledInset(int place) {
        return shaped("milled.inset." + place, "Set in across the face", place, Operation.Shaped::inset,
                Operation.Shaped::withInset);
    }

    /** How far an edge's tool is set in down the side. */
    public static Field milledSunk(int place) {
        return shaped("milled.sunk." + place, "Set in down the side", place, Operation.Shaped::sunk,
                Operation.Shaped::withSunk);
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

    /** Size of one board of a built-up section. */
    public static Field ply(int index) {
        return section("ply." + index, "Board " + (index + 1), LengthRange.ACROSS,
                section -> section.milling().layers().plies().get(index).size(),
                (section, length) -> index >= section.milling().layers().plies().size()
                        ? section
                        : section.withMilling(section.milling().withLayers(
                                section.milling().layers().withSize(index, length))));
    }

    /** Thickness of one layer of the pack. */
    public static Field layer(int index) {
        return new Field("layer." + index, "Layer thickness", LengthRange.LAYER,
                plan -> plan.job().pack().layers().get(index).thickness(),
                (job, length) -> job.withPack(job.pack().with(index, layer -> layer.withThickness(length))));
    }

    /** Length of one kind of stick on the rack. */
    public static Field stick(int index) {
        return new Field("stick." + index, "Stick length", LengthRange.STOCK,
                plan -> plan.job().stock().sticks().get(index).length(),
                (job, length) -> job.withStock(job.stock().withStick(index, stick -> stick.withLength(length))));
    }

    private static Field width(String id, String title, SizeOf of) {
        return new Field(id, title, LengthRange.FRAME, plan -> plan.sizes().of(of).width(),
                (job, length) -> resized(job, of, length, job.sizes().of(of).height()));
    }

    private static Field height(String id, String title, SizeOf of) {
        return new Field(id, title, LengthRange.FRAME, plan -> plan.sizes().of(of).height(),
                (job, length) -> resized(job, of, job.sizes().of(of).width(), length));
    }

    private static Job resized(Job job, SizeOf of, Length width, Length height) {
        boolean positive = width.isPositive() && height.isPositive();
        Job based = job.outline().shape() instanceof Shape.Arch ? job.startingFrom(of) : job;
        return positive
                ? Geometry.of(based).stretched(of, new Opening(width, height))
                : based.withSize(of, new Opening(width, height));
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

    private static Field mat(String id, String title, Function<Layer.Mat, Length> get,
            BiFunction<Layer.Mat, Length, Layer.Mat> set) {
        return new Field(id, title, LengthRange.BORDER, plan -> plan.job().pack().mat().map(get).orElse(Length.ZERO),
                (job, length) -> job.pack().mat()
                        .map(mat -> job.withPack(job.pack().withMat(set.apply(mat, length))))
                        .orElse(job));
    }

    /** A border as it is seen: less what lies under the lip. */
    private static Field shows(String id, String title, int side) {
        return new Field(id, title, LengthRange.BORDER,
                plan -> plan.job().pack().mat().map(mat -> mat.borders().list().get(side).minus(underLip(plan.job())))
                        .orElse(Length.ZERO),
                (job, length) -> job.pack().mat()
                        .map(mat -> job.withPack(job.pack().withMat(
                                mat.withBorders(mat.borders().with(side, length.plus(underLip(job)))))))
                        .orElse(job));
    }

    /** How far the mat's edge lies behind the lip. */
    private static Length underLip(Job job) {
        return Seat.of(job.section(), job.outline().slope()).wall().minus(job.clearance());
    }

    private static Field border(String id, String title, int side) {
        return mat(id, title, mat -> mat.borders().list().get(side), (mat, length) -> {
            Faces borders = mat.borders().with(side, length);
            return mat.withBorders(borders);
        });
    }
}
