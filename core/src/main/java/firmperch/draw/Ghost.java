package firmperch.draw;

import firmperch.study.Situation;

/**
 * Another pose to show faintly beside the set one.
 *
 * @param why what it is the worst pose for, in words
 * @param ink of it: {@link Ink#GHOST} where something is short or near there, {@link Ink#OTHER} where all is well
 */
public record Ghost(Situation situation, String why, Ink ink) {}
