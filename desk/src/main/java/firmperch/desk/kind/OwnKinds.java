package firmperch.desk.kind;

import firmperch.choose.Card;
import firmperch.choose.Chooser;
import firmperch.desk.document.Background;
import firmperch.desk.document.Document;
import firmperch.desk.document.Shelf;
import firmperch.file.KeptFile;
import firmperch.part.Kind;
import firmperch.part.Parts;
import firmperch.project.Project;
import firmperch.project.SetUp;
import firmperch.project.Stance;
import firmperch.project.Variant;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.application.Platform;

/** The kinds that there are: those that ship, and rigs that the maker has kept as kinds, each in a file of its own. */
final class OwnKinds {
    private final Document document;
    private final Background keeping = new Background("keeping");
    private final Shelf<Variant> shelf = new Shelf<>(KeptFile.KIND, "kinds");

    OwnKinds(Document document) {
        this.document = document;
    }

    /** All of them; of a file that is spoilt it is told. Touches the disk. */
    List<Kind> all() throws IOException {
        List<Kind> kinds = new ArrayList<>(Parts.kinds());
        for (KeptFile.Kept<Variant> kept : shelf.all()) {
            kinds.add(Chooser.own(kinds.size(), kept.thing()));
        }
        String spoilt = String.join(" ", shelf.spoilt());
        if (!spoilt.isEmpty()) {
            Platform.runLater(() -> document.refused("A kind of your own cannot be used: " + spoilt));
        }
        return kinds;
    }

    /**
     * Keeps the rig of a card as one.
     *
     * @param then is told the kind when it is kept
     */
    void keep(Card card, Consumer<Kind> then) {
        card.built().ifPresent(built -> {
            String called = card.id().equals(Card.NOW) ? built.name() : card.label();
            Variant kept = new Variant(called, built.perch(), stances(built));
            keeping.run(progress -> {
                shelf.keep(new KeptFile.Kept<>(called, kept));
                return all().stream().filter(kind -> kind.label().equals(called)).reduce((a, b) -> b).orElseThrow();
            }, kind -> {
                document.refused("“" + called + "” is a kind of your own now.");
                then.accept(kind);
            }, document::refused);
        });
    }

    private static List<Stance> stances(Project built) {
        return built.setUps().stream().map(SetUp::stance).toList();
    }
}
