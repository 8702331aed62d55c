package glimble.graphic;

import java.util.Optional;

/**
 * A colour that a graphic makes from another one and names. Worked out in this order: mixed, lighter, more vivid, turned.
 *
 * @param key what parts name it by; before a name of the palette
 * @param of {@code #RRGGBB}, {@code #RRGGBBAA}, a name of the palette, {@code {field}}, or one that stands above it
 * @param mixed with another one
 * @param lighter −1–1: 1 is white, −1 black, 0.5 half the way to white
 * @param vivid −1–1: −1 is grey, 1 twice the chroma, as far as it can be shown
 * @param turned degrees of its hue
 */
public record MadeColour(String key, String of, Optional<Mixed> mixed, double lighter, double vivid, double turned) {
    /**
     * @param with a colour, as {@code of}
     * @param share 0–1 of it
     */
    public record Mixed(String with, double share) {}

    public MadeColour(String key, String of) {
        this(key, of, Optional.empty(), 0, 0, 0);
    }

    public MadeColour named(String other) {
        return new MadeColour(other, of, mixed, lighter, vivid, turned);
    }
}
