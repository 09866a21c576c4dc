package firmperch.file;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import firmperch.check.Finding;
import firmperch.search.Assessment;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.math.BigDecimal;
import java.math.MathContext;

/**
 * An assessment as JSON: {@code project}, {@code verdict}, {@code sentence}, {@code reach} (the share of the bench that the camera comes over, sampled; that over which the joints alone let it, {@code joints}, exact where the chain allows; how low and high the lens goes, m above the floor) and {@code findings}. Values are in the unit
 * named beside them; {@code proven} says whether {@code bound}, the share by which a pose between those looked at can be
 * worse, follows from lengths and masses; without a bound the worst pose is sampled; {@code margin} is available over asked (under 1 is short, 50 stands for plenty); angles of the pose
 * are in rad.
 */
public final class CheckReport {
    private CheckReport() {
    }

    /** The report's text. */
    public static String json(Assessment assessment) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("project", assessment.project().name());
        root.put("verdict", assessment.verdict().word());
        root.put("sentence", assessment.sentence());
        assessment.coverage().ifPresent(c -> {
            ObjectNode reach = root.putObject("reach");
            reach.put("share", rounded(c.share()));
            reach.put("places", c.places().size());
            c.extent().ifPresent(e -> reach.put("joints", rounded(e.share())));
            reach.put("lowest", rounded(c.lowest()));
            reach.put("highest", rounded(c.highest()));
        });
        ArrayNode findings = root.putArray("findings");
        for (Finding finding : assessment.findings()) {
            add(findings.addObject(), assessment, finding);
        }
        return Tree.text(root);
    }

    private static void add(ObjectNode node, Assessment assessment, Finding finding) {
        UnitSystem system = assessment.project().units();
        Quantity unit = finding.about().unit();
        node.put("check", finding.id());
        if (finding.setUp() != Finding.NO_SETUP) {
            node.put("setup", assessment.project().setUps().get(finding.setUp()).name());
        }
        node.put("station", finding.station() == null ? "place" : finding.station().id());
        node.put("question", finding.question().words());
        node.put("asked", shown(unit, finding.reading().asked(), system));
        node.put("available", shown(unit, finding.reading().available(), system));
        node.put("unit", unit.sign(system));
        node.put("margin", rounded(finding.margin()));
        node.put("left", rounded(finding.left()));
        node.put("verdict", finding.verdict().word());
        ObjectNode pose = node.putObject("pose");
        finding.pose().joints(assessment.study().assembly()).forEach(pose::put);
        if (finding.search() != null) {
            node.put("poses", finding.search().poses());
            node.put("proven", finding.search().proven());
            if (!Double.isNaN(finding.search().bound())) {
                node.put("bound", rounded(finding.search().bound()));
            }
        }
        node.put("formula", finding.about().formula() + ": " + finding.reading().numbers().get());
        if (!finding.about().symbols().isEmpty()) {
            node.put("symbols", finding.about().symbols());
        }
        node.put("source", finding.about().source());
        // An empty list is no answer where none were sought.
        node.put("curesSought", finding.sought());
        ArrayNode cures = node.putArray("cures");
        for (Finding.Cure cure : finding.cures()) {
            ObjectNode one = cures.addObject();
            one.put("what", cure.what());
            one.put("price", cure.price());
            one.put("left", rounded(cure.left()));
            one.put("verdict", cure.verdict().word());
            one.put("givesUp", cure.givesUp());
            ArrayNode worsens = one.putArray("worsens");
            cure.worsens().forEach(worsens::add);
        }
    }

    private static double shown(Quantity unit, double value, UnitSystem system) {
        return rounded(value / unit.size(system));
    }

    /** Six figures are more than any of them is worth. */
    private static double rounded(double value) {
        return new BigDecimal(value).round(new MathContext(6)).doubleValue();
    }
}
