package firmperch.part.arm;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Station;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Brackets;
import firmperch.part.Part;
import java.util.List;

/**
 * A level-keeping arm: two equal links, one above the other, between a plate let into a block and an end plate, so that
 * the end plate stays level as the arm lifts.
 *
 * <p>Left out: that its two plates bend in their own plane. The inner one's lip before the block, as deep as both sticks and more, turns the
 * arm by some 4·10⁻⁵ rad, 0.03 mm at the camera of the wedging bench, under 1 % of what is allowed; the end plate carries a fraction of that.
 */
public record LevelArm(Links links, Pivots pivots, Stops stops, Plates plates) implements Part {
    public static final Params<LevelArm> PARAMS = Params.of(LevelArm.class).group("links", "Sticks", Links.PARAMS)
            .group("pivots", "Pivots", Pivots.PARAMS).group("stops", "Stops", Stops.PARAMS)
            .group("plates", "Plates", Plates.PARAMS).following(LevelArm::following).done();

    private static LevelArm following(LevelArm before, LevelArm now) {
        return new LevelArm(now.links, now.pivots.fitting(before.pivots, now.links.material()), now.stops, now.plates);
    }

    public LevelArm {
        PARAMS.check(links, pivots, stops, plates);
        new LinkPair(links, pivots, stops, plates.material(), plates.thickness());
    }

    @Override
    public Params<LevelArm> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port face = on.getFirst();
        LinkPair pair = new LinkPair(links, pivots, stops, plates.material(), plates.thickness());
        out.back(face.station());
        Placement foot;
        Piece inner;
        if (face.fit() instanceof Port.Pair holes) {
            foot = pair.foot(face, holes);
            inner = face.piece();
        } else {
            Port.Block block = face.fitting("Level-keeping arm", Port.Block.class,
                    "a block to let its plate into, or a plate with a pair of holes");
            foot = face.at().of(Placement.at(block.forward(), 0, -links.spacing() / 2));
            inner = innerPlate(out, pair, face, block);
        }
        List<Piece> near = pair.bolts(out, face.body(), foot);

        LinkPair.Moving moving = pair.bodies(out, face.body(), foot);
        Station station = out.station("", "Level-keeping arm " + out.bare(links.length()), face.body(),
                foot.point(new Vec3(0, 0, links.spacing() / 2)), face.station());
        List<Piece> low = pair.sticks(out, moving.lower());
        List<Piece> high = pair.sticks(out, moving.upper());
        Piece end = endPlate(out, pair, moving.end());
        List<Piece> far = pair.bolts(out, moving.end(), Placement.HERE);
        for (List<Piece> sticks : List.of(low, high)) {
            LinkPair.nest(out, sticks, inner, near);
            LinkPair.nest(out, sticks, end, far);
        }
        pair.pin(out, face.body(), foot, moving, low, high);
        Vec3 up = new Vec3(0, 0, links.spacing());
        out.offer("end", new Port.Plate(plates.thickness()), moving.end(),
                Placement.at(plates.overhang(), 0, links.spacing() / 2), end);
        out.measure("plates.overhang", moving.end(), up.times(0.5), moving.end(),
                new Vec3(plates.overhang(), 0, links.spacing() / 2));
        out.back(station);
        pair.making(out, near, far, face.body(), foot);
        out.fit(moving.end(), new Vec3(plates.overhang(), 0, links.spacing() / 2), 1,
                Brackets.of(out.length(Brackets.LEG), 2), "under the end plate, carries the head");
        out.work("arm", "Set the stops, bolt the arm together.", List.of("cut", "block", "plate"), "", "");
    }

    private Piece innerPlate(Builder out, LinkPair pair, Port face, Port.Block block) {
        double back = -block.width() / 2;
        double front = block.forward() + links.depth();
        double h = pair.plateHeight() / 2;
        Outline outline = Outline.rectangle(back, -h, front, h);
        double bored = Math.min(h, block.height() / 2);
        if (block.bore() > 0) {
            // As wide as the plate where the bore is wider than the plate is thick, else what the circle takes on average.
            double b = block.bore() / 2;
            outline = outline.less(Outline.rectangle(-b, -bored, b, bored).loop());
        }
        Piece plate = out.add(face.body(),
                Piece.cut("Inner plate", new Solid.Sheet(outline, plates.thickness()), plates.material())
                        .from(Supply.Cut.whole("let into the carriage's middle; bored with it"))
                        .at(face.at().of(Placement.onEdge(Vec3.ZERO))).drilled(pair.plateHoles(block.forward())));
        double inside = Math.min(front, block.width() / 2);
        Outline slot = Outline.rectangle(back, -bored, inside, bored);
        if (block.bore() > 0) {
            slot = slot.less(Outline.rectangle(-block.bore() / 2, -bored, block.bore() / 2, bored).loop());
        }
        out.stands(face, new Solid.Sheet(slot, plates.thickness()), face.at().of(Placement.onEdge(Vec3.ZERO)));
        out.nested(face.piece(), plate);
        return plate;
    }

    private Piece endPlate(Builder out, LinkPair pair, Body end) {
        double h = pair.plateHeight() / 2;
        return out.add(end, Piece.cut("End plate", new Solid.Sheet(Outline.rectangle(-links.depth(), -h,
                plates.overhang() + links.depth(), h), plates.thickness()), plates.material())
                .at(Placement.onEdge(new Vec3(0, 0, links.spacing() / 2))).drilled(pair.plateHoles(0)));
    }
}
