package firmperch.log;

import static firmperch.units.Require.between;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.Quantity;
import java.time.LocalDate;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * One thing measured on the built perch.
 *
 * @param date the day
 * @param kind what was measured
 * @param value in SI
 * @param joints how the joints were set
 * @param note anything else, may be empty
 */
public record Measurement(LocalDate date, Kind kind, double value, Map<String, Double> joints, String note)
        implements
            Described {

    /** What a maker can measure without instruments beyond a luggage scale, an angle finder and a ruler. */
    public enum Kind {
        /** Sideways push at the top, or at the policy's height, at which a wheel or foot lifts, N. */
        PUSH("Push until a wheel or foot lifts", Quantity.FORCE, 5000),
        /** Lean of the whole perch at which it would go over, rad. */
        LEAN("Lean before it goes", Quantity.ANGLE, Math.PI / 2),
        /** How far the camera goes down when the gear is hung on, m. */
        SAG("Sag when the gear is hung on", Quantity.LENGTH, 1);

        private final String label;
        private final Quantity quantity;
        private final double most;

        Kind(String label, Quantity quantity, double most) {
            this.label = label;
            this.quantity = quantity;
            this.most = most;
        }

        public String label() {
            return label;
        }

        public Quantity quantity() {
            return quantity;
        }
    }

    public static final Params<Measurement> PARAMS = Params.of(Measurement.class)
            .day("date", "Date of a measurement").oneOf("kind", "Kind of a measurement", Kind.class)
            .measure("value", "Measured value", Quantity.NUMBER, 0, 5000)
            .settings("joints", "Setting of a joint").note("note", "Note").done();

    public Measurement {
        joints = Collections.unmodifiableMap(new TreeMap<>(joints));
        note = note == null ? "" : note;
        if (kind != null) {
            between(kind.label(), value, 0, kind.most, kind.quantity);
        }
        PARAMS.check(date, kind, value, joints, note);
    }

    @Override
    public Params<Measurement> params() {
        return PARAMS;
    }
}
