package rhombus.core.stage.view;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** What has changed since it was last asked. Adding to it allocates nothing: it is done with every event. */
public final class ChangeLog {
    /** Viewports of a board at most. */
    private static final int MOST_VIEWS = 64;

    private static final ChangeTopic[] TOPICS = ChangeTopic.values();

    private final boolean[] topics = new boolean[TOPICS.length];
    private final boolean[] views = new boolean[MOST_VIEWS];
    private boolean any;
    private boolean marked;
    private final Set<Integer> moved = new TreeSet<>();
    private final List<Notice> notices = new ArrayList<>();
    /** Viewports about which something was told that may still be read. */
    private final Set<String> said = new HashSet<>();

    private final List<PageRequest> application = new ArrayList<>();

    /** Something has changed. */
    public void add(ChangeTopic a) {
        topics[a.ordinal()] = true;
        any = true;
    }

    /** Both have changed. */
    public void add(ChangeTopic a, ChangeTopic b) {
        add(a);
        add(b);
    }

    /** All three have changed. */
    public void add(ChangeTopic a, ChangeTopic b, ChangeTopic c) {
        add(a);
        add(b);
        add(c);
    }

    /** A viewport must be drawn again. */
    public void view(int number) {
        views[number] = true;
        add(ChangeTopic.READOUT);
    }

    /** Every viewport must be drawn again. */
    public void views() {
        Arrays.fill(views, true);
        add(ChangeTopic.READOUT);
    }

    /** All that is shown has changed, and nothing that is kept. */
    public void everything() {
        for (ChangeTopic t : TOPICS) {
            if (!t.keeps()) {
                add(t);
            }
        }
        views();
    }

    /** What lies over every viewport has changed, and nothing of what is drawn in it. */
    public void marks() {
        marked = true;
        add(ChangeTopic.READOUT);
    }

    /** Objects have moved. */
    public void moved(Set<Integer> nodes) {
        moved.addAll(nodes);
        add(ChangeTopic.SCENE);
        views();
    }

    /** Tells the user something, with an optional command to follow it up. */
    public void notice(String text, String label, String command) {
        notices.add(new Notice(text, label, command, Map.of(), null));
        add(ChangeTopic.NOTICE);
    }

    /** Tells the user something about a viewport, with a command on it that says what it leads to, however often it is given. */
    public void notice(String viewId, String text, String label, String command, Map<String, Object> args) {
        notices.add(new Notice(text, label, command, args, viewId));
        said.add(viewId);
        add(ChangeTopic.NOTICE);
    }

    /** What the user was told about a viewport is not true any more. */
    public void unsay(String viewId) {
        if (!said.remove(viewId)) {
            return;
        }
        notices.add(new Notice("", null, null, Map.of(), viewId));
        add(ChangeTopic.NOTICE);
    }

    /** Asks the page to do something. */
    public void application(String command, Map<String, Object> args) {
        application.add(new PageRequest(command, args));
        add(ChangeTopic.APPLICATION);
    }

    /**
     * What has changed so far, or null for nothing; it starts again from nothing.
     *
     * @param viewCount how many viewports there are now
     */
    public StageChanges take(int viewCount) {
        if (!any) {
            return null;
        }
        List<Integer> drawn = new ArrayList<>();
        for (int i = 0; i < viewCount; i++) {
            if (views[i]) {
                drawn.add(i);
            }
        }
        List<ChangeTopic> told = new ArrayList<>();
        for (ChangeTopic t : TOPICS) {
            if (topics[t.ordinal()]) {
                told.add(t);
            }
        }
        Arrays.fill(views, false);
        Arrays.fill(topics, false);
        any = false;
        boolean over = marked;
        marked = false;
        return new StageChanges(drawn, over, told);
    }

    /** Numbers of the nodes that moved. */
    public int[] takeMoved() {
        int[] out = moved.stream().mapToInt(Integer::intValue).toArray();
        moved.clear();
        return out;
    }

    /** What the user is told. */
    public List<Notice> takeNotices() {
        List<Notice> l = List.copyOf(notices);
        notices.clear();
        return l;
    }

    /** What the page is asked to do. */
    public List<PageRequest> takeApplication() {
        List<PageRequest> l = List.copyOf(application);
        application.clear();
        return l;
    }
}
