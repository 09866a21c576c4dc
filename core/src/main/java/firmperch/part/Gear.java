package firmperch.part;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Motion;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.shot.Shot;
import java.util.List;

/**
 * Everything that hangs on the head.
 *
 * @param items at most 50 of them
 * @param spare mass that may come on later, kg
 */
public record Gear(List<GearItem> items, double spare) implements Described {
    public static final Params<Gear> PARAMS = Params.of(Gear.class)
            .many("items", "What hangs on the head", GearItem.PARAMS, 50).mass("spare", "Spare capacity", 0, 50).done();

    /** A camera body's width and depth where nobody has said, m: common practice, no source. */
    private static final double WIDE = 0.13;
    private static final double DEEP = 0.08;
    private static final double LENS = 0.064;

    public Gear {
        items = List.copyOf(items);
        PARAMS.check(items, spare);
    }

    @Override
    public Params<Gear> params() {
        return PARAMS;
    }

    /** Mass of everything listed, kg. */
    public double mass() {
        return items.stream().mapToDouble(GearItem::mass).sum();
    }

    /** Hangs it on the mount: x forward, z up from the mounting face. */
    void build(Builder out, Shot shot) {
        Body head = out.mount().body();
        Body body = out.body("camera", head, Placement.at(out.mount().at()), new Motion.Fixed());
        out.station("", "Camera and gear", body, Vec3.ZERO, out.station());
        for (GearItem item : items) {
            GearItem.Size s = item.size();
            hang(out, body, Piece.owned(item.name(), s.equals(GearItem.Size.POINT)
                    ? Solid.Bought.point(item.mass())
                    : Solid.Bought.box(s.along(), s.across(), s.high(), item.mass()))
                    .at(Placement.at(item.at())));
        }
        double sensor = shot.camera().sensorBelow();
        double front = shot.camera().lensLength();
        double low = sensor + 0.03;
        double high = Math.min(0, sensor - 0.02);
        // Room that camera and lens take up; what they weigh stands in the list.
        boolean along = shot.wanted().alongArm();
        hang(out, body, Piece
                .owned("camera's room", Solid.Bought.box(along ? WIDE : DEEP, along ? DEEP : WIDE, low - high, 0))
                .at(Placement.at(0, 0, -(low + high) / 2)));
        if (front > 0.03) {
            hang(out, body, Piece.owned("lens's room", new Solid.Bought(new Solid.Round(List.of(new Outline.Point(0, 0),
                    new Outline.Point(LENS / 2, 0), new Outline.Point(LENS / 2, front - 0.03),
                    new Outline.Point(0, front - 0.03))), 0)).at(Placement.at(0, 0, -sensor - front)));
        }
    }

    /** What hangs on a head is made to fit it. */
    private static void hang(Builder out, Body body, Piece piece) {
        Piece hung = out.add(body, piece);
        out.mount().under().forEach(on -> out.nested(hung, on));
    }
}
