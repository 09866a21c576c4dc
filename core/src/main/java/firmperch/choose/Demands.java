package firmperch.choose;

import firmperch.body.Contact;
import firmperch.body.Hole;
import firmperch.body.Piece;
import firmperch.body.Supply;
import firmperch.body.Surface;
import firmperch.body.Work;
import firmperch.project.Tools.Tool;
import firmperch.search.Assessment;
import firmperch.stock.Material;
import firmperch.study.Situation;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.EnumSet;
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
            List<String> words = new ArrayList<>(
                    needed(a).stream().filter(t -> t != Tool.DRILL).map(Tool::words).toList());
            double widest = widest(a);
            if (widest > 0) {
                words.add("drill to Ø " + a.situation().length(widest));
            }
            if (a.study().assembly().pieces().stream().anyMatch(p -> p.supply() instanceof Supply.Poured)) {
                words.add("mixing tub");
            }
            return words.isEmpty() ? "none" : String.join(", ", words);
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

    /** Tools without which it cannot be made, as judged from what is cut, drilled and bolted. */
    static Set<Tool> needed(Assessment a) {
        Set<Tool> tools = EnumSet.noneOf(Tool.class);
        for (Piece piece : a.study().assembly().pieces()) {
            if (piece.supply() instanceof Supply.Cut) {
                tools.add(piece.material().family() == Material.Family.METAL ? Tool.HACKSAW : Tool.SAW);
            }
        }
        if (widest(a) > 0) {
            tools.add(Tool.DRILL);
        }
        if (!a.study().assembly().fastenings().isEmpty()) {
            tools.add(Tool.SPANNERS);
        }
        return tools;
    }

    /** The widest hole that is drilled, m; 0 if none is. */
    private static double widest(Assessment a) {
        return a.study().assembly().pieces().stream().filter(p -> p.supply() instanceof Supply.Cut)
                .flatMap(p -> p.holes().stream()).mapToDouble(Hole::diameter).max().orElse(0);
    }

    private static String surfaces(List<Contact> contacts) {
        return contacts.stream().map(Contact::surface).distinct().map(Surface::words)
                .collect(Collectors.joining(" and "));
    }
}
