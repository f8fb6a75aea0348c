package rhombus.core.keymap;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What the keys of letters print in four layouts, and so what they are called on the screen: from a table (from memory) and from
 * Debian's package xkb-data, which has to agree with it.
 */
class LayoutsTest {
    private static final Path SYMBOLS = Path.of("/usr/share/X11/xkb/symbols");
    /** The keys of letters by their places: rows D, C and B of ISO/IEC 9995-1, from the left. */
    private static final Map<String, String> ROWS = Map.of("AD", "QWERTYUIOP", "AC", "ASDFGHJKL", "AB", "ZXCVBNM");

    private static final Map<String, Character> SIGNS =
            Map.of("apostrophe", '\'', "comma", ',', "period", '.', "semicolon", ';');

    /** What each key of xkb prints without modifiers. */
    private static Map<String, String> symbols(String file, String section) throws IOException {
        String all = Files.readString(SYMBOLS.resolve(file));
        String start =
                section == null ? "default[^\"]*xkb_symbols\\s+\"[^\"]*\"" : "xkb_symbols\\s+\"" + section + "\"";
        Matcher begin = Pattern.compile(start + "\\s*\\{").matcher(all);
        assertThat(begin.find()).as(file + " has " + section).isTrue();
        String body = all.substring(begin.end(), all.indexOf("\n};", begin.end()));
        Map<String, String> out = new HashMap<>();
        Matcher line = Pattern.compile(
                        "include\\s+\"(\\w+)(?:\\((\\w+)\\))?\"|key\\s*<(\\w+)>\\s*\\{\\s*(?:type[^,]*,\\s*)?(?:symbols\\[Group1\\]\\s*=\\s*)?\\[\\s*(\\w+)")
                .matcher(body);
        while (line.find()) {
            if (line.group(1) != null) {
                boolean keys = !line.group(1).matches("level3|nbsp|keypad|kpdl|eurosign|compose|shift|capslock");
                if (keys) {
                    out.putAll(symbols(line.group(1), line.group(2)));
                }
            } else {
                out.put(line.group(3), line.group(4));
            }
        }
        return out;
    }

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '"',
            value = {
                "QWERTY, us, basic, abcdefghijklmnopqrstuvwxyz",
                "QWERTZ, de, basic, abcdefghijklmnopqrstuvwxzy",
                "AZERTY, fr, azerty, \"qbcdefghijkl,noparstuvzxyw\"",
                "Dvorak, us, dvorak, \"axje.uidchtnmbrl'poygk,qf;\""
            })
    void everyKeyOfALetterIsCalledWhatTheLayoutPrints(String name, String file, String section, String table)
            throws IOException {
        Map<String, String> symbols = symbols(file, section);
        for (Map.Entry<String, String> row : ROWS.entrySet()) {
            for (int i = 0; i < row.getValue().length(); i++) {
                char letter = row.getValue().charAt(i);
                char printed = table.charAt(letter - 'A');
                String place = row.getKey() + (i < 9 ? "0" : "") + (i + 1);
                String symbol = symbols.get(place);
                char other = symbol.length() == 1 ? symbol.charAt(0) : SIGNS.get(symbol);
                assertThat(other).as(name + " " + place).isEqualTo(printed);
                // Typed once, it is called so.
                String code = "Key" + letter;
                assertThat(KeyNames.learns(code, String.valueOf(printed), 0)).isTrue();
                assertThat(KeyNames.of(code, Map.of(code, String.valueOf(printed))))
                        .isEqualTo(String.valueOf(printed).toUpperCase());
            }
        }
    }

    @Test
    void whatIsNotKnownOfALayoutIsCalledAsOnAKeyboardOfTheStandard() {
        for (char c = 'A'; c <= 'Z'; c++) {
            assertThat(KeyNames.of("Key" + c, Map.of())).isEqualTo(String.valueOf(c));
        }
        assertThat(KeyNames.of("KeyQ", Map.of("KeyQ", ""))).isEqualTo("Q");
        assertThat(KeyNames.of("KeyQ", Map.of("KeyQ", "Dead"))).isEqualTo("Q");
    }
}
