package glimble.handover;

import glimble.cue.GivenData;
import glimble.formats.tables.Table;
import glimble.graphic.PhaseName;
import glimble.paint.SvgPainter;
import glimble.prove.FindingsTable;
import glimble.reel.SpokenLines;
import glimble.spoken.Captions;
import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Writes graphics in open formats. Safe for several threads. */
public final class HandOver {
    /** px of pictures and video; only even ones. */
    public static final int LEAST_WIDTH = 64;

    public static final int MOST_WIDTH = 3_840;

    /** Whether pictures and video can be that wide. */
    public static boolean isWidth(int px) {
        return px >= LEAST_WIDTH && px <= MOST_WIDTH && px % 2 == 0;
    }

    private final JdkTypesetter typesetter;

    public HandOver(JdkTypesetter typesetter) {
        this.typesetter = typesetter;
    }

    /**
     * The name of the file for people.
     *
     * @param asked with its fillings
     */
    public static String fileName(Handed handed, Asked asked) {
        String name = FileNames.of(handed.designed().name());
        // Both are archives, and often lie beside each other.
        if (asked.form() == Form.BUNDLE) return name + ".bundle.zip";
        List<Asked.Filling> fillings = asked.fillings();
        if (asked.form() == Form.FINDINGS) return name + ".findings.csv";
        if (!asked.form().isFilled() || asked.form().isTogether())
            return name + "." + asked.form().ending();
        if (fillings.size() != 1) return name + ".zip";
        String of = fillings.get(0).name();
        return name + (of.isEmpty() ? "" : "-" + FileNames.ofPerson(of)) + "."
                + asked.form().ending();
    }

    /** Media type of the file. */
    public static String type(Form form, String file) {
        return file.endsWith(".zip") ? "application/zip" : form.type();
    }

    /** Frames from the first to the last of what is filled with its samples. */
    public int length(Handed handed) {
        return length(handed, GivenSamples.of(handed.designed()));
    }

    private int length(Handed handed, GivenData given) {
        return Played.of(handed, typesetter, given).length();
    }

    /** How many pictures are painted for it: it is this that takes long. The first filling says for all how many frames there are. */
    public long pictures(Handed handed, Asked asked) {
        if (!asked.form().isFilled() || asked.form().isTogether()) return 1;
        int files = asked.fillings().size();
        if (!asked.form().isOfEveryFrame() || files == 0) return files;
        return (long) files * length(handed, asked.fillings().get(0).data());
    }

    /**
     * @param file where it is written; not there yet
     * @throws IOException if it cannot be written, or a program that is needed is missing
     * @throws Progress.Stopped if it was stopped
     */
    public void write(Handed handed, Asked asked, Path file, Progress progress) throws IOException {
        if (asked.form() == Form.FINDINGS || asked.form() == Form.TABLE) {
            Files.writeString(file, table(handed, asked));
            progress.done(1, 1);
            return;
        }
        if (!asked.form().isFilled()) {
            Handed carried = handed.withFonts(Carriage.keptBack(handed.designed(), typesetter));
            try (OutputStream out = Files.newOutputStream(file)) {
                switch (asked.form()) {
                    case BUNDLE -> BundleWriter.write(carried, typesetter, out);
                    case PAGE -> SinglePage.write(carried, typesetter, asked.allFonts(), out);
                    default -> GraphicPackage.write(carried, typesetter, asked.allFonts(), out);
                }
            }
            progress.done(1, 1);
            return;
        }
        List<Asked.Filling> fillings = asked.fillings();
        if (fillings.size() == 1) {
            one(handed, asked, fillings.get(0).data(), file, progress);
            return;
        }
        Set<String> taken = new HashSet<>();
        List<List<String>> who = new ArrayList<>();
        boolean numbered = false;
        Path part = Files.createTempFile("handover", "." + asked.form().ending());
        try (OutputStream out = Files.newOutputStream(file);
                Zip zip = new Zip(out)) {
            for (int i = 0; i < fillings.size(); i++) {
                progress.check();
                Files.deleteIfExists(part);
                one(handed, asked, fillings.get(i).data(), part, new Share(progress, i, fillings.size()));
                String plain = FileNames.ofPerson(fillings.get(i).name());
                String name = free(plain, taken);
                numbered |= !name.equals(plain);
                String entry = name + "." + asked.form().ending();
                who.add(List.of(entry, fillings.get(i).name()));
                zip.add(entry, part);
            }
            // Where names alone do not tell, who is which.
            if (numbered) {
                Files.writeString(part, Table.write(List.of("file", "name"), who));
                zip.add("names.csv", part);
            }
        } finally {
            Files.deleteIfExists(part);
        }
    }

    private static String table(Handed handed, Asked asked) throws IOException {
        if (asked.form() == Form.TABLE) return FillingTable.csv(handed.designed(), asked.fillings());
        if (handed.proof().isEmpty())
            throw new IOException("It has not been proved. Prove it, and hand it over again.");
        return FindingsTable.csv(handed.proof().get());
    }

    private static String free(String name, Set<String> taken) {
        String free = name;
        for (int i = 2; !taken.add(free); i++) free = name + "-" + i;
        return free;
    }

    private void one(Handed handed, Asked asked, GivenData given, Path file, Progress progress) throws IOException {
        Played played = Played.of(handed, typesetter, given, asked.form() == Form.LOTTIE ? 0 : asked.width());
        FramePainter frames = new FramePainter(played, typesetter, handed.source(), asked.ground(), asked.rate());
        switch (asked.form()) {
            case PNG -> {
                Files.write(file, Png.of(frames.painted(moment(played, asked.still()))));
                progress.done(1, 1);
            }
            case SVG -> {
                Played.Moment at = moment(played, asked.still());
                String svg = new SvgPainter(played.reel(), typesetter, handed.source()).paint(at.phase(), at.frame());
                Files.writeString(file, svg);
                progress.done(1, 1);
            }
            case LOTTIE -> {
                Files.writeString(file, VectorForm.of(handed.designed().name(), played, typesetter, handed.source()));
                progress.done(1, 1);
            }
            case CAPTIONS -> {
                Files.writeString(
                        file, Captions.write(SpokenLines.of(played.graphic(), given.values(), played.worked())));
                progress.done(1, 1);
            }
            case FRAMES -> frames.zip(file, progress);
            default -> Video.write(asked.form(), frames, file, progress);
        }
    }

    private static Played.Moment moment(Played played, Optional<Asked.Still> still) {
        if (still.isEmpty())
            return new Played.Moment(PhaseName.IN, played.reel().in());
        int frame = still.get().frame();
        if (still.get().phase().isEmpty()) return played.at(frame);
        PhaseName phase = still.get().phase().get();
        // Past its last frame, that one holds.
        return new Played.Moment(phase, Math.min(frame, played.reel().length(phase)));
    }

    /** One of several files. */
    private record Share(Progress of, int index, int count) implements Progress {
        @Override
        public void done(int done, int all) {
            of.done(index * 1_000 + done * 1_000 / all, count * 1_000);
        }

        @Override
        public boolean isStopped() {
            return of.isStopped();
        }
    }
}
