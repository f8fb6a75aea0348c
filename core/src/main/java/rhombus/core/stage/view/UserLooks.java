package rhombus.core.stage.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.display.CustomLooks;
import rhombus.core.display.Look;
import rhombus.core.display.StandardLooks;

/** The looks that there are for this user: the usual ones and those of their own, which are kept with the habits. */
public final class UserLooks {
    private final UserSettings settings;
    private final ChangeLog changes;

    UserLooks(UserSettings settings, ChangeLog changes) {
        this.settings = settings;
        this.changes = changes;
    }

    /** Those of the user's own. */
    public CustomLooks own() {
        return settings.habits().looks();
    }

    /** All, the usual ones first. */
    public List<Look> all() {
        List<Look> out = new ArrayList<>(StandardLooks.ALL);
        out.addAll(own().all());
        return out;
    }

    /** The one with this id, or null. */
    public Look named(String id) {
        Look usual = StandardLooks.named(id);
        return usual != null ? usual : own().named(id);
    }

    /** Keeps a look under a name; says what is wrong with the name in a notice, and gives null then. */
    public Look keep(String name, Look look) {
        try {
            use(own().with(name, look));
        } catch (IllegalArgumentException e) {
            changes.notice(e.getMessage() + ".", null, null);
            return null;
        }
        return named(CustomLooks.PREFIX + name);
    }

    /** Is not kept any more. */
    public void remove(String id) {
        use(own().without(id));
    }

    private void use(CustomLooks next) {
        settings.use(settings.habits().with(next));
        changes.application("habits.keep", Map.of());
    }

    /** A viewport draws with the looks of the user's own as they are now. */
    public void refresh(Viewport v) {
        v.look = now(v.look);
        v.otherLook = now(v.otherLook);
    }

    private Look now(Look l) {
        Look known = own().named(l.id());
        return known == null ? l : known;
    }
}
