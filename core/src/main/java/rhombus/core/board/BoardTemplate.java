package rhombus.core.board;

import static rhombus.core.words.Messages.say;

import java.util.List;
import rhombus.core.board.ArrangementPart.Cell;
import rhombus.core.board.ArrangementPart.Split;

/** Ready-made arrangements. */
public enum BoardTemplate {
    /** One viewport. */
    SINGLE("single", 1),
    /** Two, left and right. */
    SIDE_BY_SIDE("side-by-side", 2),
    /** Two, one below the other. */
    STACKED("stacked", 2),
    /** Three, from left to right. */
    ROW("row", 3),
    /** A wide one over two. */
    ONE_OVER_TWO("one-over-two", 3),
    /** A large one with three beside it. */
    ONE_BESIDE_THREE("one-beside-three", 4),
    /** Two rows of two. */
    FOUR("four", 4);

    private final String id;
    private final String words;
    private final int count;

    BoardTemplate(String id, int count) {
        this.id = id;
        this.words = say("template." + id);
        this.count = count;
    }

    /** Name in files and commands. */
    public String id() {
        return id;
    }

    /** Name on the screen. */
    public String words() {
        return words;
    }

    /** Viewports in it. */
    public int count() {
        return count;
    }

    /** Whether its first viewport is meant to be the one worked in. */
    public boolean hasLargeOne() {
        return this == SINGLE || this == ONE_OVER_TWO || this == ONE_BESIDE_THREE;
    }

    /** The template with this id, or null. */
    public static BoardTemplate named(String id) {
        for (BoardTemplate t : values()) {
            if (t.id.equals(id)) {
                return t;
            }
        }
        return null;
    }

    /** The arrangement of these viewports, {@link #count()} of them. */
    public Arrangement of(List<String> views) {
        List<ArrangementPart> c = views.stream().<ArrangementPart>map(Cell::new).toList();
        return new Arrangement(
                switch (this) {
                    case SINGLE -> c.get(0);
                    case SIDE_BY_SIDE, ROW -> Split.even(true, c);
                    case STACKED -> Split.even(false, c);
                    case ONE_OVER_TWO ->
                        new Split(
                                false, List.of(c.get(0), Split.even(true, c.subList(1, 3))), List.of(2.0 / 3, 1.0 / 3));
                    case ONE_BESIDE_THREE ->
                        new Split(true, List.of(c.get(0), Split.even(false, c.subList(1, 4))), List.of(0.75, 0.25));
                    case FOUR ->
                        Split.even(
                                false, List.of(Split.even(true, c.subList(0, 2)), Split.even(true, c.subList(2, 4))));
                });
    }
}
