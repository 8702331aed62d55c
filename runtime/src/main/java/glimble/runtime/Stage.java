package glimble.runtime;

import glimble.air.Berth;
import glimble.air.Filled;
import glimble.air.Play;
import glimble.air.Reels;
import glimble.budget.Budget;
import glimble.cases.Answered;
import glimble.cue.CueCheck;
import glimble.cue.GivenData;
import glimble.document.Dialled;
import glimble.document.Problem;
import glimble.edit.Coloured;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.reel.Playback;
import glimble.reel.Reel;
import glimble.rest.Pictures;
import glimble.rest.Rest;
import glimble.rest.RestSolver;
import glimble.text.Typesetter;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;

/**
 * One graphic where it is shown: acts put it on, change it, go on, take it out; what is shown at any frame since is known, in whatever order
 * it is asked for. An act at a frame before that of others takes their place.
 */
public final class Stage {
    private final Graphic graphic;
    private final Palette palette;
    private final Typesetter typesetter;
    private final Pictures pictures;
    private final Reels reels;
    /** What stood after each act, from the frame it was at. */
    private final List<Since> history = new ArrayList<>();
    /** By the numbers that JavaScript knows them by. */
    private final Map<Integer, Reel> known = new LinkedHashMap<>();

    private int numbers;

    private record Since(long frame, Berth berth) {}

    Stage(Graphic graphic, Palette palette, Typesetter typesetter, Pictures pictures) {
        this.graphic = graphic;
        this.palette = palette;
        this.typesetter = typesetter;
        this.pictures = pictures;
        reels = new Reels(typesetter, pictures);
    }

    /** Forgets all acts. */
    @JSExport
    public void clear() {
        history.clear();
        known.clear();
        numbers = 0;
    }

    /** Lets go of what is over at a frame, with all acts before it: what was shown earlier is not known any more. */
    @JSExport
    public void forget(double frame) {
        Berth now = now(frame).since((long) frame);
        history.removeIf(since -> since.frame() <= frame);
        history.add(0, new Since((long) frame, now));
        Set<Reel> kept = Collections.newSetFromMap(new IdentityHashMap<>());
        for (Since since : history) {
            for (Play play : since.berth().plays()) {
                kept.add(play.reel());
                play.out().ifPresent(kept::add);
            }
        }
        known.values().removeIf(reel -> !kept.contains(reel));
    }

    /** Whether a reel can still be asked for by its number. */
    @JSExport
    public boolean knows(int number) {
        return known.containsKey(number);
    }

    /** What is wrong with data that are sent to fill it: a line for each problem, with its path; empty if nothing is. */
    @JSExport
    public String problems(JSObject data) {
        return given(data).problems().stream().map(Problem::toString).collect(Collectors.joining("\n"));
    }

    /**
     * Puts it on, or has what stands change.
     *
     * @param data without problems
     */
    @JSExport
    public void take(double frame, JSObject data) {
        GivenData given = given(data);
        Filled filled = Filled.of("", graphic, palette, given.values(), given.dials(), "");
        keep(frame, now(frame).taken(filled, (long) frame, reels, Budget.endless()));
    }

    @JSExport
    public void step(double frame) {
        keep(frame, now(frame).stepped((long) frame));
    }

    @JSExport
    public void leave(double frame) {
        keep(frame, now(frame).left((long) frame));
    }

    /** As if what plays had begun so early that it has come to its next step, or to rest, at a frame. */
    @JSExport
    public void hurry(double frame) {
        keep(frame, now(frame).hurried((long) frame));
    }

    /** Nothing is left at once. */
    @JSExport
    public void vanish(double frame) {
        keep(frame, Berth.EMPTY);
    }

    /** Whether anything stands that has not been asked to leave. */
    @JSExport
    public boolean stands(double frame) {
        return now(frame).standing((long) frame).isPresent();
    }

    /** How many steps what stands has still to go on at. */
    @JSExport
    public int stepsLeft(double frame) {
        return now(frame).standing((long) frame).map(Play::stepsLeft).orElse(0);
    }

    /**
     * What is shown at a frame: {@code reel} by its number, {@code phase}, {@code frame}, {@code looped}, {@code share}, {@code waits};
     * null for nothing.
     */
    @JSExport
    public JSObject shown(double frame) {
        Play play = now(frame).shown((long) frame).orElse(null);
        if (play == null) return null;
        Playback.Moment moment = play.at((long) frame);
        boolean out = moment.state() == Playback.State.OUT;
        Reel reel = out ? play.out().orElseThrow() : play.reel();
        String phase = switch (moment.state()) {
            case LOOP -> "LOOP";
            case OUT -> "OUT";
            default -> "IN";
        };
        JSObject shown = Js.object();
        Js.put(shown, "reel", number(reel));
        Js.put(shown, "phase", phase);
        Js.put(shown, "frame", moment.state() == Playback.State.REST ? reel.in() : moment.frame());
        Js.put(shown, "looped", moment.looped());
        Js.put(shown, "share", moment.share());
        Js.put(shown, "waits", moment.state() == Playback.State.STEP);
        return shown;
    }

    /** A reel by its number, as the player takes it. */
    @JSExport
    public JSObject reel(int number) {
        return JsReel.of(known.get(number));
    }

    /** Where each part that is there rests: by its key, x, y, width and height, px. */
    @JSExport
    public JSObject rest(JSObject data) {
        GivenData given = given(data);
        Map<String, String> values = given.values();
        Graphic dialled = Dialled.of(graphic, given.dials());
        Graphic played = Answered.of(dialled, values, Condition.Standing.NOTHING, typesetter, pictures)
                .graphic();
        Rest rest = RestSolver.solve(Coloured.of(played, palette, values), values, typesetter, pictures);
        JSObject boxes = Js.object();
        for (Part part : played.parts()) {
            if (rest.isPresent(part.key())) Js.put(boxes, part.key(), JsReel.of(rest.box(part.key())));
        }
        return boxes;
    }

    private GivenData given(JSObject data) {
        return GivenData.read(graphic, JsTree.from(data), new CueCheck.House(palette, pictures), typesetter.writing());
    }

    private int number(Reel reel) {
        for (Map.Entry<Integer, Reel> entry : known.entrySet()) if (entry.getValue() == reel) return entry.getKey();
        known.put(numbers, reel);
        return numbers++;
    }

    private Berth now(double frame) {
        Berth berth = Berth.EMPTY;
        for (Since since : history) if (since.frame() <= frame) berth = since.berth();
        return berth;
    }

    /** What was done after that frame is as if it had never been. */
    private void keep(double frame, Berth berth) {
        history.removeIf(since -> since.frame() > frame);
        history.add(new Since((long) frame, berth));
    }
}
