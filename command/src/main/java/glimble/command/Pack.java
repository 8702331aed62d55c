package glimble.command;

import glimble.handover.Asked;
import glimble.handover.Carried;
import glimble.handover.Form;
import glimble.handover.HandOver;
import glimble.handover.Handed;
import glimble.handover.Progress;
import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Packs a graphic with what it names of its house, to be taken in by another one. */
@Command(
        name = "pack",
        description =
                "Packs a graphic with the colours, pictures and fonts it names into a bundle: ends with 0 if it was written, 2 if it could not be.",
        mixinStandardHelpOptions = true)
final class Pack implements Callable<Integer> {
    @Mixin
    private GivenGraphic graphic;

    @Option(names = "--to", paramLabel = "FOLDER", defaultValue = ".", description = "Where the bundle is written.")
    private Path folder;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        PrintWriter err = spec.commandLine().getErr();
        return Told.call(err, () -> {
            pack(err);
            return 0;
        });
    }

    private void pack(PrintWriter err) throws IOException, Impossible {
        JdkTypesetter typesetter = new JdkTypesetter();
        Handed handed = graphic.read(typesetter);
        Asked asked = new Asked(Form.BUNDLE, List.of(), -1, "", false);
        Carried.of(handed.designed(), Form.BUNDLE, false, typesetter).forEach(err::println);
        Files.createDirectories(folder);
        Path file = folder.resolve(HandOver.fileName(handed, asked));
        new HandOver(typesetter).write(handed, asked, file, Progress.NONE);
        spec.commandLine().getOut().println(file);
    }
}
