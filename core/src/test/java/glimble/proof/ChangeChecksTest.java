package glimble.proof;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.change.Changed;
import glimble.change.Changes;
import glimble.change.Shown;
import glimble.graphic.Away;
import glimble.graphic.Back;
import glimble.graphic.Channel;
import glimble.graphic.Check;
import glimble.graphic.Ease;
import glimble.graphic.Edge;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Palette;
import glimble.graphic.PhaseName;
import glimble.graphic.Pivot;
import glimble.graphic.Place;
import glimble.graphic.Rate;
import glimble.graphic.Size;
import glimble.graphic.Start;
import glimble.graphic.Swap;
import glimble.graphic.Travel;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.Resize;
import glimble.reel.Track;
import glimble.reel.WorkedOut;
import glimble.rest.Pictures;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** Faults of changes: found where there are some, and none found where there are none. */
class ChangeChecksTest {
    private static final MonoTypesetter TYPESETTER = new MonoTypesetter();
    private static final int DAMAGES = 400;

    /** A plate that wraps a name inside it, and a role beside it; nothing moves but by changes. */
    private static Graphic sound(Mask... masks) {
        Size wraps = new Size.Wraps(List.of("name"), Size.Take.LONGEST, 12, 12, 0, 100_000);
        Place inPlate = Sketch.hang(Edge.START, "plate", Edge.INNER_START, 0);
        return Sketch.graphic(
                        Sketch.box("plate", wraps, at(100), new Size.Fixed(40), at(200)),
                        Sketch.text("name", inPlate, Sketch.hang(Edge.START, "plate", Edge.START, 10), masks),
                        Sketch.text("role", Sketch.hang(Edge.START, "plate", Edge.END, 20), at(210)))
                .withFrame(new Frame(1000, 500, new Rate(50, 1), 300));
    }

    private static Place at(double px) {
        return Sketch.hang(Edge.START, Place.FRAME, Edge.START, px);
    }

    private static Graphic masked() {
        return sound(new Mask("plate", true, 0));
    }

    private static List<Fault> faults(Graphic graphic, Map<String, String> before, Map<String, String> after) {
        Filling filling = new Filling("x", before);
        return new Prover(graphic, new Palette(Map.of()), TYPESETTER, Pictures.NONE)
                .faults(new Filling("x", before, filling.onAir(), List.of(new Filling.Then(after, Filling.At.LAST))));
    }

    private static Move move(String key, String part, Channel channel, Travel travel, int length) {
        return new Move(
                key, part, channel, travel, new Start.At(0), length, new Ease.Linear(), Pivot.CENTRE, Opening.RIGHT);
    }

    @Test
    void nothing_is_found_where_letters_of_any_length_change() {
        for (Graphic graphic : List.of(sound(), masked())) {
            for (int had = 1; had < 40; had += 3) {
                for (int has = 1; has < 40; has += 5) {
                    Map<String, String> before = Map.of("name", "n".repeat(had), "role", "Flyer");
                    Map<String, String> after = Map.of("name", "m".repeat(has), "role", has % 2 == 0 ? "Flyer" : "");
                    assertThat(faults(graphic, before, after))
                            .as("%s to %s", had, has)
                            .isEmpty();
                }
            }
        }
    }

    @Test
    void what_is_the_same_and_goes_away_with_its_group_does_not_stay() {
        Graphic grouped = sound().withParts(new ArrayList<>(sound().parts()) {
            private static final long serialVersionUID = 1;

            {
                add(Sketch.group("both", "name", "role"));
            }
        });
        Swap swap = new Swap(
                new Away(List.of(move("away", "both", Channel.OPACITY, new Travel.Factor(0), 8))),
                new Back(List.of(move("back", "both", Channel.OPACITY, new Travel.Factor(0), 8))),
                false);
        List<Fault> found = faults(
                grouped.withSwap(swap),
                Map.of("name", "Oona", "role", "Flyer"),
                Map.of("name", "Wubb", "role", "Flyer"));
        assertThat(found).extracting(Fault::check).containsOnly(Check.STAYS);
        assertThat(found).extracting(Fault::part).containsOnly("role");
        assertThat(found.get(0).phase()).isEqualTo(Fault.CHANGE);
    }

    @Test
    void old_and_new_letters_that_cross_are_read_on_top_of_each_other() {
        Swap swap = new Swap(
                new Away(List.of(move("away", "name", Channel.OPACITY, new Travel.Factor(0), 20))),
                new Back(List.of(move("back", "name", Channel.OPACITY, new Travel.Factor(0), 20)))
                        .meeting(-20, Back.Flow.USUAL),
                false);
        List<Fault> found = faults(sound().withSwap(swap), Map.of("name", "Oona"), Map.of("name", "Wubb"));
        assertThat(found).extracting(Fault::check).containsOnly(Check.BOTH);
    }

    @Test
    void letters_that_no_move_of_the_swap_hides_fade_and_do_not_jump() {
        Swap swap = new Swap(
                new Away(List.of(move("away", "name", Channel.Y, new Travel.Px(-6), 10))),
                new Back(List.of(move("back", "name", Channel.Y, new Travel.Px(6), 10))),
                false);
        List<Fault> found = faults(sound().withSwap(swap), Map.of("name", "Oona"), Map.of("name", "Wubb"));
        assertThat(found).isEmpty();
    }

    /** Ways in which a change is spoiled, whatever the graphic says. */
    private static final List<UnaryOperator<Layer>> SPOILT = List.of(
            // The flow comes too late.
            layer -> layer.with(layer.tracks(), later(layer.resizes(), 16)),
            // The mask is taken away.
            layer -> layer.among(List.of(), layer.within(), layer.rides()),
            // Old and new meet too early, or a wait is deleted.
            layer -> comes(layer) ? layer.with(earlier(layer.tracks(), 9), layer.resizes()) : layer,
            layer -> comes(layer) ? layer.with(earlier(layer.tracks(), 200), layer.resizes()) : layer);

    private static boolean comes(Layer layer) {
        return layer.part().equals("name") && !layer.isAbsent(PhaseName.LOOP);
    }

    private static List<Resize> later(List<Resize> resizes, int by) {
        return resizes.stream()
                .map(resize -> resize.phase() == PhaseName.IN ? resize.shifted(PhaseName.IN, by) : resize)
                .toList();
    }

    private static List<Track> earlier(List<Track> tracks, int by) {
        return tracks.stream()
                .map(track -> track.phase() != PhaseName.IN || track.channel() == Channel.X
                        ? track
                        : track.shifted(PhaseName.IN, Math.max(-by, -Math.max(0, track.first()))))
                .toList();
    }

    @Test
    void what_spoils_a_change_is_found() {
        Random random = new Random(5);
        int wrong = 0;
        int found = 0;
        for (int i = 0; i < DAMAGES; i++) {
            Graphic graphic = random.nextBoolean() ? sound() : masked();
            Map<String, String> before = Map.of("name", "n".repeat(1 + random.nextInt(30)), "role", "Flyer");
            Map<String, String> after = Map.of("name", "m".repeat(1 + random.nextInt(30)), "role", "Flyer");
            WorkedOut worked = ReelMaker.make(graphic, before, TYPESETTER);
            Shown shown = Shown.atRest(worked, graphic, before);
            Changed changed = Changes.of(shown, graphic, after, TYPESETTER, Pictures.NONE);
            Changed spoilt = spoilt(changed, SPOILT.get(i % SPOILT.size()));
            if (!isWrong(spoilt)) continue;
            wrong++;
            if (!Prover.faults(spoilt, shown).isEmpty()) found++;
        }
        System.out.println("spoilt changes found: " + found + " of " + wrong);
        assertThat(wrong).isGreaterThan(DAMAGES / 6);
        assertThat(found).isGreaterThanOrEqualTo((int) Math.ceil(0.95 * wrong));
    }

    private static Changed spoilt(Changed changed, UnaryOperator<Layer> how) {
        Reel reel = changed.worked().reel();
        Reel other = new Reel(
                reel.width(),
                reel.height(),
                reel.rate(),
                reel.layers().stream().map(how).toList(),
                reel.in(),
                reel.loop(),
                reel.out());
        WorkedOut worked = changed.worked();
        return new Changed(
                worked.with(other, other.in() + other.out() + 1),
                changed.graphic(),
                changed.values(),
                changed.parts(),
                changed.series(),
                changed.begins(),
                changed.length());
    }

    /** Told frame by frame from the numbers alone: letters that can be read outside their plate, or on top of each other. */
    private static boolean isWrong(Changed changed) {
        Reel reel = changed.worked().reel();
        Layer plate = reel.layers().stream()
                .filter(layer -> layer.part().equals("plate"))
                .findFirst()
                .orElseThrow();
        int outside = 0;
        int both = 0;
        for (int frame = 0; frame <= reel.in(); frame++) {
            Rect ground = box(plate, frame);
            List<Rect> seen = new ArrayList<>();
            for (Layer layer : reel.layers()) {
                if (!layer.part().equals("name") || sum(layer, Channel.OPACITY, frame) < 0.5) continue;
                Rect at = new Rect(
                        layer.ink().x() + sum(layer, Channel.X, frame),
                        layer.ink().y() + sum(layer, Channel.Y, frame),
                        layer.ink().width(),
                        layer.ink().height());
                Rect left = layer.masks().isEmpty() ? at : shared(at, ground);
                if (left.width() < 1 || left.height() < 1) continue;
                seen.add(left);
                double out = Math.max(
                        Math.max(ground.x() - left.x(), left.right() - ground.right()),
                        Math.max(ground.y() - left.y(), left.bottom() - ground.bottom()));
                if (out > 6) outside++;
            }
            if (seen.size() == 2) {
                Rect over = shared(seen.get(0), seen.get(1));
                double least = Math.min(area(seen.get(0)), area(seen.get(1)));
                if (area(over) > 0.35 * least) both++;
            }
        }
        return outside > 4 || both > 4;
    }

    private static double sum(Layer layer, Channel channel, int frame) {
        double value = channel.rest();
        for (Track track : layer.tracks()) {
            if (track.phase() != PhaseName.IN || track.channel() != channel) continue;
            value = channel.rest() == 0 ? value + track.at(frame) : value * track.at(frame);
        }
        return value;
    }

    private static Rect box(Layer layer, int frame) {
        for (Resize resize : layer.resizes()) {
            if (resize.phase() != PhaseName.IN) continue;
            int i = resize.index(frame);
            double x = layer.box().x() + resize.left()[i];
            return new Rect(
                    x,
                    layer.box().y(),
                    layer.box().right() + resize.right()[i] - x,
                    layer.box().height());
        }
        return layer.box();
    }

    private static Rect shared(Rect a, Rect b) {
        double x = Math.max(a.x(), b.x());
        double y = Math.max(a.y(), b.y());
        return new Rect(
                x,
                y,
                Math.max(0, Math.min(a.right(), b.right()) - x),
                Math.max(0, Math.min(a.bottom(), b.bottom()) - y));
    }

    private static double area(Rect rect) {
        return rect.width() * rect.height();
    }
}
