package glimble.server;

import glimble.formats.GraphicSchema;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.Schema;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.JsonNode;

/** The description of the API, from which the types of the user interface are made. */
@Configuration
class OpenApiConfig {
    /** The only members, by schema, that may be missing from what the server sends or takes. */
    private static final Map<String, List<String>> OPTIONAL = Map.ofEntries(
            Map.entry("Bar", List.of("waitsFor", "waitsForPart")),
            Map.entry("ReelsRequest", List.of("length", "leaves", "onAir", "played", "seenAs", "dials")),
            Map.entry("ReelsAnswer", List.of("design", "seen")),
            Map.entry("FindingAnswer", List.of("reduced", "accepted", "outgrown")),
            Map.entry("KindAnswer", List.of("field", "dial")),
            Map.entry("NamesAnswer", List.of("csv")),
            Map.entry("NamesRequest", List.of("csv", "file")),
            Map.entry("ProofAnswer", List.of("left", "why")),
            Map.entry("ChangesRequest", List.of("seenAs", "played", "dials")),
            Map.entry("SpareRequest", List.of("field", "holds", "dials")),
            Map.entry("Stage", List.of("phase", "frame", "looped", "share", "waits", "at")),
            Map.entry("Layer", List.of("ribbon", "solid", "grade")),
            Map.entry("Grade", List.of("tint")),
            Map.entry("PaletteEntry", List.of("made")),
            Map.entry("Made", List.of("mixed", "lighter", "vivid", "turned")),
            Map.entry("Played", List.of("swap")),
            Map.entry("FillingAnswer", List.of("then", "dials")),
            Map.entry("ThenAnswer", List.of("dials")),
            Map.entry("Leaves", List.of("looped", "share")),
            Map.entry("RestAnswer", List.of("at", "why", "eased")),
            Map.entry("NewRaster", List.of("by")),
            Map.entry("EditRequest", List.of("newName", "keys", "steps", "by", "keeps", "raster", "phase")),
            Map.entry("DraftAnswer", List.of("draft")),
            Map.entry("NewGraphicRequest", List.of("saveId")),
            Map.entry("SaveRequest", List.of("saveId")),
            Map.entry("HouseRequest", List.of("saveId")),
            Map.entry("NewSheetRequest", List.of("copyOf", "saveId")),
            Map.entry("UndoRequest", List.of("saveId")),
            Map.entry("ActRequest", List.of("berth", "filling", "person")),
            Map.entry("Filling", List.of("dials", "sheet", "cue", "number")),
            Map.entry("Shows", List.of("length", "sheet", "cue", "number")),
            Map.entry("PlayState", List.of("leaves", "out", "end", "change")),
            Map.entry("PeopleRequest", List.of("saveId")),
            Map.entry("TableRequest", List.of("file", "text")),
            Map.entry("CueTableRequest", List.of("sheet")),
            Map.entry("SessionAnswer", List.of("name", "role")),
            Map.entry("AccountRequest", List.of("password", "role")),
            Map.entry("FillingRequest", List.of("dials", "before", "beforeDials")),
            Map.entry("CueJson", List.of("follow")),
            Map.entry("BerthState", List.of("follows")),
            Map.entry("FollowNote", List.of("fault")),
            Map.entry("FeedState", List.of("readAt", "fault")),
            Map.entry("FilledAnswer", List.of("change")),
            Map.entry("HandoverRequest", List.of("revision", "rows", "frame", "ground", "allFonts", "width", "rate")),
            Map.entry("HandoverRow", List.of("name", "dials")),
            Map.entry("HandoverState", List.of("why")),
            Map.entry("Added", List.of("number", "note")),
            Map.entry(
                    "SheetEdit",
                    List.of(
                            "cue",
                            "cues",
                            "number",
                            "values",
                            "dials",
                            "follow",
                            "note",
                            "graphic",
                            "revision",
                            "fills",
                            "added",
                            "first",
                            "by",
                            "name",
                            "saveId")));

    @Bean
    OpenApiCustomizer description() {
        return api -> {
            api.info(new Info().title("Glimble").version("1"));
            // The address differs from start to start, and is not part of the description.
            api.servers(List.of());
            api.getComponents().getSchemas().forEach(OpenApiConfig::requireMembers);
            addDocument(api);
        };
    }

    private static void requireMembers(String name, Schema<?> schema) {
        if (schema.getProperties() == null) return;
        List<String> members = new ArrayList<>(schema.getProperties().keySet());
        members.removeAll(OPTIONAL.getOrDefault(name, List.of()));
        schema.setRequired(members);
    }

    /** The schema of the document keeps its own rules about what may be missing. */
    private static void addDocument(OpenAPI api) {
        for (Map.Entry<String, JsonNode> named :
                GraphicSchema.json().get("$defs").properties()) {
            String json = named.getValue().toString().replace("#/$defs/", "#/components/schemas/");
            try {
                api.getComponents().addSchemas(named.getKey(), Json31.mapper().readValue(json, JsonSchema.class));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }
}
