package rhombus.server.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import rhombus.demo.DemoScenes;
import rhombus.server.Client;
import rhombus.server.common.RequestRefused;

class PictureTest {
    private static Client mira;
    private static Client keys;
    private static String scene;

    @BeforeAll
    static void open() {
        mira = Client.as("mira");
        keys = Client.as("keys");
        scene = "/api/scenes/"
                + mira.upload(
                                Map.of(
                                        "o.glb",
                                        DemoScenes.all().get("Tidal Orrery").get()),
                                Map.of())
                        .json()
                        .get("id");
    }

    /** Upper left quarter red, the rest blue. */
    private static byte[] picture(String format, int w, int h) throws Exception {
        BufferedImage i = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = i.createGraphics();
        g.setColor(Color.BLUE);
        g.fillRect(0, 0, w, h);
        g.setColor(Color.RED);
        g.fillRect(0, 0, w / 2, h / 2);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(i, format, out);
        return out.toByteArray();
    }

    private static Client.Answer bring(Client who, String name, byte[] file) {
        return who.upload(scene + "/pictures", Map.of(name, file), Map.of());
    }

    private static void refused(byte[] file, String words) {
        Client.Answer a = bring(mira, "picture.png", file);
        assertThat(a.status()).as(words).isEqualTo(422);
        assertThat(a.detail()).contains(words);
    }

    @Test
    void aPictureIsEncodedAnewKeptAndGivenToItsOwnerAlone() throws Exception {
        for (String format : List.of("png", "jpeg")) {
            Client.Answer a = bring(mira, "Mast <b>.png", picture(format, 80, 50));
            assertThat(a.status()).isEqualTo(201);
            assertThat(a.json())
                    .containsEntry("width", 80)
                    .containsEntry("height", 50)
                    .containsEntry("name", "Mast <b>");
            String path = scene + "/pictures/" + a.json().get("id");
            Client.Answer got = mira.get(path);
            assertThat(got.header("Content-Type")).isEqualTo("image/" + format);
            assertThat(got.header("Cache-Control")).contains("immutable").contains("private");
            BufferedImage i = ImageIO.read(new ByteArrayInputStream(got.raw().body()));
            assertThat(new Color(i.getRGB(10, 10)).getRed()).isGreaterThan(240);
            assertThat(new Color(i.getRGB(70, 40)).getBlue()).isGreaterThan(240);
            assertThat(keys.get(path).status()).isEqualTo(404);
        }
        assertThat(bring(keys, "a.png", picture("png", 4, 4)).status()).isEqualTo(404);
        assertThat(keys.get(scene + "/pictures").status()).isEqualTo(404);
        assertThat(mira.get(scene + "/pictures/nobody").status()).isEqualTo(404);
        assertThat(mira.get(scene + "/pictures").list()).isNotEmpty();
    }

    @Test
    void whatIsNoPictureIsRefusedWhateverItsName() throws Exception {
        refused("<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(), "neither a PNG nor a JPEG");
        refused(picture("gif", 10, 10), "neither a PNG nor a JPEG");
        refused(new byte[0], "neither a PNG nor a JPEG");
        byte[] png = picture("png", 300, 200);
        refused(Arrays.copyOf(png, 60), "cannot be read");
        refused(Arrays.copyOf(picture("jpeg", 300, 200), 100), "cannot be read");
    }

    @Test
    void anAnimatedOneIsRefused() throws Exception {
        byte[] png = picture("png", 10, 10);
        // After the header chunk of 25 bytes a chunk acTL: 8 bytes of data and a checksum that nobody looks at.
        ByteBuffer b = ByteBuffer.allocate(png.length + 20);
        b.put(png, 0, 33)
                .putInt(8)
                .put("acTL".getBytes())
                .putInt(2)
                .putInt(0)
                .putInt(0)
                .put(png, 33, png.length - 33);
        refused(b.array(), "animated");
    }

    @Test
    void aClaimOfTwoHundredMillionPixelsIsRefusedBeforeItIsDecoded() throws Exception {
        byte[] png = picture("png", 10, 10);
        // Width and height stand at 16 and 20; the checksum after them is made right, so that nothing else is wrong.
        ByteBuffer b = ByteBuffer.wrap(png);
        b.putInt(16, 20_000).putInt(20, 10_000);
        CRC32 crc = new CRC32();
        crc.update(png, 12, 17);
        b.putInt(29, (int) crc.getValue());
        refused(png, "200 million pixels");
    }

    @Test
    void aLargeOneIsMadeSmallerInItsShape() throws Exception {
        Client.Answer a = bring(mira, "wide.jpg", picture("jpeg", 6000, 3000));
        assertThat(a.json()).containsEntry("width", 4096).containsEntry("height", 2048);
    }

    /** The camera was held upright: what is stored at the upper right is seen at the upper left (Exif 2.32, value 8 and 6). */
    @Test
    void aPhotographIsTurnedAsItsCameraWasHeld() throws Exception {
        byte[] jpeg = picture("jpeg", 80, 50);
        for (int orientation : new int[] {6, 8, 3}) {
            ByteBuffer exif = ByteBuffer.allocate(36);
            exif.putShort((short) 0xFFE1)
                    .putShort((short) 34)
                    .putInt(0x45786966)
                    .putShort((short) 0);
            exif.putShort((short) 0x4D4D).putShort((short) 42).putInt(8).putShort((short) 1);
            exif.putShort((short) 274)
                    .putShort((short) 3)
                    .putInt(1)
                    .putShort((short) orientation)
                    .putShort((short) 0);
            exif.putInt(0);
            ByteBuffer b = ByteBuffer.allocate(jpeg.length + 36);
            b.put(jpeg, 0, 2).put(exif.array()).put(jpeg, 2, jpeg.length - 2);
            Client.Answer a = bring(mira, "held.jpg", b.array());
            boolean lying = orientation != 3;
            assertThat(a.json()).containsEntry("width", lying ? 50 : 80).containsEntry("height", lying ? 80 : 50);
            BufferedImage i = ImageIO.read(new ByteArrayInputStream(
                    mira.get(scene + "/pictures/" + a.json().get("id")).raw().body()));
            int w = i.getWidth();
            int h = i.getHeight();
            // 6 is turned a quarter clockwise to be seen: red goes to the upper right; 8 the other way; 3 upside down.
            int[][] red = {{w - 8, 8}, {8, h - 8}, {w - 8, h - 8}};
            int[] at = orientation == 6 ? red[0] : orientation == 8 ? red[1] : red[2];
            assertThat(new Color(i.getRGB(at[0], at[1])).getRed())
                    .as("" + orientation)
                    .isGreaterThan(200);
            assertThat(new Color(i.getRGB(8, 8)).getBlue()).isGreaterThan(200);
        }
    }

    /** A thousand broken files: each is refused in words or is a picture that is given again. */
    @Test
    void brokenFilesAreRefusedInWordsAndNothingElse() throws Exception {
        Random r = new Random(3);
        byte[][] good = {picture("png", 40, 30), picture("jpeg", 40, 30)};
        for (int k = 0; k < 300; k++) {
            byte[] b = good[k % 2].clone();
            for (int n = 1 + r.nextInt(6); n > 0; n--) {
                b[r.nextInt(b.length)] = (byte) r.nextInt(256);
            }
            byte[] cut = r.nextInt(4) == 0 ? Arrays.copyOf(b, r.nextInt(b.length)) : b;
            try {
                assertThat(PictureFiles.read(cut).data()).isNotEmpty();
            } catch (RequestRefused e) {
                assertThat(e.getMessage()).hasSizeGreaterThan(20);
            }
        }
    }
}
