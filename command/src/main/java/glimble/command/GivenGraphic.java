package glimble.command;

import glimble.document.Problem;
import glimble.document.Reading;
import glimble.formats.GraphicJson;
import glimble.formats.HouseFile;
import glimble.formats.pictures.BadPicture;
import glimble.handover.BadBundle;
import glimble.handover.Bundle;
import glimble.handover.BundleReader;
import glimble.handover.Handed;
import glimble.typeset.BadFont;
import glimble.typeset.HouseFont;
import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Which graphic a command is for, and of which house. */
final class GivenGraphic {
    @Parameters(
            index = "0",
            paramLabel = "GRAPHIC",
            description = "The document as JSON, or a bundle; - for standard input.")
    private Path graphic;

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

    /**
     * Reads what was named; the typesetter takes the fonts in.
     *
     * @throws Impossible if it cannot be read, with what is wrong
     */
    Handed read(JdkTypesetter typesetter) throws IOException, Impossible {
        byte[] file = GivenFile.read(graphic);
        try {
            return isArchive(file) ? bundle(file, typesetter) : document(file, typesetter);
        } catch (BadBundle e) {
            throw new Impossible("The bundle cannot be read. " + e.getMessage());
        } catch (BadPicture | BadFont e) {
            throw new Impossible(e.getMessage());
        }
    }

    /** ZIP. Source: APPNOTE 4.3.7, the signature of a local file header. */
    private static boolean isArchive(byte[] file) {
        return file.length > 3 && file[0] == 'P' && file[1] == 'K' && file[2] == 3 && file[3] == 4;
    }

    private Handed bundle(byte[] file, JdkTypesetter typesetter) throws BadBundle, Impossible {
        if (house.isPresent() || pictures.isPresent() || fonts.isPresent()) {
            throw new Impossible(
                    "A bundle has the house style, pictures and fonts it needs: leave --house, --pictures and --fonts out.");
        }
        Bundle bundle = BundleReader.read(file, typesetter.fonts());
        bundle.fonts().forEach(typesetter::take);
        return new Handed(bundle.designed(), bundle.palette(), bundle.safe(), bundle.wholePixels(), bundle.pictures());
    }

    private Handed document(byte[] file, JdkTypesetter typesetter) throws IOException, BadPicture, BadFont, Impossible {
        if (fonts.isPresent()) {
            try (Stream<Path> listed = Files.list(fonts.get())) {
                List<Path> files = listed.filter(Files::isRegularFile).sorted().toList();
                for (Path font : files) typesetter.take(HouseFont.read(Files.readAllBytes(font)));
            }
        }
        HouseFile style = HouseFile.read(house, pictures);
        Reading reading = GraphicJson.read(new String(file, StandardCharsets.UTF_8), typesetter.fonts());
        if (reading.graphic().isPresent()) return Handed.of(reading.graphic().get(), style);
        throw new Impossible("The graphic cannot be read:\n" + lines(reading.problems()));
    }

    /** What is wrong, a line each. */
    static String lines(List<Problem> problems) {
        return problems.stream().map(problem -> "  " + problem).collect(Collectors.joining("\n"));
    }
}
