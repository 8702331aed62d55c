package glimble.paint;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.paint.Laid.How;
import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Pixels laid over each other and colours that change along a line, beside Java2D's own. */
class LaidTest {
    private static final int FINE = 8;
    private static final Random RANDOM = new Random(7);

    /** Empty, opaque and in between, with premultiplied alpha. */
    private static BufferedImage picture(int width, int height) {
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        int[] pixels = Laid.pixels(picture);
        for (int i = 0; i < pixels.length; i++) {
            int alpha = RANDOM.nextInt(3) == 0 ? RANDOM.nextInt(256) : RANDOM.nextBoolean() ? 255 : 0;
            pixels[i] = alpha << 24 | part(alpha) << 16 | part(alpha) << 8 | part(alpha);
        }
        return picture;
    }

    private static int part(int alpha) {
        return RANDOM.nextInt(alpha + 1);
    }

    private static BufferedImage copy(BufferedImage picture) {
        BufferedImage copy = new BufferedImage(picture.getWidth(), picture.getHeight(), picture.getType());
        int[] from = Laid.pixels(picture);
        System.arraycopy(from, 0, Laid.pixels(copy), 0, from.length);
        return copy;
    }

    private static void alike(BufferedImage one, BufferedImage other, int within) {
        int[] ones = Laid.pixels(one);
        int[] others = Laid.pixels(other);
        for (int i = 0; i < ones.length; i++) {
            for (int shift = 0; shift < 32; shift += 8) {
                int apart = Math.abs((ones[i] >>> shift & 255) - (others[i] >>> shift & 255));
                assertThat(apart)
                        .as("pixel %d: %08x, and by Java2D %08x", i, ones[i], others[i])
                        .isLessThanOrEqualTo(within);
            }
        }
    }

    private static AlphaComposite composite(How how, double opacity) {
        return switch (how) {
            case OVER -> AlphaComposite.SrcOver.derive((float) opacity);
            case KEEPS -> AlphaComposite.DstIn;
            case CUTS -> AlphaComposite.DstOut;
        };
    }

    @ParameterizedTest
    @EnumSource
    void what_is_laid_anywhere_looks_as_by_java2d(How how) {
        for (int i = 0; i < 40; i++) {
            BufferedImage ours = picture(40, 30);
            BufferedImage theirs = copy(ours);
            BufferedImage what = picture(1 + RANDOM.nextInt(50), 1 + RANDOM.nextInt(50));
            int x = RANDOM.nextInt(100) - 55;
            int y = RANDOM.nextInt(90) - 55;
            double opacity = how == How.OVER && i % 2 == 0 ? RANDOM.nextDouble() : 1;
            Laid.lay(ours, what, x, y, how, opacity);
            Graphics2D graphics = theirs.createGraphics();
            graphics.setComposite(composite(how, opacity));
            graphics.drawImage(what, x, y, null);
            graphics.dispose();
            alike(ours, theirs, 1);
        }
    }

    @Test
    void colours_along_a_line_are_those_of_java2d_wherever_the_shape_stands() {
        for (int i = 0; i < 60; i++) {
            Rectangle at = new Rectangle(RANDOM.nextInt(20), RANDOM.nextInt(20), 90, 70);
            Sheet ours = Sheet.blank(at);
            // Java2D takes the colour at a corner of each px; much larger, that is as good as its middle.
            Sheet theirs = Sheet.blank(new Rectangle(at.width * FINE, at.height * FINE));
            Shape shape = new Ellipse2D.Double(10, 10, 5 + RANDOM.nextInt(70), 5 + RANDOM.nextInt(60));
            AffineTransform matrix = AffineTransform.getRotateInstance(RANDOM.nextDouble(), 40, 40);
            matrix.scale(0.5 + RANDOM.nextDouble(), 0.5 + RANDOM.nextDouble());
            float x = RANDOM.nextInt(80);
            float y = RANDOM.nextInt(80);
            GradientPaint paint =
                    new GradientPaint(x, y, colour(), x + 8 + RANDOM.nextInt(60), y + RANDOM.nextInt(60), colour());
            double opacity = i % 2 == 0 ? 1 : RANDOM.nextDouble();
            Graded.fill(ours, shape, matrix, paint, opacity);
            Graphics2D graphics = theirs.graphics();
            AffineTransform larger = AffineTransform.getScaleInstance(FINE, FINE);
            larger.concatenate(AffineTransform.getTranslateInstance(-at.x, -at.y));
            larger.concatenate(matrix);
            graphics.setTransform(larger);
            graphics.setComposite(AlphaComposite.SrcOver.derive((float) opacity));
            graphics.setPaint(paint);
            graphics.fill(shape);
            graphics.dispose();
            alike(inside(ours, shape, matrix), inside(new Sheet(mean(theirs.image()), at), shape, matrix), 3);
        }
    }

    /** Only what is covered whole: how much of a pixel at the edge is covered is Java2D's own affair. */
    private static BufferedImage inside(Sheet drawn, Shape shape, AffineTransform matrix) {
        Shape stands = matrix.createTransformedShape(shape);
        BufferedImage inside = copy(drawn.image());
        int[] pixels = Laid.pixels(inside);
        for (int i = 0; i < pixels.length; i++) {
            int x = drawn.at().x + i % inside.getWidth();
            int y = drawn.at().y + i / inside.getWidth();
            if (!stands.contains(x - 0.5, y - 0.5, 2, 2)) pixels[i] = 0;
        }
        return inside;
    }

    private static BufferedImage mean(BufferedImage large) {
        BufferedImage mean = new BufferedImage(large.getWidth() / FINE, large.getHeight() / FINE, large.getType());
        int[] from = Laid.pixels(large);
        int[] to = Laid.pixels(mean);
        for (int i = 0; i < to.length; i++) {
            int first = i / mean.getWidth() * FINE * large.getWidth() + i % mean.getWidth() * FINE;
            for (int shift = 0; shift < 32; shift += 8) {
                int sum = 0;
                for (int j = 0; j < FINE * FINE; j++) {
                    sum += from[first + j / FINE * large.getWidth() + j % FINE] >>> shift & 255;
                }
                to[i] |= Math.round(sum / (float) (FINE * FINE)) << shift;
            }
        }
        return mean;
    }

    private static Color colour() {
        return new Color(RANDOM.nextInt(256), RANDOM.nextInt(256), RANDOM.nextInt(256), 128 + RANDOM.nextInt(128));
    }

    @Test
    void what_is_pressed_flat_or_has_no_line_draws_without_a_fault() {
        Sheet sheet = Sheet.blank(new Rectangle(20, 20));
        Shape shape = new Rectangle(2, 2, 10, 10);
        Color colour = new Color(10, 20, 30);
        Graded.fill(sheet, shape, AffineTransform.getScaleInstance(0, 1), line(2, colour), 1);
        assertThat(Laid.pixels(sheet.image())).containsOnly(0);
        Graded.fill(sheet, shape, new AffineTransform(), line(0, colour), 1);
        assertThat(sheet.image().getRGB(6, 6)).isEqualTo(colour.getRGB());
    }

    private static GradientPaint line(float length, Color to) {
        return new GradientPaint(3, 3, Color.WHITE, 3 + length, 3, to);
    }
}
