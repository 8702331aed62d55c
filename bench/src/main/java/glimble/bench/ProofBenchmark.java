package glimble.bench;

import glimble.edit.MoveEdits;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.PhaseName;
import glimble.proof.Filling;
import glimble.proof.Prover;
import glimble.rest.Pictures;
import glimble.typeset.JdkTypesetter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
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

/** How long a proof takes on all processors, warm: every check over every frame of every trial. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class ProofBenchmark {
    private static final int PARTS_OF_FLYER_BAR = 4;
    private static final String[] NAMES = {
        "Wu", "Oona Varga", "Tiago Brandão-Escarpa", "Ingeborg Þórhallsdóttir-Halvorsen", "ŞÜKRÜ ÅNGSTRÖM-ÇELİK"
    };

    /** Trials, parts, and how many times as many frames: each one, two and four times what is asked for. */
    @Param({"1000 10 1", "2000 10 1", "4000 10 1", "1000 20 1", "1000 40 1", "1000 10 2", "1000 10 4"})
    public String size;

    private final JdkTypesetter typesetter = new JdkTypesetter();
    private Prover prover;
    private List<Filling> fillings;
    private List<Filling> changes;

    @Setup
    public void prepare() {
        String[] sizes = size.split(" ");
        Graphic flyerBar = GraphicJson.read(DemoGraphics.named("flyer-bar"), typesetter.fonts())
                .graphic()
                .orElseThrow();
        Graphic graphic = TenParts.graphic(flyerBar, Integer.parseInt(sizes[1]) - PARTS_OF_FLYER_BAR);
        for (PhaseName phase : PhaseName.values()) {
            graphic = MoveEdits.retime(graphic, phase, Integer.parseInt(sizes[2]), tried -> 1);
        }
        prover = new Prover(graphic, new Palette(Map.of()), typesetter, Pictures.NONE);
        fillings = new ArrayList<>();
        for (int i = 0; i < Integer.parseInt(sizes[0]); i++) {
            String name = NAMES[i % NAMES.length] + " " + i;
            String role = i % 7 == 0 ? "" : "Two-line freestyle, heat " + i % 40;
            fillings.add(new Filling("trial " + i, Map.of("name", name, "role", role)));
        }
        changes = new ArrayList<>();
        for (int i = 0; i < fillings.size(); i++) {
            Filling before = fillings.get(i);
            Map<String, String> after = fillings.get((i + 3) % fillings.size()).values();
            Filling.Then then = new Filling.Then(after, Filling.At.LAST);
            changes.add(new Filling(before.name(), before.values(), before.onAir(), List.of(then)));
        }
    }

    /** As many changes from one trial to another, over every frame of each. */
    @Benchmark
    public long proofOfChanges() {
        return faults(changes);
    }

    @Benchmark
    public long proof() {
        return faults(fillings);
    }

    private long faults(List<Filling> fillings) {
        return fillings.parallelStream()
                .mapToLong(filling -> prover.faults(filling).size())
                .sum();
    }
}
