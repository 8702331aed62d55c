package glimble.formats;

import glimble.formats.pictures.BadPicture;
import glimble.formats.pictures.PictureFile;
import glimble.graphic.Palette;
import glimble.graphic.SafeAreas;
import glimble.rest.Pictures;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a graphic needs of a house, from files: palette, safe areas and how edges stand from its JSON, pictures from a folder. */
public record HouseFile(Palette palette, SafeAreas safe, boolean wholePixels, Map<String, PictureFile> files) {

    /** The demo's. */
    public static HouseFile demo() {
        try {
            return read(Optional.empty(), Optional.empty());
        } catch (IOException | BadPicture e) {
            throw new IllegalStateException("the demo's house cannot be read", e);
        }
    }

    /**
     * @param json as the server answers {@code GET /api/house}; empty for the demo's
     * @param folder with pictures named by their keys; empty for the demo's
     */
    public static HouseFile read(Optional<Path> json, Optional<Path> folder) throws IOException, BadPicture {
        String text = json.isPresent() ? Files.readString(json.get()) : DemoGraphics.house();
        JsonNode house = JsonMapper.builder().build().readTree(text);
        Map<String, String> colours = new TreeMap<>();
        for (JsonNode entry : house.path("palette")) {
            colours.put(entry.path("name").asString(), entry.path("colour").asString());
        }
        JsonNode safe = house.path("safe");
        SafeAreas areas = safe.isMissingNode()
                ? SafeAreas.USUAL
                : new SafeAreas(
                        safe.path("action").asDouble(), safe.path("title").asDouble());
        // A house that was saved before this could be chosen wants them whole.
        boolean whole = house.path("wholePixels").asBoolean(true);
        return new HouseFile(new Palette(colours), areas, whole, files(folder));
    }

    private static Map<String, PictureFile> files(Optional<Path> folder) throws IOException, BadPicture {
        Map<String, byte[]> contents = new LinkedHashMap<>();
        if (folder.isEmpty()) contents.putAll(DemoGraphics.pictures());
        else {
            try (Stream<Path> listed = Files.list(folder.get())) {
                List<Path> paths = listed.filter(Files::isRegularFile).toList();
                for (Path path : paths) contents.put(key(path), Files.readAllBytes(path));
            }
        }
        Map<String, PictureFile> files = new LinkedHashMap<>();
        for (Map.Entry<String, byte[]> content : contents.entrySet()) {
            files.put(content.getKey(), PictureFile.read(content.getValue()));
        }
        return files;
    }

    /** {@code kite-mark.svg} holds {@code kite mark}. */
    private static String key(Path path) {
        String name = path.getFileName().toString();
        int dot = name.lastIndexOf('.');
        return (dot > 0 ? name.substring(0, dot) : name).replace('-', ' ');
    }

    /** How large they are. */
    public Pictures pictures() {
        return key -> Optional.ofNullable(files.get(key)).map(file -> new Pictures.Extent(file.width(), file.height()));
    }
}
