package neatcorner.saw;

import io.soabase.recordbuilder.core.RecordBuilder;

/** A saw of the shop with all that was read off its test corners. */
@RecordBuilder
public record ShopSaw(Saw saw, SawLog log) implements ShopSawBuilder.With {}
