package firmperch.desk.widget;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;

/** One item of a list in a panel, with a button that removes it. */
public final class Card extends CachedVBox {
    /** A card with content; assistive technology announces its button as removing the named item. */
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
