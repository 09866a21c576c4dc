package firmperch;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.List;

/** Every class lies in one of these packages and depends on none that comes after its own. */
public final class Layers extends ArchCondition<JavaClass> {
    private final String root;
    private final List<String> order;

    /**
     * Packages in their order.
     *
     * @param order packages below the root, "" for the root itself
     * @param root what their names begin with, and what others' names begin with that are none of these
     */
    public Layers(String root, List<String> order) {
        super("lie in a package of the order and use only those before it");
        this.root = root;
        this.order = order;
    }

    private int place(JavaClass type) {
        String name = type.getPackageName() + ".";
        return name.startsWith(root)
                ? order.indexOf(name.substring(root.length()).replaceFirst("\\.$", ""))
                : -1;
    }

    @Override
    public void check(JavaClass type, ConditionEvents events) {
        int own = place(type);
        if (own < 0) {
            events.add(SimpleConditionEvent.violated(type, type.getPackageName() + " is not in the order"));
        }
        for (Dependency dependency : type.getDirectDependenciesFromSelf()) {
            int other = place(dependency.getTargetClass());
            if (other > own) {
                events.add(SimpleConditionEvent.violated(type, order.get(own) + " uses " + order.get(other) + ": "
                        + dependency.getDescription()));
            }
        }
    }
}
