/** The space frame: nodes, members, springs and masses, solved by the direct stiffness method. */
package firmperch.frame;
