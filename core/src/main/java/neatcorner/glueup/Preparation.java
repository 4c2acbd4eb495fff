package neatcorner.glueup;

/**
 * What is done to the wood before the saw, for all frames that are sawn together, and to the rabbet of one once it is glued,
 * in minutes of work.
 *
 * @param boards  rough boards to sticks
 * @param gluedUp boards or strips into one section; 0 for a section of one piece
 * @param milling everything milled off the stick
 * @param rabbet  a rabbet routed after the glue-up, its corners squared with a chisel
 */
public record Preparation(double boards, double gluedUp, double milling, double rabbet) {
    /** Sticks that are ready to be sawn. */
    public static final Preparation NONE = new Preparation(0, 0, 0, 0);
}
