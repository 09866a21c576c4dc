/** Parts that hang from rails or from the ceiling. */
package firmperch.part.overhead;
