/**
 * What a part of a rig is, and how parts are put together. The parts themselves stand in the packages below this one, by
 * role, one file each; those files are the only place that knows their geometry. To add one, write its record and its row
 * in a {@link firmperch.part.PartLibrary}; nothing else names it.
 */
package firmperch.part;
