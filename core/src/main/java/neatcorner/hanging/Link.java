package neatcorner.hanging;

import neatcorner.measure.Mass;

/**
 * One thing in the chain between a frame and its wall: what hangs is as strong as the weakest of them.
 *
 * @param carries what one of them carries
 * @param rated   what one of them is good for: by its label where the maker typed that, else the most that is usual
 * @param safety  how many times what it carries it has to be rated; 1 where the rating has that in it
 */
public record Link(Part part, Mass carries, Mass rated, int safety) {

    /** What can be in a chain. */
    public enum Part {
        WIRE("wire"),
        RING("ring"),
        KEYHOLE("keyhole plate"),
        SAWTOOTH("sawtooth hanger"),
        STRIP("strip"),
        PEEL("strips as they peel"),
        EASEL("easel back"),
        CLEAT_SCREWS("screws of the cleat"),
        SCREW("screw"),
        ADHESIVE("adhesive");

        private final String title;

        Part(String title) {
            this.title = title;
        }

        /** What it is called within a sentence, in US words. */
        public String title() {
            return title;
        }
    }

    /** Rated four times what it carries. */
    static Link four(Part part, double kilograms, double rated) {
        return new Link(part, new Mass(kilograms), new Mass(rated), Hook.SAFETY);
    }

    /** Good up to its limit, and no further. */
    static Link limit(Part part, double kilograms, double rated) {
        return new Link(part, new Mass(kilograms), new Mass(rated), 1);
    }

    /** The rating that it takes. */
    public Mass needed() {
        return new Mass(carries.kilograms() * safety);
    }

    /** Whether it is rated for what it carries. */
    public boolean isEnough() {
        return needed().kilograms() <= rated.kilograms() * (1 + 1e-9);
    }
}
