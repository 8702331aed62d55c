package glimble.server.fonts;

import glimble.paint.SvgPath;
import glimble.server.problems.NotThere;
import glimble.typeset.JdkTypesetter;
import glimble.typeset.ShippedFont;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.NoSuchElementException;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Shipped fonts, and the outlines of their glyphs in pages that a browser keeps for good. */
@RestController
class FontsController {
    /** Glyphs of one page: few requests for a text, and little sent that is not needed. */
    private static final int PAGE = 64;

    private final JdkTypesetter typesetter;

    FontsController(JdkTypesetter typesetter) {
        this.typesetter = typesetter;
    }

    /**
     * @param edition changes when the file of the font does
     * @param page glyphs on a page of outlines
     */
    record FontAnswer(String id, String name, String edition, int unitsPerEm, int glyphs, int page) {}

    /** Outlines of {@code first}, {@code first + 1}, … as SVG path data, in units of the em, y downwards. */
    record OutlinesAnswer(int first, List<String> outlines) {}

    @GetMapping("/api/fonts")
    List<FontAnswer> fonts() {
        return typesetter.shippedFonts().stream().map(this::answer).toList();
    }

    private FontAnswer answer(ShippedFont font) {
        return new FontAnswer(
                font.id(),
                font.name(),
                typesetter.edition(font.id()),
                typesetter.unitsPerEm(font.id()),
                typesetter.glyphCount(font.id()),
                PAGE);
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
