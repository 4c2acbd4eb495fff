package neatcorner.station.section;

/**
 * How much of the section's making is shown.
 *
 * @param pass     index of the pass that is being made; -1 for the finished section with the pack in it
 * @param safeZone whether the part is marked in which hidden parts may lie
 */
public record SectionLook(int pass, boolean safeZone) {
    public static final SectionLook FINISHED = new SectionLook(-1, false);
}
