package glimble.formats.tables;

import java.util.List;
import java.util.regex.Pattern;

/**
 * Texts that a spreadsheet would work out as formulas, since they begin with {@code = + - @} or a tab. They are written with an apostrophe
 * before them, by which spreadsheets know a text; it is taken away when they are read. Numbers are written as they are.
 */
final class SpreadsheetCell {
    private static final char MARK = '\'';
    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\t].*", Pattern.DOTALL);
    private static final Pattern NUMBER = Pattern.compile("[+-]?\\d+([.,]\\d+)?");

    private SpreadsheetCell() {}

    static List<String> written(List<String> cells) {
        return cells.stream().map(cell -> isFormula(cell) ? MARK + cell : cell).toList();
    }

    static List<String> read(List<String> cells) {
        return cells.stream()
                .map(cell -> isMarked(cell) ? cell.substring(1) : cell)
                .toList();
    }

    /** What begins with marks already gets one more, so that all are read as they were. */
    private static boolean isFormula(String cell) {
        return FORMULA.matcher(cell).matches() && !NUMBER.matcher(cell).matches();
    }

    private static boolean isMarked(String cell) {
        return cell.length() > 1 && cell.charAt(0) == MARK && isFormula(cell.substring(1));
    }
}
