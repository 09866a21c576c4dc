package firmperch.study;

import java.util.function.Supplier;

/** A value that is computed when it is first asked for, and only once, whichever thread asks. */
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
