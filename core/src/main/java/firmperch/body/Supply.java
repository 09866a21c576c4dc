package firmperch.body;

/** How a piece is come by. */
public sealed interface Supply {
    /**
     * Cut from a bar or a sheet.
     *
     * @param pricePerMetre of the bar it is cut from, units of money; 0 where the material's price by volume counts
     * @param note what else is to be done to it; empty if nothing
     * @param grain which way it is to be laid on wood or on a panel
     * @param whole true if it is cut without what its outline leaves out inside: that is taken out when it is joined to others, as
     *     the note says
     */
    record Cut(double pricePerMetre, String note, Grain grain, boolean whole) implements Supply {
        /** Cut as it is drawn, with the grain along its length, as most pieces are. */
        public Cut(double pricePerMetre, String note) {
            this(pricePerMetre, note, Grain.LENGTHWISE, false);
        }

        /** Cut whole at first, with the grain along its length. */
        public static Cut whole(String note) {
            return new Cut(0, note, Grain.LENGTHWISE, true);
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
     * @param ballast true if it is there to weigh: a bag, a slab, washers at a tail
     */
    record Ready(String item, int count, double price, String use, boolean ballast) implements Supply {
        /** One of it. */
        public Ready(String item, double price, String use) {
            this(item, 1, price, use, false);
        }

        /** The same, there to weigh. */
        public Ready weighing() {
            return new Ready(item, count, price, use, true);
        }
    }

    /** There already: gear, or room that something takes up. */
    record Owned() implements Supply {}
}
