package rhombus.formats.draco;

import com.dylibso.chicory.runtime.ByteArrayMemory;
import com.dylibso.chicory.runtime.HostFunction;
import com.dylibso.chicory.runtime.ImportValues;
import com.dylibso.chicory.runtime.Instance;
import com.dylibso.chicory.runtime.TrapException;
import com.dylibso.chicory.wasm.ChicoryException;
import com.dylibso.chicory.wasm.types.FunctionType;
import com.dylibso.chicory.wasm.types.MemoryLimits;
import com.dylibso.chicory.wasm.types.ValType;
import java.util.List;

/**
 * A mesh that was packed with Draco. The decoder is that of npm draco3dgltf 1.5.7 ({@code draco_decoder_gltf.wasm}, SHA-256 712db344…);
 * the short names of what it exports hold for that build alone. It has a memory of its own, whose size is bounded, and an
 * instance is used for one mesh: whatever a broken file makes of it is thrown away.
 */
public final class DracoMesh {
    private static final int PAGE = 65536;
    private static final int FIRST_PAGES = 256;

    private final Instance wasm;
    private final int decoder;
    private final int mesh;
    private final int data;

    /** The mesh cannot be unpacked. */
    public static final class Broken extends Exception {
        private static final long serialVersionUID = 1;

        Broken(String words) {
            super(words);
        }
    }

    private DracoMesh(byte[] packed, long most) throws Broken {
        int pages = (int) Math.min(65535, Math.max(FIRST_PAGES + 1, most / PAGE));
        wasm = instance(pages);
        call("f");
        decoder = call("Ja");
        mesh = call("P");
        data = call("Qb", packed.length);
        if (data == 0) {
            throw new Broken("takes more memory than it may");
        }
        wasm.memory().write(data, packed, 0, packed.length);
        int status = call("La", decoder, data, packed.length, mesh);
        if (call("X", status) == 0) {
            throw new Broken("is broken, as its decoder says");
        }
        call("Rb", data);
    }

    /**
     * Unpacks a mesh.
     *
     * @param most bytes that the decoder may use
     * @throws Broken if it is no such mesh, or takes more memory
     */
    public static DracoMesh of(byte[] packed, long most) throws Broken {
        try {
            return new DracoMesh(packed, most);
        } catch (ChicoryException e) {
            throw new Broken("is broken, or takes more memory than it may");
        }
    }

    private static Instance instance(int pages) {
        FunctionType nothing = FunctionType.empty();
        FunctionType three = FunctionType.of(List.of(ValType.I32, ValType.I32, ValType.I32), List.of());
        ImportValues imports = ImportValues.builder()
                .addFunction(new HostFunction("a", "a", nothing, (i, args) -> {
                    throw new TrapException("abort");
                }))
                .addFunction(new HostFunction("a", "b", three, (i, args) -> {
                    throw new TrapException("a C++ exception");
                }))
                .addFunction(new HostFunction(
                        "a", "c", FunctionType.of(List.of(ValType.I32), List.of(ValType.I32)), (i, args) -> {
                            long wanted = args[0] & 0xFFFFFFFFL;
                            long have = (long) i.memory().pages() * PAGE;
                            boolean enough =
                                    wanted <= have || i.memory().grow((int) ((wanted - have + PAGE - 1) / PAGE)) >= 0;
                            return new long[] {enough ? 1 : 0};
                        }))
                .addFunction(new HostFunction("a", "d", three, (i, args) -> {
                    i.memory().copy((int) args[0], (int) args[1], (int) args[2]);
                    return null;
                }))
                .build();
        return Instance.builder(DracoModule.load())
                .withImportValues(imports)
                .withMachineFactory(DracoModule::create)
                .withMemoryFactory(ByteArrayMemory::new)
                .withMemoryLimits(new MemoryLimits(FIRST_PAGES, pages))
                .build();
    }

    private int call(String name, int... args) {
        long[] wide = new long[args.length];
        for (int i = 0; i < args.length; i++) {
            wide[i] = args[i];
        }
        long[] out = wasm.export(name).apply(wide);
        return out == null || out.length == 0 ? 0 : (int) out[0];
    }

    /** How many triangles it has. */
    public int triangles() {
        return call("Q", mesh);
    }

    /** How many vertices it has. */
    public int vertices() {
        return call("S", mesh);
    }

    /** Three vertex numbers for each triangle, 32 bits each, little-endian. */
    public byte[] indices() throws Broken {
        return read(triangles() * 12L, at -> call("Wa", decoder, mesh, triangles() * 12, at));
    }

    /**
     * Values of an attribute, little-endian and tight.
     *
     * @param id number under which the file names it
     * @param type 5120 to 5126 as in glTF
     * @param components of each value
     * @throws Broken if there is no such attribute
     */
    public byte[] attribute(int id, int type, int components) throws Broken {
        int attribute = call("Qa", decoder, mesh, id);
        if (attribute == 0) {
            throw new Broken("has no attribute " + id);
        }
        if (call("v", attribute) != components) {
            throw new Broken("has " + call("v", attribute) + " numbers in attribute " + id + " where " + components
                    + " are needed");
        }
        // Draco's own numbers of the sorts: 8, 16 and 32 bits with and without a sign, then floats.
        int sort =
                switch (type) {
                    case 5120 -> 1;
                    case 5121 -> 2;
                    case 5122 -> 3;
                    case 5123 -> 4;
                    case 5125 -> 6;
                    default -> 9;
                };
        int size = type == 5120 || type == 5121 ? 1 : type == 5122 || type == 5123 ? 2 : 4;
        long bytes = (long) vertices() * components * size;
        return read(bytes, at -> call("eb", decoder, mesh, attribute, sort, (int) bytes, at));
    }

    private interface Fill {
        int into(int at);
    }

    private byte[] read(long bytes, Fill fill) throws Broken {
        if (bytes > Integer.MAX_VALUE - 16) {
            throw new Broken("unpacks to more than can be held");
        }
        try {
            int at = call("Qb", (int) Math.max(1, bytes));
            if (at == 0 || fill.into(at) == 0) {
                throw new Broken("cannot be unpacked to the end");
            }
            byte[] out = wasm.memory().readBytes(at, (int) bytes);
            call("Rb", at);
            return out;
        } catch (ChicoryException e) {
            throw new Broken("is broken, or takes more memory than it may");
        }
    }
}
