package firmperch.choose;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import firmperch.file.Tree;
import firmperch.project.Project;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Cards as JSON: {@code project}, the {@code currency} of what they cost (ISO 4217) and {@code kinds}, each with {@code kind}, {@code label}, {@code verdict} ({@code cannot} where it cannot be put up),
 * {@code sentence}, {@code sampled} where not every pose is proven, {@code why} it cannot, what it asks of the {@code place}, the {@code tools} and {@code waits}, and a figure for each trait that it has, by the trait's name in
 * small letters, in SI but angles in degrees.
 */
public final class KindsReport {
    private KindsReport() {
    }

    /** The report's text. */
    public static String json(Project project, List<Card> cards) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("project", project.name());
        root.put("currency", project.purse().currency().id());
        ArrayNode kinds = root.putArray("kinds");
        for (Card card : cards) {
            ObjectNode one = kinds.addObject();
            one.put("kind", card.id());
            one.put("label", card.label());
            one.put("verdict", card.verdict().map(v -> v.word()).orElse("cannot"));
            one.put("sentence", card.sentence());
            one.put("sampled", card.sampled());
            one.put("why", card.why());
            for (Demands demands : Demands.values()) {
                one.put(demands.name().toLowerCase(Locale.ROOT), card.demand(demands));
            }
            for (Trait trait : Trait.values()) {
                card.figure(trait).ifPresent(value -> one.put(trait.name().toLowerCase(Locale.ROOT),
                        new BigDecimal(trait == Trait.LEAN ? Math.toDegrees(value) : value)
                                .round(new MathContext(6)).doubleValue()));
            }
        }
        return Tree.text(root);
    }

    /** In lines, a few for each. */
    public static List<String> lines(Project project, List<Card> cards) {
        List<String> lines = new ArrayList<>(List.of(project.name() + ", " + project.studio(), ""));
        for (Card card : cards) {
            lines.add(String.format("%-7s %s (%s)%s", card.verdict().map(v -> v.word()).orElse("cannot"), card.label(),
                    card.id(), card.sampled() ? ", sampled" : ""));
            lines.add("        " + card.sentence());
            if (card.assessed().isPresent()) {
                List<String> figures = new ArrayList<>();
                for (Map.Entry<Trait, String> figure : card.told(project).entrySet()) {
                    figures.add(figure.getKey().label() + " " + figure.getValue());
                }
                lines.add("        " + String.join(", ", figures));
                List<String> asks = new ArrayList<>();
                for (Demands demands : Demands.values()) {
                    asks.add(demands.label() + ": " + card.demand(demands));
                }
                lines.add("        " + String.join("; ", asks));
            }
        }
        return lines;
    }
}
