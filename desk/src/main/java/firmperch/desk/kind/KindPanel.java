package firmperch.desk.kind;

import firmperch.check.Verdict;
import firmperch.choose.Card;
import firmperch.choose.Ranking;
import firmperch.desk.document.Document;
import firmperch.desk.draw.DrawingPane;
import firmperch.desk.draw.Palette;
import firmperch.desk.panel.Panel;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.OverFrames;
import firmperch.desk.widget.Words;
import firmperch.draw.RoomPlan;
import firmperch.draw.Scene;
import firmperch.draw.SideView;
import firmperch.project.Project;
import firmperch.project.Purse;
import firmperch.project.Variants;
import firmperch.search.Assessment;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;

/**
 * Every kind worked out for what is to be filmed, with what and where: cards in the middle, what matters at the left, two of them side by side at the right.
 */
public final class KindPanel implements Panel {
    private final Document document;
    private final Choice choice;
    private final OverFrames drawing = new OverFrames();
    private final Map<String, Card> cards = new LinkedHashMap<>();
    /** Of the kinds as they came: not paid for yet. */
    private final Map<String, Card> known = new HashMap<>();
    private final Map<String, CardButton> buttons = new LinkedHashMap<>();
    private final List<String> picked = new ArrayList<>();
    private final TilePane grid = new TilePane(10, 10);
    private final HBox pair = new HBox(10);
    private final StackPane middle;
    private final Label here = Words.of("hint", "");
    private final Label state = Words.of("hint", "");
    private final Button stop = new Button("Stop");
    private final Matters matters;
    private final VBox left;
    private final SideBySide sideBySide = new SideBySide();
    private final Button build = new Button();
    private final Button keep = new Button("Keep it as a variant");
    private final Button own = new Button("Keep it as a kind of your own");
    private final Button drop = new Button("Drop this variant");
    private final TextField name = new TextField();
    private final VariantCards variants = new VariantCards();
    private final ToggleButton both = new ToggleButton("Both in the room");
    private final CachedVBox side;
    private Palette palette = Palette.LIGHT;
    private Purse purse;
    private boolean byHand;
    private int shown;

    public KindPanel(Document document, Choice choice) {
        this.document = document;
        this.choice = choice;
        choice.onChange(this::come);
        grid.getStyleClass().add("kind-grid");
        grid.setPrefTileWidth(CardButton.WIDE);
        ScrollPane scroll = new ScrollPane(grid);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("page-scroll");
        pair.getStyleClass().add("kind-grid");
        pair.setVisible(false);
        middle = new StackPane(scroll, pair);
        middle.getStyleClass().add("head-views");
        VBox.setVgrow(middle, Priority.ALWAYS);
        stop.setId("kinds-stop");
        stop.setOnAction(e -> {
            choice.stop();
            told();
        });
        matters = new Matters(this::arrange,
                (tool, there) -> document.edit("purse.tools." + tool.words(), there));
        here.setId("kinds-here");
        state.setId("kinds-state");
        ScrollPane all = new ScrollPane(
                new VBox(6, Words.heading("For these set-ups"), here, state, stop, matters));
        all.setFitToWidth(true);
        all.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        all.getStyleClass().add("list-scroll");
        VBox.setVgrow(all, Priority.ALWAYS);
        left = new VBox(all);
        left.getStyleClass().addAll("load-path", "set-ups");
        build.setId("kind-build");
        build.getStyleClass().add("strong");
        build.setWrapText(true);
        build.setOnAction(e -> build());
        both.setId("kinds-both");
        both.getStyleClass().add("held");
        both.setOnAction(e -> inTheRoom());
        keep.setId("variant-keep");
        keep.setOnAction(e -> document.edit(Variants.kept(document.project())));
        own.setId("kind-own");
        own.setOnAction(e -> {
            if (!pair().isEmpty()) {
                choice.keep(pair().getLast());
            }
        });
        drop.setId("variant-drop");
        drop.setOnAction(e -> variant().ifPresent(i -> document.edit(Variants.dropped(document.project(), i))));
        name.setId("variant-name");
        name.setAccessibleText("Name of the variant");
        name.setOnAction(e -> rename());
        side = new CachedVBox(sideBySide, name, build, keep, own, drop, both,
                Words.of("hint",
                        "Figures are worked out, not looked up; what it costs and how long it takes to make is rough. "
                                + "Click a card to see it here; the one before it stays beside it."));
        side.getStyleClass().add("panel");
    }

    @Override
    public void show(Assessment assessment) {
        here.setText(here(assessment.project()));
        if (assessment.project().perch().none()) {
            cards.remove(Card.NOW);
        } else {
            cards.put(Card.NOW, Card.now(assessment));
        }
        kinds();
        if (!assessment.project().purse().equals(purse)) {
            purse = assessment.project().purse();
            matters.show(purse.tools());
            cards.replaceAll((id, card) -> card.paidFrom(purse));
        }
        variants();
        arrange();
    }

    private void variants() {
        cards.keySet().removeIf(id -> VariantCards.number(id).isPresent());
        variants.of(document.project(), () -> {
            variants();
            arrange();
        }, document::refused).forEach(card -> cards.put(card.id(), card.paidFrom(document.project().purse())));
    }

    /** The number of the variant that was picked last; nothing if it is none. */
    private Optional<Integer> variant() {
        List<Card> pair = pair();
        return pair.isEmpty()
                ? Optional.empty()
                : VariantCards.number(pair.getLast().id()).filter(i -> i < document.project().variants().size());
    }

    private void rename() {
        try {
            variant().ifPresent(i -> document.edit("variants." + i + ".name", name.getText().strip()));
        } catch (InvalidValue refused) {
            document.refused(refused.getMessage());
        }
    }

    /** Has the kinds' cards worked out and takes those that are new. */
    private void kinds() {
        choice.wanted();
        if (choice.number() != shown) {
            shown = choice.number();
            known.clear();
            cards.keySet().removeIf(id -> !id.equals(Card.NOW));
            variants.forget();
        }
        for (Card card : choice.cards()) {
            if (known.put(card.id(), card) != card) {
                cards.put(card.id(), card.paidFrom(document.project().purse()));
            }
        }
    }

    private void come() {
        if (middle.isVisible()) {
            kinds();
            arrange();
        }
    }

    /** Cards in their order; each is drawn in a frame of its own. */
    private void arrange() {
        List<Card> ranked = Ranking.of(List.copyOf(cards.values()), matters.order(), matters.only(), matters.money(),
                document.project().purse().tools());
        List<CardButton> seen = new ArrayList<>();
        for (Card card : ranked) {
            seen.add(buttons.computeIfAbsent(card.id(), this::button));
        }
        if (!grid.getChildren().equals(seen)) {
            grid.getChildren().setAll(seen);
        }
        if (!byHand || picked.stream().noneMatch(cards::containsKey)) {
            pickBest(ranked);
        }
        drawing.begin(ranked.stream().<Runnable>map(card -> () -> buttons.get(card.id()).show(card, matters.order(),
                document.project(), palette)).toList());
        told();
    }

    private CardButton button(String id) {
        CardButton button = new CardButton(id);
        button.setOnAction(e -> pick(id));
        return button;
    }

    /** Until a hand picks: what stands there now, and the best of the others. */
    private void pickBest(List<Card> ranked) {
        byHand = false;
        picked.clear();
        if (cards.containsKey(Card.NOW)) {
            picked.add(Card.NOW);
        }
        ranked.stream().map(Card::id).filter(id -> !id.equals(Card.NOW)).findFirst().ifPresent(picked::add);
    }

    /** It and the one picked before it are shown side by side. */
    private void pick(String id) {
        byHand = true;
        picked.remove(id);
        picked.add(id);
        while (picked.size() > 2) {
            picked.removeFirst();
        }
        told();
    }

    private List<Card> pair() {
        return picked.stream().map(cards::get).filter(c -> c != null).toList();
    }

    private void told() {
        List<Card> pair = pair();
        buttons.forEach((id, button) -> button.setSelected(picked.contains(id)));
        sideBySide.show(pair, document.project());
        Optional<Card> last = pair.isEmpty() ? Optional.empty() : Optional.of(pair.getLast());
        boolean can = last.filter(c -> c.built().isPresent() && !c.id().equals(Card.NOW)).isPresent();
        only(build, can);
        Optional<Integer> variant = variant();
        build.setText(last.map(c -> (variant.isPresent() ? "Switch to: " : "Build on: ") + c.label()).orElse(""));
        only(keep, last.filter(c -> c.id().equals(Card.NOW)).isPresent());
        only(own, variant.isPresent() || keep.isVisible());
        only(drop, variant.isPresent());
        only(name, variant.isPresent());
        if (!name.isFocused()) {
            name.setText(last.map(Card::label).orElse(""));
        }
        both.setDisable(pair.stream().filter(c -> c.built().isPresent()).count() < 2);
        if (both.isDisable()) {
            both.setSelected(false);
        }
        only(stop, choice.going());
        state.setText(state());
        inTheRoom();
    }

    private static void only(Node node, boolean seen) {
        node.setVisible(seen);
        node.setManaged(seen);
    }

    private String state() {
        List<Card> kinds = cards.values().stream()
                .filter(c -> !c.id().equals(Card.NOW) && VariantCards.number(c.id()).isEmpty()).toList();
        long cannot = kinds.stream().filter(c -> c.verdict().isEmpty()).count();
        long gives = kinds.stream().filter(c -> c.verdict().filter(v -> v == Verdict.GIVES).isPresent()).count();
        return choice.going()
                ? "Working them out …"
                : kinds.stream().anyMatch(c -> !c.proven())
                        ? "Stopped: some have only been asked as they are set."
                        : kinds.size() + " kinds, each sized to reach the set-ups."
                                + (gives > 0 ? " " + gives + " give." : "")
                                + (cannot > 0 ? " " + cannot + " cannot work here; their cards say why." : "");
    }

    /** The project gets it; one undo brings back what was. */
    private void build() {
        List<Card> pair = pair();
        if (!pair.isEmpty() && choice.areOf(document.project())) {
            document.edit(pair.getLast().in(document.project()));
        }
    }

    /** The two that are picked, large, in place of the cards. */
    private void inTheRoom() {
        boolean large = both.isSelected();
        pair.getChildren().clear();
        if (large) {
            for (Card card : pair()) {
                DrawingPane beside = new DrawingPane(card.label(), 8);
                DrawingPane above = new DrawingPane("Above", 8);
                card.assessed().ifPresent(a -> {
                    beside.show(SideView.of(Scene.small(a.situation())), palette);
                    above.show(RoomPlan.of(a.situation(), -1, Optional.empty()), palette);
                });
                VBox one = new VBox(6, beside, above);
                VBox.setVgrow(beside, Priority.ALWAYS);
                VBox.setVgrow(above, Priority.ALWAYS);
                HBox.setHgrow(one, Priority.ALWAYS);
                pair.getChildren().add(one);
            }
        }
        pair.setVisible(large);
        middle.getChildren().getFirst().setVisible(!large);
    }

    private static String here(Project p) {
        return p.setUps().stream().map(s -> s.name() + ": " + s.wanted().words(p.units()))
                .collect(Collectors.joining("\n")) + "\nwith "
                + Quantity.MASS.show(p.gear().mass(), p.units()) + " of gear; ceiling "
                + p.place().room().ceilingWords(p.units()) + ", " + Quantity.LENGTH.show(p.place().room().walkway(),
                        p.units())
                + " to keep open";
    }

    @Override
    public Node side() {
        return side;
    }

    @Override
    public Parent middle() {
        return middle;
    }

    @Override
    public Parent left() {
        return left;
    }

    @Override
    public void palette(Palette colours) {
        palette = colours;
        arrange();
    }

    @Override
    public boolean busy() {
        return drawing.going();
    }

    @Override
    public boolean working() {
        return choice.going() || variants.busy();
    }
}
