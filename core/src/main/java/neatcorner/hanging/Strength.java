package neatcorner.hanging;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Mass;
import org.jspecify.annotations.Nullable;

/**
 * What each way of hanging is good for. Labels rule where a maker typed one; until then the most that is usual for such things
 * is taken (from memory), so that nothing is hung by what cannot be bought strong enough.
 */
public final class Strength {
    /** Stranded wire with its rings, kg. */
    static final double WIRE = 70;
    /** A ring with four holes, kg. */
    static final double RING = 100;
    /** A plate let into the back, kg. */
    static final double KEYHOLE = 40;
    /** By its frame's top alone, kg: common practice. */
    public static final Mass LIGHT = new Mass(2);
    /** On a leg behind it, kg: common practice. */
    public static final Mass EASEL = new Mass(3);
    /** A strip on smooth paint, kg. */
    public static final double STRIP = 1.8;
    /** Of what a strip carries hanging straight down, what it bears when it is peeled off. */
    private static final double PEELED = 0.1;
    /** A screw of 4 mm across its length in wood, kg: 400 N. */
    static final double ACROSS = 400 / Hanging.GRAVITY;
    /** Adhesive for good, N/mm² of the zone that a wavy bead lies in: a pound on four square inches, over a third of it. */
    public static final double ADHESIVE = 0.4536 * Hanging.GRAVITY / (4 * 645.16) / 3;

    /** Screws of 4 mm in a cleat: common practice. */
    private static final int MOST_IN_CLEAT = 12;

    private Strength() {}

    /**
     * The chain of a frame that hangs in a way, but for its screws in the wood, which follow from that.
     *
     * @param mass   that hangs
     * @param wire   null where there is none
     * @param deep   how far the frame stands out from its wall, mm
     * @param height of the frame, mm
     */
    public static List<Link> chain(Hanging hanging, Mass mass, @Nullable Wire wire, double deep, double height) {
        double kilograms = mass.kilograms();
        double label = hanging.hardware().kilograms();
        List<Link> chain = new ArrayList<>();
        switch (hanging.by()) {
            case WIRE -> {
                double pull = wire == null ? kilograms : wire.tension() / Hanging.GRAVITY;
                chain.add(Link.four(Link.Part.WIRE, pull, label > 0 ? label : WIRE));
                chain.add(Link.four(Link.Part.RING, pull, label > 0 ? label : WIRE));
            }
            case D_RINGS -> chain.add(Link.four(Link.Part.RING, kilograms / 2, label > 0 ? label : RING));
            case KEYHOLES -> chain.add(Link.four(Link.Part.KEYHOLE, kilograms / 2, label > 0 ? label : KEYHOLE));
            case SAWTOOTH -> chain.add(Link.limit(Link.Part.SAWTOOTH, kilograms, LIGHT.kilograms()));
            case EASEL -> chain.add(Link.limit(Link.Part.EASEL, kilograms, EASEL.kilograms()));
            case STRIPS -> {
                double strip = hanging.rating().kilograms() > 0 ? hanging.rating().kilograms() : STRIP;
                int count = Math.max(1, hanging.hooks());
                chain.add(Link.limit(Link.Part.STRIP, kilograms / count, strip));
                chain.add(Link.limit(Link.Part.PEEL, kilograms / count * deep / 2 / Math.max(1, height),
                        strip * PEELED));
            }
            case CLEAT -> chain.add(Link.four(Link.Part.CLEAT_SCREWS, kilograms, ACROSS * MOST_IN_CLEAT));
            case SCREWS -> chain.add(Link.four(Link.Part.SCREW, kilograms / Math.max(1, hanging.hooks()), ACROSS));
        }
        return List.copyOf(chain);
    }

    /** How many screws hold a cleat to its frame: two at least, so that it cannot turn. */
    public static int cleatScrews(Mass mass) {
        return Math.max(2, (int) Math.ceil(Hook.SAFETY * mass.kilograms() / ACROSS - 1e-9));
    }
}
