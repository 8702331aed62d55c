package glimble.change;

import glimble.budget.Budget;
import glimble.graphic.Back;
import glimble.graphic.Ease;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.PhaseName;
import glimble.graphic.StackPart;
import glimble.graphic.Start;
import glimble.reel.Bar;
import glimble.reel.Layer;
import glimble.reel.PhaseMotion;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.Resize;
import glimble.reel.Standing;
import glimble.reel.Track;
import glimble.reel.WorkedOut;
import glimble.rest.Pictures;
import glimble.rest.Rest;
import glimble.rest.RestEffort;
import glimble.spoken.SpokenTimes;
import glimble.text.Typesetter;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Works out what happens when a graphic gets other values while it stands: for every part whether it stays, flows, swaps, leaves or enters,
 * and the reel of it. Nothing is declared by hand: both rests are solved and compared. The same input gives the same numbers on any machine;
 * cost grows linearly with parts × frames.
 */
public final class Changes {
    private final Shown shown;
    private final Graphic graphic;
    private final Map<String, String> values;
    private final WorkedOut fresh;
    private final Pictures pictures;
    private final Budget budget;
    private final Middle middle;
    private final Standing standing;
    private final Roles roles;
    private final Half away;
    private final Half back;
    private final Half leave;
    private final Half enter;
    private final InTime inTime;
    private final Times times;
    private final Coming coming;

    private Changes(
            Shown shown,
            Graphic graphic,
            Map<String, String> values,
            WorkedOut fresh,
            Typesetter typesetter,
            Pictures pictures,
            Budget budget) {
        this.shown = shown;
        this.graphic = graphic;
        this.values = values;
        this.fresh = fresh;
        this.pictures = pictures;
        this.budget = budget;
        budget.spend(RestEffort.of(graphic, values));
        middle = Middle.of(
                shown.graphic(), shown.values(), shown.rest(), graphic, values, fresh.rest(), typesetter, pictures);
        standing = shown.standing();
        roles = new Roles(graphic, shown, fresh.reel(), middle, standing);
        inTime = new InTime(shown, fresh.reel(), roles);
        Graphic was = shown.graphic();
        Set<String> goes = all(Doing.SWAPS);
        goes.removeIf(key -> roles.isTinted(key) || roles.isLaidOver(key) || rides(key));
        away = half(PhaseName.AWAY, graphic.swap().away(), graphic, goes, usual(goes, true), false);
        Set<String> comes = new HashSet<>(goes);
        Set<String> over = all(Doing.SWAPS);
        over.removeIf(key -> !roles.isLaidOver(key));
        comes.addAll(over);
        Set<String> again = all(Doing.ENTERS);
        again.removeIf(key -> !roles.isReplacing(key) || inTime.is(key));
        comes.addAll(again);
        back = half(PhaseName.BACK, graphic.swap().back(), graphic, comes, usual(comes, false), false);
        boolean backwards = was.out().mirrorsIn();
        Phase out = backwards ? new In(was.in().moves(), was.in().timing()) : was.out();
        Set<String> leavers = all(Doing.LEAVES);
        leavers.removeIf(this::rides);
        leave = half(PhaseName.OUT, out, was, leavers, List.of(), backwards);
        Set<String> enterers = all(Doing.ENTERS);
        enterers.removeIf(key -> rides(key) || again.contains(key) || inTime.is(key));
        Phase in = new Back(graphic.in().moves(), graphic.in().timing(), 0, Back.Flow.USUAL);
        enter = half(PhaseName.IN, in, graphic, enterers, List.of(), false);
        times = new Times(shown, standing, roles, middle, away, back, leave, enter);
        coming = new Coming(shown, fresh.reel(), roles, times, inTime);
    }

    /** Of a group whose move takes it away; the group itself is none. */
    private boolean rides(String key) {
        return roles.isRiding(key) && !hasOwnSwap(key);
    }

    private boolean hasOwnSwap(String key) {
        return !roles.swapIsUsual(key, true) || !roles.swapIsUsual(key, false);
    }

    /**
     * A change from whatever is shown.
     *
     * @param graphic as it is played for the new values
     * @param values the new ones, text by field key
     * @param length frames from the first of the change to the last of out
     * @param budget from which it is spent what it costs
     * @throws TooLaborious if that is more than there is
     */
    public static Changed of(
            Shown shown,
            Graphic graphic,
            Map<String, String> values,
            Typesetter typesetter,
            Pictures pictures,
            int length,
            Budget budget) {
        WorkedOut fresh = ReelMaker.make(graphic, values, typesetter, pictures, length, budget);
        Changed changed = toLine(shown, graphic, values, fresh, typesetter, pictures, length, budget);
        SeriesLoop series = SeriesLoop.of(fresh, graphic, values, typesetter, pictures, budget);
        if (series == null) return changed;
        WorkedOut looped = Take.looped(changed.worked(), series, length);
        return new Changed(
                looped, graphic, values, changed.parts(), Optional.of(series), changed.begins(), changed.length());
    }

    /**
     * A change to one line of a series, or to anything without one.
     *
     * @param fresh worked out for the new values alone
     */
    static Changed toLine(
            Shown shown,
            Graphic graphic,
            Map<String, String> values,
            WorkedOut fresh,
            Typesetter typesetter,
            Pictures pictures,
            int length,
            Budget budget) {
        boolean turns = shown.rest().mirrored() != fresh.rest().mirrored();
        if (turns) return OutThenIn.of(shown, graphic, values, fresh, length, "the side changes");
        Changes changes = new Changes(shown, graphic, values, fresh, typesetter, pictures, budget);
        boolean never = graphic.swap().never()
                && changes.roles.doings().values().stream().anyMatch(doing -> doing != Doing.STAYS);
        if (never) {
            return OutThenIn.of(shown, graphic, values, fresh, length, "it never changes while it stands");
        }
        return changes.made(length);
    }

    /** The same, whatever it costs, at the length the document says. */
    public static Changed of(
            Shown shown, Graphic graphic, Map<String, String> values, Typesetter typesetter, Pictures pictures) {
        return of(shown, graphic, values, typesetter, pictures, graphic.frame().length(), Budget.endless());
    }

    private Set<String> all(Doing doing) {
        Set<String> keys = new LinkedHashSet<>();
        roles.doings().forEach((key, of) -> {
            if (of == doing) keys.add(key);
        });
        return keys;
    }

    /**
     * The moves of some parts, with a fade for those that would be seen where it begins, of what comes, or ends, of what goes.
     *
     * @param more moves that the design does not have
     */
    private Half half(PhaseName name, Phase phase, Graphic of, Set<String> parts, List<Move> more, boolean backwards) {
        Half half = plain(name, phase, of, parts, more, backwards);
        Set<String> designed = new LinkedHashSet<>(parts);
        more.forEach(move -> designed.remove(move.part()));
        List<Move> fades = fades(half, name, of, designed);
        if (fades.isEmpty()) return half;
        fades.addAll(more);
        return plain(name, phase, of, parts, fades, backwards);
    }

    private Half plain(PhaseName name, Phase phase, Graphic of, Set<String> parts, List<Move> more, boolean backwards) {
        Rest rest = goes(name) ? shown.rest() : fresh.rest();
        return new Half(
                name,
                Movers.only(phase, of, parts, more),
                backwards,
                backwards ? outPace() : Out.Pace.AS_IN,
                of,
                middle.masked(rest, of, parts),
                SpokenTimes.of(of, goes(name) ? shown.values() : values),
                budget);
    }

    /** How quick the out of what is shown is, of which only some parts go: as a share of the whole in. */
    private Out.Pace outPace() {
        Graphic was = shown.graphic();
        if (!was.out().isPaced()) return Out.Pace.AS_IN;
        SpokenTimes spoken = SpokenTimes.of(was, shown.values());
        int in = new PhaseMotion(PhaseName.IN, was.in(), was, shown.rest(), spoken, budget).length();
        return new Out.Share(in == 0 ? 1 : (double) was.out().pace().length(in) / in);
    }

    private static boolean goes(PhaseName half) {
        return half == PhaseName.AWAY || half == PhaseName.OUT;
    }

    private List<Move> fades(Half half, PhaseName name, Graphic of, Set<String> parts) {
        boolean goes = goes(name);
        Hiding hiding = new Hiding(goes ? shown.reel() : fresh.reel(), half, of);
        List<Move> moves = new ArrayList<>();
        for (String key : parts) {
            Part part = of.part(key).orElseThrow();
            boolean seen = drawnWith(part, parts).stream()
                    .anyMatch(drawn -> hiding.isSeen(
                            goes ? roles.oldIndex(drawn) : roles.nextIndex(drawn), meets(half, drawn, goes)));
            // What no move hides may be seen while it flows, though it is not at rest.
            boolean flows = !isMoved(half, key)
                    && (goes ? standing.isSeen(roles.oldIndex(key)) : roles.movesEarly(key) || roles.movesLate(key));
            if (!seen && !flows) continue;
            int start = half.written(key).orElse(0);
            moves.add(UsualSwap.fade(of, part, Ease.Direction.OUT).withStart(new Start.At(start)));
        }
        return moves;
    }

    /** Parts that are drawn and go where one goes: itself, or of a group that is replaced those that ride with it. */
    private List<String> drawnWith(Part part, Set<String> moving) {
        if (!part.kind().equals("group")) return List.of(part.key());
        return roles.doings().keySet().stream()
                .filter(key -> roles.isIn(key, part.key()) && rides(key) && !moving.contains(key))
                .filter(key -> !graphic.part(key).orElseThrow().kind().equals("group"))
                .filter(key -> roles.hasOld(key) && roles.hasNext(key))
                .toList();
    }

    /** Whether a half moves a part, or a group that it is in. */
    private boolean isMoved(Half half, String key) {
        return roles.doings().keySet().stream()
                .anyMatch(other -> (other.equals(key) || roles.isIn(key, other)) && half.moves(other));
    }

    /** The frame of a half at which a part is to be gone, or at which it may be seen. */
    private int meets(Half half, String key, boolean goes) {
        int meets = goes ? half.last(key) : half.moves(key) ? half.first(key) : Integer.MAX_VALUE;
        for (String other : roles.doings().keySet()) {
            if (!roles.isIn(key, other) || !half.moves(other)) continue;
            if (goes) meets = Math.max(meets, half.last(other));
            else if (!half.moves(key)) meets = Math.min(meets, half.first(other));
        }
        return meets == Integer.MAX_VALUE ? 0 : meets;
    }

    /** Moves for those that the swap of the design says nothing of. */
    private List<Move> usual(Set<String> parts, boolean isAway) {
        List<Move> moves = new ArrayList<>();
        for (String key : parts) {
            if (roles.isRiding(key) || !roles.swapIsUsual(key, isAway)) continue;
            Part part = graphic.part(key).orElseThrow();
            if (roles.isLaidOver(key)) moves.add(UsualSwap.fade(graphic, part, Ease.Direction.OUT));
            else
                moves.add(
                        isAway
                                ? UsualSwap.away(graphic, part, shown.rest())
                                : UsualSwap.back(graphic, part, fresh.rest()));
        }
        return moves;
    }

    private Changed made(int length) {
        long flowing = roles.doings().keySet().stream()
                .filter(key -> roles.movesEarly(key) || roles.movesLate(key))
                .count();
        budget.spend(ChangeEffort.flow(flowing, times.flow.lateEnd()));
        Layers layers = new Layers(shown.graphic(), graphic, roles, middle, times, standing, pictures, inTime, coming);
        Assembly assembly = new Assembly(shown, roles, times);
        List<Bar> bars = new ArrayList<>();
        for (Part part : graphic.parts()) {
            String key = part.key();
            assembly.addGone(key);
            if (part instanceof StackPart || !roles.doings().containsKey(key)) continue;
            boolean leaves = roles.of(key) == Doing.LEAVES && !roles.isComing(key);
            if (leaves || roles.isDrawnTwice(key)) {
                Half half = leaves ? leave : away;
                assembly.addOld(key, layers.old(part, half));
                bars.addAll(half.bars(key, 0));
            }
            if (roles.of(key) == Doing.LEAVES) continue;
            assembly.addNext(key, layers.next(part, comes(part, bars)), coming);
        }
        int changes = changes();
        List<Layer> all = assembly.layers();
        int in = changes == 0 && !coming.isAny() ? 0 : Math.max(changes, Math.max(coming.end(), boxed(all)));
        Reel of = fresh.reel();
        Reel reel = new Reel(of.width(), of.height(), of.rate(), all, in, of.loop(), of.out(), coming.pauses(all, in));
        WorkedOut worked = fresh.as(reel, bars, Math.max(length, in + of.out() + 1));
        return new Changed(
                worked,
                graphic,
                values,
                Tellings.of(graphic, roles, middle, times, coming),
                Optional.empty(),
                -1,
                changes);
    }

    /** Frame at which the last box is as it is at rest. */
    private static int boxed(List<Layer> layers) {
        return layers.stream()
                .flatMap(layer -> layer.resizes().stream())
                .filter(resize -> resize.phase() == PhaseName.IN)
                .mapToInt(Resize::last)
                .max()
                .orElse(0);
    }

    private List<Track> comes(Part part, List<Bar> bars) {
        String key = part.key();
        if (inTime.is(key)) return coming.tracks(key);
        if (back.moves(key)) {
            bars.addAll(back.bars(key, times.backBy(key)));
            return back.tracks(part, times.backBy(key));
        }
        if (enter.moves(key)) {
            bars.addAll(enter.bars(key, times.enterBy(key)));
            return enter.tracks(part, times.enterBy(key));
        }
        return List.of();
    }

    /** Frames until everything that changes at once is at rest; 0 if nothing moves. */
    private int changes() {
        int end = Math.max(times.gone, coming.standing(standing));
        for (String key : roles.doings().keySet()) {
            Doing doing = roles.of(key);
            if (doing == Doing.STAYS || roles.isComing(key) && inTime.is(key)) continue;
            end = Math.max(end, times.awayEnd(key));
            if (roles.isTinted(key)) end = Math.max(end, UsualSwap.frames(graphic, 2 * UsualSwap.THROUGH_NOTHING));
            if (doing != Doing.LEAVES && !inTime.is(key)) end = Math.max(end, times.backEnd(key));
            if (roles.movesEarly(key) && times.flowsEarly()) end = Math.max(end, times.flow.earlyEnd());
            if (times.flowsLate()) end = Math.max(end, times.flow.lateEnd());
        }
        return end;
    }
}
