package glimble.server.fonts;

import glimble.paint.SvgPath;
import glimble.server.problems.NotThere;
import glimble.server.problems.Refused;
import glimble.server.work.ReadingRoom;
import glimble.typeset.BadFont;
import glimble.typeset.HouseFont;
import glimble.typeset.JdkTypesetter;
import glimble.typeset.TextFont;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Fonts that are shipped or of the house, and the outlines of their glyphs in pages that a browser keeps for good. */
@RestController
class FontsController {
    /** Glyphs of one page: few requests for a text, and little sent that is not needed. */
    private static final int PAGE = 64;

    private final JdkTypesetter typesetter;
    private final FontStore store;
    private final ReadingRoom room;

    FontsController(JdkTypesetter typesetter, FontStore store, ReadingRoom room) {
        this.typesetter = typesetter;
        this.store = store;
        this.room = room;
    }

    /**
     * @param edition changes when the file of the font does
     * @param page glyphs on a page of outlines
     * @param house whether it is of the house, not shipped
     * @param handedOn whether its licence lets it go along with a graphic that is handed over
     * @param removed whether it is not offered any more, and only there for documents that name it
     */
    record FontAnswer(
            String id,
            String name,
            String edition,
            int unitsPerEm,
            int glyphs,
            int page,
            boolean house,
            boolean handedOn,
            boolean removed) {}

    /** Outlines of {@code first}, {@code first + 1}, … as SVG path data, in units of the em, y downwards. */
    record OutlinesAnswer(int first, List<String> outlines) {}

    @GetMapping("/api/fonts")
    List<FontAnswer> fonts() {
        Set<String> removed = store.removed();
        return typesetter.allFonts().stream().map(font -> answer(font, removed)).toList();
    }

    /** The body is the file itself: a TTF or OTF. */
    @PostMapping(value = "/api/fonts", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    FontAnswer add(@RequestBody byte[] content) {
        try {
            HouseFont font = room.read(() -> HouseFont.read(content), BadFont.class, BadFont::new);
            store.add(font);
            return answer(typesetter.font(font.id()).orElseThrow(), Set.of());
        } catch (BadFont e) {
            throw new Refused("$", e.getMessage());
        }
    }

    /** Puts a font of the house aside; documents that name it keep it. */
    @DeleteMapping("/api/fonts/{font}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String font) {
        store.setRemoved(font, true);
    }

    /** Takes back a removal. */
    @PostMapping("/api/fonts/{font}/restored")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@PathVariable String font) {
        store.setRemoved(font, false);
    }

    private FontAnswer answer(TextFont font, Set<String> removed) {
        Optional<HouseFont> house = typesetter.ofHouse(font.id());
        return new FontAnswer(
                font.id(),
                font.name(),
                typesetter.edition(font.id()),
                typesetter.unitsPerEm(font.id()),
                typesetter.glyphCount(font.id()),
                PAGE,
                house.isPresent(),
                house.map(HouseFont::handedOn).orElse(true),
                removed.contains(font.id()));
    }

    @GetMapping("/api/fonts/{font}/{edition}/outlines/{page}")
    ResponseEntity<OutlinesAnswer> outlines(
            @PathVariable String font, @PathVariable String edition, @PathVariable int page) {
        try {
            int glyphs = typesetter.glyphCount(font);
            // Long arithmetic: a page number may be anything that fits an int.
            if (page < 0
                    || (long) page * PAGE >= glyphs
                    || !typesetter.edition(font).equals(edition)) {
                throw new NotThere("The font " + font + " has no such page in that edition.");
            }
            List<String> outlines = new ArrayList<>();
            for (int glyph = page * PAGE; glyph < Math.min(glyphs, (page + 1) * PAGE); glyph++) {
                outlines.add(SvgPath.of(typesetter.outline(font, glyph)));
            }
            return ResponseEntity.ok()
                    .cacheControl(CacheControl.maxAge(Duration.ofDays(365))
                            .cachePublic()
                            .immutable())
                    .body(new OutlinesAnswer(page * PAGE, outlines));
        } catch (NoSuchElementException e) {
            throw new NotThere("There is no font " + font + ".");
        }
    }
}
