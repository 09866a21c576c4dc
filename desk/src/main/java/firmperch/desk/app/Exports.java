package firmperch.desk.app;

import firmperch.desk.document.Background;
import firmperch.desk.document.Document;
import firmperch.desk.document.Settings;
import firmperch.make.Exporter;
import firmperch.make.Exporters;
import firmperch.search.Assessment;
import firmperch.search.Progress;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.stream.Collectors;
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

    /** Asks for a file and writes it. */
    void write(Exporter exporter) {
        String impossible = exporter.impossible(document.project());
        if (!impossible.isEmpty()) {
            say.accept(impossible);
            return;
        }
        File chosen = questions.fileToWrite(exporter.label(), suggested(exporter), "*" + exporter.ending(),
                settings.place(PLACE));
        Path file = chosen == null ? null : ending(chosen, exporter.ending());
        if (file != null) {
            Assessment shown = document.assessment().get();
            boolean settled = document.settled();
            write(file, (to, progress) -> {
                exporter.write(settled ? shown : exporter.needs().of(shown.project(), progress), to);
                return exporter.lacking().apply(shown.project());
            });
        }
    }

    /** Asks for a folder and writes all that can be written into it, each under its own name. */
    void writeAll() {
        String impossible = Exporters.PACK.impossible(document.project());
        if (!impossible.isEmpty()) {
            say.accept(impossible);
            return;
        }
        File chosen = questions.folderToWrite("Build pack and lists", settings.place(PLACE));
        if (chosen == null) {
            return;
        }
        Path folder = chosen.toPath();
        for (Exporter exporter : Exporters.ALL) {
            Path file = folder.resolve(suggested(exporter));
            if (Files.exists(file) && !questions.overwrite(file.getFileName().toString())) {
                return;
            }
        }
        Assessment shown = document.assessment().get();
        boolean settled = document.settled();
        write(folder.resolve(suggested(Exporters.ALL.getFirst())), (first, progress) -> {
            Assessment whole = settled ? shown : Exporter.Needs.VERDICT.of(shown.project(), progress);
            StringBuilder lacking = new StringBuilder();
            for (Exporter exporter : Exporters.ALL) {
                exporter.write(whole, folder.resolve(suggested(exporter)));
                lacking.append(exporter.lacking().apply(shown.project()));
            }
            return "With it: " + Exporters.ALL.stream().skip(1).map(e -> suggested(e)).collect(Collectors.joining(", "))
                    + (lacking.isEmpty() ? "." : ". " + lacking);
        });
    }

    private String suggested(Exporter exporter) {
        return FileDesk.name(document.project()) + "-" + exporter.fileName();
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
