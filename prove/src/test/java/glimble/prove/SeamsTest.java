package glimble.prove;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.cases.Answered;
import glimble.edit.Coloured;
import glimble.edit.Rescale;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.formats.HouseFile;
import glimble.formats.pictures.PictureFile;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.paint.ReelPainter;
import glimble.proof.Filling;
import glimble.proof.Fillings;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.typeset.JdkTypesetter;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** That nothing changes, not by one step of one pixel, where in meets loop, a round meets the next, and loop meets out. */
class SeamsTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final int FILLINGS = 25;

    static Stream<String> names() {
        return Stream.concat(DemoGraphics.names().stream(), Stream.of("wind-strap-faults"));
    }

    @ParameterizedTest
    @MethodSource("names")
    void the_pictures_are_equal_where_phases_meet(String name) throws Exception {
        HouseFile house = HouseFile.demo();
        Graphic whole = GraphicJson.read(DemoGraphics.named(name), TYPESETTER.fonts())
                .graphic()
                .orElseThrow();
        // Smaller, so that it is quick, and by an odd share, so that edges stand between pixels.
        Graphic small = Rescale.to(whole, 611, 344);
        List<Filling> all = Fillings.of(small, TYPESETTER, house.pictures());
        int step = Math.max(1, all.size() / FILLINGS);
        for (int i = 0; i < all.size(); i += step) {
            Filling filling = all.get(i);
            // Between px as well as on them.
            boolean wholePixels = i / step % 2 == 0;
            Graphic graphic = small.withFrame(small.frame().of(house.safe(), wholePixels));
            Graphic coloured = Coloured.of(graphic, house.palette(), filling.values());
            Graphic played = Answered.of(coloured, filling.values(), filling.onAir(), TYPESETTER, house.pictures())
                    .graphic();
            Reel reel = ReelMaker.make(played, filling.values(), TYPESETTER, house.pictures())
                    .reel();
            ReelPainter painter = new ReelPainter(
                    reel,
                    TYPESETTER,
                    key -> Optional.ofNullable(house.files().get(key)).map(PictureFile::bytes));
            int[] rest = pixels(painter.paint(PhaseName.IN, reel.in()));
            assertSame(filling, "first of loop", rest, pixels(painter.paint(PhaseName.LOOP, 0)));
            assertSame(filling, "last of loop", rest, pixels(painter.paint(PhaseName.LOOP, reel.loop())));
            assertSame(filling, "first of out", rest, pixels(painter.paint(PhaseName.OUT, 0)));
        }
    }

    private static void assertSame(Filling filling, String where, int[] rest, int[] other) {
        int[] differ = IntStream.range(0, rest.length)
                .filter(at -> rest[at] != other[at])
                .toArray();
        assertThat(differ).as(where + " with " + filling).isEmpty();
    }

    private static int[] pixels(BufferedImage image) {
        return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    }
}
