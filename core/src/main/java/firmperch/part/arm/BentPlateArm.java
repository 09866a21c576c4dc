package firmperch.part.arm;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Hold;
import firmperch.body.Hole;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Station;
import firmperch.body.Stiffness;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import java.util.List;
import java.util.stream.Stream;

/**
 * A level-keeping arm for a chain: it hangs on a pair of holes and ends in a bent plate with a pair for the next. Each arm
 * keeps its plate the way it looks, whatever way that is: only the first plate of a chain and the last must look the same way.
 */
public record BentPlateArm(Links links, Pivots pivots, Stops stops, BentPlate plate) implements Part {
    public static final Params<BentPlateArm> PARAMS = Params.of(BentPlateArm.class)
            .group("links", "Sticks", Links.PARAMS)
            .group("pivots", "Pivots", Pivots.PARAMS).group("stops", "Stops", Stops.PARAMS)
            .group("plate", "Bent plate", BentPlate.PARAMS).following(BentPlateArm::following).done();

    private static BentPlateArm following(BentPlateArm before, BentPlateArm now) {
        return new BentPlateArm(now.links, now.pivots.fitting(before.pivots, now.links.material()), now.stops,
                now.plate);
    }

    public BentPlateArm {
        PARAMS.check(links, pivots, stops, plate);
        new LinkPair(links, pivots, stops, plate.material(), plate.thickness());
    }

    @Override
    public Params<BentPlateArm> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port from = on.getFirst();
        Port.Pair holes = from.fitting("Arm with a bent plate", Port.Pair.class, "a plate with a pair of holes");
        LinkPair pair = new LinkPair(links, pivots, stops, plate.material(), plate.thickness());
        Placement foot = pair.foot(from, holes);
        out.back(from.station());
        List<Piece> near = pair.bolts(out, from.body(), foot);
        LinkPair.Moving moving = pair.bodies(out, from.body(), foot);
        Station station = out.station("", "Arm " + out.bare(links.length()), from.body(), from.at().origin(),
                from.station());
        List<Piece> low = pair.sticks(out, moving.lower());
        List<Piece> high = pair.sticks(out, moving.upper());
        Piece end = bent(out, pair, moving.end());
        List<Piece> far = pair.bolts(out, moving.end(), Placement.HERE);
        for (List<Piece> sticks : List.of(low, high)) {
            LinkPair.nest(out, sticks, from.piece(), near);
            LinkPair.nest(out, sticks, end, far);
        }
        pair.pin(out, from.body(), foot, moving, low, high);
        Vec3 middle = new Vec3(0, 0, links.spacing() / 2);
        Vec3 next = middle.minus(new Vec3(0, 0, plate.below()));
        out.measure("plate.below", moving.end(), middle, moving.end(), next);
        Vec3 lean = new Vec3(Math.sin(plate.bend()), 0, Math.cos(plate.bend()));
        Vec3 onward = new Vec3(plate.back() ? -1 : 1, 0, 0);
        // What comes after hangs on the plate's other half: between the pairs it bends in its own plane, about its middle.
        Body half = out.body("half", moving.end(), Placement.HERE, new Motion.Fixed());
        Vec3 waist = middle.plus(next).times(0.5);
        out.joint("bends", "bent plate", Joint.Side.of(moving.end(), waist), Joint.Side.of(half, waist), null, Vec3.Y,
                new Hold.Fixed(), JointStiffness.turning(Stiffness.exactly(bends(), "bent plates")));
        out.offer("pair", new Port.Pair(plate.spacing(), plate.thickness()), half, upright(next, onward, lean), end);
        out.back(station);
        pair.making(out, near, far, from.body(), foot);
        out.work("arms", "Bolt the arms together in their order, the first plate and the last looking the same way.",
                List.of("cut"), "", "Fingers: links close like scissors. Set the stops before anything hangs on them.");
    }

    /** z along the pair, x as near to the way the next arm goes as that allows. */
    private static Placement upright(Vec3 at, Vec3 onward, Vec3 z) {
        Vec3 y = z.cross(onward).unit();
        return new Placement(at, y.cross(z), y, z);
    }

    /** Half as wide as the plate, m. */
    private double reach() {
        return links.depth() + plate.spacing() / 2 * Math.abs(Math.sin(plate.bend()));
    }

    /**
     * How stiff the plate is in its own plane from pair to pair, N·m/rad: E·I/L, the arms' couples bending it evenly between the middles of
     * the pairs. Left out: the shear there, which two couples do not make.
     */
    private double bends() {
        double wide = 2 * reach();
        return plate.material().young() * plate.thickness() * wide * wide * wide / 12 / plate.below();
    }

    private Piece bent(Builder out, LinkPair pair, Body end) {
        Outline.Point next = new Outline.Point(0, -plate.below());
        double reach = reach();
        Outline outline = Outline.rectangle(-reach, -plate.below() - plate.spacing() / 2 - links.depth(), reach,
                links.spacing() / 2 + links.depth());
        List<Hole> holes = Stream
                .concat(pair.plateHoles(0).stream(), PivotHoles.pair(next, plate.bend(), plate.spacing(),
                        plate.thickness(), pivots.bolt().label(), pivots.bolt().hole()).stream())
                .toList();
        return out.add(end, Piece.cut("Bent plate", new Solid.Sheet(outline, plate.thickness()), plate.material())
                .at(Placement.onEdge(new Vec3(0, 0, links.spacing() / 2))).drilled(holes));
    }
}
