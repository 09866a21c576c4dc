package firmperch.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.body.Assembly;
import firmperch.body.Body;
import firmperch.body.Freedom;
import firmperch.body.Piece;
import firmperch.body.Vec3;
import firmperch.file.Samples;
import firmperch.project.Project;
import firmperch.study.Study;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The chain to a point against the whole rig put into the pose, over the demos, point by point and joint by joint. */
class ChainTest {
    @Test
    void isWhereTheWholeRigHasItAndGoesAsFast() {
        Random random = new Random(11);
        for (Project demo : Samples.all()) {
            Rig rig = Study.of(demo).rig();
            Assembly assembly = rig.assembly();
            for (Piece piece : assembly.pieces()) {
                Body body = piece.body();
                Vec3 at = new Vec3(random.nextDouble(), random.nextDouble(), random.nextDouble());
                Chain chain = new Chain(rig, body, at);
                Pose pose = random(assembly, random);
                for (int turn = 0; turn < 6; turn++) {
                    Posed posed = Posed.of(rig, pose);
                    Vec3 point = chain.point(pose);
                    assertThat(point.minus(posed.point(body, at)).length()).as(piece.name()).isLessThan(1e-12);
                    for (int f = 0; f < assembly.freedoms().size(); f++) {
                        Vec3 apart = chain.velocity(point, f).minus(posed.velocity(body, posed.point(body, at), f));
                        assertThat(apart.length()).as(piece.name()).isCloseTo(0, within(1e-11));
                    }
                    // One joint on: what has not moved is kept.
                    int moved = random.nextInt(assembly.freedoms().size());
                    pose = pose.with(assembly, moved, random(assembly, random).get(moved));
                }
            }
        }
    }

    private static Pose random(Assembly assembly, Random random) {
        return Pose.of(assembly.freedoms().stream()
                .mapToDouble((Freedom f) -> f.nearest(f.from() + random.nextDouble() * (f.to() - f.from()))).toArray());
    }

    @Test
    void aPointOfThePlaceStays() {
        Rig rig = Study.of(Samples.all().getFirst()).rig();
        Vec3 at = new Vec3(1, 2, 3);
        Chain chain = new Chain(rig, null, at);
        assertThat(chain.point(random(rig.assembly(), new Random(1)))).isEqualTo(at);
        assertThat(chain.velocity(at, 0)).isEqualTo(Vec3.ZERO);
    }
}
