package firmperch.pose;

import firmperch.rig.Freedom;
import firmperch.rig.Rig;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;

/** One setting of every freedom of a rig, in the rig's order. Immutable. */
public final class Pose {
    private final double[] values;

    private Pose(double[] values) {
        this.values = values;
    }

    /** The pose with these settings by name; what is not named is at its nearest to zero, what is past a stop is at it. */
    public static Pose of(Rig rig, Map<String, Double> joints) {
        double[] values = new double[rig.freedoms().size()];
        for (int i = 0; i < values.length; i++) {
            Freedom freedom = rig.freedoms().get(i);
            values[i] = freedom.nearest(joints.getOrDefault(freedom.name(), 0.0));
        }
        return new Pose(values);
    }

    /** The pose with these settings in the rig's order, taken as they are. */
    public static Pose of(double... values) {
        return new Pose(values.clone());
    }

    /** Setting number i. */
    public double get(int i) {
        return values[i];
    }

    /** The setting of that freedom. */
    public double get(Rig rig, String freedom) {
        return values[rig.indexOf(freedom)];
    }

    /** This pose with one freedom set as near to that value as it goes. */
    public Pose with(Rig rig, String freedom, double value) {
        double[] changed = values.clone();
        int i = rig.indexOf(freedom);
        changed[i] = rig.freedoms().get(i).nearest(value);
        return new Pose(changed);
    }

    /** The settings by name. */
    public Map<String, Double> joints(Rig rig) {
        Map<String, Double> joints = new LinkedHashMap<>();
        for (int i = 0; i < values.length; i++) {
            joints.put(rig.freedoms().get(i).name(), values[i]);
        }
        return joints;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Pose pose && Arrays.equals(values, pose.values);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(values);
    }

    @Override
    public String toString() {
        return Arrays.toString(values);
    }
}
