package firmperch.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Rooms for tests. */
public final class Rooms {
    private Rooms() {
    }

    /** One of each sort of thing, as it starts. */
    public static List<Thing> everySort() {
        List<Thing> all = new ArrayList<>();
        for (Things.Sort sort : Things.ALL) {
            all.add(sort.start().apply("the " + sort.label(), new Spot(1 + 0.1 * all.size(), 0.5, 0.3)));
        }
        return all;
    }

    /** So many things of any sort anywhere in a room of 4 by 6 metres. */
    public static List<Thing> random(Random random, int count) {
        List<Thing> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Things.Sort sort = Things.ALL.get(random.nextInt(Things.ALL.size()));
            all.add(sort.start().apply(sort.label() + " " + i,
                    new Spot(4 * random.nextDouble(), 6 * random.nextDouble() - 3, 6 * random.nextDouble() - 3)));
        }
        return all;
    }
}
