package rhombus.demo;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rhombus.core.Effort;
import rhombus.core.scene.Scene;
import rhombus.core.stage.RandomHand;
import rhombus.formats.NormalReader;
import rhombus.formats.SceneImport;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** On every demo scene, whatever a hand does can be undone and done again to the last bit. */
class HistoryTest {
    private static final int HANDS = Effort.times(3);

    static Iterable<String> names() {
        return DemoScenes.all().keySet();
    }

    @ParameterizedTest
    @MethodSource("names")
    void anyHandCanBeUndoneAndDoneAgainToTheBit(String name) {
        Scene scene = NormalReader.read(SceneImport.read(
                new UploadedFiles(UploadLimits.DEFAULT)
                        .add("scene.glb", DemoScenes.all().get(name).get()),
                UploadLimits.DEFAULT,
                Progress.SILENT));
        long first = Long.getLong("history.seed", Effort.seed("hands") % 1_000_000_000);
        System.out.println(name + ": hands by the seeds " + first + " to " + (first + HANDS - 1));
        for (long seed = first; seed < first + HANDS; seed++) {
            new RandomHand(scene, seed).does(200).letsGo().assertHistoryAndSceneAgree();
        }
    }
}
