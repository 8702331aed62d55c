package glimble.bench;

import glimble.cases.Answered;
import glimble.change.Take;
import glimble.edit.Coloured;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.PhaseName;
import glimble.graphic.SafeAreas;
import glimble.paint.ReelPainter;
import glimble.reel.Reel;
import glimble.rest.Pictures;
import glimble.typeset.JdkTypesetter;
import java.awt.image.BufferedImage;
import java.util.Map;
import java.util.Optional;
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

/** Frames of demo graphics at 1920x1080 on one thread, one after the other as for a video: in, then out. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 5)
@Fork(1)
public class PaintBenchmark {
    @Param({"flyer-bar", "judge-bar", "heat-board", "next-up", "opening-ribbon"})
    public String demo;

    private Reel reel;
    private ReelPainter painter;
    private int at;

    @Setup
    public void make() {
        JdkTypesetter typesetter = new JdkTypesetter();
        Graphic read = GraphicJson.read(DemoGraphics.named(demo), typesetter.fonts())
                .graphic()
                .orElseThrow();
        Graphic framed = read.withFrame(read.frame().of(SafeAreas.USUAL, true));
        Map<String, String> values = read.trials().get(0).values();
        Map<String, byte[]> files = DemoGraphics.pictures();
        Pictures pictures = key -> Optional.of(new Pictures.Extent(100, 100));
        Graphic played = Answered.of(framed, values, Condition.Standing.NOTHING, typesetter, pictures)
                .graphic();
        // Names of colours that are not there are drawn as any other colour.
        Graphic coloured = Coloured.of(played, new Palette(Map.of()), values);
        reel = Take.of(coloured, values, typesetter, pictures).worked().reel();
        painter = new ReelPainter(reel, typesetter, key -> Optional.ofNullable(files.get(key)));
    }

    @Benchmark
    public BufferedImage frame() {
        at = (at + 1) % (reel.in() + reel.out());
        return at < reel.in() ? painter.paint(PhaseName.IN, at) : painter.paint(PhaseName.OUT, at - reel.in());
    }
}
