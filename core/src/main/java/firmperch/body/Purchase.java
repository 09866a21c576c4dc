package firmperch.body;

/**
 * A thing to buy that weighs next to nothing or is weighed with a piece.
 *
 * @param price of one, rough, units of money
 */
public record Purchase(String item, int count, double price, String use) {}
