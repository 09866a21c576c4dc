package firmperch.stability;

import firmperch.body.Vec3;

/**
 * A foot on the floor.
 *
 * @param pivot floor point under its swivel axis, m
 * @param point floor point it stands on; under the pivot if it swivels freely
 * @param roam radius of the circle around the pivot that the point may lie on, m; 0 if it stays
 * @param stiffness N/m
 * @param rating kg
 */
public record Footing(Vec3 pivot, Vec3 point, double roam, double stiffness, double rating) {}
