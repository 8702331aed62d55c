package glimble.paint;

import glimble.reel.Layer;
import java.awt.Rectangle;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/** The shadows that were cast last: what stands still casts the same from frame to frame. For one thread. */
final class CastShadows {
    private static final int KEPT = 12;

    /** @param thrower by identity: shapes that stay as they are are kept too; filled, whatever says how much it covers */
    private record Cast(
            Layer.ThrownShadow shadow, Rectangle area, AffineTransform at, Thrower thrower, Object filled) {}

    private record Thrower(Shape shape) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Thrower thrower && thrower.shape == shape;
        }

        @Override
        public int hashCode() {
            return System.identityHashCode(shape);
        }
    }

    private final Map<Cast, Sheet> known = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Cast, Sheet> eldest) {
            return size() > KEPT;
        }
    };

    Sheet of(
            Layer.ThrownShadow shadow,
            Rectangle area,
            AffineTransform at,
            Shape thrower,
            Object filled,
            Supplier<Sheet> cast) {
        return known.computeIfAbsent(new Cast(shadow, area, at, new Thrower(thrower), filled), key -> cast.get());
    }
}
