package glimble.prove;

import glimble.formats.tables.Table;
import glimble.proof.Fault;
import glimble.proof.Finding;
import java.util.ArrayList;
import java.util.List;

/** What a proof found, as a table: a row for each finding, with what shows it. */
public final class FindingsTable {
    private static final List<String> COLUMNS = List.of(
            "check",
            "part",
            "other",
            "phase",
            "frame",
            "measured",
            "allowed",
            "unit",
            "finding",
            "to mend",
            "fillings",
            "shown by",
            "accepted");

    private FindingsTable() {}

    /** @return CSV (RFC 4180) */
    public static String csv(ProofRun.Standing proof) {
        List<List<String>> rows = new ArrayList<>();
        for (Finding finding : proof.findings()) {
            Fault worst = finding.worst();
            rows.add(List.of(
                    worst.check().word(),
                    worst.part(),
                    worst.other(),
                    worst.when(),
                    Integer.toString(worst.frame()),
                    Double.toString(worst.measured()),
                    Double.toString(worst.allowed()),
                    worst.unit(),
                    worst.sentence(),
                    worst.mend(),
                    Integer.toString(finding.trials().size()),
                    ProofSheet.words(proof.shown(finding)),
                    finding.accepted().orElse("")));
        }
        return Table.write(COLUMNS, rows);
    }
}
