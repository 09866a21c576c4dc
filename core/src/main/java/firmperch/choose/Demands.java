package firmperch.choose;

import firmperch.body.Contact;
import firmperch.body.Piece;
import firmperch.body.Supply;
import firmperch.body.Surface;
import firmperch.body.Work;
import firmperch.search.Assessment;
import firmperch.study.Situation;
import firmperch.units.Quantity;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** What building a rig asks of the place, of the maker's tools and of their patience, in words. */
public enum Demands {
    /** What floor, bench or ceiling must bear. */
    PLACE("asks of the place") {
        @Override
        String of(Assessment a) {
            Situation s = a.situation();
            String mass = s.show(Quantity.MASS, s.posed().mass());
            List<Contact> contacts = a.study().assembly().contacts();
            long fixings = contacts.stream().filter(Contact.Anchor.class::isInstance).count();
            if (fixings > 0) {
                return mass + " on " + fixings + (fixings == 1 ? " fixing" : " fixings") + " to " + surfaces(contacts);
            }
            return mass + " on " + surfaces(contacts);
        }
    },
    /** Judged from what is cut, drilled, poured and bolted. */
    TOOLS("tools") {
        @Override
        String of(Assessment a) {
            Set<String> tools = new LinkedHashSet<>();
            double widest = 0;
            for (Piece piece : a.study().assembly().pieces()) {
                if (piece.supply() instanceof Supply.Cut) {
                    tools.add(switch (piece.material().family()) {
                        case METAL -> "hacksaw";
                        default -> "saw";
                    });
                    widest = Math.max(widest, piece.holes().stream().mapToDouble(h -> h.diameter()).max().orElse(0));
                } else if (piece.supply() instanceof Supply.Poured) {
                    tools.add("mixing tub");
                }
            }
            if (widest > 0) {
                tools.add("drill to Ø " + a.situation().length(widest));
            }
            if (!a.study().assembly().fastenings().isEmpty()) {
                tools.add("spanners");
            }
            return String.join(", ", tools);
        }
    },
    /** Concrete that sets, glue that dries. */
    WAITS("waits") {
        @Override
        String of(Assessment a) {
            List<String> waits = a.study().assembly().making().works().stream().map(Work::pause)
                    .filter(p -> !p.isEmpty()).map(p -> p.split("[,;]", 2)[0]).distinct().toList();
            return waits.isEmpty() ? "none" : String.join("; ", waits);
        }
    };

    private final String label;

    Demands(String label) {
        this.label = label;
    }

    /** What it is about. */
    public String label() {
        return label;
    }

    /** In words, of an assessed rig. */
    abstract String of(Assessment assessment);

    private static String surfaces(List<Contact> contacts) {
        return contacts.stream().map(Contact::surface).distinct().map(Surface::words)
                .collect(Collectors.joining(" and "));
    }
}
