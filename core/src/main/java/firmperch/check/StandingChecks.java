package firmperch.check;

import firmperch.body.Body;
import firmperch.body.Contact;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Solid;
import firmperch.body.Station;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.check.About.Scope;
import firmperch.place.Place;
import firmperch.place.Thing;
import firmperch.project.Policy;
import firmperch.stability.Footing;
import firmperch.stability.Tipping;
import firmperch.study.Loading;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Gravity;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * Whether the rig stands, and how firmly: rigid statics over the support polygon, with the floor sloping in the worst
 * direction. Asked of every rig that stands on feet.
 */
final class StandingChecks {
    private static final String STANDS_SOURCE = "rigid statics: the centre of mass over the support polygon, the floor's slope counted";
    private static final String PERSON = "m = M · (d·cos σ − h·sin σ) / (q·cos σ + z·sin σ)";
    private static final String PERSON_SOURCE = "rigid statics; a person of 100 kg: common practice, no source";

    /** Where no joint moves the feet, they are the same in every pose. */
    private static final Study.Derived<List<Vec3>> CORNERS = new Study.Derived<>(study -> cornersNow(study.set()));
    private static final Study.Derived<List<Vec3>> OUTERMOST = new Study.Derived<>(
            study -> outermost(study.get(CORNERS)));

    private static final GeometryFactory PLAN = new GeometryFactory();

    private StandingChecks() {
    }

    /** Anything lower than this above the floor may be stepped on, m: our own judgement. */
    private static final double STEP = 0.5;
    /** Least distance of a foot from the edge of a bench, m: our own judgement. */
    private static final double EDGE = 0.01;

    /**
     * Which rigs a check is asked of: all that stand, those with a base to step on, those on a bench; and those that stand firmer
     * locked than rolled, as their wheels are turned outward before: with the others locked is as rolled.
     */
    private enum Raised {
        STANDS, STEPPED_ON, ON_BENCH, ROLLED, ROLLED_STEPPED_ON
    }

    /** What the letters of all formulas here stand for. */
    private static final String LETTERS = "W weight, m mass that tips it, M mass of all, d from under the centre of mass to the edge that "
            + "it goes over, h height of the centre of mass, σ slope, z height of the push, q from that edge "
            + "to who steps on it, θ how far it leans";

    private static FunctionCheck<Void> standing(About about, Raised raised, Function<Situation, Reading> answer) {
        return FunctionCheck.whole(about, study -> asked(raised, study), StandingChecks::base, answer,
                Check.Certainty.PROVEN);
    }

    private static boolean asked(Raised raised, Study study) {
        List<Contact> contacts = study.assembly().contacts();
        return study.set().stands() && switch (raised) {
            case STANDS -> true;
            case STEPPED_ON -> !corners(study.set()).isEmpty();
            case ON_BENCH -> contacts.stream().anyMatch(c -> raised(c.surface()));
            case ROLLED -> rolled(contacts);
            case ROLLED_STEPPED_ON -> rolled(contacts) && !corners(study.set()).isEmpty();
        };
    }

    private static boolean rolled(List<Contact> contacts) {
        return contacts.stream().anyMatch(
                c -> c instanceof Contact.Caster caster && caster.swivel() == Contact.Swivel.LOCKED_OUTWARD);
    }

    /** The station that carries everything and stands on the feet. */
    private static Station base(Study study) {
        List<Station> stations = study.assembly().stations();
        return stations.size() > 1 ? stations.get(1) : stations.getFirst();
    }

    private static FunctionCheck<Void> check(String id, Topic topic, String question, Quantity unit, String weakness,
            String formula, String source, Loaded answer) {
        return standing(
                new About(id, topic, question, unit, Scope.EVERY_POSE, false, weakness, formula, source).where(LETTERS),
                Raised.STANDS, s -> worst(s, false, answer));
    }

    /** An answer for one way in which the camera is loaded, told in words for the end of a clause. */
    private interface Loaded {
        Reading at(Situation s, Tipping t, String when);
    }

    /** With the camera on it and taken off it, whichever is worse: what balances a camera pulls the other way without it. */
    private static Reading worst(Situation s, boolean rolling, Loaded answer) {
        Reading full = answer.at(s, s.tipping(rolling, Loading.SPARE), "");
        Reading bare = answer.at(s, s.tipping(rolling, Loading.BARE), Loading.BARE.words());
        return bare.used() > full.used() * (1 + 1e-9) ? bare : full;
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(stands(), lean(), push(), slope(), person(), onBench(), standsRolled(), leansRolled(), blocked(),
                personRolled());
    }

    /** In every pose the centre of mass stays inside the support, with this floor's slope. */
    private static FunctionCheck<Void> stands() {
        return check("tip.stands", Topic.FALLS, "Does it stand?", Quantity.LENGTH, "it falls over",
                "d·cos σ − h·sin σ > 0", STANDS_SOURCE, StandingChecks::stands);
    }

    private static Reading stands(Situation s, Tipping t, String when) {
        double needed = Math.max(0.001, t.stands().needed());
        double inside = t.stands().inside();
        return new Reading(needed, inside, () -> s.length(inside) + " inside its support; " + s.length(needed)
                + " are used up by the floor's slope of " + s.show(Quantity.ANGLE, t.slope().most()))
                .saying(() -> inside > 0
                        ? "it falls over on this floor" + when
                        : "it falls over" + when + ": its weight lies " + s.length(-inside) + " outside its feet");
    }

    private static FunctionCheck<Void> lean() {
        return check("tip.lean", Topic.FIRMNESS, "How far may it lean before it goes?", Quantity.ANGLE,
                "it leans too little before it goes", "θ = atan(d / h) − slope",
                "rigid statics; what is asked: " + Policy.SOURCE_LEAN, (s, t, when) -> {
                    double lean = Math.max(0, t.leastLean());
                    return new Reading(s.policy().standing().lean(), lean,
                            () -> "atan(" + s.length(t.clearance()) + " / "
                                    + s.length(t.centre().z()) + ") − " + s.show(Quantity.ANGLE, t.slope().most())
                                    + " = "
                                    + s.show(Quantity.ANGLE, lean) + when + "; " + leans(s, t))
                            .saying(() -> "it goes over at a lean of " + s.show(Quantity.ANGLE, lean) + when
                                    + "; it should stand up to "
                                    + s.show(Quantity.ANGLE, s.policy().standing().lean()));
                });
    }

    private static FunctionCheck<Void> push() {
        return check("tip.push", Topic.FIRMNESS, "What push does it take?", Quantity.FORCE, "a push tips it",
                "F = W · (d·cos σ − h·sin σ) / z", "rigid statics; what is asked: " + Policy.SOURCE_PUSH,
                (s, t, when) -> {
                    double height = s.pushHeight();
                    double push = Math.max(0, t.push(height));
                    double asked = s.pushAsked(t.mass());
                    return new Reading(asked, push, () -> s.show(Quantity.FORCE, t.mass() * Gravity.STANDARD) + " · ("
                            + s.length(t.clearance()) + "·cos σ − " + s.length(t.centre().z()) + "·sin σ) / "
                            + s.length(height) + " = " + s.show(Quantity.FORCE, push) + when + "; toward the arm "
                            + directions(s, t, height) + ". " + String.format(Locale.ROOT,
                                    "Asked are %.0f %% of its weight, ", s.policy().standing().pushShare() * 100)
                            + s.show(Quantity.FORCE, s.policy().standing().pushMost())
                            + " at most: less of a lighter rig. It leans " + s.show(Quantity.ANGLE, t.leastLean())
                            + " before it goes, " + s.show(Quantity.ANGLE, s.policy().standing().lean())
                            + " are wanted")
                            .saying(() -> "a shove of " + shove(s, push) + " at " + s.length(height) + " tips it"
                                    + when + "; it should take " + shove(s, asked));
                });
    }

    /** A push as a maker feels it: what it would lift, and in newtons. */
    private static String shove(Situation s, double push) {
        return s.show(Quantity.MASS, push / Gravity.STANDARD) + " (" + s.show(Quantity.FORCE, push) + ")";
    }

    /** The lean direction by direction: toward the arm, to its left and right, back. */
    private static String leans(Situation s, Tipping t) {
        Vec3 toward = s.posed().mount();
        double forward = Math.atan2(toward.y(), toward.x());
        return "toward the arm " + s.show(Quantity.ANGLE, t.lean(forward)) + ", left "
                + s.show(Quantity.ANGLE, t.lean(forward + Math.PI / 2)) + ", right "
                + s.show(Quantity.ANGLE, t.lean(forward - Math.PI / 2)) + ", back "
                + s.show(Quantity.ANGLE, t.lean(forward + Math.PI));
    }

    /** The push direction by direction: toward the arm, sideways, back. */
    private static String directions(Situation s, Tipping t, double height) {
        Vec3 toward = s.posed().mount();
        double forward = Math.atan2(toward.y(), toward.x());
        double side = Math.min(t.push(height, forward + Math.PI / 2), t.push(height, forward - Math.PI / 2));
        return s.show(Quantity.FORCE, t.push(height, forward)) + ", sideways " + s.show(Quantity.FORCE, side)
                + ", back "
                + s.show(Quantity.FORCE, t.push(height, forward + Math.PI));
    }

    private static FunctionCheck<Void> slope() {
        return check("tip.slope", Topic.FIRMNESS, "Does it stand on an ordinary floor's slope?", Quantity.ANGLE,
                "it tips on an ordinary sloping floor", "θ = atan(d / h)",
                "rigid statics; 5° of an ordinary floor: common practice, no source", (s, t, when) -> {
                    double asked = Math.max(s.policy().standing().slope(), t.slope().most());
                    double lean = Math.max(0, t.levelLean());
                    return new Reading(asked, lean, () -> "atan(" + s.length(t.clearance()) + " / "
                            + s.length(t.centre().z()) + ") = " + s.show(Quantity.ANGLE, lean) + when);
                });
    }

    private static FunctionCheck<Void> person() {
        return standing(new About("tip.person", Topic.FIRMNESS, "Does it stay up with a person on a corner?",
                Quantity.MASS, Scope.EVERY_POSE, false, "a person on a corner tips it", PERSON, PERSON_SOURCE)
                .where(LETTERS),
                Raised.STEPPED_ON, s -> worst(s, false, StandingChecks::person));
    }

    private static FunctionCheck<Void> personRolled() {
        return standing(new About("tip.rolling.person", Topic.FIRMNESS,
                "Does it stay up with a person, not yet locked?", Quantity.MASS, Scope.EVERY_POSE,
                false,
                "a person on a corner tips it before it is locked", PERSON + ", every swivel at its worst",
                PERSON_SOURCE).where(LETTERS),
                Raised.ROLLED_STEPPED_ON,
                s -> worst(s, true, (there, t, when) -> person(there, t, " before it is locked" + when)));
    }

    private static Reading person(Situation s, Tipping t, String when) {
        double person = s.policy().standing().person();
        double least = Reading.PLENTY * Math.max(person, 0.1);
        double moves = s.feet().move();
        for (Vec3 corner : corners(s)) {
            least = Math.min(least, Math.max(0, t.tippingMass(s.feet().aboveGround(corner), moves)));
        }
        double tips = least;
        return new Reading(person, tips, () -> s.show(Quantity.MASS, tips) + " on a corner of the base tips it" + when)
                .saying(() -> s.show(Quantity.MASS, tips) + " on a corner of its base tip it" + when);
    }

    /** Corners that a person can step on: flat pieces of the first body, low above the floor. */
    static List<Vec3> corners(Situation s) {
        return s.study().feetStay() ? s.study().get(CORNERS) : cornersNow(s);
    }

    /**
     * Those of them that lie outermost in the plan: what a foot carries of a person grows the further out they stand, as long as it does not
     * tip (tried against random feet and places, no proof).
     */
    static List<Vec3> outermost(Situation s) {
        return s.study().feetStay() ? s.study().get(OUTERMOST) : outermost(cornersNow(s));
    }

    private static List<Vec3> outermost(List<Vec3> corners) {
        Coordinate[] plan = corners.stream().map(c -> new Coordinate(c.x(), c.y())).toArray(Coordinate[]::new);
        Set<Coordinate> hull = Set.copyOf(List.of(new ConvexHull(plan, PLAN).getConvexHull().getCoordinates()));
        return corners.stream().filter(c -> hull.contains(new Coordinate(c.x(), c.y()))).toList();
    }

    private static List<Vec3> cornersNow(Situation s) {
        List<Vec3> corners = new ArrayList<>();
        Set<Body> standing = s.study().fixedTo(Surface.FLOOR);
        for (Piece piece : s.study().assembly().pieces()) {
            boolean base = standing.contains(piece.body())
                    && piece.solid() instanceof Solid.Sheet
                    && s.posed().place(piece).origin().z() < STEP
                    && Math.abs(piece.at().z().z()) > 0.99;
            if (base) {
                Solid.Sheet sheet = (Solid.Sheet) piece.solid();
                for (Outline.Point p : sheet.outline().points()) {
                    corners.add(s.posed().place(piece).point(new Vec3(p.x(), p.y(), sheet.thickness() / 2)));
                }
            }
        }
        return corners;
    }

    /** True of a surface with edges that one can stand over. */
    private static boolean raised(Surface surface) {
        return surface == Surface.BENCH || surface == Surface.TABLE;
    }

    /** Every foot stands on the bench, or on whatever of the room carries it, and not over its edge. */
    private static FunctionCheck<Void> onBench() {
        return standing(new About("tip.bench", Topic.FALLS, "Do its feet stand on what carries it?", Quantity.LENGTH,
                Scope.SET_POSE, false, "a foot stands over the edge", "least distance of a foot from the edge",
                "geometry of the plan; 10 mm from the edge: our own judgement"), Raised.ON_BENCH, s -> {
                    Place place = s.project().place();
                    double least = Double.POSITIVE_INFINITY;
                    for (Contact contact : s.study().assembly().contacts()) {
                        if (raised(contact.surface())) {
                            List<Vec3> top = contact.surface() == Surface.BENCH
                                    ? place.benchTop().plan()
                                    : place.carrier(Surface.TABLE).map(Thing::outline).orElse(List.of());
                            least = Math.min(least, inside(top, s.inRoom(s.posed().at(contact))));
                        }
                    }
                    double inside = least;
                    return new Reading(EDGE, inside, () -> s.length(Math.max(0, inside)) + " from a foot to the edge")
                            .saying(() -> inside > 0
                                    ? "a foot stands " + s.length(inside) + " from the edge of what carries it"
                                    : "a foot stands " + s.length(-inside) + " over the edge of what carries it");
                });
    }

    /** How far inside a convex outline that goes round counter-clockwise a point lies, m; negative outside. */
    private static double inside(List<Vec3> outline, Vec3 at) {
        double least = outline.isEmpty() ? -1 : Double.POSITIVE_INFINITY;
        for (int i = 0; i < outline.size(); i++) {
            Vec3 from = outline.get(i);
            Vec3 along = outline.get((i + 1) % outline.size()).minus(from).unit();
            least = Math.min(least, along.x() * (at.y() - from.y()) - along.y() * (at.x() - from.x()));
        }
        return least;
    }

    /** With the brakes off, the swivels may point anywhere. */
    private static FunctionCheck<Void> leansRolled() {
        return standing(new About("tip.rolling", Topic.FIRMNESS, "How far may it lean while it is rolled?",
                Quantity.ANGLE, Scope.EVERY_POSE, false, "it leans too little while it is rolled",
                "θ = atan(d / h) − slope, every swivel at its worst",
                "rigid statics; what is asked: " + Policy.SOURCE_LEAN).where(LETTERS), Raised.ROLLED,
                at -> worst(at, true, (s, t, when) -> {
                    double lean = Math.max(0, t.leastLean());
                    return new Reading(s.policy().standing().lean(), lean, () -> "brakes off: atan("
                            + s.length(t.clearance()) + " / " + s.length(t.centre().z()) + ") − "
                            + s.show(Quantity.ANGLE, t.slope().most()) + " = " + s.show(Quantity.ANGLE, lean) + when);
                }));
    }

    private static FunctionCheck<Void> standsRolled() {
        return standing(
                new About("tip.rolling.stands", Topic.FALLS, "Does it stand while it is rolled?", Quantity.LENGTH,
                        Scope.EVERY_POSE, false, "it falls over while it is rolled",
                        "d·cos σ − h·sin σ > 0, every swivel at its worst", STANDS_SOURCE).where(LETTERS),
                Raised.ROLLED,
                s -> worst(s, true, (there, t, when) -> stands(there, t, " while it is rolled" + when)));
    }

    /**
     * Pushed straight toward one wheel that cannot roll on it goes over the edges that meet there; toward two, which a push in line
     * with an edge blocks, it would be the push of {@link #push} with the swivels free.
     */
    private static FunctionCheck<Void> blocked() {
        return standing(new About("tip.rolling.blocked", Topic.FIRMNESS,
                "What push does it take while a wheel is blocked?", Quantity.FORCE, Scope.EVERY_POSE, false,
                "pushed with a wheel against a cable it tips",
                "F = W · (d·cos σ − h·sin σ) / (z·cos α), α from the edge's normal to the blocked wheel, every swivel at its worst",
                "rigid statics; a cable or a gap in the floor; what is asked: " + Policy.SOURCE_PUSH).where(LETTERS),
                Raised.ROLLED,
                s -> {
                    Tipping t = s.rolling();
                    double height = s.pushHeight();
                    List<Footing> feet = s.feet().all(true);
                    Vec3 middle = feet.stream().map(Footing::pivot).reduce(Vec3.ZERO, Vec3::plus)
                            .times(1.0 / Math.max(1, feet.size()));
                    // Where joints move the feet, the way to a wheel is another in each pose of a cell: then whichever is worst.
                    double least = s.feet().move() > 0 ? t.push(height) : Double.POSITIVE_INFINITY;
                    for (Footing foot : feet) {
                        Vec3 to = foot.pivot().minus(middle);
                        least = Math.min(least, t.push(height, Math.atan2(to.y(), to.x())));
                    }
                    double push = Math.max(0, least);
                    return new Reading(s.pushAsked(), push, () -> s.show(Quantity.FORCE, push) + " at "
                            + s.length(height) + " toward the wheel that is blocked");
                });
    }
}
