package firmperch.rig;

/** A stop on the load path, from the camera down to the floor; the place is what all of it stands in. */
public enum Station {
    GEAR("gear", "Camera and gear"), HEAD("head", "Head"), ARM("arm", "Arm"), CARRIAGE("carriage",
            "Carriage on post"), UPRIGHT("post", "Post"), BASE("base", "Box with concrete"), FEET("feet",
                    "Casters"), PLACE("place", "Place");

    private final String id;
    private final String label;

    Station(String id, String label) {
        this.id = id;
        this.label = label;
    }

    /** The name in files and on the command line. */
    public String id() {
        return id;
    }

    public String label() {
        return label;
    }
}
