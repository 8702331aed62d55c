package glimble.prove;

import glimble.graphic.Check;
import glimble.graphic.ProofRules;
import glimble.proof.Filling;
import glimble.proof.Finding;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A proof as one HTML page that needs nothing else: findings with pictures, the rules, and every filling. */
public final class ProofSheet {
    private static final String STYLE = """
            body{font:15px/1.5 system-ui,sans-serif;margin:32px auto;max-width:980px;padding:0 20px;color:#1F1A2B}
            h1{font-size:24px;margin:0}h2{font-size:18px;margin:32px 0 8px}
            table{border-collapse:collapse;width:100%}td,th{border-bottom:1px solid #d9d4e3;padding:5px 8px;text-align:left;vertical-align:top}
            img{width:480px;max-width:100%;background:#6d7480;display:block;border-radius:4px}
            article{display:grid;grid-template-columns:minmax(0,480px) 1fr;gap:18px;margin:18px 0;break-inside:avoid}
            h3{margin:0;font-size:15px}p{margin:4px 0}.muted{color:#5f5870}.sound{color:#1d6b4f;font-weight:600}
            """;

    private ProofSheet() {}

    /** Draws the picture that a finding is about; empty if there is none. */
    public interface Drawing {
        /** @return a PNG */
        Optional<byte[]> png(Finding finding, Filling filling);
    }

    /**
     * @param title name and revision of the graphic
     * @param rules what is said of the proof of the graphic
     */
    public static String html(String title, ProofRun.Standing proof, ProofRules rules, Drawing drawing) {
        StringBuilder page =
                new StringBuilder("<!doctype html><html lang=\"en\"><meta charset=\"utf-8\"><title>Proof of ");
        page.append(escaped(title)).append("</title><style>").append(STYLE).append("</style><h1>Proof of ");
        page.append(escaped(title)).append("</h1>");
        page.append("<p>Proved with ").append(proof.done()).append(" fillings, every frame of each. ");
        long open = proof.open();
        page.append(open == 0 ? "<span class=\"sound\">Nothing was found.</span>" : count(open, "finding"));
        if (!proof.left().isEmpty())
            page.append(" Not everything was tried: ")
                    .append(escaped(proof.left()))
                    .append(".");
        if (!proof.finished()) page.append(" The proof was stopped before its end.");
        page.append("</p>");
        section(page, "Findings", proof, false, drawing);
        section(page, "Accepted", proof, true, drawing);
        rules(page, rules);
        fillings(page, proof.fillings());
        return page.append("</html>\n").toString();
    }

    public static String count(long count, String word) {
        return count + " " + word + (count == 1 ? "" : "s");
    }

    private static void section(
            StringBuilder page, String heading, ProofRun.Standing proof, boolean accepted, Drawing drawing) {
        List<Finding> of = proof.findings().stream()
                .filter(finding -> finding.accepted().isPresent() == accepted)
                .toList();
        if (of.isEmpty()) return;
        page.append("<h2>").append(heading).append("</h2>");
        for (Finding finding : of) finding(page, finding, proof, drawing);
    }

    private static void finding(StringBuilder page, Finding finding, ProofRun.Standing proof, Drawing drawing) {
        List<Filling> fillings = proof.fillings();
        page.append("<article><div>");
        drawing.png(finding, fillings.get(finding.trial()))
                .ifPresent(png -> page.append("<img alt=\"the worst frame\" src=\"data:image/png;base64,")
                        .append(Base64.getEncoder().encodeToString(png))
                        .append("\">"));
        page.append("</div><div><h3>").append(escaped(sentence(finding))).append("</h3>");
        paragraph(
                page,
                "",
                "worst in " + finding.worst().when() + ", frame "
                        + finding.worst().frame() + "; "
                        + count(finding.trials().size(), "filling") + " of " + fillings.size());
        paragraph(page, "To mend: ", finding.worst().mend());
        finding.accepted().ifPresent(reason -> paragraph(page, "Accepted: ", reason));
        finding.outgrown().ifPresent(more -> paragraph(page, "", more));
        paragraph(page, "Shown by: ", words(proof.shown(finding)));
        page.append("</div></article>");
    }

    /** What is wrong, with the part it is about. */
    public static String sentence(Finding finding) {
        String part = finding.worst().part();
        return finding.worst().check().word() + " · " + (part.isEmpty() ? "" : part + ": ")
                + finding.worst().sentence();
    }

    public static String words(Filling filling) {
        StringBuilder words = new StringBuilder(words(filling.values()));
        for (Filling.Then then : filling.then()) {
            words.append(", ").append(then.at().word()).append(" to ").append(words(then.values()));
        }
        return filling.isChange() ? "from " + words : words.toString();
    }

    private static String words(Map<String, String> values) {
        List<String> words = values.entrySet().stream()
                .filter(value -> !value.getValue().isEmpty())
                .map(value -> value.getKey() + " ‘" + value.getValue() + "’")
                .toList();
        return words.isEmpty() ? "everything blank" : String.join(", ", words);
    }

    private static void paragraph(StringBuilder page, String label, String text) {
        page.append("<p class=\"muted\">").append(label).append(escaped(text)).append("</p>");
    }

    private static void rules(StringBuilder page, ProofRules rules) {
        page.append("<h2>What was looked for</h2><table>");
        for (Check check : Check.values()) {
            double limit = check.limit(rules, (int) Check.USUAL_HEIGHT);
            page.append("<tr><th>").append(check.word()).append("</th><td>").append(escaped(check.rule()));
            page.append("</td><td>")
                    .append(limit == Math.rint(limit) ? Long.toString((long) limit) : Double.toString(limit));
            page.append(" ").append(escaped(check.unit())).append("</td></tr>");
        }
        page.append("</table>");
    }

    private static void fillings(StringBuilder page, List<Filling> fillings) {
        page.append("<h2>Fillings</h2><table>");
        for (int i = 0; i < fillings.size(); i++) {
            page.append("<tr><td>").append(i + 1).append("</td><td dir=\"auto\">");
            page.append(escaped(words(fillings.get(i)))).append("</td></tr>");
        }
        page.append("</table>");
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
