package firmperch.stock;

/**
 * The cross-section of a straight member. Local axes: x along the member, z up in the plane the member is meant to bend
 * in, y across. Formulas: Young & Budynas, <i>Roark's Formulas for Stress and Strain</i>, tables A.1 and 10.1.
 */
public sealed interface Section {
    /** Area, m². */
    double area();

    /** Second moment of area for bending in the x-z plane, about y, m⁴. */
    double secondMomentY();

    /** Second moment of area for bending in the x-y plane, about z, m⁴. */
    double secondMomentZ();

    /** Torsion constant, m⁴. */
    double torsionConstant();

    /** What a torque is divided by for the greatest shear stress that it makes, m³: J over the greatest distance from the axis. */
    default double torsionModulus() {
        return torsionConstant() / (Math.hypot(depth(), breadth()) / 2);
    }

    /** Elastic section modulus about y, m³. */
    double modulusY();

    /**
     * Share of the area that carries shear: 5/6 of a rectangle, from the energy of the parabola (Reissner 1945); thin tubes
     * by Cowper (1966) with ν = 0.3: 2(1 + ν)/(4 + 3ν) round, 20(1 + ν)/(48 + 39ν) square.
     */
    double shearShare();

    /** Height in z, m. */
    double depth();

    /** Width in y, m. */
    default double breadth() {
        return depth();
    }

    /** True if it bends alike about every axis. */
    default boolean round() {
        return false;
    }

    /** Thickness of its wall, m; the whole breadth where it is solid. */
    double wall();

    /** A solid rectangle: depth in z, breadth in y, m. */
    record Rectangle(double depth, double breadth) implements Section {
        @Override
        public double wall() {
            return breadth;
        }

        @Override
        public double area() {
            return depth * breadth;
        }

        @Override
        public double secondMomentY() {
            return breadth * depth * depth * depth / 12;
        }

        @Override
        public double secondMomentZ() {
            return depth * breadth * breadth * breadth / 12;
        }

        @Override
        public double torsionConstant() {
            double a = Math.max(depth, breadth) / 2;
            double b = Math.min(depth, breadth) / 2;
            return a * b * b * b * (16.0 / 3 - 3.36 * b / a * (1 - Math.pow(b / a, 4) / 12));
        }

        @Override
        public double modulusY() {
            return breadth * depth * depth / 6;
        }

        @Override
        public double shearShare() {
            return 5.0 / 6;
        }
    }

    /** A round tube: outer diameter and wall, m. */
    record RoundTube(double diameter, double wall) implements Section {
        @Override
        public boolean round() {
            return true;
        }

        private double inner() {
            return diameter - 2 * wall;
        }

        @Override
        public double area() {
            return Math.PI / 4 * (diameter * diameter - inner() * inner());
        }

        @Override
        public double secondMomentY() {
            return Math.PI / 64 * (Math.pow(diameter, 4) - Math.pow(inner(), 4));
        }

        @Override
        public double secondMomentZ() {
            return secondMomentY();
        }

        @Override
        public double torsionConstant() {
            return 2 * secondMomentY();
        }

        @Override
        public double modulusY() {
            return secondMomentY() / (diameter / 2);
        }

        @Override
        public double shearShare() {
            return 2.6 / 4.9;
        }

        @Override
        public double depth() {
            return diameter;
        }
    }

    /** A square tube with sharp corners: outer side and wall, m. */
    record SquareTube(double side, double wall) implements Section {
        private double inner() {
            return side - 2 * wall;
        }

        @Override
        public double area() {
            return side * side - inner() * inner();
        }

        @Override
        public double secondMomentY() {
            return (Math.pow(side, 4) - Math.pow(inner(), 4)) / 12;
        }

        @Override
        public double secondMomentZ() {
            return secondMomentY();
        }

        @Override
        public double torsionConstant() {
            return wall * Math.pow(side - wall, 3);
        }

        @Override
        public double modulusY() {
            return secondMomentY() / (side / 2);
        }

        @Override
        public double shearShare() {
            return 26 / 59.7;
        }

        @Override
        public double depth() {
            return side;
        }
    }

    /**
     * A square tube with a slot along the middle of its underside, as a box rail has: outer side, wall and slot, m. What the slot
     * takes away is taken off (Steiner); open as it is, it twists as a strip of its wall's length would (Σ b·t³/3).
     */
    record SlottedTube(double side, double wall, double slot) implements Section {
        private SquareTube whole() {
            return new SquareTube(side, wall);
        }

        private double lost() {
            return slot * wall;
        }

        /** How much higher than half its height its centre lies, m. */
        private double rise() {
            return lost() * (side - wall) / 2 / area();
        }

        @Override
        public double area() {
            return whole().area() - lost();
        }

        @Override
        public double secondMomentY() {
            double r = (side - wall) / 2;
            return whole().secondMomentY() - slot * wall * wall * wall / 12 - lost() * r * r - area() * rise() * rise();
        }

        @Override
        public double secondMomentZ() {
            return whole().secondMomentZ() - wall * slot * slot * slot / 12;
        }

        @Override
        public double torsionConstant() {
            return (4 * (side - wall) - slot) * wall * wall * wall / 3;
        }

        /** {@inheritDoc} Of an open strip J/t. */
        @Override
        public double torsionModulus() {
            return torsionConstant() / wall;
        }

        @Override
        public double modulusY() {
            return secondMomentY() / (side / 2 + rise());
        }

        @Override
        public double shearShare() {
            return whole().shearShare();
        }

        @Override
        public double depth() {
            return side;
        }
    }

    /** Mass of a metre, kg/m. */
    default double lineMass(Material material) {
        return area() * material.density();
    }
}
