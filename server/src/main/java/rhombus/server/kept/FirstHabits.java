package rhombus.server.kept;

import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habits;
import rhombus.server.account.AccountListener;

/** What a new account has set: its hand is asked for three small steps, and tips come. */
@Component
@ConditionalOnProperty(name = "rhombus.first-steps", matchIfMissing = true)
class FirstHabits implements AccountListener {
    private final KeptDocuments kept;

    FirstHabits(KeptDocuments kept) {
        this.kept = kept;
    }

    @Override
    public void made(long id) {
        Habits h = Habits.USUAL.with(AllHabits.FIRST_STEPS.id(), "orbit").with(AllHabits.TIPS.id(), "on");
        kept.save(id, "habits", "", new KeptDocuments.Save(0, h.toPlain()));
    }
}
