/** One class a check: what is asked of a part, what it can take, by which formula, and what would cure it. */
package firmperch.check;
