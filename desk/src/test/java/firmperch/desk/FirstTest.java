package firmperch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.DataInputStream;
import java.io.IOException;
import java.io.InputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** An old Java is told of in words. */
class FirstTest {
    /** Class file version 52 is that of Java 8 (Java Virtual Machine Specification, table 4.1-A). */
    @Test
    void anyJavaFromEightOnCanRunIt() throws IOException {
        try (InputStream in = First.class.getResourceAsStream("First.class");
                DataInputStream data = new DataInputStream(in)) {
            assertThat(data.readInt()).isEqualTo(0xcafebabe);
            assertThat(data.readUnsignedShort()).isZero();
            assertThat(data.readUnsignedShort()).isEqualTo(52);
        }
    }

    @ParameterizedTest
    @CsvSource({"1.8, 8", "9, 9", "17, 17", "25, 25"})
    void versionsAreUnderstood(String specification, int number) {
        assertThat(First.number(specification)).isEqualTo(number);
    }

    @Test
    void saysWhatIsNeededWhatIsThereAndWhatElseCanBeDone() {
        assertThat(First.tooOld("17.0.2", "/usr/lib/java")).contains("needs Java 25", "Java 17.0.2", "/usr/lib/java",
                "image");
    }
}
