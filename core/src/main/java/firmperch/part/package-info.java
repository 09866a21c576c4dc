/**
 * The parts that rigs are composed of: one file a part, the only place that knows its geometry. To add one, write its
 * record and its row in {@link firmperch.part.StandardParts}; nothing else names it.
 */
package firmperch.part;
