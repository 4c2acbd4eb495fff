package neatcorner.measure;

/**
 * A gap or an error, too small for the shop's reading step: it is read in hundredths of a millimetre or thousandths of an
 * inch.
 *
 * @param millimetres of any sign
 */
public record Fine(double millimetres) implements Quantity {

    /** A length to be read to the hundredth of a millimetre. */
    public static Fine of(Length length) {
        return new Fine(length.toMm());
    }
}
