/**
 * What a rig is made of, told once: solids, pieces, bodies, joints, fastenings, contacts, ties, ports, stations, and the
 * assembly that they make. Lengths in m, masses in kg, angles in rad; z up.
 */
package firmperch.body;
