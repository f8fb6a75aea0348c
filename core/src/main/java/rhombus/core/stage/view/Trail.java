package rhombus.core.stage.view;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import rhombus.core.view.Pose;

/** The poses a viewport has been at, one a gesture, {@value #DEPTH} deep, and where in the list it stands. */
public final class Trail {
    /** How many poses are kept. */
    public static final int DEPTH = 200;

    private final List<Pose> poses = new ArrayList<>();
    /** Names each entry for as long as the scene is open, so that a picture of it finds its place. */
    private final List<Integer> names = new ArrayList<>();
    /** What was done to come to each, in words; empty where nobody knows. */
    private final List<String> deeds = new ArrayList<>();

    /** Id of the camera that was looked through, or null. */
    private final List<String> cameras = new ArrayList<>();

    private int index = -1;
    private int named;

    /** The same without words. */
    public boolean add(Pose p) {
        return add(p, "", null);
    }

    /**
     * Adds the pose a gesture ended at; whatever lay ahead is forgotten. The same pose again adds nothing.
     *
     * @param camera id of the camera that is looked through, or null
     */
    public boolean add(Pose p, String deed, String camera) {
        if (index >= 0 && poses.get(index).equals(p) && Objects.equals(cameras.get(index), camera)) {
            return false;
        }
        while (poses.size() > index + 1) {
            poses.remove(poses.size() - 1);
            names.remove(names.size() - 1);
            deeds.remove(deeds.size() - 1);
            cameras.remove(cameras.size() - 1);
        }
        poses.add(p);
        deeds.add(deed);
        cameras.add(camera);
        names.add(++named);
        if (poses.size() > DEPTH) {
            poses.remove(0);
            names.remove(0);
            deeds.remove(0);
            cameras.remove(0);
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

    /** The pose at a place of the list, which is where it stands from now on; null beyond it. */
    public Pose go(int to) {
        if (to < 0 || to >= poses.size()) {
            return null;
        }
        index = to;
        return poses.get(to);
    }

    /** Names of the entries, oldest first; each is given once. */
    public List<Integer> names() {
        return names;
    }

    /** What was done to come to an entry, in words; empty where nobody knows. */
    public String deed(int i) {
        return deeds.get(i);
    }

    /** Id of the camera that an entry looks through, or null. */
    public String camera(int i) {
        return cameras.get(i);
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

    /** Takes over one pose. */
    public void restart(Pose p) {
        restore(List.of(p), List.of("start"), Collections.singletonList(null), 0);
    }

    /** Takes over a stored list. */
    public void restore(List<Pose> stored, List<String> how, List<String> through, int at) {
        poses.clear();
        names.clear();
        deeds.clear();
        cameras.clear();
        for (int i = 0; i < stored.size(); i++) {
            poses.add(stored.get(i));
            deeds.add(how.get(i));
            cameras.add(through.get(i));
            names.add(++named);
        }
        index = Math.max(0, Math.min(poses.size() - 1, at));
    }
}
