package glimble.command;

import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** Glimble from the command line. */
@Command(
        name = "glimble",
        description = "Proves graphics, writes them in open formats, and packs them for another house.",
        mixinStandardHelpOptions = true,
        version = "glimble 0.1",
        subcommands = {Prove.class, Render.class, Pack.class})
public final class Glimble {
    private Glimble() {}

    public static void main(String[] arguments) {
        PrintWriter out = new PrintWriter(new OutputStreamWriter(System.out, StandardCharsets.UTF_8), true);
        PrintWriter err = new PrintWriter(new OutputStreamWriter(System.err, StandardCharsets.UTF_8), true);
        System.exit(run(out, err, arguments));
    }

    /** @return 0 if it was done, 1 if a proof has findings, 2 if it could not be done */
    static int run(PrintWriter out, PrintWriter err, String... arguments) {
        return new CommandLine(new Glimble()).setOut(out).setErr(err).execute(arguments);
    }
}
