package rhombus.demo;

import java.util.Random;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;

/** Long Pier: a hundred sections of a thousand parts each, seven solids used over and over, two kilometres of it. */
final class LongPier {
    private static final int SECTIONS = 100;
    private static final double LENGTH = 20;
    private static final String WOOD = "#8A6B4C";
    private static final String GREY = "#6F7C80";
    private static final String TAR = "#2E3A3F";
    private static final String RED = "#A8503C";

    private final GlbBuilder f = new GlbBuilder(false);
    private final Random r = new Random(11);
    private final DemoMesh plank = DemoMesh.box(0.19, 0.05, 1.96);
    private final DemoMesh beam = DemoMesh.box(0.2, 0.3, 8);
    private final DemoMesh brace = DemoMesh.box(1.2, 0.12, 0.12);
    private final DemoMesh pile = DemoMesh.box(0.32, 5, 0.32);
    private final DemoMesh post = DemoMesh.box(0.1, 1.1, 0.1);
    private final DemoMesh rail = DemoMesh.box(0.98, 0.07, 0.09);
    private final DemoMesh bollard = DemoMesh.lathe(8, 2, 0.5, v -> 0.16 - 0.05 * v);

    private LongPier() {}

    static byte[] glb() {
        LongPier p = new LongPier();
        for (int i = 0; i < SECTIONS; i++) {
            p.section(i);
        }
        p.f.camera("Along the pier", new Vec3(-18, 9, 14), new Vec3(60, 0, 0), 45);
        p.f.light("Sky", "directional", new Vec3(40, 60, 30), Vec3.ZERO, 2.5, new Vec3(1, 1, 1));
        return p.f.glb();
    }

    /** 400 planks, 40 beams, 120 braces, 120 piles, 140 posts, 140 rails and 40 bollards. */
    private void section(int i) {
        String name = "Section " + (i + 1);
        int g = f.group(name, -1, new Vec3(i * LENGTH, 0, 0));
        for (int k = 0; k < 400; k++) {
            double lane = k % 4 * 2 - 3;
            double y = 0.2 + r.nextDouble() * 0.012;
            f.add(
                    "Plank " + (k + 1),
                    g,
                    plank,
                    k % 7 == 3 ? GREY : WOOD,
                    new Vec3(k / 4 * 0.2 + 0.1, y, lane),
                    Quat.about(Vec3.Y, (r.nextDouble() - 0.5) * 0.02));
        }
        for (int k = 0; k < 40; k++) {
            f.add("Beam " + (k + 1), g, beam, TAR, new Vec3(k * 0.5 + 0.25, 0, 0));
        }
        for (int k = 0; k < 120; k++) {
            f.add(
                    "Brace " + (k + 1),
                    g,
                    brace,
                    TAR,
                    new Vec3(k / 6 + 0.5, -0.9 - k % 2, k % 6 * 1.5 - 3.75),
                    Quat.about(Vec3.Z, k % 2 == 0 ? 0.6 : -0.6));
        }
        for (int k = 0; k < 120; k++) {
            f.add(
                    "Pile " + (k + 1),
                    g,
                    pile,
                    TAR,
                    new Vec3(k / 6 + 0.5, -2.5 - r.nextDouble() * 0.4, k % 6 * 1.5 - 3.75));
        }
        for (int k = 0; k < 140; k++) {
            double side = k % 2 == 0 ? -3.9 : 3.9;
            f.add("Post " + (k + 1), g, post, GREY, new Vec3(k / 2 * (LENGTH / 70) + 0.1, 0.75, side));
            f.add("Rail " + (k + 1), g, rail, GREY, new Vec3(k / 2 * (LENGTH / 70) + 0.1, 1.3, side));
        }
        for (int k = 0; k < 40; k++) {
            f.add("Bollard " + (k + 1), g, bollard, RED, new Vec3(k / 2 + 0.5, 0.22, k % 2 == 0 ? -3.5 : 3.5));
        }
    }
}
