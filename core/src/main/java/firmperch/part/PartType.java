package firmperch.part;

import firmperch.param.Params;

/**
 * A part that can be chosen.
 *
 * @param id in files; never changes
 * @param label on the screen
 * @param params what describes its values
 */
public record PartType<P extends Record & Part>(String id, String label, Params<P> params) {}
