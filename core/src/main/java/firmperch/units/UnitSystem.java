package firmperch.units;

/** The units a person chose to read; what they type may always carry its own. */
public enum UnitSystem {
    METRIC("mm"), IMPERIAL("in");

    private final String label;

    UnitSystem(String label) {
        this.label = label;
    }

    /** The short name on the switch: the unit lengths are shown in. */
    public String label() {
        return label;
    }
}
