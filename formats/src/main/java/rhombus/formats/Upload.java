package rhombus.formats;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;

/** Uploaded files by name, zips unpacked within limits. */
public final class Upload {
    private final Map<String, byte[]> files = new LinkedHashMap<>();
    private final Limits limits;
    private long unpacked;

    /** Nothing yet. */
    public Upload(Limits limits) {
        this.limits = limits;
    }

    /**
     * Adds a file, or the files in a zip.
     *
     * @throws Problem if the zip is broken, too large, or names places outside itself
     */
    public Upload add(String name, byte[] bytes) {
        if (bytes.length > 3 && bytes[0] == 'P' && bytes[1] == 'K' && bytes[2] == 3 && bytes[3] == 4) {
            unzip(name, bytes);
        } else {
            files.put(clean(name, name), bytes);
        }
        return this;
    }

    private void unzip(String name, byte[] bytes) {
        int entries = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes), StandardCharsets.UTF_8)) {
            for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
                if (++entries > limits.zipEntries()) {
                    throw new Problem(name, "holds more than " + limits.zipEntries() + " files; pack only the scene and its images");
                }
                String entry = clean(e.getName(), name + " › " + e.getName());
                if (!e.isDirectory()) {
                    files.put(entry, bounded(zip, name));
                }
            }
        } catch (ZipException | IllegalArgumentException e) {
            throw new Problem(name, "is a broken zip file; pack it again");
        } catch (IOException e) {
            throw new Problem(name, "ends too early; the upload was cut off or the zip is broken");
        }
        if (entries == 0) {
            throw new Problem(name, "is an empty or broken zip file; pack it again");
        }
    }

    private byte[] bounded(InputStream in, String name) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] buffer = new byte[65536];
        for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
            unpacked += n;
            if (unpacked > limits.unpackedBytes()) {
                throw new Problem(name, "unpacks to more than " + (limits.unpackedBytes() >> 20) + " MB; upload a smaller scene");
            }
            out.write(buffer, 0, n);
        }
        return out.toByteArray();
    }

    /** A relative path with plain separators. */
    private static String clean(String path, String shown) {
        String p = path.replace('\\', '/');
        while (p.startsWith("./")) {
            p = p.substring(2);
        }
        if (p.startsWith("/") || p.contains(":") || ("/" + p + "/").contains("/../")) {
            throw new Problem(shown, "points outside the upload; files must lie in the zip itself");
        }
        return p;
    }

    /**
     * The one scene file among them.
     *
     * @throws Problem if there is none or more than one
     */
    public String main() {
        String found = null;
        for (String name : files.keySet()) {
            String low = name.toLowerCase(Locale.ROOT);
            if (low.endsWith(".glb") || low.endsWith(".gltf")) {
                if (found != null) {
                    throw new Problem(name, "is a second scene file beside " + found + "; upload one scene at a time");
                }
                found = name;
            }
        }
        if (found == null && files.size() == 1) {
            return files.keySet().iterator().next();
        }
        if (found == null) {
            throw new Problem("", "There is no .glb or .gltf file in the upload. Choose one, or a zip that holds one.");
        }
        return found;
    }

    /** A file by name, or null. */
    public byte[] file(String name) {
        return files.get(name);
    }

    /** A file named by a URI relative to the scene file, or null. */
    public byte[] beside(String main, String relative) {
        int slash = main.lastIndexOf('/');
        byte[] b = files.get(slash < 0 ? relative : main.substring(0, slash + 1) + relative);
        return b != null ? b : files.get(relative);
    }
}
