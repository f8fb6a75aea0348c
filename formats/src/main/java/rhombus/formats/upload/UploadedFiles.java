package rhombus.formats.upload;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;

/** Uploaded files by name, zips unpacked within limits. Nothing is ever written to a disk under these names. */
public final class UploadedFiles {
    /** What desktops leave in folders and zips, which no scene asks for. */
    private static final Pattern DROPPINGS =
            Pattern.compile("(?i)(^|.*/)(__MACOSX/.*|\\._[^/]*|\\.DS_Store|Thumbs\\.db|desktop\\.ini)");

    private static final Pattern ESCAPED = Pattern.compile("(%[0-9A-Fa-f]{2})+");
    private static final Pattern SCENE = Pattern.compile("(?i).*\\.(glb|gltf|obj|stl|ply|3mf)");

    /** Zips that are a scene by themselves. */
    private static final Pattern PACKAGE = Pattern.compile("(?i).*\\.3mf");

    private final Map<String, byte[]> files = new LinkedHashMap<>();
    private final UploadLimits limits;
    private long sent;
    private long unpacked;

    /** Nothing yet. */
    public UploadedFiles(UploadLimits limits) {
        this.limits = limits;
    }

    /** How many bytes came in, zips as they are. */
    public long sent() {
        return sent;
    }

    /**
     * Adds a file, or the files in a zip.
     *
     * @throws FileProblem if the zip is broken or too large, names places outside itself, or there are too many files
     */
    public UploadedFiles add(String name, byte[] bytes) {
        sent += bytes.length;
        if (isZip(bytes) && !PACKAGE.matcher(name).matches()) {
            unzip(name, bytes);
        } else {
            put(name, name, bytes);
        }
        return this;
    }

    private static boolean isZip(byte[] b) {
        return b.length > 3 && b[0] == 'P' && b[1] == 'K' && b[2] == 3 && b[3] == 4;
    }

    /**
     * The files in a package of the upload, within what may still be unpacked.
     *
     * @throws FileProblem if it is broken or too large
     */
    public UploadedFiles opened(String file) {
        byte[] bytes = files.get(file);
        if (!isZip(bytes)) {
            throw new FileProblem(
                    FileProblem.shown(file), "is no zip file, as a 3MF is. It is broken or another format");
        }
        UploadedFiles inside = new UploadedFiles(limits);
        inside.sent = sent;
        inside.unpacked = unpacked;
        inside.unzip(file, bytes);
        return inside;
    }

    private void put(String path, String shown, byte[] bytes) {
        String p = normal(path);
        if (p == null) {
            throw new FileProblem(
                    FileProblem.shown(shown), "points outside the upload; files must lie in the zip itself");
        }
        if (DROPPINGS.matcher(p).matches()) {
            return;
        }
        if (files.size() >= limits.files()) {
            throw new FileProblem(
                    FileProblem.shown(shown),
                    "is one file too many; at most " + limits.files()
                            + " are taken. Upload only the scene, its data and its images");
        }
        byte[] there = files.putIfAbsent(p, bytes);
        if (there != null && !Arrays.equals(there, bytes)) {
            throw new FileProblem(
                    FileProblem.shown(shown),
                    "comes twice with different content. Upload the one that belongs to the scene");
        }
    }

    private void unzip(String name, byte[] bytes) {
        long before = unpacked;
        try {
            unzip(name, bytes, StandardCharsets.UTF_8);
        } catch (IllegalArgumentException e) {
            unpacked = before;
            // Names in the first code page of zips, which knows every byte.
            unzip(name, bytes, Charset.isSupported("IBM437") ? Charset.forName("IBM437") : StandardCharsets.ISO_8859_1);
        }
    }

    private void unzip(String name, byte[] bytes, Charset names) {
        int entries = 0;
        String shown = FileProblem.shown(name);
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes), names)) {
            for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
                if (++entries > 10 * limits.files()) {
                    throw new FileProblem(
                            shown,
                            "holds more than " + 10 * limits.files()
                                    + " entries; pack only the scene, its data and its images");
                }
                if (!e.isDirectory()) {
                    put(e.getName(), name + " › " + e.getName(), bounded(zip, shown));
                }
            }
        } catch (ZipException e) {
            throw new FileProblem(
                    shown,
                    String.valueOf(e.getMessage()).contains("encrypted")
                            ? "is protected by a password; pack it without one"
                            : "is a broken zip file; pack it again");
        } catch (IOException e) {
            throw new FileProblem(shown, "ends too early; the upload was cut off or the zip is broken");
        }
        if (entries == 0) {
            throw new FileProblem(shown, "is an empty or broken zip file; pack it again");
        }
    }

    private byte[] bounded(InputStream in, String name) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] buffer = new byte[65536];
        for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
            unpacked += n;
            if (unpacked > limits.unpacked(sent)) {
                throw new FileProblem(
                        name, "unpacks to more than " + (limits.unpacked(sent) >> 20) + " MB; upload a smaller scene");
            }
            out.write(buffer, 0, n);
        }
        return out.toByteArray();
    }

    /**
     * A path with plain separators and composed letters, without steps to itself or up; null where it leads out of the
     * upload.
     */
    private static String normal(String path) {
        Deque<String> steps = new ArrayDeque<>();
        for (String s : Normalizer.normalize(path, Normalizer.Form.NFC)
                .replace('\\', '/')
                .split("/")) {
            if (s.equals("..")) {
                if (steps.pollLast() == null) {
                    return null;
                }
            } else if (!s.isEmpty() && !s.equals(".")) {
                steps.addLast(s);
            }
        }
        return String.join("/", steps);
    }

    /** Text in which each run of percent-encoded bytes that is UTF-8 has become its letters; other percent signs stay. */
    public static String decoded(String uri) {
        return ESCAPED.matcher(uri).replaceAll(m -> {
            byte[] b = HexFormat.of().parseHex(m.group().replace("%", ""));
            try {
                return Matcher.quoteReplacement(StandardCharsets.UTF_8
                        .newDecoder()
                        .decode(ByteBuffer.wrap(b))
                        .toString());
            } catch (CharacterCodingException e) {
                return Matcher.quoteReplacement(m.group());
            }
        });
    }

    /**
     * The one scene file among them.
     *
     * @throws FileProblem if there is none or more than one
     */
    public String main() {
        String found = null;
        for (String name : files.keySet()) {
            if (SCENE.matcher(name).matches()) {
                if (found != null) {
                    throw new FileProblem(
                            FileProblem.shown(name),
                            "is a second scene file beside " + FileProblem.shown(found)
                                    + "; upload one scene at a time");
                }
                found = name;
            }
        }
        if (found == null && files.size() == 1) {
            return files.keySet().iterator().next();
        }
        if (found == null) {
            throw new FileProblem(
                    "",
                    "There is no scene in the upload. Choose a .glb, .gltf, .obj, .stl, .ply or .3mf, or a zip that holds one.");
        }
        return found;
    }

    /** Whether a file is one that desktops leave in folders. */
    static boolean isDropping(String path) {
        return DROPPINGS.matcher(path).matches();
    }

    /** What a scene file is called, without its folder and its ending. */
    public static String title(String path) {
        String file = path.substring(path.lastIndexOf('/') + 1);
        return SCENE.matcher(file).matches() ? file.substring(0, file.lastIndexOf('.')) : file;
    }

    /** A file by name, or null. */
    public byte[] file(String name) {
        return files.get(name);
    }

    /**
     * A file named by a URI relative to the scene file, or null. Taken as it stands or decoded; beside the scene file, at
     * the top, or, as browsers send chosen files without their folders, by its own name alone.
     */
    public byte[] beside(String main, String uri) {
        int slash = main.lastIndexOf('/');
        String folder = slash < 0 ? "" : main.substring(0, slash + 1);
        for (String path : new String[] {uri, decoded(uri)}) {
            for (String at : new String[] {
                folder + path, path, path.substring(Math.max(path.lastIndexOf('/'), path.lastIndexOf('\\')) + 1)
            }) {
                String p = normal(at);
                byte[] b = p == null ? null : files.get(p);
                if (b != null) {
                    return b;
                }
            }
        }
        return null;
    }
}
