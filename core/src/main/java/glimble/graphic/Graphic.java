package glimble.graphic;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * One name bar, title or board: the design, with its fields. An immutable document; an edit makes a new one.
 *
 * @param name what people call it
 * @param frame size, rate and default length of the picture
 * @param fields what an operator fills in, in the order of the form
 * @param parts everything drawn, back to front
 * @param in how the parts come to rest
 * @param loop what moves while the graphic stands
 * @param out how the parts leave rest
 * @param mirror when it stands mirrored; empty for never
 * @param trials the values it is tried with, the first being its sample
 * @param tags words it is found by on the shelf
 * @param guides lines to design by
 */
public record Graphic(
        String name,
        Frame frame,
        List<Field> fields,
        List<Part> parts,
        In in,
        Loop loop,
        Out out,
        Optional<Mirror> mirror,
        List<Trial> trials,
        List<String> tags,
        Guides guides) {

    public Graphic {
        fields = List.copyOf(fields);
        parts = List.copyOf(parts);
        trials = List.copyOf(trials);
        tags = List.copyOf(tags);
    }

    public Optional<Part> part(String key) {
        return parts.stream().filter(part -> part.key().equals(key)).findFirst();
    }

    public Optional<Field> field(String key) {
        return fields.stream().filter(field -> field.key().equals(key)).findFirst();
    }

    /** The three phases in the order they are played. */
    public List<Phase> phases() {
        return List.of(in, loop, out);
    }

    public Graphic withFrame(Frame other) {
        return new Graphic(name, other, fields, parts, in, loop, out, mirror, trials, tags, guides);
    }

    public Graphic withFields(List<Field> others) {
        return new Graphic(name, frame, others, parts, in, loop, out, mirror, trials, tags, guides);
    }

    public Graphic withParts(List<Part> others) {
        return new Graphic(name, frame, fields, others, in, loop, out, mirror, trials, tags, guides);
    }

    public Graphic withMirror(Optional<Mirror> other) {
        return new Graphic(name, frame, fields, parts, in, loop, out, other, trials, tags, guides);
    }

    public Graphic withTrials(List<Trial> others) {
        return new Graphic(name, frame, fields, parts, in, loop, out, mirror, others, tags, guides);
    }

    public Graphic withGuides(Guides others) {
        return new Graphic(name, frame, fields, parts, in, loop, out, mirror, trials, tags, others);
    }

    /** The group that a part is in; empty if it is in none. */
    public Optional<GroupPart> groupOf(String key) {
        return parts.stream()
                .filter(part -> part instanceof GroupPart group && group.parts().contains(key))
                .map(GroupPart.class::cast)
                .findFirst();
    }

    public Graphic withPhases(In otherIn, Loop otherLoop, Out otherOut) {
        return new Graphic(name, frame, fields, parts, otherIn, otherLoop, otherOut, mirror, trials, tags, guides);
    }

    /** The timing of every phase changed by the same rule. */
    public Graphic withTiming(UnaryOperator<Timing> rule) {
        return withPhases(
                new In(in.moves(), rule.apply(in.timing())),
                new Loop(loop.length(), loop.moves(), rule.apply(loop.timing())),
                new Out(out.moves(), rule.apply(out.timing()), out.mirrorsIn()));
    }

    /** Every list of moves changed by the same rule. */
    public Graphic withMoves(UnaryOperator<List<Move>> rule) {
        return new Graphic(
                name,
                frame,
                fields,
                parts,
                new In(rule.apply(in.moves()), in.timing()),
                new Loop(loop.length(), rule.apply(loop.moves()), loop.timing()),
                new Out(rule.apply(out.moves()), out.timing(), out.mirrorsIn()),
                mirror,
                trials,
                tags,
                guides);
    }
}
