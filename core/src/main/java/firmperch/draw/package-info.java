/** The drawing, once, as shapes in metres: the desk paints it on the screen, the build pack on paper. */
package firmperch.draw;
