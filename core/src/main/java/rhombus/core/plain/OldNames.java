package rhombus.core.plain;

/**
 * Names that kept documents may still hold and that are others now. Keymaps, habits, boards, workspaces and addresses are
 * read through it, so that what somebody has set long ago still holds.
 */
public final class OldNames {
    private static final String CHART = "facet";

    private OldNames() {}

    /** What is called so today; the same name where it has not changed. */
    public static String now(String name) {
        boolean chart = name.equals(CHART)
                || name.startsWith(CHART + "-")
                || name.startsWith(CHART + ".")
                || name.endsWith("." + CHART);
        return chart ? name.replace(CHART, "rose") : name;
    }
}
