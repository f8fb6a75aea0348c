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
    public static final List<Rung> DEFAULT = List.copyOf(Arrays.asList(Rung.values()));

    /** Orders to start from, by their ids. */
    public static final Map<String, List<Rung>> PRESETS = presets();

    private PivotLadder() {}

    /** An order to start from, or null; keymaps from before may have its English words in place of its id. */
    public static List<Rung> preset(String id) {
        return PRESETS.get(id.replace(' ', '-'));
    }

    /** What an order to start from is called. */
    public static String words(String preset) {
        return say("pivot-ladder." + preset);
    }

    private static Map<String, List<Rung>> presets() {
        Map<String, List<Rung>> m = new LinkedHashMap<>();
        m.put("under-my-pointer", DEFAULT);
        m.put(
                "my-selection",
                List.of(
                        Rung.PINNED,
                        Rung.COMPONENTS,
                        Rung.SELECTION,
                        Rung.SURFACE,
                        Rung.LAST,
                        Rung.FOCUS,
                        Rung.SCENE,
                        Rung.ORIGIN));
        m.put("stay-put", List.of(Rung.PINNED, Rung.LAST, Rung.FOCUS, Rung.SCENE, Rung.ORIGIN));
        m.put("the-world", List.of(Rung.ORIGIN));
        return m;
    }

    /** The order that a text of ids with commas between means; what is unknown or said twice is passed over. */
    public static List<Rung> order(String text) {
        List<Rung> out = new ArrayList<>();
        int from = 0;
        for (int at = 0; at <= text.length(); at++) {
            if (at == text.length() || text.charAt(at) == ',') {
                Rung r = Rung.named(text.substring(from, at));
                if (r != null && !out.contains(r)) {
                    out.add(r);
                }
                from = at + 1;
            }
        }
        return List.copyOf(out);
    }

    /** An order as text. */
    public static String text(List<Rung> order) {
        StringBuilder s = new StringBuilder();
        for (Rung r : order) {
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
    public record Choice(Vec3 point, Rung rung, String reason) {}

    /** Climbs down the ladder; the world's origin ends every order. */
    public static Choice choose(List<Rung> order, Vec3 eye, Function<Rung, Offer> offers) {
        List<String> silent = new ArrayList<>();
        for (Rung rung : order) {
            Offer o = offers.apply(rung);
            if (o.point() != null) {
                return new Choice(o.point(), rung, sentence(rung, o, eye, silent));
            }
            silent.add(o.words());
        }
        return new Choice(Vec3.ZERO, Rung.ORIGIN, sentence(Rung.ORIGIN, Offer.of(Vec3.ZERO, ""), eye, silent));
    }

    private static String sentence(Rung rung, Offer o, Vec3 eye, List<String> silent) {
        String far = Lengths.words(eye.distance(o.point()));
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
