package glimble.cases;

import static glimble.Sketch.bar;
import static glimble.Sketch.graphic;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.budget.TooLaborious;
import glimble.graphic.Case;
import glimble.graphic.Condition;
import glimble.graphic.Condition.Standing;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.Played;
import glimble.graphic.TextPart;
import glimble.rest.Pictures;
import glimble.text.TypedNumber;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class CaseMapTest {
    private static final Condition NAMED = new Condition.Filled("name", true);
    private static final Condition ROLED = new Condition.Filled("role", true);

    private static Case row(String name, Condition... when) {
        return new Case(name, List.of(when), Played.PLAIN, false);
    }

    private static Graphic with(Case... rows) {
        return graphic(bar()).withCases(List.of(rows)).withFields(List.of(text("name"), text("role"), text("side")));
    }

    private static Field text(String key) {
        return new Field(key, key, Field.Kind.TEXT, false, 0, List.of(), "");
    }

    private static Widths widths(Graphic graphic) {
        return Widths.of(graphic, new MonoTypesetter(), Pictures.NONE);
    }

    private static CaseMap map(Graphic graphic) {
        return CaseMap.of(graphic, widths(graphic));
    }

    @Test
    void every_combination_of_blank_and_filled_has_its_case() {
        CaseMap map = map(with(
                row("both", NAMED, ROLED),
                row("name only", NAMED),
                row("role only", new Condition.Filled("name", false))));
        assertThat(map.combinations()).isEqualTo(4);
        assertThat(map.entries()).extracting(CaseMap.Entry::row).containsExactly(0, 1, 2, 2);
        assertThat(map.hasGap()).isFalse();
        assertThat(map.rows()).extracting(CaseMap.Row::combinations).containsExactly(1L, 1L, 2L);
    }

    @Test
    void a_gap_is_found_with_an_example() {
        CaseMap map = map(with(row("both", NAMED, ROLED), row("name only", NAMED)));
        List<CaseMap.Entry> gaps =
                map.entries().stream().filter(entry -> entry.row() < 0).toList();
        assertThat(gaps)
                .hasSize(2)
                .allSatisfy(gap -> assertThat(gap.values().get("name")).isEmpty());
    }

    @Test
    void a_case_below_one_that_takes_everything_is_hidden_by_it() {
        CaseMap map = map(with(row("any"), row("named", NAMED)));
        assertThat(map.rows().get(1)).isEqualTo(new CaseMap.Row(CaseMap.Reach.HIDDEN, 0, List.of(0)));
    }

    @Test
    void a_case_whose_conditions_exclude_each_other_can_never_answer() {
        CaseMap map = map(with(
                row("odd", new Condition.Filled("name", false), new Condition.Longer("name", 3)),
                row(
                        "twice",
                        new Condition.OneOf("side", List.of("left")),
                        new Condition.OneOf("side", List.of("right"))),
                row("any")));
        assertThat(map.rows())
                .extracting(CaseMap.Row::reach)
                .containsExactly(CaseMap.Reach.NEVER, CaseMap.Reach.NEVER, CaseMap.Reach.ANSWERS);
    }

    @Test
    void what_a_field_does_not_let_through_is_no_combination() {
        Field shortName = new Field("name", "name", Field.Kind.TEXT, true, 5, List.of(), "");
        Graphic graphic = with(
                        row("long", new Condition.Longer("name", 5)),
                        row("blank", new Condition.Filled("name", false)),
                        row("any"))
                .withFields(List.of(shortName, text("role"), text("side")));
        assertThat(map(graphic).rows())
                .extracting(CaseMap.Row::reach)
                .containsExactly(CaseMap.Reach.NEVER, CaseMap.Reach.NEVER, CaseMap.Reach.ANSWERS);
    }

    @Test
    void widths_are_measured_and_both_sides_of_a_threshold_found() {
        // Letters are 10 px wide: five are 50 px.
        CaseMap map = map(with(row("wide", new Condition.Wider("name", "", 50)), row("any")));
        assertThat(map.entries())
                .extracting(entry -> entry.values().get("name").length() > 5)
                .contains(true, false);
        assertThat(map.entries())
                .allSatisfy(entry -> assertThat(entry.row() == 0)
                        .isEqualTo(entry.values().get("name").length() > 5));
    }

    @Test
    void two_cases_that_fit_together_are_told_only_where_one_is_meant_to_be_alone() {
        Case alone = new Case("named", List.of(NAMED), Played.PLAIN, true);
        assertThat(map(with(alone, row("roled", ROLED))).overlaps())
                .singleElement()
                .satisfies(overlap -> {
                    assertThat(overlap.first()).isZero();
                    assertThat(overlap.second()).isEqualTo(1);
                });
        assertThat(map(with(row("named", NAMED), row("roled", ROLED))).overlaps())
                .isEmpty();
    }

    @Test
    void more_fields_than_can_be_listed_are_still_exact() {
        List<Field> fields = new ArrayList<>();
        List<Case> rows = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            fields.add(text("f" + i));
            rows.add(row("row " + i, new Condition.Filled("f" + i, true)));
        }
        CaseMap map = CaseMap.of(graphic().withFields(fields).withCases(rows), widths(graphic()));
        assertThat(map.entries()).hasSizeLessThan(100);
        List<CaseMap.Entry> gaps =
                map.entries().stream().filter(entry -> entry.row() < 0).toList();
        assertThat(gaps)
                .singleElement()
                .satisfies(gap -> assertThat(gap.values().values()).containsOnly(""));
    }

    @Test
    void cases_that_overlap_in_too_many_ways_are_refused_instead_of_being_worked_out_for_hours() {
        List<Field> fields = new ArrayList<>();
        List<Case> rows = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            fields.add(text("a" + i));
            fields.add(text("b" + i));
            rows.add(row("row " + i, new Condition.Filled("a" + i, true), new Condition.Filled("b" + i, true)));
        }
        Graphic entangled = graphic().withFields(fields).withCases(rows);
        assertThatThrownBy(() -> CaseMap.of(entangled, widths(entangled))).isInstanceOf(TooLaborious.class);
    }

    @Test
    void numbers_between_two_bounds_are_told_apart_from_them() {
        Field points = new Field("points", "points", Field.Kind.NUMBER, false, 0, List.of(), "");
        Graphic graphic = graphic(bar())
                .withFields(List.of(text("name"), points))
                .withCases(List.of(
                        row("few", new Condition.Number("points", false, 5.2)),
                        row("many", new Condition.Number("points", true, 5.4))));
        List<Double> gaps = map(graphic).entries().stream()
                .filter(entry -> entry.row() < 0)
                .flatMap(entry -> TypedNumber.read(entry.values().get("points")).stream())
                .toList();
        assertThat(gaps).singleElement().satisfies(gap -> assertThat(gap).isBetween(5.2, 5.4));
    }

    @Test
    void a_text_may_be_longer_than_anyone_thought() {
        CaseMap map = map(with(row("endless", new Condition.Longer("name", 500)), row("any")));
        assertThat(map.rows()).extracting(CaseMap.Row::reach).containsOnly(CaseMap.Reach.ANSWERS);
    }

    @RepeatedTest(200)
    void every_example_is_answered_by_the_case_it_is_shown_for_also_where_texts_have_several_fields(
            RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        List<Case> rows = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(4); i++) {
            List<Condition> when = new ArrayList<>();
            for (int c = 0; c < 1 + random.nextInt(3); c++) {
                String field = random.nextBoolean() ? "name" : "role";
                when.add(
                        switch (random.nextInt(4)) {
                            case 0 -> new Condition.Filled(field, random.nextBoolean());
                            case 1 -> new Condition.Longer(field, random.nextInt(20));
                            case 2 -> new Condition.Wider(field, "", 20 + random.nextInt(300));
                            default -> new Condition.Wider(field, random.nextBoolean() ? "plate" : "role", 0);
                        });
            }
            rows.add(new Case("row " + i, when, Played.PLAIN, random.nextInt(4) == 0));
        }
        Part[] parts = bar();
        TextPart name = (TextPart) parts[1];
        parts[1] = new TextPart(name.base(), "{name} {role}", name.style(), name.layout(), name.fit(), name.look());
        Graphic graphic =
                graphic(parts).withFields(List.of(text("name"), text("role"))).withCases(rows);
        Widths widths = widths(graphic);
        CaseMap map = CaseMap.of(graphic, widths);
        for (CaseMap.Entry entry : map.entries()) {
            assertThat(CaseTable.answer(graphic, entry.values(), entry.onAir(), widths)
                            .row())
                    .isEqualTo(entry.row());
        }
        for (CaseMap.Overlap overlap : map.overlaps()) {
            for (int row : new int[] {overlap.first(), overlap.second()}) {
                assertThat(rows.get(row).when())
                        .allMatch(condition -> Conditions.holds(condition, overlap.values(), Standing.NOTHING, widths));
            }
        }
    }

    @Test
    void widths_of_many_parts_are_places_on_one_measure_and_not_subsets() {
        List<Part> parts = new ArrayList<>(List.of(bar()));
        List<Condition> first = new ArrayList<>();
        List<Condition> second = new ArrayList<>();
        for (int i = 0; i < 32; i++) {
            parts.add(Sketch.box("box " + i, Sketch.px(20 + 9 * i), Sketch.left(), Sketch.px(10), Sketch.left()));
            (i < 16 ? first : second).add(new Condition.Wider("name", "box " + i, 0));
        }
        Graphic graphic = with(
                        row("first", first.toArray(Condition[]::new)), row("second", second.toArray(Condition[]::new)))
                .withParts(parts);
        CaseMap map = map(graphic);
        assertThat(map.dimensions().get(0).kinds()).hasSizeLessThanOrEqualTo(33 + 1);
    }

    @RepeatedTest(300)
    void the_map_agrees_with_every_filling_that_can_be_thought_of(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        int count = 1 + random.nextInt(8);
        List<Field> fields = new ArrayList<>();
        for (int i = 0; i < count; i++) fields.add(field(i, random));
        List<Case> rows = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(6); i++) {
            List<Condition> when = new ArrayList<>();
            for (int c = 0; c < random.nextInt(4); c++) when.add(condition(fields.get(random.nextInt(count)), random));
            rows.add(row("row " + i, when.toArray(Condition[]::new)));
        }
        Graphic graphic = graphic(bar()).withFields(fields).withCases(rows);
        Widths widths = widths(graphic);
        CaseMap map = CaseMap.of(graphic, widths);
        boolean[] answers = new boolean[rows.size() + 1];
        for (int i = 0; i < 400; i++) {
            Map<String, String> values = new TreeMap<>();
            for (Field field : fields) values.put(field.key(), value(field, random));
            Standing onAir = Standing.values()[random.nextInt(3)];
            CaseTable.Answer answer = CaseTable.answer(graphic, values, onAir, widths);
            answers[answer.row() + 1] = true;
            assertThat(entries(map, graphic, values, onAir, widths))
                    .as("seed %s, %s", repetition.getCurrentRepetition(), values)
                    .singleElement()
                    .extracting(CaseMap.Entry::row)
                    .isEqualTo(answer.row());
        }
        for (CaseMap.Entry entry : map.entries()) {
            assertThat(CaseTable.answer(graphic, entry.values(), entry.onAir(), widths)
                            .row())
                    .as("the example of %s", entry)
                    .isEqualTo(entry.row());
        }
        for (int i = 0; i < rows.size(); i++) {
            if (answers[i + 1]) assertThat(map.rows().get(i).reach()).isEqualTo(CaseMap.Reach.ANSWERS);
        }
    }

    /** Bounds, names and lengths of one number in every order, against a thousand ways to type one. */
    @RepeatedTest(300)
    void numbers_are_answered_as_the_map_says_however_they_are_typed(RepetitionInfo repetition) {
        Random random = new Random(9_000 + repetition.getCurrentRepetition());
        Field points = new Field(
                "points",
                "points",
                Field.Kind.NUMBER,
                random.nextBoolean(),
                random.nextInt(3) == 0 ? 6 : 0,
                List.of(),
                "");
        List<Case> rows = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(5); i++) {
            List<Condition> when = new ArrayList<>();
            for (int c = 0; c < 1 + random.nextInt(2); c++) when.add(aboutNumbers(random));
            rows.add(row("row " + i, random.nextInt(6) == 0 ? new Condition[0] : when.toArray(Condition[]::new)));
        }
        Graphic graphic =
                graphic(bar()).withFields(List.of(text("name"), points)).withCases(rows);
        Widths widths = widths(graphic);
        CaseMap map = CaseMap.of(graphic, widths);
        for (int i = 0; i < 1_000; i++) {
            String typed = typed(random);
            if (typed.isEmpty() && points.required() || points.longest() > 0 && typed.length() > points.longest())
                continue;
            int row = CaseTable.answer(graphic, Map.of("points", typed), Standing.NOTHING, widths)
                    .row();
            String what = "seed " + repetition.getCurrentRepetition() + ", '" + typed + "' with " + rows;
            if (row < 0) assertThat(map.hasGap()).as(what).isTrue();
            else assertThat(map.rows().get(row).reach()).as(what).isEqualTo(CaseMap.Reach.ANSWERS);
        }
        for (CaseMap.Entry entry : map.entries()) {
            assertThat(CaseTable.answer(graphic, entry.values(), entry.onAir(), widths)
                            .row())
                    .as("the example of %s", entry)
                    .isEqualTo(entry.row());
        }
    }

    private static Condition aboutNumbers(Random random) {
        return switch (random.nextInt(5)) {
            case 0, 1 ->
                new Condition.Number(
                        "points", random.nextBoolean(), (random.nextInt(60) - 20) / (double) (1 + random.nextInt(4)));
            case 2 -> new Condition.OneOf("points", List.of(typed(random) + "1", "" + random.nextInt(14)));
            case 3 -> new Condition.Longer("points", 1 + random.nextInt(5));
            default -> new Condition.Filled("points", random.nextInt(3) > 0);
        };
    }

    private static String typed(Random random) {
        int number = random.nextInt(40) - 15;
        return switch (random.nextInt(9)) {
            case 0 -> "";
            case 1 -> "12345".substring(0, 1 + random.nextInt(5));
            case 2 -> number + "." + random.nextInt(100);
            case 3 -> "0".repeat(random.nextInt(4)) + Math.abs(number);
            case 4 -> number + ".0" + "0".repeat(random.nextInt(3));
            case 5 -> "?".repeat(1 + random.nextInt(6));
            case 6 -> "." + random.nextInt(1_000);
            default -> Integer.toString(number);
        };
    }

    /** The entries that some values belong to, told by the conditions alone. */
    private static List<CaseMap.Entry> entries(
            CaseMap map, Graphic graphic, Map<String, String> values, Standing onAir, Widths widths) {
        return map.entries().stream()
                .filter(entry -> {
                    for (Case row : graphic.cases()) {
                        for (Condition condition : row.when()) {
                            boolean here = Conditions.holds(condition, values, onAir, widths);
                            if (here != Conditions.holds(condition, entry.values(), entry.onAir(), widths))
                                return false;
                            if (!(condition instanceof Condition.Number number)) continue;
                            // A number is another thing than none, even if no bound tells them apart.
                            String given = values.getOrDefault(number.field(), "");
                            String shown = entry.values().getOrDefault(number.field(), "");
                            if (TypedNumber.read(given).isPresent()
                                    != TypedNumber.read(shown).isPresent()) return false;
                        }
                    }
                    return true;
                })
                .toList();
    }

    private static Field field(int i, Random random) {
        boolean required = random.nextInt(4) == 0;
        int longest = random.nextBoolean() ? 0 : 3 + random.nextInt(20);
        return switch (random.nextInt(4)) {
            case 0 -> new Field("f" + i, "f", Field.Kind.CHOICE, required, 0, List.of("left", "right", "top"), "");
            case 1 -> new Field("f" + i, "f", Field.Kind.NUMBER, required, 0, List.of(), "");
            case 2 -> new Field("f" + i, "f", Field.Kind.SWITCH, false, 0, List.of(), "");
            default -> new Field("f" + i, "f", Field.Kind.TEXT, required, longest, List.of(), "");
        };
    }

    private static Condition condition(Field field, Random random) {
        if (random.nextInt(8) == 0) return new Condition.OnAir(Standing.values()[random.nextInt(3)]);
        int bound = random.nextInt(12);
        return switch (random.nextInt(4)) {
            case 0 -> new Condition.Filled(field.key(), random.nextBoolean());
            case 1 ->
                field.kind() == Field.Kind.NUMBER
                        ? new Condition.Number(field.key(), random.nextBoolean(), bound)
                        : new Condition.Filled(field.key(), random.nextBoolean());
            case 2 ->
                field.kind() == Field.Kind.CHOICE
                        ? new Condition.OneOf(
                                field.key(), List.of("left", "top").subList(0, 1 + random.nextInt(2)))
                        : new Condition.Filled(field.key(), random.nextBoolean());
            default ->
                field.kind() == Field.Kind.TEXT
                        ? new Condition.Longer(field.key(), bound)
                        : new Condition.Filled(field.key(), random.nextBoolean());
        };
    }

    private static String value(Field field, Random random) {
        if (!field.required() && random.nextInt(4) == 0) return "";
        return switch (field.kind()) {
            case CHOICE -> field.options().get(random.nextInt(3));
            case NUMBER -> Integer.toString(random.nextInt(14));
            case SWITCH -> "on";
            default -> "x".repeat(1 + random.nextInt(field.longest() > 0 ? field.longest() : 20));
        };
    }
}
