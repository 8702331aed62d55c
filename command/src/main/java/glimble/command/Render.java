package glimble.command;

import glimble.cue.CueCheck;
import glimble.cue.GivenData;
import glimble.document.Tree;
import glimble.formats.tables.BadTable;
import glimble.formats.tables.Table;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.graphic.Rate;
import glimble.handover.Asked;
import glimble.handover.Carried;
import glimble.handover.Form;
import glimble.handover.HandOver;
import glimble.handover.Handed;
import glimble.handover.Progress;
import glimble.handover.Rates;
import glimble.reel.SpokenLines;
import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Writes a graphic in an open format: one file, or of a table one for each row. */
@Command(
        name = "render",
        description =
                "Writes a graphic in an open format: ends with 0 if it was written, 2 if it could not be. Files are named on standard output.",
        mixinStandardHelpOptions = true)
final class Render implements Callable<Integer> {
    @Mixin
    private GivenGraphic graphic;

    @Option(
            names = "--as",
            paramLabel = "FORM",
            defaultValue = "png",
            description =
                    "package, page, bundle, png, svg, lottie, frames, mov, prores, webm, table, captions or findings; png without it.")
    private String form;

    @Option(
            names = "--values",
            paramLabel = "KEY=TEXT",
            description = "What is filled in, once for each field; dials as dial.KEY. Without any, the samples.")
    private Map<String, String> values;

    @Option(
            names = "--table",
            paramLabel = "PEOPLE.csv",
            description =
                    "A file for each row, named by its first column; headings are keys or labels of fields, or dial.KEY.")
    private Optional<Path> table;

    @Option(
            names = "--phase",
            paramLabel = "PHASE",
            description = "in, loop or out: of which phase a picture is a frame; without it, where the graphic rests.")
    private Optional<String> phase;

    @Option(
            names = "--frame",
            paramLabel = "FRAME",
            defaultValue = "-1",
            description = "Of that phase, from 0; without --phase, of the whole graphic.")
    private int frame;

    @Option(
            names = "--to",
            paramLabel = "FOLDER",
            defaultValue = ".",
            description = "Where files are written; - writes the one file to standard output.")
    private Path folder;

    @Option(names = "--ground", paramLabel = "#RRGGBB", defaultValue = "", description = "A colour under frames.")
    private String ground;

    @Option(
            names = "--width",
            paramLabel = "PX",
            defaultValue = "0",
            description = "Of pictures and video, whose height follows; without it, as designed.")
    private int width;

    @Option(
            names = "--rate",
            paramLabel = "FRAMES",
            description = "Frames per second of frames and video, such as 25 or 60000/1001; without it, as designed.")
    private Optional<String> rate;

    @Option(names = "--all-fonts", description = "Fonts for every script go with a package or page.")
    private boolean allFonts;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        PrintWriter err = spec.commandLine().getErr();
        return Told.call(err, () -> {
            render(spec.commandLine().getOut(), err);
            return 0;
        });
    }

    private void render(PrintWriter out, PrintWriter err) throws IOException, BadTable, Impossible {
        JdkTypesetter typesetter = new JdkTypesetter();
        Handed handed = graphic.read(typesetter);
        Form as = Form.named(form).orElseThrow(() -> new Impossible("--as must be one of " + Form.words() + "."));
        if (!ground.isEmpty() && !ground.matches("#[0-9a-fA-F]{6}")) {
            throw new Impossible("--ground must be a colour like #2A2340.");
        }
        if (width != 0 && !HandOver.isWidth(width)) {
            throw new Impossible(
                    "--width must be an even number from " + HandOver.LEAST_WIDTH + " to " + HandOver.MOST_WIDTH + ".");
        }
        Optional<Rate> frames = rate.flatMap(Rates::read);
        if (rate.isPresent() && frames.isEmpty()) {
            throw new Impossible("--rate must be frames per second, such as 25 or 60000/1001.");
        }
        Carried.of(handed.designed(), as, allFonts, typesetter).forEach(err::println);
        if (as == Form.CAPTIONS && !SpokenLines.has(handed.designed())) {
            throw new Impossible("There is nothing to caption: none of its texts shows a field of spoken words.");
        }
        if (as == Form.FINDINGS) handed = handed.proved(Prove.proof(handed, List.of(), typesetter));
        Optional<Asked.Still> still = still(as);
        boolean piped = folder.toString().equals("-");
        if (!piped) Files.createDirectories(folder);
        List<Asked.Filling> fillings = as.isFilled() ? fillings(handed, typesetter) : List.of();
        List<List<Asked.Filling>> files = new ArrayList<>();
        if (fillings.isEmpty() || as.isTogether()) files.add(fillings);
        else fillings.forEach(filling -> files.add(List.of(filling)));
        if (piped && files.size() > 1)
            throw new Impossible("Standard output takes one file; --to names a folder for several.");
        Set<String> taken = new HashSet<>();
        for (int i = 0; i < files.size(); i++) {
            Asked asked = new Asked(as, files.get(i), still, ground, allFonts, width, frames);
            String name = HandOver.fileName(handed, asked);
            String free = free(name, taken);
            Path file = piped ? Files.createTempFile("glimble", "." + as.ending()) : folder.resolve(free);
            new HandOver(typesetter).write(handed, asked, file, told(err, file, i + 1, files.size()));
            if (piped) {
                GivenFile.pipe(file);
                return;
            }
            out.println(file);
            // Who is which, where the name alone does not tell.
            if (!free.equals(name))
                err.println(free + " is " + files.get(i).get(0).name());
        }
    }

    private Optional<Asked.Still> still(Form as) throws Impossible {
        if (phase.isEmpty() && frame < 0) return Optional.empty();
        if (as != Form.PNG && as != Form.SVG) throw new Impossible("--phase and --frame are for png and svg.");
        if (phase.isEmpty()) return Optional.of(Asked.Still.ofWhole(frame));
        Optional<PhaseName> of = PhaseName.PLAYED.stream()
                .filter(one -> one.word().equals(phase.get()))
                .findFirst();
        if (of.isEmpty()) throw new Impossible("--phase must be in, loop or out.");
        return Optional.of(new Asked.Still(of, Math.max(0, frame)));
    }

    /** Two rows may be called alike. */
    private static String free(String name, Set<String> taken) {
        int dot = name.lastIndexOf('.');
        String free = name;
        for (int i = 2; !taken.add(free); i++) free = name.substring(0, dot) + "-" + i + name.substring(dot);
        return free;
    }

    private List<Asked.Filling> fillings(Handed handed, JdkTypesetter typesetter)
            throws IOException, BadTable, Impossible {
        Graphic designed = handed.designed();
        List<Asked.Filling> fillings = new ArrayList<>();
        List<String> wrong = new ArrayList<>();
        if (table.isEmpty()) {
            Tree.Maker data = Tree.object();
            if (values != null) values.forEach(data::put);
            else designed.fields().forEach(field -> data.put(field.key(), field.sample()));
            fillings.add(new Asked.Filling("", given(handed, data, typesetter, "--values", wrong)));
            refuse(wrong);
            return fillings;
        }
        Table read = Table.read(GivenFile.read(table.get()));
        checkHeadings(designed, read);
        for (Table.TableRow row : read.rows()) {
            Tree.Maker data = Tree.object();
            for (int column = 0; column < read.columns().size(); column++) {
                String heading = read.columns().get(column).strip();
                Optional<Field> field = designed.fieldCalled(heading);
                if (field.isPresent()) data.put(field.get().key(), row.cell(column));
                else if (heading.startsWith(GivenData.DIAL) && !row.cell(column).isEmpty())
                    data.put(heading, row.cell(column));
            }
            GivenData given = given(handed, data, typesetter, "line " + row.line(), wrong);
            fillings.add(new Asked.Filling(row.cell(0), given));
        }
        refuse(wrong);
        if (fillings.isEmpty()) throw new Impossible("The table has no rows below its headings.");
        return fillings;
    }

    /** A heading that is none of them is most probably misspelt; the first column may only name the files. */
    private static void checkHeadings(Graphic designed, Table read) throws Impossible {
        List<String> unknown = new ArrayList<>();
        for (int column = 1; column < read.columns().size(); column++) {
            String heading = read.columns().get(column).strip();
            boolean dial = heading.startsWith(GivenData.DIAL)
                    && designed.dials().stream()
                            .anyMatch(one -> one.key().equals(heading.substring(GivenData.DIAL.length())));
            if (designed.fieldCalled(heading).isEmpty() && !dial) unknown.add("'" + heading + "'");
        }
        if (unknown.isEmpty()) return;
        String known = Stream.concat(
                        designed.fields().stream().map(Field::key),
                        designed.dials().stream().map(dial -> GivenData.DIAL + dial.key()))
                .collect(Collectors.joining(", "));
        throw new Impossible("The table has headings that are not known: " + String.join(", ", unknown) + ". There is "
                + known + "; put right or leave out the others.");
    }

    private static GivenData given(
            Handed handed, Tree.Maker data, JdkTypesetter typesetter, String where, List<String> wrong) {
        CueCheck.House house = new CueCheck.House(handed.palette(), handed.extents());
        GivenData given = GivenData.read(handed.designed(), data.made(), house, typesetter.writing());
        if (!given.problems().isEmpty()) wrong.add(where + ":\n" + GivenGraphic.lines(given.problems()));
        return given;
    }

    /** All that is wrong, so that it is put right at once. */
    private static void refuse(List<String> wrong) throws Impossible {
        if (!wrong.isEmpty()) throw new Impossible("Cannot be filled with " + String.join("\n", wrong));
    }

    /** Every tenth of a file. */
    private static Progress told(PrintWriter err, Path file, int number, int count) {
        int[] last = {0};
        return new Progress() {
            @Override
            public void done(int of, int all) {
                int tenth = 10 * of / all;
                if (tenth == last[0]) return;
                last[0] = tenth;
                err.println(file.getFileName() + " (" + number + " of " + count + "): " + tenth * 10 + " %");
            }

            @Override
            public boolean isStopped() {
                return false;
            }
        };
    }
}
