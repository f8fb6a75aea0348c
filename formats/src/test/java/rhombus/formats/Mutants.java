package rhombus.formats;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.json.JsonMapper;

/** Files and documents with something wrong in them: bytes, values, names, lengths, nesting; the same for the same seed. */
public final class Mutants {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private final Random r;

    /** Mutants of a seed. */
    public Mutants(long seed) {
        r = new Random(seed);
    }

    /** A scene that uses most of what is read: cameras, lights, textures, strides, sparse values, colours, instances. */
    public static byte[] seed() {
        Sample s = new Sample();
        s.floats("VEC3", 0, 0, 0, 1, 0, 0, 0, 1, 0, 1, 1, 0);
        s.shorts(0, 1, 2, 2, 1, 3);
        s.floats("VEC3", 0, 0, 1, 0, 0, 1, 0, 0, 1, 0, 0, 1);
        s.floats("VEC2", 0, 0, 1, 0, 0, 1, 1, 1);
        s.floats("VEC4", 1, 0, 0, 1, 0, 1, 0, 1, 0, 0, 1, 1, 1, 1, 1, 1);
        int at = s.view(new byte[] {1, 0});
        int value = s.view(new byte[] {0, 0, 0x40, 0x40, 0, 0, 0, 0, 0, 0, 0, 0});
        s.edit(
                0,
                "\"type\"",
                "\"min\":[0,0,0],\"sparse\":{\"count\":1,\"indices\":{\"bufferView\":" + at
                        + ",\"componentType\":5123},\"values\":{\"bufferView\":" + value + "}},\"type\"");
        byte[] png = Base64.getDecoder()
                .decode(
                        "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==");
        int image = s.view(png);
        s.primitive =
                "{\"attributes\":{\"POSITION\":0,\"NORMAL\":2,\"TEXCOORD_0\":3,\"COLOR_0\":4},\"indices\":1,\"material\":0,\"mode\":4}";
        s.nodes =
                "[{\"name\":\"Group\",\"children\":[1,2,3],\"translation\":[1,2,3]},{\"name\":\"Thing\",\"mesh\":0,\"scale\":[2,2,2]},"
                        + "{\"name\":\"Shot\",\"camera\":0,\"rotation\":[0,0,0,1]},{\"name\":\"Lamp\",\"extensions\":{\"KHR_lights_punctual\":{\"light\":0}},\"children\":[4]},"
                        + "{\"mesh\":0,\"matrix\":[1,0,0,0,0,1,0,0,0,0,1,0,5,6,7,1],\"extras\":{\"rhombus\":{\"locked\":true}}}]";
        s.more = ",\"materials\":[{\"name\":\"Paint\",\"alphaMode\":\"MASK\",\"alphaCutoff\":0.4,\"doubleSided\":true,"
                + "\"pbrMetallicRoughness\":{\"baseColorFactor\":[0.5,0.25,0,1],\"baseColorTexture\":{\"index\":0,\"texCoord\":0}}}],"
                + "\"textures\":[{\"source\":0}],\"images\":[{\"bufferView\":" + image
                + ",\"mimeType\":\"image/png\"}],"
                + "\"cameras\":[{\"type\":\"perspective\",\"perspective\":{\"yfov\":0.6,\"aspectRatio\":1.5,\"znear\":0.1,\"zfar\":50}},"
                + "{\"type\":\"orthographic\",\"orthographic\":{\"xmag\":2,\"ymag\":1,\"znear\":0,\"zfar\":9}}],"
                + "\"extensionsUsed\":[\"KHR_lights_punctual\"],\"extensions\":{\"KHR_lights_punctual\":{\"lights\":["
                + "{\"type\":\"spot\",\"intensity\":40,\"color\":[1,1,1],\"spot\":{\"innerConeAngle\":0.1,\"outerConeAngle\":0.5}}]}}";
        return s.glb();
    }

    /** A GLB with one to three things wrong in its bytes, its JSON or its lengths. */
    public byte[] glb(byte[] good) {
        byte[] b = good;
        for (int i = r.nextInt(3); i >= 0; i--) {
            b = switch (r.nextInt(6)) {
                case 0 -> bytes(b);
                case 1 -> cut(b);
                case 2 -> length(b);
                default -> json(b);
            };
        }
        return b;
    }

    private byte[] bytes(byte[] good) {
        byte[] b = good.clone();
        for (int i = r.nextInt(4); i >= 0 && b.length > 0; i--) {
            b[r.nextInt(b.length)] = (byte) r.nextInt(256);
        }
        return b;
    }

    private byte[] cut(byte[] good) {
        return Arrays.copyOf(good, r.nextInt(good.length + 40));
    }

    private byte[] length(byte[] good) {
        byte[] b = good.clone();
        if (b.length >= 20) {
            int[] lengths = {0, -1, 1, Integer.MAX_VALUE, Integer.MIN_VALUE, b.length, b.length * 2, r.nextInt()};
            ByteBuffer.wrap(b)
                    .order(ByteOrder.LITTLE_ENDIAN)
                    .putInt(r.nextBoolean() ? 8 : 12, lengths[r.nextInt(lengths.length)]);
        }
        return b;
    }

    private byte[] json(byte[] glb) {
        if (glb.length < 28) {
            return glb;
        }
        int n = ByteBuffer.wrap(glb).order(ByteOrder.LITTLE_ENDIAN).getInt(12);
        if (n < 0 || n > glb.length - 28) {
            return glb;
        }
        try {
            Object tree = JSON.readValue(Arrays.copyOfRange(glb, 20, 20 + n), Object.class);
            return NormalWriter.container(
                    JSON.writeValueAsBytes(value(tree)), Arrays.copyOfRange(glb, 28 + n, glb.length));
        } catch (RuntimeException alreadyBroken) {
            return glb;
        }
    }

    /** A document with one value somewhere in it replaced, taken out or doubled. */
    public Object value(Object tree) {
        // Most of the values of a document lie deep; stopping early now and then reaches the others.
        if (tree instanceof Map<?, ?> m && !m.isEmpty() && r.nextInt(12) > 0) {
            Map<Object, Object> out = new LinkedHashMap<>(m);
            Object key = List.copyOf(m.keySet()).get(r.nextInt(m.size()));
            switch (r.nextInt(10)) {
                case 0 -> out.remove(key);
                case 1 -> out.put(r.nextBoolean() ? "extensions" : "x".repeat(r.nextInt(300)), strange(0));
                default -> out.put(key, value(m.get(key)));
            }
            return out;
        }
        if (tree instanceof List<?> l && !l.isEmpty() && r.nextInt(12) > 0) {
            List<Object> out = new ArrayList<>(l);
            int i = r.nextInt(l.size());
            switch (r.nextInt(10)) {
                case 0 -> out.remove(i);
                case 1 -> out.add(l.get(i));
                default -> out.set(i, value(l.get(i)));
            }
            return out;
        }
        return strange(0);
    }

    private Object strange(int depth) {
        Object[] some = {
            null,
            -1,
            0,
            1,
            3,
            255,
            5120,
            5125,
            0.5,
            1e300,
            -1e300,
            1e-300,
            1L << 31,
            1L << 52,
            1L << 53,
            Long.MAX_VALUE,
            Integer.MIN_VALUE,
            true,
            "",
            "x",
            "data:,",
            "100%.png",
            "\u0000\u202E",
            "x".repeat(70_000),
            List.of(),
            Map.of(),
            List.of(1, 2, 3),
            Map.of("light", 9)
        };
        if (depth < 3 && r.nextInt(12) == 0) {
            Object inner = strange(depth + 1);
            return r.nextBoolean()
                    ? Arrays.asList(inner, inner)
                    : new LinkedHashMap<>(java.util.Collections.singletonMap("a", inner));
        }
        if (r.nextInt(40) == 0) {
            Object deep = 1;
            for (int i = 0; i < 400; i++) {
                deep = List.of(deep);
            }
            return deep;
        }
        return some[r.nextInt(some.length)];
    }

    /** Text of a document that is not quite JSON. */
    public String text(String good) {
        byte[] b = good.getBytes(StandardCharsets.UTF_8);
        return new String(r.nextBoolean() ? bytes(b) : cut(b), StandardCharsets.ISO_8859_1);
    }
}
