package glimble.prove;

import glimble.formats.pictures.BadPicture;
import glimble.typeset.BadFont;
import glimble.typeset.HouseFont;
import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import picocli.CommandLine.Option;

/** Which house a command is for. */
public final class HouseOptions {
    @Option(
            names = "--house",
            paramLabel = "HOUSE.json",
            description = "The house style, as GET /api/house answers it; without it, the one of the demo.")
    private Optional<Path> house;

    @Option(
            names = "--pictures",
            paramLabel = "FOLDER",
            description = "The pictures of the house, named by their keys.")
    private Optional<Path> pictures;

    @Option(names = "--fonts", paramLabel = "FOLDER", description = "The fonts of the house, TTF and OTF.")
    private Optional<Path> fonts;

    /** Reads what was named; the typesetter takes the fonts in. */
    public HouseFile read(JdkTypesetter typesetter) throws IOException, BadPicture, BadFont {
        if (fonts.isPresent()) {
            try (Stream<Path> listed = Files.list(fonts.get())) {
                List<Path> files = listed.filter(Files::isRegularFile).sorted().toList();
                for (Path file : files) typesetter.take(HouseFont.read(Files.readAllBytes(file)));
            }
        }
        return HouseFile.read(house, pictures);
    }
}
