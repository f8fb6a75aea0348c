package rhombus.core.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import rhombus.core.display.StandardLooks;
import rhombus.core.plain.PlainData;

/** Whatever is split, closed, swapped and dragged: viewports tile the stage, and nobody loses one. */
class ArrangementTest {
    /** A random arrangement of up to twelve viewports on a random stage. */
    private static Arrangement any(Random r) {
        Arrangement a = new Arrangement(new ArrangementPart.Cell("v1"));
        for (int i = r.nextInt(Arrangement.MOST); i > 0; i--) {
            List<String> views = a.views();
            a = a.split(views.get(r.nextInt(views.size())), a.freeId(), r.nextBoolean());
        }
        for (int i = r.nextInt(5); i > 0; i--) {
            a = drag(a, r, 1400, 900);
        }
        return a;
    }

    private static Arrangement drag(Arrangement a, Random r, double w, double h) {
        List<Border> all = Borders.of(a, w, h).all();
        return all.isEmpty()
                ? a
                : Borders.of(a, w, h)
                        .moved(all.get(r.nextInt(all.size())).id(), r.nextInt(1500), r.nextInt(1000), r.nextBoolean());
    }

    private static void tiles(Arrangement a, double w, double h) {
        List<StageRect> boxes = new ArrayList<>(a.boxes(w, h).values());
        boxes.addAll(Borders.of(a, w, h).all().stream().map(Border::box).toList());
        double area = 0;
        for (StageRect b : boxes) {
            assertThat(b.width()).isGreaterThanOrEqualTo(1);
            assertThat(b.height()).isGreaterThanOrEqualTo(1);
            assertThat(b.x()).isEqualTo(Math.rint(b.x()));
            area += b.width() * b.height();
        }
        for (int i = 0; i < boxes.size(); i++) {
            for (int k = 0; k < i; k++) {
                StageRect p = boxes.get(i);
                StageRect q = boxes.get(k);
                boolean apart = p.x() + p.width() <= q.x()
                        || q.x() + q.width() <= p.x()
                        || p.y() + p.height() <= q.y()
                        || q.y() + q.height() <= p.y();
                assertThat(apart).as("%s and %s", p, q).isTrue();
            }
        }
        assertThat(area).isEqualTo(w * h);
    }

    @Property(tries = 1000)
    void viewportsAndBordersTileTheStageToThePixel(
            @ForAll long seed,
            @ForAll @IntRange(min = 400, max = 4000) int w,
            @ForAll @IntRange(min = 400, max = 3000) int h) {
        Random r = new Random(seed);
        Arrangement a = any(r);
        tiles(a, w, h);
        tiles(drag(a, r, w, h), w, h);
    }

    @Property(tries = 1000)
    void splittingAndClosingAgainChangesNothing(@ForAll long seed) {
        Random r = new Random(seed);
        Arrangement a = any(r);
        if (a.views().size() == Arrangement.MOST) {
            return;
        }
        String view = a.views().get(r.nextInt(a.views().size()));
        Arrangement back = a.split(view, "v50", r.nextBoolean()).without("v50");
        assertThat(back.views()).isEqualTo(a.views());
        same(back.boxes(1400, 900), a.boxes(1400, 900));
    }

    private static void same(Map<String, StageRect> a, Map<String, StageRect> b) {
        assertThat(a.keySet()).isEqualTo(b.keySet());
        // A last bit lost in a sum of shares may move a border by the pixel it is rounded to.
        a.forEach((v, box) -> {
            assertThat(box.x()).isBetween(b.get(v).x() - 1, b.get(v).x() + 1);
            assertThat(box.width()).isBetween(b.get(v).width() - 2, b.get(v).width() + 2);
            assertThat(box.height()).isBetween(b.get(v).height() - 2, b.get(v).height() + 2);
        });
    }

    @Property(tries = 1000)
    void closingLosesNobodyElseAndSwappingTwiceIsNothing(@ForAll long seed) {
        Random r = new Random(seed);
        Arrangement a = any(r);
        List<String> views = a.views();
        String p = views.get(r.nextInt(views.size()));
        String q = views.get(r.nextInt(views.size()));
        assertThat(a.swapped(p, q).swapped(p, q)).isEqualTo(a);
        assertThat(a.swapped(p, q).boxes(1400, 900).get(p))
                .isEqualTo(a.boxes(1400, 900).get(q));
        if (views.size() > 1) {
            List<String> left = new ArrayList<>(views);
            left.remove(p);
            assertThat(a.without(p).views()).isEqualTo(left);
            tiles(a.without(p), 1400, 900);
        }
    }

    @Property(tries = 1000)
    void aDraggedBorderIsWhereTheHandIsAndNothingElseMoves(
            @ForAll long seed, @ForAll @IntRange(min = 0, max = 1400) int to) {
        Random r = new Random(seed);
        Arrangement a = any(r);
        Borders borders = Borders.of(a, 1400, 900);
        if (borders.all().isEmpty()) {
            return;
        }
        Border b = borders.all().get(r.nextInt(borders.all().size()));
        Arrangement moved = borders.moved(b.id(), to, to, true);
        Border after = Borders.of(moved, 1400, 900).named(b.id()).get(0);
        double wanted = Math.max(Math.min(b.least(), b.most()), Math.min(b.most(), to));
        assertThat(after.at()).isBetween(wanted - 1.5, wanted + 1.5);
        for (Border o : borders.all()) {
            // What is nested within the two parts moves with them; everything else stays.
            boolean nested = o.path().size() > b.path().size()
                    && o.path().subList(0, b.path().size()).equals(b.path());
            if (!o.equals(b) && !nested) {
                assertThat(Borders.of(moved, 1400, 900).named(o.id()).get(0).at())
                        .isEqualTo(o.at());
            }
        }
        // Held against the arrangement at the press: coming back restores it to the pixel.
        Arrangement back = borders.moved(b.id(), b.at(), b.at(), true);
        assertThat(Borders.of(back, 1400, 900).named(b.id()).get(0).at()).isBetween(b.at() - 1, b.at() + 1);
    }

    @Property(tries = 1000)
    void itComesBackFromItsFileAsItWas(@ForAll long seed) {
        Random r = new Random(seed);
        Arrangement a = any(r);
        assertThat(Arrangement.of(a.toPlain())).isEqualTo(a);
        StoredBoard t = new StoredBoard(
                "b1", "Hull", r.nextBoolean(), a, Map.of("v1", ViewportStart.of("top", StandardLooks.WIRE)));
        assertThat(StoredBoards.of(StoredBoards.toPlain(List.of(t)))).containsExactly(t);
    }

    @Test
    void bordersThatLineUpMoveTogetherAndACrossingMovesBoth() {
        Arrangement four = BoardTemplate.FOUR.of(List.of("v1", "v2", "v3", "v4"));
        Borders b = Borders.of(four, 1003, 803);
        assertThat(b.crossings()).hasSize(1);
        Map<String, StageRect> together = b.moved("b0.0", 300, 0, false).boxes(1003, 803);
        assertThat(together.get("v1").width()).isEqualTo(300);
        assertThat(together.get("v3").width()).isEqualTo(300);
        Map<String, StageRect> alone = b.moved("b0.0", 300, 0, true).boxes(1003, 803);
        assertThat(alone.get("v1").width()).isEqualTo(300);
        assertThat(alone.get("v3").width()).isEqualTo(500);
        Map<String, StageRect> crossing =
                b.moved(b.crossings().get(0).id(), 610, 290, false).boxes(1003, 803);
        assertThat(crossing.get("v1")).isEqualTo(new StageRect(0, 0, 610, 290));
        assertThat(crossing.get("v4")).isEqualTo(new StageRect(613, 293, 390, 510));
    }

    @Test
    void itSnapsToEvenSharesAndEvensOut() {
        Arrangement four = BoardTemplate.FOUR.of(List.of("v1", "v2", "v3", "v4"));
        Arrangement off = Borders.of(four, 1003, 803).moved("b0.0", 300, 0, false);
        // 1000 pixels to share: a third is 333, a half 500.
        assertThat(Borders.of(off, 1003, 803)
                        .moved("b0.0", 328, 0, false)
                        .boxes(1003, 803)
                        .get("v1")
                        .width())
                .isEqualTo(333);
        assertThat(Borders.of(off, 1003, 803).moved("b0.0", 505, 0, false)).isEqualTo(four);
        assertThat(Borders.of(off, 1003, 803)
                        .moved("b0.0", 320, 0, false)
                        .boxes(1003, 803)
                        .get("v1")
                        .width())
                .isEqualTo(320);
        assertThat(Borders.of(off, 1003, 803).evened("b0.0")).isEqualTo(four);
        Arrangement row = BoardTemplate.ROW.of(List.of("v1", "v2", "v3"));
        Arrangement dragged = Borders.of(Borders.of(row, 1206, 800).moved("b0", 200, 0, true), 1206, 800)
                .moved("b1", 900, 0, true);
        assertThat(Borders.of(dragged, 1206, 800).evened("b1")).isEqualTo(row);
    }

    @Test
    void aBorderLeavesEveryViewportBigEnoughToUse() {
        Arrangement a = BoardTemplate.ONE_BESIDE_THREE.of(List.of("v1", "v2", "v3", "v4"));
        for (int to : new int[] {-500, 5000}) {
            for (Border b : Borders.of(a, 1203, 903).all()) {
                Borders.of(a, 1203, 903)
                        .moved(b.id(), to, to, false)
                        .boxes(1203, 903)
                        .values()
                        .forEach(box -> {
                            assertThat(box.width()).isGreaterThanOrEqualTo(72);
                            assertThat(box.height()).isGreaterThanOrEqualTo(72);
                        });
            }
        }
    }

    @Test
    void thereAreNoMoreThanTwelveAndNeverNone() {
        Arrangement a = new Arrangement(new ArrangementPart.Cell("v1"));
        while (a.views().size() < Arrangement.MOST) {
            a = a.split("v1", a.freeId(), a.views().size() % 2 == 0);
        }
        Arrangement full = a;
        assertThatThrownBy(() -> full.split("v1", "v13", true)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Arrangement(new ArrangementPart.Cell("v1")).without("v1"))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void spoiltFilesAreRefusedWithWords() {
        Map<String, Object> nested = new HashMap<>(Map.of("view", "v1"));
        Object deep = nested;
        for (int i = 0; i < 40; i++) {
            deep = PlainData.map(
                    "row", List.of(deep, PlainData.map("view", "v" + (i + 2))), "shares", List.of(0.5, 0.5));
        }
        for (Object bad : List.of(
                "text",
                Map.of(),
                PlainData.map("view", "../x"),
                deep,
                PlainData.map("row", List.of(nested, nested), "shares", List.of(0.5, 0.5)),
                PlainData.map("row", List.of(nested), "shares", List.of(1.0)),
                PlainData.map("column", List.of(nested, PlainData.map("view", "v2")), "shares", List.of(1.0, -1.0)),
                PlainData.map(
                        "column", List.of(nested, PlainData.map("view", "v2")), "shares", List.of(1.0, Double.NaN)))) {
            assertThatThrownBy(() -> Arrangement.of(bad))
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageMatching(".{20,}");
        }
        assertThat(StoredBoard.tidy(" \u0000\n<b>Hull</b>\u2028 ")).isEqualTo("<b>Hull</b>");
        assertThat(StoredBoard.tidy("x".repeat(500))).hasSize(StoredBoard.LONGEST_NAME);
    }

    @Test
    void everyTemplateHoldsWhatItsNameSays() {
        for (BoardTemplate t : BoardTemplate.values()) {
            List<String> views = List.of("v1", "v2", "v3", "v4").subList(0, t.count());
            assertThat(t.of(views).views()).isEqualTo(views);
            tiles(t.of(views), 1203, 803);
            assertThat(BoardTemplate.named(t.id())).isEqualTo(t);
        }
        assertThat(StoredBoards.starting()).hasSize(4);
        assertThat(StoredBoards.of(StoredBoards.toPlain(StoredBoards.starting())))
                .isEqualTo(StoredBoards.starting());
    }
}
