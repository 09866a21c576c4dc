package firmperch.make;

import firmperch.disk.WholeFile;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import java.io.IOException;
import java.nio.file.Path;
import java.util.function.Function;

/**
 * Something that is written of an assessed project into a file: one row of {@link Exporters#ALL}, which the window, the command
 * line and the build pack read.
 *
 * @param id on the command line, and of its button
 * @param label on the screen
 * @param fileName what its file is called beside others of one project: "cuts.csv"
 * @param needs how much of an assessment it tells
 * @param ofRig true if it tells of a rig, so that there must be one
 * @param content what the file holds
 * @param lacking what it cannot tell of a project, in a sentence; empty if it tells all
 */
public record Exporter(String id, String label, String fileName, Needs needs, boolean ofRig, Content content,
        Function<Project, String> lacking) {
    /** How much must be known before it can be written. */
    public enum Needs {
        /** What the rig is made of: nothing is assessed beyond the set pose. */
        PIECES {
            @Override
            public Assessment of(Project project, Progress progress) {
                return Assessor.now(project);
            }
        },
        /** Every pose, and the cure that the sentence under the verdict tells. */
        VERDICT {
            @Override
            public Assessment of(Project project, Progress progress) {
                return Assessor.told(project, progress);
            }
        };

        /** Works that much out. */
        public abstract Assessment of(Project project, Progress progress);
    }

    /** Makes the bytes of a file. */
    @FunctionalInterface
    public interface Content {
        /** Of an assessment that has what is needed. */
        byte[] of(Assessment assessment) throws IOException;
    }

    /** One that can tell all of any project. */
    Exporter(String id, String label, String fileName, Needs needs, boolean ofRig, Content content) {
        this(id, label, fileName, needs, ofRig, content, project -> "");
    }

    /** Why it cannot be written of a project, in a sentence; empty if it can. */
    public String impossible(Project project) {
        return ofRig && project.perch().none()
                ? label + ": there is no rig yet to be made. Start from a kind of rig first."
                : "";
    }

    /** What its files end in, with the point. */
    public String ending() {
        return fileName.substring(fileName.lastIndexOf('.'));
    }

    /** Writes a file, whole or not at all: what was there before stays until it is. */
    public void write(Assessment assessment, Path file) throws IOException {
        String impossible = impossible(assessment.project());
        if (!impossible.isEmpty()) {
            throw new IOException(impossible);
        }
        WholeFile.write(file, content.of(assessment));
    }
}
