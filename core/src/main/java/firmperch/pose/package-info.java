/** A rig put into a pose: where everything is, what hangs where, and the frame that comes of it. */
package firmperch.pose;
