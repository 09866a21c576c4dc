package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.desk.InTheWindow;
import firmperch.desk.draw.DrawingPane;
import firmperch.desk.frame.Step;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.trial.Mutations;
import firmperch.trial.Trial;
import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicIntegerArray;
import java.util.concurrent.atomic.AtomicLong;
import java.util.logging.Handler;
import java.util.logging.Level;
import java.util.logging.LogRecord;
import java.util.logging.Logger;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;

/** Somebody at the real window who does anything at all: buttons, menus, files, fields, drags and keys at random. */
@InTheWindow
class RandomDrivingTest {
    /** Longer than that the interface thread is not to be busy at a time, ns. */
    private static final long FRAME = 100_000_000L;
    private static final String[] TYPED = {"0", "1", "600", "45 mm", "1,200", "½ in", "5'6", "-3", "NaN", "", "abc",
            "1e9",
            "0.001", "12 kg", "35 %", "999999", "名前", "x".repeat(300), "2026-11-25", " ", "90 N", "15°"};

    @TempDir
    private Path folder;
    private final List<String> texts = Mutations.texts();
    private final Mutations mutations = new Mutations(20261128);
    private final FxRobot robot = new FxRobot();
    private final ConcurrentLinkedQueue<String> faults = new ConcurrentLinkedQueue<>();
    private final Handler log = new Handler() {
        @Override
        public void publish(LogRecord entry) {
            if (entry.getLevel().intValue() >= Level.SEVERE.intValue()) {
                faults.add(entry.getMessage() + " " + entry.getThrown());
            }
        }

        @Override
        public void flush() {
            // Nothing is held back.
        }

        @Override
        public void close() {
            // Nor open.
        }
    };
    private Random random;
    @RegisterExtension
    private final DeskFixture desk = new DeskFixture();
    /** How often the interface thread was busy for how long, by tens of ms. */
    private final AtomicIntegerArray waits = new AtomicIntegerArray(1000);
    private final AtomicLong longest = new AtomicLong();
    /** How long the interface thread itself worked in one go at most, ns; and how often over 100 ms. */
    private final AtomicLong hardest = new AtomicLong();
    private final AtomicInteger hard = new AtomicInteger();
    private final AtomicLong heldUp = new AtomicLong();
    private final ThreadMXBean threads = ManagementFactory.getThreadMXBean();
    private Thread interfaceThread;
    private long began;
    private volatile boolean settled;
    private volatile String doing = "";

    @BeforeEach
    void open() {
        Logger.getLogger("").addHandler(log);
        robot.interact(() -> {
            interfaceThread = Thread.currentThread();
            interfaceThread.setUncaughtExceptionHandler((t, e) -> fault(e));
            desk.app.ask(new Dialogs(desk.app.stage()) {
                @Override
                public File fileToOpen(Path begin) {
                    return (random.nextBoolean() ? spoilt() : folder.resolve("p" + random.nextInt(4) + ".perch.json"))
                            .toFile();
                }

                @Override
                public File folderToWrite(String title, Path begin) {
                    return folder.toFile();
                }

                @Override
                public File fileToWrite(String title, String suggested, String extension, Path begin) {
                    return folder.resolve("p" + random.nextInt(4) + extension.substring(1)).toFile();
                }
            });
        });
    }

    @AfterEach
    void close() {
        Logger.getLogger("").removeHandler(log);
        // Whatever is under way then is not to reach into the next test.
        desk.act(desk.app::end);
    }

    private void fault(Throwable e) {
        StringBuilder where = new StringBuilder(doing + ": " + e);
        StackTraceElement[] stack = e.getStackTrace();
        for (int i = 0; i < stack.length; i++) {
            // Where it happened, and how we came there.
            if (i < 8 || stack[i].getClassName().startsWith("firmperch")) {
                where.append("\n   ").append(stack[i]);
            }
        }
        faults.add(where.toString());
    }

    @Test
    void nothingFails() throws Exception {
        long seconds = Trial.times("driving", 8, 1200);
        long seed = Long.getLong("trial.seed", 20261125L);
        random = new Random(seed);
        Files.writeString(folder.resolve("p0.perch.json"), ProjectFile.text(Samples.all().get(2)));
        Files.writeString(folder.resolve("p1.perch.json"), "{\"format\":");
        AtomicInteger done = new AtomicInteger();
        desk.search();
        began = System.nanoTime();
        long end = began + seconds * 1_000_000_000L;
        Thread watch = Thread.ofPlatform().daemon().name("watch").start(this::watch);
        Thread sleep = Thread.ofPlatform().daemon().name("sleep").start(this::sleep);
        while (System.nanoTime() < end) {
            CountDownLatch over = new CountDownLatch(1);
            Platform.runLater(() -> {
                // A question that comes of it runs a loop of its own here: what follows it is other turns of this one.
                Platform.runLater(over::countDown);
                act();
            });
            assertThat(over.await(60, TimeUnit.SECONDS)).as("the interface thread stands still after: %s", doing)
                    .isTrue();
            done.incrementAndGet();
            settled = System.nanoTime() - began > 5_000_000_000L;
            Thread.sleep(random.nextInt(25));
        }
        watch.interrupt();
        sleep.interrupt();
        System.out.printf(
                "random driving: seed %d, %d s, %d acts, %d faults; looked at the interface thread %d times, longest wait %.0f ms, %d over 30 ms, %d over 50 ms, %d over 100 ms; it worked %.0f ms in one go at most, %d times over 100 ms%n",
                seed, seconds, done.get(), faults.size(), over(0), longest.get() / 1e6, over(30), over(50), over(100),
                hardest.get() / 1e6, hard.get());
        assertThat(faults).isEmpty();
    }

    private void act() {
        List<Node> all = new ArrayList<>();
        // Of a sheet over the desk only the sheet can be reached.
        Optional<Sheet<?>> sheet = desk.app.sheets().uppermost();
        collect(sheet.<Node>map(s -> s).orElse(desk.app.desk()), all);
        if (sheet.isPresent() && random.nextInt(4) == 0) {
            doing = "cancelling a sheet";
            guarded(sheet.get()::cancel);
            return;
        }
        switch (random.nextInt(20)) {
            case 0 -> {
                doing = "opening a file that was changed";
                guarded(() -> desk.app.openFile(spoilt()));
            }
            case 1, 2, 3 -> any(all, ButtonBase.class, b -> !(b instanceof MenuButton), b -> {
                doing = "button " + b.getId() + " " + b.getText();
                guarded(b::fire);
            });
            case 4, 5, 6, 7 -> any(all, TextField.class, f -> f.isEditable(), f -> {
                String text = TYPED[random.nextInt(TYPED.length)];
                doing = "typing " + text + " into " + f.getId();
                guarded(() -> {
                    f.requestFocus();
                    f.setText(text);
                    f.fireEvent(new ActionEvent());
                });
            });
            case 8, 9 -> any(all, ComboBox.class, c -> !c.getItems().isEmpty(), c -> {
                doing = "choosing in " + c.getId();
                guarded(() -> c.getSelectionModel().select(random.nextInt(c.getItems().size())));
            });
            case 10, 11, 12, 13 -> any(all, DrawingPane.class, p -> true, this::drag);
            case 14, 15 -> any(all, DrawingPane.class, p -> true, p -> {
                KeyCode[] codes = {KeyCode.UP, KeyCode.DOWN, KeyCode.LEFT, KeyCode.RIGHT, KeyCode.PAGE_UP,
                        KeyCode.PAGE_DOWN};
                KeyCode code = codes[random.nextInt(codes.length)];
                doing = "key " + code + " in " + p.getId();
                guarded(() -> Event.fireEvent(p,
                        new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false)));
            });
            case 16, 17 -> {
                Step step = Step.values()[random.nextInt(Step.values().length)];
                doing = "going to " + step;
                guarded(() -> desk.app.desk().go(step));
            }
            default -> menu(all);
        }
    }

    /** A file that somebody, or something, has changed. */
    private Path spoilt() {
        String text = texts.get(random.nextInt(texts.size()));
        try {
            return Files.write(folder.resolve("spoilt-" + random.nextInt(3) + ".perch.json"),
                    random.nextBoolean() ? mutations.value(text) : mutations.structure(text));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void drag(DrawingPane pane) {
        double x = random.nextDouble() * pane.getWidth();
        double y = random.nextDouble() * pane.getHeight();
        doing = "dragging in " + pane.getId();
        mouse(pane, MouseEvent.MOUSE_PRESSED, x, y);
        double toX = x + random.nextGaussian() * 60;
        double toY = y + random.nextGaussian() * 60;
        // A frame each, as from a hand.
        Platform.runLater(() -> guarded(() -> mouse(pane, MouseEvent.MOUSE_DRAGGED, toX, toY)));
        Platform.runLater(() -> guarded(() -> mouse(pane, MouseEvent.MOUSE_RELEASED, toX, toY)));
    }

    /** Does something, and remembers what went wrong in it. */
    private void guarded(Runnable what) {
        try {
            what.run();
        } catch (RuntimeException | Error e) {
            fault(e);
        }
    }

    /**
     * Asks the interface thread for a word all the time, and notes how long it had to wait for it: handlers, styling,
     * layout, painting, the collector, the machine, whatever holds it; and how much of that it worked itself.
     */
    private void watch() {
        while (!Thread.interrupted()) {
            CountDownLatch answered = new CountDownLatch(1);
            String meanwhile = doing;
            List<String> busy = new ArrayList<>();
            heldUp.set(0);
            long worked = threads.getThreadCpuTime(interfaceThread.threadId());
            long asked = System.nanoTime();
            Platform.runLater(answered::countDown);
            try {
                while (!answered.await(20, TimeUnit.MILLISECONDS)) {
                    busy.add(where(interfaceThread.getStackTrace()));
                }
                long waited = System.nanoTime() - asked;
                worked = threads.getThreadCpuTime(interfaceThread.threadId()) - worked;
                if (settled) {
                    hardest.accumulateAndGet(worked, Math::max);
                    if (worked > FRAME) {
                        hard.incrementAndGet();
                    }
                    waits.incrementAndGet((int) Math.min(waits.length() - 1, waited / 10_000_000));
                    longest.accumulateAndGet(waited, Math::max);
                    if (waited > FRAME) {
                        System.out.printf(
                                "at %.0f s %.0f ms (it worked %.0f ms, the machine itself held %.0f ms): %s, then %s; in %s%n",
                                (asked - began) / 1e9, waited / 1e6, worked / 1e6, heldUp.get() / 1e6, meanwhile, doing,
                                busy);
                    }
                }
                Thread.sleep(4);
            } catch (InterruptedException e) {
                return;
            }
        }
    }

    /** How many of the waits were over that many ms, in tens. */
    private int over(int ms) {
        return IntStream.range(ms / 10, waits.length()).map(waits::get).sum();
    }

    /** How long a thread that does nothing but sleep is held up meanwhile: by the machine, or by the collector. */
    private void sleep() {
        while (!Thread.interrupted()) {
            long began = System.nanoTime();
            try {
                Thread.sleep(5);
            } catch (InterruptedException e) {
                return;
            }
            heldUp.accumulateAndGet(System.nanoTime() - began - 5_000_000L, Math::max);
        }
    }

    /** What a thread is at, in a word: of our own, or of the toolkit where it is at none of ours. */
    private static String where(StackTraceElement[] stack) {
        return Stream.of(stack).filter(e -> e.getClassName().startsWith("firmperch.")
                || List.of("doProcessCSS", "doLayoutPass", "uploadPixels").contains(e.getMethodName()))
                .findFirst().or(() -> Stream.of(stack).filter(e -> e.getClassName().startsWith("com.sun")).findFirst())
                .map(e -> e.getClassName().replaceAll(".*\\.", "") + "." + e.getMethodName()).orElse("nothing");
    }

    private static void mouse(Node at, javafx.event.EventType<MouseEvent> type, double x, double y) {
        Event.fireEvent(at,
                new MouseEvent(type, x, y, x, y, MouseButton.PRIMARY, 1, false, false, false, false, true, false,
                        false, true, false, false, new PickResult(at, x, y)));
    }

    private void menu(List<Node> all) {
        any(all, MenuButton.class, m -> true, m -> {
            List<MenuItem> items = new ArrayList<>();
            if (m.getOnShowing() != null) {
                m.getOnShowing().handle(new Event(MenuButton.ON_SHOWING));
            }
            flat(m.getItems(), items);
            items.removeIf(i -> "file-quit".equals(i.getId()));
            if (!items.isEmpty()) {
                MenuItem item = items.get(random.nextInt(items.size()));
                doing = "menu " + item.getText();
                guarded(item::fire);
            }
        });
    }

    private static void flat(List<MenuItem> from, List<MenuItem> to) {
        for (MenuItem item : from) {
            if (item instanceof javafx.scene.control.Menu more) {
                flat(more.getItems(), to);
            } else if (item.getOnAction() != null) {
                to.add(item);
            }
        }
    }

    private <N> void any(List<Node> all, Class<N> kind, java.util.function.Predicate<N> which,
            java.util.function.Consumer<N> act) {
        List<N> some = all.stream().filter(kind::isInstance).map(kind::cast).filter(which).toList();
        if (!some.isEmpty()) {
            act.accept(some.get(random.nextInt(some.size())));
        }
    }

    private static void collect(Node node, List<Node> all) {
        if (!node.isVisible() || node.isDisabled()) {
            return;
        }
        all.add(node);
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, all));
        }
    }
}
