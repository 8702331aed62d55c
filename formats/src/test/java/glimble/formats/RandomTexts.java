package glimble.formats;

import java.util.List;
import java.util.Random;

/** Texts that operators may supply: scenario values, and random ones in mixed scripts. */
final class RandomTexts {
    static final List<String> NAMES = List.of(
            "Wu",
            "Oona Varga",
            "Tiago Brandão-Escarpa",
            "Ingeborg Þórhallsdóttir-Halvorsen",
            "Nguyễn Thị Hạnh Phước",
            "Ștefan Ițcu",
            "ŞÜKRÜ ÅNGSTRÖM-ÇELİK",
            "Елена Журавлёва-Щукина",
            "Αγγελική Ξανθοπούλου",
            "ليلى الصقّار",
            "W. W. Wimmering",
            "illi il fitti");
    static final List<String> ROLES = List.of(
            "",
            "   ",
            "Flyer",
            "Chief measurer, box-kite class",
            "Two-line freestyle, night session, heat 4 of 11",
            "North Strand Box-Kite & Weather Society",
            "Gusts of 31 knots at the north mast; flying resumes on the half hour");

    private static final String[] LETTERS = {
        "abcdefghijklmnopqrstuvwxyz",
        "ABCDEFGHIJKLMNOPQRSTUVWXYZ",
        "ÅÄÖÇĞŞÜÞðßøłžñ",
        "ấẬềỚữợÝ",
        "абвгджзЖЩЯЁ",
        "αβγδΞΨΩή",
        "ابتثجحخدذرزسشصضطظعغفقكلمنهوي",
        "0123456789",
        ".,;:-–'’&()!?",
        "    \u00a0\u200b"
    };

    private RandomTexts() {}

    /** 0 to 200 letters; now and then blank. */
    static String text(Random random) {
        if (random.nextInt(6) == 0)
            return List.of("", "  ", "\u00a0", "\u200b\u200b").get(random.nextInt(4));
        int length = random.nextInt(201);
        StringBuilder text = new StringBuilder();
        String letters = LETTERS[random.nextInt(LETTERS.length)];
        for (int i = 0; i < length; i++) {
            if (random.nextInt(7) == 0) letters = LETTERS[random.nextInt(LETTERS.length)];
            text.append(letters.charAt(random.nextInt(letters.length())));
            if (random.nextInt(40) == 0) text.append(random.nextBoolean() ? '\u0301' : '\u0323');
        }
        return text.toString();
    }
}
