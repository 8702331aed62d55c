package glimble.server.bundles;

import glimble.edit.Renamed;
import glimble.formats.pictures.PictureFile;
import glimble.graphic.Graphic;
import glimble.handover.BadBundle;
import glimble.handover.Bundle;
import glimble.handover.BundleReader;
import glimble.server.bundles.BundleContents.Clash;
import glimble.server.bundles.BundleContents.Kind;
import glimble.server.fonts.FontStore;
import glimble.server.graphics.GraphicStore;
import glimble.server.graphics.SaveId;
import glimble.server.graphics.StoredGraphic;
import glimble.server.house.House;
import glimble.server.house.House.PaletteEntry;
import glimble.server.house.HouseStore;
import glimble.server.pictures.PictureContent;
import glimble.server.pictures.PictureNote;
import glimble.server.pictures.PictureStore;
import glimble.server.problems.Refused;
import glimble.server.work.InOneTransaction;
import glimble.text.FreshName;
import glimble.text.NumberWords;
import glimble.typeset.HouseFont;
import glimble.typeset.JdkTypesetter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/**
 * Takes in graphics of other houses with what they name. Nothing that is here changes: what clashes is either left out for what the
 * house has, or taken in under another name that the graphic then uses.
 */
@Service
class Bundles {
    /** The house's own is used. */
    private static final String HERE = "here";
    /** The bundle's is taken in under another name. */
    private static final String OTHER = "other";

    private final GraphicStore graphics;
    private final HouseStore house;
    private final PictureStore pictures;
    private final FontStore fonts;
    private final JdkTypesetter typesetter;
    private final JsonMapper json;

    Bundles(
            GraphicStore graphics,
            HouseStore house,
            PictureStore pictures,
            FontStore fonts,
            JdkTypesetter typesetter,
            JsonMapper json) {
        this.json = json;
        this.graphics = graphics;
        this.house = house;
        this.pictures = pictures;
        this.fonts = fonts;
        this.typesetter = typesetter;
    }

    Bundle read(byte[] archive) throws BadBundle {
        return BundleReader.read(archive, typesetter.fonts());
    }

    BundleContents contents(Bundle bundle) {
        House now = house.current();
        Map<String, String> colours = now.colours().colours();
        List<Clash> clashes = new ArrayList<>();
        List<String> newColours = new ArrayList<>();
        bundle.palette().colours().forEach((name, there) -> {
            String here = colours.get(name);
            if (here == null) newColours.add(name);
            else if (!here.equalsIgnoreCase(there)) clashes.add(new Clash(Kind.COLOUR, name, here, there));
        });
        List<String> newPictures = new ArrayList<>();
        bundle.pictures().forEach((key, there) -> {
            Optional<PictureContent> here = pictures.found(key);
            if (here.isEmpty()) newPictures.add(key);
            else if (!Arrays.equals(here.get().content(), there.bytes())) {
                PictureNote note = pictures.note(key);
                clashes.add(new Clash(Kind.PICTURE, key, size(note.width(), note.height()), size(there)));
            }
        });
        List<String> newFonts = bundle.fonts().stream()
                .filter(font -> !typesetter.fonts().contains(font.id()))
                .map(HouseFont::name)
                .toList();
        return new BundleContents(
                freeName(bundle.designed().name()), newColours, newPictures, newFonts, clashes, notes(bundle, now));
    }

    private static String size(PictureFile file) {
        return size(file.width(), file.height());
    }

    private static String size(double width, double height) {
        return Math.round(width) + " × " + Math.round(height);
    }

    private static List<String> notes(Bundle bundle, House now) {
        List<String> notes = new ArrayList<>();
        if (!bundle.safe().equals(now.safe())) {
            notes.add("Its house has other safe areas: "
                    + areas(bundle.safe().action(), bundle.safe().title()) + ", here "
                    + areas(now.safe().action(), now.safe().title()) + ". It is proved with those here.");
        }
        if (bundle.wholePixels() != now.wholePixels()) {
            notes.add(
                    bundle.wholePixels()
                            ? "Its house wants edges on whole px, this one does not: they may stand a little elsewhere."
                            : "Its house does not want edges on whole px, this one does: they may stand a little elsewhere.");
        }
        return notes;
    }

    private static String areas(double action, double title) {
        return NumberWords.of(action) + " and " + NumberWords.of(title) + " %";
    }

    private String freeName(String name) {
        Set<String> taken = new HashSet<>();
        for (StoredGraphic stored : graphics.all()) {
            taken.add(json.readTree(stored.document()).path("name").asString());
        }
        return FreshName.take(taken, name);
    }

    /**
     * @param answers {@code here} or {@code other} by what is asked about, such as {@code colour:Night}
     * @throws Refused if a clash has no answer
     */
    @InOneTransaction
    StoredGraphic take(Bundle bundle, Map<String, String> answers) {
        BundleContents contents = contents(bundle);
        for (Clash clash : contents.clashes()) {
            String answer = answers.get(clash.asked());
            if (HERE.equals(answer) || OTHER.equals(answer)) continue;
            throw new Refused(
                    "$.answers",
                    "must say of '" + clash.asked()
                            + "' whether what is here is used (here), or the other is taken in under another name"
                            + " (other)");
        }
        for (HouseFont font : bundle.fonts()) fonts.addBeside(font);
        List<Clash> beside = contents.clashes().stream()
                .filter(clash -> OTHER.equals(answers.get(clash.asked())))
                .toList();
        Renamed renamed = new Renamed(colours(bundle, contents, beside), pictures(bundle, contents, beside), Map.of());
        Graphic taken = renamed.of(bundle.designed());
        return graphics.add(taken.named(contents.name()), SaveId.NONE);
    }

    private static List<String> names(Kind kind, List<Clash> clashes) {
        return clashes.stream()
                .filter(clash -> clash.kind() == kind)
                .map(Clash::name)
                .toList();
    }

    /**
     * @param beside what is taken in under another name
     * @return the other names, by those they could not keep
     */
    private Map<String, String> colours(Bundle bundle, BundleContents contents, List<Clash> beside) {
        House now = house.current();
        List<PaletteEntry> palette = new ArrayList<>(now.palette());
        Map<String, String> colours = bundle.palette().colours();
        for (String name : contents.colours()) palette.add(new PaletteEntry(name, colours.get(name)));
        Map<String, String> renamed = new LinkedHashMap<>();
        Set<String> taken = palette.stream().map(PaletteEntry::name).collect(Collectors.toSet());
        for (String name : names(Kind.COLOUR, beside)) {
            renamed.put(name, FreshName.take(taken, name));
            palette.add(new PaletteEntry(renamed.get(name), colours.get(name)));
        }
        if (palette.size() > now.palette().size()) {
            house.save(now.withPalette(palette), SaveId.NONE);
        }
        return renamed;
    }

    /** Likewise. One that is here already is there to be chosen again, if it was removed. */
    private Map<String, String> pictures(Bundle bundle, BundleContents contents, List<Clash> beside) {
        Set<String> added = new LinkedHashSet<>(contents.pictures());
        added.addAll(names(Kind.PICTURE, beside));
        List<String> clashing = names(Kind.PICTURE, contents.clashes());
        Map<String, String> renamed = new LinkedHashMap<>();
        bundle.pictures().forEach((key, file) -> {
            if (added.contains(key)) {
                String kept = pictures.add(key, file).key();
                if (!kept.equals(key)) renamed.put(key, kept);
            } else if (!clashing.contains(key)) pictures.setRemoved(key, false);
        });
        return renamed;
    }
}
