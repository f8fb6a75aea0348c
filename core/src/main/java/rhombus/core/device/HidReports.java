package rhombus.core.device;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;

/**
 * Reads the reports of a device with six axes by what the device says of itself: its report descriptor, in the form in which
 * a browser gives it (WebHID, {@code HIDDevice.collections}). No device is known by name.
 *
 * <p>Fields follow each other from the lowest bit of the first byte, least significant bit first (USB Device Class Definition
 * for Human Interface Devices 1.11, 8.4; from memory).
 */
public final class HidReports {
    private static final long DESKTOP_X = 0x00010030L;
    private static final long BUTTON_1 = 0x00090001L;
    private static final int MOST_DEPTH = 8;
    private static final int MOST_FIELDS = 4096;
    private static final int MOST_BITS = 32;

    /** A number in a report: which axis it is, or which button from 0, and where its bits are. */
    private record Field(boolean axis, int index, int from, int bits, boolean signed, double least, double most) {}

    private final Map<Integer, List<Field>> fields = new HashMap<>();
    private final double[] axes = new double[Mouse3dParts.AXES.size()];
    private final boolean[] buttons = new boolean[Mouse3dParts.MOST_BUTTONS];

    /**
     * For a device.
     *
     * @param collections as the browser gives them
     * @throws IllegalArgumentException if it has none of the six axes, or what it says of itself makes no sense
     */
    public HidReports(List<Object> collections) {
        for (Object c : collections) {
            collection(PlainData.map(c), 0);
        }
        if (fields.values().stream().noneMatch(f -> f.stream().anyMatch(Field::axis))) {
            throw new IllegalArgumentException(say("hid-reports.this-device-reports-none-of"));
        }
    }

    private void collection(Map<String, Object> c, int depth) {
        if (depth > MOST_DEPTH) {
            throw new IllegalArgumentException(say("hid-reports.this-device-describes-itself-in", MOST_DEPTH));
        }
        for (Object r : PlainData.list(c.get("inputReports"))) {
            report(PlainData.map(r));
        }
        for (Object child : PlainData.list(c.get("children"))) {
            collection(PlainData.map(child), depth + 1);
        }
    }

    private void report(Map<String, Object> r) {
        List<Field> out = fields.computeIfAbsent(PlainData.whole(r.get("reportId"), 0), k -> new ArrayList<>());
        // A report that several collections name is one report: it is read once.
        if (!out.isEmpty()) {
            return;
        }
        int at = 0;
        for (Object o : PlainData.list(r.get("items"))) {
            Map<String, Object> item = PlainData.map(o);
            int size = PlainData.whole(item.get("reportSize"), 0);
            int count = PlainData.whole(item.get("reportCount"), 0);
            if (size < 0 || count < 0 || size > MOST_BITS * 8 || count > MOST_FIELDS) {
                throw new IllegalArgumentException(say("hid-reports.this-device-reports-fields-of", count, size));
            }
            boolean reads = size <= MOST_BITS && !PlainData.truth(item.get("isArray"), false);
            for (int k = 0; k < count && reads; k++) {
                field(out, item, usage(item, k), at + k * size, size);
            }
            at += size * count;
        }
    }

    private static void field(List<Field> out, Map<String, Object> item, long usage, int from, int bits) {
        double least = PlainData.number(item.get("logicalMinimum"), 0);
        double most = PlainData.number(item.get("logicalMaximum"), 0);
        long axis = usage - DESKTOP_X;
        long button = usage - BUTTON_1;
        if (axis >= 0 && axis < Mouse3dParts.AXES.size() && most > least) {
            out.add(new Field(true, (int) axis, from, bits, least < 0, least, most));
        } else if (button >= 0 && button < Mouse3dParts.MOST_BUTTONS) {
            out.add(new Field(false, (int) button, from, bits, false, 0, 1));
        }
    }

    /** The usage of one of an item's fields, page and id as one number; the last one told goes for those after it. */
    private static long usage(Map<String, Object> item, int k) {
        if (PlainData.truth(item.get("isRange"), false)) {
            double first = PlainData.number(item.get("usageMinimum"), 0);
            double last = PlainData.number(item.get("usageMaximum"), first);
            return (long) Math.min(first + k, last);
        }
        List<Object> usages = PlainData.list(item.get("usages"));
        return usages.isEmpty() ? 0 : (long) PlainData.number(usages.get(Math.min(k, usages.size() - 1)), 0);
    }

    /**
     * A report has come: what it tells is so from now on, what it does not tell stays as it was. Bits that are not there
     * count as 0.
     *
     * @param id of the report; 0 for devices that have only one
     * @return whether it is one of those the device told of
     */
    public boolean came(int id, byte[] bytes) {
        List<Field> some = fields.get(id);
        if (some == null) {
            return false;
        }
        for (Field f : some) {
            long raw = bits(bytes, f.from, f.bits);
            if (f.axis) {
                long v = f.signed && (raw >> (f.bits - 1) & 1) == 1 ? raw - (1L << f.bits) : raw;
                axes[f.index] = part(v, f.least, f.most);
            } else {
                buttons[f.index] = raw != 0;
            }
        }
        return true;
    }

    private static long bits(byte[] bytes, int from, int count) {
        long out = 0;
        for (int i = 0; i < count; i++) {
            int at = from + i;
            if (at / 8 < bytes.length && (bytes[at / 8] >> at % 8 & 1) == 1) {
                out |= 1L << i;
            }
        }
        return out;
    }

    /** Where a number is between the ends of its range: 0 in the middle, to the bit where the ends are opposite. */
    private static double part(double v, double least, double most) {
        double middle = (least + most) / 2;
        return Math.max(-1, Math.min(1, (v - middle) / (most - middle)));
    }

    /** The axes in the order of {@link Mouse3dParts#AXES}, each -1 to 1. */
    public double[] axes() {
        return axes.clone();
    }

    /** Whether a button is down, by its index from 0. */
    public boolean down(int button) {
        return buttons[button];
    }
}
