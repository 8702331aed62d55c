package glimble.edit;

import glimble.graphic.Axis;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.RibbonPart;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.TextPart;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What a new part does with the parts that are chosen when it is added: it wraps them, follows them, or arranges them. */
final class TakingUp {
    private static final double PAD_X = 28;
    private static final double PAD_Y = 14;
    private static final double BELOW = 10;
    /** What one puts a box around; another box is as likely to stand beside it. */
    private static final Set<String> CONTENT = Set.of("text", "picture", "stack", "group");

    /** px from the end of a ribbon to what rides on it. */
    private static final double RIDES_IN = 90;

    private TakingUp() {}

    /**
     * @param graphic with the new part in front of all others
     * @param chosen keys of parts, without the new one
     * @param boxes where parts rest, by key; absent ones may be missing
     */
    static Graphic of(Graphic graphic, String added, List<String> chosen, Map<String, Rect> boxes) {
        Part part = graphic.part(added).orElseThrow();
        return switch (part.kind()) {
            case "text" -> belowTheLast(graphic, (TextPart) part);
            case "box" -> {
                List<String> content = of(graphic, chosen, CONTENT);
                yield content.isEmpty() ? graphic : around(graphic, part, content);
            }
            case "line" -> chosen.isEmpty() ? graphic : under(graphic, part, chosen, boxes);
            case "ribbon" -> {
                List<String> riding = of(graphic, chosen, Set.of("text")).stream()
                        .filter(key -> !graphic.part(key).orElseThrow().isRiding())
                        .toList();
                yield riding.isEmpty() ? graphic : under(graphic, (RibbonPart) part, riding, boxes);
            }
            case "stack" -> chosen.isEmpty() ? graphic : holding(graphic, part, chosen, boxes);
            default -> graphic;
        };
    }

    private static List<String> of(Graphic graphic, List<String> keys, Set<String> kinds) {
        return keys.stream()
                .filter(key -> kinds.contains(graphic.part(key).orElseThrow().kind()))
                .toList();
    }

    /** In the style of the last text, and below it. */
    private static Graphic belowTheLast(Graphic graphic, TextPart added) {
        Optional<TextPart> last = Optional.empty();
        for (Part part : graphic.parts()) {
            if (part instanceof TextPart text && text != added) last = Optional.of(text);
        }
        if (last.isEmpty()) return graphic;
        String above = last.get().key();
        Span across = new Span(added.span(Axis.X).size(), hang(Edge.START, above, Edge.START, 0));
        Span down = new Span(added.span(Axis.Y).size(), hang(Edge.START, above, Edge.END, BELOW));
        TextPart styled = added.withBase(added.base().withSpans(across, down))
                .withStyle(last.get().style());
        return replaced(graphic, styled);
    }

    /** Wraps all of them together, and stands behind them. */
    private static Graphic around(Graphic graphic, Part added, List<String> chosen) {
        Part wrapping = added.withBase(added.base().withSpans(wraps(chosen, PAD_X), wraps(chosen, PAD_Y)));
        List<Part> parts = new ArrayList<>();
        for (Part part : graphic.parts()) {
            boolean first = chosen.contains(part.key()) && parts.stream().noneMatch(wrapping::equals);
            if (first) parts.add(wrapping);
            if (part != added) parts.add(part);
        }
        return graphic.withParts(parts);
    }

    private static Span wraps(List<String> parts, double pad) {
        return new Span(new Size.Wraps(parts, Size.Take.UNION, pad, pad, 0, Size.ENDLESS), new Place.Around());
    }

    /** As wide as all of them together, under the lowest. */
    private static Graphic under(Graphic graphic, Part added, List<String> chosen, Map<String, Rect> boxes) {
        // One that is absent stands nowhere: it is the lowest only where all are.
        Comparator<String> byBottom = Comparator.comparingDouble(
                key -> boxes.containsKey(key) ? boxes.get(key).bottom() : Double.NEGATIVE_INFINITY);
        String lowest = chosen.stream().max(byBottom).orElseThrow();
        Span down = new Span(added.span(Axis.Y).size(), hang(Edge.START, lowest, Edge.END, BELOW));
        return replaced(graphic, added.withBase(added.base().withSpans(wraps(chosen, 0), down)));
    }

    /** As long and broad as they need, with them riding on its middle, one below the other. */
    private static Graphic under(Graphic graphic, RibbonPart added, List<String> riding, Map<String, Rect> boxes) {
        Rect all = riding.stream()
                .filter(boxes::containsKey)
                .map(boxes::get)
                .reduce(Rect::around)
                .orElse(new Rect(0, 0, graphic.frame().width(), graphic.frame().height()));
        double x = all.x() + all.width() / 2;
        double y = all.y() + all.height() / 2;
        Size length = new Size.Wraps(riding, Size.Take.LONGEST, RIDES_IN, RIDES_IN, 0, Size.ENDLESS);
        double lines = riding.stream()
                .mapToDouble(key -> boxes.containsKey(key) ? boxes.get(key).height() : 0)
                .sum();
        Size breadth = new Size.Fixed(Math.max(40, Math.round(lines + 2 * PAD_Y)));
        Part ribbon = added.withBase(added.base()
                .withSpans(
                        new Span(length, hang(Edge.CENTRE, Place.FRAME, Edge.START, Math.round(x))),
                        new Span(breadth, hang(Edge.CENTRE, Place.FRAME, Edge.START, Math.round(y)))));
        List<Part> parts = new ArrayList<>();
        double above = -lines / 2;
        for (Part part : graphic.parts()) {
            if (part == added) continue;
            if (parts.stream().noneMatch(ribbon::equals) && riding.contains(part.key())) parts.add(ribbon);
            if (!riding.contains(part.key())) {
                parts.add(part);
                continue;
            }
            double height =
                    boxes.containsKey(part.key()) ? boxes.get(part.key()).height() : 0;
            parts.add(part.withBase(part.base()
                    .withRides(ribbon.key())
                    .withSpans(
                            new Span(part.span(Axis.X).size(), hang(Edge.CENTRE, ribbon.key(), Edge.CENTRE, 0)),
                            new Span(
                                    part.span(Axis.Y).size(),
                                    hang(Edge.CENTRE, ribbon.key(), Edge.CENTRE, Math.round(above + height / 2))))));
            above += height;
        }
        return RidingMoves.settled(graphic.withParts(parts), riding);
    }

    /** As large as they are together, with them as its rows from top to bottom. */
    private static Graphic holding(Graphic graphic, Part added, List<String> chosen, Map<String, Rect> boxes) {
        List<String> rows = chosen.stream()
                .filter(key -> !(graphic.part(key).orElseThrow() instanceof GroupPart))
                .filter(key -> !graphic.part(key).orElseThrow().isRiding())
                .sorted(Comparator.comparingDouble(
                        key -> boxes.containsKey(key) ? boxes.get(key).y() : Double.POSITIVE_INFINITY))
                .toList();
        if (rows.isEmpty()) return graphic;
        Rect all = rows.stream()
                .filter(boxes::containsKey)
                .map(boxes::get)
                .reduce(Rect::around)
                .orElse(new Rect(0, graphic.frame().height() / 4.0, 800, 500));
        Span across = new Span(new Size.Fixed(all.width()), hang(Edge.START, rows.get(0), Edge.START, 0));
        Span down = new Span(new Size.Fixed(all.height()), hang(Edge.START, Place.FRAME, Edge.START, all.y()));
        List<Part> parts = new ArrayList<>();
        int next = 0;
        for (Part part : graphic.parts()) {
            // They are arranged in the order in which they are drawn, so they are drawn in the order they stand in.
            if (rows.contains(part.key()))
                parts.add(row(graphic.part(rows.get(next++)).orElseThrow(), added.key()));
            else parts.add(part == added ? added.withBase(added.base().withSpans(across, down)) : part);
        }
        return graphic.withParts(parts);
    }

    private static Graphic replaced(Graphic graphic, Part changed) {
        return graphic.withParts(graphic.parts().stream()
                .map(part -> part.key().equals(changed.key()) ? changed : part)
                .toList());
    }

    private static Part row(Part part, String stack) {
        Span down = new Span(part.span(Axis.Y).size(), new Place.Stacked(stack));
        return part.withBase(part.base().withSpans(part.span(Axis.X), down));
    }

    private static Place hang(Edge edge, String on, Edge at, double plus) {
        return new Place.Hang(edge, on, at, plus);
    }
}
