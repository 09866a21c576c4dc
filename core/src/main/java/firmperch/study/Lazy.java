package firmperch.study;

import java.util.function.Supplier;

/** A value that is computed when it is first asked for, and only once, whichever thread asks. */
public final class Lazy<T> {
    private Supplier<T> source;
    private T value;

    /** @param source works it out */
    public Lazy(Supplier<T> source) {
        this.source = source;
    }

    /** The value. */
    public synchronized T get() {
        if (source != null) {
            value = source.get();
            source = null;
        }
        return value;
    }
}
