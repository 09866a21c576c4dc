package firmperch.project;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.Currency;
import firmperch.units.Quantity;
import java.text.NumberFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What money is told in, and what need not be bought. The tables' prices are rough, as paid in Europe or North America in euros or dollars (common
 * practice, no source): how much dearer it is elsewhere the maker says.
 *
 * @param level what costs 1 in the tables costs here, before tax
 * @param tax on top of that, as a share of it
 * @param has what is there already
 * @param tools that are there
 */
public record Purse(Currency currency, double level, double tax, List<Owned> has, Tools tools) implements Described {
    /** Things on the list at most. */
    public static final int MOST = 200;
    static final Params<Purse> PARAMS = Params.of(Purse.class).choice("currency", "Money in", Currency.ALL)
            .measure("level", "Price level here", Quantity.NUMBER, 0.01, 100_000)
            .help("What costs 1 euro or dollar in the tables costs so much here.")
            .measure("tax", "Tax on top", Quantity.NUMBER, 0, 1).help("Such as 19 %, if prices are told without it.")
            .many("has", "What is there already", Owned.PARAMS, MOST).orElse(List.of())
            .group("tools", "Tools", Tools.PARAMS).orElse(Tools.ALL).done();
    /** As the tables have it, nothing there yet. */
    public static final Purse PLAIN = new Purse(Currency.ALL.get("EUR"), 1, 0, List.of(), Tools.ALL);

    /** From so much on, parts of a unit are not worth telling of a rough price. */
    private static final double WHOLE = 100;

    public Purse {
        has = List.copyOf(has);
        PARAMS.check(currency, level, tax, has, tools);
    }

    @Override
    public Params<Purse> params() {
        return PARAMS;
    }

    /** What a price of the tables comes to here, tax and all. */
    public double here(double price) {
        return price * level * (1 + tax);
    }

    /** An amount of money, sign and place as is usual where the program runs; large ones without parts of a unit. */
    public String words(double money) {
        NumberFormat format = NumberFormat.getCurrencyInstance(Locale.getDefault(Locale.Category.FORMAT));
        format.setCurrency(currency.known());
        int digits = Math.abs(money) >= WHOLE ? 0 : Math.max(0, currency.known().getDefaultFractionDigits());
        format.setMinimumFractionDigits(digits);
        format.setMaximumFractionDigits(digits);
        return format.format(money);
    }

    /** By how much something is dearer, with its sign: "+€2.50"; empty where that is nothing to speak of. */
    public String more(double money) {
        String words = words(Math.abs(money));
        return words.equals(words(0)) ? "" : (money > 0 ? "+" : "−") + words;
    }

    /** How much of an item is there already. */
    public double has(String item) {
        return has.stream().filter(o -> o.item().equals(item)).mapToDouble(Owned::amount).sum();
    }

    /** With so much of an item; none of it if that is 0. */
    public Purse having(String item, double amount) {
        List<Owned> others = new ArrayList<>(has.stream().filter(o -> !o.item().equals(item)).toList());
        if (amount > 0) {
            others.add(new Owned(item, amount));
        }
        return new Purse(currency, level, tax, others, tools);
    }
}
