package glimble.bench;

import glimble.change.Changed;
import glimble.change.Changes;
import glimble.change.Shown;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.graphic.Graphic;
import glimble.reel.ReelMaker;
import glimble.reel.WorkedOut;
import glimble.rest.Pictures;
import glimble.rest.Rest;
import glimble.rest.RestSolver;
import glimble.typeset.JdkTypesetter;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long it takes to work a graphic out, warm; the median is what counts. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ReelBenchmark {
    private final JdkTypesetter typesetter = new JdkTypesetter();
    private final Graphic flyerBar = GraphicJson.read(DemoGraphics.named("flyer-bar"), typesetter.fonts())
            .graphic()
            .orElseThrow();
    private final Graphic tenParts = TenParts.graphic(flyerBar);
    private final Map<String, String> values =
            Map.of("name", "Ingeborg Þórhallsdóttir-Halvorsen", "role", "Chief measurer, box-kite class");
    private final Shown standing = Shown.atRest(ReelMaker.make(tenParts, values, typesetter), tenParts, values);
    private int typed;

    /** Ten parts, fourteen moves; the texts are the same as before. */
    @Benchmark
    public WorkedOut reelOfTenParts() {
        return ReelMaker.make(tenParts, values, typesetter);
    }

    /** The same with a name that was never seen before, as while typing. */
    @Benchmark
    public WorkedOut reelOfTenPartsWithNewText() {
        String name = "Ingeborg Þórhallsdóttir " + typed++;
        return ReelMaker.make(tenParts, Map.of("name", name, "role", "Flyer"), typesetter);
    }

    /** Other letters in both texts, with all that stands around them. */
    @Benchmark
    public Changed changeOfTenParts() {
        Map<String, String> next = Map.of("name", "Wu " + typed++, "role", "Two-line freestyle");
        return Changes.of(standing, tenParts, next, typesetter, Pictures.NONE);
    }

    @Benchmark
    public WorkedOut reelOfFlyerBar() {
        return ReelMaker.make(flyerBar, values, typesetter);
    }

    /** Only sizes and places. */
    @Benchmark
    public Rest restOfTenParts() {
        return RestSolver.solve(tenParts, values, typesetter);
    }
}
