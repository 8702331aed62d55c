package glimble.document;

import glimble.cases.Variants;
import glimble.edit.Coloured;
import glimble.graphic.Axis;
import glimble.graphic.BoxPart;
import glimble.graphic.Case;
import glimble.graphic.Channel;
import glimble.graphic.Check;
import glimble.graphic.Condition;
import glimble.graphic.Edge;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.In;
import glimble.graphic.Limits;
import glimble.graphic.LinePart;
import glimble.graphic.MadeColour;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.PhaseName;
import glimble.graphic.PicturePart;
import glimble.graphic.Place;
import glimble.graphic.Played;
import glimble.graphic.ProofRules;
import glimble.graphic.RibbonPart;
import glimble.graphic.Size;
import glimble.graphic.StackPart;
import glimble.graphic.TextPart;
import glimble.graphic.Timing;
import glimble.graphic.Travel;
import glimble.graphic.Trial;
import glimble.graphic.Variant;
import glimble.motion.Members;
import glimble.motion.MoveOrder;
import glimble.rest.Relations;
import glimble.text.TextPattern;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What can only be judged once the whole document is read: that every name refers to something, and that nothing waits for or follows itself. */
final class References {
    private static final Set<String> RESERVED = Set.of(Place.FRAME, Place.ACTION_SAFE, Place.TITLE_SAFE);

    private final Graphic graphic;
    private final Set<String> fonts;
    private final Map<String, Part> parts = new HashMap<>();
    private final List<Problem> problems = new ArrayList<>();

    private References(Graphic graphic, Set<String> fonts) {
        this.graphic = graphic;
        this.fonts = fonts;
        for (Part part : graphic.parts()) parts.put(part.key(), part);
    }

    static List<Problem> problems(Graphic graphic, Set<String> fonts) {
        References references = new References(graphic, fonts);
        references.checkParts();
        references.checkWrapped();
        references.checkGroups();
        for (Phase phase : graphic.phases()) {
            references.checkMoves(phase);
            references.checkTiming(phase);
        }
        references.checkSeries();
        references.checkTrials();
        references.checkMadeColours();
        graphic.mirror().ifPresent(mirror -> references.checkField(mirror.field(), "$.mirror.field"));
        references.checkCases();
        if (references.problems.isEmpty()) references.checkCycles();
        if (references.problems.isEmpty()) references.checkVariants();
        return references.problems.stream().limit(Limits.PROBLEMS).toList();
    }

    private void problem(String path, String sentence) {
        problems.add(new Problem(path, sentence));
    }

    private void checkParts() {
        for (int i = 0; i < graphic.parts().size(); i++) {
            Part part = graphic.parts().get(i);
            String path = "$.parts[" + i + "]";
            if (RESERVED.contains(part.key()))
                problem(path + ".key", "'" + part.key() + "' is kept for the picture itself");
            if (part instanceof TextPart text) checkText(text, path);
            if (part instanceof PicturePart picture) {
                for (String field : TextPattern.fields(picture.picture())) checkField(field, path + ".picture");
            }
            checkColours(part, path);
            checkRides(part, path);
            if (part instanceof BoxPart box && box.depth() > 0) checkDepth(box, path);
            for (Axis axis : Axis.values()) {
                checkSize(part, axis, path + (axis == Axis.X ? ".width" : ".height"));
                checkPlace(part, axis, path + (axis == Axis.X ? ".x" : ".y"));
            }
            for (String field : part.base().needs()) checkField(field, path + ".needs");
            for (int m = 0; m < part.masks().size(); m++) {
                Mask mask = part.masks().get(m);
                String at = path + ".masks[" + m + "].by";
                if (mask.by().equals(part.key())) problem(at, "a part cannot be its own mask");
                else known(mask.by(), at);
            }
        }
    }

    /** What rides stands along and across its ribbon, or on others that ride there. */
    private void checkRides(Part part, String path) {
        String ribbon = part.base().rides();
        if (ribbon.isEmpty() || !known(ribbon, path + ".rides")) return;
        if (!(parts.get(ribbon) instanceof RibbonPart)) {
            problem(path + ".rides", ribbon + " is not a ribbon; only on a ribbon something can ride");
            return;
        }
        boolean may = part instanceof TextPart
                || part instanceof LinePart
                || part instanceof BoxPart
                || part instanceof PicturePart;
        if (!may) problem(path + ".rides", "only a text, a line, a box or a picture can ride on a ribbon");
        for (Axis axis : Axis.values()) {
            Place place = part.span(axis).place();
            boolean there = place instanceof Place.Hang hang
                    && (hang.on().equals(ribbon)
                            || parts.containsKey(hang.on())
                                    && parts.get(hang.on()).base().rides().equals(ribbon));
            if (!there) {
                problem(
                        path + (axis == Axis.X ? ".x" : ".y"),
                        "must hang on " + ribbon + ", or on something else that rides on it");
            }
        }
    }

    private void checkDepth(BoxPart box, String path) {
        if (box.fill() instanceof Paint.Picture) {
            problem(path + ".depth", "a box that is filled with a picture has no sides; fill it with a colour");
        }
        if (box.isRiding()) {
            problem(path + ".depth", "what rides on a ribbon has no depth of its own; leave it out");
        }
    }

    private void checkColours(Part part, String path) {
        checkColourFields(Coloured.fields(part), path);
    }

    private void checkColourFields(Collection<String> fields, String path) {
        for (String field : fields) {
            checkField(field, path);
            graphic.field(field)
                    .filter(found -> found.kind() != Field.Kind.COLOUR)
                    .ifPresent(found -> problem(path, "its colour is {" + field + "}, which is not a colour field"));
        }
    }

    /** Each is made from what stands above it, so none is made from itself. */
    private void checkMadeColours() {
        Set<String> below = new HashSet<>();
        for (MadeColour made : graphic.colours()) below.add(made.key());
        for (int i = 0; i < graphic.colours().size(); i++) {
            MadeColour made = graphic.colours().get(i);
            String path = "$.colours[" + i + "]";
            checkSource(made.of(), path + ".of", below);
            made.mixed().ifPresent(mixed -> checkSource(mixed.with(), path + ".mixed.with", below));
            below.remove(made.key());
        }
        graphic.grade().tint().ifPresent(tint -> checkSource(tint.colour(), "$.grade.tint.colour", Set.of()));
    }

    private void checkSource(String colour, String path, Set<String> below) {
        if (below.contains(colour)) {
            problem(
                    path,
                    "'" + colour + "' does not stand above it; a colour is made from the palette or from those above");
        }
        checkColourFields(TextPattern.fields(colour), path);
    }

    /** Two of them would never come out even. */
    private void checkSeries() {
        int found = 0;
        for (int i = 0; i < graphic.fields().size(); i++) {
            if (graphic.fields().get(i).series().isPresent() && ++found == 2) {
                problem("$.fields[" + i + "].series", "there is another series already; a graphic has one at most");
            }
        }
    }

    private void checkGroups() {
        Set<String> grouped = new HashSet<>();
        for (int i = 0; i < graphic.parts().size(); i++) {
            if (!(graphic.parts().get(i) instanceof GroupPart group)) continue;
            for (int j = 0; j < group.parts().size(); j++) {
                String path = "$.parts[" + i + "].parts[" + j + "]";
                String key = group.parts().get(j);
                if (known(key, path) && !grouped.add(key)) problem(path, "'" + key + "' is in a group already");
                if (holds(key, group.key(), new HashSet<>())) problem(path, "a group cannot be inside itself");
            }
        }
    }

    private boolean holds(String key, String sought, Set<String> seen) {
        if (key.equals(sought)) return true;
        if (!seen.add(key) || !(parts.get(key) instanceof GroupPart group)) return false;
        return group.parts().stream().anyMatch(member -> holds(member, sought, seen));
    }

    private void checkWrapped() {
        int wrapped = 0;
        for (Part part : graphic.parts()) {
            for (Axis axis : Axis.values()) {
                if (part.span(axis).size() instanceof Size.Wraps wraps)
                    wrapped += wraps.parts().size();
            }
        }
        if (wrapped > Limits.WRAPPED) {
            problem("$.parts", "wrap " + wrapped + " parts in all; at most " + Limits.WRAPPED + " are allowed");
        }
    }

    private void checkText(TextPart text, String path) {
        text.fit().ifPresent(fit -> {
            checkFollowed(fit.room(), path + ".fit.room");
            if (fit.room() instanceof Size.Own) problem(path + ".fit.room", "cannot be its own size");
        });
        for (String field : TextPattern.fields(text.text())) {
            checkField(field, path + ".text");
        }
        if (!fonts.contains(text.style().font())) {
            problem(
                    path + ".style.font",
                    "there is no font '" + text.style().font() + "'; there are "
                            + String.join(", ", fonts.stream().sorted().toList()));
        }
    }

    private void checkSize(Part part, Axis axis, String path) {
        Size size = part.span(axis).size();
        if (size instanceof Size.Own own && !(part instanceof TextPart || part instanceof PicturePart && !own.ink())) {
            problem(
                    path,
                    "only a text and a picture have a size of their own, and only a text one of its ink; give px, wraps, matches or share");
        }
        checkFollowed(size, path);
    }

    private void checkFollowed(Size size, String path) {
        if (size instanceof Size.Matches matches) known(matches.part(), path + ".matches");
        if (size instanceof Size.Wraps wraps) {
            for (int i = 0; i < wraps.parts().size(); i++) known(wraps.parts().get(i), path + ".wraps[" + i + "]");
        }
    }

    private void checkPlace(Part part, Axis axis, String path) {
        if (part.span(axis).place() instanceof Place.Stacked in) {
            if (!known(in.stack(), path + ".in")) return;
            if (!(parts.get(in.stack()) instanceof StackPart stack) || stack.along() != axis) {
                problem(path + ".in", in.stack() + " is not a stack along " + (axis == Axis.X ? "x" : "y"));
            }
            return;
        }
        if (part.span(axis).place() instanceof Place.Around) {
            boolean union = part.span(axis).size() instanceof Size.Wraps wraps && wraps.take() == Size.Take.UNION;
            if (!union) problem(path + ".around", "is only for what wraps the union of parts along that axis");
            return;
        }
        Place.Hang hang = (Place.Hang) part.span(axis).place();
        checkEdge(part, hang.edge(), axis, path + ".hangs");
        if (hang.onGround()) {
            if (hang.at() == Edge.BASELINE) problem(path + ".at", "only a text has a baseline");
        } else if (known(hang.on(), path + ".on")) {
            checkEdge(parts.get(hang.on()), hang.at(), axis, path + ".at");
        }
    }

    private void checkEdge(Part part, Edge edge, Axis axis, String path) {
        boolean inner = edge == Edge.INNER_START || edge == Edge.INNER_END;
        if (inner && !(part.span(axis).size() instanceof Size.Wraps)) {
            problem(path, part.key() + " has no inner edges there; only what wraps others has");
        }
        if (edge == Edge.BASELINE && !(part instanceof TextPart)) {
            problem(path, part.key() + " has no baseline; only a text has one");
        }
    }

    private boolean known(String key, String path) {
        if (parts.containsKey(key)) return true;
        problem(path, "there is no part '" + Spot.shown(key) + "'");
        return false;
    }

    private void checkField(String key, String path) {
        if (graphic.field(key).isEmpty()) problem(path, "there is no field '" + Spot.shown(key) + "'");
    }

    private void checkMoves(Phase phase) {
        Set<String> moves = Set.copyOf(phase.moves().stream().map(Move::key).toList());
        for (int i = 0; i < phase.moves().size(); i++) {
            Move move = phase.moves().get(i);
            String path = "$." + phase.name().path() + ".moves[" + i + "]";
            if (known(move.part(), path + ".part")
                    && move.travel() instanceof Travel.ClearOfMask
                    && parts.get(move.part()).masks().stream().noneMatch(Mask::inside)) {
                problem(path + ".travel", move.part() + " is not inside a mask it could be clear of");
            }
            checkTravel(move, path + ".travel");
            MoveOrder.waitsForPart(move.start()).ifPresent(part -> known(part, path + ".start"));
            if (move.channel() == Channel.DRAW && !(parts.get(move.part()) instanceof BoxPart)) {
                problem(path + ".channel", "only a box has a stroke that can be drawn; a line is revealed");
            }
            checkRibbonMove(move, path);
            if (move.deal().isPresent() && !(parts.get(move.part()) instanceof TextPart)) {
                problem(path + ".deal", "only a text has letters, words and lines to deal a move out over");
            }
            MoveOrder.waits(move.start())
                    .filter(waited -> !moves.contains(waited))
                    .ifPresent(waited -> problem(
                            path + ".start",
                            "there is no move '" + Spot.shown(waited) + "' in "
                                    + phase.name().word()));
        }
    }

    private void checkRibbonMove(Move move, String path) {
        Part part = parts.get(move.part());
        if (part == null) return;
        boolean ribbon = part instanceof RibbonPart;
        boolean lit = move.channel() == Channel.LIGHT && part instanceof BoxPart box && box.depth() > 0;
        if (move.channel().isOfRibbons() && !ribbon && !lit) {
            String others = move.channel() == Channel.LIGHT ? ", and a box with depth," : "";
            problem(
                    path + ".channel",
                    "only a ribbon" + others + " has a " + move.channel().word());
        }
        if (!ribbon && !part.isRiding()) return;
        if (!ribbon && move.channel().isTilt()) {
            problem(path + ".channel", "what rides on a ribbon is not tilted by itself; tilt the ribbon");
        }
        if (!ribbon && move.isByFrame()) {
            problem(path + ".travel", "what rides on a ribbon moves along it, not about the frame; move the ribbon");
        }
        if (move.channel() != Channel.REVEAL) return;
        if (move.opening().soft() > 0) {
            problem(path + ".soft", "a ribbon, and what rides on it, is revealed with a hard edge; leave it out");
        }
        if (move.opening().degrees() % 180 != 0) {
            problem(
                    path + ".toward",
                    "a ribbon, and what rides on it, is revealed along its course: right, left or from middle");
        }
    }

    private void checkTravel(Move move, String path) {
        if (move.travel() instanceof Travel.SizeOf size) known(size.part(), path);
        if (move.travel() instanceof Travel.Tint tint) {
            for (String field : TextPattern.fields(tint.colour())) checkField(field, path);
        }
    }

    private void checkTiming(Phase phase) {
        String path = "$." + phase.name().path();
        for (Timing.Delay delay : phase.timing().delays()) known(delay.part(), path + ".delays");
        if (phase instanceof In in) {
            for (int i = 0; i < in.steps().size(); i++) {
                known(in.steps().get(i).part(), path + ".steps[" + i + "].part");
            }
        }
        for (Timing.Stagger stagger : phase.timing().staggers()) {
            for (String part : stagger.parts()) known(part, path + ".staggers");
        }
    }

    private void checkCases() {
        for (int i = 0; i < graphic.cases().size(); i++) {
            Case row = graphic.cases().get(i);
            String path = "$.cases[" + i + "]";
            for (PhaseName phase : PhaseName.PLAYED) {
                checkNamed(row.played().of(phase), phase.word(), List.of(phase), path);
            }
            checkNamed(row.played().swap(), "swap", List.of(PhaseName.AWAY, PhaseName.BACK), path);
            for (int c = 0; c < row.when().size(); c++)
                checkCondition(row.when().get(c), path + ".when[" + c + "]");
            Variants.quarrel(graphic, row.played())
                    .ifPresent(part -> problem(path, "its variants have " + part + " rest in different places"));
        }
        for (String check : graphic.proof().limits().keySet()) checkCheck(check, "$.proof.limits." + check);
        for (int i = 0; i < graphic.proof().accepted().size(); i++) {
            ProofRules.Accepted accepted = graphic.proof().accepted().get(i);
            checkCheck(accepted.check(), "$.proof.accepted[" + i + "].check");
            if (!accepted.part().isEmpty()) known(accepted.part(), "$.proof.accepted[" + i + "].part");
        }
    }

    private void checkNamed(String name, String word, List<PhaseName> of, String path) {
        if (name.isEmpty()
                || of.stream().anyMatch(phase -> graphic.variant(phase, name).isPresent())) return;
        problem(path + "." + word, "there is no variant '" + Spot.shown(name) + "' of " + word);
    }

    private void checkCheck(String word, String path) {
        if (Check.named(word).isEmpty()) {
            problem(path, "there is no check '" + Spot.shown(word) + "'; there are " + Check.words());
        }
    }

    private void checkCondition(Condition condition, String path) {
        condition.about().ifPresent(field -> checkField(field, path + ".field"));
        if (condition instanceof Condition.Number number) {
            graphic.field(number.field())
                    .filter(field -> field.kind() != Field.Kind.NUMBER)
                    .ifPresent(field -> problem(path, field.key() + " is not a number field"));
        }
        if (!(condition instanceof Condition.Wider wider)) return;
        if (!wider.part().isEmpty()) known(wider.part(), path + ".widerThan.part");
        boolean shown = graphic.parts().stream()
                .anyMatch(part -> part instanceof TextPart text
                        && TextPattern.fields(text.text()).contains(wider.field()));
        if (!shown) problem(path + ".widerThan", "no text shows " + wider.field() + ", so it has no width");
    }

    /** Each variant as it is played: what it refers to, and that it can be solved; then every case with all it plays. */
    private void checkVariants() {
        for (int i = 0; i < graphic.variants().size(); i++) {
            Variant variant = graphic.variants().get(i);
            String path = "$.variants[" + i + "]";
            for (Variant.Stand stand : variant.stands()) known(stand.part(), path + ".stands");
            String word = variant.phase().name().path();
            Graphic played =
                    Variants.played(graphic, Played.only(variant.phase().name(), variant.name()));
            for (Problem problem : problems(played.withVariants(List.of()).withCases(List.of()), fonts)) {
                boolean ofPhase = problem.path().startsWith("$." + word);
                String inside = ofPhase ? problem.path().substring(word.length() + 2) : ".stands";
                problem(path + inside, problem.sentence());
            }
        }
        if (!problems.isEmpty()) return;
        for (int i = 0; i < graphic.cases().size(); i++) {
            String path = "$.cases[" + i + "]";
            Graphic played = Variants.played(graphic, graphic.cases().get(i).played());
            // Variants that are each sound may not go together.
            problems(played.withVariants(List.of()).withCases(List.of()), fonts).stream()
                    .findFirst()
                    .ifPresent(found -> problem(path, "its variants do not go together: " + found.sentence()));
        }
    }

    private void checkTrials() {
        for (int i = 0; i < graphic.trials().size(); i++) {
            Trial trial = graphic.trials().get(i);
            for (String key : trial.values().keySet()) {
                checkField(key, "$.trials[" + i + "].values");
            }
        }
    }

    private void checkCycles() {
        Relations.cycle(graphic).ifPresent(circle -> problem("$.parts", "cannot be solved: " + circle));
        for (Phase phase : graphic.phases()) {
            MoveOrder.cycle(phase, new Members(graphic))
                    .ifPresent(
                            circle -> problem("$." + phase.name().path() + ".moves", "would never begin: " + circle));
        }
    }
}
