package glimble.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.edit.Coloured;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.PhaseName;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.rest.Pictures;
import glimble.typeset.JdkTypesetter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class ReelPainterTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final Palette PALETTE =
            new Palette(Map.of("ink", "#1F1A2B", "foam", "#F4F1EA", "sea-glass", "#7AD3C0"));

    /** A graphic with parts and moves as in a document, between braces. */
    private static Reel reel(String parts, String phases) {
        String json =
                "{'format':'glimble-graphic/1','name':'x','frame':{'width':200,'height':100,'rate':'50','length':100},"
                        + "'parts':[" + parts + "]" + phases + "}";
        var reading = GraphicJson.read(json.replace('\'', '"'), TYPESETTER.fonts());
        assertThat(reading.problems()).isEmpty();
        Pictures pictures = key -> Optional.of(new Pictures.Extent(90, 200));
        return ReelMaker.make(reading.graphic().orElseThrow(), Map.of(), TYPESETTER, pictures)
                .reel();
    }

    private static String box(String key, int x, int y, int width, int height, String more) {
        return "{'key':'" + key + "','kind':'box','fill':'#FF0000','width':{'px':" + width + "},'height':{'px':"
                + height
                + "},'x':{'hangs':'left','on':'frame','at':'left','plus':" + x
                + "},'y':{'hangs':'top','on':'frame','at':'top','plus':" + y + "}" + more + "}";
    }

    private static int alpha(BufferedImage image, int x, int y) {
        return image.getRGB(x, y) >>> 24;
    }

    private static BufferedImage paint(Reel reel, int frame) {
        return new ReelPainter(reel, TYPESETTER, PictureSource.NONE).paint(PhaseName.IN, frame);
    }

    @Test
    void a_box_is_where_it_rests_in_its_colour_and_nothing_else_is_painted() {
        BufferedImage image = paint(reel(box("a", 20, 10, 50, 30, ""), ""), 0);
        assertThat(image.getRGB(20, 10)).isEqualTo(0xFFFF0000);
        assertThat(image.getRGB(69, 39)).isEqualTo(0xFFFF0000);
        assertThat(alpha(image, 19, 20)).isZero();
        assertThat(alpha(image, 70, 20)).isZero();
    }

    @Test
    void masks_show_inside_or_outside_and_a_soft_one_fades() {
        String mask = box("m", 50, 0, 100, 100, ",'unseen':true");
        BufferedImage inside = paint(reel(mask + "," + box("a", 0, 40, 200, 20, ",'masks':[{'by':'m'}]"), ""), 0);
        assertThat(alpha(inside, 40, 50)).isZero();
        assertThat(alpha(inside, 60, 50)).isEqualTo(255);
        // The mask itself is not painted.
        assertThat(alpha(inside, 60, 10)).isZero();
        BufferedImage outside =
                paint(reel(mask + "," + box("a", 0, 40, 200, 20, ",'masks':[{'by':'m','side':'outside'}]"), ""), 0);
        assertThat(alpha(outside, 40, 50)).isEqualTo(255);
        assertThat(alpha(outside, 60, 50)).isZero();
        BufferedImage soft =
                paint(reel(mask + "," + box("a", 0, 40, 200, 20, ",'masks':[{'by':'m','soft':20}]"), ""), 0);
        assertThat(alpha(soft, 50, 50)).isCloseTo(128, within(8));
        assertThat(alpha(soft, 44, 50)).isBetween(20, 110);
        assertThat(alpha(soft, 100, 50)).isEqualTo(255);
    }

    @Test
    void a_group_moves_its_parts_and_is_a_mask_of_all_of_them() {
        String group = "{'key':'g','kind':'group','parts':['a','b']}";
        String two = box("a", 0, 0, 20, 100, "") + "," + box("b", 100, 0, 20, 100, "");
        String moves =
                ",'in':{'moves':[{'key':'m','part':'g','channel':'x','travel':{'px':40},'start':{'at':0},'length':4}]}";
        BufferedImage away = paint(reel(two + "," + group, moves), 0);
        assertThat(alpha(away, 10, 50)).isZero();
        assertThat(alpha(away, 50, 50)).isEqualTo(255);
        assertThat(alpha(away, 150, 50)).isEqualTo(255);
        String masked = "{'key':'g','kind':'group','parts':['a','b'],'unseen':true}";
        String seen = box("c", 0, 40, 200, 20, ",'masks':[{'by':'g'}]");
        BufferedImage cut = paint(reel(two.replace("}}", "},'unseen':true}") + "," + masked + "," + seen, ""), 0);
        assertThat(alpha(cut, 10, 50)).isEqualTo(255);
        assertThat(alpha(cut, 60, 50)).isZero();
        assertThat(alpha(cut, 110, 50)).isEqualTo(255);
    }

    @Test
    void a_reveal_opens_at_any_angle_and_from_the_middle() {
        String half = ",'in':{'moves':[{'key':'m','part':'a','channel':'reveal','travel':{'factor':0.5},'length':4,";
        String box = box("a", 50, 0, 100, 100, "");
        BufferedImage aslant = paint(reel(box, half + "'toward':45}]}"), 0);
        assertThat(alpha(aslant, 60, 10)).isEqualTo(255);
        assertThat(alpha(aslant, 140, 90)).isZero();
        assertThat(alpha(aslant, 60, 80)).isEqualTo(255);
        BufferedImage middle = paint(reel(box, half + "'from middle':true}]}"), 0);
        assertThat(alpha(middle, 70, 50)).isZero();
        assertThat(alpha(middle, 100, 50)).isEqualTo(255);
        assertThat(alpha(middle, 130, 50)).isZero();
        BufferedImage soft = paint(reel(box, half + "'soft':40}]}"), 0);
        // 70 of 140 px have opened, the last 40 of them fading: half at the middle of the box.
        assertThat(alpha(soft, 100, 50)).isCloseTo(128, within(6));
    }

    @Test
    void a_tilt_narrows_what_goes_away_from_the_eye() {
        String moves = ",'in':{'moves':[{'key':'m','part':'a','channel':'tilt x','travel':{'degrees':60},'length':4,"
                + "'about':'bottom'}]}";
        BufferedImage tilted = paint(reel(box("a", 50, 20, 100, 80, ""), moves), 0);
        // Half as high, and its top narrower than its foot.
        assertThat(alpha(tilted, 100, 40)).isZero();
        assertThat(alpha(tilted, 100, 80)).isGreaterThan(250);
        assertThat(alpha(tilted, 53, 98)).isGreaterThan(250);
        assertThat(alpha(tilted, 53, 68)).isZero();
    }

    @Test
    void tints_and_blurs_change_colours_and_edges() {
        String moves =
                ",'in':{'moves':[{'key':'t','part':'a','channel':'tint','travel':{'colour':'#0000FF'},'length':4},"
                        + "{'key':'b','part':'b','channel':'blur','travel':{'px':5},'length':4}]}";
        BufferedImage image = paint(reel(box("a", 0, 0, 50, 100, "") + "," + box("b", 100, 0, 60, 100, ""), moves), 0);
        assertThat(image.getRGB(20, 50)).isEqualTo(0xFF0000FF);
        assertThat(alpha(image, 100, 50)).isCloseTo(128, within(14));
        assertThat(alpha(image, 96, 50)).isBetween(30, 100);
        assertThat(alpha(image, 130, 50)).isGreaterThan(250);
    }

    @Test
    void a_picture_keeps_its_proportion_and_its_colours() {
        byte[] svg = DemoGraphics.pictures().get("skerry tails");
        String part = "{'key':'p','kind':'picture','picture':'skerry tails','width':{'px':200},'height':{'px':100},"
                + "'x':{'hangs':'left','on':'frame','at':'left'},'y':{'hangs':'top','on':'frame','at':'top'}}";
        BufferedImage image =
                new ReelPainter(reel(part, ""), TYPESETTER, key -> Optional.of(svg)).paint(PhaseName.IN, 0);
        // 45 px of 200 wide, in the middle; the kite is plum in its right half below the spar.
        assertThat(image.getRGB(104, 26)).isEqualTo(0xFF5B3A6B);
        assertThat(alpha(image, 70, 26)).isZero();
    }

    @Test
    void a_frame_is_written_as_png_with_alpha() throws Exception {
        byte[] png = new ReelPainter(
                        reel(box("a", 20, 10, 50, 30, ",'opacity':0.5"), ""), TYPESETTER, PictureSource.NONE)
                .png(PhaseName.IN, 0);
        BufferedImage read = ImageIO.read(new ByteArrayInputStream(png));
        assertThat(read.getWidth()).isEqualTo(200);
        assertThat(alpha(read, 30, 20)).isCloseTo(128, within(1));
        assertThat(read.getRGB(30, 20) & 0xFFFFFF).isEqualTo(0xFF0000);
        assertThat(alpha(read, 5, 5)).isZero();
    }

    @Test
    void letters_are_painted_from_their_outlines() {
        Graphic graphic = GraphicJson.read(DemoGraphics.named("flyer-bar"), TYPESETTER.fonts())
                .graphic()
                .orElseThrow();
        Map<String, String> values = Map.of("name", "Oona Varga", "role", "Flyer");
        Reel reel = ReelMaker.make(Coloured.of(graphic, PALETTE, values), values, TYPESETTER)
                .reel();
        BufferedImage rest = paint(reel, reel.in());
        var ink = reel.layers().stream()
                .filter(layer -> layer.part().equals("name"))
                .findFirst()
                .orElseThrow()
                .ink();
        int foam = 0;
        for (int y = (int) ink.y(); y < ink.bottom(); y++) {
            for (int x = (int) ink.x(); x < ink.right(); x++) foam += rest.getRGB(x, y) == 0xFFF4F1EA ? 1 : 0;
        }
        assertThat(foam).isGreaterThan(2_000);
        BufferedImage gone = new ReelPainter(reel, TYPESETTER, PictureSource.NONE).paint(PhaseName.OUT, reel.out());
        for (int y = 0; y < 1080; y += 3)
            for (int x = 0; x < 1920; x += 3) assertThat(alpha(gone, x, y)).isZero();
    }
}
