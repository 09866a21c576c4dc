package firmperch.desk.widget;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.desk.InTheWindow;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.animation.AnimationTimer;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** A box is filled over several frames, in order, and not before it can be seen. */
@InTheWindow
@ExtendWith(ApplicationExtension.class)
class IncrementalColumnTest {
    private final FxRobot robot = new FxRobot();
    private final IncrementalColumn box = new IncrementalColumn();
    private Stage stage;

    @Start
    void start(Stage shown) {
        stage = shown;
        stage.setScene(new Scene(new CachedVBox(), 200, 200));
        stage.show();
    }

    private static List<Supplier<Node>> slow(String name, int count) {
        return IntStream.range(0, count).<Supplier<Node>>mapToObj(i -> () -> {
            WaitForAsyncUtils.sleep(2, TimeUnit.MILLISECONDS);
            return new Label(name + i);
        }).toList();
    }

    private void show() {
        robot.interact(() -> ((CachedVBox) stage.getScene().getRoot()).getChildren().setAll(box));
    }

    private void filled() throws Exception {
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS,
                () -> WaitForAsyncUtils.waitForAsyncFx(5000, () -> !box.filling()));
    }

    private List<String> words() {
        return WaitForAsyncUtils.waitForAsyncFx(5000,
                () -> box.getChildren().stream().map(n -> ((Label) n).getText()).toList());
    }

    @Test
    void nothingIsMadeOutsideAWindow() throws Exception {
        robot.interact(() -> box.fill(slow("a", 3)));
        WaitForAsyncUtils.sleep(100, TimeUnit.MILLISECONDS);
        assertThat(words()).isEmpty();
        assertThat(box.filling()).isTrue();
        show();
        filled();
        assertThat(words()).containsExactly("a0", "a1", "a2");
    }

    /** Forty that take 2 ms each are spread over at least ten frames, two of these fillings share each. */
    @Test
    void noFrameIsHeldUp() throws Exception {
        IncrementalColumn beside = new IncrementalColumn();
        List<Integer> made = new ArrayList<>();
        AnimationTimer count = new AnimationTimer() {
            @Override
            public void handle(long now) {
                made.add(box.getChildren().size() + beside.getChildren().size());
            }
        };
        robot.interact(() -> {
            ((CachedVBox) stage.getScene().getRoot()).getChildren().setAll(box, beside);
            box.fill(slow("a", 20));
            beside.fill(slow("b", 20));
            assertThat(box.getChildren()).isEmpty();
            count.start();
        });
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS,
                () -> WaitForAsyncUtils.waitForAsyncFx(5000, () -> !box.filling() && !beside.filling()));
        robot.interact(count::stop);
        assertThat(made).hasSizeGreaterThan(9);
        assertThat(IntStream.range(1, made.size()).map(i -> made.get(i) - made.get(i - 1)).max().orElse(0))
                .isBetween(1, 4);
    }

    @Test
    void whatIsFilledAnewForgetsWhatWasToCome() throws Exception {
        show();
        robot.interact(() -> box.fill(slow("a", 50)));
        WaitForAsyncUtils.sleep(60, TimeUnit.MILLISECONDS);
        robot.interact(() -> box.fill(slow("b", 3)));
        filled();
        assertThat(words()).containsExactly("b0", "b1", "b2");
        robot.interact(() -> box.add(slow("c", 2)));
        filled();
        assertThat(words()).containsExactly("b0", "b1", "b2", "c0", "c1");
    }

    /** What fills gradually is away while its part is styled anew, and comes back the same, in order, with the keyboard. */
    @Test
    void whatIsTakenOutComesBack() throws Exception {
        TextField field = new TextField();
        IncrementalColumn inner = new IncrementalColumn();
        show();
        robot.interact(() -> {
            box.getChildren().setAll(new Label("a0"), new CachedVBox(inner), new Label("a2"));
            inner.getChildren().setAll(new Label("b0"), field);
            field.requestFocus();
            field.setText("60");
            List<Node> before = List.copyOf(box.getChildren());
            IncrementalColumn.without((CachedVBox) stage.getScene().getRoot(), () -> {
                assertThat(box.getChildren()).isEmpty();
                assertThat(inner.getChildren()).isEmpty();
            });
            box.add(slow("c", 1));
            box.drop(before.getLast());
        });
        filled();
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS,
                () -> WaitForAsyncUtils.waitForAsyncFx(5000, () -> !inner.filling()));
        robot.interact(() -> {
            assertThat(box.getChildren()).hasSize(3);
            assertThat(((Label) box.getChildren().getFirst()).getText()).isEqualTo("a0");
            assertThat(((Label) box.getChildren().getLast()).getText()).isEqualTo("c0");
            assertThat(inner.getChildren()).hasSize(2).contains(field);
            assertThat(field.getText()).isEqualTo("60");
            assertThat(field.isFocused()).isTrue();
        });
    }

    /** A column's height follows what is in it, however often it was asked for before. */
    @Test
    void aColumnForgetsItsHeightWhenSomethingInItChanges() throws Exception {
        show();
        robot.interact(() -> {
            Label words = new Label("one line");
            words.setWrapText(true);
            box.getChildren().setAll(words);
            stage.getScene().getRoot().applyCss();
            double one = box.prefHeight(120);
            assertThat(box.prefHeight(120)).isEqualTo(one);
            words.setText("so many words that they do not fit on one line of a hundred and twenty pixels");
            double more = box.prefHeight(120);
            assertThat(more).isGreaterThan(2.5 * one);
            assertThat(box.prefHeight(600)).as("for another width").isLessThan(more);
            words.setText("one line");
            assertThat(box.prefHeight(120)).isEqualTo(one);
        });
    }
}
