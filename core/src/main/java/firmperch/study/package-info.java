/** A project built, with everything that is worked out once for it, and the same in a pose. */
package firmperch.study;
