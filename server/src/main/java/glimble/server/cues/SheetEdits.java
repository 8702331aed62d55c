package glimble.server.cues;

import glimble.cue.Cue;
import glimble.cue.CueNumber;
import glimble.cue.CueSheet;
import glimble.cue.Follow;
import glimble.cue.SameTexts;
import glimble.server.graphics.Designs;
import glimble.server.graphics.ValuesReader;
import glimble.server.problems.Refused;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;

/** Turns what is asked into a change of a sheet. */
@Component
class SheetEdits {
    private static final int ID_BYTES = 8;
    private static final int LARGEST = 99_999;
    private static final String NO_ROOM = "there is no free number there; number the cues anew first";

    private final Designs designs;
    private final ValuesReader values;
    private final SecureRandom random = new SecureRandom();

    SheetEdits(Designs designs, ValuesReader values) {
        this.designs = designs;
        this.values = values;
    }

    /** @throws Refused if something is missing or wrong; what is wrong as the sheet stands is said when it is applied */
    UnaryOperator<CueSheet> change(SheetEdit edit) {
        if (edit.what() == null) throw new Refused("$.what", "is missing; say what is to be changed");
        return switch (edit.what()) {
            case FILL -> fill(edit);
            case FOLLOW -> {
                Optional<Follow> follow = Optional.ofNullable(edit.follow()).map(SheetRules::follow);
                yield sheet -> sheet.with(cue(sheet, edit).withFollow(follow));
            }
            case GRAPHIC -> graphic(edit);
            case ADD -> add(edit);
            case COPY -> sheet -> sheet.with(copied(sheet, cue(sheet, edit)));
            case NUMBER -> {
                CueNumber number = SheetRules.number(edit.number());
                yield sheet -> sheet.with(cue(sheet, edit).withNumber(number));
            }
            case MOVE -> sheet -> moved(sheet, edit);
            case REMOVE -> remove(edit);
            case RENUMBER -> renumber(edit);
            case NAME -> {
                String name = SheetRules.name(edit.name());
                yield sheet -> sheet.withName(name);
            }
        };
    }

    private static Cue cue(CueSheet sheet, SheetEdit edit) {
        if (edit.cue() == null) throw new Refused("$.cue", "is missing; say which cue");
        return cue(sheet, edit.cue());
    }

    private static Cue cue(CueSheet sheet, String id) {
        return sheet.cue(id).orElseThrow(() -> new Refused("$.cue", "is not in this sheet any more; load it again"));
    }

    private UnaryOperator<CueSheet> fill(SheetEdit edit) {
        if (edit.fills() != null) return fillAll(edit.fills());
        Map<String, String> filled = edit.values() == null ? null : values.checked(edit.values());
        String note = edit.note() == null ? null : SheetRules.note(edit.note());
        Map<String, String> dials = edit.dials() == null ? null : values.checkedDials(edit.dials());
        return sheet -> {
            Cue cue = cue(sheet, edit);
            if (filled != null) cue = cue.withValues(filled);
            if (dials != null) cue = cue.withDials(dials);
            if (note != null) cue = cue.withNote(note);
            return sheet.with(cue);
        };
    }

    private UnaryOperator<CueSheet> fillAll(List<SheetEdit.CueFill> fills) {
        for (int i = 0; i < fills.size(); i++) {
            SheetEdit.CueFill fill = fills.get(i);
            String path = "$.fills[" + i + "]";
            if (fill == null || fill.cue() == null) throw new Refused(path + ".cue", "is missing; say which cue");
            values.checked(fill.values());
        }
        return sheet -> {
            CueSheet filled = sheet;
            for (SheetEdit.CueFill fill : fills) {
                filled = filled.with(cue(filled, fill.cue()).withValues(values.checked(fill.values())));
            }
            return filled;
        };
    }

    private UnaryOperator<CueSheet> graphic(SheetEdit edit) {
        if (edit.graphic() == null) throw new Refused("$.graphic", "is missing; say which graphic");
        int revision = edit.revision() == null ? designs.currentRevision(edit.graphic()) : edit.revision();
        var to = designs.of(edit.graphic(), revision);
        return sheet -> {
            Cue cue = cue(sheet, edit);
            var from = designs.of(cue.graphic(), cue.revision());
            Map<String, String> over = SameTexts.over(from, to, cue.values());
            return sheet.with(cue.withGraphic(edit.graphic(), revision, values.checked(over))
                    .withFollow(cue.follow().map(follow -> SameTexts.over(from, to, follow))));
        };
    }

    private UnaryOperator<CueSheet> add(SheetEdit edit) {
        if (edit.added() == null || edit.added().isEmpty()) {
            throw new Refused("$.added", "is missing; send a list with what each new cue is filled with");
        }
        if (edit.added().size() > CueSheet.MOST) {
            throw new Refused("$.added", "has more than " + CueSheet.MOST + " entries");
        }
        List<Cue> made = new ArrayList<>();
        for (int i = 0; i < edit.added().size(); i++) made.add(made(edit.added().get(i), "$.added[" + i + "]"));
        return sheet -> {
            CueSheet with = sheet;
            Optional<Cue> after = Optional.ofNullable(edit.cue()).map(id -> cue(sheet, id));
            for (Cue cue : made) {
                Optional<Cue> last = after;
                CueSheet now = with;
                Cue numbered = cue.number() != null
                        ? cue
                        : cue.withNumber(now.free(last).orElseThrow(() -> new Refused("$.cue", NO_ROOM)));
                with = with.with(numbered);
                if (after.isPresent()) after = Optional.of(numbered);
            }
            return with;
        };
    }

    /** Its number is null where it is to be a free one. */
    private Cue made(SheetEdit.Added added, String path) {
        if (added == null || added.graphic() == null)
            throw new Refused(path + ".graphic", "is missing; say which graphic");
        int revision = designs.currentRevision(added.graphic());
        CueNumber number = added.number() == null ? null : SheetRules.number(added.number());
        return new Cue(
                newId(),
                number,
                added.graphic(),
                revision,
                values.checked(added.values()),
                SheetRules.note(added.note()));
    }

    private Cue copied(CueSheet sheet, Cue cue) {
        CueNumber number = sheet.free(Optional.of(cue)).orElseThrow(() -> new Refused("$.cue", NO_ROOM));
        return cue.copy(newId(), number);
    }

    /** The cue after which it is to stand is the one whose number is sent; without a number it is to be the first. */
    private static CueSheet moved(CueSheet sheet, SheetEdit edit) {
        Cue cue = cue(sheet, edit);
        CueSheet others = sheet.without(cue.id());
        if (others.cues().isEmpty()) return sheet;
        if (edit.number() == null) {
            CueNumber first = others.cues().get(0).number();
            CueNumber before =
                    CueNumber.between(new CueNumber(0), first).orElseThrow(() -> new Refused("$.cue", NO_ROOM));
            return others.with(cue.withNumber(before));
        }
        CueNumber after = SheetRules.number(edit.number());
        Cue before = others.numbered(after)
                .orElseThrow(() -> new Refused("$.number", after + " is no other cue of this sheet"));
        CueNumber free = others.free(Optional.of(before)).orElseThrow(() -> new Refused("$.cue", NO_ROOM));
        return others.with(cue.withNumber(free));
    }

    private static UnaryOperator<CueSheet> remove(SheetEdit edit) {
        if (edit.cues() == null || edit.cues().isEmpty()) {
            throw new Refused("$.cues", "is missing; send a list of the ids of cues");
        }
        return sheet -> {
            CueSheet left = sheet;
            for (String id : edit.cues()) if (id != null) left = left.without(id);
            return left;
        };
    }

    private static UnaryOperator<CueSheet> renumber(SheetEdit edit) {
        int first = edit.first() == null ? 1 : edit.first();
        int by = edit.by() == null ? 1 : edit.by();
        if (first < 1 || first > LARGEST) throw new Refused("$.first", "must be from 1 to " + LARGEST);
        if (by < 1 || by > 1_000) throw new Refused("$.by", "must be from 1 to 1000");
        return sheet -> {
            if (first + (long) by * sheet.cues().size() > LARGEST) {
                throw new Refused("$.by", "gives numbers over " + LARGEST + "; begin lower or go on by less");
            }
            return sheet.renumbered(first, by);
        };
    }

    private String newId() {
        byte[] bytes = new byte[ID_BYTES];
        random.nextBytes(bytes);
        return HexFormat.of().formatHex(bytes);
    }
}
