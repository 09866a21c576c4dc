package firmperch.desk.app;

import firmperch.desk.document.Background;
import firmperch.desk.document.Document;
import firmperch.desk.document.Settings;
import firmperch.make.BuildPack;
import firmperch.make.Lists;
import firmperch.make.MakingPlan;
import firmperch.make.Printable;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** Writes the build pack and the lists: of what stands in the project when asked, whatever is edited meanwhile. */
final class Exports {
    /** Under which the folder is remembered. */
    static final String PLACE = "exports";

    private final Document document;
    private final Settings settings;
    private final Background background = new Background("export");
    private final Consumer<String> say;
    private final ReadOnlyObjectWrapper<Path> written = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Path> writing = new ReadOnlyObjectWrapper<>();
    private Questions questions;

    Exports(Document document, Settings settings, Questions questions, Consumer<String> say) {
        this.document = document;
        this.settings = settings;
        this.questions = questions;
        this.say = say;
    }

    void ask(Questions other) {
        questions = other;
    }

    /** What was written last; null until something was. */
    ReadOnlyObjectProperty<Path> written() {
        return written.getReadOnlyProperty();
    }

    /** What is being written; null if nothing. */
    ReadOnlyObjectProperty<Path> writing() {
        return writing.getReadOnlyProperty();
    }

    /** Gives up what is being written; what was there before stays as it was. */
    void stop() {
        background.stop();
        Path file = writing.get();
        writing.set(null);
        if (file != null) {
            say.accept("Stopped: " + file + " was not written.");
        }
    }

    void pack() {
        File chosen = questions.fileToWrite("Build pack", FileDesk.name(document.project()) + ".pdf", "*.pdf",
                settings.place(PLACE));
        Path file = chosen == null ? null : ending(chosen, ".pdf");
        if (file != null) {
            Assessment shown = document.assessment().get();
            boolean settled = document.settled();
            write(file, (to, progress) -> {
                BuildPack.write(settled ? shown : Assessor.told(shown.project(), progress), to);
                return Printable.missing(shown.project());
            });
        }
    }

    void lists() {
        String name = FileDesk.name(document.project());
        File chosen = questions.fileToWrite("Cut list; the hardware list goes beside it", name + "-cuts.csv", "*.csv",
                settings.place(PLACE));
        Path file = chosen == null ? null : ending(chosen, ".csv");
        if (file == null) {
            return;
        }
        Path hardware = file.resolveSibling(name + "-hardware.csv");
        if (Files.exists(hardware) && !questions.overwrite(hardware.getFileName().toString())) {
            return;
        }
        Assessment shown = document.assessment().get();
        boolean settled = document.settled();
        write(file, (to, progress) -> {
            MakingPlan plan = MakingPlan.of(settled ? shown : Assessor.everyPose(shown.project(), progress));
            Lists.writeCuts(plan, to);
            Lists.writeHardware(plan, hardware);
            return "";
        });
    }

    /** The file with its ending, which the chooser may not have known; null if it is not to be written over. */
    private Path ending(File chosen, String ending) {
        boolean whole = chosen.getName().toLowerCase(java.util.Locale.ROOT).endsWith(ending);
        Path file = Path.of(whole ? chosen.getPath() : chosen.getPath() + ending);
        return whole || !Files.exists(file) || questions.overwrite(file.getFileName().toString()) ? file : null;
    }

    /** Something that writes a file, and tells what there is to say of it. */
    private interface Writing {
        String run(Path file, Progress progress) throws IOException;
    }

    private void write(Path file, Writing work) {
        writing.set(file);
        say.accept("Writing " + file + " …");
        background.run(progress -> {
            String more = work.run(file, progress);
            Path folder = file.toAbsolutePath().getParent();
            settings.place(PLACE, folder);
            return more;
        }, (share, what) -> say.accept("Writing " + file + ": " + Math.round(share * 100) + " % · " + what), more -> {
            writing.set(null);
            written.set(null);
            written.set(file);
            say.accept("Written: " + file + "." + (more.isEmpty() ? "" : " " + more));
        }, why -> {
            writing.set(null);
            say.accept("Not written: " + file + " (" + why + ").");
        });
    }
}
