package rhombus.formats.threemf;

import java.io.ByteArrayInputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.UploadedFiles;

/** The package around a 3MF model: a zip that names its first part (Open Packaging Conventions, ECMA-376 part 2). */
final class Package3mf {
    private static final String USUAL = "3D/3dmodel.model";
    private static final String RELATIONS = "_rels/.rels";

    private Package3mf() {}

    /** Path of the part that holds the model. */
    static String start(UploadedFiles parts, String file) {
        byte[] relations = parts.file(RELATIONS);
        String found = relations == null ? null : target(relations, file + " › " + RELATIONS);
        String path = found == null ? USUAL : found.replaceFirst("^/", "");
        if (parts.file(path) == null) {
            throw new FileProblem(file, "holds no model; it is no 3MF package, or one that is broken. Export it again");
        }
        return path;
    }

    private static String target(byte[] xml, String place) {
        try {
            XMLStreamReader r = reader(xml);
            while (r.hasNext()) {
                if (next(r, place) == XMLStreamConstants.START_ELEMENT
                        && r.getLocalName().equals("Relationship")
                        && String.valueOf(r.getAttributeValue(null, "Type")).endsWith("/3dmodel")) {
                    return r.getAttributeValue(null, "Target");
                }
            }
            return null;
        } catch (XMLStreamException e) {
            throw broken(e, place);
        }
    }

    /** Reads XML from which nothing else can be fetched or grown. */
    static XMLStreamReader reader(byte[] xml) throws XMLStreamException {
        XMLInputFactory f = XMLInputFactory.newDefaultFactory();
        f.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        f.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        return f.createXMLStreamReader(new ByteArrayInputStream(xml));
    }

    /** Goes on in the XML; a document type, by which a file could grow without end, is refused. */
    static int next(XMLStreamReader r, String place) throws XMLStreamException {
        int event = r.next();
        if (event == XMLStreamConstants.DTD || event == XMLStreamConstants.ENTITY_REFERENCE) {
            throw new FileProblem(
                    place + " line " + r.getLocation().getLineNumber(),
                    "declares a document type or entities, which 3MF does not allow. Export it again");
        }
        return event;
    }

    static FileProblem broken(XMLStreamException e, String place) {
        String line = e.getLocation() == null ? "" : " line " + e.getLocation().getLineNumber();
        return new FileProblem(place + line, "is not readable as XML. The file is broken or cut off; export it again");
    }
}
