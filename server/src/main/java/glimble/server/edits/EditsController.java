package glimble.server.edits;

import glimble.budget.Budget;
import glimble.document.Dialled;
import glimble.document.GraphicWriter;
import glimble.edit.ColourEdits;
import glimble.edit.EditRefused;
import glimble.edit.FieldEdits;
import glimble.edit.Gestures;
import glimble.edit.GroupEdits;
import glimble.edit.LoopGestures;
import glimble.edit.MoveEdits;
import glimble.edit.OutEdits;
import glimble.edit.PartEdits;
import glimble.edit.ProposedCases;
import glimble.edit.Rerate;
import glimble.edit.Rescale;
import glimble.edit.SmallLetters;
import glimble.edit.SwapGestures;
import glimble.edit.VariantEdits;
import glimble.formats.JsonTree;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Limits;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.Rate;
import glimble.graphic.Trial;
import glimble.handover.Rates;
import glimble.proof.ProposedTrials;
import glimble.reel.Bar;
import glimble.reel.ReelMaker;
import glimble.rest.PartRest;
import glimble.rest.Pictures;
import glimble.rest.Rect;
import glimble.rest.RestEffort;
import glimble.rest.RestSolver;
import glimble.server.graphics.DocumentReader;
import glimble.server.graphics.ValuesReader;
import glimble.server.house.HouseGraphic;
import glimble.server.house.HouseStore;
import glimble.server.problems.Refused;
import glimble.server.work.Workroom;
import glimble.text.FreshName;
import glimble.text.Typesetter;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Edits that touch more than one place of a document. Keeps nothing: takes a document and gives the changed one. */
@RestController
class EditsController {
    private static final String GRAPHIC = "#/components/schemas/Graphic";

    private static final int MOST_ROWS = 30;

    private final DocumentReader documents;
    private final Typesetter typesetter;
    private final HouseStore house;
    private final Pictures pictures;
    private final ValuesReader values;
    private final Workroom workroom;

    EditsController(
            DocumentReader documents,
            Typesetter typesetter,
            HouseStore house,
            Pictures pictures,
            ValuesReader values,
            Workroom workroom) {
        this.values = values;
        this.workroom = workroom;
        this.house = house;
        this.pictures = pictures;
        this.documents = documents;
        this.typesetter = typesetter;
    }

    /** What an edit does. */
    enum What {
        ADD_PART,
        /** With all that is in it, and the other parts that are named. */
        REMOVE_PART,
        /** The parts of a group stay. */
        UNGROUP,
        RENAME_PART,
        DUPLICATE_PART,
        /** The copy asks for fields of its own. */
        DUPLICATE_WITH_FIELDS,
        /** So many rows in all, each with fields of its own. */
        COPY_AS_ROWS,
        REORDER_PART,
        /** Next to another part: in front of it, or with fewer than no steps behind it. */
        PLACE_PART,
        GROUP_PARTS,
        REMOVE_MOVES,
        RENAME_MOVE,
        COPY_MOVES,
        LINK_MOVES,
        ADD_GESTURE,
        RETIME_PHASE,
        MIRROR_OUT,
        OWN_OUT,
        ADD_VARIANT,
        REMOVE_VARIANT,
        RENAME_VARIANT,
        REMOVE_FIELD,
        /** Wherever it is asked for; what was kept by its old key is still read. */
        RENAME_FIELD,
        /** Other options of a choice; the new name stands for what is taken away, or nothing does. */
        SET_OPTIONS,
        /** Of those that the graphic makes. */
        RENAME_COLOUR,
        REMOVE_COLOUR,
        PROPOSE_TRIALS,
        /** Rows of the case table for what may be blank, with variants to begin with. */
        PROPOSE_CASES,
        RESCALE,
        /** Another frame rate, in the same seconds. */
        RERATE
    }

    private static final Set<What> ABOUT_FIELDS = EnumSet.of(What.REMOVE_FIELD, What.RENAME_FIELD, What.SET_OPTIONS);

    private static final Set<What> COPIES =
            EnumSet.of(What.DUPLICATE_PART, What.DUPLICATE_WITH_FIELDS, What.COPY_AS_ROWS);

    /**
     * @param values the values at hand, for what keeps its present size
     * @param key the part, field, colour or variant, or the kind of a new part; of no account to proposed trials
     * @param newName the new name, the frame rate, the part that moves are copied to or that another is placed next to, or the gesture; of no account to other edits
     * @param keys the parts of a new group, that a new part takes up, or that are removed as well, or options of a choice; of no account to
     *     other edits
     * @param steps past how many parts to the front, the frame at which a gesture begins, or how many rows there are then; of no account
     *     to other edits
     * @param by frames from one row to the next; of no account to other edits
     * @param phase in, loop, out, away or back, of an edit of moves; a gesture for either half of a swap gives it both
     * @param keeps whether what hung on parts that are removed stays where it is seen; missing for closing up
     * @param raster the new size of the frame; of no account to other edits
     */
    record EditRequest(
            @Schema(ref = GRAPHIC) JsonNode document,
            Map<String, String> values,
            What what,
            String key,
            String newName,
            List<String> keys,
            Integer steps,
            Integer by,
            Boolean keeps,
            NewRaster raster,
            String phase) {}

    /**
     * px.
     *
     * @param by what of it says how large all is then; missing for the smaller side
     */
    record NewRaster(int width, int height, Rescale.By by) {}

    /**
     * @param part the part to look at next; empty for none
     * @param rounded what could not be kept exactly, each in words
     * @param small texts that are smaller now than any style of the house, each in words
     */
    record EditAnswer(
            @Schema(ref = GRAPHIC) JsonNode document, String part, List<String> rounded, List<String> small) {}

    @PostMapping("/api/edits")
    EditAnswer edit(@RequestBody EditRequest request) {
        Graphic graphic = documents.read(request.document());
        if (request.what() == null) throw new Refused("$.what", "is missing; say what to do");
        if (request.key() == null) throw new Refused("$.key", "is missing; say to what");
        Map<String, String> filling = values.checked(request.values());
        if (request.what() == What.RERATE) {
            Rerate.Done done = Rerate.to(graphic, rate(request));
            return answer(graphic, Dialled.settled(done.graphic()), request, done.rounded());
        }
        // What cannot be looked at can still be made smaller: only what has to solve it is refused.
        Graphic edited =
                workroom.work(RestEffort.of(graphic, filling), () -> Dialled.settled(allowed(graphic, request)));
        return answer(graphic, edited, request, List.of());
    }

    private EditAnswer answer(Graphic graphic, Graphic edited, EditRequest request, List<String> rounded) {
        JsonNode document = JsonTree.to(GraphicWriter.write(edited));
        // An edit may break a limit or a rule, such as a name that is taken: then nothing is changed.
        documents.read(document);
        return new EditAnswer(document, next(graphic, edited, request), rounded, small(graphic, edited, request));
    }

    private List<String> small(Graphic graphic, Graphic edited, EditRequest request) {
        if (request.what() != What.RESCALE) return List.of();
        OptionalDouble least = house.known().leastLetters();
        return least.isEmpty() ? List.of() : SmallLetters.of(graphic, edited, least.getAsDouble());
    }

    private Graphic allowed(Graphic graphic, EditRequest request) {
        try {
            return edited(graphic, request);
        } catch (EditRefused e) {
            throw new Refused("$.key", e.getMessage());
        }
    }

    private Graphic edited(Graphic graphic, EditRequest request) {
        String key = request.key();
        if (request.what() == What.ADD_PART) return added(graphic, request);
        if (request.what() == What.PROPOSE_TRIALS) return withTrials(graphic);
        if (request.what() == What.PROPOSE_CASES) return ProposedCases.of(graphic);
        if (request.what() == What.GROUP_PARTS) return grouped(graphic, request);
        if (request.what() == What.RESCALE) return rescaled(graphic, request.raster());
        Optional<Graphic> moved = edited(graphic, request, key);
        if (moved.isPresent()) return moved.get();
        if (request.what() == What.RENAME_COLOUR) return ColourEdits.rename(graphic, key, newName(request));
        if (request.what() == What.REMOVE_COLOUR) return ColourEdits.remove(graphic, key);
        if (ABOUT_FIELDS.contains(request.what())) return edited(graphic, request, field(graphic, key));
        if (graphic.part(key).isEmpty()) throw new Refused("$.key", "there is no part '" + key + "'");
        return switch (request.what()) {
            case REMOVE_PART -> removed(graphic, request);
            case UNGROUP -> ungrouped(graphic, request);
            case RENAME_PART -> renamed(graphic, key, request.newName());
            case DUPLICATE_PART -> PartEdits.duplicate(graphic, key);
            case DUPLICATE_WITH_FIELDS -> PartEdits.rows(graphic, key, 2, 0, boxes(graphic, request.values()));
            case COPY_AS_ROWS -> rows(graphic, request);
            case PLACE_PART ->
                PartEdits.place(graphic, key, part(graphic, request), request.steps() == null || request.steps() >= 0);
            default -> PartEdits.reorder(graphic, key, request.steps() == null ? 0 : request.steps());
        };
    }

    private static Graphic edited(Graphic graphic, EditRequest request, Field field) {
        if (request.what() == What.REMOVE_FIELD) return FieldEdits.remove(graphic, field.key());
        if (request.what() == What.RENAME_FIELD) return FieldEdits.rename(graphic, field.key(), newName(request));
        if (request.keys() == null) throw new Refused("$.keys", "is missing; say what can be chosen");
        return FieldEdits.withOptions(
                graphic, field.key(), request.keys(), Objects.requireNonNullElse(request.newName(), ""));
    }

    /** What an edit of moves makes of a graphic; empty if it is another edit. */
    private Optional<Graphic> edited(Graphic graphic, EditRequest request, String key) {
        return Optional.ofNullable(
                switch (request.what()) {
                    case REMOVE_MOVES -> MoveEdits.remove(graphic, phase(request), keys(request));
                    case RENAME_MOVE -> MoveEdits.rename(graphic, phase(request), key, newName(request));
                    case COPY_MOVES -> MoveEdits.copy(part(graphic, key), key, part(graphic, request), false);
                    case LINK_MOVES -> MoveEdits.copy(part(graphic, key), key, part(graphic, request), true);
                    case ADD_GESTURE -> gesture(graphic, request);
                    case RETIME_PHASE -> retimed(graphic, request);
                    case ADD_VARIANT -> VariantEdits.add(graphic, phase(request), key);
                    case REMOVE_VARIANT -> VariantEdits.remove(graphic, phase(request), variant(graphic, request));
                    case RENAME_VARIANT ->
                        VariantEdits.rename(graphic, phase(request), variant(graphic, request), newName(request));
                    case MIRROR_OUT -> OutEdits.mirror(graphic);
                    case OWN_OUT -> ownOut(graphic, request.values());
                    default -> null;
                });
    }

    private static PhaseName phase(EditRequest request) {
        return Optional.ofNullable(request.phase())
                .flatMap(PhaseName::named)
                .orElseThrow(() -> new Refused("$.phase", "must be in, loop, out, away or back"));
    }

    private static String variant(Graphic graphic, EditRequest request) {
        if (graphic.variant(phase(request), request.key()).isEmpty()) {
            throw new Refused(
                    "$.key",
                    "there is no variant '" + request.key() + "' of "
                            + phase(request).word());
        }
        return request.key();
    }

    private static List<String> keys(EditRequest request) {
        if (request.keys() == null) throw new Refused("$.keys", "is missing; name the moves");
        return request.keys();
    }

    private static String newName(EditRequest request) {
        if (request.newName() == null) throw new Refused("$.newName", "is missing; give the new name");
        return request.newName();
    }

    private static Graphic part(Graphic graphic, String key) {
        if (graphic.part(key).isEmpty()) throw new Refused("$.key", "there is no part '" + key + "'");
        return graphic;
    }

    /** Also by a key that it has just had: an edit may have been asked for before it was known that another has renamed it. */
    private static Field field(Graphic graphic, String key) {
        return graphic.fieldOnce(key).orElseThrow(() -> new Refused("$.key", "there is no field '" + key + "'"));
    }

    private static Rate rate(EditRequest request) {
        return Rates.read(newName(request))
                .orElseThrow(() -> new Refused("$.newName", "must be frames per second, such as 25 or 30000/1001"));
    }

    private static String part(Graphic graphic, EditRequest request) {
        if (graphic.part(newName(request)).isEmpty()) {
            throw new Refused("$.newName", "there is no part '" + request.newName() + "'");
        }
        return request.newName();
    }

    private Graphic gesture(Graphic graphic, EditRequest request) {
        Rect nowhere = new Rect(0, 0, 0, 0);
        Rect box = boxes(part(graphic, request.key()), request.values()).getOrDefault(request.key(), nowhere);
        int frame = request.steps() == null ? 0 : Math.max(0, request.steps());
        try {
            if (phase(request) == PhaseName.LOOP)
                return LoopGestures.add(graphic, request.key(), newName(request), box);
            if (phase(request).isSwap() && ownGesture(request).isEmpty())
                return SwapGestures.add(graphic, request.key(), newName(request));
            return ownGesture(request)
                    .map(moves -> Gestures.add(graphic, request.key(), phase(request), moves, frame))
                    .orElseGet(
                            () -> Gestures.add(graphic, request.key(), phase(request), newName(request), box, frame));
        } catch (IllegalArgumentException e) {
            throw new Refused("$.newName", e.getMessage());
        }
    }

    /** The moves of a gesture that the house keeps under that name; empty if there is none. */
    private Optional<List<Move>> ownGesture(EditRequest request) {
        return house.known().gestures().stream()
                .filter(gesture -> gesture.name().equals(request.newName()))
                .findFirst()
                .map(gesture -> HouseGraphic.moves(gesture, typesetter.fonts()));
    }

    private Graphic retimed(Graphic graphic, EditRequest request) {
        if (request.steps() == null || request.steps() < 1) throw new Refused("$.steps", "must be 1 frame or more");
        Budget budget = Budget.ofRequest();
        PhaseName phase = phase(request);
        if (length(graphic, request.values(), phase, budget) == 0) {
            throw new Refused("$.phase", "has no moves that could take another length");
        }
        return MoveEdits.retime(
                graphic, phase, request.steps(), tried -> length(tried, request.values(), phase, budget));
    }

    /** Frames of a phase for the values at hand. */
    private int length(Graphic graphic, Map<String, String> values, PhaseName phase, Budget budget) {
        int length = 0;
        for (Bar bar : bars(graphic, values, budget)) {
            if (bar.phase() == phase) length = Math.max(length, bar.start() + bar.length());
        }
        return length;
    }

    private List<Bar> bars(Graphic graphic, Map<String, String> values, Budget budget) {
        Map<String, String> given = values == null ? Map.of() : values;
        return ReelMaker.bars(house.framed(graphic), given, typesetter, pictures, budget);
    }

    /** As its mirror image of the in is for the values at hand. */
    private Graphic ownOut(Graphic graphic, Map<String, String> values) {
        Map<String, Integer> starts = new HashMap<>();
        Map<String, Integer> ends = new HashMap<>();
        Budget budget = Budget.ofRequest();
        for (Bar bar : bars(graphic, values, budget)) {
            if (bar.phase() != PhaseName.IN) continue;
            starts.put(bar.move(), bar.start());
            ends.put(bar.move(), bar.start() + bar.length());
        }
        int length = ends.values().stream().mapToInt(Integer::intValue).max().orElse(0);
        Graphic own = OutEdits.own(graphic, starts, ends, length);
        if (!graphic.out().isPaced()) return own;
        int wanted = graphic.out().pace().length(length);
        return MoveEdits.retime(own, PhaseName.OUT, wanted, tried -> length(tried, values, PhaseName.OUT, budget));
    }

    private Graphic removed(Graphic graphic, EditRequest request) {
        List<String> keys = new ArrayList<>(List.of(request.key()));
        if (request.keys() != null) keys.addAll(request.keys());
        for (String key : keys) part(graphic, key);
        boolean keeps = Boolean.TRUE.equals(request.keeps());
        return PartEdits.remove(graphic, keys, boxes(graphic, request.values()), keeps);
    }

    private Graphic ungrouped(Graphic graphic, EditRequest request) {
        boolean group = graphic.part(request.key()).orElseThrow() instanceof GroupPart;
        if (!group) throw new Refused("$.key", "is no group; choose one");
        return PartEdits.ungroup(graphic, request.key(), boxes(graphic, request.values()));
    }

    private Graphic grouped(Graphic graphic, EditRequest request) {
        List<String> keys = request.keys();
        if (keys == null || keys.isEmpty()) throw new Refused("$.keys", "is missing; name the parts of the group");
        for (String key : keys) {
            if (graphic.part(key).isEmpty()) throw new Refused("$.keys", "there is no part '" + key + "'");
        }
        return GroupEdits.group(graphic, keys, boxes(graphic, request.values()));
    }

    private Graphic rows(Graphic graphic, EditRequest request) {
        int count = request.steps() == null ? 0 : request.steps();
        if (count < 2 || count > MOST_ROWS) throw new Refused("$.steps", "must be from 2 to " + MOST_ROWS + " rows");
        int by = request.by() == null ? 0 : request.by();
        if (Math.abs((long) by) > Limits.FRAMES) {
            throw new Refused("$.by", "must be from -" + Limits.FRAMES + " to " + Limits.FRAMES + " frames");
        }
        return PartEdits.rows(graphic, request.key(), count, by, boxes(graphic, request.values()));
    }

    private static Graphic rescaled(Graphic graphic, NewRaster raster) {
        if (raster == null || raster.width() < 16 || raster.height() < 16) {
            throw new Refused("$.raster", "is missing or too small; give width and height, 16 px or more");
        }
        Rescale.By by = Objects.requireNonNullElse(raster.by(), Rescale.By.SMALLER);
        return Rescale.to(graphic, raster.width(), raster.height(), by);
    }

    private Graphic withTrials(Graphic graphic) {
        List<Trial> trials = new ArrayList<>(graphic.trials());
        trials.addAll(ProposedTrials.of(graphic, typesetter.writing()));
        return graphic.withTrials(trials.subList(0, Math.min(trials.size(), Limits.TRIALS)));
    }

    private Graphic added(Graphic graphic, EditRequest request) {
        String font = typesetter.fonts().iterator().next();
        List<String> chosen = request.keys() == null
                ? List.of()
                : request.keys().stream().distinct().toList();
        for (String key : chosen) {
            if (graphic.part(key).isEmpty()) throw new Refused("$.keys", "there is no part '" + key + "'");
        }
        Map<String, Rect> boxes = chosen.isEmpty() ? Map.of() : boxes(graphic, request.values());
        try {
            return PartEdits.add(graphic, request.key(), font, chosen, boxes);
        } catch (IllegalArgumentException e) {
            throw new Refused("$.key", e.getMessage());
        }
    }

    private static Graphic renamed(Graphic graphic, String key, String to) {
        if (to == null) throw new Refused("$.newName", "is missing; give the new name");
        if (!to.equals(key) && graphic.part(to).isPresent()) {
            throw new Refused("$.newName", "there is a part '" + to + "' already; choose another name");
        }
        return PartEdits.rename(graphic, key, to);
    }

    private Map<String, Rect> boxes(Graphic graphic, Map<String, String> values) {
        Map<String, Rect> boxes = new HashMap<>();
        Map<String, String> given = values == null ? Map.of() : values;
        Budget.ofRequest().spend(RestEffort.of(graphic, given));
        for (PartRest part : RestSolver.solve(house.framed(graphic), given, typesetter, pictures)
                .parts()
                .values()) {
            boxes.put(part.key(), part.box());
        }
        return boxes;
    }

    /** What the copy of a part, or the last of its rows, is called. */
    private static String copy(Graphic before, EditRequest request) {
        Set<String> taken = before.parts().stream().map(Part::key).collect(Collectors.toCollection(HashSet::new));
        int copies = request.what() == What.COPY_AS_ROWS ? request.steps() - 1 : 1;
        String copy = request.key();
        for (int i = 0; i < copies; i++) copy = FreshName.take(taken, copy);
        return copy;
    }

    private static String next(Graphic before, Graphic after, EditRequest request) {
        if (request.what() == What.RENAME_PART) return request.newName();
        if (request.what() == What.COPY_MOVES || request.what() == What.LINK_MOVES) return request.newName();
        if (COPIES.contains(request.what())) return copy(before, request);
        List<String> old = before.parts().stream().map(Part::key).toList();
        return after.parts().stream()
                .map(Part::key)
                .filter(key -> !old.contains(key))
                .findFirst()
                .orElse(after.part(request.key()).isPresent() ? request.key() : "");
    }
}
