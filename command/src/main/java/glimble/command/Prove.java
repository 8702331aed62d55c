package glimble.command;

import glimble.cue.CueCheck;
import glimble.formats.tables.BadTable;
import glimble.formats.tables.Table;
import glimble.graphic.Graphic;
import glimble.handover.Handed;
import glimble.proof.Filling;
import glimble.proof.Fillings;
import glimble.proof.Finding;
import glimble.proof.Prover;
import glimble.prove.FindingsTable;
import glimble.prove.NamesTable;
import glimble.prove.ProofRun;
import glimble.prove.ProofSheet;
import glimble.prove.WorstFrame;
import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** The proof from the command line. Findings that are accepted count for nothing. */
@Command(
        name = "prove",
        description =
                "Proves a graphic: ends with 0 if nothing is found, 1 if there are findings, 2 if it could not be run.",
        mixinStandardHelpOptions = true)
final class Prove implements Callable<Integer> {
    @Mixin
    private GivenGraphic graphic;

    @Parameters(
            index = "1",
            arity = "0..1",
            paramLabel = "NAMES.csv",
            description = "Fillings to prove it with besides those that are made.")
    private Optional<Path> names;

    @Option(names = "--sheet", paramLabel = "PAGE.html", description = "Where a page with what is found is written.")
    private Optional<Path> sheet;

    @Option(
            names = "--findings",
            paramLabel = "FINDINGS.csv",
            description = "Where a table of what is found is written.")
    private Optional<Path> findings;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        return Told.call(spec.commandLine().getErr(), () -> prove(out));
    }

    private int prove(PrintWriter out) throws IOException, BadTable, Impossible {
        JdkTypesetter typesetter = new JdkTypesetter();
        Handed handed = graphic.read(typesetter);
        Graphic framed = handed.framed();
        List<Filling> named =
                names.isPresent() ? NamesTable.read(Table.text(GivenFile.read(names.get())), framed) : List.of();
        ProofRun.Standing proof = proof(handed, named, typesetter);
        print(framed, proof, out);
        CueCheck.House house = new CueCheck.House(handed.palette(), handed.extents());
        List<String> refused = NamesTable.refused(named, framed, house, typesetter.writing());
        if (!refused.isEmpty()) out.println("\nnot let through:");
        refused.forEach(row -> out.println("  " + row));
        if (!proof.left().isEmpty()) out.println("\n" + proof.left());
        if (sheet.isPresent()) {
            WorstFrame frames = new WorstFrame(framed, handed.palette(), typesetter, handed.extents(), handed.source());
            Files.writeString(sheet.get(), ProofSheet.html(framed.name(), proof, framed.proof(), frames));
        }
        if (findings.isPresent()) Files.writeString(findings.get(), FindingsTable.csv(proof));
        return proof.open() == 0 && refused.isEmpty() ? 0 : 1;
    }

    /** @param named fillings besides those that are made */
    static ProofRun.Standing proof(Handed handed, List<Filling> named, JdkTypesetter typesetter) {
        Graphic framed = handed.framed();
        Prover prover = new Prover(framed, handed.palette(), typesetter, handed.extents());
        return ProofRun.of(prover, Fillings.made(framed, typesetter, handed.extents()), named)
                .run();
    }

    private static void print(Graphic graphic, ProofRun.Standing proof, PrintWriter out) {
        out.println(graphic.name() + ": proved for " + ProofSheet.count(proof.done(), "filling") + ", "
                + ProofSheet.count(proof.open(), "finding"));
        for (Finding finding : proof.findings()) {
            out.println();
            out.println((finding.accepted().isPresent() ? "accepted · " : "") + ProofSheet.sentence(finding));
            out.println("  in " + ProofSheet.count(finding.trials().size(), "filling") + ", worst at frame "
                    + finding.worst().frame() + " of "
                    + finding.worst().when());
            out.println("  shown by " + ProofSheet.words(proof.shown(finding)));
            out.println("  to mend: " + finding.worst().mend());
            finding.accepted().ifPresent(reason -> out.println("  accepted: " + reason));
            finding.outgrown().ifPresent(more -> out.println("  " + more));
        }
    }
}
