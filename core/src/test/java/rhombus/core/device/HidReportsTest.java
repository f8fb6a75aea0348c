package rhombus.core.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.plain.PlainData;

/** Reports of devices that describe themselves, against bytes that are put together here bit by bit. */
class HidReportsTest {
    private static final long X = 0x10030;

    /** A field of a report: its usage, its size, its ends, and the number it holds. */
    private record Put(long usage, int bits, long least, long most, long value) {}

    private static Map<String, Object> item(Put p) {
        return PlainData.map(
                "usages",
                List.of((double) p.usage),
                "reportSize",
                p.bits,
                "reportCount",
                1,
                "logicalMinimum",
                (double) p.least,
                "logicalMaximum",
                (double) p.most);
    }

    private static List<Object> device(int report, List<Object> items) {
        return List.of(PlainData.map(
                "usagePage",
                1,
                "usage",
                8,
                "inputReports",
                List.of(PlainData.map("reportId", report, "items", items)),
                "children",
                List.of()));
    }

    /** Puts numbers one after the other, from the lowest bit of the first byte. */
    private static byte[] bytes(List<Put> fields) {
        StringBuilder bits = new StringBuilder();
        for (Put p : fields) {
            for (int i = 0; i < p.bits; i++) {
                bits.append(p.value >> i & 1);
            }
        }
        byte[] out = new byte[(bits.length() + 7) / 8];
        for (int i = 0; i < bits.length(); i++) {
            if (bits.charAt(i) == '1') {
                out[i / 8] |= (byte) (1 << i % 8);
            }
        }
        return out;
    }

    @Property(tries = 300)
    void numbersOfAnySizeAreReadFromAnyBit(@ForAll long seed) {
        Random r = new Random(seed);
        List<Put> fields = new ArrayList<>();
        double[] axes = new double[6];
        boolean[] buttons = new boolean[Mouse3dParts.MOST_BUTTONS];
        for (int axis = 0; axis < 6; axis++) {
            if (r.nextInt(3) == 0) {
                // Bits of no meaning to us in between.
                fields.add(new Put(0xFF000001L, 1 + r.nextInt(9), 0, 1, r.nextInt(2)));
            }
            int bits = 8 + r.nextInt(9);
            long end = 1 + r.nextInt((1 << (bits - 1)) - 1);
            long v = (long) (r.nextDouble() * (2 * end + 1)) - end;
            fields.add(new Put(X + axis, bits, -end, end, v));
            axes[axis] = v / (double) end;
        }
        for (int k = 0; k < 5; k++) {
            int which = r.nextInt(Mouse3dParts.MOST_BUTTONS);
            boolean down = r.nextBoolean();
            if (fields.stream().noneMatch(p -> p.usage == 0x90001 + which)) {
                fields.add(new Put(0x90001 + which, 1, 0, 1, down ? 1 : 0));
                buttons[which] = down;
            }
        }
        int id = r.nextInt(4);
        HidReports reports = new HidReports(device(
                id, new ArrayList<>(fields.stream().map(HidReportsTest::item).toList())));
        assertThat(reports.came(id, bytes(fields))).isTrue();
        assertThat(reports.axes()).containsExactly(axes);
        for (int i = 0; i < buttons.length; i++) {
            assertThat(reports.down(i)).isEqualTo(buttons[i]);
        }
    }

    @Test
    void whatOneReportDoesNotTellStaysAsAnotherToldIt() {
        List<Object> two = List.of(PlainData.map(
                "inputReports",
                List.of(
                        PlainData.map("reportId", 1, "items", List.of(item(new Put(X, 8, -100, 100, 0)))),
                        PlainData.map("reportId", 2, "items", List.of(item(new Put(X + 5, 8, -100, 100, 0)))))));
        HidReports r = new HidReports(two);
        r.came(1, new byte[] {50});
        r.came(2, new byte[] {-100});
        assertThat(r.axes()).containsExactly(0.5, 0, 0, 0, 0, -1);
        assertThat(r.came(3, new byte[] {1})).as("no report of its own").isFalse();
    }

    @Test
    void aRangeOfUsagesIsOneFieldForEach() {
        Map<String, Object> axes = PlainData.map(
                "isRange",
                true,
                "usageMinimum",
                (double) X,
                "usageMaximum",
                (double) X + 5,
                "reportSize",
                16,
                "reportCount",
                6,
                "logicalMinimum",
                -350.0,
                "logicalMaximum",
                350.0);
        HidReports r = new HidReports(device(0, List.of(axes)));
        r.came(0, new byte[] {94, 1, -94, -2, 0, 0, -81, 0, 0, 0, 94, 1});
        assertThat(r.axes()).containsExactly(1, -1, 0, 0.5, 0, 1);
    }

    @Test
    void aReportThatIsTooShortCountsAsStill() {
        HidReports r = new HidReports(device(0, List.of(item(new Put(X, 16, -350, 350, 0)))));
        r.came(0, new byte[0]);
        assertThat(r.axes()[0]).isZero();
    }

    @Test
    void collectionsInsideOthersAreRead() {
        List<Object> inner = device(5, List.of(item(new Put(X + 2, 8, -10, 10, 0))));
        HidReports r = new HidReports(List.of(PlainData.map("children", inner)));
        assertThat(r.came(5, new byte[] {5})).isTrue();
        assertThat(r.axes()[2]).isEqualTo(0.5);
    }

    @Test
    void aDeviceWithoutAxesIsRefusedInWords() {
        assertThatThrownBy(() -> new HidReports(device(0, List.of(item(new Put(0x90001, 1, 0, 1, 0))))))
                .hasMessageContaining("none of the six axes");
        assertThatThrownBy(() -> new HidReports(List.of())).hasMessageContaining("none of the six axes");
    }

    @Test
    void descriptionsWithoutEndAreRefused() {
        Map<String, Object> deep = PlainData.map("inputReports", List.of());
        for (int i = 0; i < 100; i++) {
            deep = PlainData.map("children", List.of(deep));
        }
        Map<String, Object> deepest = deep;
        assertThatThrownBy(() -> new HidReports(List.of(deepest))).hasMessageContaining("deeper");
        Map<String, Object> many = item(new Put(X, 8, -1, 1, 0));
        many.put("reportCount", 1_000_000_000);
        assertThatThrownBy(() -> new HidReports(device(0, List.of(many)))).hasMessageContaining("1000000000 fields");
    }

    /** Whatever a device says of itself and reports: an answer in words or numbers between the ends, never anything else. */
    @Property(tries = 500)
    void nonsenseIsRefusedOrRead(@ForAll long seed) {
        Random r = new Random(seed);
        List<Object> items = new ArrayList<>();
        for (int i = r.nextInt(5); i >= 0; i--) {
            items.add(PlainData.map(
                    "usages",
                    r.nextBoolean() ? List.of(X + r.nextInt(8) * 1.0, Double.NaN) : "x",
                    "isRange",
                    r.nextInt(4) == 0,
                    "usageMinimum",
                    r.nextGaussian() * 1e5,
                    "reportSize",
                    r.nextInt(300) - 20,
                    "reportCount",
                    r.nextInt(12) - 2,
                    "logicalMinimum",
                    r.nextGaussian() * 100,
                    "logicalMaximum",
                    r.nextInt(3) == 0 ? Double.POSITIVE_INFINITY : r.nextGaussian() * 100));
        }
        HidReports reports;
        try {
            reports = new HidReports(device(0, items));
        } catch (IllegalArgumentException e) {
            assertThat(e.getMessage()).startsWith("This device");
            return;
        }
        byte[] bytes = new byte[r.nextInt(40)];
        r.nextBytes(bytes);
        reports.came(0, bytes);
        for (double a : reports.axes()) {
            assertThat(a).isBetween(-1.0, 1.0);
        }
    }
}
