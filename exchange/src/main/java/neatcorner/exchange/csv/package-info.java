/** Lists as comma-separated values: sticks and parts that come in, cuts that go out. */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.csv;
