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

/** The blocks' Cholesky factor against a dense solver of a reference library (EJML). */
class SparseBlocksTest {
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
        SparseBlocks sparse = SparseBlocks.of(BlockPattern.of(nodes, links));
        int size = 6 * nodes;
        DMatrixRMaj full = new DMatrixRMaj(size, size);
        for (int[] link : links) {
            double[] g = random.doubles(12, -1, 1).toArray();
            double[] between = new double[144];
            SparseBlocks.spring(between, g, 2);
            sparse.addBetween(link[0], link[1], between);
            for (int i = 0; i < 12; i++) {
                for (int j = 0; j < 12; j++) {
                    full.add(6 * link[i / 6] + i % 6, 6 * link[j / 6] + j % 6, 2 * g[i] * g[j]);
                }
            }
        }
        for (int i = 0; i < size; i++) {
            int beside = i - i % 6 + random.nextInt(6);
            sparse.addBoth(i, i, 1);
            sparse.addBoth(i, beside, 0.1);
            full.add(i, i, 2);
            full.add(i, beside, 0.1);
            full.add(beside, i, 0.1);
        }
        double[] load = random.doubles(size, -10, 10).toArray();
        assertThat(sparse.factor()).isTrue();
        double[] found = sparse.solve(load);
        DMatrixRMaj wanted = new DMatrixRMaj(size, 1);
        assertThat(CommonOps_DDRM.solve(full, new DMatrixRMaj(size, 1, true, load.clone()), wanted)).isTrue();
        for (int i = 0; i < size; i++) {
            assertThat(found[i]).isCloseTo(wanted.get(i, 0), within(1e-9));
        }
    }

    @Test
    void whatIsNotHeldIsTold() {
        SparseBlocks free = SparseBlocks.of(BlockPattern.of(2, List.of(new int[]{0, 1})));
        free.support(0, Vec3.ZERO, Vec3.UP, 100, 0);
        assertThat(free.factor()).isFalse();
    }
}
