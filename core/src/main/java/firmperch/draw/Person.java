package firmperch.draw;

import firmperch.body.Vec3;
import firmperch.draw.Shape.Point;
import firmperch.place.Bench;
import firmperch.place.Spot;
import firmperch.study.Situation;
import firmperch.study.Target;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Who works at the bench, standing at its far edge with both hands on the work, as tall as is set: so that a rig's size is seen. Proportions
 * of the body as shares of its height (DIN 33402-2, middle of men and women, from memory): shoulders at 0.82, hips at 0.52, knees at 0.28,
 * 0.24 wide at the shoulders, a head of 0.13. Drawn only; nothing is asked of it.
 */
final class Person {
    private static final double SHOULDER = 0.82;
    private static final double HIP = 0.52;
    private static final double KNEE = 0.28;
    /** How far hands go before the body as a share of its height: common practice, no source. */
    private static final double REACH = 0.38;
    private static final double ANKLE = 0.04;
    /** Height of a head, as a share of the body's, and half its width, m. */
    static final double HEAD = 0.13;
    static final double FACE = 0.08;

    private final double height;
    private final boolean seated;
    private final Spot spot;
    private final Vec3 foot;
    private final Vec3 work;

    private Person(Situation s) {
        Bench bench = s.project().place().bench();
        height = bench.worker();
        Vec3 centre = Target.work(s.project());
        seated = s.shot().wanted().seated();
        spot = Target.worker(s.project());
        foot = new Vec3(spot.x(), spot.y(), seated ? -Target.SEATED * height : 0);
        // Hands reach as far as arms do, toward the work.
        Vec3 toward = new Vec3(centre.x() - foot.x(), centre.y() - foot.y(), 0);
        double far = Math.min(REACH * height, Math.max(0.05, toward.radius() - 0.1));
        work = toward.radius() < 1e-6
                ? centre
                : new Vec3(foot.x(), foot.y(), centre.z() + 0.02).plus(toward.times(far / toward.radius()));
    }

    /** A limb: from here to there, that wide, m. */
    record Limb(Vec3 from, Vec3 to, double width) {
        Vec3 middle() {
            return from.plus(to).times(0.5);
        }
    }

    /** Draws it from any side. */
    static void draw(Drawing.Builder out, Situation s, View view) {
        Person person = new Person(s);
        List<Limb> limbs = new ArrayList<>(person.limbs());
        limbs.sort(Comparator.comparingDouble(limb -> view.depth(limb.middle())));
        limbs.forEach(limb -> out.bar(Ink.PERSON, view.at(limb.from), view.at(limb.to), limb.width, limb.width / 4));
        out.disc(Ink.PERSON, view.at(person.at(0, 0, 1 - HEAD / 2)), HEAD / 2 * person.height);
    }

    /** All but the head, the farthest from an eye first. */
    static List<Limb> limbs(Situation s, Vec3 eye) {
        return new Person(s).limbs().stream()
                .sorted(Comparator.comparingDouble((Limb limb) -> -limb.middle().minus(eye).length())).toList();
    }

    /** The middle of the head. */
    static Vec3 head(Situation s) {
        return new Person(s).at(0, 0, 1 - HEAD / 2);
    }

    /** The points that must be in view. */
    static List<Point> extent(Situation s, View view) {
        Person person = new Person(s);
        return List.of(view.at(person.at(0.1, -0.13, -person.foot.z() / person.height)),
                view.at(person.at(0.1, 0.13, -person.foot.z() / person.height)),
                view.at(person.at(0.07, 0, 1)));
    }

    /** A place by shares of the height: toward the back, aside, up. */
    private Vec3 at(double back, double aside, double up) {
        return foot.plus(new Vec3(back * height, aside * height, 0).turned(spot.turn()))
                .plus(Vec3.UP.times(up * height));
    }

    private void legs(List<Limb> limbs, int side) {
        double floor = -foot.z() / height;
        // Who sits has the thighs level and the knees before the seat.
        Vec3 knee = seated ? at(-0.245, side * 0.06, floor + 0.285) : at(-0.01, side * 0.055, KNEE);
        double ankle = seated ? -0.24 : 0.01;
        limbs.add(new Limb(at(0, side * 0.05, seated ? floor + 0.285 : HIP), knee, 0.09 * height));
        limbs.add(new Limb(knee, at(ankle, side * 0.055, floor + ANKLE), 0.06 * height));
        limbs.add(new Limb(at(ankle + 0.01, side * 0.055, floor + ANKLE / 2),
                at(ankle - 0.1, side * 0.06, floor + ANKLE / 2), 0.035 * height));
    }

    private List<Limb> limbs() {
        List<Limb> limbs = new ArrayList<>();
        limbs.add(new Limb(at(0, 0, HIP), at(0, 0, SHOULDER), 0.15 * height));
        limbs.add(new Limb(at(0, 0, SHOULDER), at(0, 0, 1 - HEAD), 0.06 * height));
        for (int side = -1; side <= 1; side += 2) {
            legs(limbs, side);
            Vec3 elbow = at(-0.03, side * 0.13, SHOULDER - 0.18);
            limbs.add(new Limb(at(0, side * 0.12, SHOULDER - 0.02), elbow, 0.055 * height));
            limbs.add(new Limb(elbow, work.plus(new Vec3(0, side * 0.05, 0).turned(spot.turn())), 0.045 * height));
        }
        return limbs;
    }
}
