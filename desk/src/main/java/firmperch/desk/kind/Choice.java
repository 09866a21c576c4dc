package firmperch.desk.kind;

import firmperch.choose.Card;
import firmperch.choose.Chooser;
import firmperch.desk.document.Background;
import firmperch.desk.document.Document;
import firmperch.part.Perch;
import firmperch.project.Project;
import firmperch.project.SetUp;
import firmperch.project.Stance;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.util.Duration;

/**
 * The cards of every kind, kept as long as nothing changes that they follow from. While a project has no rig yet they are worked out ahead as
 * soon as its maker's hands rest, so that they are there when they are asked for; an edit that they follow from gives that up, and whatever else is asked
 * for goes first.
 */
public final class Choice {
    /** So long after an edit the hands rest. */
    private static final Duration REST = Duration.seconds(1.5);
    private static final Stance ANYHOW = new Stance(0, 0, 0, Map.of());

    private final Document document;
    private final OwnKinds kinds;
    private final Background choosing = new Background("kinds");
    private final PauseTransition resting = new PauseTransition(REST);
    private final Map<String, Card> cards = new LinkedHashMap<>();
    private Runnable told = () -> {
    };
    /** What the cards follow from, as it was when they were begun; null if none are. */
    private Project followed;
    /** What they are being worked out for; null if they are not. */
    private Project going;
    private int number;

    public Choice(Document document) {
        this.document = document;
        kinds = new OwnKinds(document);
        resting.setOnFinished(e -> ahead());
        document.assessment().addListener((o, was, is) -> edited());
        edited();
    }

    /** What cards follow from; what the project is called, and which rig it has, is nothing to them. */
    private static Project key(Project p) {
        List<SetUp> setUps = p.setUps().stream().map(s -> s.with(ANYHOW)).toList();
        return new Project("x", "x", p.units(), setUps, 0, p.gear(), p.place(), Perch.NONE, p.policy(), List.of());
    }

    /** What is to be done whenever there are other cards, or no more will come. */
    void onChange(Runnable what) {
        told = what;
    }

    /** Those that are known. */
    public List<Card> cards() {
        return List.copyOf(cards.values());
    }

    /** True while some are being worked out. */
    public boolean going() {
        return going != null;
    }

    /** True if they are of this project as it is. */
    boolean areOf(Project project) {
        return key(project).equals(followed);
    }

    /** How many times they have been begun: another number is another project's cards. */
    int number() {
        return number;
    }

    /** Works them out, unless that is done or stopped. */
    void wanted() {
        Project project = document.project();
        if (!areOf(project)) {
            choosing.run(begun(project), done -> ended(), this::failed);
        }
    }

    /** No more are worked out. */
    void stop() {
        choosing.stop();
        going = null;
    }

    /** Keeps the rig of a card as a kind of the maker's own, which then has a card too. */
    void keep(Card kept) {
        kinds.keep(kept, kind -> {
            Project project = document.project();
            if (going()) {
                followed = null;
                wanted();
            } else if (areOf(project)) {
                going = project;
                choosing.run(progress -> Chooser.of(project, List.of(kind), progress, card -> told(project, card)),
                        done -> ended(), this::failed);
            }
        });
    }

    private void edited() {
        Project project = document.project();
        if (followed != null && !areOf(project)) {
            stop();
            cards.clear();
            followed = null;
        }
        if (followed == null && project.perch().none()) {
            resting.playFromStart();
        } else {
            resting.stop();
        }
    }

    /** That these could not be worked out is not told: who wants them has them worked out again, and is told then. */
    private void ahead() {
        if (document.closed()) {
            return;
        }
        choosing.ahead(begun(document.project()), done -> ended(), why -> {
            followed = null;
            ended();
        });
    }

    /** Begins anew: what is to be worked out. */
    private Background.Work<List<Card>> begun(Project project) {
        resting.stop();
        cards.clear();
        followed = key(project);
        going = project;
        number++;
        return progress -> Chooser.of(project, kinds.all(), progress, card -> told(project, card));
    }

    private void told(Project of, Card card) {
        Platform.runLater(() -> {
            // Unless it is for what is not asked any more.
            if (going == of) {
                cards.put(card.id(), card);
                told.run();
            }
        });
    }

    private void ended() {
        going = null;
        told.run();
    }

    private void failed(String why) {
        ended();
        document.refused(why);
    }
}
