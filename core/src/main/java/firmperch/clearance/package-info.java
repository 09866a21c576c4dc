/** How near pieces come to the room and to each other, in a pose and in a whole cell of poses. */
package firmperch.clearance;
