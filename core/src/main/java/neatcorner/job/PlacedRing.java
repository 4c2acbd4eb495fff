package neatcorner.job;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import neatcorner.fitout.SizeOf;
import neatcorner.measure.Length;
import neatcorner.measure.Sentence;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.outline.Shape;
import neatcorner.section.Section;
import org.jspecify.annotations.Nullable;

/**
 * A ring where it lies against another one, or the frame itself.
 *
 * @param ring     as its maker set it against another; null for the frame
 * @param make    what it is made of
 * @param beyond   how far its sight edge lies outside the frame's, mm; negative inside it. With unequal faces, beside the
 *                 narrowest
 * @param contours its edges; null where it cannot lie there
 * @param sight    its sight size, as the frame's is measured
 * @param outside  its outer size
 * @param fault    why it cannot lie there; null where it can
 */
public record PlacedRing(@Nullable Ring ring, Make make, double beyond, @Nullable Contours contours, Opening sight,
        Opening outside,
        @Nullable Sentence fault) {
    private static final Opening NONE = new Opening(Length.ZERO, Length.ZERO);

    /** A loop to which other rings are set. */
    private record Base(double beyond, Contours contours, Section section) {}

    /** One that cannot lie there. */
    private PlacedRing(Ring ring, double beyond, @Nullable Sentence fault) {
        this(ring, ring.make(), beyond, null, NONE, NONE, fault);
    }

    /** Its maker's word for it; empty for the frame. */
    public String name() {
        return ring == null ? "" : ring.name();
    }

    /** The frame itself. */
    public static PlacedRing frame(Geometry geometry) {
        Contours contours = ShapeFault.isSound(geometry) ? geometry.contours() : null;
        return new PlacedRing(null, geometry.job().frame(), 0, contours, geometry.sizes().sight(),
                geometry.sizes().outside(),
                null);
    }

    /** All rings of a job but the frame, in its order; each may lie against those that are named anywhere in the list. */
    public static List<PlacedRing> of(Geometry frame) {
        Job job = frame.job();
        if (job.rings().isEmpty()) {
            return List.of();
        }
        Map<String, Base> bases = new LinkedHashMap<>();
        Contours contours = frame.contours();
        if (contours != null && ShapeFault.isSound(frame)) {
            bases.put("", new Base(0, contours, job.section()));
        }
        @Nullable
        PlacedRing[] placed = new PlacedRing[job.rings().size()];
        for (int i = 0; i < placed.length; i++) {
            String name = job.rings().get(i).name();
            if (job.rings().subList(0, i).stream().anyMatch(before -> before.name().equals(name))) {
                placed[i] = new PlacedRing(job.rings().get(i), 0,
                        Sentence.naming(name, ShapeFaultTexts.TWO_RINGS_OF_ONE_NAME));
            }
        }
        for (int round = 0; round < placed.length; round++) {
            for (int i = 0; i < placed.length; i++) {
                Ring ring = job.rings().get(i);
                Base base = bases.get(ring.place().of());
                if (placed[i] == null && base != null) {
                    PlacedRing found = against(frame, ring, base);
                    placed[i] = found;
                    if (found.contours != null) {
                        bases.putIfAbsent(ring.name(), new Base(found.beyond, found.contours, ring.section()));
                    }
                }
            }
        }
        List<PlacedRing> all = new ArrayList<>();
        for (int i = 0; i < placed.length; i++) {
            PlacedRing there = placed[i];
            all.add(there == null ? nowhere(job.rings().get(i), bases.containsKey("")) : there);
        }
        return List.copyOf(all);
    }

    private static PlacedRing nowhere(Ring ring, boolean frameIsThere) {
        return new PlacedRing(ring, 0, frameIsThere
                ? Sentence.naming(ring.name(), ShapeFaultTexts.RING_AGAINST_NOTHING)
                : Sentence.naming(ring.name(), ShapeFaultTexts.RING_WITHOUT_FRAME));
    }

    private static PlacedRing against(Geometry frame, Ring ring, Base base) {
        Ring.Place place = ring.place();
        double beyond = base.beyond + own(base.section, place.edge())
                + (place.isInside() ? -1 : 1) * place.play().toMm() - own(ring.section(), place.as());
        Section section = ring.section();
        if (!section.width().isPositive() || frame.job().outline().isSloped()) {
            return new PlacedRing(ring, beyond, Sentence.naming(ring.name(),
                    section.width().isPositive()
                            ? ShapeFaultTexts.RING_ON_SLOPED_FACES
                            : ShapeFaultTexts.RING_WITHOUT_WIDTH));
        }
        Contours edges = base.contours.segments().isEmpty()
                ? straight(place, base, section)
                : curved(frame, beyond, section);
        Optional<Sentence> fault = edges == null
                ? Optional.of(Sentence.naming(ring.name(), ShapeFaultTexts.RING_HAS_NO_ROOM))
                : ShapeFault.ofEdges(edges).map(why -> Sentence.naming(ring.name(), ShapeFaultTexts.RING_HAS_NO_ROOM));
        if (edges == null || fault.isPresent()) {
            return new PlacedRing(ring, beyond, fault.orElse(null));
        }
        Opening sight = size(frame, edges.sight(), beyond);
        return new PlacedRing(ring, ring.make(), beyond, edges, sight,
                size(frame, edges.outside(), beyond + section.width().toMm()), null);
    }

    /** How far one of a ring's own edges lies outside its sight edge, mm. */
    private static double own(Section section, SizeOf edge) {
        return switch (edge) {
            case SIGHT, ART -> 0;
            case RABBET -> section.rabbet().width().toMm();
            case OUTSIDE -> section.width().toMm();
        };
    }

    /** Null where a side would run backwards, as beyond the middle of the frame. */
    private static @Nullable Contours straight(Ring.Place place, Base base, Section section) {
        Loop edge = switch (place.edge()) {
            case SIGHT, ART -> base.contours.sight();
            case RABBET -> base.contours.rabbet();
            case OUTSIDE -> base.contours.outside();
        };
        Loop own = edge.offset((place.isInside() ? -1 : 1) * place.play().toMm());
        Loop sight = own.offset(-own(section, place.as()));
        for (int i = 0; i < sight.sides(); i++) {
            if (sight.along(i, edge) <= 0) {
                return null;
            }
        }
        List<Length> widths = Collections.nCopies(sight.sides(), section.width());
        return Contours.straight(sight, section.rabbet().width().toMm(), widths);
    }

    private static @Nullable Contours curved(Geometry frame, double beyond, Section section) {
        Length across = Length.mm(2 * beyond);
        Opening sight = frame.sizes().sight();
        boolean room = sight.width().plus(across).isPositive() && sight.height().plus(across).isPositive();
        return room ? frame.curvesBeyond(beyond, section) : null;
    }

    /** As the frame's own sizes are measured: across flats or corners of a regular one, else the box round the edge. */
    private static Opening size(Geometry frame, Loop edge, double beyond) {
        Contours contours = Objects.requireNonNull(frame.contours());
        if (frame.job().outline().shape() instanceof Shape.Regular regular) {
            double share = regular.acrossCorners() ? Math.cos(Math.PI / regular.sides()) : 1;
            return frame.sizes().sight().grown(Length.mm(beyond / share));
        }
        return contours.segments().isEmpty() ? edge.box() : frame.sizes().sight().grown(Length.mm(beyond));
    }
}
