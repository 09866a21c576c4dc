/** Quantities as people type and read them; SI (m, kg, N, rad, s) everywhere else. */
package firmperch.units;
