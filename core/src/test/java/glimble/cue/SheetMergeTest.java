package glimble.cue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SheetMergeTest {
    private static Cue cue(String id, int number, String name, String role) {
        return new Cue(id, new CueNumber(number * 1000), 1, 1, Map.of("name", name, "role", role), "");
    }

    private static final CueSheet BASE =
            new CueSheet("Tuesday", List.of(cue("a", 1, "Wu", "Flyer"), cue("b", 2, "Oona", "Judge")));

    @Test
    void two_fields_of_one_cue_go_together() {
        CueSheet mine = BASE.with(cue("a", 1, "Wu Li", "Flyer"));
        CueSheet theirs = BASE.with(cue("a", 1, "Wu", "Judge"));
        SheetMerge.Merged merged = SheetMerge.of(BASE, mine, theirs);
        assertThat(merged.conflicts()).isEmpty();
        assertThat(merged.sheet().cue("a")).contains(cue("a", 1, "Wu Li", "Judge"));
    }

    @Test
    void the_same_field_does_not_and_theirs_stays() {
        CueSheet mine = BASE.with(cue("a", 1, "Wu Li", "Flyer"));
        CueSheet theirs = BASE.with(cue("a", 1, "Wu Long", "Flyer"));
        SheetMerge.Merged merged = SheetMerge.of(BASE, mine, theirs);
        assertThat(merged.conflicts()).containsExactly("1");
        assertThat(merged.sheet()).isEqualTo(theirs);
    }

    @Test
    void what_was_removed_and_changed_does_not_go_together() {
        SheetMerge.Merged merged = SheetMerge.of(BASE, BASE.without("b"), BASE.with(cue("b", 2, "Ola", "Judge")));
        assertThat(merged.conflicts()).containsExactly("2");
        assertThat(merged.sheet().cue("b")).isPresent();
    }

    @Test
    void a_cue_of_each_is_added_and_removed() {
        CueSheet mine = BASE.with(cue("c", 3, "Tiago", "")).withName("Wednesday");
        CueSheet theirs = BASE.without("a");
        SheetMerge.Merged merged = SheetMerge.of(BASE, mine, theirs);
        assertThat(merged.conflicts()).isEmpty();
        assertThat(merged.sheet().name()).isEqualTo("Wednesday");
        assertThat(merged.sheet().cues()).extracting(Cue::id).containsExactly("b", "c");
    }

    @Test
    void an_undo_takes_back_one_change_and_leaves_what_others_did_since() {
        CueSheet changed = BASE.with(cue("a", 1, "Wu Li", "Flyer"));
        CueSheet now = changed.with(cue("b", 2, "Ola", "Judge")).with(cue("c", 3, "Tiago", ""));
        SheetMerge.Merged undone = SheetMerge.of(changed, BASE, now);
        assertThat(undone.conflicts()).isEmpty();
        assertThat(undone.sheet().cue("a")).isEqualTo(BASE.cue("a"));
        assertThat(undone.sheet().cue("b").orElseThrow().values()).containsEntry("name", "Ola");
        assertThat(undone.sheet().cue("c")).isPresent();
    }

    private static CueSheet changed(CueSheet sheet, Random random) {
        CueSheet changed = sheet;
        for (int i = random.nextInt(4); i >= 0; i--) {
            List<Cue> cues = changed.cues();
            Optional<Cue> one = cues.isEmpty() ? Optional.empty() : Optional.of(cues.get(random.nextInt(cues.size())));
            if (one.isEmpty() || random.nextInt(4) == 0) {
                Cue cue = cue("n" + random.nextInt(1000), 100 + random.nextInt(100_000), "New", "");
                changed = changed.with(cue);
            } else if (random.nextInt(4) == 0) {
                changed = changed.without(one.get().id());
            } else {
                Map<String, String> values = new HashMap<>(one.get().values());
                values.put(random.nextBoolean() ? "name" : "role", "text " + random.nextInt(3));
                changed = changed.with(one.get().withValues(values));
            }
        }
        return changed;
    }

    @Test
    void whatever_is_changed_alone_is_kept_and_the_same_on_both_sides_is_no_conflict() {
        Random random = new Random(11);
        for (int i = 0; i < 2_000; i++) {
            CueSheet base = changed(BASE, random);
            CueSheet mine = changed(base, random);
            CueSheet theirs = changed(base, random);
            assertThat(SheetMerge.of(base, mine, base)).isEqualTo(new SheetMerge.Merged(mine, List.of()));
            assertThat(SheetMerge.of(base, base, theirs)).isEqualTo(new SheetMerge.Merged(theirs, List.of()));
            assertThat(SheetMerge.of(base, mine, mine).conflicts()).isEmpty();
            SheetMerge.Merged one = SheetMerge.of(base, mine, theirs);
            SheetMerge.Merged other = SheetMerge.of(base, theirs, mine);
            assertThat(one.conflicts().isEmpty()).isEqualTo(other.conflicts().isEmpty());
            if (one.conflicts().isEmpty()) assertThat(one.sheet()).isEqualTo(other.sheet());
        }
    }
}
