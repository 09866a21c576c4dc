package firmperch.pose;

import firmperch.body.Bending;
import firmperch.body.Body;
import firmperch.body.Solid;
import firmperch.body.Vec3;
import firmperch.frame.FrameModel;
import firmperch.frame.Seat;
import firmperch.pose.Skeleton.Spot;
import java.util.ArrayList;
import java.util.List;

/** A sheet that bends, and the nodes of the frame that hold on to it, as they are found. */
final class BendingSheet {
    /** Things nearer to each other than this hold on together, m. */
    private static final double SAME = 2e-3;
    /** A grip is meant for what holds on this near to it, m. */
    private static final double NEAR = 0.02;
    /** What nobody described holds on by a stiff square of this half side, m. */
    private static final double USUAL = 0.025;
    /** Of wood and boards across their layers: our own judgement; it changes the rigidity by a few per cent. */
    private static final double POISSON = 0.2;

    private final Bending bending;
    private final Solid.Sheet sheet;
    private final double width;
    private final double height;
    private final Vec3 middle;
    private final List<Integer> nodes = new ArrayList<>();
    private final List<Seat> seats = new ArrayList<>();
    private double[][] stiffness;

    BendingSheet(Bending bending) {
        this.bending = bending;
        sheet = (Solid.Sheet) bending.sheet().solid();
        double[] box = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY,
                Double.NEGATIVE_INFINITY};
        sheet.outline().points().forEach(p -> {
            box[0] = Math.min(box[0], p.x());
            box[1] = Math.min(box[1], p.y());
            box[2] = Math.max(box[2], p.x());
            box[3] = Math.max(box[3], p.y());
        });
        width = box[2] - box[0];
        height = box[3] - box[1];
        middle = new Vec3((box[0] + box[2]) / 2, (box[1] + box[3]) / 2, 0);
    }

    Body body() {
        return bending.sheet().body();
    }

    Bending bending() {
        return bending;
    }

    /** The node that holds on there; a new one, numbered as the next of all nodes, where none does yet. */
    int node(Spot spot, List<Spot> all) {
        Vec3 at = within(body().home().inside(spot.body().home().point(spot.at())));
        for (int i = 0; i < seats.size(); i++) {
            Seat seat = seats.get(i);
            if (seat.how() != Bending.How.SPREAD && Math.hypot(seat.x() - at.x(), seat.y() - at.y()) < SAME) {
                return nodes.get(i);
            }
        }
        Seat seat = Seat.square(at.x(), at.y(), USUAL);
        double nearest = NEAR;
        for (Bending.Grip grip : bending.grips()) {
            Vec3 there = within(grip.at());
            double apart = Math.hypot(there.x() - at.x(), there.y() - at.y());
            if (apart < nearest) {
                nearest = apart;
                seat = new Seat(at.x(), at.y(), grip.halfX(), grip.halfY(), grip.how());
            }
        }
        return add(seat, spot, all);
    }

    /** The node that carries its own weight, spread over all of it. */
    int weight(List<Spot> all) {
        Seat own = new Seat(0, 0, width / 2, height / 2, Bending.How.SPREAD);
        int known = seats.indexOf(own);
        return known >= 0
                ? nodes.get(known)
                : add(own, new Spot(body(), bending.sheet().at().point(middle)), all);
    }

    private int add(Seat seat, Spot spot, List<Spot> all) {
        all.add(spot);
        nodes.add(all.size() - 1);
        seats.add(seat);
        return all.size() - 1;
    }

    /** A point of the body, seen from the middle of the sheet along its own axes. */
    private Vec3 within(Vec3 inBody) {
        Vec3 in = bending.sheet().at().inside(inBody).minus(middle);
        return new Vec3(in.x(), in.y(), 0);
    }

    /** Once all that holds on is known. */
    void found() {
        double t = sheet.thickness();
        double rigidity = bending.sheet().material().young() * t * t * t / 12 / (1 - POISSON * POISSON);
        stiffness = seats.size() < 2
                ? null
                : FrameModel.Plate.stiffness(width, height, bending.round(), POISSON, rigidity, seats);
    }

    /** Its part of the frame in a pose; nothing where nothing bends it. */
    void addTo(FrameModel.Builder frame, Posed posed) {
        if (stiffness == null) {
            return;
        }
        var place = posed.place(bending.sheet());
        List<Vec3> offsets = new ArrayList<>();
        for (int i = 0; i < seats.size(); i++) {
            Vec3 at = place.point(middle.plus(new Vec3(seats.get(i).x(), seats.get(i).y(), 0)));
            offsets.add(at.minus(frame.at(nodes.get(i))));
        }
        frame.plate(new FrameModel.Plate(nodes, offsets, place.x(), place.y(), place.z(), stiffness));
    }
}
