package neatcorner.station.fitout;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.drawing.RingFace;
import neatcorner.fitout.Bite;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Retainers;
import neatcorner.fitout.Screws;
import neatcorner.hanging.Weight;
import neatcorner.job.Hold;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.outline.Contours;
import neatcorner.outline.Opening;
import neatcorner.piece.Piece;
import neatcorner.plan.Across;
import neatcorner.plan.Derived;
import neatcorner.plan.Plan;
import org.jspecify.annotations.Nullable;

/**
 * What is cut for the pack, what keeps it in, and the screws of the rings, of one frame.
 *
 * @param cuts      sheets that are cut to size, from the front
 * @param retainers along each piece, from the start of its sight edge; none where no pack lies in the rabbet
 * @param screws    of rings that are screwed
 * @param fabric    what is cut of it, where the frame is wrapped
 */
public record FitOutWork(List<Cut> cuts, List<Along> retainers, List<Row> screws, @Nullable Opening fabric) {
    private static final Derived<FitOutWork> WORK = new Derived<>(FitOutWork::work);

    /** A sheet that is cut to size. */
    public record Cut(Layer layer, Opening size, Mass mass) {

        /** What it is in files: glazing, mat or backing. */
        public String what() {
            return switch (layer) {
                case Layer.Glazing glazing -> "glazing";
                case Layer.Mat mat -> "mat";
                case Layer.Spacers spacers -> "spacers";
                case Layer.Art art -> "art";
                case Layer.Backing backing -> "backing";
            };
        }
    }

    /** Places along a piece, from the start of one of its edges. */
    public record Along(Piece piece, List<Length> at) {
        public Along {
            at = List.copyOf(at);
        }
    }

    /**
     * The screws of a ring.
     *
     * @param along each piece, from the start of its long edge
     * @param bite  what they go through and into
     */
    public record Row(Across.Lying ring, Screws screws, List<Along> along, Bite bite) {
        public Row {
            along = List.copyOf(along);
        }

        /** How many there are. */
        public int count() {
            return along.stream().mapToInt(piece -> piece.at().size()).sum();
        }
    }

    public FitOutWork {
        cuts = List.copyOf(cuts);
        retainers = List.copyOf(retainers);
        screws = List.copyOf(screws);
    }

    /** Of a plan. */
    public static FitOutWork of(Plan plan) {
        return Objects.requireNonNull(plan.derived(WORK));
    }

    private static FitOutWork work(Plan plan) {
        Contours contours = plan.contours();
        if (contours == null) {
            return new FitOutWork(List.of(), List.of(), List.of(), null);
        }
        List<Cut> cuts = new ArrayList<>();
        for (Layer layer : plan.job().layersToCut()) {
            if (layer.isSheet()) {
                cuts.add(new Cut(layer, plan.cut(layer), Weight.of(layer, plan.cut(layer), plan.sizes(),
                        plan.job().outline(), contours)));
            }
        }
        return new FitOutWork(cuts, retainers(plan, contours), screws(plan), fabric(plan));
    }

    private static List<Along> retainers(Plan plan, Contours contours) {
        Retainers kept = plan.job().fitOut().retainers();
        return plan.job().hold().isInRabbet() && !plan.job().pack().layers().isEmpty() && kept.kind().isSpaced()
                ? spaced(plan, contours, kept)
                : List.of();
    }

    /** Where retainers would go that are set out one by one, as far apart as the job says. */
    static List<Along> retainers(Plan plan) {
        Contours contours = plan.contours();
        return contours == null ? List.of() : spaced(plan, contours, plan.job().fitOut().retainers());
    }

    private static List<Along> spaced(Plan plan, Contours contours, Retainers kept) {
        RingFace face = new RingFace(contours, plan.job().outline(), plan.job().joint());
        List<Along> all = new ArrayList<>();
        for (int i = 0; i < plan.pieces().size(); i++) {
            all.add(new Along(plan.pieces().get(i), kept.spacing().retainers(Length.mm(face.length(i, false)))));
        }
        return all;
    }

    private static List<Row> screws(Plan plan) {
        List<Row> rows = new ArrayList<>();
        Across across = Across.of(plan);
        for (Across.Lying ring : across.rings()) {
            Screws screws = ring.ring().screws();
            Optional<Bite> bite = across.bite(plan, ring);
            if (screws != null && bite.isPresent()) {
                rows.add(new Row(ring, screws, ring.cut().pieces().stream()
                        .map(piece -> new Along(piece, screws.spacing().screws(piece.longPoint()))).toList(),
                        bite.get()));
            }
        }
        return rows;
    }

    /** Fabric goes round the sides and onto the back: size + 2 · (depth + return). */
    private static @Nullable Opening fabric(Plan plan) {
        return plan.job().hold() instanceof Hold.Wrapped wrapped
                ? plan.sizes().outside().grown(plan.job().section().thickness().plus(wrapped.fold()))
                : null;
    }

    /** How many retainers there are in all. */
    public int retainerCount() {
        return retainers.stream().mapToInt(piece -> piece.at().size()).sum();
    }

    /** How long the screws in a shop's drawers are, each length once, the shortest first. */
    static List<Length> atHand(Plan plan) {
        return plan.shop().inventory().of(ReinforcementKind.SCREW).stream().map(Reinforcement::size).distinct()
                .sorted().toList();
    }
}
