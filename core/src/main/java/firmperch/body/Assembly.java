package firmperch.body;

import java.util.List;

/**
 * A rig as bodies and joints, made once an edit from its parts.
 *
 * @param bodies each after the one it moves against
 * @param freedoms in the order of the bodies, from the place to the camera; a pose has a value for each
 * @param stations of the load path, from the place to the camera
 * @param measures lengths that a part's values set, for drawing and editing in place
 * @param mount where the camera sits
 */
public record Assembly(List<Body> bodies, List<Piece> pieces, List<Freedom> freedoms, List<Joint> joints,
        List<Fastening> fastenings, List<Contact> contacts, List<Tie> ties, List<Station> stations, Making making,
        List<Measure> measures, Mount mount) {
    /**
     * A length that one value of a part sets.
     *
     * @param part name of the part
     * @param path of the value in the part
     */
    public record Measure(String part, String path, Tie.Hook from, Tie.Hook to) {}

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

    /** The station of the camera and what hangs on it: the last. */
    public Station payload() {
        return stations.getLast();
    }

    /** Pieces of a body. */
    public List<Piece> piecesOf(Body body) {
        return pieces.stream().filter(p -> p.body().equals(body)).toList();
    }
}
