package glimble.server;

import static glimble.server.Application.body;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.formats.pictures.PictureFile;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.SafeAreas;
import glimble.handover.Asked;
import glimble.handover.Form;
import glimble.handover.HandOver;
import glimble.handover.Handed;
import glimble.handover.Progress;
import glimble.typeset.HouseFont;
import glimble.typeset.HouseFonts;
import glimble.typeset.JdkTypesetter;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Bundles of other houses are looked at and taken in, and change nothing that is here. */
class BundlesApiIT {
    private static final Application APP = Application.withDemo();

    @TempDir
    Path folder;

    private static HttpResponse<String> sent(String path, byte[] file) {
        return APP.send(APP.json(path)
                .setHeader("Content-Type", "application/octet-stream")
                .POST(BodyPublishers.ofByteArray(file)));
    }

    /** The Judge bar of a house that has another apricot, another mark and a font of its own. */
    private byte[] bundle(String font) throws Exception {
        JdkTypesetter typesetter = new JdkTypesetter();
        HouseFont own = HouseFont.read(HouseFonts.called(font));
        typesetter.take(own);
        String json = DemoGraphics.named("judge-bar").replace("barlow-condensed-600", own.id());
        Graphic graphic = GraphicJson.read(json, typesetter.fonts()).graphic().orElseThrow();
        byte[] mark =
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"40\" height=\"30\"><rect width=\"9\" height=\"9\"/></svg>"
                        .getBytes(StandardCharsets.UTF_8);
        Palette palette = new Palette(Map.of(
                "ink",
                "#1F1A2B",
                "foam",
                "#F4F1EA",
                "sea-glass",
                "#7AD3C0",
                "apricot",
                "#FF8800",
                "kelp",
                "#2F5D50",
                "plum",
                "#5B3A6B"));
        Handed handed =
                new Handed(graphic, palette, new SafeAreas(95, 92), true, Map.of("kite mark", PictureFile.read(mark)));
        Path file = folder.resolve("bundle.zip");
        new HandOver(typesetter).write(handed, new Asked(Form.BUNDLE, List.of(), -1, "", false), file, Progress.NONE);
        return Files.readAllBytes(file);
    }

    private static String house() {
        return APP.get("/api/house").body();
    }

    @Test
    void what_clashes_is_asked_about_and_what_is_here_stays() throws Exception {
        byte[] bundle = bundle("Tidals");
        String before = house();
        JsonNode contents = body(sent("/api/bundles/contents", bundle));
        assertThat(contents.get("name").asString()).isEqualTo("Judge bar 2");
        assertThat(contents.get("fonts").toString()).contains("Tidals Condensed");
        assertThat(contents.get("notes").toString()).contains("other safe areas: 95 and 92 %, here 93 and 90 %");
        List<String> asked = contents.get("clashes")
                .valueStream()
                .map(clash -> clash.get("kind").asString().toLowerCase() + ":"
                        + clash.get("name").asString())
                .toList();
        assertThat(asked).isNotEmpty().allMatch(of -> of.equals("colour:apricot") || of.equals("picture:kite mark"));
        assertThat(house()).isEqualTo(before);

        HttpResponse<String> unanswered = sent("/api/bundles", bundle);
        assertThat(unanswered.statusCode()).isEqualTo(422);
        assertThat(unanswered.body()).contains("whether what is here is used");
        assertThat(house()).isEqualTo(before);

        long other = taken(bundle, asked, "other");
        String document = APP.get("/api/graphics/" + other).body();
        if (asked.contains("colour:apricot")) {
            assertThat(document).contains("apricot 2");
            assertThat(house()).contains("{\"name\":\"apricot 2\",\"colour\":\"#FF8800\"}");
        }
        if (asked.contains("picture:kite mark")) {
            assertThat(document).contains("kite mark 2");
            assertThat(APP.get("/api/pictures").body()).contains("kite mark 2");
        }
        assertThat(document).contains("tidals-condensed");

        long here = taken(bundle, asked, "here");
        assertThat(APP.get("/api/graphics/" + here).body())
                .doesNotContain("apricot 3")
                .doesNotContain("kite mark 3");
        for (long id : new long[] {other, here}) {
            assertThat(APP.send(APP.json("/api/graphics/" + id).DELETE()).statusCode())
                    .isEqualTo(204);
        }
    }

    private static long taken(byte[] bundle, List<String> asked, String answer) {
        StringBuilder query = new StringBuilder("/api/bundles?");
        for (String of : asked) {
            query.append("answers=")
                    .append(of.replace(" ", "%20").replace(":", "%3A"))
                    .append("%3D")
                    .append(answer)
                    .append('&');
        }
        HttpResponse<String> taken = sent(query.toString(), bundle);
        assertThat(taken.statusCode()).as(taken.body()).isEqualTo(201);
        return body(taken).get("graphic").asLong();
    }

    @Test
    void what_is_no_bundle_is_refused_and_nothing_is_kept() {
        String before = APP.get("/api/graphics").body();
        HttpResponse<String> refused = sent("/api/bundles", "PK no archive".getBytes(StandardCharsets.UTF_8));
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains("no archive that can be read");
        assertThat(APP.get("/api/graphics").body()).isEqualTo(before);
    }
}
