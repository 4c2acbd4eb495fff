/**
 * Measurements, never shipped. {@link neatcorner.bench.PlanBench} and {@link neatcorner.bench.NestBench} run under JMH;
 * {@link neatcorner.bench.WindowBench} times the real window from key press to drawn screen; {@link
 * neatcorner.bench.EmptyWindow} is what its start and memory are compared with. {@code bench/run} runs them all.
 */
@NullMarked
package neatcorner.bench;

import org.jspecify.annotations.NullMarked;
