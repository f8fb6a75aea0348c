package rhombus.web;

import org.teavm.jso.JSObject;
import rhombus.boundary.Gives;
import rhombus.core.glossary.GlossaryFrame;
import rhombus.core.stage.coach.Tip;
import rhombus.core.stage.show.CommandDescription;
import rhombus.core.stage.show.HitInfo;

/** What things are, for who asks. */
public interface HelpApi extends JSObject {
    /** A command, or null where there is none with this id. */
    @Gives(value = CommandDescription.class, orNull = true)
    JSObject about(String command);

    /** Whether resting on a control tells what it is. */
    boolean hovering();

    /** What could help now, or nothing. */
    @Gives(value = Tip.class, list = true)
    JSObject tips();

    /** What is at a point of the stage, pixels from its left and top. */
    @Gives(HitInfo.class)
    JSObject at(double x, double y);

    /** A moment of a word's picture: 0 and 1 are its start and its end, which are the same. */
    @Gives(GlossaryFrame.class)
    JSObject picture(String word, double part);
}
