package rhombus.server.common;

import org.springframework.boot.jackson.autoconfigure.JsonFactoryBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.StreamReadConstraints;

/** How deep and how rich the JSON of a request may be. */
@Configuration
public class JsonLimits {
    private static final int NESTING = 100;
    private static final long TOKENS = 3_000_000;

    @Bean
    JsonFactoryBuilderCustomizer boundedJson() {
        return b -> b.streamReadConstraints(StreamReadConstraints.builder()
                .maxNestingDepth(NESTING)
                .maxTokenCount(TOKENS)
                .build());
    }
}
