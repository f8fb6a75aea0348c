package rhombus.core.edit;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;

/** Ids in their order, those that count on written as "first-last". */
final class IdRuns {
    private IdRuns() {}

    static List<Object> of(List<String> ids) {
        List<Object> out = new ArrayList<>();
        for (int i = 0; i < ids.size(); ) {
            int from = number(ids.get(i));
            int end = i + 1;
            while (from >= 0
                    && end < ids.size()
                    && ids.get(end).charAt(0) == ids.get(i).charAt(0)
                    && number(ids.get(end)) == from + end - i) {
                end++;
            }
            out.add(end == i + 1 ? ids.get(i) : ids.get(i) + "-" + ids.get(end - 1));
            i = end;
        }
        return out;
    }

    /** The number behind the letter of an id, or -1 if it is of another form. */
    private static int number(String id) {
        if (id.length() < 2 || id.length() > 9 || id.length() > 2 && id.charAt(1) == '0') {
            return -1;
        }
        int n = 0;
        for (int i = 1; i < id.length(); i++) {
            int digit = id.charAt(i) - '0';
            if (digit < 0 || digit > 9) {
                return -1;
            }
            n = n * 10 + digit;
        }
        return n;
    }

    /**
     * The ids, in their order.
     *
     * @param known where each of them must be
     * @throws IllegalArgumentException if one is not there, or there are more of them than objects
     */
    static List<String> read(Object plain, Map<String, Integer> known) {
        List<String> ids = read(plain, known.size());
        if (!known.keySet().containsAll(ids)) {
            throw new IllegalArgumentException(say("id-runs.its-history-names-an-object"));
        }
        return ids;
    }

    /**
     * The ids, in their order, whether there are such objects or not.
     *
     * @param most of them; a short text can name very many
     * @throws IllegalArgumentException if there are more, or one is empty
     */
    static List<String> read(Object plain, int most) {
        List<String> out = new ArrayList<>();
        for (Object o : PlainData.list(plain)) {
            String run = PlainData.text(o, "");
            int dash = run.indexOf('-');
            int from = dash < 0 ? -1 : number(run.substring(0, dash));
            int to = dash < 0 ? -1 : number(run.substring(dash + 1));
            if (from < 0 || to < from || run.charAt(0) != run.charAt(dash + 1)) {
                from = 0;
                to = -1;
                out.add(run);
            }
            if (run.isEmpty() || out.size() + (to - from + 1) > most) {
                throw new IllegalArgumentException(say("id-runs.its-history-names-more-objects"));
            }
            for (int k = from; k <= to; k++) {
                out.add(run.substring(0, 1) + k);
            }
        }
        return out;
    }
}
