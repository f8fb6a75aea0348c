package rhombus.core.stage;

import java.util.List;
import java.util.Map;
import rhombus.core.device.GamepadParts;
import rhombus.core.plain.PlainData;

/** The hand of a preview: raw events like those of a real one, about the middle of a viewport. */
final class PreviewHand {
    private static final int BUTTONS = 17;
    private static final int PUCK = 1;
    private static final double END = 100;

    private final Stage stage;
    private final double middleX;
    private final double middleY;
    private double now;
    private double dx;
    private double dy;
    private boolean plugged;

    PreviewHand(Stage stage, double middleX, double middleY) {
        this.stage = stage;
        this.middleX = middleX;
        this.middleY = middleY;
    }

    Stage stage() {
        return stage;
    }

    /** The time of what it does from now on, milliseconds. */
    void at(double timeMs) {
        now = timeMs;
    }

    double dx() {
        return dx;
    }

    double dy() {
        return dy;
    }

    /** The pointer is so far from the middle, with these buttons of the W3C mask. */
    void move(double x, double y, int buttons) {
        move(x, y, buttons, 0, false);
    }

    void move(double x, double y, int buttons, int modifiers, boolean pen) {
        dx = x;
        dy = y;
        stage.input().pointer(middleX + x, middleY + y, buttons, modifiers, pen, now);
    }

    /** A click somewhere else: in the viewport to the left. */
    void clickBeside() {
        double x = 0.4 * middleX;
        for (int buttons : new int[] {0, 1, 0}) {
            stage.input().pointer(x, middleY, buttons, 0, now);
        }
    }

    void click(double x, double y, int buttons) {
        move(x, y, 0);
        move(x, y, buttons);
        move(x, y, 0);
    }

    void key(String code, int modifiers) {
        down(code, modifiers);
        up(code, modifiers);
    }

    void down(String code, int modifiers) {
        stage.input().keyDown(code, modifiers, false, now);
    }

    void up(String code, int modifiers) {
        stage.input().keyUp(code, modifiers, now);
    }

    /** Fingers slide over a trackpad, or the wheel turns, as the W3C WheelEvent tells it. */
    void wheel(double x, double y) {
        stage.input().wheel(middleX + dx, middleY + dy, x, y, 0, 0, now);
    }

    void run(String command, Object... args) {
        stage.command(command, PlainData.map(args), null, now);
    }

    /** The right stick of a gamepad is pushed. */
    void stick(double x, double y) {
        stage.devices().gamepad(0, "", GamepadParts.STANDARD, new double[] {0, 0, x, y}, new double[BUTTONS], now);
    }

    /** A 3D mouse is twisted, and tipped to and fro and sideways. */
    void twist(double twist, double tip, double aside) {
        if (!plugged) {
            Map<String, Object> axes = PlainData.map(
                    "isRange",
                    true,
                    "usageMinimum",
                    65584.0,
                    "usageMaximum",
                    65589.0,
                    "reportSize",
                    8,
                    "reportCount",
                    6,
                    "logicalMinimum",
                    -END,
                    "logicalMaximum",
                    END);
            Map<String, Object> report = PlainData.map("reportId", 0, "items", List.of(axes));
            stage.devices().hidOpened(PUCK, "", List.of(PlainData.map("inputReports", List.of(report))));
            plugged = true;
        }
        byte[] bytes = {0, 0, 0, part(tip), part(aside), part(twist)};
        stage.devices().hidReport(PUCK, 0, bytes, now);
    }

    private static byte part(double v) {
        return (byte) Math.rint(v * END);
    }
}
