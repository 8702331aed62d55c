package glimble.document;

import glimble.graphic.Case;
import glimble.graphic.Condition;
import glimble.graphic.PhaseName;
import glimble.graphic.ProofRules;
import glimble.graphic.Reach;
import glimble.graphic.Variant;
import java.util.ArrayList;
import java.util.List;

/** Writes variants, cases and what is said of the proof as {@link CaseReader} reads them. */
final class CaseWriter {
    private CaseWriter() {}

    static Tree variant(Variant variant) {
        Tree.Maker maker = PhaseWriter.phase(variant.phase())
                .put("name", variant.name())
                .put("phase", variant.phase().name().word());
        return maker.putUnlessEmpty(
                        "stands",
                        variant.stands().stream().map(CaseWriter::stand).toList())
                .made();
    }

    private static Tree stand(Variant.Stand stand) {
        return Tree.object()
                .put("part", stand.part())
                .put("axis", CaseReader.word(stand.axis()))
                .put("size", GraphicWriter.size(stand.span().size()))
                .put("place", GraphicWriter.place(stand.span().place(), stand.axis()))
                .made();
    }

    static Tree row(Case row) {
        Tree.Maker maker = Tree.object()
                .put("name", row.name())
                .putUnlessEmpty(
                        "when", row.when().stream().map(CaseWriter::condition).toList());
        putNamed(maker, "in", row.played().in());
        putNamed(maker, "loop", row.played().loop());
        putNamed(maker, "out", row.played().out());
        putNamed(maker, "swap", row.played().swap());
        return row.alone() ? maker.put("alone", true).made() : maker.made();
    }

    private static void putNamed(Tree.Maker maker, String phase, String name) {
        if (!name.isEmpty()) maker.put(phase, name);
    }

    private static Tree condition(Condition condition) {
        Tree.Maker maker = Tree.object();
        condition.about().ifPresent(field -> maker.put("field", field));
        if (condition instanceof Condition.Filled filled) maker.put("is", filled.filled() ? "filled" : "blank");
        if (condition instanceof Condition.OneOf one && one.texts().size() == 1) {
            maker.put("equals", one.texts().get(0));
        } else if (condition instanceof Condition.OneOf one) {
            maker.put("oneOf", new Tree.Arr(texts(one.texts())));
        }
        if (condition instanceof Condition.Longer longer) maker.put("longerThan", longer.letters());
        if (condition instanceof Condition.Wider wider) maker.put("widerThan", wider(wider));
        if (condition instanceof Condition.Number number) {
            maker.put(number.atLeast() ? "atLeast" : "atMost", number.bound());
        }
        if (condition instanceof Condition.OnAir air)
            maker.put("onAir", air.standing().word());
        return maker.made();
    }

    private static Tree wider(Condition.Wider wider) {
        Tree.Maker maker = Tree.object();
        return wider.part().isEmpty()
                ? maker.put("px", wider.px()).made()
                : maker.put("part", wider.part()).made();
    }

    private static List<Tree> texts(List<String> texts) {
        return texts.stream().map(text -> (Tree) new Tree.Text(text)).toList();
    }

    static Tree proof(ProofRules proof) {
        Tree.Maker limits = Tree.object();
        proof.limits().forEach(limits::put);
        Tree.Maker maker = Tree.object();
        if (!proof.limits().isEmpty()) maker.put("limits", limits.made());
        return maker.putUnlessEmpty(
                        "accepted",
                        proof.accepted().stream().map(CaseWriter::accepted).toList())
                .made();
    }

    private static Tree accepted(ProofRules.Accepted accepted) {
        Tree.Maker maker = Tree.object().put("check", accepted.check());
        if (!accepted.part().isEmpty()) maker.put("part", accepted.part());
        accepted.against().ifPresent(against -> maker.put("against", against));
        accepted.phase().ifPresent(phase -> maker.put("phase", seenIn(phase)));
        accepted.measured().ifPresent(measured -> maker.put("measured", measured));
        maker.putUnlessEmpty("with", reach(accepted.reach()));
        return maker.put("reason", accepted.reason()).made();
    }

    /** A phase as what is accepted says it. */
    static String seenIn(PhaseName phase) {
        return phase == PhaseName.BACK ? "change" : phase.word();
    }

    private static List<Tree> reach(Reach reach) {
        List<Tree> with = new ArrayList<>();
        reach.fields().forEach((key, words) -> with.add(kinds("field", key, words)));
        reach.dials().forEach((key, words) -> with.add(kinds("dial", key, words)));
        return with;
    }

    private static Tree kinds(String of, String key, List<String> words) {
        return Tree.object().put(of, key).putUnlessEmpty("like", texts(words)).made();
    }
}
