/** What a perch is composed of: head, arm, carriage, upright and base, each saying what it is made of and what it weighs. */
package firmperch.rig;
