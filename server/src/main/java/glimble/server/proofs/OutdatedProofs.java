package glimble.server.proofs;

import glimble.edit.Uses;
import glimble.formats.GraphicJson;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.server.graphics.GraphicStore;
import glimble.server.graphics.StoredGraphic;
import glimble.server.house.House;
import glimble.server.house.House.PaletteEntry;
import glimble.server.house.HouseChanged;
import glimble.text.Typesetter;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** What was proved with another house style is proved anew, if it could come out otherwise: as the graphics use the house. */
@Component
class OutdatedProofs {
    private static final Predicate<Graphic> NONE = graphic -> false;

    private final GraphicStore graphics;
    private final Typesetter typesetter;
    private final ApplicationEventPublisher events;

    OutdatedProofs(GraphicStore graphics, Typesetter typesetter, ApplicationEventPublisher events) {
        this.graphics = graphics;
        this.typesetter = typesetter;
        this.events = events;
    }

    @EventListener
    void changed(HouseChanged changed) {
        Predicate<Graphic> differs = differing(changed.before(), changed.after());
        // Most changes, of text styles and gestures, touch no proof: then no graphic has to be read.
        if (differs == NONE) return;
        for (StoredGraphic stored : lastSavedFirst(graphics.all())) {
            GraphicJson.read(stored.document(), typesetter.fonts())
                    .graphic()
                    .filter(differs)
                    .ifPresent(graphic -> events.publishEvent(new ProofAsked(stored.id(), stored.revision(), false)));
        }
    }

    /** What somebody is at work on comes before what nobody has touched for long. */
    private static List<StoredGraphic> lastSavedFirst(List<StoredGraphic> all) {
        return all.stream()
                .sorted(Comparator.comparing(StoredGraphic::savedAt).reversed())
                .toList();
    }

    /** Whether the proof of a graphic could come out otherwise. Text styles are copied to texts, so that they change nothing by themselves. */
    static Predicate<Graphic> differing(House before, House after) {
        // Safe lines and whole px count for every part of every graphic.
        boolean every =
                !before.safe().equals(after.safe()) || !before.wholePixels().equals(after.wholePixels());
        if (every) return graphic -> true;
        Set<String> colours = changedColours(before, after);
        if (colours.isEmpty()) return NONE;
        return graphic -> Uses.of(graphic).colours().stream().anyMatch(colours::contains) || mayUseAny(graphic);
    }

    private static boolean mayUseAny(Graphic graphic) {
        return graphic.fields().stream().anyMatch(field -> field.kind() == Field.Kind.COLOUR);
    }

    private static Set<String> changedColours(House before, House after) {
        Map<String, String> had = colours(before);
        Map<String, String> has = colours(after);
        Set<String> changed = new HashSet<>(had.keySet());
        changed.addAll(has.keySet());
        changed.removeIf(name -> had.containsKey(name) && had.get(name).equals(has.get(name)));
        return changed;
    }

    private static Map<String, String> colours(House house) {
        return house.palette().stream().collect(Collectors.toMap(PaletteEntry::name, PaletteEntry::colour));
    }
}
