/** All kinds of rig computed for what is to be filmed, with what and where: sized, asked and told side by side. */
package firmperch.choose;
