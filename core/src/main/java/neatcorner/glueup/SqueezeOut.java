package neatcorner.glueup;

/** What is done with the glue that comes out of a joint: the two schools. */
public enum SqueezeOut {
    /** At once, with a wet rag and a brush. */
    WIPE("wipe wet"),
    /** After a while, with a chisel, bevel down: nothing is rubbed into the grain, so stain takes evenly. */
    LIFT("lift when rubbery");

    private final String title;

    SqueezeOut(String title) {
        this.title = title;
    }

    /** What it is called, in US words. */
    public String title() {
        return title;
    }
}
