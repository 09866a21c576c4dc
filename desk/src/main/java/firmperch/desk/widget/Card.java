package firmperch.desk.widget;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;

/** One thing of a list in a panel, with a button that takes it off the list. */
public final class Card extends CachedVBox {
    /** A card with that content; its button is announced as removing what is named. */
    public Card(String named, Runnable removal, Node... content) {
        getStyleClass().add("card");
        Button remove = new Button("Remove");
        remove.getStyleClass().add("quiet");
        remove.setAccessibleText("Remove " + named);
        remove.setOnAction(e -> removal.run());
        getChildren().addAll(content);
        getChildren().add(new HBox(Spacer.wide(), remove));
    }
}
