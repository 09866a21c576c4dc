package firmperch.study;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.Demo;
import firmperch.file.Samples;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class TapedTest {
    private static double[] foot(Object... changes) {
        // "from 596 mm to 1400 mm out from the wall, 402 mm to the left and 402 mm to the right of …"
        Matcher m = Pattern
                .compile("from (\\S+) mm to (\\S+) mm out from the wall, (\\S+) mm to the left and (\\S+) mm to")
                .matcher(Taped.foot(Study.of(Demo.with(changes)).shown()));
        assertThat(m.find()).isTrue();
        double[] told = new double[4];
        for (int i = 0; i < 4; i++) {
            told[i] = Double.parseDouble(m.group(i + 1));
        }
        return told;
    }

    /** As far as the rig is moved, the tape moves; turned by a right angle, what was across is along. */
    @Test
    void theFootIsTapedWhereItStands() {
        double[] here = foot("stance.x", 1.0, "stance.y", 0.0);
        double[] there = foot("stance.x", 1.1, "stance.y", 0.05);
        assertThat(there[0] - here[0]).isBetween(99.0, 101.0);
        assertThat(there[1] - here[1]).isBetween(99.0, 101.0);
        assertThat(there[2] - here[2]).isBetween(49.0, 51.0);
        assertThat(there[3] - here[3]).isBetween(-51.0, -49.0);
        double[] turned = foot("stance.x", 1.0, "stance.y", 0.0, "stance.heading", Math.PI / 2);
        assertThat(turned[1] - turned[0]).isBetween(here[2] + here[3] - 2, here[2] + here[3] + 2);
    }

    @Test
    void whatHangsHasNoFoot() {
        assertThat(Taped.foot(Study.of(Samples.all().get(2)).shown())).isEmpty();
    }
}
