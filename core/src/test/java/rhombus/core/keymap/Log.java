package rhombus.core.keymap;

import java.util.ArrayList;
import java.util.List;

/** Notes what a resolver makes of a hand in a perspective view. */
final class Log implements ResolverActions {
    final List<String> said = new ArrayList<>();

    @Override
    public List<BindingContext> contextsAt(double x, double y) {
        return List.of(BindingContext.PERSPECTIVE, BindingContext.STAGE, BindingContext.APPLICATION);
    }

    @Override
    public List<BindingContext> whileMoving() {
        return List.of(BindingContext.GESTURE);
    }

    @Override
    public void held(Binding b, boolean down, boolean tap, double x, double y) {
        said.add((down ? "hold " : tap ? "tapped " : "let go ") + b.id());
    }

    @Override
    public void beginFingers(Binding b, double x, double y, boolean pinch, boolean twist) {
        said.add("fingers" + (pinch ? " pinch" : "") + (twist ? " twist" : "") + " " + (int) x);
    }

    @Override
    public void dragFingers(double x, double y, double spread, double angle) {
        said.add("fingers to " + (int) x + " " + Math.rint(spread * 100) / 100 + " " + Math.rint(angle * 100) / 100);
    }

    @Override
    public void run(Binding b, double x, double y) {
        said.add("run " + b.id());
    }

    @Override
    public void begin(Binding b, double x, double y, boolean fine, boolean snap) {
        said.add("begin " + b.id() + (fine ? " fine" : "") + (snap ? " snap" : "") + " " + (int) x);
    }

    @Override
    public void drag(double x, double y) {
        said.add("drag " + (int) x);
    }

    @Override
    public void steer(List<Steer> some) {
        some.forEach(s -> said.add("steer " + s.binding().id() + " " + s.amount() + (s.fine() ? " fine" : "")));
    }

    @Override
    public void release() {
        said.add("release");
    }

    @Override
    public void cancel() {
        said.add("cancel");
    }

    @Override
    public void steps(Binding b, double x, double y, double steps, boolean fine) {
        said.add("steps " + b.id() + " " + steps + (fine ? " fine" : ""));
    }
}
