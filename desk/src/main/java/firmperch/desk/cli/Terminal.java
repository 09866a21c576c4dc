package firmperch.desk.cli;

import firmperch.search.Progress;
import java.io.Console;
import java.io.PrintWriter;

/** What may go to a terminal: words, and nothing of a file that would steer it. */
final class Terminal {
    private static final String BACK = "\r\u001b[K";

    private Terminal() {
    }

    /** A line without control characters, and without marks that turn the direction of writing. */
    static String clean(String line) {
        StringBuilder clean = new StringBuilder();
        line.codePoints().filter(c -> c == '\n' || !Character.isISOControl(c) && !turns(c)
                && Character.getType(c) != Character.SURROGATE).forEach(clean::appendCodePoint);
        return clean.toString();
    }

    private static boolean turns(int c) {
        return c >= 0x202A && c <= 0x202E || c >= 0x2066 && c <= 0x2069 || c == 0x200E || c == 0x200F;
    }

    /** Says how far it is where somebody watches; nothing where the output goes into a file or to another program. */
    static Progress progress(PrintWriter err) {
        Console console = System.console();
        if (console == null || !console.isTerminal()) {
            return Progress.NONE;
        }
        long[] last = {System.nanoTime()};
        return (share, what) -> {
            synchronized (last) {
                // What is soon done needs no telling.
                if (System.nanoTime() - last[0] > 700_000_000L) {
                    last[0] = System.nanoTime();
                    err.print(BACK + Math.round(share * 100) + " % · " + clean(what));
                    err.flush();
                }
            }
        };
    }

    /** Takes the progress away again. */
    static void done(PrintWriter err) {
        Console console = System.console();
        if (console != null && console.isTerminal()) {
            err.print(BACK);
            err.flush();
        }
    }
}
