package firmperch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.desk.app.DeskApp;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The style sheet against WCAG 2.2: contrast at AA (success criterion 1.4.3, relative luminance as defined there). */
class StyleTest {
    private static String css;

    @BeforeAll
    static void read() throws IOException {
        try (InputStream in = DeskApp.class.getResourceAsStream("/firmperch/desk/desk.css")) {
            css = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static Map<String, Color> colours(String selector) {
        int start = css.indexOf(selector + " {");
        String block = css.substring(start, css.indexOf('}', start));
        Map<String, Color> found = new HashMap<>();
        Matcher colour = Pattern.compile("(-fp-[a-z]+): (#[0-9a-f]{6})").matcher(block);
        while (colour.find()) {
            found.put(colour.group(1), Color.web(colour.group(2)));
        }
        return found;
    }

    private static double luminance(Color c) {
        return 0.2126 * linear(c.getRed()) + 0.7152 * linear(c.getGreen()) + 0.0722 * linear(c.getBlue());
    }

    private static double linear(double channel) {
        return channel <= 0.04045 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
    }

    private static double contrast(Color a, Color b) {
        double la = luminance(a);
        double lb = luminance(b);
        return (Math.max(la, lb) + 0.05) / (Math.min(la, lb) + 0.05);
    }

    @Test
    void contrastOfBlackOnWhiteIsTwentyOne() {
        assertThat(contrast(Color.BLACK, Color.WHITE)).isEqualTo(21);
    }

    @ParameterizedTest
    @CsvSource({"-fp-ink,-fp-ground", "-fp-ink,-fp-paper", "-fp-muted,-fp-ground", "-fp-muted,-fp-paper",
            "-fp-muted,-fp-chosen", "-fp-good,-fp-ground", "-fp-good,-fp-paper", "-fp-good,-fp-chosen",
            "-fp-near,-fp-ground", "-fp-near,-fp-paper", "-fp-near,-fp-chosen", "-fp-short,-fp-ground",
            "-fp-short,-fp-paper", "-fp-short,-fp-chosen", "-fp-accent,-fp-ground", "-fp-accent,-fp-chosen",
            "-fp-paper,-fp-accent"})
    void textStandsOutInLightAndDark(String text, String ground) {
        for (String selector : new String[]{".desk", ".desk.dark, .desk .dark"}) {
            Map<String, Color> colours = colours(selector);
            assertThat(contrast(colours.get(text), colours.get(ground))).as("%s on %s in %s", text, ground, selector)
                    .isGreaterThanOrEqualTo(4.5);
        }
    }

    @Test
    void noTextIsSmallerThanTwelvePixels() {
        Matcher size = Pattern.compile("-fx-font-size: ([0-9.]+)px").matcher(css);
        int found = 0;
        while (size.find()) {
            assertThat(Double.parseDouble(size.group(1))).isGreaterThanOrEqualTo(12);
            found++;
        }
        assertThat(found).isGreaterThan(5);
    }
}
