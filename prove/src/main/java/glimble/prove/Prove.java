package glimble.prove;

import glimble.document.Reading;
import glimble.formats.GraphicJson;
import glimble.formats.pictures.BadPicture;
import glimble.graphic.Graphic;
import glimble.proof.Filling;
import glimble.proof.Fillings;
import glimble.proof.Finding;
import glimble.proof.Prover;
import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.core.JacksonException;

/**
 * The proof from the command line. Ends with 0 if nothing is found, 1 if there are findings that are not accepted, 2 if it could not be
 * run.
 */
public final class Prove {
    private static final String USAGE =
            "usage: prove GRAPHIC.json [NAMES.csv] [--house HOUSE.json] [--pictures FOLDER] [--sheet PAGE.html]";

    private Prove() {}

    public static void main(String[] arguments) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        System.exit(run(List.of(arguments), out));
    }

    /** What cannot be done, for people. */
    private static final class Impossible extends Exception {
        Impossible(String sentence) {
            super(sentence);
        }
    }

    private record Options(
            Path graphic, Optional<Path> names, Optional<Path> house, Optional<Path> pictures, Optional<Path> sheet) {}

    static int run(List<String> arguments, PrintStream out) {
        try {
            return prove(options(arguments), out);
        } catch (Impossible | NamesTable.BadTable | BadPicture e) {
            out.println(e.getMessage());
        } catch (JacksonException e) {
            out.println("This is no JSON: " + e.getOriginalMessage());
        } catch (IOException e) {
            out.println("Cannot read or write " + e.getMessage() + ".");
        }
        return 2;
    }

    private static Options options(List<String> arguments) throws Impossible {
        List<Path> files = new ArrayList<>();
        java.util.Map<String, Path> named = new java.util.HashMap<>();
        for (int i = 0; i < arguments.size(); i++) {
            String argument = arguments.get(i);
            if (!argument.startsWith("--")) files.add(Path.of(argument));
            else if (List.of("--house", "--pictures", "--sheet").contains(argument) && i + 1 < arguments.size()) {
                named.put(argument, Path.of(arguments.get(++i)));
            } else throw new Impossible(USAGE);
        }
        if (files.isEmpty() || files.size() > 2) throw new Impossible(USAGE);
        return new Options(
                files.get(0),
                files.size() == 2 ? Optional.of(files.get(1)) : Optional.empty(),
                Optional.ofNullable(named.get("--house")),
                Optional.ofNullable(named.get("--pictures")),
                Optional.ofNullable(named.get("--sheet")));
    }

    private static int prove(Options options, PrintStream out)
            throws IOException, BadPicture, Impossible, NamesTable.BadTable {
        JdkTypesetter typesetter = new JdkTypesetter();
        HouseFile house = HouseFile.read(options.house(), options.pictures());
        Reading reading = GraphicJson.read(Files.readString(options.graphic()), typesetter.fonts());
        if (reading.graphic().isEmpty()) {
            throw new Impossible("The graphic cannot be read:\n"
                    + String.join(
                            "\n",
                            reading.problems().stream()
                                    .map(problem -> "  " + problem.path() + " " + problem.sentence())
                                    .toList()));
        }
        Graphic read = reading.graphic().get();
        Graphic graphic = read.withFrame(read.frame().of(house.safe(), house.wholePixels()));
        Fillings.Made made = Fillings.made(graphic, typesetter, house.pictures());
        List<Filling> named = options.names().isPresent()
                ? NamesTable.read(Files.readString(options.names().get()), graphic)
                : List.of();
        Prover prover = new Prover(graphic, house.palette(), typesetter, house.pictures());
        ProofRun.Standing proof = ProofRun.of(prover, made, named).run();
        print(graphic, proof, out);
        if (!proof.left().isEmpty()) out.println("\n" + proof.left());
        if (options.sheet().isPresent()) {
            WorstFrame frames = new WorstFrame(graphic, house.palette(), typesetter, house.pictures(), house.source());
            Files.writeString(options.sheet().get(), ProofSheet.html(graphic.name(), proof, graphic.proof(), frames));
        }
        return proof.open() == 0 ? 0 : 1;
    }

    private static void print(Graphic graphic, ProofRun.Standing proof, PrintStream out) {
        out.println(graphic.name() + ": proved for " + ProofSheet.count(proof.done(), "filling") + ", "
                + ProofSheet.count(proof.open(), "finding"));
        for (Finding finding : proof.findings()) {
            Filling shown = finding.reduced().orElse(proof.fillings().get(finding.trial()));
            out.println();
            out.println((finding.accepted().isPresent() ? "accepted · " : "") + ProofSheet.sentence(finding));
            out.println("  in " + ProofSheet.count(finding.trials().size(), "filling") + ", worst at frame "
                    + finding.worst().frame() + " of "
                    + finding.worst().phase().name().toLowerCase(java.util.Locale.ROOT));
            out.println("  shown by " + ProofSheet.words(shown));
            out.println("  to mend: " + finding.worst().mend());
            finding.accepted().ifPresent(reason -> out.println("  accepted: " + reason));
        }
    }
}
