package firmperch.desk.app;

import firmperch.desk.document.Copies;
import firmperch.desk.document.Document;
import firmperch.desk.document.LogFile;
import firmperch.desk.document.RecentFiles;
import firmperch.desk.document.Settings;
import firmperch.disk.DiskTrouble;
import firmperch.disk.WholeFile;
import firmperch.file.ChangedOutside;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.file.Stamp;
import firmperch.file.UnusableFile;
import firmperch.file.WorkCopy;
import firmperch.part.Gear;
import firmperch.part.Perch;
import firmperch.place.Place;
import firmperch.project.Policy;
import firmperch.project.Project;
import firmperch.project.Purse;
import firmperch.project.Stance;
import firmperch.search.Aim;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.units.UnitSystem;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Opening, saving and leaving; whatever touches a disk is off the interface thread, one after the other. */
final class FileDesk {
    private static final Logger LOG = LoggerFactory.getLogger(FileDesk.class);
    private static final String PROJECTS = "projects";

    private final Document document;
    private final RecentFiles recent;
    private final Settings settings;
    private final Copies copies;
    private final AutoSave keeping;
    private final Consumer<String> say;
    private final ExecutorService disk = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "disk");
        thread.setDaemon(true);
        return thread;
    });
    private Questions questions;
    private boolean saving;

    FileDesk(Document document, RecentFiles recent, Settings settings, Copies copies, AutoSave keeping,
            Questions questions, Consumer<String> say) {
        this.document = document;
        this.recent = recent;
        this.settings = settings;
        this.copies = copies;
        this.keeping = keeping;
        this.questions = questions;
        this.say = say;
    }

    void ask(Questions other) {
        questions = other;
    }

    /** A file's name for the project, without an ending. */
    static String name(Project project) {
        String plain = project.name().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$",
                "");
        String shorter = plain.length() > 60
                ? plain.substring(0, plain.offsetByCodePoints(0, plain.codePointCount(0, 60)))
                : plain;
        return shorter.isEmpty() ? "perch" : shorter;
    }

    // Opening.

    /**
     * Opens a project that no file holds and no rig stands in yet, its camera held where it sees what is wanted.
     *
     * @param opened what follows when it is open
     */
    void startNew(Runnable opened) {
        UnitSystem units = document.project().units();
        Purse purse = document.project().purse();
        open(() -> {
            Project sample = Samples.wedgingBench();
            Gear gear = sample.gear().untold().through(0, List.of(sample.shot().lens()));
            return Aim.of(new Project("New perch", sample.studio(), units,
                    List.of(sample.setUp().with(new Stance(1, 0, 0, Map.of()))), 0, gear,
                    Place.plain(sample.place().bench()), Perch.NONE,
                    Policy.STANDARD, List.of()).with(purse));
        }, opened);
    }

    /** Opens a project that no file holds. */
    void open(Supplier<Project> project) {
        open(project, () -> {
        });
    }

    private void open(Supplier<Project> project, Runnable opened) {
        disk.execute(() -> {
            try {
                Assessment first = Assessor.now(project.get());
                Platform.runLater(() -> leaving(() -> {
                    document.open(first, null, Stamp.NONE);
                    keeping.afresh();
                    say.accept("");
                    opened.run();
                }));
            } catch (RuntimeException | Error e) {
                failed("opened", "It", e);
            }
        });
    }

    void chooseAndOpen() {
        File chosen = questions.fileToOpen(settings.place(PROJECTS));
        if (chosen != null) {
            openFile(chosen.toPath());
        }
    }

    /** Opens a file in this window; what is open stays if it cannot be read. */
    void openFile(Path file) {
        if (Brought.is(file)) {
            bring(file);
            return;
        }
        say.accept("Opening " + file + " …");
        disk.execute(() -> {
            try {
                WholeFile.sweep(file.toAbsolutePath().getParent());
                ProjectFile.Loaded loaded = ProjectFile.load(file);
                Assessment first = Assessor.now(loaded.project());
                Platform.runLater(() -> leaving(() -> {
                    document.open(first, file, loaded.stamp());
                    keeping.afresh();
                    remember(file);
                    say.accept("");
                }));
            } catch (UnusableFile e) {
                boolean gone = !Files.exists(file);
                Platform.runLater(() -> say.accept(e.getMessage()
                        + (gone && recent.list().contains(file)
                                ? " It stays under Open recent, in case it comes back."
                                : "")));
            } catch (RuntimeException | Error e) {
                failed("opened", file, e);
            }
        });
    }

    /** Brings what a file holds into the project that is open; one undo takes it out again. */
    private void bring(Path file) {
        Project into = document.project();
        disk.execute(() -> {
            try {
                Brought brought = Brought.into(into, file);
                Platform.runLater(() -> {
                    if (document.project() == into) {
                        document.edit(brought.changed());
                        say.accept(brought.told());
                    }
                });
            } catch (UnusableFile e) {
                Platform.runLater(() -> say.accept(e.getMessage()));
            } catch (RuntimeException | Error e) {
                failed("read", file, e);
            }
        });
    }

    private void failed(String what, Object file, Throwable e) {
        LOG.error("not {}", what, e);
        Platform.runLater(() -> say.accept(file + " was not " + what + "; why is in "
                + LogFile.place() + "."));
    }

    private void remember(Path file) {
        Path folder = file.toAbsolutePath().getParent();
        disk.execute(() -> {
            recent.add(file);
            settings.place(PROJECTS, folder);
        });
    }

    // Saving.

    /** Saves in the project's file, or asks for one. */
    void save(Runnable then) {
        Path file = document.file().get();
        if (file == null) {
            saveAs(then);
        } else {
            saveTo(file, document.stamp(), then);
        }
    }

    void saveAs(Runnable then) {
        File chosen = questions.fileToWrite("Save the project", name(document.project()) + ProjectFile.EXTENSION,
                "*" + ProjectFile.EXTENSION, settings.place(PROJECTS));
        if (chosen == null) {
            return;
        }
        String given = chosen.getPath();
        boolean whole = given.endsWith(".json");
        Path file = Path.of(whole ? given : given + ProjectFile.EXTENSION);
        // The file chooser has asked about overwriting only the name it was given, which had no ending yet.
        if (!whole && Files.exists(file) && !questions.overwrite(file.getFileName().toString())) {
            return;
        }
        saveTo(file, null, then);
    }

    /** @param known what the file must still be; null if it may be anything */
    private void saveTo(Path file, Stamp known, Runnable then) {
        Project what = document.project();
        saving = true;
        say.accept("Saving …");
        disk.execute(() -> {
            try {
                Stamp stamp = known == null ? ProjectFile.write(file, what) : ProjectFile.write(file, what, known);
                Platform.runLater(() -> {
                    saving = false;
                    document.saved(what, file, stamp);
                    copies.saved();
                    keeping.saved(what);
                    remember(file);
                    say.accept("Saved in " + file + ".");
                    then.run();
                });
            } catch (ChangedOutside e) {
                LOG.info("changed outside: {}", file);
                Platform.runLater(() -> {
                    saving = false;
                    say.accept("Not saved: " + e.getMessage());
                    switch (questions.changedOutside(file.getFileName().toString())) {
                        case HERE -> saveTo(file, null, then);
                        case ELSEWHERE -> saveAs(then);
                        case NOT_NOW -> {
                            // Said already; it stays unsaved.
                        }
                    }
                });
            } catch (IOException e) {
                LOG.warn("not saved", e);
                Platform.runLater(() -> {
                    saving = false;
                    say.accept("Not saved: " + file + ": " + DiskTrouble.words(e) + ".");
                });
            } catch (RuntimeException | Error e) {
                saving = false;
                failed("saved", file, e);
            }
        });
    }

    /** True while a file is being written. */
    boolean saving() {
        return saving;
    }

    // Leaving.

    /** Goes on once nothing can be lost: after asking, if there is work that no file holds. */
    void leaving(Runnable then) {
        if (!document.unsaved()) {
            then.run();
            return;
        }
        Optional<Boolean> first = questions.saveFirst(document.project().name());
        if (first.isEmpty()) {
            say.accept("");
            return;
        }
        if (first.get()) {
            save(then);
        } else {
            copies.keep(document.project(), document.file().get(), document.stamp());
            copies.giveUp();
            then.run();
        }
    }

    // Copies.

    /** Offers what a program that is gone has left; tells of a crash that left nothing. */
    void offerLeft() {
        disk.execute(() -> {
            boolean crashed = copies.crashed();
            List<Copies.Copy> left = copies.left();
            copies.tidy();
            WholeFile.sweep(settings.place(PROJECTS));
            WholeFile.sweep(settings.place(Exports.PLACE));
            Platform.runLater(() -> offer(left, crashed));
        });
    }

    private void offer(List<Copies.Copy> left, boolean crashed) {
        if (document.closed()) {
            return;
        }
        if (left.isEmpty()) {
            if (crashed) {
                say.accept(
                        "It stopped unexpectedly last time; nothing was unsaved. If it said why, that is in "
                                + LogFile.place() + ".");
            }
            return;
        }
        Copies.Copy newest = left.getFirst();
        WorkCopy work = newest.work();
        String from = (work.from() == null ? "it belongs to no file" : "of " + work.from().getFileName()) + ", kept "
                + Dialogs.when(newest);
        switch (questions.takeUp(work.project().name(), from)) {
            case TAKE_UP -> leaving(() -> {
                document.recover(work);
                keeping.afresh();
                copies.takeUp(newest);
                say.accept("Unsaved work of an earlier session has been taken up; save it to keep it." + more(left));
            });
            case PUT_ASIDE -> {
                copies.putAside(newest);
                say.accept("Put aside: it is under File, Earlier copies." + more(left));
            }
            case LATER ->
                say.accept("The unsaved work is offered again at the next start, and is under File, Earlier copies.");
        }
    }

    private static String more(List<Copies.Copy> left) {
        return left.size() > 1 ? " " + (left.size() - 1) + " more under File, Earlier copies." : "";
    }

    /** Lists what was put aside or left, and opens what is chosen of it as work that no file holds. */
    void earlier() {
        disk.execute(() -> {
            List<Copies.Copy> all = new ArrayList<>(copies.left());
            all.addAll(copies.aside());
            all.sort(Comparator.comparing((Copies.Copy c) -> c.work().at()).reversed());
            Platform.runLater(() -> questions.earlier(all).ifPresent(copy -> leaving(() -> {
                document.recover(new WorkCopy(copy.work().project(), null, Stamp.NONE, copy.work().at()));
                keeping.afresh();
                say.accept("A copy kept " + Dialogs.when(copy) + " is open; save it to keep it.");
            })));
        });
    }

    List<Path> recent() {
        return recent.list();
    }

    void forget(Path file) {
        disk.execute(() -> recent.remove(file));
    }

    /** Ends, with all that was begun on the disk finished. */
    void close() {
        disk.shutdown();
        try {
            disk.awaitTermination(5, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
