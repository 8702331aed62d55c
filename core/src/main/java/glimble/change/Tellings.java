package glimble.change;

import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Part;
import glimble.graphic.StackPart;
import glimble.motion.Members;
import glimble.number.Whole;
import glimble.rest.Rect;
import glimble.text.NumberWords;
import java.util.ArrayList;
import java.util.List;

/** What each part does in a change, in words. */
final class Tellings {
    private final Roles roles;
    private final Middle middle;
    private final Times times;
    private final Coming coming;

    private Tellings(Roles roles, Middle middle, Times times, Coming coming) {
        this.roles = roles;
        this.middle = middle;
        this.times = times;
        this.coming = coming;
    }

    static List<PartChange> of(Graphic graphic, Roles roles, Middle middle, Times times, Coming coming) {
        Tellings tellings = new Tellings(roles, middle, times, coming);
        Members members = new Members(graphic);
        List<PartChange> parts = new ArrayList<>();
        for (Part part : graphic.parts()) {
            boolean told = roles.doings().containsKey(part.key()) && !(part instanceof StackPart);
            if (!told || part instanceof GroupPart && tellings.onlyHolds(members.of(part.key()))) continue;
            parts.add(tellings.of(part.key()));
        }
        return parts;
    }

    /**
     * Whether a group does nothing itself, while something in it does: that says it for itself.
     *
     * @param group its key, and those of all that is in it
     */
    private boolean onlyHolds(List<String> group) {
        return roles.of(group.get(0)) == Doing.STAYS && group.stream().anyMatch(key -> roles.of(key) != Doing.STAYS);
    }

    private PartChange of(String key) {
        Doing doing = roles.of(key);
        List<String> why = new ArrayList<>();
        boolean still = doing == Doing.STAYS || roles.isComing(key) && doing == Doing.LEAVES;
        if (still) {
            String sentence = doing == Doing.STAYS
                    ? "stays: the same in the same place"
                    : "leaves: it had not come in yet, and does not";
            return new PartChange(key, doing, 0, 0, 0, 0, doing == Doing.STAYS, sentence, why);
        }
        boolean flows = roles.movesEarly(key) || roles.movesLate(key);
        int first = Integer.MAX_VALUE;
        int last = 0;
        if (flows && !roles.isRiding(key)) {
            if (roles.movesEarly(key) && !times.apart) {
                first = times.flow.early();
                last = times.flow.earlyEnd();
                why.add(span("grows or makes room", first, last) + ", before new letters come");
            }
            if (roles.movesLate(key) || times.apart) {
                first = Math.min(first, times.flow.late());
                last = Math.max(last, times.flow.lateEnd());
                why.add(span(
                                times.apart ? "goes over" : "shrinks or closes up",
                                times.flow.late(),
                                times.flow.lateEnd())
                        + ", after the old have left");
            }
        }
        int awayEnd = 0;
        int backStart = 0;
        if (roles.isDrawnTwice(key) || doing == Doing.LEAVES) {
            awayEnd = times.awayEnd(key);
            first = 0;
            last = Math.max(last, awayEnd);
            why.add(span("away", 0, awayEnd));
        }
        if (doing == Doing.ENTERS || roles.isDrawnTwice(key)) {
            backStart = coming.comes(key) ? coming.begins(key) : times.backStart(key);
            int backEnd = coming.comes(key) ? coming.to(key) : times.backEnd(key);
            first = Math.min(first, backStart);
            last = Math.max(last, backEnd);
            why.add(span("back", backStart, backEnd) + waits(key));
        }
        if (first == Integer.MAX_VALUE) first = 0;
        return new PartChange(
                key, doing, first, last, awayEnd, backStart, isSame(key, doing), sentence(key, doing, flows), why);
    }

    private boolean isSame(String key, Doing doing) {
        if (doing != Doing.SWAPS || roles.nextLayer(key).kind().equals("group")) return false;
        return SameDrawing.is(roles.oldLayer(key), roles.nextLayer(key))
                && SameDrawing.isPlace(roles.oldLayer(key), roles.nextLayer(key));
    }

    private static String span(String what, int from, int to) {
        return what + " " + from + "–" + to;
    }

    private String waits(String key) {
        String holder = times.holderOf(key);
        if (times.apart) return ", after everything has gone over";
        return holder == null ? "" : ", not before " + holder + " has room for it";
    }

    private String sentence(String key, Doing doing, boolean flows) {
        return switch (doing) {
            case STAYS -> "stays: the same in the same place";
            case FLOWS -> "flows: " + flowing(key);
            case SWAPS -> "swaps: " + swapping(key) + (flows ? ", and its place goes over" : "");
            case LEAVES -> "leaves: it is there before and not after";
            case ENTERS ->
                roles.isComing(key)
                        ? "enters: it had not come in yet, and does as the in has it"
                        : "enters: it is there after and not before";
        };
    }

    private String swapping(String key) {
        if (roles.isRiding(key)) return "with " + roles.rides(key);
        if (!SameDrawing.areLetters(roles.oldLayer(key), roles.nextLayer(key))) return "other letters";
        if (!roles.oldLayer(key).picture().equals(roles.nextLayer(key).picture())) return "another picture";
        if (!SameDrawing.areColours(roles.oldLayer(key), roles.nextLayer(key))) return "another colour";
        return roles.nextLayer(key).kind().equals("group") ? "what is in it is replaced" : "other masks";
    }

    private String flowing(String key) {
        Rect one = middle.old(key).box();
        Rect other = middle.next(key).box();
        List<String> said = new ArrayList<>();
        said(said, "width", one.width(), other.width());
        said(said, "height", one.height(), other.height());
        said(said, "left", one.x(), other.x());
        said(said, "top", one.y(), other.y());
        return said.isEmpty() ? "its letters stand elsewhere in it" : String.join(", ", said);
    }

    private static void said(List<String> said, String what, double from, double to) {
        if (Roles.moved(from, to)) said.add(what + " " + px(from) + " → " + px(to));
    }

    private static String px(double number) {
        return NumberWords.of(Whole.nearest(number * 10) / 10);
    }
}
