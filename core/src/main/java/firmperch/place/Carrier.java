package firmperch.place;

import firmperch.body.Surface;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Something of a place that a rig may stand on, be clamped to or hang from. What each bears is not asked here: that depends on the rig.
 *
 * @param what in a maker's words
 * @param may whether it may carry one
 * @param why in half a sentence
 */
public record Carrier(String what, May may, String why) {
    /** Whether something may carry a rig. */
    public enum May {
        YES, PERHAPS, NO
    }

    /** As far as common clamps open, m: common practice, no source. */
    private static final double CLAMP = 0.07;
    /** As deep as the jaw of a common clamp is, m: common practice, no source. */
    private static final double JAW = 0.04;
    /** The least that a base of ours stands on, m²: half a metre square. */
    private static final double STAND = 0.25;
    /** How far from the bench a rig may stand to reach over it, m: our own judgement. */
    private static final double BESIDE = 1.0;
    private static final double SQUARE_FOOT = 0.3048 * 0.3048;
    /** Steps in which free floor is looked for, m. */
    private static final double GRID = 0.05;
    /** Higher than that nothing is commonly braced between floor and ceiling, m. */
    private static final double PROP = 3.2;

    /** All that may be asked of a place. */
    public static List<Carrier> of(Place place, UnitSystem units) {
        List<Carrier> all = new ArrayList<>();
        Bench bench = place.bench();
        all.add(floor(place, units));
        all.add(!bench.firm() || bench.of().may() == May.NO
                ? new Carrier("the bench top", May.NO, bench.firm() ? bench.of().why() : "is rickety")
                : new Carrier("the bench top", May.YES, "shakes when you knock it"));
        all.add(edge("its edge", bench.top(), bench.of(), bench.overhang(), units));
        all.add(joists(place, units));
        all.add(wall(place));
        all.add(prop(place, units));
        for (Thing thing : place.things()) {
            if (thing instanceof Post post) {
                boolean stands = post.low() == 0
                        && post.high() >= place.room().ceilingAt(post.spot().x(), post.spot().y()) - 0.01;
                all.add(new Carrier("“" + post.name() + "”", stands ? May.YES : May.PERHAPS,
                        Quantity.LENGTH.show(post.diameter(), units) + " across, "
                                + (stands ? "floor to ceiling" : "see what holds its ends")));
            } else if (thing instanceof Table table) {
                boolean bears = table.firm() && table.of().may() != May.NO;
                all.add(new Carrier("“" + table.name() + "”", bears ? May.YES : May.NO,
                        !table.firm() ? "is rickety" : bears ? "stands firmly" : table.of().why()));
                if (bears) {
                    all.add(edge("the edge of “" + table.name() + "”", table.top(), table.of(), table.overhang(),
                            units));
                }
            } else if (thing instanceof Cupboard shelf) {
                all.add(new Carrier("“" + shelf.name() + "”", shelf.low() > 0 ? May.PERHAPS : May.YES,
                        shelf.low() > 0 ? "hangs: see what holds it" : "stands on the floor"));
            }
        }
        return all;
    }

    /** Why nothing can be fixed to that surface of a place, or stood on it, whatever it is; nothing if it can. */
    public static Optional<String> against(Place place, Surface surface) {
        Room room = place.room();
        return switch (surface) {
            case CEILING -> Optional.of(room.slopes()
                    ? "the ceiling slopes, and it hangs from a level one"
                    : switch (room.joists().made()) {
                        case UNKNOWN -> "no joists are given; say under Place what is above the ceiling";
                        case CONCRETE -> "the ceiling is concrete, and it is screwed into joists";
                        case PLASTER, OPEN -> "";
                    }).filter(why -> !why.isEmpty());
            case WALL -> Optional.of(switch (room.walls().made()) {
                case UNKNOWN -> "nobody has said under Place what the wall is made of";
                case BOARD -> "the wall is board alone, which carries nothing that swings";
                case MASONRY, STUDS -> "";
            }).filter(why -> !why.isEmpty());
            case TABLE -> place.carrier(surface).isPresent()
                    ? Optional.empty()
                    : Optional.of("no table or shelf of the room is to carry it");
            case POST -> place.carrier(surface).isPresent()
                    ? Optional.empty()
                    : Optional.of("no post or tube of the room is to carry it");
            case FLOOR, BENCH -> Optional.empty();
        };
    }

    /** An edge to clamp something to: how thick it is, how far it stands out, what it is of. */
    private static Carrier edge(String what, double top, TopOf of, double overhang, UnitSystem units) {
        String thick = Quantity.LENGTH.show(top, units);
        if (of.may() == May.NO) {
            return new Carrier(what, May.NO, of.why());
        }
        if (top > CLAMP) {
            return new Carrier(what, May.NO,
                    thick + " with rails; clamps open to " + Quantity.LENGTH.show(CLAMP, units));
        }
        if (overhang < JAW) {
            return new Carrier(what, May.NO, "stands out by " + Quantity.LENGTH.show(overhang, units)
                    + "; a clamp's jaw takes " + Quantity.LENGTH.show(JAW, units));
        }
        return new Carrier(what, of.may(),
                of.why().isEmpty() ? thick + ": clamps open to " + Quantity.LENGTH.show(CLAMP, units) : of.why());
    }

    /** Where nothing stands and no way runs, within reach of the bench. */
    private static Carrier floor(Place place, UnitSystem units) {
        double area = freeFloor(place);
        String words = units == UnitSystem.METRIC
                ? String.format(Locale.ROOT, "%.1f m² free within a metre", area)
                : String.format(Locale.ROOT, "%.0f ft² free within three feet", area / SQUARE_FOOT);
        return new Carrier("the floor beside it", area >= 2 * STAND ? May.YES : area >= STAND ? May.PERHAPS : May.NO,
                words);
    }

    /** Floor within a metre of the bench that nothing takes, m²; sampled every 50 mm. */
    static double freeFloor(Place place) {
        Room room = place.room();
        Bench b = place.bench();
        List<Block> taken = new ArrayList<>(List.of(place.benchTop()));
        for (Thing thing : place.things()) {
            thing.solid(room).stream().filter(block -> block.low() < 0.5).forEach(taken::add);
            taken.addAll(thing.free(room));
        }
        int free = 0;
        for (double x = Math.max(room.walkway(), b.from() - BESIDE) + GRID / 2; x < Math.min(room.depth(),
                b.from() + b.depth()
                        + BESIDE); x += GRID) {
            for (double y = Math.max(-room.walls().right(), -b.width() / 2 - BESIDE) + GRID / 2; y < Math
                    .min(room.walls().left(), b.width() / 2 + BESIDE); y += GRID) {
                double px = x;
                double py = y;
                if (taken.stream().noneMatch(block -> block.covers(px, py))) {
                    free++;
                }
            }
        }
        return free * GRID * GRID;
    }

    private static Carrier joists(Place place, UnitSystem units) {
        Joists joists = place.room().joists();
        Bench b = place.bench();
        if (place.room().slopes()) {
            return new Carrier("joists above", May.NO, "the ceiling slopes; a rig hangs from a level one");
        }
        if (joists.made() == Joists.Made.UNKNOWN) {
            return new Carrier("joists above", May.PERHAPS, "say what is above the ceiling");
        }
        if (!joists.there()) {
            return new Carrier("the ceiling", May.PERHAPS, "concrete: anchors, by who may set them");
        }
        int cross = (joists.run() == Joists.Run.AWAY
                ? joists.between(-b.width() / 2, b.width() / 2)
                : joists.between(b.from(), b.from() + b.depth())).size();
        String every = ", every " + Quantity.LENGTH.show(joists.spacing(), units);
        return cross == 0
                ? new Carrier("joists above", May.NO, "none crosses the bench" + every)
                : new Carrier("joists above", May.YES,
                        cross + (cross == 1 ? " crosses" : " cross") + " the bench" + every);
    }

    private static Carrier wall(Place place) {
        String far = place.bench().from() > BESIDE ? "; the bench is far from it" : "";
        return switch (place.room().walls().made()) {
            case UNKNOWN -> new Carrier("the wall", May.PERHAPS, "say what it is made of");
            case MASONRY -> new Carrier("the wall", far.isEmpty() ? May.YES : May.PERHAPS, "brick or concrete" + far);
            case STUDS -> new Carrier("the wall", May.PERHAPS, "into the studs only" + far);
            case BOARD -> new Carrier("the wall", May.NO, "board alone carries nothing that swings");
        };
    }

    private static Carrier prop(Place place, UnitSystem units) {
        Bench b = place.bench();
        double high = place.room().ceilingAt(b.from() + b.depth() / 2, 0);
        String height = Quantity.LENGTH.show(high, units);
        if (high > PROP) {
            return new Carrier("floor to ceiling", May.NO, height + " is high for a prop");
        }
        return switch (place.room().joists().made()) {
            case UNKNOWN, PLASTER ->
                new Carrier("floor to ceiling", May.PERHAPS, height + "; under a joist, pad the plaster");
            case OPEN, CONCRETE -> new Carrier("floor to ceiling", May.YES, height);
        };
    }
}
