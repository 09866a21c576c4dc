package firmperch.desk;

import java.lang.foreign.FunctionDescriptor;
import java.lang.foreign.Linker;
import java.lang.foreign.MemorySegment;
import java.lang.foreign.ValueLayout;
import java.lang.invoke.MethodHandle;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.List;

/**
 * Puts another program in the place of this process, as execve of POSIX.1-2017 does: the same number, so that signals reach it; the
 * same descriptors; no second process that waits. Making it ready takes a tenth of a second in a Java that has just started, so that it is
 * a thread: {@link #start} it ahead.
 */
final class Exec extends Thread {
    private MethodHandle execve;

    @Override
    public void run() {
        try {
            Linker linker = Linker.nativeLinker();
            // Addresses as numbers: what the library has for pointers takes another twentieth of a second to load.
            execve = linker.downcallHandle(linker.defaultLookup().findOrThrow("execve"), FunctionDescriptor
                    .of(ValueLayout.JAVA_INT, ValueLayout.JAVA_LONG, ValueLayout.JAVA_LONG, ValueLayout.JAVA_LONG));
        } catch (RuntimeException | Error e) {
            // A system that has none, or one that allows no native calls: the program runs another way.
            execve = null;
        }
    }

    /**
     * Does not come back where it can be done. Call {@link #start} before.
     *
     * @param command the program's path and what it is told; in each string a character is a byte
     * @param environment likewise, "name=value"
     */
    void replace(List<String> command, List<String> environment) {
        try {
            join();
            if (execve != null && ValueLayout.ADDRESS.byteSize() == Long.BYTES) {
                ByteBuffer words = array(command);
                ByteBuffer values = array(environment);
                int failed = (int) execve.invokeExact(words.getLong(0), address(words), address(values));
                throw new IllegalStateException("execve came back with " + failed);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (Throwable e) {
            System.getLogger(Exec.class.getName()).log(System.Logger.Level.WARNING, "it runs another way", e);
        }
    }

    private static long address(ByteBuffer direct) {
        return MemorySegment.ofBuffer(direct).address();
    }

    /** The addresses of the strings, nought after the last, and behind them the strings themselves, each with a nought. */
    private static ByteBuffer array(List<String> strings) {
        int addresses = (strings.size() + 1) * Long.BYTES;
        int size = addresses;
        for (String string : strings) {
            size += string.length() + 1;
        }
        ByteBuffer array = ByteBuffer.allocateDirect(size).order(ByteOrder.nativeOrder());
        long at = address(array) + addresses;
        for (int i = 0; i < strings.size(); i++) {
            byte[] bytes = strings.get(i).getBytes(StandardCharsets.ISO_8859_1);
            array.putLong(i * Long.BYTES, at);
            array.put((int) (at - address(array)), bytes);
            at += bytes.length + 1;
        }
        return array;
    }
}
