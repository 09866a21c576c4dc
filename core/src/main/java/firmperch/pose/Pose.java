package firmperch.pose;

import firmperch.body.Assembly;
import firmperch.body.Freedom;
import firmperch.units.InvalidValue;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;

/** One setting of every freedom of an assembly, in the assembly's order. Immutable. */
public final class Pose {
    private final double[] values;

    private Pose(double[] values) {
        this.values = values;
    }

    /**
     * The pose with these settings by id. A freedom that is not named is set as near to zero as it goes; a setting
     * beyond a stop is set to the stop.
     *
     * @throws InvalidValue for an id that is none of the assembly's freedoms'
     */
    public static Pose of(Assembly assembly, Map<String, Double> joints) {
        assembly.mustKnow(joints.keySet());
        double[] values = new double[assembly.freedoms().size()];
        for (int i = 0; i < values.length; i++) {
            Freedom freedom = assembly.freedoms().get(i);
            values[i] = freedom.nearest(joints.getOrDefault(freedom.id(), 0.0));
        }
        return new Pose(values);
    }

    /** The pose with these settings in the assembly's order, unchecked. */
    public static Pose of(double... values) {
        return new Pose(values.clone());
    }

    /** Setting number i. */
    public double get(int i) {
        return values[i];
    }

    /** A copy of all of them. */
    public double[] values() {
        return values.clone();
    }

    /** How many settings it has. */
    public int size() {
        return values.length;
    }

    /** A copy with setting number i as near to a value as it goes. */
    public Pose with(Assembly assembly, int i, double value) {
        double[] changed = values.clone();
        changed[i] = assembly.freedoms().get(i).nearest(value);
        return new Pose(changed);
    }

    /** The settings by id. */
    public Map<String, Double> joints(Assembly assembly) {
        Map<String, Double> joints = new LinkedHashMap<>();
        for (int i = 0; i < values.length; i++) {
            joints.put(assembly.freedoms().get(i).id(), values[i]);
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
