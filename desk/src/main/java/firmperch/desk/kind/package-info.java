/** The step Kind: every kind of rig computed for what is to be filmed, side by side. */
package firmperch.desk.kind;
