package firmperch.study;

import java.util.function.Supplier;

/** Something worked out when it is first asked for, and once only, whoever asks. */
final class Lazy<T> {
    private Supplier<T> source;
    private T value;

    Lazy(Supplier<T> source) {
        this.source = source;
    }

    synchronized T get() {
        if (source != null) {
            value = source.get();
            source = null;
        }
        return value;
    }
}
