package glimble.mend;

import glimble.graphic.BoxPart;
import glimble.graphic.Case;
import glimble.graphic.Condition;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.LinePart;
import glimble.graphic.Paint;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.Played;
import glimble.graphic.TextPart;
import glimble.graphic.Travel;
import glimble.graphic.Variant;
import glimble.proof.Fault;
import glimble.proof.Filling;
import glimble.text.Blank;
import glimble.text.NumberWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** What may mend a fault of colours, cases or time. */
final class WholeMends {
    private final Graphic graphic;
    private final Fault fault;
    private final Filling worst;
    private final Palette palette;
    private final List<Candidate> found = new ArrayList<>();

    WholeMends(Graphic graphic, Fault fault, Filling worst, Palette palette) {
        this.graphic = graphic;
        this.fault = fault;
        this.worst = worst;
        this.palette = palette;
    }

    private void add(String kind, String words, Graphic changed) {
        if (!changed.equals(graphic)) found.add(new Candidate(kind, words, changed));
    }

    List<Candidate> all() {
        switch (fault.check()) {
            case CONTRAST -> contrast();
            case COLOUR -> colours();
            case CASES -> cases();
            case READ -> stay();
            case LENGTH -> length();
            default -> {}
        }
        return found;
    }

    private void contrast() {
        if (fault.phase() == PhaseName.LOOP) steadier();
        colours();
    }

    /** It fades less while it stands. */
    private void steadier() {
        for (double least : new double[] {0.7, 0.8, 0.9}) {
            add(
                    "fades less",
                    fault.part() + " fades to " + NumberWords.of(least) + " at least in the loop",
                    graphic.withPhases(one -> one.name() != PhaseName.LOOP
                            ? one
                            : one.withMoves(one.moves().stream()
                                    .map(move -> move.part().equals(fault.part())
                                                    && move.channel() == glimble.graphic.Channel.OPACITY
                                                    && move.travel() instanceof Travel.Factor factor
                                                    && factor.factor() < least
                                            ? move.withTravel(new Travel.Factor(least))
                                            : move)
                                    .toList())));
        }
    }

    /** Every colour of the palette, those that change least first. */
    private void colours() {
        Part part = graphic.part(fault.part()).orElse(null);
        if (part == null) return;
        Paint paint = paint(part);
        if (!(paint instanceof Paint.Colour now)) return;
        double[] own = rgb(palette.colour(now.colour()));
        List<Map.Entry<String, String>> entries =
                new ArrayList<>(palette.colours().entrySet());
        entries.sort(Comparator.comparingDouble(entry -> distance(own, rgb(entry.getValue()))));
        for (Map.Entry<String, String> entry : entries) {
            String words = (part instanceof TextPart ? "letters of " : "") + part.key() + " in " + entry.getKey()
                    + " instead of " + now.colour();
            add(
                    "colour " + entry.getKey(),
                    words,
                    Changes.part(graphic, part.key(), one -> filled(one, new Paint.Colour(entry.getKey()))));
        }
    }

    private static Paint paint(Part part) {
        if (part instanceof TextPart text) return text.style().fill();
        if (part instanceof BoxPart box) return box.fill();
        return part instanceof LinePart line ? line.fill() : null;
    }

    private static Part filled(Part part, Paint fill) {
        if (part instanceof TextPart text) return text.withStyle(text.style().withFill(fill));
        return part instanceof BoxPart box ? box.withFill(fill) : ((LinePart) part).withFill(fill);
    }

    private static double[] rgb(String colour) {
        if (!Palette.isColour(colour)) return new double[3];
        double[] rgb = new double[3];
        for (int i = 0; i < 3; i++) rgb[i] = Integer.parseInt(colour.substring(1 + 2 * i, 3 + 2 * i), 16);
        return rgb;
    }

    private static double distance(double[] a, double[] b) {
        return Math.hypot(Math.hypot(a[0] - b[0], a[1] - b[1]), a[2] - b[2]);
    }

    /** A case for what none answers: with a variant that no case plays yet, or with the phases themselves. */
    private void cases() {
        if (!fault.other().equals("none")) return;
        for (Variant variant : graphic.variants()) {
            boolean used = graphic.cases().stream()
                    .anyMatch(row -> name(row.played(), variant.phase().name()).equals(variant.name()));
            if (used || variant.phase().name() != PhaseName.IN) continue;
            Played played = new Played(variant.name(), "", "");
            add(
                    "case " + variant.name(),
                    "a last case ‘" + variant.name() + "’ for whatever is left, with that variant of in",
                    with(new Case(variant.name(), List.of(), played, false)));
        }
        add(
                "last case",
                "a last case for whatever is left, with in, loop and out themselves",
                with(new Case("whatever is left", List.of(), new Played("", "", ""), false)));
        List<Condition> exactly = new ArrayList<>();
        graphic.fields()
                .forEach(field -> exactly.add(new Condition.Filled(
                        field.key(), !Blank.isBlank(worst.values().getOrDefault(field.key(), "")))));
        add(
                "case",
                "a case for just these fields filled and blank",
                with(new Case("these", exactly, new Played("", "", ""), false)));
    }

    private static String name(Played played, PhaseName phase) {
        return played.of(phase);
    }

    private Graphic with(Case row) {
        List<Case> cases = new ArrayList<>(graphic.cases());
        cases.add(row);
        return graphic.withCases(cases);
    }

    private void stay() {
        if (!(fault.measured() > fault.allowed()) || fault.allowed() <= 0) return;
        for (double more : new double[] {1, 1.25}) {
            double times = fault.measured() / fault.allowed() * more;
            lasting((int) Math.ceil(graphic.frame().length() * times));
        }
    }

    private void length() {
        lasting(graphic.frame().length() + (int) Math.ceil(fault.measured()));
        lasting(graphic.frame().length() + (int) Math.ceil(2 * fault.measured()));
    }

    private void lasting(int frames) {
        Frame now = graphic.frame();
        add("length", frames + " frames long instead of " + now.length(), graphic.withFrame(now.withLength(frames)));
    }
}
