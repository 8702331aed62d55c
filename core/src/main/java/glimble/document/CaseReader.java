package glimble.document;

import glimble.graphic.Axis;
import glimble.graphic.Case;
import glimble.graphic.Condition;
import glimble.graphic.Limits;
import glimble.graphic.Phase;
import glimble.graphic.PhaseName;
import glimble.graphic.Played;
import glimble.graphic.ProofRules;
import glimble.graphic.Reach;
import glimble.graphic.Span;
import glimble.graphic.Variant;
import glimble.text.Blank;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;

/** Reads variants, cases and what is said of the proof. */
final class CaseReader {
    private static final String[] PHASES = {"in", "loop", "out", "away", "back"};

    private CaseReader() {}

    static List<Variant> variants(Spot graphic) {
        List<Variant> variants = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        for (Spot item : graphic.items("variants", Limits.VARIANTS)) {
            item.only(
                    "name",
                    "phase",
                    "moves",
                    "delays",
                    "staggers",
                    "spans",
                    "steps",
                    "length",
                    "mirrors",
                    "frames",
                    "share",
                    "meet",
                    "flow",
                    "stands");
            String phase = item.choice("phase", PHASES, word -> word);
            String name = item.at("name").key();
            if (!taken.add(phase + " " + name)) {
                item.at("name").problem("is used twice; every variant of a phase needs a name of its own");
            }
            variants.add(new Variant(name, phase(item, phase), stands(item)));
        }
        return variants;
    }

    private static Phase phase(Spot spot, String phase) {
        onlyOf(spot, "steps", phase, "in");
        onlyOf(spot, "length", phase, "loop");
        onlyOf(spot, "mirrors", phase, "out");
        onlyOf(spot, "frames", phase, "out");
        onlyOf(spot, "share", phase, "out");
        onlyOf(spot, "meet", phase, "back");
        onlyOf(spot, "flow", phase, "back");
        boolean swap = phase.equals("away") || phase.equals("back");
        if (swap && spot.has("spans")) spot.at("spans").problem("are only for a variant of in or out");
        if (swap && spot.has("stands")) {
            spot.at("stands").problem("are only for a variant of in, loop or out: a swap is over when it rests");
        }
        return switch (phase) {
            case "in" -> PhaseReader.inOf(spot);
            case "loop" -> PhaseReader.loopOf(spot);
            case "away" -> PhaseReader.awayOf(spot);
            case "back" -> PhaseReader.backOf(spot);
            default -> PhaseReader.outOf(spot);
        };
    }

    private static void onlyOf(Spot spot, String name, String phase, String of) {
        if (spot.has(name) && !phase.equals(of)) spot.at(name).problem("is only for a variant of " + of);
    }

    private static List<Variant.Stand> stands(Spot spot) {
        List<Variant.Stand> stands = new ArrayList<>();
        for (Spot item : spot.items("stands", Limits.PARTS)) {
            item.only("part", "axis", "size", "place");
            Axis axis = item.choice("axis", Axis.values(), CaseReader::word);
            Span span = new Span(PartReader.size(item.at("size")), PartReader.place(item.at("place"), axis));
            stands.add(new Variant.Stand(item.at("part").key(), axis, span));
        }
        return stands;
    }

    static String word(Axis axis) {
        return axis == Axis.X ? "x" : "y";
    }

    static List<Case> cases(Spot graphic) {
        List<Case> cases = new ArrayList<>();
        for (Spot item : graphic.items("cases", Limits.CASES)) {
            item.only("name", "when", "in", "loop", "out", "swap", "alone");
            List<Condition> when = new ArrayList<>();
            for (Spot condition : item.items("when", Limits.CONDITIONS)) when.add(condition(condition));
            Played played = new Played(named(item, "in"), named(item, "loop"), named(item, "out"), named(item, "swap"));
            cases.add(new Case(item.at("name").text(Limits.KEY), when, played, item.flag("alone", false)));
        }
        return cases;
    }

    private static String named(Spot spot, String phase) {
        return spot.has(phase) ? spot.at(phase).key() : "";
    }

    private static Condition condition(Spot spot) {
        if (spot.has("onAir")) {
            spot.only("onAir");
            return new Condition.OnAir(spot.choice("onAir", Condition.Standing.values(), Condition.Standing::word));
        }
        spot.only("field", "is", "equals", "oneOf", "longerThan", "widerThan", "atLeast", "atMost");
        String field = spot.at("field").key();
        Map<String, java.util.function.Function<Spot, Condition>> readers = new HashMap<>();
        readers.put("is", at -> new Condition.Filled(field, filled(at)));
        readers.put(
                "equals",
                at -> new Condition.OneOf(
                        field, List.of(Blank.stripped(at.at("equals").text(Limits.TEXT)))));
        readers.put("oneOf", at -> new Condition.OneOf(field, texts(at)));
        readers.put("longerThan", at -> new Condition.Longer(field, at.whole("longerThan", 0, Limits.TEXT)));
        readers.put("widerThan", at -> wider(field, at.at("widerThan")));
        readers.put("atLeast", at -> new Condition.Number(field, true, at.number("atLeast", -1e12, 1e12)));
        readers.put("atMost", at -> new Condition.Number(field, false, at.number("atMost", -1e12, 1e12)));
        return spot.oneOf(readers, new Condition.Filled(field, true));
    }

    private static boolean filled(Spot spot) {
        String word = spot.choice("is", new String[] {"filled", "blank", "on", "off"}, any -> any);
        return word.equals("filled") || word.equals("on");
    }

    private static List<String> texts(Spot spot) {
        List<String> texts = new ArrayList<>();
        for (Spot item : spot.items("oneOf", Limits.OPTIONS)) {
            texts.add(Blank.stripped(item.text(Limits.TEXT)));
        }
        if (texts.isEmpty()) spot.at("oneOf").problem("must name at least one text");
        return texts;
    }

    private static Condition wider(String field, Spot spot) {
        spot.only("px", "part");
        if (spot.has("part")) return new Condition.Wider(field, spot.at("part").key(), 0);
        return new Condition.Wider(field, "", spot.number("px", 0, Limits.PX));
    }

    static ProofRules proof(Spot graphic) {
        if (!graphic.has("proof")) return ProofRules.USUAL;
        Spot spot = graphic.at("proof");
        spot.only("limits", "accepted");
        Map<String, Double> limits = new TreeMap<>();
        if (spot.has("limits")) {
            Spot at = spot.at("limits");
            for (String check : at.members().keySet()) limits.put(check, at.number(check, 0, 1e6));
        }
        List<ProofRules.Accepted> accepted = new ArrayList<>();
        for (Spot item : spot.items("accepted", Limits.PARTS)) {
            item.only("check", "part", "against", "phase", "measured", "with", "reason");
            String reason = item.at("reason").text(Limits.TEXT);
            if (reason.isBlank()) item.at("reason").problem("must say why the fault is meant");
            accepted.add(new ProofRules.Accepted(
                    item.at("check").text(Limits.KEY),
                    item.has("part") ? item.at("part").key() : "",
                    item.has("against") ? Optional.of(item.at("against").text(Limits.KEY)) : Optional.empty(),
                    item.has("phase") ? Optional.of(seenIn(item)) : Optional.empty(),
                    item.has("measured")
                            ? OptionalDouble.of(item.number("measured", -1e6, 1e6))
                            : OptionalDouble.empty(),
                    reach(item),
                    reason));
        }
        return new ProofRules(limits, accepted);
    }

    private static PhaseName seenIn(Spot accepted) {
        PhaseName[] phases = {PhaseName.IN, PhaseName.LOOP, PhaseName.OUT, PhaseName.BACK};
        return accepted.choice("phase", phases, CaseWriter::seenIn);
    }

    private static Reach reach(Spot accepted) {
        Map<String, List<String>> fields = new TreeMap<>();
        Map<String, List<String>> dials = new TreeMap<>();
        for (Spot item : accepted.items("with", Limits.PARTS)) {
            item.only("field", "dial", "like");
            if (item.has("field") == item.has("dial")) item.problem("must have exactly one of: dial, field");
            boolean dial = item.has("dial");
            List<String> words = new ArrayList<>();
            for (Spot word : item.items("like", Limits.PARTS)) words.add(word.text(Limits.TEXT));
            (dial ? dials : fields).put(item.at(dial ? "dial" : "field").key(), words);
        }
        return new Reach(fields, dials);
    }
}
