package glimble.cue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The cues of a programme, in the order of their numbers. An immutable document.
 *
 * @param name what people call it
 */
public record CueSheet(String name, List<Cue> cues) {
    /** Cues of one sheet at most. */
    public static final int MOST = 500;

    public CueSheet {
        List<Cue> sorted = new ArrayList<>(cues);
        sorted.sort(Comparator.comparing(Cue::number));
        cues = List.copyOf(sorted);
    }

    public Optional<Cue> cue(String id) {
        return cues.stream().filter(cue -> cue.id().equals(id)).findFirst();
    }

    public Optional<Cue> numbered(CueNumber number) {
        return cues.stream().filter(cue -> cue.number().equals(number)).findFirst();
    }

    /** A number that two cues have; empty if each has its own. */
    public Optional<CueNumber> twice() {
        Set<CueNumber> numbers = new HashSet<>();
        return cues.stream()
                .map(Cue::number)
                .filter(number -> !numbers.add(number))
                .findFirst();
    }

    /**
     * A free number right after a cue.
     *
     * @param after a cue of the sheet; empty for after the last one
     * @return empty if there is no room
     */
    public Optional<CueNumber> free(Optional<Cue> after) {
        if (cues.isEmpty()) return Optional.of(new CueNumber(1_000));
        int place = after.map(cues::indexOf).orElse(cues.size() - 1);
        CueNumber before = cues.get(place).number();
        return place == cues.size() - 1
                ? before.next()
                : CueNumber.between(before, cues.get(place + 1).number());
    }

    public CueSheet withName(String other) {
        return new CueSheet(other, cues);
    }

    /** With a cue, in the place of the one of its id if there is one. */
    public CueSheet with(Cue cue) {
        List<Cue> others = new ArrayList<>(without(cue.id()).cues);
        others.add(cue);
        return new CueSheet(name, others);
    }

    public CueSheet without(String id) {
        return new CueSheet(
                name, cues.stream().filter(cue -> !cue.id().equals(id)).toList());
    }

    /** With whole numbers one after the other, in the same order. */
    public CueSheet renumbered(int first, int by) {
        List<Cue> others = new ArrayList<>();
        for (int i = 0; i < cues.size(); i++) {
            others.add(cues.get(i).withNumber(new CueNumber((first + i * by) * 1_000)));
        }
        return new CueSheet(name, others);
    }
}
