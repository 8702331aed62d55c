package glimble.runtime;

import glimble.document.GraphicReader;
import glimble.document.Problem;
import glimble.document.Reading;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.SafeAreas;
import glimble.rest.Pictures;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;

/** What JavaScript may call. */
public final class Exports {
    private Exports() {}

    /**
     * Reads a design that was handed over.
     *
     * @param design {@code document}; {@code palette}, colours by name; {@code safe}, {@code action} and {@code title} in percent;
     *     {@code wholePixels}; {@code pictures}, {@code width} and {@code height} by key
     * @throws IllegalArgumentException if the document cannot be read: a line for each problem, with its path
     */
    @JSExport
    public static Stage open(JSObject design, Texts texts) {
        JsTypesetter typesetter = new JsTypesetter(texts);
        Reading reading = GraphicReader.readWritten(JsTree.from(Js.get(design, "document")), typesetter.fonts());
        Graphic read = reading.graphic()
                .orElseThrow(() -> new IllegalArgumentException(
                        reading.problems().stream().map(Problem::toString).collect(Collectors.joining("\n"))));
        JSObject safe = Js.get(design, "safe");
        SafeAreas areas = new SafeAreas(Js.number(Js.get(safe, "action")), Js.number(Js.get(safe, "title")));
        boolean whole = Js.flag(Js.get(design, "wholePixels"));
        return new Stage(
                read.withFrame(read.frame().of(areas, whole)),
                new Palette(JsTree.texts(Js.get(design, "palette"))),
                typesetter,
                pictures(Js.get(design, "pictures")));
    }

    private static Pictures pictures(JSObject given) {
        Map<String, Pictures.Extent> extents = new LinkedHashMap<>();
        for (String key : Js.names(given)) {
            JSObject of = Js.get(given, key);
            extents.put(key, new Pictures.Extent(Js.number(Js.get(of, "width")), Js.number(Js.get(of, "height"))));
        }
        return key -> Optional.ofNullable(extents.get(key));
    }
}
