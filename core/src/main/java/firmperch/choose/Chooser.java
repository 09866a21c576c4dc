package firmperch.choose;

import firmperch.body.Surface;
import firmperch.check.Finding;
import firmperch.check.Topic;
import firmperch.check.Verdict;
import firmperch.part.Kind;
import firmperch.part.Parts;
import firmperch.part.Perch;
import firmperch.place.Carrier;
import firmperch.project.Project;
import firmperch.project.Variant;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.BallastSizing;
import firmperch.search.Cured;
import firmperch.search.Progress;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;

/**
 * All kinds computed for a project's set-ups, gear and place: each sized, put where it reaches them, asked over all poses, its ballast poured to the
 * policy and its weakest mended. Each is told twice: as it is set, which is soon known, and then over all poses: proven, or, what moves in many
 * ways, sampled.
 */
public final class Chooser {
    /** Cures that are tried one after the other. */
    private static final int MENDS = 2;
    /** What moves in more ways than that is only sampled. */
    private static final int MANY = 4;

    private final Project project;
    private final Progress progress;
    private final Consumer<Card> told;

    private Chooser(Project project, Progress progress, Consumer<Card> told) {
        this.project = project;
        this.progress = progress;
        this.told = told;
    }

    /** A rig that its maker has kept, as a kind: it is built as it was kept. */
    public static Kind own(int number, Variant kept) {
        return new Kind("own-" + number, kept.name(), kept::perch, kept.stances().getFirst().joints());
    }

    /** A card for each kind that ships. */
    public static List<Card> of(Project project, Progress progress, Consumer<Card> told) {
        return of(project, Parts.kinds(), progress, told);
    }

    /**
     * A card for each kind.
     *
     * @param told of each card as it comes, from any thread: first as set, then proven
     * @throws java.util.concurrent.CancellationException if progress stops it
     */
    public static List<Card> of(Project project, List<Kind> kinds, Progress progress, Consumer<Card> told) {
        return new Chooser(project, progress, told).all(kinds);
    }

    /** The card of one kind, over every pose. */
    public static Card of(Project project, Kind kind, Progress progress) {
        Chooser chooser = new Chooser(project, progress, card -> {
        });
        return chooser.inEveryPose(chooser.sized(kind));
    }

    /** The card of one kind as its joints are set. */
    public static Card asSet(Project project, Kind kind, Progress progress) {
        return new Chooser(project, progress, card -> {
        }).sized(kind);
    }

    private Card inEveryPose(Card card) {
        return card.built().map(built -> Card.of(card.id(), card.label(), closely(mended(built)))).orElse(card);
    }

    private List<Card> all(List<Kind> kinds) {
        Card[] cards = new Card[kinds.size()];
        each(kinds.size(), i -> cards[i] = said(sized(kinds.get(i))));
        each(kinds.size(), i -> {
            progress.at((double) i / kinds.size(), kinds.get(i).label());
            cards[i] = said(inEveryPose(cards[i]));
        });
        each(kinds.size(), i -> cards[i] = cards[i].assessed().isPresent() ? said(reaching(cards[i])) : cards[i]);
        return List.of(cards);
    }

    /** As many at a time as there are processors, begun in their order: what is dear comes last. */
    private static void each(int count, IntConsumer done) {
        AtomicInteger next = new AtomicInteger();
        IntStream.rangeClosed(0, ForkJoinPool.getCommonPoolParallelism()).parallel().forEach(worker -> {
            for (int i = next.getAndIncrement(); i < count; i = next.getAndIncrement()) {
                done.accept(i);
            }
        });
    }

    /** What it reaches is known last: it changes nothing of the rest. */
    private Card reaching(Card card) {
        return card.assessed().map(a -> Card.of(card.id(), card.label(), Assessor.withCoverage(a, progress)))
                .orElse(card);
    }

    private Card said(Card card) {
        told.accept(card);
        return card;
    }

    private Card sized(Kind kind) {
        Optional<String> against = against(kind.start().get());
        if (against.isPresent()) {
            return Card.cannot(kind.id(), kind.label(), against.get());
        }
        try {
            return Card.of(kind.id(), kind.label(), Assessor.now(Sizing.of(project, kind, progress)));
        } catch (InvalidValue doesNotFit) {
            return Card.cannot(kind.id(), kind.label(), doesNotFit.getMessage());
        }
    }

    /** What the place has against a rig that stands on that, or hangs from it. */
    private Optional<String> against(Perch perch) {
        for (Surface surface : Surface.values()) {
            if (perch.on(Perch.port(surface))) {
                Optional<String> why = Carrier.against(project.place(), surface);
                if (why.isPresent()) {
                    return why;
                }
            }
        }
        return Optional.empty();
    }

    /** Ballast first, as most that stands is short of that; then whatever is weakest, as long as something mends it. */
    private Assessment mended(Project built) {
        Assessment best = asked(built);
        if (best.verdict() == Verdict.GIVES && standing(best.weakest()) && BallastSizing.applies(built)) {
            Optional<Project> poured = BallastSizing.of(built, progress).needed();
            if (poured.isPresent()) {
                best = better(best, asked(poured.get()));
            }
        }
        for (int round = 0; round < MENDS && best.verdict() == Verdict.GIVES; round++) {
            Assessment before = best;
            best = Assessor.clean(before, changed -> asWished(built, changed), progress)
                    .map(cured -> better(before, asked(cured))).orElse(before);
            if (best == before) {
                break;
            }
        }
        return best;
    }

    /** Over every pose: with a proof where that is soon there. */
    private Assessment asked(Project built) {
        return many(Study.of(built)) ? Assessor.sampled(built, progress) : Assessor.everyPose(built, progress);
    }

    /** What is only sampled has the figures that are told looked for closely. */
    private static Assessment closely(Assessment a) {
        String weakest = a.weakest().id();
        return many(a.study()) ? Assessor.closely(a, f -> f.id().equals(weakest) || Trait.reads(f.id())) : a;
    }

    /** The same of what has been cured: of what moves in many ways as much is known already. */
    private Assessment asked(Cured cured) {
        boolean same = cured.after().project().equals(cured.cure().changed());
        return same && many(cured.after().study()) ? cured.after() : asked(cured.cure().changed());
    }

    private static boolean many(Study study) {
        return study.assembly().freedoms().size() > MANY;
    }

    /** True if what is to be filmed, with what and where stays as the maker wants it. */
    private static boolean asWished(Project was, Project is) {
        return was.with(is.perch()).standingAs(is).equals(is);
    }

    private static boolean standing(Finding finding) {
        return finding.about().topic() == Topic.FALLS || finding.about().topic() == Topic.FIRMNESS;
    }

    /** The one with fewer that give. */
    private static Assessment better(Assessment was, Assessment is) {
        return gives(is) < gives(was) ? is : was;
    }

    private static long gives(Assessment a) {
        return a.findings().stream().filter(f -> f.verdict() == Verdict.GIVES).count();
    }
}
