package firmperch.desk.kind;

import firmperch.choose.Card;
import firmperch.desk.document.Background;
import firmperch.project.Project;
import firmperch.project.Variant;
import firmperch.project.Variants;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** Cards of the variants that a project keeps: worked out once, and again when what is filmed, with what or where changes. */
final class VariantCards {
    /** Begins the id of a variant's card, its number follows. */
    private static final String ID = "variant-";

    private final Background comparing = new Background("variants");
    private final Map<Object, Card> known = new HashMap<>();
    private List<Object> going = List.of();

    /** What is known is for another project. */
    void forget() {
        known.clear();
        going = List.of();
        comparing.stop();
    }

    /** True while some are being worked out. */
    boolean busy() {
        return !going.isEmpty();
    }

    /** The number of the variant that a card is of; nothing if it is of none. */
    static Optional<Integer> number(String id) {
        return id.startsWith(ID) ? Optional.of(Integer.parseInt(id.substring(ID.length()))) : Optional.empty();
    }

    /** Whatever it is called. */
    private static Object rig(Variant variant) {
        return List.of(variant.perch(), variant.stances());
    }

    /**
     * The cards that are known; the others are worked out meanwhile.
     *
     * @param came is run when more are known
     * @param failed is told why they are not
     */
    List<Card> of(Project project, Runnable came, Consumer<String> failed) {
        List<Card> cards = new ArrayList<>();
        List<Object> open = new ArrayList<>();
        for (int i = 0; i < project.variants().size(); i++) {
            Variant variant = project.variants().get(i);
            Card card = known.get(rig(variant));
            if (card == null) {
                open.add(rig(variant));
            } else {
                cards.add(card.as(ID + i, variant.name()));
            }
        }
        if (!open.isEmpty() && !going.equals(open)) {
            going = open;
            comparing.run(progress -> {
                Map<Object, Card> found = new HashMap<>();
                for (int i = 0; i < project.variants().size(); i++) {
                    Object rig = rig(project.variants().get(i));
                    if (open.contains(rig)) {
                        found.put(rig, card(project, i, progress));
                    }
                }
                return found;
            }, found -> {
                going = List.of();
                known.putAll(found);
                came.run();
            }, why -> {
                going = List.of();
                failed.accept(why);
            });
        }
        return cards;
    }

    private static Card card(Project project, int number, Progress progress) {
        try {
            return Card.of(ID, "", Assessor.everyPose(Variants.switched(project, number), progress));
        } catch (InvalidValue impossible) {
            return Card.cannot(ID, "", impossible.getMessage());
        }
    }
}
