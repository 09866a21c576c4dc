package firmperch.units;

import java.util.function.Supplier;

/** A value that is computed when it is first asked for, and only once, whichever thread asks. */
public final class Lazy<T> {
    /** Nothing once the value is there; told last, so that whoever sees nothing here sees the value. */
    private volatile Supplier<T> source;
    private T value;

    /** @param source works it out */
    public Lazy(Supplier<T> source) {
        this.source = source;
    }

    /** The value. */
    public T get() {
        return source == null ? value : found();
    }

    private synchronized T found() {
        if (source != null) {
            value = source.get();
            source = null;
        }
        return value;
    }
}
