package rhombus.core.stage;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.view.Pose;

/** The poses a viewport has been at, one a gesture, {@value #DEPTH} deep, and where in the list it stands. */
public final class Trail {
    /** How many poses are kept. */
    public static final int DEPTH = 200;

    private final List<Pose> poses = new ArrayList<>();
    private int index = -1;

    /** Adds the pose a gesture ended at; whatever lay ahead is forgotten. The same pose again adds nothing. */
    public boolean add(Pose p) {
        if (index >= 0 && poses.get(index).equals(p)) {
            return false;
        }
        while (poses.size() > index + 1) {
            poses.remove(poses.size() - 1);
        }
        poses.add(p);
        if (poses.size() > DEPTH) {
            poses.remove(0);
        }
        index = poses.size() - 1;
        return true;
    }

    /** The pose before, or null at the start. */
    public Pose back() {
        return index > 0 ? poses.get(--index) : null;
    }

    /** The next pose, or null at the end. */
    public Pose forward() {
        return index + 1 < poses.size() ? poses.get(++index) : null;
    }

    /** Place in the list, from 0. */
    public int index() {
        return index;
    }

    /** Number of poses. */
    public int length() {
        return poses.size();
    }

    /** All poses, oldest first. */
    public List<Pose> poses() {
        return poses;
    }

    /** Takes over a stored list. */
    void restore(List<Pose> stored, int at) {
        poses.clear();
        poses.addAll(stored);
        index = Math.max(0, Math.min(poses.size() - 1, at));
    }
}
