package rhombus.core.keymap;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How well words are meant by what somebody types: whole words, their beginnings, parts of them, and words with a slip of the
 * fingers in them.
 */
public final class WordSearch {
    private static final double WHOLE = 1;
    private static final double BEGINNING = 0.9;
    private static final double PART = 0.55;
    private static final double SLIP = 0.6;
    private static final double UNSURE = 0.7;
    /** What a word counts that a name is known by besides. */
    private static final double BESIDES = 0.7;
    /** What each slip costs. */
    private static final double COST = 0.15;
    /** What the first word of a name counts more than the others. */
    private static final double FIRST = 0.12;
    /** What a name counts less for each word that was not typed. */
    private static final double LONGER = 0.004;

    private final List<String> typed;
    /** What each word that was met is worth beside a typed one: names are made of few words, and each is met many times. */
    private final List<Map<String, Double>> worth = new ArrayList<>();

    /** Looks for what was typed. */
    public WordSearch(String text) {
        typed = words(text);
        typed.forEach(t -> worth.add(new HashMap<>()));
    }

    /** Whether no word was typed. */
    public boolean empty() {
        return typed.isEmpty();
    }

    /** Words of a text: lower case, without signs. */
    public static List<String> words(String text) {
        List<String> out = new ArrayList<>();
        StringBuilder word = new StringBuilder();
        for (int i = 0; i <= text.length(); i++) {
            char c = i < text.length() ? Character.toLowerCase(text.charAt(i)) : ' ';
            if (Character.isLetterOrDigit(c)) {
                word.append(c);
            } else if (word.length() > 0) {
                out.add(word.toString());
                word.setLength(0);
            }
        }
        return out;
    }

    /**
     * How well a name is meant.
     *
     * @param name words of its name
     * @param more words it is known by besides, which count less
     * @return 0 where some word that was typed means nothing of it, more the better
     */
    public double score(List<String> name, List<String> more) {
        double sum = 0;
        for (int k = 0; k < typed.size(); k++) {
            double best = 0;
            for (int i = 0; i < name.size(); i++) {
                double w = worth(k, name.get(i));
                best = Math.max(best, i == 0 && w > 0 ? w + FIRST : w);
            }
            for (int i = 0; i < more.size() && best < BESIDES; i++) {
                best = Math.max(best, worth(k, more.get(i)) * BESIDES);
            }
            if (best == 0) {
                return 0;
            }
            sum += best;
        }
        return typed.isEmpty() ? 0 : sum / typed.size() - LONGER * Math.max(0, name.size() - typed.size());
    }

    /** The same for a text that is known by nothing else. */
    public double score(String text) {
        return score(words(text), List.of());
    }

    private double worth(int k, String word) {
        Double known = worth.get(k).get(word);
        if (known == null) {
            known = one(typed.get(k), word);
            worth.get(k).put(word, known);
        }
        return known;
    }

    private static double one(String typed, String word) {
        if (typed.equals(word)) {
            return WHOLE;
        }
        if (word.startsWith(typed)) {
            return BEGINNING;
        }
        if (typed.length() >= 3 && word.contains(typed)) {
            return PART;
        }
        int most = typed.length() < 4 ? 0 : typed.length() < 8 ? 1 : 2;
        if (most == 0) {
            return 0;
        }
        int slips = slips(typed, word, most);
        if (slips <= most) {
            return SLIP - COST * (slips - 1);
        }
        // The beginning of a word may be typed with a slip too, which is less sure to be meant.
        slips = slips(typed, beginning(word, typed.length()), most);
        return slips <= most ? (SLIP - COST * (slips - 1)) * UNSURE : 0;
    }

    private static String beginning(String word, int length) {
        return word.length() <= length ? word : word.substring(0, length);
    }

    /** Letters left out, put in, taken for others or exchanged with the next (optimal string alignment); more than {@code most} for too many. */
    static int slips(String a, String b, int most) {
        if (Math.abs(a.length() - b.length()) > most) {
            return most + 1;
        }
        int[] before = new int[b.length() + 1];
        int[] last = new int[b.length() + 1];
        int[] now = new int[b.length() + 1];
        for (int k = 0; k <= b.length(); k++) {
            last[k] = k;
        }
        for (int i = 1; i <= a.length(); i++) {
            now[0] = i;
            for (int k = 1; k <= b.length(); k++) {
                int same = a.charAt(i - 1) == b.charAt(k - 1) ? 0 : 1;
                now[k] = Math.min(Math.min(now[k - 1], last[k]) + 1, last[k - 1] + same);
                boolean swapped =
                        i > 1 && k > 1 && a.charAt(i - 1) == b.charAt(k - 2) && a.charAt(i - 2) == b.charAt(k - 1);
                if (swapped) {
                    now[k] = Math.min(now[k], before[k - 2] + 1);
                }
            }
            int[] spare = before;
            before = last;
            last = now;
            now = spare;
        }
        return last[b.length()];
    }
}
