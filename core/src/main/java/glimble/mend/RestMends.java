package glimble.mend;

import glimble.graphic.Axis;
import glimble.graphic.Edge;
import glimble.graphic.Field;
import glimble.graphic.Fit;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Trial;
import glimble.proof.Fault;
import glimble.proof.Filling;
import glimble.rest.Rect;
import glimble.rest.Rest;
import glimble.text.Letters;
import glimble.text.NumberWords;
import glimble.text.TextPattern;
import glimble.text.Writing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What may mend a fault of the rest picture: more room, more padding, fewer letters, smaller letters. */
final class RestMends {
    private static final double USUAL_LEAST = 0.6;
    private static final double LOWER_LEAST = 0.4;
    private static final double[] SMALLER = {0.92, 0.84, 0.72};
    /** px that look like padding rather than like an accident, in a raster of 1080 lines. */
    private static final double[] PADS = {8, 16, 28};

    private final Graphic graphic;
    private final Fault fault;
    private final Filling worst;
    private final Rest rest;
    private final Writing writing;
    private final List<Candidate> found = new ArrayList<>();

    /** @param rest for the filling where the fault is worst */
    RestMends(Graphic graphic, Fault fault, Filling worst, Rest rest, Writing writing) {
        this.graphic = graphic;
        this.fault = fault;
        this.worst = worst;
        this.rest = rest;
        this.writing = writing;
    }

    private void add(String kind, String words, Graphic changed) {
        if (!changed.equals(graphic)) found.add(new Candidate(kind, words, changed));
    }

    List<Candidate> all() {
        switch (fault.check()) {
            case BOX -> box();
            case SAFE -> safe();
            case SQUEEZE -> squeeze();
            case CUT -> cut();
            case OVER -> over();
            case BLANK -> blank();
            case STRETCH -> stretch();
            default -> {}
        }
        return found;
    }

    private Optional<TextPart> text(String key) {
        return graphic.part(key).filter(TextPart.class::isInstance).map(TextPart.class::cast);
    }

    private void box() {
        String edge = " edge";
        boolean air = fault.other().endsWith(edge);
        String box = air ? fault.other().substring(0, fault.other().length() - edge.length()) : fault.other();
        Part part = graphic.part(box).orElse(null);
        if (part == null) return;
        double lacks = Math.ceil(Math.abs(fault.allowed() - fault.measured()));
        pads(part, lacks);
        for (Axis axis : Axis.values()) {
            if (part.span(axis).size() instanceof Size.Fixed fixed) {
                double px = Math.ceil(fixed.px() + 2 * lacks);
                add(
                        "size " + axis,
                        box + " " + NumberWords.of(px) + " px " + (axis == Axis.X ? "wide" : "high") + " instead of "
                                + NumberWords.of(fixed.px()),
                        Changes.size(graphic, box, axis, size -> new Size.Fixed(px)));
            }
            if (part.span(axis).size() instanceof Size.Wraps wraps && wraps.most() < Size.ENDLESS) {
                add(
                        "most",
                        "no most for " + box,
                        Changes.size(
                                graphic,
                                box,
                                axis,
                                size -> size instanceof Size.Wraps w
                                        ? new Size.Wraps(
                                                w.parts(),
                                                w.take(),
                                                w.before(),
                                                w.after(),
                                                w.least(),
                                                Size.ENDLESS,
                                                w.revealed())
                                        : size));
            }
        }
        text(fault.part()).ifPresent(text -> {
            fits(text, rest.isPresent(box) ? rest.box(box).width() : 0, "the room of " + box);
            smaller(text);
            limits(text);
        });
    }

    /** More padding, as little as is lacking and as much as looks meant, along one axis or both. */
    private void pads(Part box, double lacks) {
        double unit = graphic.frame().height() / 1080.0;
        List<Axis> wrapping = new ArrayList<>();
        for (Axis axis : Axis.values()) if (box.span(axis).size() instanceof Size.Wraps) wrapping.add(axis);
        for (double pad : PADS) {
            double by = Math.max(lacks, Math.ceil(pad * unit));
            for (Axis axis : wrapping) {
                Size.Wraps now = (Size.Wraps) box.span(axis).size();
                String where = axis == Axis.X ? "left and right" : "above and below";
                add(
                        "pad " + axis,
                        box.key() + " padded " + NumberWords.of(now.before() + by) + " px " + where + " instead of "
                                + NumberWords.of(now.before()),
                        padded(graphic, box.key(), axis, by));
            }
            if (wrapping.size() == 2) {
                add(
                        "pad all",
                        box.key() + " padded " + NumberWords.of(by) + " px more on all sides",
                        padded(padded(graphic, box.key(), Axis.X, by), box.key(), Axis.Y, by));
            }
        }
    }

    private static Graphic padded(Graphic graphic, String box, Axis axis, double by) {
        return Changes.size(
                graphic,
                box,
                axis,
                size -> size instanceof Size.Wraps w
                        ? new Size.Wraps(
                                w.parts(), w.take(), w.before() + by, w.after() + by, w.least(), w.most(), w.revealed())
                        : size);
    }

    private void safe() {
        for (String key : letters(fault.part())) {
            text(key).ifPresent(text -> {
                toTitleSafe(text);
                smaller(text);
                limits(text);
            });
        }
    }

    /** The text itself, or those that a box wraps. */
    private List<String> letters(String key) {
        Part part = graphic.part(key).orElse(null);
        if (part == null || part instanceof TextPart) return List.of(key);
        List<String> texts = new ArrayList<>();
        for (Axis axis : Axis.values()) {
            if (part.span(axis).size() instanceof Size.Wraps wraps) texts.addAll(wraps.parts());
        }
        return texts.stream().distinct().toList();
    }

    /** As wide as it may be from the side it stands at, with as much left as its box is wider. */
    private void toTitleSafe(TextPart text) {
        if (!rest.isPresent(text.key())) return;
        double inset = graphic.frame().inset(Axis.X, Place.TITLE_SAFE);
        double whole = graphic.frame().width() - 2 * inset;
        Rect box = rest.box(text.key());
        Rect around = rest.isPresent(fault.part()) ? rest.box(fault.part()).around(box) : box;
        boolean beyondRight = around.right() > graphic.frame().width() - inset;
        boolean beyondLeft = around.x() < inset;
        double room = beyondRight && !beyondLeft
                ? graphic.frame().width() - inset - box.x() - (around.right() - box.right())
                : beyondLeft && !beyondRight
                        ? box.right() - inset - (box.x() - around.x())
                        : whole - (around.width() - box.width());
        if (room <= 0) return;
        Size share = new Size.Share(1, Place.TITLE_SAFE, -Math.ceil(whole - room));
        String where = "room of " + text.key() + " to title-safe";
        fit(text, share, where);
    }

    private void fits(TextPart text, double room, String where) {
        if (room > 0 && text.fit().isEmpty())
            fit(text, new Size.Fixed(Math.floor(room)), text.key() + " fits " + where);
    }

    private void fit(TextPart text, Size room, String where) {
        int lines = text.fit().map(Fit::lines).orElse(1);
        String together = text.fit().map(Fit::together).orElse("");
        double least =
                text.fit().map(Fit::least).filter(one -> one < USUAL_LEAST).orElse(USUAL_LEAST);
        for (double squeeze : new double[] {least, LOWER_LEAST}) {
            if (squeeze > least) continue;
            add(
                    "room",
                    where + ", least " + Math.round(squeeze * 100) + " %",
                    Changes.text(
                            graphic, text.key(), one -> one.withFit(new Fit(room, lines, squeeze, false, together))));
        }
        add(
                "lines",
                where + " in two lines, least " + Math.round(least * 100) + " %",
                Changes.text(
                        graphic,
                        text.key(),
                        one -> one.withFit(new Fit(room, Math.max(2, lines), least, false, together))));
    }

    private void squeeze() {
        text(fault.part()).ifPresent(text -> {
            text.fit().ifPresent(fit -> {
                for (double least : new double[] {USUAL_LEAST, LOWER_LEAST, 0.3}) {
                    if (least >= fit.least()) continue;
                    add(
                            "squeeze",
                            fault.part() + " squeezed to " + Math.round(least * 100) + " % instead of "
                                    + Math.round(fit.least() * 100) + " %",
                            Changes.text(graphic, text.key(), one -> one.withFit(fit.withLeast(least))));
                }
                add(
                        "lines",
                        fault.part() + " in up to " + (fit.lines() + 1) + " lines",
                        Changes.text(graphic, text.key(), one -> one.withFit(fit.withLines(fit.lines() + 1))));
            });
            limits(text);
            smaller(text);
        });
    }

    private void cut() {
        graphic.part(fault.other()).ifPresent(mask -> {
            pads(mask, Math.ceil(fault.measured()) + 1);
            add(
                    "mask",
                    fault.part() + " not seen through " + mask.key(),
                    Changes.base(
                            graphic,
                            fault.part(),
                            base -> base.withMasks(base.masks().stream()
                                    .filter(one -> !one.by().equals(mask.key()))
                                    .toList())));
        });
        text(fault.part()).ifPresent(this::smaller);
    }

    private void over() {
        double gap = Math.ceil(8 * graphic.frame().height() / 1080.0);
        add(
                "below",
                fault.part() + " below " + fault.other(),
                Changes.base(
                        graphic,
                        fault.part(),
                        base -> base.withSpans(
                                base.x(),
                                new Span(base.y().size(), new Place.Hang(Edge.START, fault.other(), Edge.END, gap)))));
        text(fault.other()).ifPresent(text -> {
            if (!rest.isPresent(fault.part()) || !rest.isPresent(text.key())) return;
            double room =
                    rest.box(fault.part()).x() - gap - rest.box(text.key()).x();
            fits(text, room, "before " + fault.part());
            limits(text);
        });
        text(fault.part()).ifPresent(this::limits);
    }

    /** A box whose texts are all blank waits for one of their fields. */
    private void blank() {
        for (Part part : graphic.parts()) {
            if (!(part instanceof TextPart text)) continue;
            for (String field : TextPattern.fields(text.text())) {
                if (!touches(part)) continue;
                add("needs " + field, fault.part() + " needs " + field, Changes.base(graphic, fault.part(), base -> {
                    List<String> needs = new ArrayList<>(base.needs());
                    needs.add(field);
                    return base.withNeeds(needs);
                }));
            }
        }
    }

    private boolean touches(Part text) {
        Part box = graphic.part(fault.part()).orElseThrow();
        for (Axis axis : Axis.values()) {
            if (text.span(axis).place() instanceof Place.Hang hang && hang.on().equals(box.key())) return true;
            if (box.span(axis).place() instanceof Place.Hang hang && hang.on().equals(text.key())) return true;
            if (box.span(axis).size() instanceof Size.Wraps wraps
                    && wraps.parts().contains(text.key())) return true;
            if (box.span(axis).size() instanceof Size.Matches matches
                    && matches.part().equals(text.key())) return true;
        }
        return false;
    }

    private void stretch() {
        text(fault.part())
                .flatMap(TextPart::fit)
                .ifPresent(fit -> add(
                        "both",
                        fault.part() + " squeezed in height as well",
                        Changes.text(graphic, fault.part(), one -> one.withFit(fit.withBoth()))));
    }

    private void smaller(TextPart text) {
        for (double share : SMALLER) {
            TextStyle style = text.style();
            double size = Math.floor(style.size() * share);
            add(
                    "size of letters",
                    "letters of " + text.key() + " " + NumberWords.of(size) + " px instead of "
                            + NumberWords.of(style.size()),
                    Changes.text(graphic, text.key(), one -> one.withStyle(style.withSize(size))));
        }
    }

    /** Letters that a field has to hold: those of its sample and of every trial. */
    private int meant(Field field) {
        int most = Letters.count(field.sample(), writing);
        for (Trial trial : graphic.trials()) {
            most = Math.max(most, Letters.count(trial.values().getOrDefault(field.key(), ""), writing));
        }
        return Math.max(1, most);
    }

    /** As many letters as are in its field where the fault is worst, less one, and a little fewer. */
    private void limits(TextPart text) {
        for (String key : TextPattern.fields(text.text())) {
            Field field = graphic.field(key).orElse(null);
            if (field == null || !field.isText()) continue;
            int letters = Letters.count(worst.values().getOrDefault(key, ""), writing);
            int meant = meant(field);
            for (double share : new double[] {0.9, 0.75, 0.5}) {
                int limit = (int) Math.floor(letters * share);
                if (limit < meant || field.longest() > 0 && limit >= field.longest()) continue;
                add(
                        "limit " + key,
                        field.label() + " holds " + limit + " letters at most",
                        Changes.longest(graphic, key, limit));
            }
        }
    }
}
