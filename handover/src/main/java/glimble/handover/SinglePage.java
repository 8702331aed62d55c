package glimble.handover;

import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import tools.jackson.databind.node.ObjectNode;

/** A graphic as one page that holds all it needs: a file to open, or to put into a browser source. */
final class SinglePage {
    private SinglePage() {}

    /** @param allFonts whether fonts for every script go with it, however large */
    static void write(Handed handed, JdkTypesetter typesetter, boolean allFonts, OutputStream out) throws IOException {
        ObjectNode design = DesignJson.of(
                handed,
                typesetter,
                Carriage.fonts(handed.designed(), typesetter, allFonts),
                id -> data("font/ttf", typesetter.bytes(id)),
                key -> data(
                        handed.pictures().get(key).type(),
                        handed.pictures().get(key).bytes()));
        String module = new String(Runtime.page(), StandardCharsets.UTF_8);
        String page = """
                <!doctype html>
                <html lang="en">
                <meta charset="utf-8">
                <title>%s</title>
                <style>html, body { margin: 0; height: 100%%; overflow: hidden; background: transparent; }</style>
                <body>
                <script type="application/json" id="design">%s</script>
                <script type="application/json" id="samples">%s</script>
                <script type="module">
                """.formatted(
                        text(handed.designed().name()),
                        script(design.toString()),
                        script(DataSchema.samples(handed.designed()).toString()));
        out.write(page.getBytes(StandardCharsets.UTF_8));
        out.write(module.replace("</script", "<\\/script").getBytes(StandardCharsets.UTF_8));
        out.write("\n</script>\n".getBytes(StandardCharsets.UTF_8));
    }

    private static String data(String type, byte[] content) {
        return "data:" + type + ";base64," + Base64.getEncoder().encodeToString(content);
    }

    /** Within a script nothing may look like its end. */
    private static String script(String json) {
        return json.replace("<", "\\u003c");
    }

    private static String text(String name) {
        return name.replace("&", "&amp;").replace("<", "&lt;");
    }
}
