package rhombus.demo;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/** All demo scenes by name, as GLB files. */
public final class DemoScenes {
    /** The first one, which the introduction walks through. */
    public static final String BOATYARD = "Saltmarsh Boatyard";

    private DemoScenes() {}

    /** Name and maker of each scene, in the order in which they are listed. */
    public static Map<String, Supplier<byte[]>> all() {
        Map<String, Supplier<byte[]>> m = new LinkedHashMap<>();
        m.put(BOATYARD, Boatyard::glb);
        m.put("Tidal Orrery", Orrery::glb);
        m.put("Long Pier", LongPier::glb);
        return m;
    }
}
