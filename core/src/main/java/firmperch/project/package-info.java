/** Everything the user decided, in immutable records: what is saved, undone and handed to the computation. */
package firmperch.project;
