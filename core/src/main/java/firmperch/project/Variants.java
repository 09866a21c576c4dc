package firmperch.project;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** What can be done with the variants that a project keeps. */
public final class Variants {
    private Variants() {
    }

    /** The rig as it stands kept under a name of its own; the same project if there are as many as there may be, or no rig. */
    public static Project kept(Project project) {
        if (project.perch().none() || project.variants().size() >= Project.MOST_VARIANTS) {
            return project;
        }
        List<String> names = project.variants().stream().map(Variant::name).toList();
        int number = names.size() + 1;
        while (names.contains("Variant " + number)) {
            number++;
        }
        List<Variant> all = new ArrayList<>(project.variants());
        all.add(new Variant("Variant " + number, project.perch(),
                project.setUps().stream().map(SetUp::stance).toList()));
        return project.keeping(all);
    }

    /** The project with that variant as the rig that is worked on; all of them are kept. */
    public static Project switched(Project project, int number) {
        Variant variant = project.variants().get(number);
        List<SetUp> all = IntStream.range(0, project.setUps().size()).mapToObj(i -> project.setUps().get(i)
                .with(variant.stances().get(Math.min(i, variant.stances().size() - 1)))).toList();
        return project.with(variant.perch()).with(all, project.shown());
    }

    /** Without one of them. */
    public static Project dropped(Project project, int number) {
        List<Variant> all = new ArrayList<>(project.variants());
        all.remove(number);
        return project.keeping(all);
    }
}
