package glimble.server.graphics;

import glimble.graphic.Limits;
import glimble.server.problems.Refused;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What may be filled in fields, wherever it is sent. */
@Component
public class ValuesReader {
    /** As many trials as a graphic may have, and the values at hand. */
    private static final int MOST = Limits.TRIALS + 1;

    /** @throws Refused if they are not one object of texts for each of up to 65 fillings */
    public List<Map<String, String>> checked(List<Map<String, String>> fillings) {
        if (fillings == null) throw new Refused("$.values", "is missing; send a list with one object a filling");
        if (fillings.size() > MOST) {
            throw new Refused("$.values", "has " + fillings.size() + " entries; at most " + MOST + " are allowed");
        }
        for (int i = 0; i < fillings.size(); i++) check(fillings.get(i), "$.values[" + i + "]");
        return fillings;
    }

    /** @throws Refused if it is no object of texts; one that is missing is blank */
    public Map<String, String> checked(Map<String, String> filling) {
        if (filling == null) return Map.of();
        check(filling, "$.values");
        return filling;
    }

    /** @throws Refused if they are no object of texts; ones that are missing are as designed */
    public Map<String, String> checkedDials(Map<String, String> dials) {
        if (dials == null) return Map.of();
        check(dials, "$.dials");
        return dials;
    }

    private static void check(Map<String, String> filling, String path) {
        if (filling == null) throw new Refused(path, "must be an object of texts");
        if (filling.size() > Limits.FIELDS) {
            throw new Refused(path, "has " + filling.size() + " texts; at most " + Limits.FIELDS + " are allowed");
        }
        filling.forEach((field, text) -> {
            if (field.length() > Limits.KEY)
                throw new Refused(path, "has a name of more than " + Limits.KEY + " letters");
            if (text == null) throw new Refused(path + "." + field, "must be a text, not null");
            if (text.length() > Limits.TEXT) {
                throw new Refused(path + "." + field, "has more than " + Limits.TEXT + " characters");
            }
        });
    }
}
