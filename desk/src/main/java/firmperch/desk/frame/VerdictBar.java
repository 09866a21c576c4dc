package firmperch.desk.frame;

import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.desk.document.Document;
import firmperch.desk.widget.StatusMark;
import firmperch.desk.widget.Words;
import firmperch.search.Assessment;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * The verdict in a sentence and what would cure it, as high whatever they say, so that nothing below them moves. What is being worked out and what
 * there is to say has a place of its own at the foot of the drawing ({@link #foot}).
 */
public final class VerdictBar extends HBox {
    /** Two lines of the sentence, two of the cure, px. */
    public static final double HEIGHT = 110;
    private static final double SENTENCE = 46;
    private static final double CURE = 42;

    private final Document document;
    private final VBox foot;
    private final StatusMark mark = new StatusMark(38);
    private final Label sentence = new Label();
    private final Label cure = new Label();
    private final Button apply = new Button("Apply");
    private final Label working = new Label();
    private final Button stop = new Button("Stop");
    private final Label notice = new Label();
    private final Button noticeAction = new Button();

    /** @param make told the cure that is to be made */
    VerdictBar(Document document, Consumer<Finding.Cure> make) {
        this.document = document;
        sentence.getStyleClass().add("sentence");
        sentence.setWrapText(true);
        sentence.setId("sentence");
        cure.getStyleClass().add("cure-sentence");
        cure.setWrapText(true);
        cure.setId("cure-sentence");
        apply.setId("apply-cure");
        apply.getStyleClass().add("link");
        apply.setOnAction(e -> document.assessment().get().cheapestCure().ifPresent(make));
        working.getStyleClass().add("hint");
        working.setId("working");
        stop.getStyleClass().addAll("link");
        stop.setId("stop");
        stop.setOnAction(e -> {
            if (document.working().get().isEmpty()) {
                document.resume();
            } else {
                document.stop();
            }
        });
        notice.getStyleClass().add("notice");
        notice.setWrapText(true);
        notice.setId("notice");
        noticeAction.setId("notice-action");
        noticeAction.getStyleClass().add("link");
        HBox told = new HBox(10, notice, whole(noticeAction));
        told.managedProperty().bind(notice.textProperty().isNotEmpty());
        noticeAction.setVisible(false);
        // What is longer than its two lines is whole in a tip.
        sentence.setMaxHeight(SENTENCE);
        cure.setMaxHeight(CURE);
        sentence.setTooltip(new Tooltip());
        cure.setTooltip(new Tooltip());
        sentence.getTooltip().textProperty().bind(sentence.textProperty());
        cure.getTooltip().textProperty().bind(cure.textProperty());
        // The button stays where it is, however long the words are.
        cure.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(cure, Priority.ALWAYS);
        VBox words = new VBox(2, sentence, new HBox(10, cure, whole(apply)));
        HBox.setHgrow(words, Priority.ALWAYS);
        setSpacing(14);
        getChildren().addAll(mark, words);
        setMinHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        getStyleClass().add("verdict-bar");
        HBox work = new HBox(8, working, whole(stop));
        work.managedProperty().bind(working.textProperty().isNotEmpty());
        work.visibleProperty().bind(working.textProperty().isNotEmpty());
        foot = new VBox(2, work, told);
        foot.getStyleClass().add("foot");
        foot.setMaxHeight(USE_PREF_SIZE);
        foot.visibleProperty().bind(working.textProperty().isNotEmpty().or(notice.textProperty().isNotEmpty()));
        document.working().addListener((o, was, is) -> showWorking());
        document.notice().addListener((o, was, is) -> say(is));
        document.failure().addListener((o, was, is) -> showWorking());
    }

    /** Never narrower than its words: where room is scarce, the project's name gives way. */
    static Region whole(Region words) {
        words.setMinWidth(Region.USE_PREF_SIZE);
        return words;
    }

    /** What is being worked out, and what there is to say: laid over the foot of what is shown, so that it moves nothing. */
    VBox foot() {
        return foot;
    }

    /** Shows the verdict and its cure. */
    void show(Assessment assessment) {
        mark.show(assessment.verdict());
        sentence.setText(Words.unbroken(assessment.sentence()));
        String better = assessment.cureSentence();
        cure.setText(Words.unbroken(better.isEmpty() ? firmest(assessment) : "Cheapest cure: " + lower(better)));
        apply.setVisible(!better.isEmpty());
        showWorking();
    }

    /** Where nothing needs curing: what is weakest all the same; where nothing cures, that. */
    private static String firmest(Assessment assessment) {
        Finding weakest = assessment.weakest();
        if (weakest.verdict() != Verdict.HOLDS && weakest.sought()) {
            return Finding.NONE_FOUND;
        }
        return assessment.verdict() == Verdict.HOLDS
                ? "Closest to what is asked: " + lower(weakest.question().words()) + " " + weakest.leftText()
                : "";
    }

    private static String lower(String text) {
        return text.isEmpty() ? text : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }

    private void showWorking() {
        String what = document.working().get();
        boolean complete = document.assessment().get().complete();
        String failed = document.failure().get();
        working.setText(!failed.isEmpty()
                ? failed
                : what.isEmpty() ? complete ? "" : "Only this pose has been looked at." : what);
        stop.setVisible(!what.isEmpty() || !complete);
        stop.setText(what.isEmpty() ? "Look at every pose" : "Stop");
    }

    /** Says something that went well or wrong; an empty text takes it away. */
    void say(String text) {
        notice.setText(text);
        notice.setVisible(!text.isEmpty());
        noticeAction.setVisible(false);
    }

    /** The same, with something that can be done about it. */
    void say(String text, String action, Runnable what) {
        say(text);
        noticeAction.setText(action);
        noticeAction.setOnAction(e -> what.run());
        noticeAction.setVisible(true);
    }
}
