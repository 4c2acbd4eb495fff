package neatcorner.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import neatcorner.measure.Length;
import neatcorner.stock.Search;
import neatcorner.stock.sticks.Nesting;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** 120 parts into sticks of 2400 mm, for ten draws of the parts; a draw whose least count is not proved fails. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 1)
public class NestBench {
    @Param({"1", "2", "3", "4", "5", "6", "7", "8", "9", "10"})
    private int seed;

    private Nesting nesting = Nesting.of(List.of(), List.of());

    @Setup
    public void draw() {
        Random random = new Random(seed);
        List<Nesting.Part> parts = new ArrayList<>();
        for (int i = 0; i < 120; i++) {
            parts.add(new Nesting.Part(Length.mm(200 + random.nextInt(1000) + 4.243), 1));
        }
        nesting = Nesting.of(parts, List.of(Nesting.Bar.endless(Length.mm(2390))));
    }

    @Benchmark
    public Nesting.Result nest() {
        Nesting.Result result = nesting.solve(Search.PATIENT);
        if (!result.proved()) {
            throw new IllegalStateException("not proved: " + result.proof());
        }
        return result;
    }
}
