/** Parts of a frame that spans the work. */
package firmperch.part.portal;
