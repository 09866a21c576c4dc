package firmperch.desk.panel;

import firmperch.desk.form.Form;
import firmperch.desk.widget.CachedVBox;
import firmperch.search.Assessment;
import java.util.List;
import javafx.scene.Node;

/** A panel of forms to fill in with the reasons that they bear on, as most steps have: the step adds what is its own. */
public abstract class ReasonedPanel implements Panel {
    private final CachedVBox box = new CachedVBox();
    private final ReasonList reasons;
    private final List<Form> forms;

    /**
     * Prepares the panel; {@link #stack} lays out what is in it.
     *
     * @param forms that follow the project by themselves
     */
    protected ReasonedPanel(ReasonList reasons, Form... forms) {
        this.reasons = reasons;
        this.forms = List.of(forms);
        box.getStyleClass().add("panel");
    }

    /** Lays these out one below the other. */
    protected final void stack(Node... nodes) {
        box.getChildren().setAll(nodes);
    }

    /** Takes no room where it is about nothing. */
    protected static void only(Node node, boolean seen) {
        node.setVisible(seen);
        node.setManaged(seen);
    }

    /** The reasons, to be laid out where the step wants them. */
    protected final ReasonList reasons() {
        return reasons;
    }

    /** One of the forms, in the order in which they were given. */
    protected final Form form(int i) {
        return forms.get(i);
    }

    @Override
    public final Node side() {
        return box;
    }

    @Override
    public boolean busy() {
        return forms.stream().anyMatch(Form::filling) || reasons.busy();
    }

    @Override
    public void show(Assessment assessment) {
        forms.forEach(form -> form.refresh(assessment.project()));
        reasons.show(assessment);
    }
}
