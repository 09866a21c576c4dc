package firmperch.make;

import firmperch.body.Assembly;
import firmperch.body.Piece;
import firmperch.body.Purchase;
import firmperch.body.Supply;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Everything to buy ready-made, from the camera down. */
public final class Hardware {
    private Hardware() {
    }

    /** The list of an assembly. */
    public static List<HardwareItem> of(Assembly assembly) {
        Map<String, HardwareItem> list = new LinkedHashMap<>();
        for (Piece piece : assembly.pieces().reversed()) {
            if (piece.supply() instanceof Supply.Ready ready) {
                add(list, new HardwareItem(ready.item(), ready.count(), ready.use(),
                        piece.own().mass()));
            }
        }
        for (Purchase p : assembly.making().purchases().reversed()) {
            add(list, new HardwareItem(p.item(), p.count(), p.use(), 0));
        }
        return new ArrayList<>(list.values());
    }

    private static void add(Map<String, HardwareItem> list, HardwareItem item) {
        list.merge(item.item() + "/" + item.use(), item, (a, b) -> new HardwareItem(a.item(), a.count() + b.count(),
                a.use(), a.mass() + b.mass()));
    }
}
