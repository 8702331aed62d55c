package glimble.server.people;

import glimble.formats.tables.Table;
import glimble.graphic.Limits;
import glimble.server.graphics.SaveId;
import glimble.server.problems.Refused;
import glimble.server.work.InOneTransaction;
import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Keeps the people of the house. */
@Service
public class PeopleStore {
    private static final int COLUMNS = 30;

    private final PeopleMapper mapper;
    private final JsonMapper json;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    PeopleStore(PeopleMapper mapper, JsonMapper json, Clock clock, ApplicationEventPublisher events) {
        this.events = events;
        this.mapper = mapper;
        this.json = json;
        this.clock = clock;
    }

    public People current() {
        return mapper.current().map(this::read).orElse(People.NONE);
    }

    private People read(String document) {
        return json.readValue(document, People.class);
    }

    /**
     * @param people its revision is the one that was changed
     * @param saveId of a save that may have been kept already: then that is the answer, and nothing is saved
     * @throws StalePeople if somebody has saved others since
     * @throws Refused if something of it is not as it may be
     */
    @InOneTransaction
    public People save(People people, SaveId saveId) {
        check(people);
        Optional<People> kept = saveId.text().flatMap(mapper::findSave).map(this::read);
        if (kept.isPresent()) return kept.get();
        People current = current();
        if (current.revision() != people.revision()) throw new StalePeople(people.revision(), current.revision());
        People next = people.at(current.revision() + 1);
        mapper.add(
                next.revision(),
                json.writeValueAsString(next),
                clock.instant(),
                saveId.text().orElse(null));
        events.publishEvent(new PeopleChanged(next.revision()));
        return next;
    }

    private static void check(People people) {
        if (people.columns().size() > COLUMNS) {
            throw new Refused("$.columns", "has more than " + COLUMNS + " entries; leave out what no field needs");
        }
        if (people.rows().size() > Table.MOST) {
            throw new Refused("$.rows", "has more than " + Table.MOST + " entries; leave some out");
        }
        Set<String> names = new HashSet<>();
        for (int i = 0; i < people.columns().size(); i++) {
            People.Column column = people.columns().get(i);
            String path = "$.columns[" + i + "]";
            if (column.name().isBlank()) throw new Refused(path + ".name", "must not be blank");
            if (column.name().length() > Limits.KEY) {
                throw new Refused(path + ".name", "has more than " + Limits.KEY + " characters");
            }
            if (!names.add(column.name())) {
                throw new Refused(path + ".name", "is that of another column; give each its own");
            }
        }
        for (int i = 0; i < people.rows().size(); i++)
            check(people.rows().get(i), people.columns().size(), i);
    }

    private static void check(List<String> row, int columns, int at) {
        String path = "$.rows[" + at + "]";
        if (row == null) throw new Refused(path, "must be a list of texts");
        if (row.size() > columns) throw new Refused(path, "has more cells than there are columns");
        for (int i = 0; i < row.size(); i++) {
            if (row.get(i) == null) throw new Refused(path + "[" + i + "]", "must be a text, not null");
            if (row.get(i).length() > Limits.TEXT) {
                throw new Refused(path + "[" + i + "]", "has more than " + Limits.TEXT + " characters");
            }
        }
    }
}
