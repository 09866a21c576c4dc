package firmperch.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * A kind of quantity: how it is shown in each unit system and how it is read from what a person types. Values are SI
 * (m, kg, N, N·m, rad, Pa, m³) on this side of the screen.
 *
 * <p>Definitions of the inch (25.4 mm), the pound (0.45359237 kg) and the standard gravity that turns pounds-force into
 * newtons (9.80665 m/s²): NIST Special Publication 811, appendix B.
 */
public enum Quantity {
    /** Metres; shown as millimetres or as inches to the sixteenth. */
    LENGTH(new Unit("mm", 1e-3, 0), new Unit("in", 0.0254, 3),
            units("mm millimetre millimetres millimeter millimeters", 1e-3,
                    "cm centimetre centimetres centimeter centimeters",
                    1e-2, "m metre metres meter meters", 1.0, "in inch inches \"", 0.0254, "ft foot feet '", 0.3048)),
    /** Kilograms. */
    MASS(new Unit("kg", 1, 2), new Unit("lb", 0.45359237, 2),
            units("kg kgs kilo kilos kilogram kilograms", 1.0, "g gram grams", 1e-3, "lb lbs pound pounds", 0.45359237,
                    "oz ounce ounces", 0.028349523125)),
    /** Newtons. */
    FORCE(new Unit("N", 1, 0), new Unit("lbf", 4.4482216152605, 1),
            units("N newton newtons", 1.0, "kN", 1e3, "kgf kg", 9.80665, "lbf lb", 4.4482216152605)),
    /** Newton metres. */
    TORQUE(new Unit("N·m", 1, 1), new Unit("lbf·ft", 1.3558179483314, 1),
            units("N·m Nm N.m N_m N*m", 1.0, "N·cm Ncm N.cm N_cm", 0.01, "lbf·ft lbf_ft lbf-ft ft·lbf ft_lbf ft-lbf",
                    1.3558179483314, "lbf·in lbf_in lbf-in in·lbf in_lbf", 0.1129848290276)),
    /** Radians; shown as degrees in both systems. */
    ANGLE(new Unit("°", Math.PI / 180, 1), new Unit("°", Math.PI / 180, 1),
            units("° deg degree degrees", Math.PI / 180, "rad radian radians", 1.0)),
    /** Pascals; shown as N/mm² (psi). */
    STRESS(new Unit("N/mm²", 1e6, 1), new Unit("psi", 6894.757293168, 0),
            units("N/mm2 N/mm^2 MPa", 1e6, "kPa", 1e3, "GPa", 1e9, "Pa", 1.0, "psi", 6894.757293168)),
    /** Newtons per metre; shown per millimetre. */
    STIFFNESS(new Unit("N/mm", 1e3, 0), new Unit("lbf/in", 175.12683524648, 0),
            units("N/mm kN/m", 1e3, "N/m", 1.0, "lbf/in", 175.12683524648)),
    /** Newton metres per radian. */
    ROTATIONAL_STIFFNESS(new Unit("N·m/rad", 1, 0), new Unit("lbf·ft/rad", 1.3558179483314, 0),
            units("N·m/rad Nm/rad N.m/rad N*m/rad", 1.0, "lbf·ft/rad lbf_ft/rad ft·lbf/rad", 1.3558179483314)),
    /** Kilograms per cubic metre. */
    DENSITY(new Unit("kg/m³", 1, 0), new Unit("lb/ft³", 16.018463373960, 0),
            units("kg/m3 kg/m^3", 1.0, "g/cm3 g/cm^3 kg/l", 1e3, "lb/ft3 lb/ft^3", 16.018463373960)),
    /** Cubic metres; shown as litres (cubic feet). */
    VOLUME(new Unit("l", 1e-3, 1), new Unit("ft³", 0.028316846592, 2),
            units("l litre litres liter liters", 1e-3, "ml", 1e-6, "m3 m^3", 1.0, "ft3 ft^3", 0.028316846592)),
    /** Square metres (square feet). */
    AREA(new Unit("m²", 1, 2), new Unit("ft²", 0.09290304, 1), units("m2 m^2 m²", 1.0, "ft2 ft^2 ft²", 0.09290304)),
    /** Hours of work. */
    HOURS(new Unit("h", 1, 0), new Unit("h", 1, 0), units("h hour hours", 1.0)),
    /** Turns a second; shown per minute. */
    FREQUENCY(new Unit("rpm", 1 / 60.0, 0), new Unit("rpm", 1 / 60.0, 0), units("rpm r/min", 1 / 60.0, "Hz", 1.0)),
    /** Watts. */
    POWER(new Unit("W", 1, 1), new Unit("W", 1, 1), units("W watt watts", 1.0, "mW", 1e-3, "kW", 1e3)),
    /** Volts. */
    VOLTAGE(new Unit("V", 1, 1), new Unit("V", 1, 1), units("V volt volts", 1.0)),
    /** Picture elements per metre of the work plane; shown per millimetre. */
    PICTURE_SCALE(new Unit("px/mm", 1e3, 1), new Unit("px/in", 1 / 0.0254, 0),
            units("px/mm", 1e3, "px/in", 1 / 0.0254)),
    /** A pure number. */
    NUMBER(new Unit("", 1, 2), new Unit("", 1, 2), units("%", 0.01)),
    /** A whole number of things. */
    COUNT(new Unit("", 1, 0), new Unit("", 1, 0), Map.of());

    /** A unit for showing: its sign, its size in SI, and how many decimals it is shown with. */
    private record Unit(String sign, double size, int decimals) {}

    private final Unit metric;
    private final Unit imperial;
    private final Map<String, Double> typed;

    Quantity(Unit metric, Unit imperial, Map<String, Double> typed) {
        this.metric = metric;
        this.imperial = imperial;
        this.typed = typed;
    }

    /** Names of a unit, parted by blanks, with its size; a blank inside a name is written as a low line. */
    private static Map<String, Double> units(Object... pairs) {
        Map<String, Double> map = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            for (String name : ((String) pairs[i]).split(" ")) {
                map.put(name.replace('_', ' '), (Double) pairs[i + 1]);
            }
        }
        return map;
    }

    private Unit unit(UnitSystem system) {
        return system == UnitSystem.IMPERIAL ? imperial : metric;
    }

    /** The unit's sign in that system, "mm" for a length in metric; empty for pure numbers. */
    public String sign(UnitSystem system) {
        return unit(system).sign();
    }

    /** One of that system's unit in SI: 0.001 for millimetres. */
    public double size(UnitSystem system) {
        return unit(system).size();
    }

    /** The value as shown, with its unit: "818 mm", {@code 32 3/16"}, "14.1°". A value that is no number is a dash. */
    public String show(double value, UnitSystem system) {
        String bare = bare(value, system);
        if (bare.equals("–")) {
            return bare;
        }
        if (this == LENGTH && system == UnitSystem.IMPERIAL) {
            return bare + "\"";
        }
        String sign = unit(system).sign();
        return sign.isEmpty() ? bare : this == ANGLE ? bare + sign : bare + " " + sign;
    }

    /** The value as shown, without its unit. */
    public String bare(double value, UnitSystem system) {
        if (Double.isNaN(value)) {
            return "–";
        }
        if (Double.isInfinite(value)) {
            return value > 0 ? "∞" : "−∞";
        }
        Unit unit = unit(system);
        boolean inches = this == LENGTH && system == UnitSystem.IMPERIAL;
        double scaled = value / unit.size();
        // How finely it is shown follows from what is shown, so that what is shown and typed again is shown alike.
        if (inches) {
            return sixteenths(inches(sixteenths(scaled)));
        }
        int decimals = decimals(unit, Math.abs(scaled));
        String text = plain(scaled, decimals);
        double shown = Double.parseDouble(text.replace('−', '-'));
        int again = decimals(unit, Math.abs(shown));
        return again == decimals ? text : plain(shown, again);
    }

    private static double inches(String text) {
        return new Typed(LENGTH, "Length", text, UnitSystem.IMPERIAL).value() / 0.0254;
    }

    private int decimals(Unit unit, double size) {
        return switch (this) {
            case LENGTH -> size < 100 && Math.abs(size - Math.rint(size)) > 0.05 ? size < 1 ? 2 : 1 : 0;
            case MASS -> size >= 100 ? 0 : size >= 10 ? 1 : unit.decimals();
            case FORCE -> size < 10 ? 1 : unit.decimals();
            case STIFFNESS -> size < 10 ? 2 : unit.decimals();
            default -> unit.decimals();
        };
    }

    private static String plain(double scaled, int decimals) {
        if (!Double.isFinite(scaled)) {
            return String.valueOf(scaled).replace('-', '−');
        }
        return BigDecimal.valueOf(scaled).setScale(decimals, RoundingMode.HALF_UP).toPlainString().replace('-', '−');
    }

    private static String sixteenths(double inches) {
        // A sixteenth is too coarse for a sag or a clearance: those are shown in thousandths.
        double off = Math.abs(inches * 16 - Math.rint(inches * 16)) / 16;
        if (Math.abs(inches) < 0.25 && off > 0.002) {
            return plain(inches, 3);
        }
        long parts = Math.round(Math.abs(inches) * 16);
        long whole = parts / 16;
        long rest = parts % 16;
        StringBuilder text = new StringBuilder(inches < 0 && parts > 0 ? "−" : "");
        if (whole > 0 || rest == 0) {
            text.append(whole);
        }
        if (rest > 0) {
            long divisor = Long.lowestOneBit(rest);
            text.append(whole > 0 ? " " : "").append(rest / divisor).append('/').append(16 / divisor);
        }
        return text.toString();
    }

    /**
     * Reads what a person typed: a number in the chosen system's unit, or numbers with their own units, added up:
     * {@code 600}, {@code 60 cm}, {@code 23 5/8"}, {@code 1' 11 5/8"}, {@code 5'6}, {@code 1½ in}, {@code 2 lb 10 oz}. A decimal
     * comma counts as a point; one that may as well part thousands is refused.
     *
     * @param field the field's name, for the message
     * @return the value in SI
     * @throws InvalidValue if it cannot be read as this quantity
     */
    public double parse(String field, String text, UnitSystem system) {
        return new Typed(this, field, text, system).value();
    }

    /** Every name under which a unit may be typed, with its size in SI. */
    Map<String, Double> typed() {
        return typed;
    }

    /** What would be read, in words. */
    String wanted() {
        return switch (this) {
            case LENGTH -> "a length such as 600, 60 cm, 23 5/8\" or 1' 11 5/8\"";
            case MASS -> "a mass such as 1.2 kg, 850 g or 2 lb 10 oz";
            case ANGLE -> "an angle such as 15 or 15°";
            case FORCE -> "a force such as 90 N or 20 lbf";
            case NUMBER -> "a number such as 0.35";
            case COUNT -> "a whole number such as 4";
            default -> "a number in " + metric.sign();
        };
    }
}
