package glimble.handover;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Video by ffmpeg, which is fed the pixels of every frame; with alpha unless it is over a ground. */
final class Video {
    private static final int SAID = 600;
    /**
     * How colours become luma and chroma, and that the file says so: ITU-R BT.709, which programs take every picture for that is as large as HD.
     * Without it ffmpeg converts by BT.601 and says nothing.
     */
    private static final List<String> BT709 = List.of(
            "-vf",
            // Some encoders ask the frames what they are, others the options.
            "scale=out_color_matrix=bt709:out_range=tv:flags=accurate_rnd+full_chroma_int+bicubic,"
                    + "setparams=colorspace=bt709:color_primaries=bt709:color_trc=bt709:range=tv",
            "-colorspace",
            "bt709",
            "-color_primaries",
            "bt709",
            "-color_trc",
            "bt709",
            "-color_range",
            "tv");

    private Video() {}

    static void write(Form form, FramePainter frames, Path file, Progress progress) throws IOException {
        Path said = Files.createTempFile("ffmpeg", ".log");
        Process ffmpeg = started(form, frames, file, said);
        try {
            try (OutputStream pixels = ffmpeg.getOutputStream()) {
                frames.each(Video::raw, pixels::write, progress);
            }
            if (ffmpeg.waitFor() != 0) throw new IOException("ffmpeg could not make the video: " + last(said));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Progress.Stopped();
        } catch (IOException e) {
            // What it says tells more than that it no longer listens.
            String why = last(said);
            throw why.isEmpty() ? e : new IOException("ffmpeg could not make the video: " + why, e);
        } finally {
            ffmpeg.destroyForcibly();
            Files.deleteIfExists(said);
        }
    }

    private static Process started(Form form, FramePainter frames, Path file, Path said) throws IOException {
        List<String> command = new ArrayList<>(List.of("ffmpeg", "-nostdin", "-y", "-v", "error"));
        command.addAll(List.of("-f", "rawvideo", "-pix_fmt", "bgra"));
        command.addAll(List.of("-s", frames.width() + "x" + frames.height()));
        command.addAll(List.of("-framerate", frames.rate().word(), "-i", "-"));
        // What loses nothing keeps red, green and blue.
        if (form != Form.MOV) command.addAll(BT709);
        command.addAll(codec(form, !frames.isOverGround()));
        command.add(file.toString());
        try {
            return new ProcessBuilder(command)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .redirectError(said.toFile())
                    .start();
        } catch (IOException e) {
            throw new IOException("ffmpeg is missing; install it: apt-get install ffmpeg", e);
        }
    }

    private static List<String> codec(Form form, boolean alpha) {
        return switch (form) {
            case MOV -> List.of("-c:v", "qtrle", "-pix_fmt", alpha ? "argb" : "rgb24", "-f", "mov");
            case PRORES ->
                List.of(
                        "-c:v",
                        "prores_ks",
                        "-profile:v",
                        "4444",
                        "-qscale:v",
                        "9",
                        "-pix_fmt",
                        alpha ? "yuva444p10le" : "yuv444p10le",
                        "-movflags",
                        "+write_colr",
                        "-f",
                        "mov");
            case WEBM ->
                List.of(
                        "-c:v",
                        "libvpx-vp9",
                        "-pix_fmt",
                        alpha ? "yuva420p" : "yuv420p",
                        "-b:v",
                        "0",
                        "-crf",
                        "20",
                        "-deadline",
                        "realtime",
                        "-cpu-used",
                        "8",
                        "-row-mt",
                        "1",
                        "-auto-alt-ref",
                        "0",
                        "-f",
                        "webm");
            default -> throw new IllegalArgumentException(form + " is no video");
        };
    }

    private static byte[] raw(BufferedImage frame) {
        int[] pixels = ((DataBufferInt) frame.getRaster().getDataBuffer()).getData();
        byte[] bytes = new byte[pixels.length * Integer.BYTES];
        ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).asIntBuffer().put(pixels);
        return bytes;
    }

    private static String last(Path said) throws IOException {
        String all = Files.readString(said).strip();
        return all.length() <= SAID ? all : all.substring(all.length() - SAID);
    }
}
