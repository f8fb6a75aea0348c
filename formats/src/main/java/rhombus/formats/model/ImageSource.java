package rhombus.formats.model;

import java.util.Map;

/** Gives the image files that a document names. */
@FunctionalInterface
public interface ImageSource {
    /**
     * The bytes of an image file.
     *
     * @param image its entry in the document
     * @param place where that is
     * @throws rhombus.formats.upload.FileProblem if it is not there
     */
    byte[] of(Map<String, Object> image, String place);
}
