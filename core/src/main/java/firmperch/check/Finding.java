package firmperch.check;

import firmperch.body.Station;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.List;
import java.util.Locale;

/**
 * The answer of a check for one subject.
 *
 * @param reading in the pose that counts
 * @param left what is left over beyond what is wanted, reserve included: see {@link Reading#left}
 * @param pose that pose: the worst one, or the one that is set
 * @param setUp number of the set-up whose pose it is; {@link #NO_SETUP} for the worst of all poses, or if none matters
 * @param search how the worst pose was found; null while only the set pose has been looked at
 * @param cures what would better it, each re-run; empty until they have been sought, and where none was found
 * @param sought true once cures have been sought
 */
public record Finding(Question<?> question, Reading reading, double left, Verdict verdict, Pose pose, int setUp,
        Search search, List<Cure> cures, boolean sought) {
    /** Where the answer is not that of a set-up. */
    public static final int NO_SETUP = -1;
    /** From this factor on it is not told apart how many times: the last that is shown as ×9.9 is below it. */
    private static final double MANY = 9.95;

    /** Shown when cures were sought and none was found. */
    public static final String NONE_FOUND = "No value that may be changed, one or two together, betters this: it takes another part, "
            + "another kind or another place.";

    /** A finding whose cures have not been sought. */
    private Finding(Question<?> question, Reading reading, double left, Verdict verdict, Pose pose, int setUp,
            Search search) {
        this(question, reading, left, verdict, pose, setUp, search, List.of(), false);
    }

    /**
     * One whose cures have not been sought.
     *
     * @param reserve true if a reserve is wanted
     * @param near what counts as one, as a factor from 1 up
     */
    public static Finding of(Question<?> question, Reading reading, boolean reserve, double near, Pose pose, int setUp,
            Search search) {
        return new Finding(question, reading, reading.left(reserve, near), reading.verdict(reserve, near), pose, setUp,
                search);
    }

    /**
     * How certain the worst pose is.
     *
     * @param poses how many were looked at
     * @param bound share by which a pose in between can be worse at most
     * @param proven true if that follows from lengths and masses, false if from the steepest change seen
     */
    public record Search(int poses, double bound, boolean proven) {}

    /**
     * A change that was tried.
     *
     * @param what in words
     * @param price in words
     * @param cost of it, for ordering: the cheapest first
     * @param left over of this check with it
     * @param verdict of this check with it
     * @param worsens what else the change makes short, in words, the gravest first; empty if nothing
     * @param givesUp true if it gives up part of what was wished for
     * @param moves true if the change is one of stance or joints, false if it leaves them where they are
     * @param changed the project with the change
     */
    public record Cure(String what, String price, double cost, double left, Verdict verdict, List<String> worsens,
            boolean givesUp, boolean moves, Project changed) {
        /** The same in a project that is called otherwise. */
        Cure called(String name, String studio) {
            return new Cure(what, price, cost, left, verdict, worsens, givesUp, moves, changed.called(name, studio));
        }

        /** In words, with what it gives up. */
        public String told() {
            return givesUp ? what + " (gives up part of what you asked)" : what;
        }
    }

    public About about() {
        return question.about();
    }

    /** In files: "friction@arm.lift". */
    public String id() {
        return question.id();
    }

    /** Where on the load path it belongs; null for the place. */
    public Station station() {
        return question.station();
    }

    /** What is wrong where it is short, in words and figures. */
    public String says() {
        return reading.said() != null
                ? reading.said().get()
                : question.weakness() + (margin() > 0
                        ? String.format(Locale.ROOT, ": it takes %.0f %% of what it should",
                                Math.floor(margin() * 100 + 1e-6))
                        : ": it takes nothing");
    }

    /** Available over asked. */
    public double margin() {
        return reading.margin();
    }

    /** What is asked and what is there, in words: "needs 440, has 442 mm", "3.7 of 4 mm"; empty where it is a matter of yes or no. */
    public String figures(UnitSystem units) {
        if (about().unit() == Quantity.COUNT) {
            return "";
        }
        String asked = about().unit().bare(reading.asked(), units);
        String there = about().unit().show(reading.available(), units);
        return about().most() ? asked + " of " + there : "needs " + asked + ", has " + there;
    }

    /** What is left over as shown: "×1.2", or "×9+" where there is plenty. */
    public String leftText() {
        return text(left);
    }

    /** Formats a factor of what is wanted. One below 1 is never rounded up to 1. */
    public static String text(double margin) {
        if (margin >= MANY) {
            return "×9+";
        }
        boolean fine = margin < 1;
        double shown = fine ? Math.floor(margin * 100 + 1e-6) / 100 : Math.floor(margin * 10 + 1e-6) / 10;
        return String.format(Locale.ROOT, fine ? "×%.2f" : "×%.1f", shown);
    }

    /** Two margins with enough digits to tell them apart: "1.03 → 1.18". */
    public static String change(double before, double after) {
        if (Math.min(before, after) >= MANY) {
            return "×9+";
        }
        String from = String.format(Locale.ROOT, "%.2f", Math.floor(before * 100 + 1e-6) / 100);
        String to = after >= MANY ? "9+" : String.format(Locale.ROOT, "%.2f", Math.floor(after * 100 + 1e-6) / 100);
        return from + " → " + to;
    }

    /** How certain the worst pose is, in words; empty if the answer does not depend on the pose. */
    public String sureness() {
        if (search == null) {
            return "";
        }
        if (Double.isNaN(search.bound)) {
            return "sampled";
        }
        if (search.bound <= 0.0105) {
            return String.format(Locale.ROOT, "proven to %.1f %%", Math.max(0.1, search.bound * 100));
        }
        if (!search.proven && search.bound > 1) {
            return "sampled: a proof was given up";
        }
        double least = 1 / (reading.used() * (1 + search.bound));
        return search.proven
                ? "proven to be " + (least < MANY ? text(least) + " or more" : "over ×9")
                : String.format(Locale.ROOT, "not proven: in between it may be %.0f %% worse", search.bound * 100);
    }

    /** The name of the set-up whose answer it is; empty where that goes without saying. */
    public String in(Project project) {
        return setUp == NO_SETUP || project.setUps().size() == 1 ? "" : project.setUps().get(setUp).name();
    }

    /** The same finding in a project that is called otherwise. */
    public Finding called(String name, String studio) {
        return new Finding(question, reading, left, verdict, pose, setUp, search,
                cures.stream().map(cure -> cure.called(name, studio)).toList(), sought);
    }

    /** The same finding with its cures. */
    public Finding with(List<Cure> found) {
        return new Finding(question, reading, left, verdict, pose, setUp, search, found, true);
    }
}
