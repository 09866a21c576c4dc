package firmperch.make;

/**
 * A thing to buy.
 *
 * @param count how many
 * @param use what it is for
 * @param mass of all of them in the rig, kg; 0 for what is used up or kept beside it
 */
public record HardwareItem(String item, int count, String use, double mass) {}
