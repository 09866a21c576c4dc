/** Parts that stand on the floor or the bench. */
package firmperch.part.base;
