package rhombus.demo;

import rhombus.core.geometry.Vec3;

/** A rolling surface with as many triangles as wanted, for measuring. */
public final class Heightfield {
    private Heightfield() {}

    /** A GLB with one mesh of {@code 2 n²} triangles. */
    public static byte[] glb(int n) {
        GlbBuilder f = new GlbBuilder(false);
        f.add(
                "Dunes",
                -1,
                DemoMesh.surface(
                        n,
                        n,
                        (u, v) -> new Vec3(
                                (u - 0.5) * 40,
                                1.5 * Math.sin(u * 21) * Math.cos(v * 17) + 0.15 * Math.sin(u * 190 + v * 140),
                                (0.5 - v) * 40)),
                "#B7A98A",
                Vec3.ZERO);
        return f.glb();
    }
}
