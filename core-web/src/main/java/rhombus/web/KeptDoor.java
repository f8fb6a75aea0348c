package rhombus.web;

import org.teavm.jso.JSObject;
import rhombus.core.plain.ThreeWayMerge;
import rhombus.core.stage.DocumentMerger;
import rhombus.core.stage.Stage;
import rhombus.core.stage.boards.UserDocuments;

/** The door for what is kept. */
final class KeptDoor implements KeptApi {
    private final UserDocuments kept;
    private final DocumentMerger merging;

    KeptDoor(Stage stage) {
        merging = stage.merging();
        kept = stage.kept();
    }

    @Override
    public JSObject workspace() {
        return JsPlain.toJs(kept.workspace());
    }

    @Override
    public JSObject boards() {
        return JsPlain.toJs(kept.boards());
    }

    @Override
    public JSObject pins() {
        return JsPlain.toJs(kept.pins());
    }

    @Override
    public JSObject edits() {
        return JsPlain.toJs(kept.edits());
    }

    @Override
    public JSObject merge(String what, JSObject base, JSObject theirs, String prefers) {
        ThreeWayMerge.Prefers decides =
                switch (prefers) {
                    case "mine" -> ThreeWayMerge.Prefers.MINE;
                    case "theirs" -> ThreeWayMerge.Prefers.THEIRS;
                    default -> ThreeWayMerge.Prefers.NEITHER;
                };
        return Told.of(merging.merge(what, JsPlain.map(base), JsPlain.map(theirs), decides));
    }

    @Override
    public JSObject address() {
        return JsPlain.toJs(kept.address());
    }

    @Override
    public JSObject pin(String pin) {
        return JsPlain.toJs(kept.pin(pin));
    }

    @Override
    public void restore(JSObject stored) {
        kept.restore(JsPlain.map(stored));
    }

    @Override
    public String useBoards(JSObject stored) {
        return kept.useBoards(JsPlain.map(stored));
    }

    @Override
    public String usePins(JSObject stored) {
        return kept.usePins(JsPlain.map(stored));
    }

    @Override
    public String bringPins(JSObject file) {
        return kept.bringPins(JsPlain.map(file));
    }

    @Override
    public String useEdits(JSObject stored) {
        return kept.useEdits(JsPlain.map(stored));
    }

    @Override
    public String openAddress(JSObject address) {
        return kept.openAddress(JsPlain.map(address));
    }

    @Override
    public String bringBack(String title, JSObject stored) {
        return kept.bringBack(title, JsPlain.map(stored));
    }

    @Override
    public void pinPicture(String pin, String dataUrl) {
        kept.pinPicture(pin, dataUrl);
    }
}
