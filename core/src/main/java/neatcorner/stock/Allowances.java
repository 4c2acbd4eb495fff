package neatcorner.stock;

import neatcorner.measure.Length;

/**
 * What milling takes off rough lumber; the usual values are common practice.
 *
 * @param face       to joint one face flat, besides the bow
 * @param edge       to joint one edge straight
 * @param planing    to plane each face that was sawn or jointed to its final thickness
 * @param ripKerf    of the rip cut
 * @param resawKerf  of the resaw cut
 * @param resawClean to clean a resawn face up
 * @param roughLength extra length, for snipe and splits at the ends
 */
public record Allowances(Length face, Length edge, Length planing, Length ripKerf, Length resawKerf, Length resawClean,
        Length roughLength) {
    public static final Allowances USUAL = new Allowances(Length.mm(2), Length.mm(2), Length.mm(1.5), Length.mm(3),
            Length.mm(2), Length.mm(1.5), Length.mm(25));

    /** The usual ones where strips are ripped by a blade of such a kerf. */
    public static Allowances ripping(Length kerf) {
        return new Allowances(USUAL.face, USUAL.edge, USUAL.planing, kerf, Length.min(USUAL.resawKerf, kerf),
                USUAL.resawClean, USUAL.roughLength);
    }
}
