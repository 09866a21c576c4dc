package firmperch.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.body.Vec3;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** The envelope's Cholesky factor against a dense solver of a reference library (EJML). */
class EnvelopeTest {
    @RepeatedTest(20)
    void solvesAsTheFullMatrixDoes(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        int nodes = 2 + random.nextInt(14);
        List<int[]> links = new ArrayList<>();
        for (int i = 1; i < nodes; i++) {
            links.add(new int[]{i, random.nextInt(i)});
        }
        for (int i = 0; i < nodes / 3; i++) {
            links.add(new int[]{random.nextInt(nodes), random.nextInt(nodes)});
        }
        Envelope envelope = Envelope.of(EnvelopePattern.of(nodes, links));
        int size = 6 * nodes;
        DMatrixRMaj full = new DMatrixRMaj(size, size);
        for (int[] link : links) {
            double[] g = random.doubles(12, -1, 1).toArray();
            for (int i = 0; i < 12; i++) {
                for (int j = 0; j < 12; j++) {
                    add(envelope, full, 6 * link[i / 6] + i % 6, 6 * link[j / 6] + j % 6, g[i] * g[j]);
                }
            }
        }
        for (int i = 0; i < size; i++) {
            add(envelope, full, i, i, 1 + random.nextDouble());
        }
        double[] load = random.doubles(size, -10, 10).toArray();
        assertThat(envelope.factor()).isTrue();
        double[] found = envelope.solve(load);
        DMatrixRMaj wanted = new DMatrixRMaj(size, 1);
        assertThat(CommonOps_DDRM.solve(full, new DMatrixRMaj(size, 1, true, load.clone()), wanted)).isTrue();
        for (int i = 0; i < size; i++) {
            assertThat(found[i]).isCloseTo(wanted.get(i, 0), within(1e-9));
        }
    }

    private static void add(Envelope envelope, DMatrixRMaj full, int row, int column, double value) {
        envelope.add(row, column, value);
        full.add(row, column, value);
    }

    @Test
    void whatIsNotHeldIsTold() {
        Envelope free = Envelope.of(EnvelopePattern.of(2, List.of(new int[]{0, 1})));
        free.spring(0, Vec3.ZERO, Vec3.UP, 100);
        assertThat(free.factor()).isFalse();
    }
}
