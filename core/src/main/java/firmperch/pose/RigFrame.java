package firmperch.pose;

import firmperch.frame.EndFixity;
import firmperch.frame.FrameModel;
import firmperch.frame.FrameModel.Member;
import firmperch.frame.FrameModel.Support;
import firmperch.frame.Vec3;
import firmperch.rig.LevelArm;

/**
 * The space frame of a posed rig. Box, carriage and end plate are stiff against what they join and are rigid offsets;
 * the post and every stick are members; a tightened pivot is a rotational spring, a free one a hinge.
 */
final class RigFrame {
    /** Node of the end plate, from which head and camera hang. */
    static final int END = 2;

    /** Sideways hold of a tyre as a share of its upright stiffness; gravity alone hardly calls on it. */
    private static final double SIDEWAYS = 0.5;

    private RigFrame() {
    }

    static FrameModel of(PosedRig posed, boolean withGear) {
        FrameModel.Builder frame = new FrameModel.Builder();
        int base = frame.node(new Vec3(0, 0, posed.castHeight()));
        int carriage = frame.node(posed.seat().plus(new Vec3(0, 0, posed.carriage().height() / 2)));
        int end = frame.node(posed.outerMiddle());

        for (Contact contact : posed.contacts()) {
            frame.support(new Support(base, contact.point().minus(frame.at(base)), SIDEWAYS * contact.stiffness(),
                    SIDEWAYS * contact.stiffness(), contact.stiffness(), true));
        }
        Vec3 forward = posed.outward(1);
        frame.beam("post", base, carriage, posed.post().postStock().section(), posed.post().postStock().material(),
                forward);
        addLinks(frame, posed, carriage, end);
        addMasses(frame, posed, withGear, base, carriage, end);
        return frame.build();
    }

    private static void addLinks(FrameModel.Builder frame, PosedRig posed, int carriage, int end) {
        LevelArm arm = posed.arm();
        Vec3 left = posed.outward(1).turned(Math.PI / 2);
        // Inner pivots are tightened first, as a maker would: lower inner, upper inner, lower outer, upper outer.
        for (int link = 0; link < 2; link++) {
            Vec3 level = new Vec3(0, 0, (link == 0 ? -0.5 : 0.5) * arm.plateSpacing());
            EndFixity inner = fixity(arm, link < arm.tightened());
            EndFixity outer = fixity(arm, 2 + link < arm.tightened());
            for (int stick = 0; stick < arm.sticksPerLink(); stick++) {
                Vec3 offset = level.plus(left.times(stick == 0 ? arm.stickAside() : -arm.stickAside()));
                String name = (link == 0 ? "lower" : "upper") + " stick " + (stick + 1);
                frame.member(new Member(name, carriage, end,
                        posed.innerMiddle().plus(offset).minus(frame.at(carriage)), offset, arm.stickSection(),
                        arm.stickMaterial(), Vec3.UP, inner, outer));
            }
        }
    }

    private static EndFixity fixity(LevelArm arm, boolean tightened) {
        return tightened ? EndFixity.springY(arm.pivotStiffness() / arm.sticksPerLink()) : EndFixity.HINGE_Y;
    }

    private static void addMasses(FrameModel.Builder frame, PosedRig posed, boolean withGear, int base, int carriage,
            int end) {
        LevelArm arm = posed.arm();
        for (Body body : posed.bodies()) {
            switch (body.station()) {
                case GEAR -> {
                    if (withGear) {
                        frame.mass(end, body.centre(), body.mass());
                    }
                }
                case HEAD -> frame.mass(end, body.centre(), body.mass());
                case ARM -> {
                    if (body.name().equals("end plate")) {
                        frame.mass(end, body.centre(), body.mass());
                    }
                }
                case CARRIAGE -> frame.mass(carriage, body.centre(), body.mass());
                case UPRIGHT -> addPostEnds(frame, posed, base, carriage, body);
                case BASE, FEET -> frame.mass(base, body.centre(), body.mass());
                case PLACE -> throw new IllegalStateException("the place has no weight");
            }
        }
        // The sticks' ends beyond the holes; between the holes the members carry their own weight.
        double beyond = 2 * arm.endDistance() * arm.stickSection().lineMass(arm.stickMaterial())
                * arm.sticksPerLink() * 2;
        frame.mass(carriage, posed.innerMiddle(), beyond / 2);
        frame.mass(end, posed.outerMiddle(), beyond / 2);
    }

    /** The post outside the member between base and carriage: cast in below, free above. */
    private static void addPostEnds(FrameModel.Builder frame, PosedRig posed, int base, int carriage, Body post) {
        double perMetre = post.mass() / posed.post().length();
        double low = frame.at(base).z() - posed.foot().z();
        double high = posed.foot().z() + posed.post().length() - frame.at(carriage).z();
        frame.mass(base, new Vec3(0, 0, posed.foot().z() + low / 2), perMetre * low);
        frame.mass(carriage, new Vec3(0, 0, frame.at(carriage).z() + high / 2), perMetre * high);
    }
}
