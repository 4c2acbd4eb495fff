package neatcorner.fitout;

import io.soabase.recordbuilder.core.RecordBuilder;
import neatcorner.measure.Length;

/** A row of screws along each side of a ring: how long they are, and how they are set out. */
@RecordBuilder
public record Screws(Length length, Spacing spacing) implements ScrewsBuilder.With {}
