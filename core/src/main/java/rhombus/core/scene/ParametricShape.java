package rhombus.core.scene;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;

/**
 * A solid that is made from a few numbers, which can be changed afterwards. It stands on its frame's origin, +Y up.
 *
 * @param sort which solid
 * @param values one number for each of {@link Sort#parameters()}, in range
 */
public record ParametricShape(Sort sort, List<Double> values) {
    /** A number a solid is made from: its name, what it is at first, and its range; lengths in metres. */
    public record Parameter(String id, String words, double usual, double least, double most, boolean whole) {
        /**
         * Checks a number that somebody typed.
         *
         * @throws IllegalArgumentException in words that name the range
         */
        public void check(double v) {
            if (!(v >= least && v <= most) || whole && v != Math.rint(v)) {
                throw new IllegalArgumentException(say(
                        "shape.must-be",
                        words,
                        whole
                                ? say("shape.a-whole-number-from-to", (int) least, (int) most)
                                : v <= 0 ? say("shape.greater-than-0") : say("shape.from-a-thousandth-of-a")));
            }
        }

        double fitted(double v) {
            double d = Math.max(least, Math.min(most, v));
            return whole ? Math.rint(d) : d;
        }
    }

    /** The solids there are. */
    public enum Sort {
        /** Six rectangles. */
        BOX(
                say("shape.box"),
                length("width", say("shape.width"), 1),
                length("height", say("shape.height"), 1),
                length("depth", say("shape.depth"), 1)),
        /** All points of a distance. */
        SPHERE(
                say("shape.sphere"),
                length("radius", say("shape.radius"), 0.5),
                count("around", say("shape.around"), 32, 3),
                count("rings", say("shape.rings"), 16, 2)),
        /** A prism over a circle. */
        CYLINDER(
                say("shape.cylinder"),
                length("radius", say("shape.radius"), 0.5),
                length("height", say("shape.height"), 1),
                count("around", say("shape.around"), 32, 3)),
        /** A pyramid over a circle. */
        CONE(
                say("shape.cone"),
                length("radius", say("shape.radius"), 0.5),
                length("height", say("shape.height"), 1),
                count("around", say("shape.around"), 32, 3)),
        /** A circle swept along a circle. */
        TORUS(
                say("shape.torus"),
                length("radius", say("shape.radius"), 0.5),
                length("tube", say("shape.tube"), 0.15),
                count("around", say("shape.around"), 48, 3),
                count("section", say("shape.section"), 16, 3)),
        /** A rectangle in the ground's plane. */
        PLANE(say("shape.plane"), length("width", say("shape.width"), 2), length("depth", say("shape.depth"), 2));

        private final String words;
        private final List<Parameter> parameters;

        Sort(String words, Parameter... parameters) {
            this.words = words;
            this.parameters = List.of(parameters);
        }

        private static Parameter length(String id, String words, double usual) {
            return new Parameter(id, words, usual, 1e-6, 1e6, false);
        }

        private static Parameter count(String id, String words, double usual, double least) {
            return new Parameter(id, words, usual, least, 512, true);
        }

        /** Its name on the screen. */
        public String words() {
            return words;
        }

        /** Its name in files. */
        public String id() {
            return name().toLowerCase();
        }

        /** What it is made from. */
        public List<Parameter> parameters() {
            return parameters;
        }

        /** The solid with this id, or null. */
        public static Sort named(String id) {
            for (Sort s : values()) {
                if (s.id().equals(id)) {
                    return s;
                }
            }
            return null;
        }
    }

    /** The solid as it is at first, its lengths multiplied by a factor. */
    public static ParametricShape usual(Sort sort, double factor) {
        List<Double> v = new ArrayList<>();
        for (Parameter p : sort.parameters()) {
            v.add(p.fitted(p.whole() ? p.usual() : p.usual() * factor));
        }
        return new ParametricShape(sort, List.copyOf(v));
    }

    /** The same solid with other numbers; those that are missing or no numbers stay, those out of range are brought into it. */
    public ParametricShape with(Map<String, Object> numbers) {
        List<Double> v = new ArrayList<>();
        for (int i = 0; i < values.size(); i++) {
            Parameter p = sort.parameters().get(i);
            v.add(p.fitted(PlainData.number(numbers.get(p.id()), values.get(i))));
        }
        return new ParametricShape(sort, List.copyOf(v));
    }

    /** The shape as plain data. */
    public Map<String, Object> toPlain() {
        Map<String, Object> m = PlainData.map("sort", sort.id());
        for (int i = 0; i < values.size(); i++) {
            m.put(sort.parameters().get(i).id(), values.get(i));
        }
        return m;
    }

    /** The shape that plain data describes, or null. */
    public static ParametricShape of(Object plain) {
        Map<String, Object> m = PlainData.map(plain);
        Sort sort = Sort.named(PlainData.text(m.get("sort"), ""));
        return sort == null ? null : usual(sort, 1).with(m);
    }

    double value(int i) {
        return values.get(i);
    }
}
