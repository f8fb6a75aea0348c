package rhombus.web;

import java.util.Map;
import org.teavm.jso.JSExport;
import rhombus.core.page.PageModule;
import rhombus.core.page.PageSession;
import rhombus.core.words.Messages;

/** What the browser module gives: sessions, and what is the same for all of them. */
public final class Exports {
    private Exports() {}

    /** TeaVM asks for an entry point; there is nothing to start. */
    public static void main(String[] args) {}

    /** Speaks the language of a message file; to be called before anything else here is. */
    @JSExport
    public static void useWords(String file) {
        Messages.use(file);
    }

    /** A session of its own for one scene. */
    @JSExport
    public static PageSessionApi newSession() {
        PageSession session = new PageSession();
        return new PageSessionBridge(session, session.stage().layout());
    }

    /** What is asked without a scene. */
    @JSExport
    public static PageModuleApi pageModule() {
        return new PageModuleBridge(new PageModule(), Map.of());
    }
}
