package rhombus.server.scene;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import rhombus.demo.DemoScenes;
import rhombus.formats.ImportedScene;
import rhombus.formats.SceneImport;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;
import rhombus.server.account.Account;
import rhombus.server.account.Accounts;
import rhombus.server.common.RequestRefused;

/**
 * The demo account with its scenes, made once, only where it is asked for, and before the first request is taken: nobody finds a server
 * without accounts meanwhile and makes the first one.
 */
@Component
@ConditionalOnProperty("rhombus.demo")
public class DemoData implements SmartLifecycle {
    /** Name of the demo account. */
    public static final String NAME = "demo";
    /** Its password. */
    public static final String PASSWORD = "saltmarsh";

    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);

    private final Accounts accounts;
    private final SceneStore store;
    private final TransactionTemplate transactions;
    private volatile boolean running;

    /** Names of the scenes that are made; all of them where there are none. */
    private final List<String> only;

    DemoData(
            Accounts accounts,
            SceneStore store,
            TransactionTemplate transactions,
            @Value("${rhombus.demo-scenes:}") List<String> only) {
        this.only = only;
        this.accounts = accounts;
        this.store = store;
        this.transactions = transactions;
    }

    /** All of the demo or nothing of it: a start that is broken off makes it anew the next time. */
    @Override
    public void start() {
        running = true;
        if (accounts.find(NAME) != null) {
            return;
        }
        Map<String, ImportedScene> made = new LinkedHashMap<>();
        for (var scene : DemoScenes.all().entrySet()) {
            if (!only.isEmpty() && !only.contains(scene.getKey())) {
                continue;
            }
            LOG.info("making {}", scene.getKey());
            made.put(
                    scene.getKey(),
                    SceneImport.read(
                            new UploadedFiles(UploadLimits.DEFAULT)
                                    .add(
                                            scene.getKey() + ".glb",
                                            scene.getValue().get()),
                            UploadLimits.DEFAULT,
                            Progress.SILENT));
        }
        try {
            transactions.executeWithoutResult(t -> {
                Account demo = accounts.create(NAME, PASSWORD);
                made.forEach((name, imported) ->
                        store.add(demo.id(), name, SceneImport.Answers.NONE, imported, begins -> {}));
            });
        } catch (RequestRefused e) {
            // Another server on the same database was faster.
            LOG.info("the demo is there already");
        }
    }

    @Override
    public void stop() {
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    /** The web server starts at a phase near the largest number. */
    @Override
    public int getPhase() {
        return 0;
    }
}
