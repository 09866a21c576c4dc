/** The JavaFX application and its command line. Views read assessments and send edits; they compute no check. */
package firmperch.desk;

import firmperch.desk.frame.Views;
