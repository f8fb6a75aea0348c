package rhombus.core.display;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rhombus.core.plain.PlainData;

class LookPartTest {
    private static Look any(Random r) {
        Look l = StandardLooks.ALL.get(r.nextInt(StandardLooks.ALL.size()));
        for (LookPart p : LookPart.values()) {
            l = p.in(l, p.choices().get(r.nextInt(p.choices().size())));
        }
        return l;
    }

    @Test
    void aPartThatIsChangedIsWhatItWasChangedToAndNoOtherPartIs() {
        Random r = new Random(11);
        for (int i = 0; i < 500; i++) {
            Look l = any(r);
            LookPart p = LookPart.values()[r.nextInt(LookPart.values().length)];
            String to = p.choices().get(r.nextInt(p.choices().size()));
            Look next = p.in(l, to);
            for (LookPart q : LookPart.values()) {
                assertThat(q.of(next)).isEqualTo(q == p ? to : q.of(l));
            }
            assertThat(next.drawsAs(l)).isEqualTo(to.equals(p.of(l)));
        }
    }

    /** What is said not to matter changes nothing of what is drawn; what is said to matter does for one of its choices. */
    @Test
    void aPartMattersIfItMakesADifference() {
        Random r = new Random(12);
        for (int i = 0; i < 500; i++) {
            Look l = any(r);
            for (LookPart p : LookPart.values()) {
                boolean differs =
                        p.choices().stream().anyMatch(to -> !drawn(p.in(l, to)).equals(drawn(l)));
                assertThat(differs).as(p + " of " + l).isEqualTo(p.matters(l));
            }
        }
    }

    /** Everything that what draws reads of a look. */
    private static List<Object> drawn(Look l) {
        boolean filled = l.surfaces();
        return List.of(
                l.shading(),
                l.edging(),
                l.boxes(),
                filled,
                filled && l.through() ? l.opacity() : 1,
                filled && l.backs(),
                l.lit() ? l.light() : "");
    }

    @Test
    void allLooksGoThroughPlainDataAndBack() {
        Random r = new Random(13);
        CustomLooks own = CustomLooks.NONE;
        for (int i = 0; i < CustomLooks.MOST; i++) {
            own = own.with("Look " + i, any(r));
        }
        assertThat(CustomLooks.of(own.toPlain()).all()).isEqualTo(own.all());
        assertThat(CustomLooks.problems(own.toPlain())).isEmpty();
        for (Look l : own.all()) {
            Map<String, Object> kept = PlainData.map();
            StoredLook.put(kept, "mode", "look", l);
            assertThat(StoredLook.of(kept, "mode", "look")).isEqualTo(l);
        }
        for (Look l : StandardLooks.ALL) {
            Map<String, Object> kept = PlainData.map();
            StoredLook.put(kept, "mode", "look", l);
            assertThat(kept).isEqualTo(Map.of("mode", l.id()));
            assertThat(StoredLook.of(kept, "mode", "look")).isEqualTo(l);
        }
    }

    @Test
    void aLookThatDrawsAsOneWithANameIsThatOne() {
        Look inked = LookPart.STROKES.in(StandardLooks.HIDDEN_LINE, "hatched");
        assertThat(CustomLooks.NONE.changed(StandardLooks.HIDDEN_LINE, inked)).isEqualTo(StandardLooks.INK);
        Look odd = LookPart.OPACITY.in(StandardLooks.SMOOTH, "40%");
        assertThat(CustomLooks.NONE.changed(StandardLooks.SMOOTH, odd).label()).isEqualTo("Smooth, changed");
        CustomLooks one = CustomLooks.NONE.with("Glass", odd);
        assertThat(one.changed(StandardLooks.SMOOTH, odd).id()).isEqualTo("own:Glass");
    }

    @Test
    void whatAFileGetsWrongIsToldWithItsPlaceAndTheRestIsUsed() {
        List<Object> list = new ArrayList<>(List.of(
                Map.of("name", "Good", "edges", "all"),
                Map.of("name", " ", "edges", "all"),
                Map.of("name", "Bad", "edges", "curly"),
                Map.of("name", "Half", "opacity", "400%"),
                Map.of("name", "x".repeat(41)),
                "nonsense"));
        assertThat(CustomLooks.of(list).all()).extracting(Look::label).containsExactly("Good");
        assertThat(CustomLooks.problems(list))
                .containsExactly(
                        "looks[1]: A look needs a name",
                        "looks[2]: Edges can be none, modelled, all, not “curly”",
                        "looks[3]: Opacity is from 1% to 100%, not “400%”",
                        "looks[4]: A look's name has at most 40 characters",
                        "looks[5]: A look needs a name");
        CustomLooks full = CustomLooks.NONE;
        for (int i = 0; i < CustomLooks.MOST; i++) {
            full = full.with("n" + i, StandardLooks.INK);
        }
        CustomLooks all = full;
        assertThat(all.with("n3", StandardLooks.WIRE).all()).hasSize(CustomLooks.MOST);
        assertThatThrownBy(() -> all.with("more", StandardLooks.WIRE)).hasMessageContaining("At most");
        assertThat(all.and(CustomLooks.NONE.with("more", StandardLooks.WIRE)).all())
                .hasSize(CustomLooks.MOST);
    }
}
