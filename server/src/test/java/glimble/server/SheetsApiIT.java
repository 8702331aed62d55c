package glimble.server;

import static glimble.server.Application.body;
import static glimble.server.Application.json;
import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Cue sheets: made, filled, put aside; two at once; taken back. */
class SheetsApiIT {
    private static final Application APP = Application.withDemo();

    private static JsonNode newSheet(String name) {
        HttpResponse<String> made =
                APP.post("/api/sheets", json().put("name", name).toString());
        assertThat(made.statusCode()).isEqualTo(201);
        return body(made);
    }

    private static HttpResponse<String> edit(JsonNode sheet, ObjectNode edit) {
        edit.put("basedOn", sheet.get("revision").asInt());
        return APP.post("/api/sheets/" + sheet.get("id").asLong() + "/edits", edit.toString());
    }

    private static JsonNode edited(JsonNode sheet, ObjectNode edit) {
        HttpResponse<String> answer = edit(sheet, edit);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return body(answer);
    }

    private static ObjectNode add(String... names) {
        ObjectNode edit = json().put("what", "ADD");
        for (String name : names) {
            ObjectNode added = edit.withArray("added")
                    .addObject()
                    .put("graphic", APP.graphic("Flyer bar").get("id").asLong());
            added.putObject("values").put("name", name);
        }
        return edit;
    }

    private static List<String> numbers(JsonNode sheet) {
        return sheet.at("/sheet/cues")
                .valueStream()
                .map(cue -> cue.get("number").asString())
                .toList();
    }

    private static String cue(JsonNode sheet, int place) {
        return sheet.at("/sheet/cues/" + place + "/id").asString();
    }

    private static ObjectNode fill(String cue, String field, String text) {
        ObjectNode edit = json().put("what", "FILL").put("cue", cue);
        edit.putObject("values").put(field, text);
        return edit;
    }

    @Test
    void cues_get_numbers_between_others_and_can_be_moved_copied_and_numbered_anew() {
        JsonNode sheet = edited(newSheet("Numbers"), add("Wu", "Oona", "Tiago"));
        assertThat(numbers(sheet)).containsExactly("1", "2", "3");
        JsonNode between = edited(sheet, add("Ola").put("cue", cue(sheet, 0)));
        assertThat(numbers(between)).containsExactly("1", "1.5", "2", "3");
        JsonNode copied = edited(between, json().put("what", "COPY").put("cue", cue(between, 3)));
        assertThat(numbers(copied)).containsExactly("1", "1.5", "2", "3", "4");
        assertThat(copied.at("/sheet/cues/4/values/name").asString()).isEqualTo("Tiago");
        JsonNode moved = edited(
                copied, json().put("what", "MOVE").put("cue", cue(copied, 4)).put("number", "1"));
        assertThat(numbers(moved)).containsExactly("1", "1.1", "1.5", "2", "3");
        JsonNode anew =
                edited(moved, json().put("what", "RENUMBER").put("first", 10).put("by", 10));
        assertThat(numbers(anew)).containsExactly("10", "20", "30", "40", "50");
        ObjectNode remove = json().put("what", "REMOVE");
        remove.putArray("cues").add(cue(anew, 0)).add(cue(anew, 2));
        assertThat(numbers(edited(anew, remove))).containsExactly("20", "40", "50");
    }

    @Test
    void a_number_that_is_taken_or_none_is_refused_and_changes_nothing() {
        JsonNode sheet = edited(newSheet("Refused"), add("Wu", "Oona"));
        HttpResponse<String> taken = edit(
                sheet, json().put("what", "NUMBER").put("cue", cue(sheet, 0)).put("number", "2"));
        assertThat(taken.statusCode()).isEqualTo(422);
        assertThat(taken.body()).contains("$.number", "number of another cue");
        HttpResponse<String> none = edit(
                sheet, json().put("what", "NUMBER").put("cue", cue(sheet, 0)).put("number", "twelve"));
        assertThat(none.body()).contains("12 or 12.5");
        JsonNode now = body(APP.get("/api/sheets/" + sheet.get("id").asLong()));
        assertThat(now.get("revision")).isEqualTo(sheet.get("revision"));
    }

    @Test
    void two_who_fill_different_fields_both_keep_theirs_and_the_same_field_is_refused() {
        JsonNode sheet = edited(newSheet("Two at once"), add("Wu", "Oona"));
        JsonNode mine = edited(sheet, fill(cue(sheet, 0), "name", "Wu Li"));
        // Based on what was before, as somebody has it who has not heard of it.
        ObjectNode other = fill(cue(sheet, 0), "name", "Wu");
        ((ObjectNode) other.get("values")).put("role", "Flyer");
        JsonNode both = edited(sheet, other);
        assertThat(both.at("/sheet/cues/0/values").toString()).contains("Wu Li", "Flyer");
        HttpResponse<String> same = edit(sheet, fill(cue(sheet, 0), "name", "Wu Long"));
        assertThat(same.statusCode()).isEqualTo(409);
        assertThat(body(same).get("detail").asString()).contains("1", "Nothing of it was overwritten".substring(1));
        assertThat(body(same).at("/sheet/cues/0/values/name").asString()).isEqualTo("Wu Li");
        assertThat(mine.get("revision").asInt()).isEqualTo(3);
    }

    @Test
    void a_change_is_taken_back_past_what_others_did_since() {
        JsonNode sheet = edited(newSheet("Undo"), add("Wu", "Oona"));
        JsonNode changed = edited(sheet, fill(cue(sheet, 0), "name", "Wu Li"));
        JsonNode since = edited(changed, fill(cue(sheet, 1), "name", "Ola"));
        String undo = json().put("revision", changed.get("revision").asInt()).toString();
        JsonNode undone = body(APP.post("/api/sheets/" + sheet.get("id").asLong() + "/undo", undo));
        assertThat(undone.at("/sheet/cues/0/values/name").asString()).isEqualTo("Wu");
        assertThat(undone.at("/sheet/cues/1/values/name").asString()).isEqualTo("Ola");
        assertThat(undone.get("revision").asInt())
                .isEqualTo(since.get("revision").asInt() + 1);
    }

    @Test
    void the_same_save_sent_twice_counts_once() {
        JsonNode sheet = newSheet("Twice");
        ObjectNode add = add("Wu").put("saveId", UUID.randomUUID().toString());
        JsonNode first = edited(sheet, add);
        JsonNode second = edited(sheet, add);
        assertThat(second).isEqualTo(first);
        assertThat(numbers(second)).containsExactly("1");
    }

    @Test
    void another_graphic_takes_the_texts_along_and_gives_them_back() {
        JsonNode sheet = edited(newSheet("Other graphic"), add("Wu"));
        ObjectNode filled = fill(cue(sheet, 0), "name", "Wu");
        ((ObjectNode) filled.get("values")).put("role", "Flyer");
        JsonNode bar = edited(sheet, filled);
        JsonNode twin = edited(
                bar,
                json().put("what", "GRAPHIC")
                        .put("cue", cue(bar, 0))
                        .put("graphic", APP.graphic("Twin bar").get("id").asLong()));
        assertThat(twin.at("/sheet/cues/0/values/name").asString()).isEqualTo("Wu");
        JsonNode back = edited(
                twin,
                json().put("what", "GRAPHIC")
                        .put("cue", cue(bar, 0))
                        .put("graphic", APP.graphic("Flyer bar").get("id").asLong()));
        assertThat(back.at("/sheet/cues/0/values/role").asString()).isEqualTo("Flyer");
    }

    @Test
    void a_cue_that_was_kept_by_an_old_key_of_a_field_fills_it_under_its_new_one() {
        ObjectNode document = Application.document("flyer-bar", "Keyed anew");
        JsonNode graphic = body(APP.post("/api/graphics", Application.newGraphic(document)));
        long id = graphic.get("id").asLong();
        ObjectNode add = json().put("what", "ADD");
        add.putArray("added")
                .addObject()
                .put("graphic", id)
                .putObject("values")
                .put("name", "Wu")
                .put("role", "Flyer");
        JsonNode sheet = edited(newSheet("Keys"), add);
        ObjectNode rename =
                json().put("what", "RENAME_FIELD").put("key", "role").put("newName", "task");
        rename.set("document", document);
        JsonNode renamed = body(APP.post("/api/edits", rename.toString())).get("document");
        ((ObjectNode) renamed.at("/fields/1")).put("label", "Task");
        assertThat(APP.put("/api/graphics/" + id, Application.save(1, renamed)).statusCode())
                .isEqualTo(200);
        JsonNode newest = edited(
                sheet, json().put("what", "GRAPHIC").put("cue", cue(sheet, 0)).put("graphic", id));
        assertThat(newest.at("/sheet/cues/0/revision").asInt()).isEqualTo(2);
        assertThat(newest.at("/sheet/cues/0/values/task").asString()).isEqualTo("Flyer");
        assertThat(newest.at("/sheet/cues/0/values/name").asString()).isEqualTo("Wu");
        APP.send(APP.json("/api/graphics/" + id).DELETE());
    }

    @Test
    void a_sheet_is_copied_put_aside_and_brought_back() {
        JsonNode sheet = edited(newSheet("Tuesday"), add("Wu"));
        long id = sheet.get("id").asLong();
        JsonNode copy = body(APP.post(
                "/api/sheets", json().put("name", "Wednesday").put("copyOf", id).toString()));
        assertThat(copy.at("/sheet/cues/0/values/name").asString()).isEqualTo("Wu");
        assertThat(APP.send(APP.json("/api/sheets/" + id).DELETE()).statusCode())
                .isEqualTo(204);
        assertThat(note(id).get("aside").asBoolean()).isTrue();
        APP.post("/api/sheets/" + id + "/restored", "");
        assertThat(note(id).get("aside").asBoolean()).isFalse();
    }

    private static JsonNode note(long id) {
        return body(APP.get("/api/sheets"))
                .valueStream()
                .filter(one -> one.get("id").asLong() == id)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_filling_is_worked_out_and_checked_as_one_types() {
        ObjectNode filling = json().put(
                        "graphic", APP.graphic("Judge bar").get("id").asLong())
                .put("revision", 1);
        filling.putObject("values").put("name", "Ingeborg Halvorsen").put("class", "");
        filling.putObject("before").put("name", "Wu").put("class", "Box-kite height");
        JsonNode worked = body(APP.post("/api/fillings/worked", filling.toString()));
        assertThat(worked.at("/reel/layers").size()).isPositive();
        assertThat(worked.get("change").asString()).contains("swaps", "name");
        assertThat(worked.get("blanks").toString()).contains("class");
        assertThat(worked.get("wrong")).isEmpty();
        JsonNode sound = body(APP.post("/api/fillings/checked", filling.toString()));
        assertThat(sound.get("standing").asString()).isEqualTo("SOUND");
        ((ObjectNode) filling.get("values")).put("name", "");
        JsonNode blank = body(APP.post("/api/fillings/checked", filling.toString()));
        assertThat(blank.get("standing").asString()).isEqualTo("NOT_FILLABLE");
        assertThat(blank.at("/wrong/0/field").asString()).isEqualTo("name");
    }
}
