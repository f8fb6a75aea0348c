package rhombus.demo;

import java.util.Random;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;

/** Saltmarsh Boatyard: a wooden hull on its slipway, a workshop, a crane, a jetty, and things to look for. */
final class Boatyard {
    private static final String WOOD = "#A9825A";
    private static final String DARK = "#6E5138";
    private static final String PALE = "#C9B38C";
    private static final String STEEL = "#7F929C 0.5 0.7";
    private static final String TAR = "#3F3A38 0.45";
    private static final String RED = "#A8483C";
    private static final String BRASS = "#D2A64A 0.35 0.9";
    private static final String PAINT = "#D2A64A 0.5";
    private static final String ROPE = "#CBB98E";
    private static final Vec3 HULL = new Vec3(0, 0.9, 0);

    private final GlbBuilder f = new GlbBuilder(false);
    private final Random random = new Random(7);

    static byte[] glb() {
        return new Boatyard().make();
    }

    private byte[] make() {
        int ground = f.pictured("Ground", DemoMesh.box(50, 0.2, 32), SoilTexture.png(), 12, new Vec3(0.5, -0.1, -2));
        f.lock(ground);
        slipway();
        hull();
        workshop();
        crane();
        jetty();
        loose();
        f.camera("Harbour wide", new Vec3(26, 11, 30), new Vec3(-1, 2, -2), 34);
        f.camera("Deck close", new Vec3(3.4, 3.6, 2.2), new Vec3(-1.5, 2.4, 0), 22);
        f.camera("Crane top", new Vec3(-13.5, 15.5, -7), new Vec3(1, 1, 1), 42);
        f.camera("Keel low", new Vec3(7.5, 0.5, 3.6), new Vec3(0, 1.2, 0), 30);
        f.light("Sun", "directional", new Vec3(-14, 40, 30), Vec3.ZERO, 3, new Vec3(1, 0.95, 0.86));
        f.light("Workshop lamp", "point", new Vec3(11, 3.4, -9), Vec3.ZERO, 60, new Vec3(1, 0.82, 0.58));
        f.light("Lamp post light", "point", new Vec3(6.2, 4.7, 7.5), Vec3.ZERO, 36, new Vec3(1, 0.9, 0.7));
        f.home(new Vec3(15.5, 8.2, 17.5), new Vec3(-0.6, 2.2, -1.2));
        return f.glb();
    }

    private void slipway() {
        int g = f.group("Slipway", -1, Vec3.ZERO);
        DemoMesh board = DemoMesh.box(1.06, 0.12, 5.2);
        for (int i = 0; i < 12; i++) {
            f.add("Board " + (i + 1), g, board, i % 3 == 0 ? DARK : WOOD, new Vec3(-6.2 + i * 1.13, 0.46, 0));
        }
        DemoMesh rail = DemoMesh.box(14, 0.36, 0.3);
        f.add("Rail north", g, rail, TAR, new Vec3(0, 0.22, -1.5));
        f.add("Rail south", g, rail, TAR, new Vec3(0, 0.22, 1.5));
        // Only to be seen from below.
        f.add(
                "Painted mark",
                g,
                DemoMesh.box(0.6, 0.004, 0.6),
                RED,
                new Vec3(0.55, 0.396, 0.2),
                Quat.about(Vec3.Y, Math.PI / 4));
        for (int i = 0; i < 6; i++) {
            f.add(
                    "Cradle " + (i + 1),
                    g,
                    DemoMesh.box(0.3, 0.5, 1.9 - Math.abs(i - 2.5) * 0.3),
                    DARK,
                    new Vec3(-3.5 + i * 1.4, 0.72, 0));
        }
    }

    /** The hull's skin: t from stern -1 to bow 1, a from one gunwale (0) under the keel to the other (pi). */
    private static Vec3 skin(double t, double a) {
        double w = 1.45 * (1 - Math.pow(Math.min(1, Math.abs(t)), 2.6)) + 0.02;
        double y = -Math.sin(a) * 1.5 * (1 - 0.35 * Math.pow(Math.abs(t), 3)) + 1.6 + 0.5 * t * t;
        return new Vec3(t * 4.7, y, Math.cos(a) * w);
    }

    private static Vec3 outward(double t, double a) {
        Vec3 dt = skin(t + 1e-4, a).minus(skin(t - 1e-4, a));
        Vec3 da = skin(t, a + 1e-4).minus(skin(t, a - 1e-4));
        Vec3 n = da.cross(dt).unit();
        Vec3 out = skin(t, a).minus(new Vec3(t * 4.7, 1.8, 0));
        return n.dot(out) < 0 ? n.negated() : n;
    }

    private void hull() {
        int g = f.group("Hull", -1, HULL);
        int ribs = f.group("Ribs", g, Vec3.ZERO);
        for (int i = 0; i < 34; i++) {
            double t = -0.93 + 1.86 * i / 33;
            f.add(
                    "Rib " + (i + 1),
                    ribs,
                    DemoMesh.bent(22, 0.07, 0.08, u -> {
                        double a = 0.05 + u * (Math.PI - 0.1);
                        Vec3 n = outward(t, a);
                        return new Vec3[] {skin(t, a).plus(n, -0.075), Vec3.X, n};
                    }),
                    PALE,
                    Vec3.ZERO);
        }
        int planks = f.group("Planks", g, Vec3.ZERO);
        for (int i = 0; i < 40; i++) {
            double a = 0.1 + (i + 0.5) * (Math.PI - 0.2) / 40;
            double width = (Math.PI - 0.2) / 40 * 0.94;
            String color = i == 3 || i == 36 ? RED : i % 4 == 1 ? "#9A7650" : WOOD;
            f.add("Plank " + (i + 1), planks, plank(a, width), color, Vec3.ZERO);
        }
        int deck = f.group("Deck", g, Vec3.ZERO);
        for (int i = 0; i < 7; i++) {
            double z = (i - 3) * 0.34;
            double reach = 4.2 * Math.sqrt(1 - Math.pow(Math.abs(z) / 1.5, 2)) * 0.86;
            f.add(
                    "Deck board " + (i + 1),
                    deck,
                    DemoMesh.bent(40, 0.31, 0.03, u -> {
                        double x = (2 * u - 1) * reach;
                        return new Vec3[] {new Vec3(x, 1.42 + 0.5 * (x / 4.7) * (x / 4.7), z), Vec3.Z.negated(), Vec3.Y
                        };
                    }),
                    i % 2 == 0 ? PALE : "#BFA77E",
                    Vec3.ZERO);
        }
        f.add(
                "Keel",
                g,
                DemoMesh.bent(48, 0.14, 0.24, u -> {
                    double t = -0.98 + 1.96 * u;
                    return new Vec3[] {skin(t, Math.PI / 2).plus(Vec3.Y, -0.12), Vec3.Z.negated(), Vec3.Y};
                }),
                DARK,
                Vec3.ZERO);
        f.add(
                "Stem",
                g,
                DemoMesh.bent(
                        12, 0.12, 0.2, u -> new Vec3[] {new Vec3(4.68 + 0.12 * u, 0.9 + 1.5 * u, 0), Vec3.Z, Vec3.X}),
                DARK,
                Vec3.ZERO);
        f.add("Toolbox", g, DemoMesh.box(0.5, 0.24, 0.26), RED, new Vec3(0.9, 0.62, 0.1), Quat.about(Vec3.Y, 0.4));
        f.add(
                "Brass rivet",
                g,
                DemoMesh.lathe(24, 8, 0.004, v -> 0.004 * Math.sqrt(Math.max(0, 1 - v * v * 0.98))),
                BRASS,
                skin(0.5, 0.5).plus(outward(0.5, 0.5), 0.031),
                Quat.about(Vec3.X, Math.PI / 2));
        f.add("Mast", g, DemoMesh.lathe(28, 20, 7.4, v -> 0.11 - 0.05 * v), WOOD, new Vec3(0.7, 1.3, 0));
        f.add(
                "Boom",
                g,
                DemoMesh.lathe(20, 12, 3.4, v -> 0.06),
                WOOD,
                new Vec3(0.7, 2.6, 0),
                Quat.about(Vec3.Z, Math.PI / 2));
    }

    private static DemoMesh plank(double a, double width) {
        return DemoMesh.bent(88, 1, 0.03, u -> {
            double t = -0.985 + 1.97 * Math.max(0, Math.min(1, u));
            Vec3 n = outward(t, a);
            Vec3 edge = skin(t, a - width / 2).minus(skin(t, a + width / 2));
            return new Vec3[] {skin(t, a).plus(n, 0.015), edge, n};
        });
    }

    private void workshop() {
        int g = f.group("Workshop", -1, new Vec3(11, 0, -9));
        f.add("Floor", g, DemoMesh.box(10, 0.1, 7), "#8C8A84", new Vec3(0, 0.05, 0));
        f.add("Wall back", g, DemoMesh.box(10, 3.6, 0.16), "#8FA0A0", new Vec3(0, 1.85, -3.4));
        f.add("Wall left", g, DemoMesh.box(0.16, 3.6, 7), "#8FA0A0", new Vec3(-4.92, 1.85, 0));
        f.add("Wall right", g, DemoMesh.box(0.16, 3.6, 7), "#8FA0A0", new Vec3(4.92, 1.85, 0));
        f.add("Wall front", g, DemoMesh.box(4.4, 3.6, 0.16), "#8FA0A0", new Vec3(-2.72, 1.85, 3.4));
        f.add("Door", g, DemoMesh.box(2.4, 2.8, 0.1), DARK, new Vec3(3.3, 1.45, 3.62));
        DemoMesh beam = DemoMesh.box(0.14, 0.18, 7);
        int trusses = f.group("Roof trusses", g, Vec3.ZERO);
        for (int i = 0; i < 6; i++) {
            double x = -4.6 + i * 1.84;
            f.add("Tie " + (i + 1), trusses, beam, WOOD, new Vec3(x, 3.7, 0));
            double tilt = Math.atan2(1.6, 3.6);
            DemoMesh rafter = DemoMesh.box(0.12, 0.16, 4.0);
            f.add("Rafter front " + (i + 1), trusses, rafter, WOOD, new Vec3(x, 4.5, 1.8), Quat.about(Vec3.X, tilt));
            f.add("Rafter back " + (i + 1), trusses, rafter, WOOD, new Vec3(x, 4.5, -1.8), Quat.about(Vec3.X, -tilt));
            f.add("Post " + (i + 1), trusses, DemoMesh.box(0.12, 1.5, 0.12), WOOD, new Vec3(x, 4.5, 0));
        }
        double tilt = Math.atan2(1.6, 3.6);
        for (int i = 0; i < 5; i++) {
            f.add(
                    "Roof sheet " + (i + 1),
                    g,
                    DemoMesh.box(2.1, 0.05, 4.4),
                    "#5E7480",
                    new Vec3(-4.2 + i * 2.1, 4.62, -1.95),
                    Quat.about(Vec3.X, -tilt));
        }
        f.add("Workbench", g, DemoMesh.join(DemoMesh.box(3, 0.1, 0.9)), WOOD, new Vec3(-2.6, 0.95, -2.6));
        f.add("Workbench legs", g, DemoMesh.box(2.6, 0.85, 0.6), DARK, new Vec3(-2.6, 0.5, -2.6));
        f.add(
                "Vice",
                g,
                DemoMesh.lathe(24, 10, 0.3, v -> 0.1 + 0.05 * Math.sin(v * 6)),
                STEEL,
                new Vec3(-1.6, 1, -2.5));
        f.add("Lamp shade", g, DemoMesh.lathe(32, 6, 0.24, v -> 0.3 - 0.22 * v), STEEL, new Vec3(0, 3.3, 0));
    }

    private void crane() {
        int g = f.group("Crane", -1, new Vec3(-14, 0, -8));
        f.add("Footing", g, DemoMesh.box(3, 0.6, 3), "#8C8A84", new Vec3(0, 0.3, 0));
        double half = 0.6;
        int tower = f.group("Tower", g, Vec3.ZERO);
        for (int k = 0; k < 4; k++) {
            f.add(
                    "Leg " + (k + 1),
                    tower,
                    DemoMesh.box(0.14, 12, 0.14),
                    PAINT,
                    new Vec3((k & 1) == 0 ? -half : half, 6.6, (k & 2) == 0 ? -half : half));
        }
        for (int i = 0; i < 10; i++) {
            double tilt = Math.atan2(1.2, 1.2) * (i % 2 == 0 ? 1 : -1);
            DemoMesh brace = DemoMesh.join(
                    moved(turned(DemoMesh.box(1.7, 0.07, 0.07), Quat.about(Vec3.Z, tilt)), new Vec3(0, 0, half)),
                    moved(turned(DemoMesh.box(1.7, 0.07, 0.07), Quat.about(Vec3.Z, -tilt)), new Vec3(0, 0, -half)),
                    moved(turned(DemoMesh.box(0.07, 0.07, 1.7), Quat.about(Vec3.X, tilt)), new Vec3(half, 0, 0)),
                    moved(turned(DemoMesh.box(0.07, 0.07, 1.7), Quat.about(Vec3.X, -tilt)), new Vec3(-half, 0, 0)));
            f.add("Brace " + (i + 1), tower, brace, PAINT, new Vec3(0, 1.2 + i * 1.2, 0));
        }
        f.add("Turntable", g, DemoMesh.cylinder(48, 0.9, 0.4), STEEL, new Vec3(0, 12.6, 0));
        f.add("Cab", g, DemoMesh.box(1.5, 1.6, 1.5), RED, new Vec3(0.5, 13.8, 0.9));
        f.add(
                "Jib",
                g,
                DemoMesh.join(
                        moved(DemoMesh.box(17, 0.12, 0.12), new Vec3(6.5, 0, 0.4)),
                        moved(DemoMesh.box(17, 0.12, 0.12), new Vec3(6.5, 0, -0.4)),
                        moved(DemoMesh.box(17, 0.12, 0.12), new Vec3(6.5, 0.8, 0))),
                PAINT,
                new Vec3(0, 14.8, 0));
        f.add("Counterweight", g, DemoMesh.box(1.6, 1.2, 1.4), "#8C8A84", new Vec3(-2.6, 14.4, 0));
        f.add("Trolley", g, DemoMesh.box(0.7, 0.3, 1), STEEL, new Vec3(12.5, 14.6, 0));
        for (int i = 0; i < 4; i++) {
            double z = (i % 2) * 0.5 - 0.25;
            double x = 12.5 + (i / 2) * 0.3 - 0.15;
            f.add(
                    "Cable " + (i + 1),
                    g,
                    DemoMesh.tube(24, 8, 0.015, u -> new Vec3(x, 14.5 - 6.5 * u, z * (1 - 0.8 * u))),
                    TAR,
                    Vec3.ZERO);
        }
        f.add(
                "Hook",
                g,
                DemoMesh.tube(64, 14, 0.06, u -> {
                    double a = u * 4.4 - 0.4;
                    return new Vec3(12.5 + 0.24 * Math.sin(a), 7.6 - 0.24 * Math.cos(a), 0);
                }),
                STEEL,
                Vec3.ZERO);
        f.add("Block", g, DemoMesh.box(0.36, 0.5, 0.36), STEEL, new Vec3(12.5, 8.0, 0));
    }

    private static DemoMesh turned(DemoMesh s, Quat q) {
        float[] p = s.positions().clone();
        float[] n = s.normals().clone();
        for (int i = 0; i < p.length; i += 3) {
            Vec3 a = q.rotate(new Vec3(p[i], p[i + 1], p[i + 2]));
            Vec3 b = q.rotate(new Vec3(n[i], n[i + 1], n[i + 2]));
            for (int k = 0; k < 3; k++) {
                p[i + k] = (float) a.get(k);
                n[i + k] = (float) b.get(k);
            }
        }
        return new DemoMesh(p, n, s.triangles());
    }

    private static DemoMesh moved(DemoMesh s, Vec3 by) {
        float[] p = s.positions().clone();
        for (int i = 0; i < p.length; i++) {
            p[i] += (float) by.get(i % 3);
        }
        return new DemoMesh(p, s.normals(), s.triangles());
    }

    private void jetty() {
        int g = f.group("Jetty", -1, new Vec3(0, 0, 14));
        int piles = f.group("Piles", g, Vec3.ZERO);
        DemoMesh pile = DemoMesh.lathe(18, 5, 2.6, v -> 0.13 - 0.02 * v);
        for (int i = 0; i < 180; i++) {
            double x = -22 + (i / 4) * 1.0;
            double z = (i % 4) * 1.1;
            f.add(
                    "Pile " + (i + 1),
                    piles,
                    pile,
                    i % 7 == 0 ? TAR : DARK,
                    new Vec3(x, -1.6, z),
                    Quat.about(Vec3.Z, (random.nextDouble() - 0.5) * 0.06));
        }
        int decking = f.group("Decking", g, Vec3.ZERO);
        DemoMesh plank = DemoMesh.box(3.1, 0.08, 3.8);
        for (int i = 0; i < 15; i++) {
            f.add(
                    "Decking " + (i + 1),
                    decking,
                    plank,
                    i % 2 == 0 ? WOOD : "#9A7650",
                    new Vec3(-20.6 + i * 3.15, 1.02, 1.65));
        }
    }

    private void loose() {
        int barrels = f.group("Barrels", -1, Vec3.ZERO);
        DemoMesh barrel = DemoMesh.lathe(32, 14, 0.9, v -> 0.29 + 0.09 * Math.sin(v * Math.PI));
        for (int i = 0; i < 9; i++) {
            f.add(
                    "Barrel " + (i + 1),
                    barrels,
                    barrel,
                    i % 3 == 0 ? RED : WOOD,
                    new Vec3(-8 + (i % 3) * 0.85, 0, 5 + (i / 3) * 0.85));
        }
        int ropes = f.group("Ropes", -1, Vec3.ZERO);
        for (int k = 0; k < 3; k++) {
            double x = 5 + k * 1.5;
            f.add(
                    "Rope coil " + (k + 1),
                    ropes,
                    DemoMesh.tube(420, 10, 0.035, u -> {
                        double a = u * 2 * Math.PI * 7;
                        return new Vec3(
                                Math.cos(a) * (0.45 - 0.02 * u), 0.05 + 0.42 * u, Math.sin(a) * (0.45 - 0.02 * u));
                    }),
                    ROPE,
                    new Vec3(x, 0, 4.6));
        }
        int ladders = f.group("Ladders", -1, Vec3.ZERO);
        for (int k = 0; k < 2; k++) {
            DemoMesh[] parts = new DemoMesh[12];
            parts[0] = moved(DemoMesh.box(0.06, 4, 0.08), new Vec3(-0.25, 2, 0));
            parts[1] = moved(DemoMesh.box(0.06, 4, 0.08), new Vec3(0.25, 2, 0));
            for (int i = 0; i < 10; i++) {
                parts[2 + i] = moved(DemoMesh.box(0.5, 0.04, 0.05), new Vec3(0, 0.3 + i * 0.38, 0));
            }
            f.add(
                    "Ladder " + (k + 1),
                    ladders,
                    DemoMesh.join(parts),
                    PALE,
                    new Vec3(-1 + k * 3, 0.5, 2.6),
                    Quat.about(Vec3.X, -0.32));
        }
        int dinghy = f.group("Dinghy", -1, new Vec3(-11, 0.1, 8));
        DemoMesh shell = DemoMesh.surface(40, 22, (u, v) -> {
            Vec3 p = skin(-0.96 + 1.92 * u, 0.06 + v * (Math.PI - 0.12));
            return new Vec3(p.x() * 0.33, (p.y() - 0.1) * 0.36, p.z() * 0.42);
        });
        f.add(
                "Dinghy shell",
                dinghy,
                DemoMesh.join(shell, DemoMesh.flipped(shell)),
                "#5F8A94",
                Vec3.ZERO,
                Quat.about(Vec3.Y, 0.5));
        f.add("Thwart", dinghy, DemoMesh.box(0.24, 0.03, 1.0), PALE, new Vec3(0, 0.46, 0), Quat.about(Vec3.Y, 0.5));
        f.add(
                "Oar",
                dinghy,
                DemoMesh.lathe(12, 4, 2.2, v -> 0.025),
                PALE,
                new Vec3(-0.9, 0.6, 0.3),
                Quat.about(Vec3.Z, -Math.PI / 2));
        int lamp = f.group("Lamp post", -1, new Vec3(6.2, 0, 7.5));
        f.add("Post", lamp, DemoMesh.lathe(20, 10, 4.6, v -> 0.09 - 0.03 * v), TAR, Vec3.ZERO);
        f.add(
                "Lantern",
                lamp,
                DemoMesh.lathe(8, 4, 0.5, v -> 0.2 - 0.06 * Math.abs(v - 0.4)),
                BRASS,
                new Vec3(0, 4.5, 0));
        DemoMesh crate = DemoMesh.box(0.8, 0.7, 0.8);
        int crates = f.group("Crates", -1, Vec3.ZERO);
        for (int i = 0; i < 6; i++) {
            f.add(
                    "Crate " + (i + 1),
                    crates,
                    crate,
                    i % 2 == 0 ? WOOD : PALE,
                    new Vec3(-5.5 + (i % 3) * 0.95, 0.35 + (i / 3) * 0.7, -6),
                    Quat.about(Vec3.Y, random.nextDouble() * 0.3));
        }
        f.add(
                "Buoy",
                -1,
                DemoMesh.lathe(
                        40,
                        24,
                        3.2,
                        v -> v < 0.45 ? 0.9 * Math.sin(v / 0.45 * Math.PI * 0.55 + 0.4) : 0.9 * (1 - v) + 0.06),
                RED,
                new Vec3(640, -0.6, 640));
    }
}
