package firmperch.desk.kind;

import firmperch.choose.Card;
import firmperch.choose.Trait;
import firmperch.desk.draw.DrawingPane;
import firmperch.desk.draw.Palette;
import firmperch.desk.widget.StatusMark;
import firmperch.desk.widget.Words;
import firmperch.draw.Scene;
import firmperch.draw.SideView;
import firmperch.project.Project;
import java.util.List;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** One kind: how it would stand in the room, what is to be said of it, and its first figures. */
final class CardButton extends ToggleButton {
    static final double WIDE = 200;
    private static final double HIGH = 260;
    private static final double PICTURE = 122;
    private static final double THREE_LINES = 52;
    /** So many figures there is room for. */
    private static final int FIGURES = 3;

    private final DrawingPane picture = new DrawingPane("", 2);
    private final StatusMark mark = new StatusMark(16);
    private final Label name = new Label();
    private final Label sentence = Words.of("hint", "");
    private final Label figures = new Label();
    private Card shown;
    private Palette colours;

    CardButton(String id) {
        setId("card-" + id);
        getStyleClass().setAll("kind-card");
        picture.setMouseTransparent(true);
        picture.setMinSize(WIDE - 22, PICTURE);
        picture.setPrefSize(WIDE - 22, PICTURE);
        picture.setMaxSize(WIDE - 22, PICTURE);
        name.getStyleClass().add("station");
        name.setWrapText(true);
        HBox title = new HBox(6, mark, name);
        title.setAlignment(Pos.CENTER_LEFT);
        title.setMinHeight(36);
        sentence.setMinHeight(THREE_LINES);
        sentence.setMaxHeight(THREE_LINES);
        sentence.setAlignment(Pos.TOP_LEFT);
        sentence.setPrefWidth(WIDE - 22);
        figures.getStyleClass().add("figures");
        VBox box = new VBox(3, picture, title, sentence, figures);
        box.setPrefWidth(WIDE - 22);
        setGraphic(box);
        setMinSize(WIDE, HIGH);
        setPrefSize(WIDE, HIGH);
        setMaxSize(WIDE, HIGH);
    }

    /** Shows what is known of it. */
    void show(Card card, List<Trait> matters, Project project, Palette palette) {
        if (card != shown || palette != colours) {
            shown = card;
            colours = palette;
            card.assessed().ifPresent(a -> picture.show(SideView.of(Scene.small(a.situation())), palette));
            picture.setVisible(card.assessed().isPresent());
            mark.show(card.verdict().orElse(null));
            name.setText(card.label());
            sentence.setText(Words.unbroken(card.proven() ? card.trouble() : card.trouble() + " As set; looking on …"));
            setAccessibleText(card.label() + ": " + card.sentence());
            setTooltip(new Tooltip(card.sentence()));
        }
        figures.setText(card.assessed().isEmpty()
                ? ""
                : matters.stream().filter(t -> t != Trait.HOLDS && card.figure(t).isPresent())
                        // Where nothing is there already, what is to pay is the cost.
                        .filter(t -> t != Trait.TO_PAY || !card.figure(t).equals(card.figure(Trait.COST)))
                        .limit(FIGURES)
                        .map(t -> t.told(card.figure(t), project)).collect(Collectors.joining(" · ")));
    }
}
