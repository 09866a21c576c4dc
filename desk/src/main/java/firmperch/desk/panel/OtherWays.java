package firmperch.desk.panel;

import firmperch.choose.School;
import firmperch.desk.document.Background;
import firmperch.desk.document.Document;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.Words;
import firmperch.project.Project;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;

/** Other ways of making a rig stand and stay, worked out when they are asked for, as that takes seconds; each can be built. */
public final class OtherWays extends CachedVBox {
    private static final String HEADING = "Other ways";

    private final Document document;
    private final String id;
    private final String hint;
    private final Background looking = new Background("other ways");
    private boolean searching;

    /**
     * None looked for yet.
     *
     * @param id that its buttons begin with
     * @param hint what ways there may be
     */
    public OtherWays(Document document, String id, String hint) {
        super(6);
        this.document = document;
        this.id = id;
        this.hint = hint;
        setId(id + "-others");
    }

    /** True while they are looked for. */
    public boolean busy() {
        return searching;
    }

    /** Of that project; what was found of another is gone. */
    public void show(Project project) {
        looking.stop();
        searching = false;
        getChildren().setAll(Words.heading(HEADING), Words.of("hint", hint),
                button("Look for other ways …", "look", () -> look(project)));
    }

    private Button button(String words, String name, Runnable does) {
        Button button = new Button(words);
        button.setId(id + "-" + name);
        button.setOnAction(e -> does.run());
        return button;
    }

    private void look(Project project) {
        searching = true;
        getChildren().setAll(Words.heading(HEADING), Words.of("hint", "Working them out …"),
                button("Stop", "stop", () -> show(project)));
        looking.run(progress -> School.of(project, progress), found -> {
            searching = false;
            tell(project, found);
        }, why -> {
            show(project);
            document.refused(why);
        });
    }

    private void tell(Project project, List<School> found) {
        getChildren().setAll(Words.heading(HEADING));
        for (int i = 0; i < found.size(); i++) {
            School school = found.get(i);
            Label words = Words.of("answer", Words.unbroken(school.words(project)));
            getChildren().addAll(words, button("Build it so", "other-" + i, () -> {
                if (document.project().onlyMovedFrom(project)) {
                    document.edit(school.assessed());
                }
            }));
        }
        if (found.isEmpty()) {
            getChildren().add(Words.of("hint",
                    "Nothing that could be hung on, and no other base that fits, stands as firmly as you asked or eases a joint."));
        }
    }
}
