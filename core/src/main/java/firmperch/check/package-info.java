/** What is asked of a rig, of what of it, and what it can take: one method a check, in groups by what they are asked of. */
package firmperch.check;
