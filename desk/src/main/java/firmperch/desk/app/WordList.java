package firmperch.desk.app;

import java.util.List;

/** Words of the trade that the program uses, each in a line. */
final class WordList {
    /** A word and what it means here. */
    record Entry(String word, String means) {}

    /** All of them, by the alphabet. */
    static final List<Entry> ALL = List.of(
            new Entry("ballast", "What is there only to weigh: concrete, bags, slabs, washers."),
            new Entry("cantilever", "What is held at one end only and carries at the other, as an arm or a leg."),
            new Entry("counterweight", "A weight on the other side of a joint, so that the joint has little to hold."),
            new Entry("every pose", "All settings of all joints within their stops, not only the one that is drawn."),
            new Entry("gives", "Something is short: it falls, slips, breaks, moves too far, or is not in the picture."),
            new Entry("holds", "All that is wanted is there, the reserve included."),
            new Entry("joist", "A beam that carries the ceiling; what hangs is screwed into one."),
            new Entry("judgement",
                    "A figure that nobody has published; where it decides, its range is told and it can be measured."),
            new Entry("lean", "How far the rig can be tilted as a whole before it goes over."),
            new Entry("left over", "How many times what is wanted is there; under 0.8 it gives, from 1 it holds."),
            new Entry("near", "It holds, with less in reserve than is wanted."),
            new Entry("payload", "Everything that hangs on the head: camera, lens, lamp, battery."),
            new Entry("pivot", "A bolt that two parts turn about, tightened by hand."),
            new Entry("plumb", "Straight down, as a weight on a string hangs."),
            new Entry("proven",
                    "Follows from lengths and masses for every pose in between, not only for those looked at."),
            new Entry("reserve",
                    "What is wanted on top, for things that slip, bend or break: a quarter unless changed."),
            new Entry("sag", "How far the camera sinks under the rig's own weight."),
            new Entry("sampled", "Looked at in many poses; between them it may be a little worse."),
            new Entry("section modulus",
                    "How well the shape of a bar resists bending: width times depth squared, by six."),
            new Entry("set-up", "One view that is filmed: what is in the picture, from where, through which lens."),
            new Entry("slip", "Faces that are pressed together begin to slide on each other."),
            new Entry("stop", "What a joint cannot be moved past."),
            new Entry("support polygon",
                    "The outline around the feet; the rig stands as long as its weight is over it."),
            new Entry("sway", "How far a touch moves the camera sideways."),
            new Entry("torque", "A turning force: newtons times the metres of the lever."));

    private WordList() {
    }
}
