/** The place: the room, the bench that is filmed on, and what else stands, hangs or lies there. */
package firmperch.place;
