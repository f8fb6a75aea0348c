package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.MouseButton;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rhombus.server.RunningServer;

/** The page of all scenes. */
class ScenesTest {
    private static final String OBJ =
            "mtllib paint.mtl\nusemtl red\nv 0 0 0\nv 1 0 0\nv 0 1 0\nv 0 0 2\nf 1 3 2\nf 1 2 4\nf 1 4 3\nf 2 3 4\n";
    private static int accounts;

    private final List<String> failures = new ArrayList<>();
    private Page page;

    @BeforeEach
    void open() {
        String account = "list " + ++accounts;
        RunningServer.get().account(account);
        page = Browser.page(ColorScheme.DARK, failures);
        Browser.signIn(page, account, "tide-and-timber");
    }

    @AfterEach
    void close() {
        Browser.close(page);
        assertThat(failures).isEmpty();
    }

    private static FilePayload file(String name, String text) {
        return SmallScenes.upload(name, text.getBytes(StandardCharsets.UTF_8));
    }

    private void send(FilePayload... files) {
        page.setInputFiles(Browser.SCENE_FILES, files);
    }

    private void boxes(String... names) {
        FilePayload[] files = new FilePayload[names.length];
        for (int i = 0; i < names.length; i++) {
            files[i] = SmallScenes.upload(names[i] + ".gltf", SmallScenes.boxes());
        }
        send(files);
        for (String name : names) {
            card(name).waitFor();
        }
    }

    private Locator card(String name) {
        return page.locator("[data-scene]:has(a[title='" + name + "'])");
    }

    private List<String> names() {
        return page.locator("[data-scene] a[title]").allTextContents();
    }

    private void menu(String name, String what) {
        Hand.choose(page, "[data-scene]:has(a[title='" + name + "']) .more", "li:has-text('" + what + "')");
    }

    @Test
    void anEmptyListSaysHowToBegin() {
        page.locator("h2:has-text('No scenes yet')").waitFor();
        assertThat(page.locator(".empty").textContent()).contains("OBJ").contains("200 MB");
    }

    @Test
    void severalFilesBecomeAsManyScenesAndABrokenOneKeepsNoneFromComing() {
        send(
                SmallScenes.upload("one.gltf", SmallScenes.boxes()),
                file("tent.obj", OBJ),
                file("paint.mtl", "newmtl red\nKd 1 0 0\n"),
                file("broken.stl", "solid a\nvertex 0 0\n"));
        page.locator("[data-upload=failed]:has-text('broken.stl line 2')").waitFor();
        card("one").waitFor();
        card("tent").waitFor();
        assertThat(names()).containsExactlyInAnyOrder("one", "tent");
        page.locator("[data-upload=done]:has-text('tent')").waitFor();
        page.locator("button:has-text('Leave it')").click();
        Hand.still(page);
        AccessTest.check(page, "uploads that came and one that failed");
        assertThat(card("tent").locator("summary").count())
                .as("its material file went with it")
                .isZero();
    }

    @Test
    void whatAFormatDoesNotSayIsAskedByKeyboardToo() {
        send(file("tent.obj", OBJ.replace("mtllib paint.mtl\nusemtl red\n", "")));
        Locator dialog = page.locator("[data-stand]");
        dialog.locator("img >> nth=1").waitFor();
        page.waitForFunction(
                "() => [...document.querySelectorAll('[data-stand] img')].every(i => i.naturalWidth === 320)");
        Hand.still(page);
        AccessTest.check(page, "the question which way is up");
        dialog.locator("[data-up=Z] input").focus();
        page.keyboard().press("Space");
        dialog.locator("button:has-text('centimetres')").focus();
        page.keyboard().press("Enter");
        dialog.locator("button:has-text('Use this')").click();
        card("tent").locator(".asked").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
        card("tent").locator("a[title]").click();
        page.waitForURL("**/scenes/*");
        Hand hand = Hand.ready(page);
        Map<String, Object> scene = Hand.map(hand.ask("scene()", null));
        assertThat(scene.get("upAxis")).isEqualTo("Z");
        // Two centimetres high, along the axis that was said to be up.
        Map<?, ?> bounds = (Map<?, ?>) ((Map<?, ?>) ((List<?>) scene.get("objects")).get(0)).get("bounds");
        assertThat((List<?>) bounds.get("max")).isEqualTo(List.of(0.01, 0.01, 0.02));
    }

    @Test
    void scenesAreFoundOrderedRenamedAndCopied() {
        boxes("Pier 10", "Pier 9", "Boat");
        page.selectOption("[aria-label='Order of scenes']", "name");
        assertThat(names()).containsExactly("Boat", "Pier 9", "Pier 10");
        page.fill("[type=search]", "pier");
        assertThat(names()).containsExactly("Pier 9", "Pier 10");
        page.fill("[type=search]", "whale");
        page.locator("text=No scene is called like that.").waitFor();
        page.locator("button:has-text('Show all 3')").click();
        menu("Boat", "Rename");
        page.keyboard().type("<b>Barge</b>");
        page.keyboard().press("Enter");
        card("<b>Barge</b>").waitFor();
        menu("Pier 9", "Copy");
        card("Pier 9 copy").waitFor();
        page.reload();
        card("Pier 9 copy").waitFor();
        assertThat(names()).as("the order is kept").containsExactly("<b>Barge</b>", "Pier 9", "Pier 9 copy", "Pier 10");
    }

    @Test
    void aDeletedSceneIsBroughtBack() {
        boxes("One", "Two");
        menu("One", "Delete");
        page.locator("[data-removed]:has-text('One')").waitFor();
        assertThat(names()).containsExactly("Two");
        page.locator("button:has-text('Bring it back')").click();
        card("One").waitFor();
        assertThat(page.locator("[data-removed]").count()).isZero();
    }

    @Test
    void thePictureOfASceneIsItsLastView() {
        boxes("One", "Two");
        String before = card("One").locator("img").getAttribute("src");
        card("One").locator("a[title]").click();
        page.waitForURL("**/scenes/*");
        Hand hand = Hand.ready(page);
        hand.over("v2", 0.5, 0.5).drag(MouseButton.RIGHT, 120, 30);
        hand.idle();
        hand.toScenes();
        card("One").waitFor();
        page.waitForFunction(
                "async was => (await fetch('/api/scenes').then(r => r.json())).some(s => s.name === 'One' && s.cover !== was)",
                before);
        page.reload();
        card("One").locator("img").waitFor();
        assertThat(card("One").locator("img").getAttribute("src")).isNotEqualTo(before);
        page.waitForFunction(
                "() => [...document.querySelectorAll('[data-scene] img')].every(i => i.naturalWidth === 320)");
    }

    @Test
    void filesCanBeDroppedAnywhere() {
        page.evaluate(
                """
                text => {
                  const data = new DataTransfer();
                  data.items.add(new File([Uint8Array.from(atob(text), c => c.charCodeAt(0))], 'dropped.gltf'));
                  const send = type => document.querySelector('main').dispatchEvent(
                    new DragEvent(type, { bubbles: true, cancelable: true, dataTransfer: data }));
                  send('dragenter'); send('dragover'); send('drop');
                }""",
                Base64.getEncoder().encodeToString(SmallScenes.boxes()));
        page.waitForURL("**/scenes/*");
        assertThat(Hand.ready(page).ask("scene().name", null)).isEqualTo("dropped");
    }

    @Test
    void anUploadIsCancelledWhileItWaitsForOthers() {
        // The server takes its time with each, so that the fourth one is still waiting.
        page.route("**/api/scenes", route -> {
            if (!route.request().method().equals("POST")) {
                route.resume();
            }
        });
        send(
                SmallScenes.upload("a.gltf", SmallScenes.boxes()),
                SmallScenes.upload("b.gltf", SmallScenes.boxes()),
                SmallScenes.upload("c.gltf", SmallScenes.boxes()),
                SmallScenes.upload("d.gltf", SmallScenes.boxes()),
                SmallScenes.upload("e.gltf", SmallScenes.boxes()));
        page.locator("[data-upload=waiting]:has-text('number 2 in the queue')").waitFor();
        page.locator("button[aria-label='Cancel d.gltf']").click();
        page.locator("[data-upload=waiting]:has-text('next in the queue')").waitFor();
        assertThat(page.locator("[data-upload]").count()).isEqualTo(4);
    }
}
