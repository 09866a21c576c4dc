/** Parts that carry the camera out. */
package firmperch.part.arm;
