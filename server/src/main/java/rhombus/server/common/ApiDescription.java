package rhombus.server.common;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.ArrayList;
import java.util.List;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What the description of the HTTP interface says beside what the controllers say; the pages' types are made from it. */
@Configuration
class ApiDescription {
    @Bean
    OpenAPI head() {
        return new OpenAPI()
                .info(new Info()
                        .title("Rhombus")
                        .version("1")
                        .description("Scenes, boards, keymaps and habits of a user."))
                .servers(List.of(new Server().url("/")));
    }

    /** Answers have all their properties: one that has no value is null. Only problems tell what there is to tell. */
    @Bean
    OpenApiCustomizer everyPropertyIsThere() {
        return api -> api.getComponents().getSchemas().forEach((name, schema) -> {
            if (!name.equals("ProblemDetail")) {
                requireAll(schema);
            }
        });
    }

    /** A name and a heading by the path: made-up ones change with the order in which classes are read. */
    @Bean
    OpenApiCustomizer namesByPath() {
        return api -> api.getPaths()
                .forEach((path, item) -> item.readOperationsMap().forEach((method, operation) -> {
                    operation.setOperationId(method + " " + path);
                    operation.setTags(null);
                }));
    }

    private static void requireAll(Schema<?> schema) {
        if (schema.getProperties() != null) {
            schema.setRequired(new ArrayList<>(schema.getProperties().keySet()));
        }
    }
}
