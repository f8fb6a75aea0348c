package rhombus.core.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import rhombus.core.words.Messages;

class CsvTest {
    /** RFC 4180 knows the comma as what parts cells; whoever reads the file may speak any language. */
    @Test
    void numbersHaveAPointWhateverLanguageThePageSpeaks() {
        String english = row();
        assertThat(english).startsWith("a,0.5,-1250.25");
        String spoken = Messages.say("number.decimal-sign");
        Messages.use("number.decimal-sign=,");
        try {
            assertThat(row()).isEqualTo(english);
        } finally {
            Messages.speakEnglish();
        }
        assertThat(Messages.say("number.decimal-sign")).isEqualTo(spoken);
    }

    private static String row() {
        return new Csv().line(List.of("a", 0.5, -1250.25)).toString();
    }
}
