package rhombus.core.stage.view;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.plain.PlainData;

/** What was run last from the list of all commands, the newest first. */
public final class RecentCommands {
    private static final int MOST = 12;

    private final List<String> keys = new ArrayList<>();

    /** Something was run. */
    public void ran(String key) {
        keys.remove(key);
        keys.add(0, key);
        if (keys.size() > MOST) {
            keys.remove(MOST);
        }
    }

    /** Its place, 0 for the newest, or -1. */
    public int place(String key) {
        return keys.indexOf(key);
    }

    /** What is kept. */
    public List<Object> toPlain() {
        return keys.isEmpty() ? null : new ArrayList<>(keys);
    }

    /** Takes over what was kept. */
    public void read(Object plain) {
        keys.clear();
        for (Object o : PlainData.list(plain)) {
            if (o instanceof String s && keys.size() < MOST && !keys.contains(s)) {
                keys.add(s);
            }
        }
    }
}
