package firmperch.body;

/**
 * A thing to buy that is no part of the rig: used up in the making, as glue is, or kept beside it.
 *
 * @param price of one, rough, units of money
 * @param mass of one that is kept, kg; 0 for what is used up
 */
public record Purchase(String item, int count, double price, String use, double mass) {}
