package firmperch.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.RandomRigs;
import firmperch.body.Contact;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Solid;
import firmperch.body.Vec3;
import firmperch.check.Verdict;
import firmperch.file.Samples;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import firmperch.stock.Section;
import firmperch.study.Situation;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Compositions that nobody has drawn up: parts put together wherever a port fits. Each is assessed without a fault and without a
 * figure that is none; some of those that stand are weighed anew, by counting points in their pieces, and leaned in every direction.
 */
class RandomCompositionsTest {
    private static final int EVERY_POSE = 10;
    private static final int LOOKED_AT = 50;
    /** Points that are thrown into the box about a piece. */
    private static final int POINTS = 20_000;

    private final Random random = new Random(20261128);

    @Test
    void whateverIsPutTogetherIsAssessed() {
        int times = Trial.times("compositions", 40, 2000);
        RandomRigs rigs = new RandomRigs(20261128);
        List<Project> places = Samples.all();
        int standing = 0;
        int looked = 0;
        int most = 0;
        for (int i = 0; i < times; i++) {
            Project rig = rigs.composed(places.get(i % places.size()));
            most = Math.max(most, rig.perch().parts().size());
            Assessment now = i % EVERY_POSE == 0
                    ? Assessor.everyPose(rig, Progress.NONE)
                    : Assessor.now(rig);
            assertThat(now.sentence()).as("number %d", i).doesNotContain("NaN");
            now.findings().forEach(f -> {
                assertThat(f.leftText() + f.reading().numbers().get()).as(f.id()).doesNotContain("NaN", "∞");
                assertThat(f.reading().asked()).as(f.id()).isNotNaN();
                assertThat(f.reading().available()).as(f.id()).isNotNaN();
            });
            Situation s = now.situation();
            if (s.stands() && s.tipping().leastLean() > 0) {
                standing++;
                boolean holds = now.findings().stream().noneMatch(
                        f -> f.verdict() == Verdict.GIVES && f.id().startsWith("tip"));
                if (holds && looked < LOOKED_AT) {
                    lookAt(s, i);
                    looked++;
                }
            }
        }
        System.out.printf("compositions: %d, of up to %d parts, standing %d, looked at %d%n", times, most, standing,
                looked);
        assertThat(looked).isPositive();
    }

    /** Mass and centre by counting, the lean by the support's reach in every direction. */
    private void lookAt(Situation s, int number) {
        double mass = 0;
        Vec3 moment = Vec3.ZERO;
        double gear = 0;
        Vec3 gearMoment = Vec3.ZERO;
        for (Piece piece : s.study().assembly().pieces()) {
            Solid shape = piece.solid() instanceof Solid.Bought bought ? bought.shape() : piece.solid();
            Counted counted = counted(shape);
            double kg = piece.solid() instanceof Solid.Bought bought
                    ? bought.mass()
                    : counted.volume * piece.material().density();
            Vec3 weighs = s.posed().place(piece).point(counted.centre).times(kg);
            mass += kg;
            moment = moment.plus(weighs);
            if (piece.station().equals(s.study().assembly().payload())) {
                gear += kg;
                gearMoment = gearMoment.plus(weighs);
            }
        }
        double spare = s.study().rig().spare();
        mass += spare;
        moment = moment.plus(gearMoment.times(spare / gear));
        Vec3 centre = s.feet().aboveGround(moment.times(1 / mass));
        assertThat(mass).as("mass of number %d", number).isCloseTo(s.posed().mass(), within(0.01 * mass));
        Vec3 told = s.feet().aboveGround(s.posed().centre());
        assertThat(centre.minus(told).length()).as("centre of number %d", number).isLessThan(0.01);
        double lean = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 7200; i++) {
            double x = Math.cos(Math.PI * i / 3600);
            double y = Math.sin(Math.PI * i / 3600);
            double reach = Double.NEGATIVE_INFINITY;
            for (Contact contact : s.study().assembly().contacts()) {
                if (s.posed().bears(contact)) {
                    Vec3 on = contact.roam() > 0 ? s.posed().pivot(contact) : s.posed().at(contact);
                    reach = Math.max(reach, on.x() * x + on.y() * y - contact.roam());
                }
            }
            lean = Math.min(lean, Math.atan2(reach - told.x() * x - told.y() * y, told.z()));
        }
        assertThat(s.tipping().levelLean()).as("lean of number %d", number).isCloseTo(lean,
                within(2e-3));
    }

    private record Counted(double volume, Vec3 centre) {}

    /** Volume and centre by points thrown evenly into the box about it. */
    private Counted counted(Solid solid) {
        double[] low = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
        double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        if (solid instanceof Solid.Point) {
            return new Counted(0, Vec3.ZERO);
        }
        for (Solid.Face face : solid.faces()) {
            for (Vec3 c : face.corners()) {
                double[] at = {c.x(), c.y(), c.z()};
                for (int k = 0; k < 3; k++) {
                    low[k] = Math.min(low[k], at[k]);
                    high[k] = Math.max(high[k], at[k]);
                }
            }
        }
        int inside = 0;
        Vec3 sum = Vec3.ZERO;
        int side = (int) Math.cbrt(POINTS);
        for (int i = 0; i < side * side * side; i++) {
            int[] cell = {i % side, i / side % side, i / side / side};
            double[] at = new double[3];
            for (int k = 0; k < 3; k++) {
                at[k] = low[k] + (high[k] - low[k]) * (cell[k] + random.nextDouble()) / side;
            }
            Vec3 point = new Vec3(at[0], at[1], at[2]);
            if (inside(solid, point)) {
                inside++;
                sum = sum.plus(point);
            }
        }
        double box = (high[0] - low[0]) * (high[1] - low[1]) * (high[2] - low[2]);
        return new Counted(box * inside / (side * side * side), inside == 0 ? Vec3.ZERO : sum.times(1.0 / inside));
    }

    private static boolean inside(Solid solid, Vec3 p) {
        return switch (solid) {
            case Solid.Bar bar -> inside(bar, p);
            case Solid.Sheet sheet -> Math.abs(p.z()) <= sheet.thickness() / 2
                    && odd(sheet.outline().points(), p.x(), p.y())
                    && sheet.outline().cutouts().stream().noneMatch(c -> odd(Outline.points(c), p.x(), p.y()));
            case Solid.Round round -> odd(round.profile(), Math.hypot(p.x(), p.y()), p.z());
            case Solid.Filling filling -> inside(filling.hollow(), p) && filling.standing().stream()
                    .noneMatch(t -> inside(t.solid(), t.at().inverse().point(p)));
            case Solid.Bought bought -> inside(bought.shape(), p);
            case Solid.Point _ -> false;
        };
    }

    private static boolean inside(Solid.Bar bar, Vec3 p) {
        return ends(bar, p) && switch (bar.section()) {
            case Section.Rectangle r -> Math.abs(p.y()) <= r.breadth() / 2 && Math.abs(p.z()) <= r.depth() / 2;
            case Section.RoundTube t -> {
                double radius = Math.hypot(p.y(), p.z());
                yield radius <= t.diameter() / 2 && radius >= t.diameter() / 2 - t.wall();
            }
            case Section.SquareTube t -> square(p, t.side(), t.wall());
            case Section.SlottedTube t -> square(p, t.side(), t.wall())
                    && (p.z() > 0 || Math.abs(p.y()) > t.slot() / 2);
        };
    }

    private static boolean square(Vec3 p, double side, double wall) {
        double out = Math.max(Math.abs(p.y()), Math.abs(p.z()));
        return out <= side / 2 && out >= side / 2 - wall;
    }

    private static boolean ends(Solid.Bar bar, Vec3 p) {
        return end(bar.start(), -p.x(), p.z(), bar.section().depth() / 2)
                && end(bar.finish(), p.x() - bar.length(), p.z(), bar.section().depth() / 2);
    }

    /** Whether a point so far beyond an end on the axis is still in the bar. */
    private static boolean end(Solid.End end, double beyond, double z, double half) {
        return switch (end) {
            case Solid.Mitre mitre -> beyond <= Math.tan(mitre.slant()) * z;
            case Solid.Rounded _ -> beyond <= -half || Math.hypot(beyond + half, z) <= half;
        };
    }

    /** Whether a point lies in a polygon, by the even-odd rule. */
    private static boolean odd(List<Outline.Point> polygon, double x, double y) {
        boolean in = false;
        for (int i = 0, j = polygon.size() - 1; i < polygon.size(); j = i++) {
            Outline.Point a = polygon.get(i);
            Outline.Point b = polygon.get(j);
            if (a.y() > y != b.y() > y && x < (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y()) + a.x()) {
                in = !in;
            }
        }
        return in;
    }
}
