package rhombus.web;

import java.util.Map;
import org.teavm.jso.JSObject;
import rhombus.boundary.Gives;
import rhombus.core.stage.coach.ReportState;

/** What is counted of the hand, and what the counts say. */
public interface ReportApi extends JSObject {
    @Gives(ReportState.class)
    JSObject state();

    /** Follows a piece of advice; gives false if it does not stand any more. */
    boolean follow(String advice);

    /** Where it is kept: {@code machine}, {@code account}, or {@code off} for nowhere. */
    String where();

    /** What was kept, by this window or another; what was counted here since is added to it. */
    void restore(@Gives(Map.class) JSObject document, String today);

    /** Everything counted, on its way to where it is kept. */
    @Gives(Map.class)
    JSObject send();

    /** What was sent has arrived, or has not. */
    void sent(boolean arrived);

    /** It is kept in another place from now on. */
    void moved();

    void erase(String today);
}
