/**
 * JSON text as a small tree that knows its line numbers, so that an error in a file can be pointed at, and that keeps
 * fields it does not know.
 */
@NullMarked
package neatcorner.exchange.json;

import org.jspecify.annotations.NullMarked;
