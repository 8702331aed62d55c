package glimble.air;

import glimble.budget.Budget;
import glimble.graphic.Condition;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A place on an output where at most one graphic stands. Immutable; an act makes a new one. Whatever is taken while another graphic stands
 * waits for the out of that; what is taken of the same graphic is a change of it.
 *
 * @param plays what is and was shown, in the order of time; of what is over the last one at most
 */
public record Berth(List<Play> plays) {
    public static final Berth EMPTY = new Berth(List.of());

    public Berth {
        plays = List.copyOf(plays);
    }

    /** What is shown at a frame; empty if nothing is. */
    public Optional<Play> shown(long frame) {
        Play last = null;
        for (Play play : plays) if (play.from() <= frame) last = play;
        return Optional.ofNullable(last).filter(play -> !isOver(play, frame));
    }

    /** What has been taken and waits for another one's out. */
    public Optional<Play> waiting(long frame) {
        return plays.isEmpty() || last().from() <= frame ? Optional.empty() : Optional.of(last());
    }

    /** What stands and has not been asked to leave. */
    public Optional<Play> standing(long frame) {
        return shown(frame).filter(play -> play.leaves().isEmpty());
    }

    /** Whether nothing is shown, and nothing waits. */
    public boolean isIdle(long frame) {
        return shown(frame).isEmpty() && waiting(frame).isEmpty();
    }

    /** A graphic is put on air. */
    public Berth taken(Filled filled, long frame, Reels reels, Budget budget) {
        Optional<Play> stands = standing(frame);
        if (stands.isPresent() && waiting(frame).isEmpty()) {
            Play play = stands.get();
            boolean same = play.filled().of().equals(filled.of());
            if (same) return with(reels.change(play, filled, frame, budget).since(play.since()));
            Play leaving = play.left(frame);
            long from = leaving.end().getAsLong();
            return replaced(leaving).with(reels.take(filled, Condition.Standing.ANOTHER, from, budget));
        }
        Berth before = waiting(frame).isPresent() ? withoutLast() : this;
        Optional<Play> goes = before.shown(frame);
        long from = goes.map(play -> play.end().getAsLong()).orElse(frame);
        boolean other =
                goes.filter(play -> !play.filled().of().equals(filled.of())).isPresent();
        Condition.Standing onAir = other ? Condition.Standing.ANOTHER : Condition.Standing.NOTHING;
        return before.with(reels.take(filled, onAir, from, budget));
    }

    /**
     * What stands gets other values; what waits gets them before it comes.
     *
     * @throws ActRefused if there is nothing of that graphic that could change
     */
    public Berth changed(Filled filled, long frame, Reels reels, Budget budget) {
        Play play = waiting(frame)
                .or(() -> standing(frame))
                .orElseThrow(() -> new ActRefused("Nothing stands here that could change. Take it first."));
        if (!play.filled().of().equals(filled.of())) {
            throw new ActRefused("Another graphic stands here. Take this one to put it in its place.");
        }
        return taken(filled, frame, reels, budget);
    }

    /** @throws ActRefused if there is no further step */
    public Berth stepped(long frame) {
        if (waiting(frame).isPresent()) throw new ActRefused("It has not begun to come in yet. Go on once it has.");
        Play play = standing(frame).orElseThrow(() -> new ActRefused("Nothing stands here that could go on."));
        if (play.stepsLeft() == 0) throw new ActRefused("It has no further step.");
        return replaced(play.stepped(frame));
    }

    /** @throws ActRefused if nothing stands that has not been asked already */
    public Berth left(long frame) {
        if (waiting(frame).isPresent()) return withoutLast();
        Play play = standing(frame).orElseThrow(() -> new ActRefused("Nothing stands here that could go out."));
        return replaced(play.left(frame));
    }

    /**
     * As if what plays had begun so early that at a frame it has come to where its in waits next, or to rest. What waits for another one's out
     * takes its place at once.
     */
    public Berth hurried(long frame) {
        Optional<Play> waits = waiting(frame);
        if (waits.isPresent()) return new Berth(List.of(waits.get().from(frame).hurried(frame)));
        return standing(frame).map(play -> replaced(play.hurried(frame))).orElse(this);
    }

    /** Without what was over before a frame. */
    public Berth since(long frame) {
        int first = 0;
        for (int i = 0; i < plays.size(); i++) {
            if (plays.get(i).from() > frame) break;
            first = isOver(plays.get(i), frame) ? i + 1 : i;
        }
        return new Berth(plays.subList(first, plays.size()));
    }

    private static boolean isOver(Play play, long frame) {
        return play.end().isPresent() && frame >= play.end().getAsLong();
    }

    private Play last() {
        return plays.get(plays.size() - 1);
    }

    private Berth withoutLast() {
        return new Berth(plays.subList(0, plays.size() - 1));
    }

    private Berth replaced(Play last) {
        return withoutLast().with(last);
    }

    private Berth with(Play play) {
        List<Play> all = new ArrayList<>(plays);
        all.add(play);
        return new Berth(all);
    }
}
