package rhombus.web;

import org.teavm.jso.JSObject;
import rhombus.boundary.Gives;
import rhombus.core.glossary.Sketch;
import rhombus.core.stage.hand.Tip;
import rhombus.core.stage.show.About;
import rhombus.core.stage.show.There;

/** What things are, for who asks. */
public interface HelpApi extends JSObject {
    /** A command, or null where there is none with this id. */
    @Gives(value = About.class, orNull = true)
    JSObject about(String command);

    /** Whether resting on a control tells what it is. */
    boolean hovering();

    /** What could help now, or nothing. */
    @Gives(value = Tip.class, list = true)
    JSObject tips();

    /** What is at a point of the stage, pixels from its left and top. */
    @Gives(There.class)
    JSObject at(double x, double y);

    /** A moment of a word's picture: 0 and 1 are its start and its end, which are the same. */
    @Gives(Sketch.class)
    JSObject picture(String word, double part);
}
