package glimble.server.people;

import glimble.server.graphics.SaveId;
import glimble.server.problems.Refused;
import glimble.server.tables.CsvAnswer;
import java.util.List;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The people of the house: whose names are completed, and what else is filled in with them. */
@RestController
@RequestMapping("/api/people")
class PeopleController {
    private final PeopleStore store;

    PeopleController(PeopleStore store) {
        this.store = store;
    }

    /** @param saveId missing for none */
    record PeopleRequest(int revision, List<People.Column> columns, List<List<String>> rows, String saveId) {}

    @GetMapping
    People people() {
        return store.current();
    }

    /** The revision that is sent is the one that was changed. */
    @PutMapping
    People save(@RequestBody PeopleRequest request) {
        if (request.columns() == null) throw new Refused("$.columns", "is missing; send all of them");
        if (request.rows() == null) throw new Refused("$.rows", "is missing; send all of them");
        for (int i = 0; i < request.columns().size(); i++) {
            People.Column column = request.columns().get(i);
            if (column == null || column.name() == null) {
                throw new Refused("$.columns[" + i + "]", "must be an object with a name");
            }
        }
        for (int i = 0; i < request.rows().size(); i++) {
            if (request.rows().get(i) == null) throw new Refused("$.rows[" + i + "]", "must be a list of texts");
        }
        People people = new People(request.revision(), request.columns(), request.rows());
        SaveId saveId = SaveId.of(request.saveId());
        try {
            return store.save(people, saveId);
        } catch (DuplicateKeyException e) {
            // Another one, or this very one sent twice, was kept in the meantime.
            return store.save(people, saveId);
        }
    }

    @GetMapping("/csv")
    ResponseEntity<String> csv() {
        People people = store.current();
        List<String> columns =
                people.columns().stream().map(People.Column::name).toList();
        return CsvAnswer.of("people", columns, people.rows());
    }
}
