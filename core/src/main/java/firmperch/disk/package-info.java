/** Files that are always whole, and what can go wrong with a disk, in words. */
package firmperch.disk;
