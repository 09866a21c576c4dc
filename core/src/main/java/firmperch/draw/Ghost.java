package firmperch.draw;

import firmperch.study.Situation;

/**
 * Another pose to show faintly beside the set one.
 *
 * @param why what it is the worst pose for, in words
 */
public record Ghost(Situation situation, String why) {}
