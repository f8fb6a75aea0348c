package rhombus.core.stage.view;

/** Words as they stand in sentences. */
public final class Words {
    private Words() {}

    /** Words with a capital letter before them, as they begin a sentence. */
    public static String capital(String words) {
        return words.substring(0, 1).toUpperCase() + words.substring(1);
    }
}
