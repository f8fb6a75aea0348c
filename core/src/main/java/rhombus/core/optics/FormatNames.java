package rhombus.core.optics;

import static rhombus.core.words.Messages.say;

import rhombus.core.words.Messages;

/** What sizes of the trade are called. */
final class FormatNames {
    private FormatNames() {}

    /** The words of a language for a name, or the name itself where it is the same in all: most are numbers. */
    static String words(String of, String name) {
        String message = of + name.toLowerCase().replaceAll("[^a-z0-9]+", "-");
        return Messages.has(message) ? say(message) : name;
    }
}
