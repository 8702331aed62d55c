package glimble.server.schemas;

import glimble.formats.GraphicSchema;
import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The formats that documents are in, at addresses that stay. */
@RestController
class SchemasController {

    /** The JSON Schema of the document of a graphic of format 1. */
    @GetMapping("/api/schemas/glimble-graphic-1")
    ResponseEntity<String> graphic() {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePublic())
                .body(GraphicSchema.text());
    }
}
