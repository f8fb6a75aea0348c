package rhombus.server.keymap;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import rhombus.core.stage.show.keys.KeysSheet;
import rhombus.core.stage.show.readout.ReadoutRow;

/** Draws the sheet of a keymap on one page of A4, lying: as large as it fits. Lengths are points. */
final class SheetPdf {
    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
    private static final float MARGIN = 24;
    private static final float GAP = 14;
    private static final float TITLE = 12;
    private static final int COLUMNS = 4;
    private static final float LARGEST = 9;
    private static final float SMALLEST = 2;
    private static final float STEP = 0.1f;
    private static final float LEADING = 1.22f;
    /** How much of a column the words may take; the triggers have the rest. */
    private static final float WORDS = 0.46f;

    private static final float GREY = 0.38f;

    private final KeysSheet sheet;
    private final PDFont font;

    private record Line(String left, String right, boolean heading) {}

    private SheetPdf(KeysSheet sheet, PDFont font) {
        this.sheet = sheet;
        this.font = font;
    }

    /** The sheet as a PDF file. */
    static byte[] of(KeysSheet sheet) throws IOException {
        try (PDDocument document = new PDDocument();
                InputStream ttf = PDDocument.class.getResourceAsStream(FONT)) {
            PDPage page = new PDPage(new PDRectangle(PDRectangle.A4.getHeight(), PDRectangle.A4.getWidth()));
            document.addPage(page);
            document.getDocumentInformation().setTitle("Keymap: " + sheet.name());
            SheetPdf drawing = new SheetPdf(sheet, PDType0Font.load(document, ttf));
            try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                drawing.draw(out, page.getMediaBox());
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void draw(PDPageContentStream out, PDRectangle box) throws IOException {
        float width = (box.getWidth() - 2 * MARGIN - (COLUMNS - 1) * GAP) / COLUMNS;
        float top = box.getHeight() - MARGIN - TITLE * 2;
        float size = LARGEST;
        List<List<Line>> columns = columns(size, width, top - MARGIN);
        while (columns.size() > COLUMNS && size > SMALLEST) {
            size -= STEP;
            columns = columns(size, width, top - MARGIN);
        }
        write(out, "Keymap: " + sheet.name(), MARGIN, box.getHeight() - MARGIN - TITLE, TITLE);
        for (int c = 0; c < columns.size(); c++) {
            float x = MARGIN + c * (width + GAP);
            float y = top;
            for (Line l : columns.get(c)) {
                y -= size * LEADING;
                out.setNonStrokingColor(l.heading ? GREY : 0f);
                write(out, l.left, x, y, size);
                out.setNonStrokingColor(0f);
                write(out, l.right, x + width * WORDS + size, y, size);
            }
        }
    }

    private void write(PDPageContentStream out, String text, float x, float y, float size) throws IOException {
        if (!text.isEmpty()) {
            out.beginText();
            out.setFont(font, size);
            out.newLineAtOffset(x, y);
            out.showText(drawable(text));
            out.endText();
        }
    }

    private List<List<Line>> columns(float size, float width, float height) throws IOException {
        int most = Math.max(3, (int) (height / (size * LEADING)));
        List<List<Line>> out = new ArrayList<>(List.of(new ArrayList<>()));
        for (KeysSheet.Group g : sheet.groups()) {
            List<Line> first = lines(g.rows().get(0), size, width);
            first.add(0, new Line(g.heading().toUpperCase(), "", true));
            // A heading stays with what it heads.
            place(out, first, most, true);
            for (ReadoutRow r : g.rows().subList(1, g.rows().size())) {
                place(out, lines(r, size, width), most, false);
            }
        }
        return out;
    }

    private static void place(List<List<Line>> columns, List<Line> block, int most, boolean spaced) {
        List<Line> last = columns.get(columns.size() - 1);
        if (last.size() + block.size() + 1 > most && !last.isEmpty()) {
            last = new ArrayList<>();
            columns.add(last);
        } else if (spaced && !last.isEmpty()) {
            last.add(new Line("", "", false));
        }
        last.addAll(block);
    }

    private List<Line> lines(ReadoutRow r, float size, float width) throws IOException {
        List<String> left = wrapped(r.label(), size, width * WORDS);
        List<String> right = wrapped(r.value(), size, width * (1 - WORDS) - size);
        List<Line> out = new ArrayList<>();
        for (int i = 0; i < Math.max(left.size(), right.size()); i++) {
            out.add(new Line(i < left.size() ? left.get(i) : "", i < right.size() ? right.get(i) : "", false));
        }
        return out;
    }

    private List<String> wrapped(String text, float size, float width) throws IOException {
        List<String> out = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            String with = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && font.getStringWidth(drawable(with)) / 1000 * size > width) {
                out.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(with);
            }
        }
        out.add(line.toString());
        return out;
    }

    /** What the font has no sign for, such as a letter of a rare script, is shown as a question mark. */
    private String drawable(String text) throws IOException {
        StringBuilder s = new StringBuilder();
        for (int code : text.codePoints().toArray()) {
            String one = new String(Character.toChars(code));
            try {
                font.encode(one);
                s.append(one);
            } catch (IllegalArgumentException e) {
                s.append('?');
            }
        }
        return s.toString();
    }
}
