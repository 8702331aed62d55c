package glimble.server.air;

import glimble.server.graphics.Designs;
import glimble.server.problems.NotThere;
import glimble.server.problems.Refused;

/** What was done on air, in words. */
final class LogWords {
    private LogWords() {}

    static String sentence(LogEntry entry, Designs designs) {
        String what = entry.graphic() == null ? "" : named(entry, designs);
        String who = entry.person().isEmpty() ? "" : " by " + entry.person();
        return switch (entry.kind()) {
            case TAKE -> what + " was taken at " + entry.berth() + who + ".";
            case CHANGE -> what + " was changed at " + entry.berth() + who + ".";
            case STEP -> entry.berth() + " went on by a step" + who + ".";
            case OUT -> entry.berth() + " was taken out" + who + ".";
        };
    }

    private static String named(LogEntry entry, Designs designs) {
        String number = entry.number() == null ? "" : "cue " + entry.number() + ", ";
        return number + graphic(entry, designs);
    }

    /** The name of what was filled in; its number, if it cannot be read any more. */
    static String graphic(LogEntry entry, Designs designs) {
        try {
            return designs.of(entry.graphic(), entry.revision()).name();
        } catch (NotThere | Refused e) {
            return "graphic " + entry.graphic();
        }
    }
}
