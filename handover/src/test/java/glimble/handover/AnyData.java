package glimble.handover;

import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Whatever may be sent to fill a graphic: texts of every script, blanks in every place, numbers, settings. */
final class AnyData {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String[] LETTERS = {
        "abcdefghijklmnopqrstuvwxyz",
        "ABCDEFGHIJKLMNOPQRSTUVWXYZ",
        "ÅÄÖÇĞŞÜÞðßøłžñ",
        "ấẬềỚữợÝ",
        "абвгджзЖЩЯЁ",
        "αβγδΞΨΩής",
        "ابتثجحخدذرزسشصضطظعغفقكلمنهوي",
        "אבגדהוזחטיךכלםמןנ",
        "ԱԲԳդեզէըթ",
        "ქართულიანბ",
        "कखगघचजटडतदनपमयरलवशस",
        "山口大橋田中日本海北風凧",
        "0123456789",
        ".,;:-–'’&()!?«»[]/%+",
        "   \u00a0\u200b\u00ad\u200d\u200e\u200f"
    };
    /** Marks of letters in whose fonts they have a place, with the first and last of those letters. */
    private static final String[] MARKS = {
        "az\u0301\u0323\u0308",
        "AZ\u0301\u0323\u0308",
        "αω\u0301\u0308",
        "את\u05B8\u05BC",
        "اي\u064E\u0651\u0655",
        "कह\u093E\u093F\u0940\u0941\u0947\u094D\u0902"
    };

    private static final List<String> WHOLE = List.of(
            "Wu",
            "Oona Varga",
            "office affluent",
            "👨‍👩‍👧‍👦",
            "🇳🇴🇸🇪",
            "❤️",
            "1️⃣",
            "नमस्ते",
            "สวัสดีตอนเช้า",
            "ABC (שלום) 12",
            "12 (ليلى) AV");

    private AnyData() {}

    static ObjectNode of(Graphic graphic, Random random) {
        ObjectNode data = JSON.createObjectNode();
        for (Field field : graphic.fields()) {
            if (random.nextInt(8) == 0 && !field.required()) continue;
            switch (field.kind()) {
                case COLOUR ->
                    data.put(field.key(), random.nextBoolean() ? "#7AD3C0" : random.nextBoolean() ? "kelp" : "");
                case TEXT, SPOKEN -> data.put(field.key(), text(random, field.longest()));
                case LINES ->
                    data.put(field.key(), text(random, field.longest()) + "\n" + text(random, field.longest()));
                case CHOICE ->
                    data.put(
                            field.key(),
                            field.options().get(random.nextInt(field.options().size())));
                case SWITCH -> data.put(field.key(), random.nextBoolean());
                case NUMBER -> data.put(field.key(), random.nextInt(2000) / 8.0);
                case PICTURE -> data.put(field.key(), random.nextBoolean() ? "kite mark" : "");
            }
        }
        for (Dial dial : graphic.dials()) {
            if (random.nextInt(3) > 0) continue;
            if (dial.isNumber()) {
                data.put("dial." + dial.key(), dial.least() + random.nextDouble() * (dial.most() - dial.least()));
            } else
                data.put(
                        "dial." + dial.key(),
                        dial.options().get(random.nextInt(dial.options().size())));
        }
        return data;
    }

    private static String text(Random random, int longest) {
        int most = longest > 0 ? longest : 60;
        int kind = random.nextInt(6);
        if (kind == 0) return List.of("", "  ", "\u00a0", "\u200b\u200b").get(random.nextInt(4));
        if (kind == 1) return WHOLE.get(random.nextInt(WHOLE.size()));
        StringBuilder text = new StringBuilder();
        String letters = LETTERS[random.nextInt(LETTERS.length)];
        for (int i = random.nextInt(most + 1); i > 0; i--) {
            if (random.nextInt(7) == 0) letters = LETTERS[random.nextInt(LETTERS.length)];
            char letter = letters.charAt(random.nextInt(letters.length()));
            text.append(letter);
            if (random.nextInt(10) == 0) text.append(mark(letter, random));
        }
        return text.toString();
    }

    private static String mark(char letter, Random random) {
        for (String marks : MARKS) {
            if (letter < marks.charAt(0) || letter > marks.charAt(1)) continue;
            return marks.substring(2 + random.nextInt(marks.length() - 2)).substring(0, 1);
        }
        return "";
    }
}
