package glimble.server.air;

import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.server.graphics.Designs;
import glimble.server.problems.NotThere;
import glimble.server.problems.Refused;
import glimble.server.tables.CsvAnswer;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** What was on air, when, with which texts and revision. */
@RestController
@RequestMapping("/api/outputs/{output}/log")
class LogController {
    private static final int PAGE = 100;
    private static final int MOST = 100_000;
    private static final List<String> COLUMNS =
            List.of("event", "time", "person", "act", "berth", "frame", "cue", "graphic", "revision", "texts");

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
     * @param values texts, and what was set of dials, by label; none likewise
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
        List<List<String>> rows = lines(output, null, berth, words, MOST).stream()
                .map(LogController::row)
                .toList();
        return CsvAnswer.of("on-air", COLUMNS, rows);
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
                fills ? LogWords.graphic(entry, designs) : "",
                fills ? entry.revision() : 0,
                entry.number() == null ? "" : entry.number(),
                fills ? labelled(entry) : Map.of());
    }

    private Map<String, String> labelled(LogEntry entry) {
        Map<String, String> values = entry.values(json);
        Map<String, String> labelled = new TreeMap<>();
        try {
            Graphic graphic = designs.of(entry.graphic(), entry.revision());
            Map<String, String> dials = entry.set(json);
            for (Dial dial : graphic.dials()) {
                String setting = dials.getOrDefault(dial.key(), "");
                if (!setting.isEmpty()) labelled.put(dial.label(), setting);
            }
            for (Field field : graphic.fields()) {
                String value = values.getOrDefault(field.key(), "");
                if (!value.isEmpty()) labelled.put(field.label(), value);
            }
            return labelled;
        } catch (NotThere | Refused e) {
            return values;
        }
    }

    private static List<String> row(LogLine line) {
        String texts = line.values().entrySet().stream()
                .map(text -> text.getKey() + ": " + text.getValue())
                .collect(Collectors.joining("\n"));
        return List.of(
                String.valueOf(line.event()),
                line.doneAt().toString(),
                line.person(),
                line.kind().name().toLowerCase(Locale.ROOT),
                line.berth(),
                String.valueOf(line.frame()),
                line.number(),
                line.graphic(),
                line.graphic().isEmpty() ? "" : String.valueOf(line.revision()),
                texts);
    }
}
