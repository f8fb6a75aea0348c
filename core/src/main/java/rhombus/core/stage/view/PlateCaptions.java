package rhombus.core.stage.view;

import static rhombus.core.words.Messages.say;

import rhombus.core.navigate.NumberText;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.AxisDirection;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** The words on a viewport's Plate. */
public final class PlateCaptions {
    /** Metres a CSS pixel is tall: 1/96 inch (CSS Values and Units, 6.2). */
    private static final double PIXEL = 0.0254 / 96;

    private PlateCaptions() {}

    public static String direction(Viewport v, UpAxis up) {
        AxisDirection d = AxisDirection.of(v.pose.orientation(), up);
        return d == null ? "free" : d.word();
    }

    public static String title(StageContext ground, Viewport v) {
        if (v.camera != null) {
            return ground.nameOf(ground.scene().indexOf(v.camera));
        }
        if (ground.walks().view() == v) {
            return ground.walks().flying() ? say("captions.flying") : say("captions.walking");
        }
        UpAxis up = ground.scene().up();
        String d = direction(v, up);
        boolean flat = v.pose.projection().flat();
        if (d.equals("free")) {
            return flat ? say("captions.free-flat") : say("captions.scout");
        }
        String name = AxisDirection.named(d).words();
        double turned = roll(v, up);
        return turned == 0 ? name : say("captions.turned", name, NumberText.fixed(turned, 0));
    }

    /** The roll of a view in degrees; 0 where it is too small to be told. */
    private static double roll(Viewport v, UpAxis up) {
        double roll = Math.toDegrees(Heading.roll(v.pose.orientation(), up));
        return Math.abs(roll) > 0.05 ? roll : 0;
    }

    /** Lens of a perspective view with its roll where there is one, or the drawing scale of a flat one. */
    public static String lens(StageContext ground, Viewport v) {
        Pose p = v.pose;
        StringBuilder s = new StringBuilder();
        if (p.projection() instanceof Projection.Perspective q) {
            s.append(NumberText.fixed(Math.toDegrees(q.fovY()), 0)).append('°');
        } else {
            s.append(scale(v.screen().metresPerPixel(1) / PIXEL));
        }
        double roll = roll(v, ground.scene().up());
        // The title of an axis view tells it already.
        if (roll != 0 && (v.camera != null || direction(v, ground.scene().up()).equals("free"))) {
            s.append(" · ").append(say("captions.roll", NumberText.fixed(roll, 0)));
        }
        if (!v.crop.none()) {
            s.append(" · ").append(say("captions.crop", NumberText.digits(v.crop.scale())));
        }
        return s.toString();
    }

    /** Caption of a viewport's picture: direction or camera, lens or scale, display mode. */
    public static String caption(String title, String lens, Viewport v) {
        return title + " · " + lens + " · " + v.look.label();
    }

    private static String scale(double ratio) {
        return ratio >= 1 ? "1:" + number(rounded(ratio)) : number(rounded(1 / ratio)) + ":1";
    }

    private static String number(double twoDigits) {
        String s = NumberText.fixed(twoDigits, twoDigits < 9.95 ? 1 : 0);
        return s.endsWith(".0") ? s.substring(0, s.length() - 2) : s;
    }

    /** Two significant digits are what a drawing scale is read to. */
    private static double rounded(double v) {
        double power = Math.pow(10, Math.floor(Math.log10(v)) - 1);
        return Math.rint(v / power) * power;
    }
}
