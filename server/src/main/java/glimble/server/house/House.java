package glimble.server.house;

import com.fasterxml.jackson.annotation.JsonInclude;
import glimble.colour.MadeColours;
import glimble.cue.Follow;
import glimble.graphic.Graphic;
import glimble.graphic.MadeColour;
import glimble.graphic.Palette;
import glimble.graphic.SafeAreas;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;

/**
 * The house style.
 *
 * @param revision 0 before the first save
 * @param palette its colours, in the order people see them
 * @param styles its text styles, likewise
 * @param safe its safe areas
 * @param wholePixels whether the edges of everything but letters stand on whole px at rest
 * @param gestures its own gestures
 * @param air how acts and feeds are treated
 */
public record House(
        int revision,
        List<PaletteEntry> palette,
        List<StyleEntry> styles,
        SafeAreas safe,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) Boolean wholePixels,
        List<GestureEntry> gestures,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) AirRules air) {
    public static final House NONE =
            new House(0, List.of(), List.of(), SafeAreas.USUAL, true, List.of(), AirRules.USUAL);

    public House {
        palette = List.copyOf(palette);
        styles = List.copyOf(styles);
        // One that was saved before this could be chosen wants them whole, and has no gestures and no rules of its own.
        wholePixels = wholePixels == null || wholePixels;
        gestures = gestures == null ? List.of() : List.copyOf(gestures);
        air = air == null ? AirRules.USUAL : air;
    }

    /**
     * What holds on air.
     *
     * @param within seconds within which an act is done, or refused; missing for 2
     * @param empty what a feed without rows means for what follows it; missing for that what stands stays
     * @param stack berths, what stands lowest first; those it does not name stand above them, by their names
     */
    public record AirRules(Double within, Follow.Empty empty, List<String> stack) {
        public static final AirRules USUAL = new AirRules(null, null, null);

        private static final double WITHIN = 2;

        public AirRules {
            within = within == null ? WITHIN : within;
            empty = empty == null ? Follow.Empty.STAYS : empty;
            stack = stack == null ? List.of() : List.copyOf(stack);
        }

        /** Berths from the lowest to the highest. */
        public Comparator<String> upwards() {
            return Comparator.<String>comparingInt(berth -> stack.contains(berth) ? stack.indexOf(berth) : stack.size())
                    .thenComparing(Comparator.naturalOrder());
        }

        /** ms within which an act is done, or refused. */
        public long patience() {
            return Math.round(within * 1_000);
        }
    }

    public House withPalette(List<PaletteEntry> other) {
        return new House(revision, other, styles, safe, wholePixels, gestures, air);
    }

    /** Its colours by name. */
    public Palette colours() {
        Map<String, String> colours = new LinkedHashMap<>();
        for (PaletteEntry entry : palette) colours.put(entry.name(), entry.colour());
        return new Palette(colours);
    }

    /** A graphic as the house wants it: with its safe areas, and on whole px or not. */
    public Graphic framed(Graphic graphic) {
        return graphic.withFrame(graphic.frame().of(safe, wholePixels));
    }

    public House at(int other) {
        return new House(other, palette, styles, safe, wholePixels, gestures, air);
    }

    /** The same with the colours worked out that are made from others. */
    House workedOut() {
        List<MadeColour> made = palette.stream().map(PaletteEntry::asMade).toList();
        Palette worked = MadeColours.among(made, new Palette(Map.of()), UnaryOperator.identity());
        List<PaletteEntry> entries = palette.stream()
                .map(entry -> entry.made() == null
                        ? entry
                        : new PaletteEntry(entry.name(), worked.colour(entry.name()), entry.made()))
                .toList();
        return withPalette(entries);
    }

    /**
     * @param name how documents name the colour
     * @param colour {@code #RRGGBB} or {@code #RRGGBBAA}; of one that is made it is worked out
     * @param made how it is made from another; missing for one that stands for itself
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record PaletteEntry(String name, String colour, Made made) {
        public PaletteEntry(String name, String colour) {
            this(name, colour, null);
        }

        private MadeColour asMade() {
            if (made == null) return new MadeColour(name, colour);
            Optional<MadeColour.Mixed> mixed = Optional.ofNullable(made.mixed());
            return new MadeColour(name, made.of(), mixed, made.lighter(), made.vivid(), made.turned());
        }
    }

    /**
     * As a graphic makes its colours.
     *
     * @param of a colour, or an entry that stands above
     * @param mixed missing for not mixed
     * @param lighter missing for 0, as are the others
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Made(String of, MadeColour.Mixed mixed, Double lighter, Double vivid, Double turned) {
        public Made {
            lighter = lighter == null ? 0 : lighter;
            vivid = vivid == null ? 0 : vivid;
            turned = turned == null ? 0 : turned;
        }
    }

    /**
     * A gesture: moves that are dropped on a part's entrance or exit.
     *
     * @param moves as in a document, of a part called {@code part}
     */
    public record GestureEntry(
            String name,
            @Schema(ref = "#/components/schemas/Phase") JsonNode moves) {}

    /** px of the smallest letters that a text style has; empty without one. */
    public OptionalDouble leastLetters() {
        return styles.stream()
                .map(style -> style.letters().at("/style/size"))
                .filter(JsonNode::isNumber)
                .mapToDouble(JsonNode::doubleValue)
                .min();
    }

    /**
     * A text style: copied to the texts it is used on.
     *
     * @param letters members of a text of a document
     */
    public record StyleEntry(
            String name,

            @Schema(ref = "#/components/schemas/LetterStyle")
            JsonNode letters) {}
}
