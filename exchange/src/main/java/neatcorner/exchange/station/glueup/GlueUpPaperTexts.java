package neatcorner.exchange.station.glueup;

/**
 * What the paper and the calendar say of the glue-up. {@code %s} stands for words that are filled in, <code>{0}</code> for
 * quantities.
 */
final class GlueUpPaperTexts {
    // GlueUpFiles

    static final String GLUE_UP_WITH = "Glue-up: %s, %s, %s";
    static final String TO_SET = "to set";
    static final String SCREWS_AND_PINS_CORNER = "Screws and pins corner by corner, as numbered in the drawing%s. Stop "
            + "short of splitting.";
    static final String STEP_TIME_GLUE_OPEN = "  (%s, glue is open)";
    static final String IN_ALL_OF_WORK = "In all %s of work, and %s in which a frame is left alone to set and dry.";
    static final String GLOVES_FOR_EPOXY_AND_POLYURETHANE = "Gloves for epoxy and polyurethane. The label decides.";
    static final String AIR_THE_ROOM_WHILE = "Air the room while this finish dries, and keep flames away.";
    static final String OILY_RAGS_DRY_FLAT = "Oily rags dry flat outdoors or lie in a closed metal can of water: they can "
            + "catch fire.";
    static final String MINUTES = "%2$s min";
    static final String HOURS = "%1$s h";
    static final String HOURS_AND_MINUTES = "%1$s h %2$s min";
    static final String THEN_WAIT = "{0}, then wait {1}";

    // ShopCalendar

    static final String WAIT_AFTER = "%s: wait after %s";

    private GlueUpPaperTexts() {}
}
