package rhombus.demo;

import java.util.Random;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;

/** Tidal Orrery: nested rings and gears on a plinth, with Z up. */
final class Orrery {
    private static final String BRASS = "#C99A45 0.35 1";
    private static final String COPPER = "#B0704C 0.4 1";
    private static final String INK = "#38505E";

    private Orrery() {}

    static byte[] glb() {
        GlbBuilder f = new GlbBuilder(true);
        Random r = new Random(3);
        Quat upright = Quat.about(Vec3.X, Math.PI / 2);
        f.add("Plinth", -1, DemoMesh.lathe(64, 10, 0.5, v -> 0.7 - 0.2 * v * v), INK, Vec3.ZERO, upright);
        int rings = f.group("Rings", -1, new Vec3(0, 0, 1.6));
        for (int i = 0; i < 9; i++) {
            double radius = 0.35 + i * 0.13;
            DemoMesh ring = DemoMesh.tube(
                    160,
                    14,
                    0.014 + 0.002 * (i % 3),
                    u -> new Vec3(radius * Math.cos(u * 2 * Math.PI), radius * Math.sin(u * 2 * Math.PI), 0));
            Quat tilt = Quat.about(Vec3.X, r.nextDouble() * 0.9).times(Quat.about(Vec3.Y, r.nextDouble() * 0.7));
            int g = f.group("Ring " + (i + 1), rings, Vec3.ZERO);
            f.add("Band " + (i + 1), g, ring, i % 2 == 0 ? BRASS : COPPER, Vec3.ZERO, tilt);
            double a = r.nextDouble() * 6;
            f.add(
                    "Bead " + (i + 1),
                    g,
                    ball(0.03 + 0.012 * (i % 4)),
                    i % 2 == 0 ? "#5AA0A8" : "#B9C4C0",
                    tilt.rotate(new Vec3(radius * Math.cos(a), radius * Math.sin(a), 0)));
        }
        f.add("Sun ball", rings, ball(0.16), BRASS, Vec3.ZERO);
        int gears = f.group("Gears", -1, new Vec3(0, 0, 0.62));
        double x = 0;
        for (int i = 0; i < 7; i++) {
            int teeth = 18 + i * 6;
            f.add(
                    "Gear " + (i + 1),
                    gears,
                    gear(teeth, 0.012 * teeth / 2, 0.05),
                    i % 2 == 0 ? BRASS : COPPER,
                    new Vec3(Math.cos(i * 2.1) * x, Math.sin(i * 2.1) * x, i * 0.06),
                    Quat.about(Vec3.Z, i * 0.2));
            x += 0.05;
        }
        f.add("Axle", -1, DemoMesh.cylinder(24, 0.02, 1.2), INK, new Vec3(0, 0, 0.4), upright);
        f.camera("Orrery front", new Vec3(0.6, -4.2, 2.4), new Vec3(0, 0, 1.4), 30);
        f.light("Window", "directional", new Vec3(2, -3, 6), Vec3.ZERO, 2, new Vec3(1, 1, 1));
        return f.glb();
    }

    private static DemoMesh ball(double radius) {
        return DemoMesh.surface(18, 36, (v, u) -> {
            double a = u * 2 * Math.PI;
            double b = Math.max(1e-3, Math.min(Math.PI - 1e-3, v * Math.PI));
            return new Vec3(
                    radius * Math.sin(b) * Math.cos(a), radius * Math.sin(b) * Math.sin(a), radius * Math.cos(b));
        });
    }

    private static DemoMesh gear(int teeth, double radius, double thick) {
        int n = teeth * 4;
        DemoMesh rim = DemoMesh.surface(n, 1, (u, v) -> rim(u, teeth, radius, (v - 0.5) * thick));
        DemoMesh top = DemoMesh.surface(n, 1, (u, v) -> {
            Vec3 p = rim(u, teeth, radius, thick / 2);
            return new Vec3(p.x() * (1 - 0.8 * v), p.y() * (1 - 0.8 * v), p.z());
        });
        DemoMesh low = DemoMesh.surface(n, 1, (u, v) -> {
            Vec3 p = rim(u, teeth, radius, -thick / 2);
            return new Vec3(p.x() * (0.2 + 0.8 * v), p.y() * (0.2 + 0.8 * v), p.z());
        });
        return DemoMesh.join(rim, top, low);
    }

    private static Vec3 rim(double u, int teeth, double radius, double z) {
        double phase = u * teeth - Math.floor(u * teeth);
        double r = radius * (phase < 0.5 ? 1 : 0.88);
        double a = u * 2 * Math.PI;
        return new Vec3(r * Math.cos(a), r * Math.sin(a), z);
    }
}
