package firmperch.desk;

import java.lang.reflect.InvocationTargetException;

/**
 * Where the jar starts. Any Java from 8 on can run this class, which is compiled for that: one that is too old to run the program says
 * so in words instead of "class file version".
 */
public final class First {
    private static final int NEEDED = 25;
    private static final int FAILED = 3;

    private First() {
    }

    /** Starts the program if this Java can. */
    public static void main(String[] arguments) throws ReflectiveOperationException {
        int found = number(System.getProperty("java.specification.version"));
        if (found < NEEDED) {
            System.err.println(tooOld(System.getProperty("java.version"), System.getProperty("java.home")));
            System.exit(FAILED);
        }
        // The platform's plain way to call by reflection starts sooner than code spun for the purpose (JEP 416). Where it is read, it is
        // read once, so that it is set before the first call.
        System.setProperty("jdk.reflect.useNativeAccessorOnly", "true");
        try {
            Class.forName("firmperch.desk.Main").getMethod("main", String[].class).invoke(null, (Object) arguments);
        } catch (InvocationTargetException e) {
            // Main tells of what goes wrong in it: this is what ends the thread after that.
            throw new IllegalStateException(e.getCause());
        }
    }

    /** What is said where Java is too old. */
    static String tooOld(String version, String home) {
        return "Firm Perch needs Java " + NEEDED + " or newer; this is Java " + version + " in " + home + ".\n"
                + "Start it with a newer one, or use the image that brings its own: mvn -Pimage leaves it in"
                + " desk/target/image/firm-perch.";
    }

    /** 8 of "1.8", 17 of "17". */
    static int number(String specification) {
        String plain = specification.startsWith("1.") ? specification.substring(2) : specification;
        return Integer.parseInt(plain);
    }
}
