/** Quantities as people type and read them; SI (m, kg, N, rad, s) everywhere else. And what every package may use. */
package firmperch.units;
