package neatcorner.fitout;

import java.util.Optional;
import neatcorner.measure.Length;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import org.jspecify.annotations.Nullable;

/**
 * All sizes of a frame, from the art outwards.
 *
 * @param art    the sheet itself
 * @param window the mat's window; null without a mat
 * @param pack   the mat's outer size, or the art's without a mat
 * @param rabbet between the rabbet walls
 * @param sight  the opening seen from the front
 */
public record FrameSizes(Opening art, @Nullable Opening window, Opening pack, Opening rabbet, Opening sight,
        Opening outside) {

    /**
     * Where the edge of what is held lies.
     *
     * @param follows the sight edge or the outer one
     * @param beyond  how far outside that edge, per side; negative inside it
     */
    public record Held(SizeOf follows, Length beyond) {}

    /** What the sizes depend on, apart from the one that was measured. */
    public record Given(Optional<Layer.Mat> mat, Held held, Length rabbetWidth, Faces faces) {

        /** Of a pack that lies in the rabbet with so much clearance per side. */
        public Given(Optional<Layer.Mat> mat, Length clearance, Length rabbetWidth, Faces faces) {
            this(mat, new Held(SizeOf.SIGHT, rabbetWidth.minus(clearance)), rabbetWidth, faces);
        }
    }

    /**
     * From one measured size: mat window = art − 2·overlap; pack = window + borders, and lies so far beyond the edge that it
     * follows (in a rabbet: by the rabbet's width less the clearance); rabbet = sight + 2·rabbet width; outside = sight +
     * the two faces. Results may be negative; nothing is rounded.
     */
    public static FrameSizes from(SizeOf of, Opening size, Given given) {
        boolean inside = given.held.follows() == SizeOf.SIGHT;
        Opening sight = switch (of) {
            case ART -> {
                Opening edge = packAround(size, given).grown(given.held.beyond().negate());
                yield inside ? edge : edge.shrunk(given.faces);
            }
            case RABBET -> size.grown(given.rabbetWidth.negate());
            case SIGHT -> size;
            case OUTSIDE -> size.shrunk(given.faces);
        };
        Opening rabbet = sight.grown(given.rabbetWidth);
        Opening outside = sight.grown(given.faces);
        Opening pack = (inside ? sight : outside).grown(given.held.beyond());
        if (given.mat.isEmpty()) {
            return new FrameSizes(pack, null, pack, rabbet, sight, outside);
        }
        Layer.Mat mat = given.mat.get();
        Opening window = pack.shrunk(mat.borders());
        return new FrameSizes(window.grown(mat.overlap()), window, pack, rabbet, sight, outside);
    }

    private static Opening packAround(Opening art, Given given) {
        return given.mat.map(mat -> art.grown(mat.overlap().negate()).grown(mat.borders())).orElse(art);
    }

    /** The size that is called so. */
    public Opening of(SizeOf of) {
        return switch (of) {
            case ART -> art;
            case RABBET -> rabbet;
            case SIGHT -> sight;
            case OUTSIDE -> outside;
        };
    }

    /** All of them so many times as large. */
    public FrameSizes scaled(double factor) {
        Opening cut = window;
        return new FrameSizes(art.scaled(factor), cut == null ? null : cut.scaled(factor), pack.scaled(factor),
                rabbet.scaled(factor), sight.scaled(factor), outside.scaled(factor));
    }

    /** True when every one of them can be made. */
    public boolean arePossible() {
        return art.isPositive() && pack.isPositive() && sight.isPositive() && outside.isPositive()
                && (window == null || window.isPositive());
    }
}
