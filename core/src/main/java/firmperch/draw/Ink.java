package firmperch.draw;

/** What a shape stands for; painters choose its colour and line from that. */
public enum Ink {
    GRID, ROOM, WALKWAY, BENCH, WORK, WANTED, SIGHT, SIGHT_EDGE, WHEEL, BOARD, BOX, CONCRETE, POST, HOLE, CARRIAGE, STICK, PLATE, PIVOT, HEAD, CAMERA, LENS, GHOST, SUPPORT, SWING, BALANCE, LEAN_GOOD, LEAN_SHORT, LIMIT, DIMENSION, HINT
}
