package firmperch.choose;

import firmperch.body.Body;
import firmperch.body.Contact;
import firmperch.body.Piece;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.check.CameraChecks;
import firmperch.check.Reading;
import firmperch.cost.Bill;
import firmperch.cost.Shopping;
import firmperch.make.CutList;
import firmperch.make.CutPiece;
import firmperch.project.Project;
import firmperch.project.Purse;
import firmperch.search.Assessment;
import firmperch.search.ChangeOver;
import firmperch.search.Coverage;
import firmperch.units.Quantity;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What makers compare rigs by. A trait is a figure of an assessed rig, less of it being better or more; a new one is a new row here, and is then told on
 * the cards, side by side, on the command line and in the order of what matters. What a rig has none of, as one that hangs has no foot, is no figure.
 */
public enum Trait {
    /** What is left over at the weakest. */
    HOLDS("holds best", "left over", Quantity.NUMBER, false, a -> a.weakest().left()),
    /** All that is bought or used up, rough. */
    COST("cheap", "cost", Quantity.NUMBER, true, a -> price(a, a.project().purse())),
    /** What of that is still to be paid, as the maker has some of it. */
    TO_PAY("uses what is there", "to pay", Quantity.NUMBER, true, a -> toPay(a, a.project().purse())),
    /** Floor under it, wheels and all. */
    FOOTPRINT("small on the floor", "floor", Quantity.AREA, true, Trait::footprint),
    /** What is left of the walkway. */
    WALKWAY("leaves the walkway", "walkway", Quantity.LENGTH, false, "place.walkway", Reading::available),
    /** Movements of a hand from each set-up to the next. */
    TOUCHES("few touches between set-ups", "touches", Quantity.COUNT, true, Trait::touches),
    /** Share of the bench that the camera comes over with nothing hit; sampled, and known last. */
    REACH("reaches over the bench", "over the bench", Quantity.NUMBER, false,
            a -> a.coverage().map(Coverage::share).orElse(Double.NaN)),
    /** Without the gear. */
    MASS("light", "mass", Quantity.MASS, true, a -> Bill.of(a.study().assembly(), a.project().units()).mass()),
    /** The heaviest piece of it, as it is carried. */
    HEAVIEST("light to carry", "heaviest piece", Quantity.MASS, true, Trait::heaviest),
    /** Its longest piece. */
    PACKED("packs small", "longest piece", Quantity.LENGTH, true, Trait::longest),
    /** Boxes of all its pieces taken apart, as if they lay without a gap. */
    BULK("takes little room put away", "put away", Quantity.VOLUME, true, Trait::bulk),
    /** How far the camera sinks under its own weight, at the low end of stiffness. */
    SAG("sags little", "sag", Quantity.LENGTH, true, "sag", Reading::asked),
    /** How far the camera goes sideways for a touch, as it is set. */
    SWAY("sways little", "sway", Quantity.LENGTH, true, a -> CameraChecks.sway(a.situation())),
    /** Before it goes over. */
    LEAN("leans far", "lean", Quantity.ANGLE, false, "tip.lean", Reading::available),
    /** That it takes. */
    PUSH("takes a push", "push", Quantity.FORCE, false, "tip.push", Reading::available),
    /** Cutting, drilling and putting together; own judgement, see {@link #hours}. */
    HOURS("quick to make", "to make", Quantity.HOURS, true, Trait::hours);

    /** So long takes measuring and cutting the first of several alike, each further one, each hole, each thing to screw on, all the rest; h: our own judgement. */
    private static final double FIRST = 0.2;
    private static final double FURTHER = 0.06;
    private static final double HOLE = 0.05;
    private static final double FASTENED = 0.08;
    private static final double REST = 1;

    private final String matters;
    private final String label;
    private final Quantity unit;
    private final boolean less;
    private final String question;
    private final ToDoubleFunction<Assessment> of;

    Trait(String matters, String label, Quantity unit, boolean less, ToDoubleFunction<Assessment> of) {
        this.matters = matters;
        this.label = label;
        this.unit = unit;
        this.less = less;
        this.of = of;
        question = "";
    }

    /** One that is read off the answer to a question. */
    Trait(String matters, String label, Quantity unit, boolean less, String question, ToDoubleFunction<Reading> of) {
        this.matters = matters;
        this.label = label;
        this.unit = unit;
        this.less = less;
        this.question = question;
        this.of = a -> a.find(question).map(f -> of.applyAsDouble(f.reading())).orElse(Double.NaN);
    }

    /** True if a trait is read off the answer to that question. */
    static boolean reads(String question) {
        return Stream.of(values()).anyMatch(trait -> trait.question.equals(question));
    }

    /** How a maker says that it matters. */
    public String matters() {
        return matters;
    }

    /** What the figure is of. */
    public String label() {
        return label;
    }

    /** True if less of it is better. */
    public boolean less() {
        return less;
    }

    /** What its figure is in. */
    public Quantity unit() {
        return unit;
    }

    /** The figure of an assessed rig; nothing where it has none. */
    OptionalDouble of(Assessment assessment) {
        double value = of.applyAsDouble(assessment);
        return Double.isFinite(value) ? OptionalDouble.of(value) : OptionalDouble.empty();
    }

    /** A figure in words; what there is none of is all the better for it. */
    public String words(OptionalDouble figure, Project project) {
        if (figure.isEmpty()) {
            return switch (this) {
                case FOOTPRINT -> "nothing on the floor";
                case WALKWAY -> "all of it";
                case LEAN, PUSH -> "cannot tip";
                case REACH -> "not yet known";
                default -> "none";
            };
        }
        double value = figure.getAsDouble();
        return switch (this) {
            case HOLDS -> "×" + String.format(Locale.ROOT, "%.2f", value);
            case REACH -> value > 0 ? Coverage.percent(value) : "hardly any";
            case COST, TO_PAY -> project.purse().words(value);
            default -> unit.show(value, project.units());
        };
    }

    /** A figure with what it is of, where that does not follow from its unit: "€178 · 0.65 m² · touches 3". */
    public String told(OptionalDouble figure, Project project) {
        String words = words(figure, project);
        boolean plain = (unit == Quantity.NUMBER || unit == Quantity.COUNT) && this != COST && this != REACH;
        return figure.isPresent() && plain ? label + " " + words : words;
    }

    /** What it costs, in the maker's money. */
    static double price(Assessment a, Purse purse) {
        return purse.here(shopping(a).price());
    }

    /** What of that is still to be paid. */
    static double toPay(Assessment a, Purse purse) {
        return shopping(a).toPay(purse);
    }

    private static Shopping shopping(Assessment a) {
        return Shopping.of(a.study().assembly(), a.project().units());
    }

    private static double footprint(Assessment a) {
        Set<Body> standing = a.study().fixedTo(Surface.FLOOR);
        Predicate<Body> on = standing::contains;
        if (standing.isEmpty() || !a.situation().stands()) {
            return Double.NaN;
        }
        double[] reach = {far(a, Vec3.X, on), far(a, Vec3.X.negated(), on), far(a, Vec3.Y, on),
                far(a, Vec3.Y.negated(), on)};
        return (reach[0] + reach[1]) * (reach[2] + reach[3]);
    }

    /** As far as what stands there, and its wheels however they are turned, reaches in a direction of the room, m. */
    private static double far(Assessment a, Vec3 way, Predicate<Body> standing) {
        double most = a.situation().clearance().furthest(way, standing);
        for (Contact contact : a.study().assembly().contacts()) {
            if (contact instanceof Contact.Caster c) {
                Vec3 pivot = a.situation().inRoom(a.situation().posed().pivot(c));
                most = Math.max(most, pivot.dot(way) + c.trail() + c.diameter() / 2);
            }
        }
        return most;
    }

    private static double touches(Assessment a) {
        int setUps = a.project().setUps().size();
        return setUps < 2
                ? Double.NaN
                : IntStream.range(1, setUps).map(i -> ChangeOver.of(a.study(), i - 1, i).touches().size()).sum();
    }

    private static double heaviest(Assessment a) {
        return a.study().assembly().pieces().stream().filter(p -> !p.station().equals(a.study().assembly().payload()))
                .mapToDouble(p -> p.own().mass()).max().orElse(Double.NaN);
    }

    private static double longest(Assessment a) {
        return a.study().assembly().pieces().stream().filter(p -> !p.station().equals(a.study().assembly().payload()))
                .filter(Piece::takesRoom).map(p -> p.solid().size())
                .mapToDouble(size -> Math.max(size.x(), Math.max(size.y(), size.z()))).max().orElse(Double.NaN);
    }

    private static double bulk(Assessment a) {
        return a.study().assembly().pieces().stream().filter(p -> !p.station().equals(a.study().assembly().payload()))
                .filter(Piece::takesRoom).map(p -> p.solid().size()).mapToDouble(v -> v.x() * v.y() * v.z()).sum();
    }

    private static double hours(Assessment a) {
        double sum = REST + FASTENED * a.study().assembly().fastenings().size();
        for (CutPiece line : CutList.of(a.study().assembly())) {
            sum += FIRST + FURTHER * (line.count() - 1) + HOLE * line.count() * line.piece().holes().size();
        }
        return sum;
    }
}
