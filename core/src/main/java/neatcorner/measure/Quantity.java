package neatcorner.measure;

/** Anything a maker reads off the plan: a length, an angle, a mass, another physical amount, money, or a plain number. */
public sealed interface Quantity permits Length, Angle, Mass, Money, Scalar, Fine, Physical {}
