package firmperch.body;

/** What of the place something can stand on, hang from or be screwed to. */
public enum Surface {
    FLOOR("floor", Vec3.UP), BENCH("bench", Vec3.UP), TABLE("table", Vec3.UP), CEILING("ceiling",
            Vec3.DOWN), WALL("wall", Vec3.X), POST("post", Vec3.X);

    private final String id;
    private final Vec3 normal;

    Surface(String id, Vec3 normal) {
        this.id = id;
        this.normal = normal;
    }

    /** The name of the place's port on it. */
    public String id() {
        return id;
    }

    /** In words, as in "stands on …". */
    public String words() {
        return "the " + id;
    }

    /** Away from it, of length 1, in the rig's axes: what is on a wall or a post looks away from it. */
    public Vec3 normal() {
        return normal;
    }

    /** True if weight alone presses things onto it. */
    public boolean carries() {
        return normal.z() > 0;
    }
}
