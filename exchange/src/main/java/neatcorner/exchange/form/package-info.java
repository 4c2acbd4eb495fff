/**
 * How a record stands in a file, said once.
 *
 * <p>A {@link neatcorner.exchange.form.Form} reads a value, writes it and tells what it looks like. The form of a record is
 * one method that takes its components from {@link neatcorner.exchange.form.Fields}, name by name: run over a file it reads
 * the record, run over a record it writes the file, run over neither it describes both, and the JSON Schema and the table in
 * the documentation come of that. So what is read, written and published cannot drift apart, and a new component is one line.
 *
 * <p>A general mapper (Jackson's databind with mix-ins, 2.22) was measured beside it on the rack of a job, cold, median of 15:
 * 497 ms to its first record against 185 ms, on a start of 1.15 s; its messages name classes ("Cannot deserialize value of
 * type `neatcorner.measure.Length`") and no line, it takes 2.5 of a thing for 2, and what a file may leave out it sets to
 * zero unless told otherwise, record by record. So the forms are ours; the text itself is read and written by Jackson's core.
 */
@NullMarked
package neatcorner.exchange.form;

import org.jspecify.annotations.NullMarked;
