package firmperch.check;

import firmperch.check.Remedy.Dose;
import firmperch.frame.Vec3;
import firmperch.pose.Pose;
import firmperch.pose.Reach;
import firmperch.project.Project;
import firmperch.project.RecordPath;
import firmperch.project.Stance;
import firmperch.rig.CastBox;
import firmperch.rig.DropOnCarriage;
import firmperch.rig.LevelArm;
import firmperch.rig.PinnedPost;
import firmperch.shot.Shot;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.PostStock;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.DoubleStream;

/** The changes makers make, as doses to try; shared by the checks that they help. */
final class Remedies {
    private Remedies() {
    }

    private static LevelArm arm(Project p) {
        return switch (p.perch().arm()) {
            case LevelArm arm -> arm;
        };
    }

    private static CastBox box(Project p) {
        return switch (p.perch().base()) {
            case CastBox box -> box;
        };
    }

    private static PinnedPost post(Project p) {
        return switch (p.perch().upright()) {
            case PinnedPost post -> post;
        };
    }

    private static DropOnCarriage carriage(Project p) {
        return switch (p.perch().carriage()) {
            case DropOnCarriage carriage -> carriage;
        };
    }

    private static String length(Project p, double metres) {
        return Quantity.LENGTH.show(metres, p.units());
    }

    private static String money(double price) {
        return String.format(Locale.ROOT, "+%.2f", price);
    }

    private static double[] steps(double start, double step, int count) {
        return DoubleStream.iterate(start + step, v -> v + step).limit(count).toArray();
    }

    // What keeps it on the floor.

    static List<Remedy> standFirmer(Project p) {
        return List.of(moreConcrete(p), widerCasters(p), shorterArm(p), shorterPost(p));
    }

    static Remedy moreConcrete(Project p) {
        CastBox box = box(p);
        double room = box.innerHeight() - box.fill();
        return Remedy.grow(p, "perch.base.fill",
                DoubleStream.of(0.25, 0.5, 0.75, 1).map(share -> box.fill() + share * room).filter(f -> room > 0.002)
                        .toArray(),
                fill -> "concrete up to " + length(p, fill),
                fill -> "+" + Quantity.MASS.show((fill - box.fill()) * box.innerSide() * box.innerSide()
                        * box.concreteDensity(), p.units()));
    }

    static Remedy widerCasters(Project p) {
        double out = box(p).casterOut();
        return Remedy.grow(p, "perch.base.casterOut", steps(out, 0.02, 8),
                v -> "casters " + length(p, v - out) + " further out each way",
                v -> "footprint " + length(p, 2 * v + box(p).casterPlate()));
    }

    static Remedy strongerCasters(Project p) {
        double rating = box(p).casterRating();
        return Remedy.grow(p, "perch.base.casterRating",
                DoubleStream.of(1.25, 1.5, 2, 3, 4).map(k -> Math.ceil(rating * k / 10) * 10).toArray(),
                v -> "casters rated " + Quantity.MASS.show(v, p.units()), v -> "four casters");
    }

    // The post.

    static Remedy shorterPost(Project p) {
        List<Dose> doses = new ArrayList<>();
        PinnedPost post = post(p);
        for (int fewer = 1; fewer < Math.min(post.holes(), 5); fewer++) {
            try {
                PinnedPost shorter = new PinnedPost(post.stock(), post.length() - fewer * post.pitch(),
                        post.firstHole(), post.pitch(), post.holes() - fewer, post.pin(), post.anchors());
                doses.add(new Dose("post " + length(p, fewer * post.pitch()) + " shorter",
                        "loses " + fewer + (fewer == 1 ? " hole" : " holes"),
                        RecordPath.of("perch.upright").with(p, shorter)));
            } catch (InvalidValue impossible) {
                // No hole is left that low.
            }
        }
        return new Remedy(doses);
    }

    static Remedy stouterPost(Project p) {
        PostStock now = post(p).postStock();
        List<Dose> doses = new ArrayList<>();
        for (PostStock row : PostStock.ALL.rows()) {
            boolean stouter = row.material().young() * row.section().secondMomentY() > 1.05 * now.material().young()
                    * now.section().secondMomentY() && row.section().getClass() == now.section().getClass();
            if (stouter) {
                doses.addAll(Remedy.set(p, row.label(), money((row.pricePerMetre() - now.pricePerMetre())
                        * post(p).length()), "perch.upright.stock", row.id()).doses());
            }
        }
        return new Remedy(doses);
    }

    static Remedy thickerPin(Project p) {
        double pin = post(p).pin();
        return Remedy.grow(p, "perch.upright.pin", steps(pin, 0.002, 4), v -> "pin Ø " + length(p, v), v -> "");
    }

    // The carriage.

    static Remedy closerCarriage(Project p) {
        double c = carriage(p).clearance();
        return Remedy.grow(p, "perch.carriage.clearance", new double[]{c * 0.75, c * 0.5, c * 0.25},
                v -> "line the bore to " + length(p, v) + " clearance", v -> "");
    }

    static Remedy tallerCarriage(Project p) {
        double h = carriage(p).height();
        return Remedy.grow(p, "perch.carriage.height", steps(h, 0.02, 6),
                v -> "carriage " + length(p, v - h) + " taller", v -> "");
    }

    // The arm.

    static Remedy strongerClosure(Project p) {
        List<Dose> doses = new ArrayList<>();
        LevelArm arm = arm(p);
        Closure now = Closure.ALL.get(arm.closure());
        for (Closure row : Closure.ALL.rows()) {
            if (row.torque() > arm.handTorque()) {
                Project with = RecordPath.of("perch.arm.closure").with(p, row.id());
                with = RecordPath.of("perch.arm.handTorque").with(with, row.torque());
                doses.add(new Dose(row.label(), money(arm.tightened() * (row.price() - now.price())), with));
            }
        }
        return new Remedy(doses);
    }

    static Remedy morePivots(Project p) {
        LevelArm arm = arm(p);
        return Remedy.grow(p, "perch.arm.tightened", steps(arm.tightened(), 1, 4 - arm.tightened()),
                v -> "tighten " + (int) v + " of the four pivots",
                v -> money((v - arm.tightened()) * Closure.ALL.get(arm.closure()).price()));
    }

    static Remedy moreFaces(Project p) {
        LevelArm arm = arm(p);
        List<Dose> doses = new ArrayList<>(Remedy.grow(p, "perch.arm.facesPerPivot",
                steps(arm.facesPerPivot(), 2, 2), v -> (int) v + " rubbing faces in a pivot", v -> "extra plates")
                .doses());
        for (FacePair row : FacePair.ALL.rows()) {
            if (row.friction() > arm.facePair().friction()) {
                doses.addAll(Remedy.set(p, row.label(), "", "perch.arm.faces", row.id()).doses());
            }
        }
        return new Remedy(doses);
    }

    static Remedy shorterArm(Project p) {
        double length = arm(p).linkLength();
        return Remedy.grow(p, "perch.arm.linkLength",
                DoubleStream.of(0.9, 0.8, 0.7, 0.6).map(k -> Math.round(length * k * 200) / 200.0).toArray(),
                v -> "links " + length(p, length - v) + " shorter", v -> "loses " + length(p, length - v) + " reach");
    }

    static Remedy longerEnds(Project p) {
        double end = arm(p).endDistance();
        return Remedy.grow(p, "perch.arm.endDistance", steps(end, 0.01, 8),
                v -> length(p, v) + " of wood beyond the holes", v -> "longer sticks");
    }

    static Remedy widerPlates(Project p) {
        double spacing = arm(p).plateSpacing();
        return Remedy.grow(p, "perch.arm.plateSpacing", steps(spacing, 0.02, 6),
                v -> "plate holes " + length(p, v) + " apart", v -> "taller plates");
    }

    static Remedy thickerSticks(Project p) {
        double depth = arm(p).stickDepth();
        List<Dose> doses = new ArrayList<>(Remedy.grow(p, "perch.arm.stickDepth", steps(depth, 0.01, 6),
                v -> "sticks " + length(p, v) + " deep", v -> "").doses());
        double thickness = arm(p).stickThickness();
        doses.addAll(Remedy.grow(p, "perch.arm.stickThickness", steps(thickness, 0.006, 3),
                v -> "sticks " + length(p, v) + " thick", v -> "").doses());
        return new Remedy(doses);
    }

    static Remedy lighterSticks(Project p) {
        return Remedy.set(p, "sticks of spruce", "", "perch.arm.sticks", "spruce-c24");
    }

    static Remedy nearerStops(Project p) {
        LevelArm arm = arm(p);
        List<Dose> doses = new ArrayList<>();
        for (double degrees : new double[]{60, 50, 45, 40, 30}) {
            double stop = Math.toRadians(degrees);
            double low = Math.max(arm.lowStop(), -stop);
            double high = Math.min(arm.highStop(), stop);
            if (low < high && (low > arm.lowStop() || high < arm.highStop())) {
                Project with = RecordPath.of("perch.arm.lowStop").with(p, low);
                doses.add(new Dose("stops at " + Quantity.ANGLE.show(low, p.units()) + " and "
                        + Quantity.ANGLE.show(high, p.units()), "less travel",
                        RecordPath.of("perch.arm.highStop").with(with, high)));
            }
        }
        return new Remedy(doses);
    }

    static Remedy lowerHighStop(Project p) {
        LevelArm arm = arm(p);
        return Remedy.grow(p, "perch.arm.highStop",
                DoubleStream.of(10, 20, 30, 40).map(d -> arm.highStop() - Math.toRadians(d)).toArray(),
                v -> "upper stop at " + Quantity.ANGLE.show(v, p.units()), v -> "less travel");
    }

    static List<Remedy> stiffen(Project p) {
        double k = arm(p).pivotStiffness();
        return List.of(stouterPost(p), morePivots(p), thickerSticks(p), Remedy.grow(p, "perch.arm.pivotStiffness",
                new double[]{2 * k, 4 * k}, v -> "wider washers in the pivots, twice as stiff", v -> ""),
                shorterArm(p));
    }

    static Remedy strongerHead(Project p) {
        double torque = p.perch().head().holdingTorque();
        return Remedy.grow(p, "perch.head.holdingTorque", DoubleStream.of(1.5, 2, 3, 5).map(k -> k * torque).toArray(),
                v -> "a head that holds " + Quantity.TORQUE.show(v, p.units()), v -> "");
    }

    // The shot and the place.

    static Remedy cameraToHeight(Project p) {
        return toHeight(p, Situation.of(p).sensorHeightWanted());
    }

    /** High enough to focus and for the hands; higher still where it is already. */
    static Remedy cameraUp(Project p) {
        double needed = Math.max(Math.max(p.shot().nearestFocus(), p.shot().framing().nearestPossible()),
                p.shot().handsRoom() + p.shot().lensLength());
        double now = Situation.of(p).sensorDistance();
        return toHeight(p, p.place().benchHeight() + p.shot().height() + Math.max(needed + 0.01, now + 0.05));
    }

    /** More pixels both ways, as the picture keeps its shape. */
    static Remedy morePixels(Project p) {
        Shot shot = p.shot();
        List<Dose> doses = new ArrayList<>();
        for (int wide : new int[]{1920, 3840, 5760, 7680}) {
            if (wide > shot.pixelsWide()) {
                int high = Math.round((float) wide * shot.pixelsHigh() / shot.pixelsWide());
                doses.addAll(Remedy.set(RecordPath.of("shot.pixelsHigh").with(p, high),
                        "film " + wide + " × " + high + " pixels", "larger files", "shot.pixelsWide", wide).doses());
            }
        }
        return new Remedy(doses);
    }

    static Remedy thinnerBoard(Project p) {
        double board = box(p).board();
        return Remedy.grow(p, "perch.base.board", DoubleStream.of(0.018, 0.015, 0.012).filter(v -> v < board).toArray(),
                v -> "board " + length(p, v) + " thick", v -> "");
    }

    static Remedy thinnerBox(Project p) {
        double wall = box(p).wall();
        return Remedy.grow(p, "perch.base.wall", DoubleStream.of(0.015, 0.012, 0.009).filter(v -> v < wall).toArray(),
                v -> "box of " + length(p, v) + " plywood", v -> "");
    }

    private static Remedy toHeight(Project p, double height) {
        Situation now = Situation.of(p);
        Pose pose = Reach.toHeight(now.posed().rig(), now.posed().pose(), height);
        double reached = now.in(pose).posed().sensor().z();
        Stance stance = new Stance(p.stance().x(), p.stance().y(), p.stance().heading(),
                pose.joints(now.posed().rig()));
        return new Remedy(List.of(new Dose("camera to " + length(p, reached), "pin and arm angle", p.with(stance))));
    }

    /** Rolls the perch so that, as its joints are set, the camera comes over the middle of the shot. */
    static Remedy cameraOverWork(Project p) {
        Situation now = Situation.of(p);
        Vec3 off = now.shotCentre().minus(now.inRoom(now.posed().sensor()));
        try {
            Stance stance = new Stance(p.stance().x() + off.x(), p.stance().y() + off.y(), p.stance().heading(),
                    p.stance().joints());
            return new Remedy(List.of(new Dose("roll the perch by " + length(p, off.radius()), "", p.with(stance))));
        } catch (InvalidValue impossible) {
            return new Remedy(List.of());
        }
    }

    static Remedy shorterLens(Project p) {
        double f = p.shot().focalLength();
        return Remedy.grow(p, "shot.focalLength",
                DoubleStream.of(0.9, 0.8, 0.7, 0.6, 0.5, 0.4).map(k -> Math.floor(f * k * 1e3) / 1e3).toArray(),
                v -> "a lens of " + length(p, v), v -> "");
    }

    static Remedy standFurtherOut(Project p) {
        return Remedy.grow(p, "stance.x", steps(p.stance().x(), 0.02, 20),
                v -> "stand " + length(p, v - p.stance().x()) + " further from the wall", v -> "");
    }

    static Remedy standNearerWall(Project p) {
        return Remedy.grow(p, "stance.x", steps(p.stance().x(), -0.02, 20),
                v -> "stand " + length(p, p.stance().x() - v) + " nearer the wall", v -> "");
    }
}
