package neatcorner.glueup.schedule;

/** What there is only so much of in the shop, besides the maker's hands. */
public enum Resource {
    BAND("band clamp"),
    /** Those bands that go farther round than the shop's shortest; a large frame takes them besides. */
    LONG_BAND("long band clamp"),
    CORNER_CLAMP("corner clamp"),
    JIG("corner clamping jig"),
    BENCH("bench place"),
    DRYING("drying place");

    private final String title;

    Resource(String title) {
        this.title = title;
    }

    /** What it is called, in US words. */
    public String title() {
        return title;
    }
}
