package rhombus.server.scene;

import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import rhombus.demo.DemoScenes;
import rhombus.formats.Limits;
import rhombus.formats.Upload;
import rhombus.server.account.Account;
import rhombus.server.account.Accounts;

/** The demo account with its scenes, made once, only where it is asked for. */
@Component
@ConditionalOnProperty("rhombus.demo")
public class DemoData implements ApplicationRunner {
    /** Name of the demo account. */
    public static final String NAME = "demo";
    /** Its password. */
    public static final String PASSWORD = "saltmarsh";
    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);

    private final Accounts accounts;
    private final Scenes scenes;

    DemoData(Accounts accounts, Scenes scenes) {
        this.accounts = accounts;
        this.scenes = scenes;
    }

    @Override
    public void run(ApplicationArguments args) throws IOException {
        if (accounts.find(NAME) != null) {
            return;
        }
        Account demo = accounts.create(NAME, PASSWORD);
        for (var scene : DemoScenes.all().entrySet()) {
            LOG.info("making {}", scene.getKey());
            scenes.add(demo.id(), scene.getKey(), () -> new Upload(Limits.DEFAULT).add(scene.getKey() + ".glb", scene.getValue().get()), null);
        }
    }
}
