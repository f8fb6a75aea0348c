package rhombus.core.stage.view;

/** Words as they stand in sentences. */
public final class SentenceWords {
    private SentenceWords() {}

    /** Words with a capital letter before them, as they begin a sentence. */
    public static String capital(String words) {
        return words.substring(0, 1).toUpperCase() + words.substring(1);
    }

    /** Name of an argument for an axis: x, y or z, with a capital letter behind another word. */
    public static String axis(String before, int axis) {
        String letter = "xyz".substring(axis, axis + 1);
        return before.isEmpty() ? letter : before + letter.toUpperCase();
    }
}
