package rhombus.formats;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.json.JsonMapper;

/** A glTF 2.0 document with its buffers, from JSON with files beside it or from a GLB container (glTF 2.0, 4). */
final class GltfDocument implements Accessors.Buffers {
    private static final int MAGIC = 0x46546C67;
    private static final int JSON = 0x4E4F534A;
    private static final int BIN = 0x004E4942;
    private static final int NESTING = 100;

    final Map<String, Object> gltf;
    private final UploadedFiles upload;
    private final UploadLimits limits;
    private final String main;
    private ByteBuffer bin;
    private final List<ByteBuffer> buffers = new ArrayList<>();

    GltfDocument(UploadedFiles upload, UploadLimits limits) {
        this.upload = upload;
        this.limits = limits;
        this.main = upload.main();
        byte[] bytes = upload.file(main);
        ByteBuffer b = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        if (bytes.length >= 4 && b.getInt(0) == MAGIC) {
            gltf = parse(container(b));
        } else {
            gltf = parse(bytes);
        }
        String version = PlainData.text(PlainData.map(gltf.get("asset")).get("version"), "");
        if (!version.startsWith("2.")) {
            throw new FileProblem(
                    "asset.version",
                    version.isEmpty()
                            ? "is missing; this is no glTF 2.0 file"
                            : "is " + version + "; only glTF 2.0 is read. Export it again as glTF 2.0");
        }
        openBuffers();
    }

    private static JsonMapper mapper(UploadLimits limits) {
        return JsonMapper.builder(JsonFactory.builder()
                        .streamReadConstraints(StreamReadConstraints.builder()
                                .maxNestingDepth(NESTING)
                                .maxStringLength(limits.jsonBytes())
                                .maxTokenCount(limits.jsonTokens())
                                .build())
                        .build())
                .build();
    }

    private byte[] container(ByteBuffer b) {
        if (b.capacity() < 20) {
            throw new FileProblem(
                    main, "ends after " + b.capacity() + " bytes, inside the GLB header; upload it again");
        }
        if (b.getInt(4) != 2) {
            throw new FileProblem(main, "is a GLB of version " + b.getInt(4) + "; only version 2 is read");
        }
        long length = b.getInt(8) & 0xFFFFFFFFL;
        if (length > b.capacity()) {
            throw new FileProblem(
                    main,
                    "is cut off: its header says " + length + " bytes, the file has " + b.capacity()
                            + ". Upload it again");
        }
        byte[] json = null;
        long at = 12;
        while (at + 8 <= length) {
            long size = b.getInt((int) at) & 0xFFFFFFFFL;
            int type = b.getInt((int) at + 4);
            if (at + 8 + size > length) {
                throw new FileProblem(main, "is cut off: the chunk at byte " + at + " should have " + size + " bytes");
            }
            if (type == JSON && json == null) {
                checkLength(size);
                json = new byte[(int) size];
                b.get((int) at + 8, json);
            } else if (type == BIN && bin == null) {
                bin = b.slice((int) at + 8, (int) size).order(ByteOrder.LITTLE_ENDIAN);
            }
            at += 8 + size;
        }
        if (json == null) {
            throw new FileProblem(main, "has no JSON chunk; it is no GLB file");
        }
        return json;
    }

    private void checkLength(long json) {
        if (json > limits.jsonBytes()) {
            throw new FileProblem(
                    main,
                    "has " + (json >> 20) + " MB of JSON; at most " + (limits.jsonBytes() >> 20)
                            + " MB are read. Export it as .glb, or as .gltf with its data in a .bin file beside it");
        }
    }

    @SuppressWarnings("unchecked")
    private Map<String, Object> parse(byte[] json) {
        checkLength(json.length);
        String head = new String(json, 0, Math.min(json.length, 64), StandardCharsets.UTF_8).strip();
        if (!head.startsWith("{") && !head.startsWith("\uFEFF{")) {
            throw new FileProblem(
                    main, "is neither glTF nor GLB. Upload a .glb, a .gltf, or a zip with a .gltf and its files");
        }
        try {
            return mapper(limits).readValue(json, Map.class);
        } catch (StreamConstraintsException e) {
            throw new FileProblem(
                    main,
                    "has JSON that is nested deeper than " + NESTING + " levels or holds more than "
                            + limits.jsonTokens() / 1_000_000 + " million values. Export it again, or split the scene");
        } catch (JacksonException e) {
            var where = e.getLocation();
            throw new FileProblem(
                    main,
                    "is not readable as JSON"
                            + (where == null ? "" : " at line " + where.getLineNr() + ", column " + where.getColumnNr())
                            + ". The file is broken; export it again");
        }
    }

    private void openBuffers() {
        List<Object> listed = JsonReader.list(gltf, "buffers", "");
        for (int i = 0; i < listed.size(); i++) {
            String place = "buffers[" + i + "]";
            Map<String, Object> buffer = JsonReader.map(listed.get(i), place);
            long claimed = JsonReader.whole(buffer, "byteLength", -1, place);
            ByteBuffer b;
            if (buffer.get("uri") == null) {
                if (i > 0 || bin == null) {
                    // Told where it is read: extensions that pack data leave such buffers behind, and not all are used.
                    buffers.add(null);
                    continue;
                }
                b = bin;
            } else {
                b = ByteBuffer.wrap(resource(PlainData.text(buffer.get("uri"), ""), place + ".uri"));
            }
            if (claimed < 1 || claimed > b.capacity()) {
                throw new FileProblem(
                        place + ".byteLength", "claims " + claimed + " bytes, but there are " + b.capacity());
            }
            buffers.add(b);
        }
    }

    /** The bytes a URI names: a data URI or a file of the upload; nothing is ever fetched. */
    byte[] resource(String uri, String place) {
        if (uri.startsWith("data:")) {
            int comma = uri.indexOf(',');
            if (comma < 0 || !uri.substring(0, comma).endsWith(";base64")) {
                throw new FileProblem(place, "is a data URI that is not base64");
            }
            try {
                return Base64.getMimeDecoder().decode(uri.substring(comma + 1));
            } catch (IllegalArgumentException e) {
                throw new FileProblem(place, "is a data URI with broken base64");
            }
        }
        String shown = FileProblem.shown(UploadedFiles.decoded(uri));
        if (uri.matches("(?i)^[a-z][a-z0-9+.-]+://.*")
                || uri.matches("(?i)^(file|mailto|urn|blob):.*")
                || uri.startsWith("/")) {
            throw new FileProblem(
                    place,
                    "points to another place (" + shown
                            + "); nothing is fetched from elsewhere. Put the file into a zip with the scene");
        }
        byte[] b = upload.beside(main, uri);
        if (b == null) {
            throw new FileProblem(
                    place,
                    "names \"" + shown
                            + "\", which is not in the upload. Choose it too, or pack everything into a zip");
        }
        return b;
    }

    /** Name of the scene as the file is called. */
    String title() {
        return UploadedFiles.title(main);
    }

    @Override
    public ByteBuffer get(int i) {
        return buffers.get(i);
    }

    @Override
    public int size() {
        return buffers.size();
    }
}
