package rhombus.core.submit;

import static rhombus.core.words.Messages.say;

/**
 * How much detail a view that moves is drawn with: only as little as the time that frames take makes necessary. First triangles get
 * coarser, then the picture gets fewer pixels, then small things become squares, where frames take more than half a second right away; what does not make frames quicker is taken back. At
 * rest everything is drawn in full.
 *
 * <p>It gets coarser at once and finer slowly, and between {@link #QUICK} and {@link #SLOW} it stays as it is, so that nothing
 * flickers between two levels.
 */
public final class DetailEasing {
    /** A frame that takes longer, milliseconds, asks for less detail. */
    public static final double SLOW = 70;
    /** Frames that take less, milliseconds, leave room for more. */
    public static final double QUICK = 38;
    /** A hand that holds still for so long in the middle of a drag, milliseconds, sees the view in full. */
    public static final double REST = 250;

    /** How long frames must be quick before there is more, milliseconds. */
    private static final double CALM = 300;

    /** Frames within which more detail shows what it costs. */
    private static final int SOON = 4;

    private static final double LONGEST_HOLD = 60000;
    /** How much coarser the first picture of a motion is for each doubling of the time that one in full takes. */
    private static final double FIRST = 0.5;

    private static final double FINER = 0.06;
    private static final double COARSER = 0.6;
    /** Frames that are looked at before it is decided whether a kind of easing has helped. */
    private static final int LOOKS = 4;
    /** Two tell enough where each takes longer than this, milliseconds. */
    private static final double LONG = 250;
    /** Frames that take longer, milliseconds, are no motion at all. */
    private static final double HOPELESS = 600;
    /** A kind of easing that leaves more than this part of the time is not worth what it costs to the eye. */
    private static final double WORTH = 0.9;

    private static final double TOLERANCE = 12;
    private static final double LEAST_SCALE = 0.5;
    private static final double SQUARE = 14;

    private static final int TRIANGLES = 0;
    private static final int PIXELS = 1;
    private static final int SQUARES = 2;
    private static final String[] WORDS = {"coarser", say("easing.fewer-pixels"), say("easing.small-things-as-squares")
    };

    /** How much there is of each kind, 0 to 1. */
    private final double[] parts = new double[WORDS.length];

    /** What has been tried in full, whether it has helped or not. */
    private final boolean[] tried = new boolean[WORDS.length];

    private int kind;
    private int looked;
    private double best = Double.POSITIVE_INFINITY;
    private double before = Double.POSITIVE_INFINITY;
    private double last = Double.NaN;
    private double calm;
    private int finerKind;
    private double finerFrom;
    private int sinceFiner = SOON;
    private double until;
    private double hold = 4000;
    private boolean moving;
    /** How long the last picture in full took, milliseconds; not a number where none is known. */
    private double full = Double.NaN;

    /** A picture of a view in full took so long until it was there, milliseconds: the first moving one is eased by that. */
    public void full(double ms) {
        full = ms;
    }

    /** A motion begins: what its first picture would take in full is known from the one at rest. */
    private void expect() {
        boolean eased = parts[TRIANGLES] > 0 || parts[PIXELS] > 0 || parts[SQUARES] > 0;
        if (full > HOPELESS && parts[SQUARES] == 0) {
            atOnce(full);
        } else if (full > SLOW && !eased) {
            parts[TRIANGLES] = Math.min(1, FIRST * Math.log(full / QUICK) / Math.log(2));
            kind = TRIANGLES;
            tried[TRIANGLES] = false;
        }
    }

    /** What takes most of the triangles away comes at once: step by step it would take many seconds. */
    private void atOnce(double took) {
        parts[TRIANGLES] = 1;
        parts[SQUARES] = 1;
        kind = SQUARES;
        tried[TRIANGLES] = true;
        before = took;
        looked = 0;
        best = Double.POSITIVE_INFINITY;
    }

    /**
     * A frame begins.
     *
     * @param timeMs now
     * @param askedMs when what led to it came
     * @param nowMoving whether views move, rather than one that came to rest being drawn in full
     */
    public void frame(double timeMs, double askedMs, boolean nowMoving) {
        // The time between two frames, but for that in which nothing was asked for.
        double took = timeMs - Math.max(last, askedMs);
        boolean measured = moving && nowMoving && took > 0;
        last = timeMs;
        if (nowMoving && !moving) {
            expect();
        }
        moving = nowMoving;
        if (measured) {
            learn(took);
        }
    }

    private void learn(double took) {
        if (took > SLOW && sinceFiner < SOON) {
            // It was too much: back to what was there, and longer until the next try each time.
            parts[finerKind] = finerFrom;
            kind = finerKind;
            sinceFiner = SOON;
            until = last + hold;
            hold = Math.min(LONGEST_HOLD, hold * 2);
            calm = 0;
            return;
        }
        sinceFiner++;
        if (took < QUICK) {
            if (last < until) {
                return;
            }
            calm += took;
            if (calm > CALM) {
                calm = 0;
                finer();
            }
            return;
        }
        calm = 0;
        if (took <= SLOW || kind == WORDS.length) {
            return;
        }
        if (took > HOPELESS && parts[SQUARES] == 0) {
            atOnce(took);
            return;
        }
        if (parts[kind] < 1) {
            double more = Math.min(COARSER, 0.24 * Math.log(took / QUICK) / Math.log(2));
            parts[kind] = Math.min(1, parts[kind] + more);
            looked = 0;
            best = Double.POSITIVE_INFINITY;
        } else {
            decide(took);
        }
    }

    /** Where a kind of easing has gone as far as it goes: takes it back if it has not helped, and goes on to the next. */
    private void decide(double took) {
        best = Math.min(best, took);
        if (++looked < LOOKS && (looked < 2 || took < LONG)) {
            return;
        }
        if (kind > TRIANGLES && best > WORTH * before) {
            parts[kind] = 0;
        } else {
            before = best;
        }
        looked = 0;
        best = Double.POSITIVE_INFINITY;
        tried[kind] = true;
        kind = 0;
        while (kind < WORDS.length && tried[kind]) {
            kind++;
        }
    }

    /** A little more detail, of what was left out last. */
    private void finer() {
        int k = WORDS.length - 1;
        while (k > 0 && parts[k] == 0) {
            k--;
        }
        kind = k;
        tried[k] = false;
        finerKind = k;
        finerFrom = parts[k];
        sinceFiner = 0;
        parts[k] = Math.max(0, parts[k] - FINER);
    }

    /** Whether anything is left out in the frame that is drawn. */
    public boolean active() {
        return moving && (parts[TRIANGLES] > 0 || parts[PIXELS] > 0 || parts[SQUARES] > 0);
    }

    private double part(int which) {
        return moving ? parts[which] : 0;
    }

    /** What of the meshes is left out. */
    public DrawSubmission.Detail detail() {
        double p = part(TRIANGLES);
        return new DrawSubmission.Detail(TOLERANCE * p * p, SQUARE * part(SQUARES), 1 - 0.6 * p);
    }

    /** Pixels that are drawn for each of the picture, along each side. */
    public double scale() {
        return 1 - (1 - LEAST_SCALE) * part(PIXELS);
    }

    /** What is done, in words; empty for nothing. */
    public String words() {
        StringBuilder out = new StringBuilder();
        for (int k = 0; k < WORDS.length; k++) {
            if (part(k) > 0) {
                out.append(out.length() == 0 ? "" : ", ").append(WORDS[k]);
            }
        }
        return out.toString();
    }
}
