package glimble.prove;

import glimble.document.Reading;
import glimble.formats.GraphicJson;
import glimble.formats.pictures.BadPicture;
import glimble.graphic.Graphic;
import glimble.proof.Filling;
import glimble.proof.Fillings;
import glimble.proof.Finding;
import glimble.proof.Prover;
import glimble.typeset.BadFont;
import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.core.JacksonException;

/** The proof from the command line. Findings that are accepted count for nothing. */
@Command(
        name = "prove",
        description =
                "Proves a graphic: ends with 0 if nothing is found, 1 if there are findings, 2 if it could not be run.",
        mixinStandardHelpOptions = true,
        version = "glimble 0.1")
public final class Prove implements Callable<Integer> {
    private static final int IMPOSSIBLE = 2;

    @Parameters(index = "0", paramLabel = "GRAPHIC.json", description = "The document to prove.")
    private Path graphic;

    @Parameters(
            index = "1",
            arity = "0..1",
            paramLabel = "NAMES.csv",
            description = "Fillings to prove it with besides those that are made.")
    private Optional<Path> names;

    @Mixin
    private HouseOptions house;

    @Option(names = "--sheet", paramLabel = "PAGE.html", description = "Where a page with what is found is written.")
    private Optional<Path> sheet;

    @Spec
    private CommandSpec spec;

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

    static int run(List<String> arguments, PrintStream out) {
        PrintWriter writer = new PrintWriter(out, true);
        return new CommandLine(new Prove()).setOut(writer).setErr(writer).execute(arguments.toArray(String[]::new));
    }

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        try {
            return prove(out);
        } catch (Impossible | NamesTable.BadTable | BadPicture | BadFont e) {
            out.println(e.getMessage());
        } catch (JacksonException e) {
            out.println("This is no JSON: " + e.getOriginalMessage());
        } catch (IOException e) {
            out.println("Cannot read or write " + e.getMessage() + ".");
        }
        return IMPOSSIBLE;
    }

    private int prove(PrintWriter out) throws IOException, BadPicture, BadFont, Impossible, NamesTable.BadTable {
        JdkTypesetter typesetter = new JdkTypesetter();
        HouseFile style = house.read(typesetter);
        Reading reading = GraphicJson.read(Files.readString(graphic), typesetter.fonts());
        if (reading.graphic().isEmpty()) {
            throw new Impossible("The graphic cannot be read:\n"
                    + String.join(
                            "\n",
                            reading.problems().stream()
                                    .map(problem -> "  " + problem.path() + " " + problem.sentence())
                                    .toList()));
        }
        Graphic read = reading.graphic().get();
        Graphic framed = read.withFrame(read.frame().of(style.safe(), style.wholePixels()));
        Fillings.Made made = Fillings.made(framed, typesetter, style.pictures());
        List<Filling> named = names.isPresent() ? NamesTable.read(Files.readString(names.get()), framed) : List.of();
        Prover prover = new Prover(framed, style.palette(), typesetter, style.pictures());
        ProofRun.Standing proof = ProofRun.of(prover, made, named).run();
        print(framed, proof, out);
        if (!proof.left().isEmpty()) out.println("\n" + proof.left());
        if (sheet.isPresent()) {
            WorstFrame frames = new WorstFrame(framed, style.palette(), typesetter, style.pictures(), style.source());
            Files.writeString(sheet.get(), ProofSheet.html(framed.name(), proof, framed.proof(), frames));
        }
        return proof.open() == 0 ? 0 : 1;
    }

    private static void print(Graphic graphic, ProofRun.Standing proof, PrintWriter out) {
        out.println(graphic.name() + ": proved for " + ProofSheet.count(proof.done(), "filling") + ", "
                + ProofSheet.count(proof.open(), "finding"));
        for (Finding finding : proof.findings()) {
            Filling shown = finding.reduced().orElse(proof.fillings().get(finding.trial()));
            out.println();
            out.println((finding.accepted().isPresent() ? "accepted · " : "") + ProofSheet.sentence(finding));
            out.println("  in " + ProofSheet.count(finding.trials().size(), "filling") + ", worst at frame "
                    + finding.worst().frame() + " of "
                    + finding.worst().when());
            out.println("  shown by " + ProofSheet.words(shown));
            out.println("  to mend: " + finding.worst().mend());
            finding.accepted().ifPresent(reason -> out.println("  accepted: " + reason));
        }
    }
}
