/** Looking through poses and changes: the worst pose of every check, the cures, the ballast; and the assessment of it all. */
package firmperch.search;
