package neatcorner.measure;

/**
 * A gap or an error, too small for the shop's reading step: it is read in hundredths of a millimetre or thousandths of an
 * inch.
 *
 * @param millimetres of any sign
 */
public record Fine(double millimetres) implements Quantity {

    public static Fine of(Length length) {
        return new Fine(length.toMm());
    }
}
