package firmperch.strength;

import firmperch.body.Vec3;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.strength.SumOfSizes.Term;

/**
 * How much of its strength a section uses under forces of which a hand makes a part: N, Vy, Vz, Mx, My, Mz by their numbers 0 to 5. Wood by
 * linear interaction (EN 1995-1-1 6.2.3) and by shear on its own, metals by von Mises.
 *
 * @param direct what pulls and bends, as shares of the strength
 * @param shear what shears and twists, as shares of the strength
 * @param mises true where both count together
 */
public record SectionStrength(SumOfSizes direct, SumOfSizes shear, boolean mises) {
    /** Of a section with a hole straight through it of that diameter, m; 0 for none. */
    public static SectionStrength of(Section section, double hole, Material material) {
        NetSection net = NetSection.of(section, hole);
        // A round bar bends about whichever axis: its moment counts, not what it is about two axes.
        boolean round = section.round() && hole == 0;
        boolean metal = material.family() == Material.Family.METAL;
        double pull = 1 / (metal ? material.allowedBending() : material.allowedTension()) / net.area();
        double bend = 1 / material.allowedBending();
        double cut = metal ? bend : 1 / material.allowedShearing();
        return new SectionStrength(round
                ? SumOfSizes.of(new Term(pull, 0), new Term(bend / net.modulusY(), 4, 5))
                : SumOfSizes.of(new Term(pull, 0), new Term(bend / net.modulusY(), 4),
                        new Term(bend / net.modulusZ(), 5)),
                SumOfSizes.of(new Term(1.5 * cut / net.area(), 1, 2), new Term(cut / net.torsion(), 3)), metal);
    }

    /** It uses no more than this share. Quick. */
    public double atMost(HandledForces f) {
        return mises
                ? Vec3.across(f.noMoreThan(direct), Math.sqrt(3) * f.noMoreThan(shear))
                : Math.max(f.noMoreThan(direct), f.noMoreThan(shear));
    }

    /** The largest share that it uses, over all directions of the hand. */
    public double used(HandledForces f) {
        if (mises) {
            return f.most(direct, shear);
        }
        double used = f.most(direct);
        return f.noMoreThan(shear) > used ? Math.max(used, f.most(shear)) : used;
    }
}
