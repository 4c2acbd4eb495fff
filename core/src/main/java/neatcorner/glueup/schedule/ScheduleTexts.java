package neatcorner.glueup.schedule;

/**
 * Why days are known to be the shortest, or are not.
 */
final class ScheduleTexts {
    // Scheduling

    static final String HANDS_A_FRAME_ALONE = "the hands, a frame alone, or the clamps allow no less";
    static final String NO_PROOF_THAT_IT_IS_LEAST = "no proof that it is least";
    static final String ALL_ORDERS_WERE_WEIGHED = "all orders were weighed";
    static final String NOTHING_TO_SCHEDULE = "nothing to schedule";
    static final String NO_FRAME_CAN_BE = "no frame can be placed";

    private ScheduleTexts() {}
}
