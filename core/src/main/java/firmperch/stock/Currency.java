package firmperch.stock;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * A currency that prices are told in.
 *
 * @param id its code (ISO 4217)
 */
public record Currency(String id) implements Catalogue.Row {
    private static final String CODES = "EUR USD GBP CHF SEK NOK DKK ISK PLN CZK HUF RON TRY UAH CAD AUD NZD JPY CNY INR KRW "
            + "TWD SGD HKD MYR THB IDR PHP VND ZAR NGN KES EGP MAD ILS AED BRL MXN ARS CLP COP";

    /** Those that are offered; another is another code. */
    public static final Catalogue<Currency> ALL = new Catalogue<>("currency", codes());

    private static List<Currency> codes() {
        return Arrays.stream(CODES.split(" ")).map(Currency::new).toList();
    }

    /** The same as the platform knows it. */
    public java.util.Currency known() {
        return java.util.Currency.getInstance(id);
    }

    @Override
    public String label() {
        return known().getDisplayName(Locale.ENGLISH) + " (" + id + ")";
    }

    @Override
    public String source() {
        return "ISO 4217";
    }
}
