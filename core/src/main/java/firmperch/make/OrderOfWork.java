package firmperch.make;

import firmperch.body.Contact;
import firmperch.body.Work;
import firmperch.check.Finding;
import firmperch.search.Assessment;
import firmperch.stability.Tipping;
import firmperch.study.Situation;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The order of work: what the parts ask for, each after what must come before, then the proof and the camera. */
public final class OrderOfWork {
    private OrderOfWork() {
    }

    /** The steps of an assessed project. */
    public static List<WorkStep> of(Assessment assessment) {
        List<Work> open = new ArrayList<>(assessment.study().assembly().making().works().reversed());
        List<Work> order = new ArrayList<>();
        while (!open.isEmpty()) {
            Work next = open.stream().filter(w -> w.after().stream().noneMatch(id -> open.stream()
                    .anyMatch(o -> o != w && o.id().equals(id)))).findFirst().orElse(open.getFirst());
            open.remove(next);
            order.add(next);
        }
        List<WorkStep> steps = new ArrayList<>();
        Map<String, Integer> numbers = new HashMap<>();
        for (Work work : order) {
            List<Integer> after = work.after().stream().filter(numbers::containsKey).map(numbers::get).sorted()
                    .toList();
            steps.add(new WorkStep(steps.size() + 1, work.what(), after, work.pause(), work.caution()));
            numbers.put(work.id(), steps.size());
        }
        prove(steps, assessment);
        return steps;
    }

    private static void prove(List<WorkStep> steps, Assessment assessment) {
        Situation s = assessment.situation();
        if (s.stands() && s.study().assembly().contacts().stream().anyMatch(
                c -> c instanceof Contact.Caster caster && caster.swivel() == Contact.Swivel.LOCKED_OUTWARD)) {
            add(steps,
                    "Roll it to its place, turn every caster's wheel straight outward from the middle, then lock it: so a push of "
                            + push(s, s.tipping()) + " tips it as it is set, of " + push(s, s.rolling())
                            + " with the wheels as rolling may leave them. Again each time it has been rolled.",
                    steps.size(), "",
                    "");
        }
        int last = steps.size();
        add(steps, hang(assessment), last, "overnight, loaded",
                "Keep feet and hands from under it; nobody near until it has held.");
        if (assessment.situation().stands()) {
            add(steps, "Push it at the top until it begins to tip; note push and lean under Prove.", last + 1, "",
                    "A second person ready to catch it.");
        } else {
            add(steps, "Look at every fixing once more: nothing has moved, no nut has turned.", last + 1, "",
                    "Take the bag off first; nobody under it.");
        }
        add(steps, "Hang the camera, tether first; note the sag under Prove." + Handling.lockFirst(s), last + 2, "",
                Handling.falls(s));
        Handling.recipes(assessment).forEach(step -> add(steps, step, steps.size(), "", ""));
    }

    private static String push(Situation s, Tipping tipping) {
        return s.show(Quantity.FORCE, tipping.push(s.pushHeight()));
    }

    /** Never more than the design claims to hold; where that is less than the proof asks, how to prop it. */
    private static String hang(Assessment assessment) {
        double gear = assessment.project().gear().mass();
        double proof = assessment.project().policy().loads().proof() * gear;
        Finding first = assessment.find("load.first").orElse(null);
        double holds = first == null ? proof : gear + first.reading().available();
        String turn = " where the camera goes and move every joint through its travel.";
        if (holds >= proof) {
            return "Hang a bag of " + mass(assessment, proof) + turn;
        }
        return "Hang a bag of " + mass(assessment, Math.floor(holds * 20) / 20) + turn + " The full proof of "
                + mass(assessment, proof) + " would be more than it holds as drawn (" + first.reading().numbers().get()
                + "): cure that first, or prop its end from below while that hangs.";
    }

    private static String mass(Assessment assessment, double value) {
        return Quantity.MASS.show(value, assessment.project().units());
    }

    private static void add(List<WorkStep> steps, String what, int after, String pause, String caution) {
        steps.add(new WorkStep(steps.size() + 1, what, after > 0 ? List.of(after) : List.of(), pause, caution));
    }
}
