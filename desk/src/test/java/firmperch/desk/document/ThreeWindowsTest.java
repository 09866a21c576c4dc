package firmperch.desk.document;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.trial.Trial;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Three windows on one home, started one after the other and ended in any order, in order or by a kill, with and without unsaved work:
 * a window takes the work of those that were killed before it started, all of it, and of none that runs.
 */
class ThreeWindowsTest {
    @TempDir
    private Path folder;

    @Test
    void noneIsClaimedAndNoneIsMissed() throws Exception {
        int rounds = Trial.times("windows", 1, 50);
        Random random = new Random(17);
        int killed = 0;
        for (int round = 0; round < rounds; round++) {
            Path home = Files.createDirectory(folder.resolve("home " + round));
            List<String> left = new ArrayList<>();
            boolean crash = false;
            List<AWindow> running = new ArrayList<>();
            List<String> works = new ArrayList<>();
            for (int started = 0; started < 3 || !running.isEmpty();) {
                boolean start = started < 3 && (running.isEmpty() || random.nextInt(3) > 0);
                if (start) {
                    boolean unsaved = random.nextInt(3) > 0;
                    AWindow window = AWindow.start(home, "work " + started, unsaved);
                    Collections.sort(left);
                    assertThat(window.claimed()).as("round %d, window %d", round, started)
                            .isEqualTo("claimed " + left + " crashed " + crash);
                    left.clear();
                    crash = false;
                    running.add(window);
                    works.add(unsaved ? "work " + started : "");
                    started++;
                    continue;
                }
                int which = random.nextInt(running.size());
                AWindow ended = running.remove(which);
                String work = works.remove(which);
                // The first round, which is all that always runs, has a kill in it.
                if (random.nextInt(2) > 0 || round == 0 && killed == 0) {
                    ended.kill();
                    killed++;
                    crash = true;
                    if (!work.isEmpty()) {
                        left.add(work);
                    }
                } else {
                    ended.close();
                }
            }
            try (AWindow last = AWindow.start(home, "last", false)) {
                Collections.sort(left);
                assertThat(last.claimed()).as("round %d, the last", round)
                        .isEqualTo("claimed " + left + " crashed " + crash);
            }
        }
        System.out.printf("three windows: %d rounds, %d killed, 0 claimed, 0 missed%n", rounds, killed);
    }
}
