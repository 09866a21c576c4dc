package firmperch.draw;

/** What a shape stands for; painters choose its colour and line from that. */
public enum Ink {
    GRID, ROOM, WALKWAY, BENCH, WORK, WANTED, SIGHT, SIGHT_EDGE, WHEEL, CONCRETE, POST, HOLE, STICK, PLATE, DARK, GHOST, SUPPORT, SWING, BALANCE, TIE, LEAN_GOOD, LEAN_SHORT, LIMIT, DIMENSION, HINT, FLOOR, HAND, PERSON, THING, OVERHEAD, JOIST, CHOSEN, SHADOW, REACHED
}
