package glimble.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.MonoTypesetter;
import glimble.RandomGraphic;
import glimble.document.Dialled;
import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.document.Problem;
import glimble.graphic.Axis;
import glimble.graphic.Condition;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Mirror;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.Place;
import glimble.rest.PartRest;
import glimble.rest.Pictures;
import glimble.rest.Rect;
import glimble.rest.Rest;
import glimble.rest.RestSolver;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every edit of any part of hundreds of graphics that use every member of the format. */
class EveryEditTest {
    private static final int GRAPHICS = Integer.getInteger("edit.graphics", 72);
    private static final Pictures PICTURES =
            key -> key.equals("mark") ? Optional.of(new Pictures.Extent(40, 30)) : Optional.empty();

    private static Rest solve(Graphic graphic, Map<String, String> values) {
        return RestSolver.solve(graphic, values, new MonoTypesetter(), PICTURES);
    }

    private static Map<String, Rect> boxes(Rest rest) {
        Map<String, Rect> boxes = new HashMap<>();
        for (PartRest part : rest.parts().values()) boxes.put(part.key(), part.box());
        return boxes;
    }

    /** The edits that leave every other part where it is. */
    private static Map<String, UnaryOperator<Graphic>> edits(Graphic graphic, Random random, Map<String, Rect> boxes) {
        Part part = graphic.parts().get(random.nextInt(graphic.parts().size()));
        Part other = graphic.parts().get(random.nextInt(graphic.parts().size()));
        Map<String, UnaryOperator<Graphic>> edits = new LinkedHashMap<>();
        edits.put("rename " + part.key(), before -> PartEdits.rename(before, part.key(), "renamed"));
        edits.put("duplicate " + part.key(), before -> PartEdits.duplicate(before, part.key()));
        edits.put("duplicate with fields " + part.key(), before -> PartEdits.rows(before, part.key(), 2, 0, boxes));
        edits.put("duplicate as rows " + part.key(), before -> PartEdits.rows(before, part.key(), 3, 4, boxes));
        List<String> together =
                List.of(part.key(), other.key()).stream().distinct().toList();
        boolean nested = together.stream()
                .anyMatch(key ->
                        GroupEdits.all(graphic, key).stream().anyMatch(in -> !in.equals(key) && together.contains(in)));
        if (!nested) edits.put("group " + together, before -> GroupEdits.group(before, together, boxes));
        if (boxes.containsKey(part.key())) {
            List<String> gestures = Gestures.of(part);
            String gesture = gestures.get(random.nextInt(gestures.size()));
            PhaseName phase = random.nextBoolean() ? PhaseName.IN : PhaseName.OUT;
            if (phase == PhaseName.IN || !graphic.out().mirrorsIn()) {
                edits.put(
                        gesture + " of " + part.key(),
                        before -> Gestures.add(before, part.key(), phase, gesture, boxes.get(part.key()), 3));
            }
        }
        for (String gesture : SwapGestures.of(part)) {
            edits.put(gesture + " of " + part.key(), before -> SwapGestures.add(before, part.key(), gesture));
        }
        edits.put("a variant of the swap", before -> VariantEdits.add(before, PhaseName.AWAY, "further"));
        edits.put("copy moves", before -> MoveEdits.copy(before, part.key(), other.key(), random.nextBoolean()));
        for (PhaseName phase : PhaseName.values()) {
            List<String> some = graphic.phase(phase).moves().stream()
                    .map(Move::key)
                    .filter(key -> random.nextBoolean())
                    .toList();
            edits.put("remove moves " + some, before -> MoveEdits.remove(before, phase, some));
        }
        edits.put("reorder", before -> PartEdits.reorder(before, part.key(), random.nextInt(5) - 2));
        return edits;
    }

    private static List<Problem> problems(Graphic graphic) {
        return GraphicReader.read(GraphicWriter.write(Dialled.settled(graphic)), Set.of("mono"))
                .problems();
    }

    /** Problems of a copy of moves on a part that cannot make them are refusals that name what is in the way. */
    private static boolean isRefused(String edit, List<Problem> problems) {
        boolean moves = edit.equals("copy moves");
        return moves && problems.stream().allMatch(problem -> problem.path().contains(".moves["))
                || problems.stream()
                        .allMatch(problem -> problem.sentence().contains("cannot be solved")
                                || problem.sentence().contains("would never begin"));
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3})
    void edits_are_readable_and_leave_others_where_they_are(int quarter) {
        int refused = 0;
        int moved = 0;
        int done = 0;
        for (int seed = quarter; seed < GRAPHICS; seed += 4) {
            Graphic graphic = RandomGraphic.of(seed);
            Random random = new Random(seed);
            Map<String, String> values = RandomGraphic.values(graphic, random);
            Rest rest = solve(graphic, values);
            Graphic kept = graphic;
            for (Map.Entry<String, UnaryOperator<Graphic>> edit :
                    edits(graphic, random, boxes(rest)).entrySet()) {
                String what = edit.getKey() + " of graphic " + seed;
                Graphic edited;
                try {
                    edited = edit.getValue().apply(graphic);
                } catch (EditRefused e) {
                    assertThat(e).as(what).hasMessageMatching(".*(rides on a ribbon|copied together|hang it on).*");
                    continue;
                }
                List<Problem> problems = problems(edited);
                if (!problems.isEmpty() && isRefused(edit.getKey(), problems)) {
                    refused++;
                    continue;
                }
                done++;
                assertThat(problems).as(what).isEmpty();
                Rest now = solve(edited, values);
                // Where there is no room below, a row goes up, and one whose first field is blank goes; what is about
                // it follows.
                boolean rows = edit.getKey().startsWith("duplicate with")
                        || edit.getKey().startsWith("duplicate as");
                if (rows
                        && rest.parts().values().stream()
                                .anyMatch(part ->
                                        !now.isPresent(part.key()) || !isSame(now.box(part.key()), part.box()))) {
                    moved++;
                    continue;
                }
                for (PartRest part : rest.parts().values()) {
                    String key = edit.getKey().equals("rename " + part.key()) ? "renamed" : part.key();
                    boolean emptied =
                            edited.part(key).isEmpty() && graphic.part(key).orElseThrow() instanceof GroupPart;
                    boolean regrouped = graphic.part(part.key()).orElseThrow() instanceof GroupPart
                            && edit.getKey().startsWith("group");
                    // A group stands around what it holds; a stack's rows are in the order of the document.
                    if (emptied || regrouped || edit.getKey().equals("reorder")) continue;
                    if (isRowOf(graphic, part.key()) && edit.getKey().startsWith("duplicate")) continue;
                    if (rows) continue;
                    assertThat(now.box(key)).as("%s: %s", what, part.key()).isEqualTo(part.box());
                }
                assertThat(graphic).as("undo of %s", what).isEqualTo(kept);
            }
        }
        assertThat(done).isGreaterThan(20 * refused).isGreaterThan(4 * moved);
    }

    private static boolean isSame(Rect one, Rect other) {
        return Math.abs(one.x() - other.x()) < 1e-6
                && Math.abs(one.y() - other.y()) < 1e-6
                && Math.abs(one.width() - other.width()) < 1e-6
                && Math.abs(one.height() - other.height()) < 1e-6;
    }

    /** Whether the place of a part follows a stack, into which a copy of a row comes as a further row. */
    private static boolean isRowOf(Graphic graphic, String key) {
        return graphic.parts().stream().anyMatch(part -> part instanceof glimble.graphic.StackPart);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3})
    void any_part_can_be_removed_and_what_named_it_still_holds(int quarter) {
        int refused = 0;
        int done = 0;
        for (int seed = quarter; seed < GRAPHICS; seed += 4) {
            Graphic graphic = RandomGraphic.of(seed);
            Map<String, String> values = RandomGraphic.values(graphic, new Random(seed));
            Rest rest = solve(graphic, values);
            for (Part part : graphic.parts()) {
                String what = part.key() + " of graphic " + seed;
                Graphic removed;
                try {
                    removed = PartEdits.remove(graphic, List.of(part.key()), boxes(rest), false);
                } catch (EditRefused e) {
                    assertThat(GroupEdits.all(graphic, part.key()))
                            .anyMatch(key -> e.getMessage().contains(key));
                    refused++;
                    continue;
                }
                List<Problem> problems = problems(removed);
                if (!problems.isEmpty() && isRefused("", problems)) {
                    refused++;
                    continue;
                }
                done++;
                assertThat(problems).as(what).isEmpty();
                Rest now = solve(removed, values);
                for (PartRest other : rest.parts().values()) {
                    if (removed.part(other.key()).isEmpty() || refersTo(graphic, other.key(), part.key())) continue;
                    assertThat(now.isPresent(other.key()))
                            .as("%s: %s", what, other.key())
                            .isTrue();
                    assertThat(now.box(other.key()))
                            .as("%s: %s", what, other.key())
                            .isEqualTo(other.box());
                }
            }
        }
        assertThat(done).isGreaterThan(20 * refused);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3})
    void what_hung_on_parts_that_are_removed_can_stay_where_it_is_seen(int quarter) {
        int hung = 0;
        for (int seed = quarter; seed < GRAPHICS; seed += 4) {
            Graphic graphic = RandomGraphic.of(seed);
            Map<String, String> values = RandomGraphic.values(graphic, new Random(seed));
            Rest rest = solve(graphic, values);
            if (rest.mirrored()) continue;
            for (Part part : graphic.parts()) {
                String what = part.key() + " of graphic " + seed;
                Graphic removed;
                try {
                    removed = PartEdits.remove(graphic, List.of(part.key()), boxes(rest), true);
                } catch (EditRefused e) {
                    continue;
                }
                if (!problems(removed).isEmpty()) continue;
                List<String> gone = GroupEdits.all(graphic, part.key());
                assertThat(removed.parts()).as(what).noneMatch(left -> gone.contains(left.key()));
                Rest now = solve(removed, values);
                for (Part other : removed.parts()) {
                    for (Axis axis : Axis.values()) {
                        boolean hangs = graphic.part(other.key())
                                                .orElseThrow()
                                                .span(axis)
                                                .place()
                                        instanceof Place.Hang hang
                                && hang.on().equals(part.key());
                        boolean same = rest.isPresent(other.key())
                                && now.isPresent(other.key())
                                && now.box(other.key()).extent(axis)
                                        == rest.box(other.key()).extent(axis);
                        if (!hangs
                                || !same
                                || isRowOf(graphic, part.key())
                                || isCarried(removed, other, axis, rest, now)) continue;
                        hung++;
                        assertThat(now.box(other.key()).start(axis))
                                .as("%s: %s along %s", what, other.key(), axis)
                                .isCloseTo(rest.box(other.key()).start(axis), within(0.51));
                    }
                }
            }
        }
        assertThat(hung).isGreaterThan(20);
    }

    /** Whether what it hangs on now stands elsewhere without the part. */
    private static boolean isCarried(Graphic graphic, Part part, Axis axis, Rest before, Rest now) {
        if (!(part.span(axis).place() instanceof Place.Hang hang) || hang.onGround()) return false;
        boolean known = before.isPresent(hang.on()) && now.isPresent(hang.on());
        return !known || !before.box(hang.on()).equals(now.box(hang.on()));
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3})
    void any_field_can_be_removed_unless_a_case_asks_for_it(int quarter) {
        for (int seed = quarter; seed < GRAPHICS; seed += 4) {
            Graphic graphic = RandomGraphic.of(seed);
            for (Field field : graphic.fields()) {
                boolean asked = graphic.cases().stream()
                        .flatMap(row -> row.when().stream())
                        .anyMatch(condition -> condition.about().equals(Optional.of(field.key())));
                try {
                    Graphic removed = FieldEdits.remove(graphic, field.key());
                    assertThat(asked).as("%s of graphic %s", field.key(), seed).isFalse();
                    assertThat(problems(removed))
                            .as("%s of graphic %s", field.key(), seed)
                            .isEmpty();
                    assertThat(removed.cases()).isEqualTo(graphic.cases());
                } catch (EditRefused e) {
                    assertThat(asked).as("%s of graphic %s", field.key(), seed).isTrue();
                    assertThat(e).hasMessageContaining(field.key());
                }
            }
        }
    }

    /** Whether the rest of a part follows another one, directly or through others. */
    private static boolean refersTo(Graphic graphic, String key, String other) {
        return RestReferences.of(graphic, key).contains(other);
    }

    @Test
    void an_option_that_goes_is_gone_everywhere_and_what_stands_for_it_stands_there() {
        int asked = 0;
        for (int seed = 0; seed < GRAPHICS; seed++) {
            Graphic graphic = RandomGraphic.of(seed);
            if (graphic.field("side").isEmpty()) continue;
            Graphic turned = FieldEdits.withOptions(graphic, "side", List.of("left", "over"), "over");
            assertThat(problems(turned)).as("graphic %s", seed).isEmpty();
            assertThat(turned.trials())
                    .noneMatch(trial -> "right".equals(trial.values().get("side")));
            assertThat(turned.cases().stream().flatMap(row -> row.when().stream()))
                    .noneMatch(asks -> asks instanceof Condition.OneOf one
                            && one.field().equals("side")
                            && one.texts().contains("right"));
            assertThat(turned.mirror().map(Mirror::when))
                    .isEqualTo(graphic.mirror().map(mirror -> mirror.when().equals("right") ? "over" : mirror.when()));
            assertThat(turned.cases()).hasSameSizeAs(graphic.cases());
            try {
                Graphic gone = FieldEdits.withOptions(graphic, "side", List.of("over"), "");
                assertThat(problems(gone)).as("graphic %s", seed).isEmpty();
                assertThat(gone.mirror()).isEmpty();
            } catch (EditRefused e) {
                assertThat(e).hasMessageContaining("asks for an option of side that goes");
                asked++;
            }
        }
        assertThat(asked).isGreaterThan(3);
    }
}
