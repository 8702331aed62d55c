package glimble.server.air;

import glimble.graphic.Field;
import glimble.server.graphics.Designs;
import glimble.server.problems.NotThere;
import glimble.server.problems.Refused;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What was on air, when, with which texts and revision. */
@RestController
@RequestMapping("/api/outputs/{output}/log")
class LogController {
    private static final int PAGE = 100;
    private static final int MOST = 100_000;
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final AirMapper mapper;
    private final Designs designs;
    private final JsonMapper json;

    LogController(AirMapper mapper, Designs designs, JsonMapper json) {
        this.mapper = mapper;
        this.designs = designs;
        this.json = json;
    }

    /**
     * One thing that was done.
     *
     * @param frame of the output at which it began
     * @param graphic name of the graphic, empty for what fills nothing in
     * @param revision of it, 0 likewise
     * @param number of the cue, empty if it was none
     * @param values texts by label, none likewise
     */
    record LogLine(
            long event,
            Instant doneAt,
            String person,
            ActKind kind,
            String berth,
            long frame,
            String graphic,
            int revision,
            String number,
            Map<String, String> values) {}

    /**
     * Newest first, a page at a time.
     *
     * @param before events before this one; missing for the last
     * @param berth missing for all
     * @param words part of what was filled in, or the number of a cue; missing for all
     */
    @GetMapping
    List<LogLine> log(
            @PathVariable long output,
            @RequestParam(required = false) Long before,
            @RequestParam(required = false) String berth,
            @RequestParam(required = false) String words) {
        return lines(output, before, berth, words, PAGE);
    }

    /** All of it that is asked for, newest first. */
    @GetMapping("/csv")
    ResponseEntity<String> csv(
            @PathVariable long output,
            @RequestParam(required = false) String berth,
            @RequestParam(required = false) String words) {
        String name =
                ContentDisposition.attachment().filename("on-air.csv").build().toString();
        return ResponseEntity.ok()
                .contentType(CSV)
                .header(HttpHeaders.CONTENT_DISPOSITION, name)
                .body(written(lines(output, null, berth, words, MOST)));
    }

    private List<LogLine> lines(long output, Long before, String berth, String words, int most) {
        if (mapper.output(output).isEmpty()) throw new NotThere("There is no output " + output + ".");
        return mapper.log(output, before, given(berth), given(words), most).stream()
                .map(this::line)
                .toList();
    }

    private static String given(String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }

    private LogLine line(LogEntry entry) {
        boolean fills = entry.graphic() != null;
        return new LogLine(
                entry.event(),
                entry.doneAt(),
                entry.person(),
                entry.kind(),
                entry.berth(),
                entry.frame(),
                fills ? name(entry) : "",
                fills ? entry.revision() : 0,
                entry.number() == null ? "" : entry.number(),
                fills ? labelled(entry) : Map.of());
    }

    private String name(LogEntry entry) {
        try {
            return designs.of(entry.graphic(), entry.revision()).name();
        } catch (NotThere | Refused e) {
            return "graphic " + entry.graphic();
        }
    }

    private Map<String, String> labelled(LogEntry entry) {
        Map<String, String> values = json.readValue(entry.filling(), new TypeReference<Map<String, String>>() {});
        Map<String, String> labelled = new TreeMap<>();
        try {
            List<Field> fields = designs.of(entry.graphic(), entry.revision()).fields();
            for (Field field : fields) {
                String value = values.getOrDefault(field.key(), "");
                if (!value.isEmpty()) labelled.put(field.label(), value);
            }
            return labelled;
        } catch (NotThere | Refused e) {
            return values;
        }
    }

    private static String written(List<LogLine> lines) {
        StringWriter written = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(written, CSVFormat.RFC4180)) {
            printer.printRecord(
                    "event", "time", "person", "act", "berth", "frame", "cue", "graphic", "revision", "texts");
            for (LogLine line : lines) {
                StringBuilder texts = new StringBuilder();
                line.values()
                        .forEach((label, value) -> texts.append(texts.isEmpty() ? "" : "\n")
                                .append(label)
                                .append(": ")
                                .append(value));
                printer.printRecord(
                        line.event(),
                        line.doneAt(),
                        line.person(),
                        line.kind().name().toLowerCase(java.util.Locale.ROOT),
                        line.berth(),
                        line.frame(),
                        line.number(),
                        line.graphic(),
                        line.graphic().isEmpty() ? "" : line.revision(),
                        texts);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return written.toString();
    }
}
