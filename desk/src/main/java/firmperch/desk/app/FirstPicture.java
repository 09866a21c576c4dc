package firmperch.desk.app;

import static javafx.scene.layout.BorderStrokeStyle.SOLID;

import firmperch.check.Verdict;
import firmperch.desk.document.Document;
import firmperch.desk.frame.DeskView;
import firmperch.desk.frame.VerdictBar;
import firmperch.desk.frame.Views;
import firmperch.desk.widget.StatusMark;
import firmperch.desk.widget.Words;
import firmperch.draw.Scene;
import firmperch.search.Assessment;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Button;
import javafx.scene.layout.Background;
import javafx.scene.layout.Border;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.BorderStroke;
import javafx.scene.layout.BorderWidths;
import javafx.scene.layout.CornerRadii;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.FontSmoothingType;
import javafx.scene.text.Text;

/**
 * What the window shows first: the verdict and the drawing, at the places where the {@link DeskView} that follows has
 * them. It has neither controls nor a style sheet, as loading those takes longer than all the rest of starting up; so
 * sizes and colours are set here, and a test holds them to what the style sheet makes of the desk.
 */
final class FirstPicture extends BorderPane {
    private static final Color GROUND = Color.web("#fcfbf8");
    private static final Color PAPER = Color.WHITE;
    private static final Color INK = Color.web("#20282c");
    private static final Color MUTED = Color.web("#586369");
    private static final Color LINE = Color.web("#dfdcd4");
    private static final String STRONG = "IBM Plex Sans SemiBold";
    private static final double PATH_WIDTH = 286;
    private static final double PANEL_WIDTH = 322;
    private static final double HEADER_HEIGHT = 61;

    private final Views views;
    private final Text sentence;

    /** The set pose of a document. */
    FirstPicture(Document document) {
        Assessment assessment = document.assessment().get();
        views = new Views(document, station -> {
        }, text -> {
        });
        views.show(assessment, new Scene(assessment.situation(), List.of(),
                Optional.of(DeskView.chosenAtFirst(document)), false, false));
        sentence = text(Words.unbroken(assessment.sentence()), Font.font(STRONG, 15.5), INK);
        frame(header(document.project().name(), document.whereKept()));
        VBox.setVgrow(views, Priority.ALWAYS);
        ((Region) views.lookup(".below")).setBorder(border(Side.TOP));
        setCenter(new VBox(verdictBar(assessment.verdict()), views));
    }

    /** An empty desk, while the project is being read: the toolkit gets ready to paint meanwhile. */
    FirstPicture() {
        views = null;
        sentence = text("", Font.font(STRONG, 15.5), INK);
        frame(header("Firm Perch", ""));
        setCenter(new VBox(verdictBar(null), new Canvas(1, 1)));
    }

    private void frame(Node header) {
        setBackground(Background.fill(GROUND));
        setTop(header);
        setLeft(blank(PATH_WIDTH, Side.RIGHT));
        setRight(blank(PANEL_WIDTH, Side.LEFT));
    }

    /** The drawing. */
    Views views() {
        return views;
    }

    /** Says what takes so long, beside a button that stops it. */
    void waiting(String words, Runnable stop) {
        sentence.setText(words);
        Button button = new Button("Stop");
        button.setId("stop-opening");
        button.setOnAction(e -> stop.run());
        button.setFont(Font.font("IBM Plex Sans", 13));
        button.setPadding(new Insets(4, 14, 4, 14));
        button.setBackground(Background.fill(PAPER));
        button.setBorder(new Border(new BorderStroke(LINE, SOLID, new CornerRadii(4), new BorderWidths(1))));
        VBox below = (VBox) sentence.getParent();
        below.setSpacing(8);
        below.getChildren().add(button);
    }

    /** The verdict's words. */
    Text sentence() {
        return sentence;
    }

    private static Text text(String words, Font font, Color colour) {
        Text text = new Text(words);
        text.setFont(font);
        text.setFill(colour);
        // As the words of labels are.
        text.setFontSmoothingType(FontSmoothingType.LCD);
        return text;
    }

    /** A line along one side; it takes its width along all of them, as the style sheet's do. */
    private static Border border(Side side) {
        return new Border(new BorderStroke(colour(side, Side.TOP), colour(side, Side.RIGHT), colour(side, Side.BOTTOM),
                colour(side, Side.LEFT), SOLID, SOLID, SOLID, SOLID, CornerRadii.EMPTY, new BorderWidths(1),
                Insets.EMPTY));
    }

    private static Color colour(Side wanted, Side side) {
        return wanted == side ? LINE : Color.TRANSPARENT;
    }

    private static Node blank(double width, Side border) {
        Region blank = new Region();
        blank.setMinWidth(width);
        blank.setBorder(border(border));
        return blank;
    }

    private static Node header(String name, String kept) {
        VBox names = new VBox(1, text(name, Font.font(STRONG, 15), INK),
                text(kept, Font.font("IBM Plex Sans", 12), MUTED));
        names.setPadding(new Insets(1, 0, 0, 0));
        StatusMark logo = new StatusMark(26);
        logo.show(Verdict.HOLDS);
        HBox header = new HBox(10, logo, names);
        header.setAlignment(Pos.CENTER_LEFT);
        header.setPadding(new Insets(5, 14, 5, 12));
        header.setMinHeight(HEADER_HEIGHT);
        header.setBackground(Background.fill(PAPER));
        header.setBorder(border(Side.BOTTOM));
        return header;
    }

    private Node verdictBar(Verdict verdict) {
        StatusMark mark = new StatusMark(38);
        mark.show(verdict);
        // Nothing is known yet where there is no verdict.
        mark.setVisible(verdict != null);
        VBox words = new VBox(sentence);
        // The words take the width there is and do not ask for any.
        words.setMinWidth(0);
        words.setPrefWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox bar = new HBox(14, mark, words);
        bar.setAlignment(Pos.CENTER_LEFT);
        bar.setPadding(new Insets(10, 16, 8, 16));
        bar.setMinHeight(VerdictBar.HEIGHT);
        bar.setBorder(border(Side.BOTTOM));
        sentence.wrappingWidthProperty().bind(words.widthProperty());
        return bar;
    }
}
