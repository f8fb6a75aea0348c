package rhombus.core.board;

import static rhombus.core.words.Messages.say;

import java.util.List;

/** A part of an arrangement: one viewport, or a row or column of parts. */
public sealed interface ArrangementPart {
    /**
     * One viewport.
     *
     * @param view its id
     */
    record Cell(String view) implements ArrangementPart {}

    /**
     * Parts side by side or one below the other.
     *
     * @param row whether side by side
     * @param parts at least two
     * @param shares of the room, one for each part, positive, together 1
     */
    record Split(boolean row, List<ArrangementPart> parts, List<Double> shares) implements ArrangementPart {
        /** Checks that every part has a share. */
        public Split {
            if (parts.size() < 2 || parts.size() != shares.size()) {
                throw new IllegalArgumentException(say("part.a-row-or-column-needs"));
            }
            parts = List.copyOf(parts);
            shares = List.copyOf(shares);
        }

        /** Parts of equal size. */
        static Split even(boolean row, List<ArrangementPart> parts) {
            return new Split(row, parts, SizeShares.even(parts.size()));
        }
    }
}
