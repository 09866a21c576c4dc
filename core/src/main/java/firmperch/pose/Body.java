package firmperch.pose;

import firmperch.frame.Vec3;
import firmperch.rig.Station;

/**
 * A piece with weight.
 *
 * @param station whose piece it is
 * @param mass kg
 * @param centre its centre of mass in the perch's axes, m
 */
public record Body(Station station, String name, double mass, Vec3 centre) {}
