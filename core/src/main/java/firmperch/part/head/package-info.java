/** Parts that hold the camera. */
package firmperch.part.head;
