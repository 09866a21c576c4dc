package firmperch.stock;

/**
 * A small thing that is bought ready-made and stays in the rig: a bolt, a bracket, a cap.
 *
 * @param item as one asks for it in the shop
 * @param mass of one, kg
 * @param price of one, rough, units of money
 */
public record Fitting(String item, double mass, double price) {}
