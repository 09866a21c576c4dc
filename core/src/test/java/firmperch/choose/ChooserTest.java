package firmperch.choose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.check.Verdict;
import firmperch.cost.Bill;
import firmperch.cost.Shopping;
import firmperch.file.Samples;
import firmperch.param.Path;
import firmperch.part.GearEdits;
import firmperch.part.Kind;
import firmperch.part.Parts;
import firmperch.part.Perch;
import firmperch.place.Joists;
import firmperch.project.Project;
import firmperch.project.Purse;
import firmperch.project.Tools;
import firmperch.project.Variant;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Choosing;
import firmperch.search.Progress;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** All kinds, those that ship and those from outside, computed for the demos; and what is told of them. */
class ChooserTest {
    private static List<Trait> all() {
        return List.of(Trait.values());
    }

    /** A card's figures are the opened project's, its verdict never better; each kind has one, first as set, then over every pose. */
    @Test
    void whatACardSaysIsSoWhenItIsBuilt() {
        Project project = Samples.wedgingBench();
        ConcurrentLinkedQueue<Card> told = new ConcurrentLinkedQueue<>();
        List<Card> cards = Chooser.of(project, Progress.NONE, told::add);
        assertThat(cards).extracting(Card::id).containsExactlyElementsOf(Parts.kinds().stream().map(Kind::id).toList());
        assertThat(cards).extracting(Card::id).contains("alien", "alien-hanger", "alien-pole");
        assertThat(told).as("as set, over every pose, with what it reaches").hasSize(3 * cards.size());
        for (Card card : cards) {
            asOpened(card, project);
        }
        // What a maker would take here holds.
        assertThat(cards).filteredOn(c -> c.verdict().orElseThrow() == Verdict.HOLDS).extracting(Card::id)
                .contains("cast-box-post", "pipe-goalpost", "sliding-mast");
        assertThat(cards).filteredOn(c -> c.id().equals("plain-tripod")).extracting(Card::trouble)
                .containsExactly("It hits the bench in “Overhead”.");
    }

    private static Project glazing() {
        return Samples.all().stream().filter(p -> p.name().equals("Glazing table")).findFirst().orElseThrow();
    }

    private static void asOpened(Card card, Project project) {
        Project built = card.in(project);
        assertThat(built.name()).isEqualTo(project.name());
        assertThat(built.gear()).isEqualTo(project.gear());
        Assessment opened = Assessor.withCoverage(Assessor.everyPose(built, Progress.NONE), Progress.NONE);
        assertThat(card.verdict().orElseThrow().ordinal()).as(card.id()).isGreaterThanOrEqualTo(
                opened.verdict().ordinal());
        for (Trait trait : Trait.values()) {
            // What is left over is a bound that a proof may lower; all else is the same figure.
            if (card.figure(trait).isPresent() && trait != Trait.HOLDS) {
                assertThat(card.figure(trait).getAsDouble()).as("%s of %s", trait, card.id())
                        .isCloseTo(trait.of(opened).orElseThrow(),
                                within(0.01 * Math.max(1e-3, Math.abs(trait.of(opened).orElseThrow()))));
            }
        }
    }

    /** What moves in many ways is only sampled, and has plenty in hand here; its figures are the opened project's all the same. */
    @ParameterizedTest
    @ValueSource(strings = {"beam-arm", "ceiling-arm"})
    void aSampledCardSaysWhatIsSo(String id) {
        Project project = glazing();
        Card card = Chooser.of(project, Demo.kind(id), Progress.NONE);
        assertThat(card.sampled()).isTrue();
        assertThat(card.verdict()).contains(Verdict.HOLDS);
        asOpened(card, project);
    }

    /** Sized one measure after the other against all pairs of them: within 5 % of the cheapest that holds as it is set (brute force). */
    @ParameterizedTest
    @ValueSource(strings = {"pipe-goalpost", "sliding-mast"})
    void asCheapAsCanBe(String id) {
        Kind kind = Demo.kind(id);
        Project project = Samples.wedgingBench();
        double cheapest = Double.POSITIVE_INFINITY;
        for (double first : kind.sizes().getFirst().changes()) {
            for (double second : kind.sizes().get(1).changes()) {
                try {
                    Perch perch = changed(changed(kind.start().get(), kind.sizes().getFirst(), first),
                            kind.sizes().get(1), second);
                    Assessment a = Assessor.now(Choosing.of(project, perch, kind.joints()));
                    if (a.verdict() != Verdict.GIVES) {
                        cheapest = Math.min(cheapest, Bill.of(a.study().assembly(), a.project().units()).price());
                    }
                } catch (InvalidValue doesNotFit) {
                    // One that cannot be made is none of them.
                }
            }
        }
        Assessment sized = Assessor.now(Sizing.of(project, kind, Progress.NONE));
        assertThat(cheapest).isFinite();
        assertThat(sized.verdict()).isNotEqualTo(Verdict.GIVES);
        assertThat(Bill.of(sized.study().assembly(), sized.project().units()).price())
                .isLessThanOrEqualTo(1.05 * cheapest);
    }

    /** However a kind is sized to it, more gear never turns what gives or is near into what holds. */
    @Test
    void moreGearNeverMakesACardBetter() {
        Project project = Samples.wedgingBench();
        for (Kind kind : Parts.kinds()) {
            int before = -1;
            for (double gear : new double[]{0.8, 4.5}) {
                Card card = Chooser.asSet(project.with(GearEdits.together(project.gear(), gear)), kind, Progress.NONE);
                int now = card.verdict().map(Verdict::ordinal).orElse(Verdict.values().length);
                assertThat(now).as("%s with %s kg", kind.id(), gear).isGreaterThanOrEqualTo(before);
                before = now;
            }
        }
    }

    private static Perch changed(Perch perch, Kind.Size size, double by) {
        Perch now = perch;
        for (String path : size.paths()) {
            now = Path.of(path).with(now, Path.of(path).number(now) + by);
        }
        return now;
    }

    @Test
    void onesThatCannotWorkSayWhy() {
        Project unknown = Demo.with("place.room.joists.made", Joists.Made.UNKNOWN);
        Card hung = Chooser.of(unknown, Demo.kind("ceiling-arm"), Progress.NONE);
        assertThat(hung.verdict()).isEmpty();
        assertThat(hung.sentence()).isEqualTo(
                "Cannot work here: no joists are given; say under Place what is above the ceiling.");
        assertThat(hung.in(unknown)).isEqualTo(unknown);
        Card concrete = Chooser.of(Demo.with("place.room.joists.made", Joists.Made.CONCRETE), Demo.kind("beam-arm"),
                Progress.NONE);
        assertThat(concrete.trouble()).startsWith("The ceiling is concrete");
    }

    /** One's own is a kind like the others, built as it was kept, brought to the set-ups that there are. */
    @Test
    void aKindOfOnesOwn() {
        Project glazing = glazing();
        Project goalpost = Choosing.of(glazing, Demo.kind("pipe-goalpost"));
        Kind own = Chooser.own(7, new Variant("My goalpost", goalpost.perch(), List.of(goalpost.stance())));
        Card card = Chooser.of(Samples.wedgingBench(), own, Progress.NONE);
        assertThat(card.id()).isEqualTo("own-7");
        assertThat(card.label()).isEqualTo("My goalpost");
        assertThat(card.built().orElseThrow().perch()).isEqualTo(goalpost.perch());
        assertThat(card.verdict()).isPresent();
    }

    @Test
    void stops() {
        assertThatThrownBy(() -> Chooser.of(Samples.wedgingBench(), (share, what) -> {
            throw new CancellationException();
        }, card -> {
        })).isInstanceOf(CancellationException.class);
    }

    /** By the figures of three rigs, told by hand: what matters decides, what gives comes after what holds, what is not wanted is not there. */
    @Test
    void inTheOrderOfWhatMatters() {
        List<Card> cards = Stream.of("pipe-goalpost", "plain-tripod", "cast-box-post")
                .map(id -> Card.of(id, id, Assessor.now(Choosing.of(Demo.project(), Demo.kind(id))))).toList();
        Card cannot = Card.cannot("none", "None", "nothing");
        List<Card> with = new ArrayList<>(List.of(cannot));
        with.addAll(cards);
        assertThat(cards).extracting(c -> c.verdict().orElseThrow() == Verdict.GIVES).containsExactly(false, true,
                false);
        assertThat(ranked(with, List.of(Trait.COST))).containsExactly("pipe-goalpost", "cast-box-post", "plain-tripod",
                "none");
        assertThat(ranked(with, List.of(Trait.PUSH))).as("a heavy one takes a push best").containsExactly(
                "cast-box-post", "pipe-goalpost", "plain-tripod", "none");
        assertThat(Ranking.of(with, all(), List.of(Ranking.Only.NO_FLOOR), Double.POSITIVE_INFINITY, Tools.ALL))
                .extracting(Card::id).containsExactly("pipe-goalpost");
        assertThat(Ranking.of(with, all(), List.of(Ranking.Only.HOLDING), 100, Tools.ALL)).extracting(Card::id)
                .containsExactly("pipe-goalpost");
    }

    private static List<String> ranked(List<Card> cards, List<Trait> matters) {
        return Ranking.of(cards, matters, List.of(), Double.POSITIVE_INFINITY, Tools.ALL).stream().map(Card::id)
                .toList();
    }

    /** What it asks for, as a maker who has built such ones would say: a fact of the trade, no source. */
    @Test
    void whatItAsksFor() {
        Card box = Card.now(Assessor.now(Demo.project()));
        assertThat(box.demand(Demands.WAITS)).isEqualTo("glue: overnight; concrete: two days before it is rolled");
        assertThat(box.demand(Demands.TOOLS)).contains("saw").contains("hacksaw").contains("mixing tub")
                .contains("drill to Ø");
        assertThat(box.demand(Demands.PLACE)).endsWith(" kg on the floor");
        Card post = Card.of("", "", Assessor.now(Choosing.of(Demo.project(), Demo.kind("pipe-goalpost"))));
        assertThat(post.demand(Demands.WAITS)).isEqualTo("none");
        assertThat(post.demand(Demands.PLACE)).endsWith(" kg on the bench");
        Card arm = Card.of("", "", Assessor.now(Samples.all().get(2)));
        assertThat(arm.demand(Demands.PLACE)).contains("fixings to the ceiling");
        assertThat(Card.cannot("", "", "nothing").demand(Demands.TOOLS)).isEmpty();
    }

    /** Footprint by hand: the demo's box board is 330 mm to each wheel's pivot along both ways, wheels beyond it. */
    @Test
    void theFloorUnderIt() {
        Assessment a = Assessor.now(Demo.project());
        double side = a.study().assembly().contacts().stream().map(c -> (firmperch.body.Contact.Caster) c)
                .mapToDouble(c -> Math.abs(a.situation().posed().pivot(c).x()) + c.trail() + c.diameter() / 2).max()
                .orElseThrow();
        assertThat(Trait.FOOTPRINT.of(a).orElseThrow()).isCloseTo(4 * side * side, within(1e-9));
        assertThat(Trait.TOUCHES.of(a)).as("one set-up").isEmpty();
        assertThat(Card.now(a).told(a.project())).containsAllEntriesOf(
                Map.of(Trait.TOUCHES, "none"));
    }

    /** Whoever has no drill sees only what needs none; a rig of bought things alone, as a tripod, needs no saw. */
    @Test
    void madeWithTheToolsThatAreThere() {
        Card post = Card.now(Assessor.now(Demo.project()));
        Card tripod = Chooser.asSet(Demo.project(), Demo.kind("plain-tripod"), Progress.NONE);
        List<Ranking.Only> mine = List.of(Ranking.Only.WITH_MY_TOOLS);
        for (Tools missing : List.of(new Tools(false, true, true, true), new Tools(true, true, false, true),
                new Tools(true, false, true, true), new Tools(true, true, true, false))) {
            assertThat(Ranking.of(List.of(post), all(), mine, 1e9, missing)).as(missing.toString()).isEmpty();
        }
        assertThat(Ranking.of(List.of(post, tripod), all(), mine, 1e9, Tools.ALL)).hasSize(2);
        assertThat(Ranking.of(List.of(post, tripod), all(), mine, 1e9, new Tools(false, true, true, true)))
                .containsExactly(tripod);
    }

    /** What is reached is told once it has been asked; a camera that goes sideways for a touch at all goes further at the end of a longer arm. */
    @Test
    void swayAndReach() {
        Assessment a = Assessor.now(Demo.project());
        assertThat(Trait.REACH.of(a)).isEmpty();
        Assessment asked = Assessor.withCoverage(a, Progress.NONE);
        assertThat(Trait.REACH.of(asked)).hasValue(asked.coverage().orElseThrow().share());
        Assessment longer = Assessor.now(Path.of("perch.arm.links.length").with(Demo.project(), 1.0));
        assertThat(Trait.SWAY.of(longer).orElseThrow()).isGreaterThan(Trait.SWAY.of(a).orElseThrow());
        assertThat(Trait.BULK.of(longer).orElseThrow()).isGreaterThan(Trait.BULK.of(a).orElseThrow());
    }

    /** What the maker has need not be paid: the figures follow without the card being worked out again; with all of it there nothing is to buy. */
    @Test
    void whatIsThereMakesACardCheaper() {
        Project project = Demo.project();
        Card card = Card.now(Assessor.now(project));
        Shopping list = Shopping.of(card.assessed().orElseThrow().study().assembly(), project.units());
        assertThat(card.figure(Trait.TO_PAY)).isEqualTo(card.figure(Trait.COST));
        Purse all = Purse.PLAIN;
        for (Shopping.Line line : list.lines()) {
            all = all.having(line.item(), line.amount());
        }
        Card there = card.paidFrom(all);
        assertThat(there.figure(Trait.COST)).isEqualTo(card.figure(Trait.COST));
        assertThat(there.figure(Trait.TO_PAY).orElseThrow()).isCloseTo(0, within(1e-9));
        assertThat(Ranking.of(List.of(card, there), all(), List.of(Ranking.Only.NOTHING_TO_BUY), 1e9, Tools.ALL))
                .containsExactly(there);
        Card taxed = card.paidFrom(new Purse(Purse.PLAIN.currency(), 1, 0.19, List.of(), Tools.ALL));
        assertThat(taxed.figure(Trait.COST).orElseThrow())
                .isCloseTo(1.19 * card.figure(Trait.COST).orElseThrow(), within(1e-9));
        assertThat(Card.now(Assessor.now(project.with(all))).figure(Trait.TO_PAY).orElseThrow()).isCloseTo(0,
                within(1e-9));
    }
}
