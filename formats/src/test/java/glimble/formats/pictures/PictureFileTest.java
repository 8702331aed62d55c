package glimble.formats.pictures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class PictureFileTest {
    private static final String HEAD =
            "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' viewBox='0 0 40 20'>";
    private static final String KITE = "<path d='M20 0L40 10 20 20 0 10z' fill='#7AD3C0'/>";

    private static byte[] raster(String format, int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(3);
        for (int i = 0; i < 500; i++) image.setRGB(random.nextInt(width), random.nextInt(height), random.nextInt());
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, format, bytes);
        return bytes.toByteArray();
    }

    private static PictureFile svg(String content) throws BadPicture {
        return PictureFile.read((HEAD + content + "</svg>").getBytes(StandardCharsets.UTF_8));
    }

    private static String text(PictureFile file) {
        return new String(file.bytes(), StandardCharsets.UTF_8);
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpeg"})
    void a_sound_picture_is_kept_as_it_is(String format) throws Exception {
        byte[] bytes = raster(format, 300, 200);
        PictureFile file = PictureFile.read(bytes);
        assertThat(file.type()).isEqualTo("image/" + format);
        assertThat(file.width()).isEqualTo(300);
        assertThat(file.height()).isEqualTo(200);
        assertThat(file.bytes()).isEqualTo(bytes);
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpeg"})
    void a_picture_cut_short_is_refused(String format) throws Exception {
        byte[] bytes = raster(format, 300, 200);
        byte[] cut = Arrays.copyOf(bytes, bytes.length / 2);
        assertThatThrownBy(() -> PictureFile.read(cut))
                .isInstanceOf(BadPicture.class)
                .hasMessageContaining("broken");
    }

    @Test
    void too_many_px_are_refused_before_they_are_decoded() throws Exception {
        assertThatThrownBy(() -> PictureFile.read(raster("png", 20_001, 1)))
                .isInstanceOf(BadPicture.class)
                .hasMessageContaining("20001 × 1 px");
        assertThat(PictureFile.read(raster("png", 20_000, 1)).width()).isEqualTo(20_000);
    }

    @Test
    void too_many_bytes_are_refused() {
        assertThatThrownBy(() -> PictureFile.read(new byte[PictureFile.MOST_BYTES + 1]))
                .isInstanceOf(BadPicture.class)
                .hasMessageContaining("20 MB");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "hello", "<html/>", "<svg", "<svg xmlns='http://www.w3.org/2000/svg'/>"})
    void what_is_no_picture_is_refused(String content) {
        assertThatThrownBy(() -> PictureFile.read(content.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(BadPicture.class);
    }

    @Test
    void a_plain_drawing_keeps_all_it_draws() throws Exception {
        PictureFile file = svg(KITE + "<defs><linearGradient id='g'><stop offset='0'/></linearGradient></defs>"
                + "<rect width='9' height='9' fill='url(#g)'/><use href='#g'/>");
        assertThat(file.removed()).isEmpty();
        assertThat(file.width()).isEqualTo(40);
        assertThat(file.height()).isEqualTo(20);
        assertThat(text(file)).contains("M20 0L40 10", "url(#g)", "href=\"#g\"", "width=\"40.0\"");
    }

    static Stream<Arguments> hostile() {
        return Stream.of(
                Arguments.of("<script>alert(1)</script>", "<script>"),
                Arguments.of("<g onload='alert(1)'/>", "onload of <g>"),
                Arguments.of("<a href='#x'><rect/></a>", "<a>"),
                Arguments.of("<foreignObject><p/></foreignObject>", "<foreignObject>"),
                Arguments.of("<image href='http://elsewhere.example/a.png'/>", "href of <image>"),
                Arguments.of("<image xlink:href='file:///etc/passwd'/>", "xlink:href of <image>"),
                Arguments.of("<image href='data:image/svg+xml;base64,PHN2Zy8+'/>", "href of <image>"),
                Arguments.of("<use xlink:href='other.svg#x'/>", "xlink:href of <use>"),
                Arguments.of("<rect fill='url(http://elsewhere.example/#g)'/>", "fill of <rect>"),
                Arguments.of("<rect style=\"fill:url( 'http://elsewhere.example' )\"/>", "style of <rect>"),
                Arguments.of("<rect style='fill:u\\72l(http://elsewhere.example)'/>", "style of <rect>"),
                Arguments.of("<style>@import 'http://elsewhere.example/a.css';</style>", "<style>"),
                Arguments.of("<set attributeName='href' to='javascript:alert(1)'/>", "<set>"),
                Arguments.of("<rect fill='src(\"http://elsewhere.example/a.png\")'/>", "fill of <rect>"),
                Arguments.of("<rect style='mask:cross-fade(url(#a),elsewhere)'/>", "style of <rect>"),
                Arguments.of("<style>rect{fill:image-set(\"elsewhere.png\" 1x)}</style>", "<style>"),
                Arguments.of("<rect unheard-of='1'/>", "unheard-of of <rect>"),
                Arguments.of("<rect formaction='elsewhere'/>", "formaction of <rect>"),
                Arguments.of("<feImage href='#x'/>", "<feImage>"),
                Arguments.of("<animate attributeName='x'/>", "<animate>"));
    }

    @ParameterizedTest
    @MethodSource("hostile")
    void what_acts_or_asks_elsewhere_is_taken_out_and_named(String content, String named) throws Exception {
        PictureFile file = svg(content + KITE);
        assertThat(file.removed()).containsExactly(named);
        assertThat(text(file)).contains("M20 0L40 10").doesNotContain("elsewhere", "alert", "passwd");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]>",
                "<!DOCTYPE svg [<!ATTLIST svg onload CDATA 'alert(1)'>]>",
                "<!DOCTYPE svg PUBLIC '-//W3C//DTD SVG 1.1//EN' 'http://www.w3.org/Graphics/SVG/1.1/DTD/svg11.dtd'>",
                "<!doctype svg>"
            })
    void a_document_type_is_refused_whatever_it_says(String type) {
        assertThatThrownBy(() -> PictureFile.read((type + HEAD + KITE + "</svg>").getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(BadPicture.class)
                .hasMessageContaining("save");
        assertThatThrownBy(() -> PictureFile.read((type + HEAD + KITE + "</svg>").getBytes(StandardCharsets.UTF_16)))
                .isInstanceOf(BadPicture.class);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<svg viewBox='0 0 40 20'><path d='M0 0'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg' width='0.0001' height='3'/>",
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 1e-300 1'/>",
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' viewBox='0 0 1e-300 1e300'/>",
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 NaN 3'/>",
                "<svg xmlns='http://elsewhere.example/svg' viewBox='0 0 40 20'/>"
            })
    void a_drawing_that_says_no_size_or_not_what_it_is_is_refused(String content) {
        assertThatThrownBy(() -> PictureFile.read(content.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(BadPicture.class);
    }

    @Test
    void words_that_would_unpack_to_very_much_are_refused_before_they_are() throws Exception {
        byte[] plain = raster("png", 30, 20);
        byte[] packed = packed(new byte[300_000_000]);
        ByteBuffer swollen = ByteBuffer.allocate(plain.length + packed.length + 14);
        swollen.put(plain, 0, 33)
                .putInt(packed.length + 2)
                .put(new byte[] {'z', 'T', 'X', 't', 'x', 0})
                .put(packed);
        CRC32 crc = new CRC32();
        crc.update(swollen.array(), 37, packed.length + 6);
        swollen.putInt((int) crc.getValue()).put(plain, 33, plain.length - 33);
        assertThatThrownBy(() -> PictureFile.read(swollen.array()))
                .isInstanceOf(BadPicture.class)
                .hasMessageContaining("more words than picture");
    }

    private static byte[] packed(byte[] bytes) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        packed.write(0);
        try (var deflating = new DeflaterOutputStream(packed)) {
            deflating.write(bytes);
        }
        return packed.toByteArray();
    }

    @Test
    void more_px_than_any_raster_has_are_refused_by_the_header_alone() throws Exception {
        byte[] header = Arrays.copyOf(raster("png", 30, 20), 2_000);
        ByteBuffer.wrap(header).putInt(16, 20_000).putInt(20, 20_000);
        var threads = (com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean();
        long before = threads.getCurrentThreadAllocatedBytes();
        assertThatThrownBy(() -> PictureFile.read(header)).isInstanceOf(BadPicture.class);
        assertThat(threads.getCurrentThreadAllocatedBytes() - before).isLessThan(50_000_000);
    }

    @Test
    void shapes_nested_without_end_are_refused() {
        String deep = "<g>".repeat(5_000) + "</g>".repeat(5_000);
        assertThatThrownBy(() -> svg(deep)).isInstanceOf(BadPicture.class).hasMessageContaining("nested");
    }

    @Test
    void sizes_are_said_in_lengths_or_by_the_view_box() throws Exception {
        String sized = "<svg xmlns='http://www.w3.org/2000/svg' width='1in' height='48px'/>";
        PictureFile file = PictureFile.read(sized.getBytes(StandardCharsets.UTF_8));
        assertThat(file.width()).isEqualTo(96);
        assertThat(text(file)).contains("viewBox=\"0 0 96.0 48.0\"");
        String whole = "<svg xmlns='http://www.w3.org/2000/svg' width='100%' viewBox='0 0 30 10'/>";
        assertThat(PictureFile.read(whole.getBytes(StandardCharsets.UTF_8)).height())
                .isEqualTo(10);
    }
}
