package firmperch.bench;

import firmperch.desk.document.Document;
import firmperch.desk.frame.DeskView;
import firmperch.file.Samples;
import firmperch.make.Exporter;
import firmperch.param.Path;
import firmperch.project.Project;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.MenuButton;
import javafx.stage.Stage;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/** A drag in the real desk at 1280 × 800, painted by the software pipeline of the headless platform. Budget 16 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 4)
@Measurement(iterations = 5, time = 4)
@Fork(1)
public class RepaintBenchmark {
    private Document document;
    private Scene scene;
    private int step;
    private volatile FutureTask<Void> nextFrame;

    /** Opens the desk and lets its searches end, as before a drag. */
    @Setup(Level.Trial)
    public void open() throws InterruptedException, ExecutionException {
        CountDownLatch started = new CountDownLatch(1);
        Platform.startup(started::countDown);
        started.await();
        onFx(() -> {
            document = new Document(Samples.wedgingBench());
            DeskView desk = new DeskView(document, new NoHost());
            scene = new Scene(desk, 1280, 800);
            scene.getStylesheets().add(DeskView.class.getResource("/firmperch/desk/desk.css").toExternalForm());
            Stage stage = new Stage();
            stage.setScene(scene);
            stage.show();
            document.startSearching();
        });
        onFx(() -> new AnimationTimer() {
            @Override
            public void handle(long now) {
                FutureTask<Void> frame = nextFrame;
                if (frame != null) {
                    nextFrame = null;
                    frame.run();
                }
            }
        }.start());
        boolean[] busy = {true};
        while (busy[0]) {
            Thread.sleep(200);
            onFx(() -> busy[0] = !document.working().get().isEmpty());
        }
    }

    /** The work on the interface's own thread: the edit, its assessment, every view and label renewed and laid out. */
    @Benchmark
    public void dragWork() throws InterruptedException, ExecutionException {
        onFx(() -> {
            move();
            scene.getRoot().layout();
        });
    }

    /** The same for an edit of a length, which makes every finding anew and shows the numbers of the chosen station. */
    @Benchmark
    public void editWork() throws InterruptedException, ExecutionException {
        onFx(() -> {
            document.edit("perch.arm.links.length", 0.6 + 0.001 * (step++ % 60));
            scene.getRoot().applyCss();
            scene.getRoot().layout();
        });
    }

    /**
     * From one frame of the window to the next while every frame moves the camera. The toolkit starts no frame before the
     * last one is painted, and none sooner than 60 Hz: 16.7 ms is a drag that keeps up.
     */
    @Benchmark
    public void dragFrame() throws InterruptedException, ExecutionException {
        inNextFrame(this::move);
    }

    /** The same with nothing moved: how evenly the toolkit itself keeps time on this machine. */
    @Benchmark
    public void stillFrame() throws InterruptedException, ExecutionException {
        inNextFrame(() -> {
        });
    }

    private void inNextFrame(Runnable what) throws InterruptedException, ExecutionException {
        FutureTask<Void> frame = new FutureTask<>(what, null);
        nextFrame = frame;
        frame.get();
    }

    private void move() {
        Project project = document.project();
        double lift = -0.3 + 0.6 * Math.abs(step++ % 200 - 100) / 100.0;
        document.edit(Path.of("stance.joints.arm.lift").with(project, lift), this);
    }

    /** Ends the background work. */
    @TearDown(Level.Trial)
    public void close() throws InterruptedException, ExecutionException {
        onFx(document::close);
        Platform.exit();
    }

    private static void onFx(Runnable what) throws InterruptedException, ExecutionException {
        FutureTask<Void> task = new FutureTask<>(what, null);
        Platform.runLater(task);
        task.get();
    }

    /** A desk without a window's files around it. */
    private static final class NoHost implements DeskView.Host {
        @Override
        public void fillFileMenu(MenuButton menu) {
            menu.getItems().clear();
        }

        @Override
        public void export(Exporter exporter) {
            throw new UnsupportedOperationException("not in a benchmark");
        }

        @Override
        public void exportAll() {
            throw new UnsupportedOperationException("not in a benchmark");
        }

        @Override
        public void switchTheme() {
            throw new UnsupportedOperationException("not in a benchmark");
        }
    }
}
