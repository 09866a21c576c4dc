package firmperch.stock;

/** What a thing looks like; painters choose colours from that. */
public enum Look {
    WOOD, PANEL, METAL, CONCRETE, DARK, WHEEL
}
