package glimble.server.cues;

import glimble.cue.CueNumber;
import glimble.cue.CueSheet;
import glimble.cue.Follow;
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

    /** @throws Refused if something of it is missing or wrong; whether there is such a feed is not asked */
    static Follow follow(SheetJson.FollowJson given) {
        if (given.feed() == null) throw new Refused("$.follow.feed", "is missing; say which feed");
        if (given.seconds() == null || given.seconds() < 1 || given.seconds() > Follow.LONGEST) {
            throw new Refused("$.follow.seconds", "must be from 1 to " + Follow.LONGEST);
        }
        if (given.bound() == null || given.bound().isEmpty()) {
            throw new Refused("$.follow.bound", "is missing; say which column stands in which field");
        }
        if (given.bound().size() > Limits.FIELDS) {
            throw new Refused("$.follow.bound", "has more than " + Limits.FIELDS + " entries");
        }
        for (int i = 0; i < given.bound().size(); i++) {
            Follow.Bound bound = given.bound().get(i);
            String path = "$.follow.bound[" + i + "]";
            if (bound == null || bound.field() == null || bound.column() == null) {
                throw new Refused(path, "must have a field and a column");
            }
            if (bound.field().length() > Limits.KEY || bound.column().length() > Limits.HINT) {
                throw new Refused(path, "has a name that is too long");
            }
            if (bound.row() < 1 || bound.row() > Follow.ROWS) {
                throw new Refused(path + ".row", "must be from 1 to " + Follow.ROWS);
            }
        }
        Follow follow = given.follow();
        follow.twice().ifPresent(field -> {
            throw new Refused("$.follow.bound", "binds " + field + " twice; bind it once");
        });
        return follow;
    }
}
