package firmperch.body;

import firmperch.units.InvalidValue;
import java.util.Collection;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A rig as bodies and joints, made once an edit from its parts.
 *
 * @param bodies each after the one it moves against
 * @param freedoms in the order of the bodies, from the place to the camera; a pose has a value for each
 * @param stations of the load path, from the place to the camera
 * @param bending sheets that bend
 * @param nestings which pieces of it are made to lie in each other
 * @param measures lengths that a part's values set, for drawing and editing in place
 * @param mount where the camera sits
 */
public record Assembly(List<Body> bodies, List<Piece> pieces, List<Freedom> freedoms, List<Joint> joints,
        List<Fastening> fastenings, List<Contact> contacts, List<Tie> ties, List<Station> stations,
        List<Bending> bending, List<Nesting> nestings, Making making, List<Measure> measures, Mount mount) {
    /**
     * A length that one value of a part sets.
     *
     * @param part name of the part
     * @param path of the value in the part
     */
    public record Measure(String part, String path, Tie.Hook from, Tie.Hook to) {}

    /**
     * A piece that is made to lie in, on or through another, as a bolt in its hole or a tube in the next: the two are not asked
     * to clear each other. What lies in the inner one lies in the outer one too.
     */
    public record Nesting(Piece inner, Piece outer) {}

    /** What its making takes beside its pieces. */
    public record Making(List<Purchase> purchases, List<Work> works) {
        public Making {
            purchases = List.copyOf(purchases);
            works = List.copyOf(works);
        }
    }

    public Assembly {
        bodies = List.copyOf(bodies);
        pieces = List.copyOf(pieces);
        freedoms = List.copyOf(freedoms);
        joints = List.copyOf(joints);
        fastenings = List.copyOf(fastenings);
        contacts = List.copyOf(contacts);
        ties = List.copyOf(ties);
        stations = List.copyOf(stations);
        bending = List.copyOf(bending);
        nestings = List.copyOf(nestings);
        measures = List.copyOf(measures);
    }

    /** Where in a pose that freedom stands; −1 if it is none of this rig's. */
    public int indexOf(String freedom) {
        for (int i = 0; i < freedoms.size(); i++) {
            if (freedoms.get(i).id().equals(freedom)) {
                return i;
            }
        }
        return -1;
    }

    /** True if each of these is the id of a freedom of this rig. */
    public boolean knows(Collection<String> ids) {
        return freedoms.stream().map(Freedom::id).collect(Collectors.toSet()).containsAll(ids);
    }

    /**
     * Refuses settings of what this rig has not.
     *
     * @throws InvalidValue for the first id that is none of its freedoms'
     */
    public void mustKnow(Collection<String> ids) {
        List<String> known = freedoms.stream().map(Freedom::id).toList();
        for (String id : ids) {
            if (!known.contains(id)) {
                throw new InvalidValue("Setting of a joint", "“" + id + "”", known.isEmpty()
                        ? "none, as nothing of it can be set"
                        : "one of " + String.join(", ", known));
            }
        }
    }

    /** The station of the camera and what hangs on it: the last. */
    public Station payload() {
        return stations.getLast();
    }

    /** Pieces of a body. */
    public List<Piece> piecesOf(Body body) {
        return pieces.stream().filter(p -> p.body().equals(body)).toList();
    }
}
