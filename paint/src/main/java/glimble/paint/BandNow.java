package glimble.paint;

import glimble.reel.Track;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;

/**
 * The band that is seen of a layer at a frame, as {@code Band} says.
 *
 * @param matrix from the coordinates of the band to those of the picture
 * @param degrees the way it opens, clockwise from the right
 * @param from along that way, px: seen from here …
 * @param to … to here
 * @param soft px over which its edges fade outwards
 */
record BandNow(AffineTransform matrix, double degrees, double from, double to, double soft, boolean bothWays) {
    static final double FAR = 100_000;

    /** @param share 0–1 of its extent that is seen */
    static BandNow of(Track track, double share, AffineTransform matrix) {
        return new BandNow(
                matrix,
                track.opening().degrees(),
                track.band().from(share),
                track.band().to(share),
                track.opening().soft(),
                track.opening().bothWays());
    }

    /** The same as a group moves it. */
    BandNow within(AffineTransform group) {
        AffineTransform moved = new AffineTransform(group);
        moved.concatenate(matrix);
        return new BandNow(moved, degrees, from, to, soft, bothWays);
    }

    /** Coordinates in which the way it opens is to the right. */
    AffineTransform turned() {
        AffineTransform turned = new AffineTransform(matrix);
        turned.rotate(Math.toRadians(degrees));
        return turned;
    }

    /** From where to where it is open, px in the picture along x, of one that opens that way. */
    double[] ends() {
        boolean back = degrees % 360 != 0;
        double[] ends = {back ? -to : from, 0, back ? -from : to, 0};
        matrix.transform(ends, 0, ends, 0, 2);
        return new double[] {Math.min(ends[0], ends[2]), Math.max(ends[0], ends[2])};
    }

    /** The band with hard edges, in the picture. */
    Shape shape() {
        Rectangle2D band = new Rectangle2D.Double(from, -FAR, Math.max(0, to - from), 2 * FAR);
        return turned().createTransformedShape(new Path2D.Double(band));
    }
}
