package rhombus.core.navigate;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import rhombus.core.geometry.Vec3;

/**
 * Chooses what orbit turns about: the first rung in the user's order that yields a point. Since one order decides, no
 * two settings can fight.
 */
public final class PivotLadder {
    /** The order used until the user sets another. */
    public static final List<PivotRung> DEFAULT = List.copyOf(Arrays.asList(PivotRung.values()));

    /** Orders to start from, by their ids. */
    public static final Map<String, List<PivotRung>> PRESETS = presets();

    private PivotLadder() {}

    /** An order to start from, or null; keymaps from before may have its English words in place of its id. */
    public static List<PivotRung> preset(String id) {
        return PRESETS.get(id.replace(' ', '-'));
    }

    /** What an order to start from is called. */
    public static String words(String preset) {
        return say("pivot-ladder." + preset);
    }

    private static Map<String, List<PivotRung>> presets() {
        Map<String, List<PivotRung>> m = new LinkedHashMap<>();
        m.put("under-my-pointer", DEFAULT);
        m.put(
                "my-selection",
                List.of(
                        PivotRung.PINNED,
                        PivotRung.COMPONENTS,
                        PivotRung.SELECTION,
                        PivotRung.SURFACE,
                        PivotRung.LAST,
                        PivotRung.FOCUS,
                        PivotRung.SCENE,
                        PivotRung.ORIGIN));
        m.put(
                "stay-put",
                List.of(PivotRung.PINNED, PivotRung.LAST, PivotRung.FOCUS, PivotRung.SCENE, PivotRung.ORIGIN));
        m.put("the-world", List.of(PivotRung.ORIGIN));
        return m;
    }

    /** The order that a text of ids with commas between means; what is unknown or said twice is passed over. */
    public static List<PivotRung> order(String text) {
        List<PivotRung> out = new ArrayList<>();
        int from = 0;
        for (int at = 0; at <= text.length(); at++) {
            if (at == text.length() || text.charAt(at) == ',') {
                PivotRung r = PivotRung.named(text.substring(from, at));
                if (r != null && !out.contains(r)) {
                    out.add(r);
                }
                from = at + 1;
            }
        }
        return List.copyOf(out);
    }

    /** An order as text. */
    public static String text(List<PivotRung> order) {
        StringBuilder s = new StringBuilder();
        for (PivotRung r : order) {
            s.append(s.isEmpty() ? "" : ",").append(r.id());
        }
        return s.toString();
    }

    /**
     * What a rung has to offer.
     *
     * @param point the point, or null where the rung yields nothing
     * @param words what the point is on, or why there is none; completes a sentence
     */
    public record Offer(Vec3 point, String words) {
        /** A point on something. */
        public static Offer of(Vec3 point, String on) {
            return new Offer(point, on);
        }

        /** No point, and why. */
        public static Offer none(String why) {
            return new Offer(null, why);
        }
    }

    /**
     * What was chosen.
     *
     * @param point to turn about
     * @param rung that yielded it
     * @param reason one or two sentences: rung, on what, how far, and why the rungs above yielded nothing
     */
    public record Choice(Vec3 point, PivotRung rung, String reason) {}

    /** Climbs down the ladder; the world's origin ends every order. */
    public static Choice choose(List<PivotRung> order, Vec3 eye, Function<PivotRung, Offer> offers) {
        List<String> silent = new ArrayList<>();
        for (PivotRung rung : order) {
            Offer o = offers.apply(rung);
            if (o.point() != null) {
                return new Choice(o.point(), rung, sentence(rung, o, eye, silent));
            }
            silent.add(o.words());
        }
        return new Choice(
                Vec3.ZERO, PivotRung.ORIGIN, sentence(PivotRung.ORIGIN, Offer.of(Vec3.ZERO, ""), eye, silent));
    }

    private static String sentence(PivotRung rung, Offer o, Vec3 eye, List<String> silent) {
        String far = NumberText.words(eye.distance(o.point()));
        StringBuilder s = new StringBuilder(
                o.words().isEmpty()
                        ? say("pivot-ladder.the", rung.words(), far)
                        : say("pivot-ladder.the-named", rung.words(), o.words(), far));
        for (String why : silent) {
            s.append(' ').append(why);
        }
        return s.toString();
    }
}
