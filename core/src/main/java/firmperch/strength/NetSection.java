package firmperch.strength;

import firmperch.stock.Section;

/**
 * A cross-section with a hole straight through it from side to side: what is left of it.
 *
 * @param area m²
 * @param modulusY for bending in the upright plane, m³
 * @param modulusZ for bending sideways, m³
 * @param torsion torsion modulus, m³; the hole left out
 */
public record NetSection(double area, double modulusY, double modulusZ, double torsion) {
    /** The section less a hole of that diameter, m; 0 for none. */
    public static NetSection of(Section section, double hole) {
        double d = section.depth();
        double b = section.breadth();
        double twist = section.torsionModulus();
        if (section instanceof Section.Rectangle) {
            return new NetSection((d - hole) * b, b * (d * d * d - hole * hole * hole) / (6 * d),
                    b * b * (d - hole) / 6,
                    twist);
        }
        // Through two walls, taken out where it weakens most: at the extreme fibre of either plane.
        double wall = section.wall();
        double lost = 2 * hole * wall;
        double reach = d / 2 - wall / 2;
        double y = (section.secondMomentY() - lost * reach * reach) / (d / 2);
        double z = (section.secondMomentZ() - lost * reach * reach) / (b / 2);
        return new NetSection(section.area() - lost, y, z, twist);
    }
}
