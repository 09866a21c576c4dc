/** What holes, threads and notches leave of a section, and what an end at a pin bears. */
package firmperch.strength;
