/** What a shop sells and what it is worth: materials, sections, bolts, closures, faces, bags; each row names its source. */
package firmperch.stock;
