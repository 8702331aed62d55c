package glimble.server.cues;

import glimble.cue.CueNumber;
import glimble.cue.CueSheet;
import glimble.graphic.Limits;
import glimble.server.problems.Refused;
import java.util.Optional;

/** What a cue sheet must keep to, whoever changes it. */
final class SheetRules {
    private SheetRules() {}

    /** @throws Refused if two cues have one number, or there are too many */
    static void check(CueSheet sheet) {
        if (sheet.cues().size() > CueSheet.MOST) {
            throw new Refused(
                    "$.cues", "has " + sheet.cues().size() + " entries; at most " + CueSheet.MOST + " are allowed");
        }
        Optional<CueNumber> twice = sheet.twice();
        if (twice.isPresent()) {
            throw new Refused("$.number", twice.get() + " is the number of another cue; give another one");
        }
    }

    /** @throws Refused if it is blank or too long */
    static String name(String given) {
        if (given == null || given.isBlank())
            throw new Refused("$.name", "must not be blank; say what the sheet is for");
        String name = given.strip();
        if (name.length() > Limits.KEY) {
            throw new Refused("$.name", "has more than " + Limits.KEY + " characters; give a shorter one");
        }
        return name;
    }

    /** @throws Refused if it is no number of a cue */
    static CueNumber number(String given) {
        if (given == null) throw new Refused("$.number", "is missing; give one like 12 or 12.5");
        return CueNumber.read(given)
                .orElseThrow(
                        () -> new Refused("$.number", "must be a number like 12 or 12.5, from 0.001 to 99999.999"));
    }

    /** @throws Refused if it is too long */
    static String note(String given) {
        if (given != null && given.length() > Limits.TEXT) {
            throw new Refused("$.note", "has more than " + Limits.TEXT + " characters; make it shorter");
        }
        return given == null ? "" : given;
    }
}
