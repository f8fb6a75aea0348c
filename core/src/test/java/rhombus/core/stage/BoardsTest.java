package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.core.display.Overlay;
import rhombus.core.display.StandardLooks;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.Modifiers;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.boards.Pins;
import rhombus.core.stage.show.paint.OffscreenViews;
import rhombus.core.stage.view.PlateCaptions;
import rhombus.core.stage.view.ViewSources;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Boards, linked views, the Trail's entries, Pins and addresses, by hand. */
class BoardsTest {
    private final Hand hand = new Hand();
    private final Stage stage = hand.stage;

    private List<Pose> poses() {
        return stage.parts.ground.board().views.stream().map(v -> v.pose).toList();
    }

    private List<String> titles() {
        return stage.parts.ground.board().views.stream()
                .map(v -> PlateCaptions.title(stage.parts.ground, v))
                .toList();
    }

    @Test
    void theFourStartingBoardsComeOneAfterTheOther() {
        assertThat(titles()).containsExactly("Top", "Scout", "Front", "Right");
        hand.tap("KeyB", 0);
        assertThat(titles()).containsExactly("Scout", "Top", "Front", "Right");
        hand.tap("KeyB", 0);
        assertThat(titles()).containsExactly("Shot", "Scout");
        hand.tap("KeyB", 0);
        assertThat(titles()).containsExactly("Scout");
        hand.tap("KeyB", 0);
        assertThat(titles()).containsExactly("Top", "Scout", "Front", "Right");
        hand.tap("KeyB", Modifiers.SHIFT);
        assertThat(titles()).containsExactly("Scout");
    }

    @Test
    void goingToAnotherBoardAndBackChangesNoPose() {
        hand.drag(700, 200, 80, 15, 2, 0);
        hand.move(700, 200, 0);
        stage.input().wheel(700, 200, 0, -300, 0, 0, hand.now += 10);
        // In the middle of the glide: it has landed when the board is shown again.
        Pose landing = hand.view(1).destination();
        hand.tap("KeyB", 0);
        hand.drag(300, 200, 80, 15, 2, 0);
        hand.tap("KeyB", Modifiers.SHIFT);
        assertThat(hand.pose(1)).isEqualTo(landing);
        assertThat(stage.parts.ground.board().id).isEqualTo("four");
    }

    @Test
    void soloShowsOneAndLeavesEveryOtherViewUntouched() {
        List<Pose> before = poses();
        hand.move(200, 200, 0);
        hand.tap("KeyQ", 0);
        assertThat(stage.parts.ground.board().views)
                .filteredOn(v -> v.shown)
                .extracting(v -> v.id)
                .containsExactly("v1");
        assertThat(hand.view(0).width).isEqualTo(1003);
        hand.drag(500, 400, 40, 0, 4, 0);
        hand.tap("KeyQ", 0);
        assertThat(poses().subList(1, 4)).isEqualTo(before.subList(1, 4));
        assertThat(hand.pose(0)).isNotEqualTo(before.get(0));
    }

    @Test
    void aSplitViewportShowsTwiceWhatItShowedAndCloseGivesTheRoomBack() {
        hand.drag(700, 200, 80, 15, 2, 0);
        Pose p = hand.pose(1);
        hand.run("board.split", "v2", "to", "right");
        assertThat(stage.parts.ground.board().views).hasSize(5);
        assertThat(stage.parts.ground.board().named("v5").pose).isEqualTo(p);
        assertThat(stage.parts.ground.board().named("v5").look).isEqualTo(hand.view(1).look);
        hand.run("board.close", "v5");
        assertThat(stage.parts.ground.board().named("v2").width).isEqualTo(500);
        assertThat(hand.notices()).contains("Scout is closed.");
        hand.run("board.undo", null);
        assertThat(stage.parts.ground.board().named("v5").pose).isEqualTo(p);
    }

    @Test
    void eightViewportsEachHaveTheirOwnDirectionProjectionModeAndOverlays() {
        for (String v : List.of("v1", "v2", "v3", "v4")) {
            hand.run("board.split", v, "to", "below");
        }
        List<Viewport> views = stage.parts.ground.board().views;
        assertThat(views).hasSize(8);
        String[] sides = {"top", "bottom", "left", "right", "front", "back", "top", "left"};
        for (int i = 0; i < 8; i++) {
            hand.run("view.direction", views.get(i).id, "to", sides[i], "flat", i % 2 == 0);
            hand.run(
                    "display.set",
                    views.get(i).id,
                    "look",
                    StandardLooks.ALL.get(i % 3).id());
            hand.run("display.overlay", views.get(i).id, "overlay", Overlay.values()[i % 4].id());
        }
        hand.rest();
        for (int i = 0; i < 8; i++) {
            assertThat(PlateCaptions.direction(views.get(i), stage.scene().up()))
                    .isEqualTo(sides[i]);
            assertThat(views.get(i).look).isEqualTo(StandardLooks.ALL.get(i % 3));
            assertThat(views.get(i).switched).containsExactly(Overlay.values()[i % 4]);
        }
    }

    @Test
    void aTemplateKeepsTheActiveViewLargeAndSaysWhatItClosed() {
        hand.move(200, 700, 0);
        Pose front = hand.pose(2);
        hand.run("board.arrange", "v3", "to", "single");
        assertThat(stage.parts.ground.board().views).extracting(v -> v.id).containsExactly("v3");
        assertThat(hand.notices()).contains("3 viewports are closed.");
        hand.run("board.arrange", "v3", "to", "one-beside-three");
        assertThat(stage.parts.ground.board().views.get(0).pose).isEqualTo(front);
        assertThat(titles()).containsExactly("Front", "Top", "Right", "Left");
        hand.run("board.undo", null);
        hand.run("board.undo", null);
        assertThat(titles()).containsExactly("Top", "Scout", "Front", "Right");
    }

    @Test
    void swappedViewportsChangePlacesAndNothingElse() {
        Pose top = hand.pose(0);
        hand.run("board.swap", "v1", "with", "v4");
        Viewport v = stage.parts.ground.board().named("v1");
        assertThat(v.pose).isEqualTo(top);
        assertThat(v.x).isEqualTo(503);
        assertThat(v.y).isEqualTo(403);
    }

    @Test
    void aBorderComesBackByEscapeAndItsDragIsOneStepBack() {
        hand.run("board.drag-border", null, "part", "begin", "border", "b0.0", "x", 501, "y", 100);
        hand.run("board.drag-border", null, "part", "move", "x", 301, "y", 900);
        assertThat(hand.view(0).width).isEqualTo(300);
        assertThat(hand.view(2).width).isEqualTo(300);
        hand.run("board.drag-border", null, "part", "cancel");
        assertThat(hand.view(0).width).isEqualTo(500);
        hand.run("board.drag-border", null, "part", "begin", "border", "b0.0", "x", 501, "y", 100);
        hand.run("board.drag-border", null, "part", "end", "x", 501, "y", 100);
        hand.run("board.even", null, "border", "b0.0");
        assertThat(stage.parts.boardList.undoName()).as("nothing has changed").isNull();
        hand.run("board.drag-border", null, "part", "begin", "border", "b0.0", "x", 501, "y", 100);
        hand.run("board.drag-border", null, "part", "move", "x", 441, "y", 100);
        hand.run("board.drag-border", null, "part", "move", "x", 401, "y", 100);
        hand.run("board.drag-border", null, "part", "end", "x", 401, "y", 100);
        assertThat(hand.view(0).width).isEqualTo(400);
        hand.run("board.undo", null);
        assertThat(hand.view(0).width).isEqualTo(500);
        assertThat(stage.parts.boardList.undoName()).isNull();
        hand.run("board.step-border", null, "border", "b0.0", "to", "right");
        assertThat(hand.view(0).width).isEqualTo(524);
        hand.run("board.even", null, "border", "b0.0");
        assertThat(hand.view(0).width).isEqualTo(500);
    }

    @Test
    void tabsAreAddedRenamedMovedAndComeBackFromDeletion() {
        hand.drag(700, 200, 80, 15, 2, 0);
        List<Pose> was = poses();
        hand.run("board.add", null);
        assertThat(poses()).isEqualTo(was);
        hand.run("board.rename", null, "name", "  Hull\nwork ");
        String id = stage.parts.ground.board().id;
        hand.run("board.move", null, "to", "left");
        assertThat(stage.parts.boardList.list())
                .extracting(b -> b.name)
                .containsExactly("Hull work", "Four views", "One and three", "Camera and scout", "Single");
        hand.drag(700, 200, -50, 5, 2, 0);
        List<Pose> later = poses();
        hand.run("board.delete", null);
        assertThat(stage.parts.ground.board().id).isEqualTo("four");
        hand.run("board.undo", null);
        assertThat(stage.parts.ground.board().id).isEqualTo(id);
        assertThat(poses()).isEqualTo(later);
        for (String b : List.of("four", "large", "shot", "single", id)) {
            hand.run("board.delete", null, "board", b);
        }
        assertThat(stage.parts.boardList.list()).hasSize(1);
    }

    @Test
    void theArrangementGoesWithTheUserThePosesStayWithTheScene() {
        hand.run("board.split", "v2", "to", "right");
        hand.drag(600, 200, 80, 15, 2, 0);
        Map<String, Object> boards = stage.documents().boards();
        Hand other = new Hand();
        Pose home = other.pose(1);
        assertThat(other.stage.documents().useBoards(boards)).isNull();
        assertThat(other.stage.parts.ground.board().views).hasSize(5);
        assertThat(other.stage.parts.ground.board().named("v2").pose).isEqualTo(home);
        assertThat(other.stage.documents().useBoards(Map.of("format", "poem"))).contains("rhombus-boards");
        assertThat(other.stage.parts.ground.board().views).hasSize(5);
    }

    @Test
    void pressedOnDemandABoardStartsInNewScenesAsItLooksNow() {
        hand.run("view.direction", "v1", "to", "left", "flat", true);
        hand.rest();
        Hand before = new Hand();
        before.stage.documents().useBoards(stage.documents().boards());
        assertThat(PlateCaptions.title(before.stage.parts.ground, before.view(0)))
                .isEqualTo("Top");
        hand.run("board.use-for-new-scenes", null);
        Hand after = new Hand();
        after.stage.documents().useBoards(stage.documents().boards());
        after.stage.open(Scenes.boxes(), "Boxes");
        assertThat(PlateCaptions.title(after.stage.parts.ground, after.view(0))).isEqualTo("Left");
    }

    @Test
    void linkedFlatViewsFollowAndStayInLine() {
        hand.run("board.link", "v1");
        hand.drag(200, 200, 60, 25, 4, 0);
        Vec3 p = new Vec3(1.5, 0.5, -2);
        double x = stage.project("v1", p).x();
        assertThat(stage.project("v3", p).x()).isCloseTo(x, within(1e-6));
        assertThat(hand.view(2).screen().metresPerPixel(1))
                .isCloseTo(hand.view(0).screen().metresPerPixel(1), within(1e-12));
        stage.input().wheel(200, 600, 0, -500, 0, 0, hand.now += 10);
        hand.rest();
        assertThat(stage.project("v1", p).x()).isCloseTo(stage.project("v3", p).x(), within(1e-6));
        assertThat(stage.project("v4", p).y()).isCloseTo(stage.project("v3", p).y(), within(1e-6));
        // Linking moved the front view, then the pan did, and the wheel in the front view itself.
        assertThat(hand.view(0).trail.length()).isEqualTo(3);
        assertThat(hand.view(2).trail.length()).isEqualTo(4);
    }

    @Test
    void escapePutsEveryLinkedViewBackAndUnlinkedOnesMoveAlone() {
        hand.drag(200, 600, 33, 0, 4, 0);
        List<Pose> crooked = poses();
        hand.drag(200, 200, 60, 25, 4, 0);
        assertThat(poses().subList(1, 4)).isEqualTo(crooked.subList(1, 4));
        hand.run("board.link", "v1");
        hand.rest();
        List<Pose> before = poses();
        hand.move(200, 200, 0);
        hand.move(200, 200, 4);
        hand.move(260, 240, 4);
        assertThat(hand.pose(2)).isNotEqualTo(before.get(2));
        assertThat(PlainData.list(hand.marks(2).get("lines"))).hasSize(1);
        assertThat(PlainData.list(hand.marks(0).get("lines"))).hasSize(2);
        assertThat(PlainData.list(hand.marks(1).get("lines"))).isEmpty();
        stage.input().keyDown("Escape", 0, false, hand.now += 10);
        hand.move(260, 240, 0);
        hand.rest();
        assertThat(poses()).isEqualTo(before);
        assertThat(PlainData.list(hand.marks(2).get("lines"))).isEmpty();
    }

    @Test
    void activatingNeverTouchesTheSelection() {
        Vec3 far = hand.onScreen(1, 4);
        hand.click(far.x(), far.y());
        hand.rest();
        assertThat(stage.parts.subject.selection().nodes()).containsExactly(4);
        Vec3 slab = hand.onScreen(0, 2);
        hand.move(slab.x(), slab.y(), 0, Modifiers.ALT);
        hand.move(slab.x(), slab.y(), 1, Modifiers.ALT);
        hand.move(slab.x(), slab.y(), 0, Modifiers.ALT);
        hand.rest();
        assertThat(stage.parts.subject.selection().nodes()).containsExactly(4);
        assertThat(stage.parts.ground.board().active().id).isEqualTo("v1");
        hand.habit("click.first", "activates");
        Vec3 front = hand.onScreen(2, 2);
        hand.click(front.x(), front.y());
        assertThat(stage.parts.subject.selection().nodes()).containsExactly(4);
        // Even at once: the click that only activates is not the first half of a double click.
        hand.click(front.x(), front.y());
        hand.rest();
        assertThat(stage.parts.subject.selection().nodes()).isNotEqualTo(List.of(4));
    }

    @Test
    void theTrailIsAListToGoToAnyPlaceOf() {
        Pose start = hand.pose(1);
        for (int i = 0; i < 5; i++) {
            hand.drag(700, 200, 40, 0, 2, 0);
        }
        Pose last = hand.pose(1);
        assertThat(new Seen(stage).trailEntries("v2")).hasSize(6);
        hand.run("trail.go", "v2", "to", 0);
        hand.rest();
        assertThat(hand.pose(1)).isEqualTo(start);
        hand.run("trail.go", "v2", "to", 5);
        hand.rest();
        assertThat(hand.pose(1)).isEqualTo(last);
        hand.run("trail.go", "v2", "to", 77);
        assertThat(hand.pose(1)).isEqualTo(last);
        hand.run("edit.undo", "v2");
        hand.rest();
        assertThat(hand.pose(1)).isEqualTo(last);
        assertThat(stage.parts.ground.board().named("v2").trail.names()).doesNotHaveDuplicates();
    }

    @Test
    void pinsComeBackInAnyViewport() {
        hand.drag(700, 200, 80, 15, 2, 0);
        Pose p = hand.pose(1);
        hand.run("pin.add", "v2");
        hand.run("pin.add", "v2");
        hand.run("view.home", "v2");
        hand.rest();
        hand.run("pin.go", "v3", "pin", "p1");
        hand.rest();
        assertThat(hand.pose(2)).isEqualTo(p);
        assertThat(stage.parts.pins.list()).extracting(Pins.Pin::name).containsExactly("Scout", "Scout 2");
        hand.run("pin.rename", null, "pin", "p2", "name", "Bow");
        hand.run("pin.move", null, "pin", "p2", "to", "earlier");
        hand.run("pin.delete", null, "pin", "p1");
        assertThat(stage.parts.pins.list()).extracting(Pins.Pin::name).containsExactly("Bow");
        hand.run("pin.restore", null);
        assertThat(stage.parts.pins.list()).extracting(Pins.Pin::name).containsExactly("Bow", "Scout");
        hand.run("pin.update", "v2", "pin", "p1");
        hand.run("pin.go", "v3", "pin", "p1");
        hand.rest();
        assertThat(hand.pose(2)).isEqualTo(hand.pose(1)).isNotEqualTo(p);
    }

    @Test
    void aPinnedBoardComesBackWholeAndCanBeTakenBack() {
        hand.drag(700, 200, 80, 15, 2, 0);
        hand.run("display.set", "v3", "look", "smooth");
        List<Pose> was = poses();
        hand.run("pin.add", null, "board", true);
        hand.run("board.arrange", "v2", "to", "side-by-side");
        hand.drag(700, 200, -30, 5, 2, 0);
        List<Pose> two = poses();
        hand.run("pin.go", null, "pin", "p1");
        assertThat(poses()).isEqualTo(was);
        assertThat(stage.parts.ground.board().named("v3").look).isEqualTo(StandardLooks.SMOOTH);
        hand.run("board.undo", null);
        assertThat(poses()).isEqualTo(two);
    }

    @Test
    void pinsTravelAsAFileAndSpoiltOnesAreRefused() {
        hand.run("pin.add", "v2");
        hand.run("pin.add", null, "board", true);
        stage.parts.pins.picture("p1", "data:image/jpeg;base64,AAAA");
        stage.parts.pins.picture("p2", "javascript:alert(1)");
        Hand other = new Hand();
        other.run("pin.add", "v1");
        assertThat(other.stage.documents().bringPins(stage.documents().pins())).isNull();
        assertThat(other.stage.parts.pins.list())
                .extracting(Pins.Pin::name)
                .containsExactly("Top", "Scout", "Four views");
        assertThat(other.stage.parts.pins.list()).extracting(Pins.Pin::id).doesNotHaveDuplicates();
        assertThat(other.stage.parts.pins.list())
                .extracting(Pins.Pin::picture)
                .containsExactly(null, "data:image/jpeg;base64,AAAA", null);
        assertThat(other.stage.documents().bringPins(Map.of("format", "poem"))).contains("rhombus-pins");
        assertThat(other.stage
                        .documents()
                        .bringPins(PlainData.map(
                                "format", "rhombus-pins", "version", 1, "pins", List.of(Map.of("view", 3)))))
                .isNotNull();
        assertThat(other.stage.parts.pins.list()).hasSize(3);
    }

    @Test
    void anAddressOpensTheSameViewportsBesideTheUsersOwn() {
        hand.drag(700, 200, 80, 15, 2, 0);
        hand.run("board.split", "v1", "to", "below");
        hand.run("camera.look-through", "v3");
        hand.tap("KeyQ", 0);
        Map<String, Object> address = stage.documents().address();
        Hand other = new Hand();
        Map<String, Object> own = other.stage.documents().boards();
        assertThat(other.stage.documents().openAddress(address)).isNull();
        assertThat(other.stage.parts.ground.board().views)
                .extracting(v -> v.pose)
                .isEqualTo(poses());
        assertThat(other.stage.parts.ground.board().solo).isEqualTo(stage.parts.ground.board().solo);
        assertThat(other.stage.parts.ground.board().named("v3").camera)
                .isEqualTo(hand.stage.parts.ground.board().named("v3").camera)
                .isNotNull();
        assertThat(other.stage.documents().boards()).usingRecursiveComparison().isEqualTo(own);
        assertThat(other.stage.documents().workspace().get("board")).isNull();
        other.run("board.keep", null);
        assertThat(PlainData.list(other.stage.documents().boards().get("boards")))
                .hasSize(5);
        assertThat(other.stage.documents().openAddress(Map.of("parts", "x"))).isNotNull();
    }

    @Test
    void theChooserShowsWhatEachChoiceLeadsTo() {
        List<Object> choices = new Seen(stage).choices("v2");
        assertThat(choices)
                .extracting(c -> PlainData.map(c).get("label"))
                .containsExactly("Top", "Front", "Right", "Bottom", "Back", "Left", "Free flat", "Scout", "Shot");
        for (Object o : choices) {
            Map<String, Object> c = PlainData.map(o);
            Hand h = new Hand();
            Pose wanted = ViewSources.pose(h.stage.parts.ground, h.view(1), (String) c.get("id"));
            h.stage.parts.subject.selection().add(2);
            h.stage.command((String) c.get("command"), PlainData.map(c.get("args")), "v2", h.now += 10);
            h.rest();
            assertThat(h.pose(1)).as("%s", c.get("label")).isEqualTo(wanted);
            assertThat(h.stage.parts.subject.selection().nodes()).containsExactly(2);
            assertThat(PlainData.map(new Seen(h.stage)
                                    .choices("v2").stream()
                                            .filter(x ->
                                                    PlainData.map(x).get("id").equals(c.get("id")))
                                            .findFirst()
                                            .get())
                            .get("on"))
                    .isEqualTo(true);
        }
    }

    @Test
    void homeIsSetAndPutBack() {
        Pose usual = hand.home(1);
        hand.drag(700, 200, 80, 15, 2, 0);
        hand.run("view.set-home", "v2");
        Pose own = hand.pose(1);
        hand.run("view.frame-all", "v2");
        hand.run("view.home", "v2");
        hand.rest();
        assertThat(hand.pose(1)).isEqualTo(own);
        hand.run("view.reset-home", "v2");
        hand.run("view.home", "v2");
        hand.rest();
        assertThat(hand.pose(1)).isEqualTo(usual);
    }

    @Test
    void aPictureOfAnotherShapeHoldsAllThatWasSeen() {
        for (double aspect : new double[] {0.4, 1, 1.25, 3}) {
            for (Viewport v : stage.parts.ground.board().views) {
                Pose p = OffscreenViews.around(v.pose, v.aspect(), aspect);
                double tall = p.projection().heightAt(p.focus());
                double was = v.pose.projection().heightAt(v.pose.focus());
                assertThat(tall).isGreaterThanOrEqualTo(was - 1e-9);
                assertThat(tall * aspect).isGreaterThanOrEqualTo(was * v.aspect() - 1e-9);
                assertThat(Math.min(tall / was, tall * aspect / (was * v.aspect())))
                        .isCloseTo(1, within(1e-9));
            }
        }
        assertThat(hand.pose(0).projection()).isInstanceOf(Projection.Orthographic.class);
    }

    @Test
    void aContactSheetHasEveryViewportEvenInSolo() {
        hand.run("board.solo", "v2");
        assertThat(new Seen(stage).places("board", 900, 600)).hasSize(1);
        List<Map<String, Object>> sheet = new Seen(stage)
                .places("sheet", 900, 600).stream().map(PlainData::map).toList();
        assertThat(sheet).extracting(m -> m.get("caption")).hasSize(4).doesNotHaveDuplicates();
        for (Map<String, Object> a : sheet) {
            double right = PlainData.number(a.get("x"), 0) + PlainData.number(a.get("width"), 0);
            double low = PlainData.number(a.get("y"), 0)
                    + PlainData.number(a.get("height"), 0)
                    + PlainData.number(a.get("line"), 0);
            assertThat(right).isLessThanOrEqualTo(900);
            assertThat(low).isLessThanOrEqualTo(600);
        }
    }
}
