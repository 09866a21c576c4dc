package firmperch.desk.app;

import firmperch.file.GearCsv;
import firmperch.file.KeptFile;
import firmperch.file.UnusableFile;
import firmperch.part.Gear;
import firmperch.part.GearEdits;
import firmperch.part.GearItem;
import firmperch.place.Place;
import firmperch.project.Project;
import firmperch.project.Variant;
import firmperch.search.Choosing;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What a file brings into the project that is open, instead of being one: a kept room, a kept thing of the gear, or a list of gear as CSV.
 *
 * @param changed the project with it
 * @param told what came, in a sentence or two
 */
record Brought(Project changed, String told) {
    private static final String CSV = ".csv";
    /** So many lines that could not be read are told one by one. */
    private static final int TOLD = 3;

    /** Whether it is such a file, by its name. */
    static boolean is(Path file) {
        String name = file.toString().toLowerCase(Locale.ROOT);
        return name.endsWith(CSV) || name.endsWith(KeptFile.ROOM.ending()) || name.endsWith(KeptFile.GEAR.ending())
                || name.endsWith(KeptFile.KIND.ending());
    }

    /**
     * Reads it into a project.
     *
     * @throws UnusableFile with a sentence
     */
    static Brought into(Project project, Path file) throws UnusableFile {
        String name = file.toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(KeptFile.ROOM.ending())) {
            KeptFile.Kept<Place> room = KeptFile.ROOM.read(file);
            return new Brought(project.movedInto(room.thing()), "This is the room “" + room.name() + "” now.");
        }
        if (name.endsWith(KeptFile.GEAR.ending())) {
            return put(project, List.of(KeptFile.GEAR.read(file).thing()), List.of());
        }
        if (name.endsWith(KeptFile.KIND.ending())) {
            KeptFile.Kept<Variant> kind = KeptFile.KIND.read(file);
            return new Brought(
                    Choosing.of(project, kind.thing().perch(), kind.thing().stances().getFirst().joints()),
                    "The rig is “" + kind.name() + "” now.");
        }
        GearCsv.Read read = GearCsv.read(file, project.units());
        return put(project, read.items(), read.refused());
    }

    private static Brought put(Project project, List<GearItem> more, List<String> refused) {
        Gear gear = project.gear();
        List<String> not = new ArrayList<>(refused);
        int put = Math.min(more.size(), Gear.MOST - gear.items().size());
        for (GearItem item : more.subList(0, put)) {
            gear = GearEdits.put(gear, item);
        }
        if (put < more.size()) {
            not.add(more.size() - put + " more than the " + Gear.MOST + " things that may hang there.");
        }
        String told = (put == 1 ? "1 thing is" : put + " things are") + " put on."
                + (not.isEmpty()
                        ? ""
                        : " " + not.size() + (not.size() == 1 ? " line was not: " : " lines were not: ")
                                + String.join(" ", not.subList(0, Math.min(TOLD, not.size())))
                                + (not.size() > TOLD ? " …" : ""));
        return new Brought(project.with(gear), told);
    }
}
