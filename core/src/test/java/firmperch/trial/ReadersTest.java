package firmperch.trial;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.Demo;
import firmperch.make.Exporters;
import firmperch.make.MakingPlan;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Somebody looks at a pack and at a list again and again while they are exported again and again. */
class ReadersTest {
    @TempDir
    private Path folder;

    @Test
    void nobodyEverSeesHalfAFile() throws Exception {
        int looks = Trial.times("readers", 3000, 100_000);
        Assessment now = Assessor.now(Demo.project());
        MakingPlan plan = MakingPlan.of(now);
        Path pack = folder.resolve("pack.pdf");
        Path cuts = folder.resolve("cuts.csv");
        Exporters.PACK.write(now, pack);
        Exporters.CUTS.write(now, cuts);
        byte[] list = Files.readAllBytes(cuts);
        AtomicBoolean done = new AtomicBoolean();
        AtomicInteger exports = new AtomicInteger();
        Thread exporting = Thread.ofPlatform().start(() -> {
            try {
                while (!done.get()) {
                    Exporters.PACK.write(now, pack);
                    Exporters.CUTS.write(now, cuts);
                    exports.incrementAndGet();
                }
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        });
        int incomplete = 0;
        int looked = 0;
        for (; looked < looks || exports.get() < looks / 500; looked++) {
            byte[] pdf = Files.readAllBytes(pack);
            String end = new String(pdf, Math.max(0, pdf.length - 8), Math.min(8, pdf.length),
                    StandardCharsets.ISO_8859_1);
            boolean whole = end.contains("%%EOF") && java.util.Arrays.equals(Files.readAllBytes(cuts), list);
            incomplete += whole ? 0 : 1;
        }
        done.set(true);
        exporting.join();
        System.out.printf("looks: %d during %d exports%n", looked, exports.get());
        assertThat(exports.get()).isPositive();
        assertThat(incomplete).isZero();
    }
}
