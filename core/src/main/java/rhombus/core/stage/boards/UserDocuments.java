package rhombus.core.stage.boards;

import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;

/** The documents that are kept for the user: boards, workspace, Pins, edits, and addresses to pass on. All are plain data. */
public final class UserDocuments {
    private final StageContext ground;
    private final SubjectParts subject;
    private final Boards boards;
    private final Pins pins;
    private final Workspace workspace;
    private final Runnable settle;

    /**
     * The documents of one stage.
     *
     * @param settle ends what is under way where it is, before a document takes the place of what is there
     */
    public UserDocuments(
            StageContext ground, SubjectParts subject, Boards boards, Pins pins, Workspace workspace, Runnable settle) {
        this.settle = settle;
        this.ground = ground;
        this.subject = subject;
        this.boards = boards;
        this.pins = pins;
        this.workspace = workspace;
    }

    private static String read(Runnable what) {
        try {
            what.run();
            return null;
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
    }

    /** Goes back to where so many changes of the scene are done, and forgets those after it. */
    public void backTo(int done) {
        settle.run();
        subject.editing().backTo(done);
    }

    /** The user's boards, whatever the scene. */
    @PageCall
    public Map<String, Object> boards() {
        return boards.toPlain();
    }

    /** Takes over the boards that were kept for the user; gives what is wrong with them, or null. */
    @PageCall
    @OrNull
    public String useBoards(Map<String, Object> document) {
        settle.run();
        return read(() -> boards.use(document));
    }

    /** What is kept for the user and this scene. */
    @PageCall
    public Map<String, Object> workspace() {
        return workspace.toPlain();
    }

    /** Takes over what was kept for the user and this scene; whatever does not fit is passed over. */
    @PageCall
    public void restore(Map<String, Object> document) {
        settle.run();
        workspace.restore(document);
        ground.changes().everything();
    }

    /** The Pins. */
    @PageCall
    public Map<String, Object> pins() {
        return pins.toPlain();
    }

    /** One Pin as a file of its own, or null. */
    @PageCall
    @OrNull
    public Map<String, Object> pin(String pin) {
        return pins.plain(pin);
    }

    /** Takes over the Pins that were kept for the user and this scene; gives what is wrong with them, or null. */
    @PageCall
    @OrNull
    public String usePins(Map<String, Object> document) {
        return pins.use(document);
    }

    /** Adds the Pins of a file to those there are; gives what is wrong with it, or null. */
    @PageCall
    @OrNull
    public String bringPins(Map<String, Object> document) {
        return pins.bring(document);
    }

    /** Gives a Pin its picture, a data URL. */
    @PageCall
    public void pinPicture(String pin, String dataUrl) {
        pins.picture(pin, dataUrl);
    }

    /** What was changed in the scene since its file was read, with what can be undone. */
    @PageCall
    public Map<String, Object> edits() {
        return subject.editing().toPlain();
    }

    /** Takes over what was changed in the scene; gives what is wrong with it, or null. */
    @PageCall
    @OrNull
    public String useEdits(Map<String, Object> document) {
        settle.run();
        return read(() -> subject.editing().read(document));
    }

    /** Brings a kept version of the scene back, as one step that can be undone; gives what is wrong with it, or null. */
    @PageCall
    @OrNull
    public String bringBack(String title, Map<String, Object> document) {
        settle.run();
        return read(() -> subject.editing().bringBack(say("kept.back-to-version", title), document));
    }

    /** The board in use with everything it shows, to be passed on as an address. */
    @PageCall
    public Map<String, Object> address() {
        return BoardAddress.of(boards.current());
    }

    /** Shows what an address holds beside the user's own boards; gives what is wrong with it, or null. */
    @PageCall
    @OrNull
    public String openAddress(Map<String, Object> address) {
        settle.run();
        return BoardAddress.open(ground, boards, address);
    }

    /** Takes away the board that came with an address, if it is still there and was not kept. */
    public void closeAddress() {
        BoardAddress.close(boards);
    }
}
