package glimble.spoken;

import java.util.HashMap;
import java.util.Map;

/**
 * Character references of HTML in the text of captions: by number, and the names that people write. Source: HTML, character reference state; of
 * its two thousand names those of HTML 4 and of the letters of European languages.
 */
final class CharacterReference {
    /** From U+00A0 on; these may stand without a semicolon. */
    private static final String LATIN =
            "nbsp iexcl cent pound curren yen brvbar sect uml copy ordf laquo not shy reg macr deg"
                    + " plusmn sup2 sup3 acute micro para middot cedil sup1 ordm raquo frac14 frac12 frac34 iquest Agrave Aacute Acirc"
                    + " Atilde Auml Aring AElig Ccedil Egrave Eacute Ecirc Euml Igrave Iacute Icirc Iuml ETH Ntilde Ograve Oacute Ocirc"
                    + " Otilde Ouml times Oslash Ugrave Uacute Ucirc Uuml Yacute THORN szlig agrave aacute acirc atilde auml aring aelig"
                    + " ccedil egrave eacute ecirc euml igrave iacute icirc iuml eth ntilde ograve oacute ocirc otilde ouml divide oslash"
                    + " ugrave uacute ucirc uuml yacute thorn yuml";
    /** These, too. */
    private static final String PLAIN = "quot 34 amp 38 lt 60 gt 62 QUOT 34 AMP 38 LT 60 GT 62 COPY 169 REG 174";

    private static final String OTHERS =
            "apos 39 Abreve 258 abreve 259 Amacr 256 amacr 257 Aogon 260 aogon 261 Cacute 262"
                    + " cacute 263 Ccaron 268 ccaron 269 Dcaron 270 dcaron 271 Dstrok 272 dstrok 273 Emacr 274 emacr 275 Edot 278"
                    + " edot 279 Eogon 280 eogon 281 Ecaron 282 ecaron 283 Gbreve 286 gbreve 287 Imacr 298 imacr 299 Iogon 302 iogon 303"
                    + " Idot 304 imath 305 inodot 305 Kcedil 310 kcedil 311 Lcaron 317 lcaron 318 Lstrok 321 lstrok 322 Nacute 323"
                    + " nacute 324 Ncaron 327 ncaron 328 Odblac 336 odblac 337 OElig 338 oelig 339 Rcaron 344 rcaron 345 Sacute 346"
                    + " sacute 347 Scedil 350 scedil 351 Scaron 352 scaron 353 Tcaron 356 tcaron 357 Umacr 362 umacr 363 Uring 366"
                    + " uring 367 Udblac 368 udblac 369 Uogon 370 uogon 371 Yuml 376 Zacute 377 zacute 378 Zdot 379 zdot 380 Zcaron 381"
                    + " zcaron 382 fnof 402 circ 710 tilde 732 Alpha 913 Beta 914 Gamma 915 Delta 916 Epsilon 917 Zeta 918 Eta 919"
                    + " Theta 920 Iota 921 Kappa 922 Lambda 923 Mu 924 Nu 925 Xi 926 Omicron 927 Pi 928 Rho 929 Sigma 931 Tau 932"
                    + " Upsilon 933 Phi 934 Chi 935 Psi 936 Omega 937 alpha 945 beta 946 gamma 947 delta 948 epsilon 949 zeta 950 eta 951"
                    + " theta 952 iota 953 kappa 954 lambda 955 mu 956 nu 957 xi 958 omicron 959 pi 960 rho 961 sigmaf 962 sigma 963"
                    + " tau 964 upsilon 965 phi 966 chi 967 psi 968 omega 969 ensp 8194 emsp 8195 thinsp 8201 zwnj 8204 zwj 8205 lrm 8206"
                    + " rlm 8207 hyphen 8208 ndash 8211 mdash 8212 lsquo 8216 rsquo 8217 sbquo 8218 ldquo 8220 rdquo 8221 bdquo 8222"
                    + " dagger 8224 Dagger 8225 bull 8226 hellip 8230 permil 8240 prime 8242 Prime 8243 lsaquo 8249 rsaquo 8250"
                    + " oline 8254 frasl 8260 euro 8364 trade 8482 larr 8592 uarr 8593 rarr 8594 darr 8595 harr 8596 minus 8722"
                    + " infin 8734 asymp 8776 ne 8800 le 8804 ge 8805 loz 9674 star 9734 starf 9733 spades 9824 clubs 9827 hearts 9829"
                    + " diams 9830 check 10003 cross 10007";
    /** What numbers from 0x80 to 0x9F are taken for. Source: HTML, numeric character reference end state. */
    private static final int[] WINDOWS = {
        0x20AC, 0x81, 0x201A, 0x192, 0x201E, 0x2026, 0x2020, 0x2021, 0x2C6, 0x2030, 0x160, 0x2039, 0x152, 0x8D, 0x17D,
                0x8F,
        0x90, 0x2018, 0x2019, 0x201C, 0x201D, 0x2022, 0x2013, 0x2014, 0x2DC, 0x2122, 0x161, 0x203A, 0x153, 0x9D, 0x17E,
                0x178
    };

    private static final int REPLACEMENT = 0xFFFD;

    private static final Map<String, Integer> BARE = new HashMap<>();
    private static final Map<String, Integer> CLOSED = new HashMap<>();

    static {
        int code = 0xA0;
        for (String name : LATIN.split(" ")) BARE.put(name, code++);
        put(BARE, PLAIN);
        put(CLOSED, OTHERS);
        CLOSED.putAll(BARE);
    }

    private static void put(Map<String, Integer> names, String list) {
        String[] all = list.split(" ");
        for (int i = 0; i < all.length; i += 2) names.put(all[i], Integer.parseInt(all[i + 1]));
    }

    /**
     * What was read.
     *
     * @param length chars that it took, from the ampersand on; 1 for an ampersand that names nothing
     */
    record Read(String text, int length) {
        boolean isNothing() {
            return length == 1;
        }
    }

    private CharacterReference() {}

    /** What stands at an ampersand of a text. */
    static Read at(String text, int from) {
        if (from + 1 < text.length() && text.charAt(from + 1) == '#') return number(text, from);
        int end = from + 1;
        while (end < text.length() && isAlphanumeric(text.charAt(end))) end++;
        String name = text.substring(from + 1, end);
        if (end < text.length() && text.charAt(end) == ';' && CLOSED.containsKey(name)) {
            return new Read(shown(CLOSED.get(name)), end - from + 1);
        }
        for (int last = name.length(); last > 1; last--) {
            Integer code = BARE.get(name.substring(0, last));
            if (code != null) return new Read(shown(code), last + 1);
        }
        return new Read("&", 1);
    }

    private static Read number(String text, int from) {
        int at = from + 2;
        boolean hex = at < text.length() && (text.charAt(at) == 'x' || text.charAt(at) == 'X');
        if (hex) at++;
        int begins = at;
        int code = 0;
        for (; at < text.length(); at++) {
            int digit = digit(text.charAt(at), hex ? 16 : 10);
            if (digit < 0) break;
            // Beyond all of Unicode it does not matter how far.
            code = Math.min(0x110000, code * (hex ? 16 : 10) + digit);
        }
        if (at == begins) return new Read("&", 1);
        if (at < text.length() && text.charAt(at) == ';') at++;
        return new Read(shown(code), at - from);
    }

    private static int digit(char c, int radix) {
        int digit = c >= '0' && c <= '9'
                ? c - '0'
                : c >= 'a' && c <= 'f' ? c - 'a' + 10 : c >= 'A' && c <= 'F' ? c - 'A' + 10 : -1;
        return digit < radix ? digit : -1;
    }

    private static boolean isAlphanumeric(char c) {
        return c >= '0' && c <= '9' || c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z';
    }

    private static String shown(int code) {
        boolean none = code == 0 || code > 0x10FFFF || code >= 0xD800 && code <= 0xDFFF;
        int point = none ? REPLACEMENT : code >= 0x80 && code <= 0x9F ? WINDOWS[code - 0x80] : code;
        return new String(Character.toChars(point));
    }
}
