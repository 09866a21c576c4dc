package firmperch.desk.document;

import firmperch.check.Finding;
import firmperch.file.Stamp;
import firmperch.file.WorkCopy;
import firmperch.project.Difference;
import firmperch.project.Project;
import firmperch.search.Aim;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The open project: its history, its file and what the computation says of it. The set pose is assessed at once; the
 * worst poses and the cures follow from a thread of their own, and give way to the next edit. Used on the JavaFX thread
 * only.
 */
public final class Document {
    private static final Logger LOG = LoggerFactory.getLogger(Document.class);
    private static final int MOST_UNDO = 500;

    private final ReadOnlyObjectWrapper<Assessment> assessment = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Path> file = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyStringWrapper working = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper notice = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper failure = new ReadOnlyStringWrapper("");
    private final Deque<Project> undo = new ArrayDeque<>();
    private final Deque<Project> redo = new ArrayDeque<>();
    private Stamp stamp = Stamp.NONE;
    private final ExecutorService background = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "assessment");
        thread.setDaemon(true);
        return thread;
    });
    private volatile long generation;
    private Project saved;
    private Object gesture;
    private boolean searching;

    /**
     * Opens on a project that came from no file. Only the set pose is assessed until
     * {@link #startSearching}, so that a window can show its first verdict undisturbed.
     */
    public Document(Project project) {
        this(Assessor.now(project), null, Stamp.NONE);
    }

    /**
     * The same with its set pose assessed already.
     *
     * @param file that it came from; null if from none
     * @param known what that file was then
     */
    public Document(Assessment opening, Path file, Stamp known) {
        begin(opening.project(), file, known);
        assessment.set(opening);
    }

    /** Looks at every pose and for cures from now on, whenever the project changes. */
    public void startSearching() {
        searching = true;
        seek(assessment.get());
    }

    /** Looks at the set pose only, until it is to {@linkplain #startSearching() search} again. */
    public void stopSearching() {
        searching = false;
        stop();
    }

    /**
     * Replaces everything, history included.
     *
     * @param opening the project, its set pose assessed already
     * @param from file that it came from; null if from none
     * @param known what that file was then
     */
    public void open(Assessment opening, Path from, Stamp known) {
        begin(opening.project(), from, known);
        take(opening);
    }

    private void begin(Project project, Path from, Stamp known) {
        stamp = known;
        undo.clear();
        redo.clear();
        gesture = null;
        saved = project;
        file.set(from);
    }

    /** Takes unsaved work back up: it differs from what its file holds, if it has one. */
    public void recover(WorkCopy work) {
        begin(work.project(), work.from(), work.stamp());
        saved = null;
        assess(work.project());
    }

    /** The project as it stands. */
    public Project project() {
        return assessment.get().project();
    }

    /** What the computation says; replaced as more of it is known. */
    public ReadOnlyObjectProperty<Assessment> assessment() {
        return assessment.getReadOnlyProperty();
    }

    /** The file it is saved in; null if none yet. */
    public ReadOnlyObjectProperty<Path> file() {
        return file.getReadOnlyProperty();
    }

    /** Says why something was refused, where no form says it. */
    public void refused(String why) {
        notice.set("");
        notice.set(why);
    }

    /** What was refused last; empty if nothing. */
    public ReadOnlyStringProperty notice() {
        return notice.getReadOnlyProperty();
    }

    /** Why the last search ended without an answer; empty if it did not. */
    public ReadOnlyStringProperty failure() {
        return failure.getReadOnlyProperty();
    }

    /** What is being worked out in the background; empty when nothing is. */
    public ReadOnlyStringProperty working() {
        return working.getReadOnlyProperty();
    }

    /** True if what is shown is the whole answer: every pose looked at, cures sought. */
    public boolean settled() {
        return assessment.get().finished() || searching && assessment.get().complete() && working.get().isEmpty();
    }

    /** True if there is work that no file holds. */
    public boolean unsaved() {
        return saved == null || !project().showing(0).equals(saved.showing(0));
    }

    /** The studio, and where its project is kept, in words. */
    public String whereKept() {
        return project().studio() + " · "
                + (unsaved()
                        ? "not saved"
                        : file.get() != null
                                ? "saved in " + file.get().getFileName()
                                : project().perch().none() ? "new" : "sample");
    }

    /** What the file was when it was read or saved last; {@link Stamp#NONE} if there is none. */
    public Stamp stamp() {
        return stamp;
    }

    /** What an undo would take back, in words; empty if there is nothing to undo. */
    public String undoes() {
        return undo.isEmpty() ? "" : Difference.words(undo.peek(), project());
    }

    /** What a redo would bring back, in words; empty if there is nothing to redo. */
    public String redoes() {
        return redo.isEmpty() ? "" : Difference.words(project(), redo.peek());
    }

    public boolean canUndo() {
        return !undo.isEmpty();
    }

    public boolean canRedo() {
        return !redo.isEmpty();
    }

    /** Shows another of its set-ups: nothing is changed, so there is nothing to undo. */
    public void showSetUp(int number) {
        if (number >= project().setUps().size()) {
            // A row of the project before, pressed before the list has followed.
            return;
        }
        gesture = null;
        assess(project().showing(number));
    }

    /** Makes this the project; one step of undo. */
    public void edit(Project changed) {
        edit(changed, new Object());
    }

    /** Changes one value; one step of undo. */
    public void edit(String path, Object value) {
        edit(firmperch.param.Path.of(path).with(project(), value));
    }

    /** Makes this the project; edits of the same gesture, such as one drag, are undone together. */
    public void edit(Project wanted, Object sameGesture) {
        // While there is no rig the camera is held where it is wanted.
        Project changed = Aim.held(project(), wanted);
        if (!changed.equals(project())) {
            remember(sameGesture);
            assess(changed);
        }
    }

    /** Makes that the project whose set pose has been assessed already; one step of undo. */
    public void edit(Assessment changed) {
        if (!changed.project().equals(project())) {
            remember(new Object());
            take(changed);
        }
    }

    private void remember(Object sameGesture) {
        if (!sameGesture.equals(gesture)) {
            undo.push(project());
            if (undo.size() > MOST_UNDO) {
                undo.removeLast();
            }
        }
        gesture = sameGesture;
        redo.clear();
    }

    /** Goes back one step. */
    public void undo() {
        step(undo, redo);
    }

    /** Goes forward again. */
    public void redo() {
        step(redo, undo);
    }

    private void step(Deque<Project> from, Deque<Project> to) {
        if (!from.isEmpty()) {
            to.push(project());
            gesture = null;
            assess(from.pop());
        }
    }

    /** That project has been saved in that file, which is known by that stamp now; what was edited meanwhile is not in it. */
    public void saved(Project what, Path to, Stamp known) {
        saved = what;
        stamp = known;
        file.set(null);
        file.set(to);
    }

    private void assess(Project project) {
        Assessment before = assessment.get();
        if (before != null && project.onlyCalledOtherwiseThan(before.project())) {
            take(before.called(project));
            return;
        }
        boolean onlyMoved = before != null && before.complete() && project.onlyMovedFrom(before.project());
        take(onlyMoved ? Assessor.now(project, before) : Assessor.now(project));
    }

    private void take(Assessment now) {
        assessment.set(now);
        seek(now);
    }

    /** Looks at every pose and for cures, unless that is done. */
    private void seek(Assessment from) {
        long mine = ++generation;
        if (!searching) {
            return;
        }
        failure.set("");
        if (from.finished()) {
            working.set("");
            return;
        }
        working.set(from.complete() ? "" : "looking at every pose");
        run(mine, from.complete() ? 250 : 50, () -> {
            Assessment every = from.complete()
                    ? from
                    : Workers.SEARCH.compute(() -> Assessor.everyPose(from.project(),
                            (share, what) -> report(mine, share * 0.2, what)));
            publish(mine, every, false);
            // What the sentence tells comes first, then how far it reaches, the rest of the cures after them.
            Assessment told = Workers.SEARCH
                    .compute(() -> Assessor.withCheapest(every, (share, what) -> report(mine, 0.2, what)));
            publish(mine, told, false);
            Assessment reaches = Workers.SEARCH
                    .compute(() -> Assessor.withCoverage(told, (share, what) -> report(mine, 0.25, what)));
            publish(mine, reaches, false);
            publish(mine, Workers.SEARCH.compute(() -> Assessor.withCures(reaches,
                    (share, what) -> report(mine, 0.3 + share * 0.7, what))), true);
        });
    }

    /** What is searched for, one thing after the other. */
    private interface Search {
        void run() throws Exception;
    }

    /**
     * A search that may be overtaken.
     *
     * @param wait ms; what is known at once is painted first, and of a drag's many edits only the one it rests on is worth it
     */
    private void run(long mine, long wait, Search search) {
        background.execute(() -> {
            try {
                if (mine == generation) {
                    Thread.sleep(wait);
                }
                if (mine == generation) {
                    search.run();
                }
            } catch (CancellationException | InterruptedException overtaken) {
                LOG.debug("overtaken by the next edit");
            } catch (Exception | Error e) {
                LOG.error("assessment failed", e);
                Platform.runLater(() -> {
                    if (mine == generation) {
                        working.set("");
                        failure.set("The search failed; what is shown is for the set pose. Why is in " + LogFile.place()
                                + ".");
                    }
                });
            }
        });
    }

    private void report(long mine, double share, String what) {
        Workers.ASKED.giveWay(() -> mine == generation);
        if (mine != generation) {
            throw new CancellationException();
        }
        String text = Math.round(share * 100) + " % · " + what;
        Platform.runLater(() -> {
            if (mine == generation && !working.get().isEmpty()) {
                working.set(text);
            }
        });
    }

    private void publish(long mine, Assessment found, boolean last) {
        Platform.runLater(() -> {
            if (mine == generation) {
                assessment.set(found);
                working.set(last ? "" : "looking for cures");
            }
        });
    }

    /** Looks for what would better one finding, whatever its verdict. */
    public void seekCures(Finding of) {
        Assessment from = assessment.get();
        long mine = ++generation;
        working.set("looking for cures");
        run(mine, 0,
                () -> publish(mine,
                        Workers.SEARCH.compute(
                                () -> Assessor.withCures(from, of, (share, what) -> report(mine, share, what))),
                        true));
    }

    /** Stops the search; what is known stays. */
    public void stop() {
        generation++;
        working.set("");
    }

    /** Takes the search up again after it was stopped. */
    public void resume() {
        seek(assessment.get());
    }

    /** True once it has been closed for good. */
    public boolean closed() {
        return background.isShutdown();
    }

    /** Ends the background work for good. */
    public void close() {
        generation++;
        background.shutdownNow();
    }
}
