package glimble.cue;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * What comes of a sheet that was changed in two places at once: what only one of them changed is as that one has it, down to single fields
 * of a cue. An undo is the same: from what was made, back to what was before, past whatever others have done since.
 */
public final class SheetMerge {
    /**
     * @param sheet with both changes; where they do not go together it is theirs
     * @param conflicts numbers of the cues, and words for other members, of which both changed the same; in their order
     */
    public record Merged(CueSheet sheet, List<String> conflicts) {
        public Merged {
            conflicts = List.copyOf(conflicts);
        }
    }

    private final List<String> conflicts = new ArrayList<>();

    private SheetMerge() {}

    /**
     * @param base what both began with
     * @param mine what one of them made of it
     * @param theirs what the other one made of it
     */
    public static Merged of(CueSheet base, CueSheet mine, CueSheet theirs) {
        return new SheetMerge().merged(base, mine, theirs);
    }

    private Merged merged(CueSheet base, CueSheet mine, CueSheet theirs) {
        String name = one(base.name(), mine.name(), theirs.name(), "name of the sheet");
        Set<String> ids = new LinkedHashSet<>();
        for (CueSheet sheet : List.of(base, mine, theirs)) sheet.cues().forEach(cue -> ids.add(cue.id()));
        List<Cue> cues = new ArrayList<>();
        for (String id : ids) merged(base.cue(id), mine.cue(id), theirs.cue(id)).ifPresent(cues::add);
        return new Merged(new CueSheet(name, cues), conflicts);
    }

    private Optional<Cue> merged(Optional<Cue> base, Optional<Cue> mine, Optional<Cue> theirs) {
        if (mine.equals(base) || mine.equals(theirs)) return theirs;
        if (theirs.equals(base)) return mine;
        if (base.isEmpty() || mine.isEmpty() || theirs.isEmpty()) {
            conflicts.add(
                    theirs.or(() -> base).or(() -> mine).orElseThrow().number().toString());
            return theirs;
        }
        return Optional.of(merged(base.get(), mine.get(), theirs.get()));
    }

    private Cue merged(Cue base, Cue mine, Cue theirs) {
        String what = theirs.number().toString();
        record Filled(long graphic, int revision) {}
        Filled filled = one(
                new Filled(base.graphic(), base.revision()),
                new Filled(mine.graphic(), mine.revision()),
                new Filled(theirs.graphic(), theirs.revision()),
                what);
        return new Cue(
                base.id(),
                one(base.number(), mine.number(), theirs.number(), what),
                filled.graphic(),
                filled.revision(),
                texts(base.values(), mine.values(), theirs.values(), what),
                texts(base.dials(), mine.dials(), theirs.dials(), what),
                one(base.follow(), mine.follow(), theirs.follow(), what),
                one(base.note(), mine.note(), theirs.note(), what));
    }

    private Map<String, String> texts(
            Map<String, String> base, Map<String, String> mine, Map<String, String> theirs, String what) {
        Map<String, String> texts = new TreeMap<>();
        Set<String> keys = new TreeSet<>(base.keySet());
        keys.addAll(mine.keySet());
        keys.addAll(theirs.keySet());
        for (String key : keys) {
            String text = one(base.get(key), mine.get(key), theirs.get(key), what);
            if (text != null) texts.put(key, text);
        }
        return texts;
    }

    private <T> T one(T base, T mine, T theirs, String what) {
        if (Objects.equals(mine, base) || Objects.equals(mine, theirs)) return theirs;
        if (Objects.equals(theirs, base)) return mine;
        if (!conflicts.contains(what)) conflicts.add(what);
        return theirs;
    }
}
