package neatcorner.measure;

/** An amount in the shop's own money, whatever that is. */
public record Money(double amount) implements Quantity {}
