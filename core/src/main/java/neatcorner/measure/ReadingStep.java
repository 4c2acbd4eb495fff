package neatcorner.measure;

/** The finest mark a shop reads on its rule. */
public enum ReadingStep {
    MM_1(Units.MILLIMETRES, 1),
    MM_HALF(Units.MILLIMETRES, 2),
    MM_TENTH(Units.MILLIMETRES, 10),
    INCH_16TH(Units.INCHES, 16),
    INCH_32ND(Units.INCHES, 32),
    INCH_64TH(Units.INCHES, 64);

    private final Units units;
    private final int partsOfUnit;

    ReadingStep(Units units, int partsOfUnit) {
        this.units = units;
        this.partsOfUnit = partsOfUnit;
    }

    /** The system that it belongs to. */
    public Units units() {
        return units;
    }

    /** How many steps make one millimetre or one inch. */
    public int partsOfUnit() {
        return partsOfUnit;
    }

    /** From one mark of the rule to the next. */
    public Length length() {
        return new Length((units == Units.MILLIMETRES ? Length.PER_MM : Length.PER_INCH) / partsOfUnit);
    }

    /** The step a new shop starts with: fine enough that nothing typed in whole or half millimetres or 64ths is rounded. */
    public static ReadingStep usual(Units units) {
        return units == Units.MILLIMETRES ? MM_TENTH : INCH_64TH;
    }

    /** As written in settings and menus: {@code 0.1 mm}, {@code 1/32 in}. */
    public String label() {
        return switch (this) {
            case MM_1 -> "1 mm";
            case MM_HALF -> "0.5 mm";
            case MM_TENTH -> "0.1 mm";
            case INCH_16TH, INCH_32ND, INCH_64TH -> "1/" + partsOfUnit + " in";
        };
    }
}
