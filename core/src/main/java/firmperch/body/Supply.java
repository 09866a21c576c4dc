package firmperch.body;

/** How a piece is come by. */
public sealed interface Supply {
    /**
     * Cut from a bar or a sheet.
     *
     * @param pricePerMetre of the bar it is cut from, units of money; 0 where the material's price by volume counts
     * @param note what else is to be done to it; empty if nothing
     * @param grain which way it is to be laid on wood or on a panel
     */
    record Cut(double pricePerMetre, String note, Grain grain) implements Supply {
        /** With the grain along its length, as most pieces are. */
        public Cut(double pricePerMetre, String note) {
            this(pricePerMetre, note, Grain.LENGTHWISE);
        }
    }

    /** Poured in place. */
    record Poured() implements Supply {}

    /**
     * Bought ready-made.
     *
     * @param item as one asks for it in the shop
     * @param count how many of it the piece stands for
     * @param price of one, rough, units of money
     * @param use what it is for
     */
    record Ready(String item, int count, double price, String use) implements Supply {
        /** One of it. */
        public Ready(String item, double price, String use) {
            this(item, 1, price, use);
        }
    }

    /** There already: gear, or room that something takes up. */
    record Owned() implements Supply {}
}
