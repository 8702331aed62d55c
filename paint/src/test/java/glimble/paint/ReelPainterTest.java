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
import java.util.List;
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

    private static int columns(BufferedImage image, int y) {
        int columns = 0;
        for (int x = 0; x < image.getWidth(); x++) if (alpha(image, x, y) > 250) columns++;
        return columns;
    }

    private static String tilted(double degrees) {
        return ",'in':{'moves':[{'key':'m','part':'a','channel':'tilt y','travel':{'degrees':" + degrees
                + "},'start':{'at':0},'length':4}]}";
    }

    /** The eye is 400 px before the middle of the picture: what is 100 px deep is seen at four fifths. */
    @Test
    void a_box_with_depth_shows_the_sides_that_face_the_eye() {
        BufferedImage flat = paint(reel(box("a", 80, 40, 40, 20, ""), ""), 0);
        BufferedImage before = paint(reel(box("a", 80, 40, 40, 20, ",'depth':100"), ""), 0);
        assertThat(before.getRGB(0, 0, 200, 100, null, 0, 200)).isEqualTo(flat.getRGB(0, 0, 200, 100, null, 0, 200));
        BufferedImage beside = paint(reel(box("a", 0, 30, 40, 40, ",'depth':100"), ""), 0);
        assertThat(beside.getRGB(20, 50)).isEqualTo(0xFFFF0000);
        assertThat(columns(beside, 50)).isCloseTo(52, within(1));
        // The light comes from the left and above.
        assertThat(beside.getRGB(46, 50) >> 16 & 255).isBetween(20, 200);
        BufferedImage below = paint(reel(box("a", 80, 80, 40, 20, ",'depth':100"), ""), 0);
        assertThat(alpha(below, 100, 75)).isEqualTo(255);
        assertThat(alpha(below, 100, 72)).isZero();
        assertThat(below.getRGB(100, 77)).isNotEqualTo(0xFFFF0000);
    }

    @Test
    void a_box_with_depth_is_seen_from_its_side_and_from_behind() {
        String box = box("a", 80, 30, 40, 40, ",'depth':60");
        // Of what is flat nothing is seen.
        assertThat(columns(paint(reel(box("a", 80, 30, 40, 40, ""), tilted(90)), 0), 50))
                .isZero();
        BufferedImage side = paint(reel(box, tilted(90)), 0);
        assertThat(columns(side, 50)).isCloseTo(60, within(6));
        BufferedImage behind = paint(reel(box, tilted(180)), 0);
        assertThat(behind.getRGB(100, 50)).isEqualTo(0xFFFF0000);
        // What was its back is nearer than its front.
        assertThat(columns(behind, 50)).isCloseTo(40 * 400 / 340, within(2));
    }

    @Test
    void a_grade_is_that_of_pictures_too() throws java.io.IOException {
        BufferedImage plain = new BufferedImage(90, 200, BufferedImage.TYPE_INT_ARGB);
        for (int x = 0; x < 90; x++) for (int y = 0; y < 200; y++) plain.setRGB(x, y, x < 45 ? 0x804080C0 : 0xFF4080C0);
        java.io.ByteArrayOutputStream png = new java.io.ByteArrayOutputStream();
        ImageIO.write(plain, "png", png);
        String part =
                "{'key':'p','kind':'picture','picture':'kite','keeps':'filling','width':{'px':90},'height':{'px':100},"
                        + "'x':{'hangs':'left','on':'frame','at':'left'},'y':{'hangs':'top','on':'frame','at':'top'}}";
        Reel reel = reel(part, ",'grade':{'lightness':0.5,'saturation':0}");
        BufferedImage image =
                new ReelPainter(reel, TYPESETTER, key -> Optional.of(png.toByteArray())).paint(PhaseName.IN, 0);
        // 0.213 · 32 + 0.715 · 64 + 0.072 · 96 = 59.5
        assertThat(image.getRGB(70, 50)).isIn(0xFF3B3B3B, 0xFF3C3C3C);
        assertThat(alpha(image, 20, 50)).isCloseTo(128, within(1));
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

    private static String reveal(String part, int length, String more) {
        return "{'key':'" + part + " opens','part':'" + part + "','channel':'reveal','travel':{'factor':0},'length':"
                + length + more + "}";
    }

    @Test
    void wholly_open_a_reveal_draws_exactly_what_there_is_without_it_and_wholly_shut_nothing() {
        String look = ",'shadow':{'colour':'#000000','x':12,'y':9,'blur':8},'glow':{'colour':'#00FF00','blur':6}";
        for (String way : List.of(",'toward':'right'", ",'toward':35", ",'from middle':true", ",'soft':20")) {
            String boxes = box("a", 20, 10, 50, 30, look)
                    .replace(
                            "'x':{'hangs':'left','on':'frame','at':'left','plus':20}",
                            "'x':{'hangs':'left','on':'frame','at':'left','plus':20.4}");
            Reel opens = reel(boxes, ",'in':{'moves':[" + reveal("a", 10, way) + "]}");
            int[] open = Oracle.pixels(paint(opens, 10));
            assertThat(open).as(way).isEqualTo(Oracle.pixels(paint(reel(boxes, ""), 0)));
            assertThat(Oracle.pixels(paint(opens, 0))).as(way).containsOnly(0);
        }
    }

    @Test
    void what_lies_off_the_picture_still_throws_its_shadow_into_it() {
        BufferedImage image =
                paint(reel(box("a", -60, 20, 50, 40, ",'shadow':{'colour':'#0000FF','x':40,'y':0,'blur':0}"), ""), 0);
        assertThat(image.getRGB(10, 40)).isEqualTo(0xFF0000FF);
        assertThat(alpha(image, 40, 40)).isZero();
    }

    @Test
    void tilts_about_two_points_keep_both() {
        String moves = ",'in':{'moves':["
                + "{'key':'one','part':'a','channel':'tilt y','travel':{'degrees':60},'length':10,'about':'left'},"
                + "{'key':'two','part':'a','channel':'tilt y','travel':{'degrees':60},'length':10,'about':'right',"
                + "'start':{'at':10}}]}";
        Reel reel = reel(box("a", 40, 30, 100, 40, ""), moves);
        // At frame 0 both hold: narrowed about its left end, and that about its right end: its left has come to the
        // middle.
        BufferedImage both = paint(reel, 0);
        assertThat(alpha(both, 45, 50)).isZero();
        assertThat(alpha(both, 135, 50)).isZero();
        // From frame 10 on only the second: the right end stays, the left has come halfway.
        BufferedImage second = paint(reel, 10);
        assertThat(alpha(second, 136, 50)).isEqualTo(255);
        assertThat(alpha(second, 60, 50)).isZero();
    }

    @Test
    void a_mask_of_letters_goes_with_them_one_by_one() {
        String text =
                "{'key':'t','kind':'text','text':'HH','style':{'font':'noto-sans-600','size':60,'fill':'#FFFFFF'},"
                        + "'width':{'own':true},'height':{'own':true},'unseen':true,"
                        + "'x':{'hangs':'left','on':'frame','at':'left','plus':20},"
                        + "'y':{'hangs':'top','on':'frame','at':'top'}}";
        String ground = box("a", 0, 0, 200, 100, ",'masks':[{'by':'t'}]");
        String moves = ",'in':{'moves':[{'key':'fall','part':'t','channel':'y','travel':{'px':-100},'length':10,"
                + "'deal':{'over':'letters','each':0}}]}";
        Reel reel = reel(text + "," + ground, moves);
        int rest = ink(paint(reel, 20));
        // After ten frames the first letter is there and the second is still above the picture.
        assertThat(ink(paint(reel, 10))).isBetween(rest / 2 - rest / 20, rest / 2 + rest / 20);
        assertThat(ink(paint(reel, 0))).isZero();
    }

    private static int ink(BufferedImage image) {
        int ink = 0;
        for (int pixel : Oracle.pixels(image)) if (pixel >>> 24 > 128) ink++;
        return ink;
    }

    @Test
    void a_line_that_is_drawn_around_a_mirrored_box_begins_at_the_other_corner() {
        String fields = ",'fields':[{'key':'side','label':'Side','kind':'text'}],'mirror':{'field':'side','when':''}";
        String around = box("a", 20, 20, 100, 60, ",'stroke':{'colour':'#FFFFFF','width':4}")
                .replace("#FF0000", "#00000000");
        String moves =
                ",'in':{'moves':[{'key':'draws','part':'a','channel':'draw','travel':{'factor':0},'length':10}]}";
        int[] plain = Oracle.pixels(paint(reel(around, moves), 3));
        int[] mirrored = Oracle.pixels(paint(reel(around, moves + fields), 3));
        int differing = 0;
        for (int y = 0; y < 100; y++) {
            for (int x = 0; x < 200; x++) {
                int here = plain[y * 200 + x] >>> 24;
                int there = mirrored[y * 200 + 199 - x] >>> 24;
                if (Math.abs(here - there) > 40) differing++;
            }
        }
        assertThat(ink(paint(reel(around, moves), 3))).isPositive();
        assertThat(differing).isLessThan(12);
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
