package bersaglio.server.contract;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The written contract of the HTTP interface, which the page's types are made from. */
@Configuration
class Contract {

    @Bean
    OpenAPI about() {
        return new OpenAPI()
                .info(new Info()
                        .title("Bersaglio")
                        .version("1")
                        .description("Lengths in metres, times in milliseconds since 1970, rates from 0 to 1."));
    }

    /** The server's address differs from club to club. */
    @Bean
    OpenApiCustomizer withoutAddress() {
        return api -> api.setServers(List.of());
    }

    /** A component of a record is always there, unless it may be null. */
    @Bean
    ModelConverter requiredComponents() {
        return new ModelConverter() {
            @Override
            public @Nullable Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
                JavaType java = Json.mapper().constructType(type.getType());
                if (java != null && java.getRawClass().isRecord()) {
                    Schema<?> defined =
                            context.getDefinedModels().get(java.getRawClass().getSimpleName());
                    require(defined != null ? defined : schema, java.getRawClass());
                }
                return schema;
            }
        };
    }

    private static void require(@Nullable Schema<?> schema, Class<?> type) {
        if (schema == null || schema.getProperties() == null) {
            return;
        }
        schema.setRequired(alwaysThere(type).toList());
    }

    /** What stands in a part that is written flat stands in the record itself. */
    private static Stream<String> alwaysThere(Class<?> type) {
        return Arrays.stream(type.getRecordComponents())
                .filter(component -> !mayBeNull(component))
                .flatMap(component -> component.getAccessor().isAnnotationPresent(JsonUnwrapped.class)
                        ? alwaysThere(component.getType())
                        : Stream.of(component.getName()));
    }

    private static boolean mayBeNull(RecordComponent component) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }
}
