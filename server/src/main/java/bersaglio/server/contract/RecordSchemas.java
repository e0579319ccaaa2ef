package bersaglio.server.contract;

import bersaglio.wire.format.AllFormats;
import bersaglio.wire.format.EventBodyFormat;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.Schema;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.util.function.SingletonSupplier;

/** The schemas of the records that are the format, as they were made with their formats. */
@Configuration
class RecordSchemas {

    private static final Pattern REFERENCE = Pattern.compile("#/components/schemas/(\\w+)");

    private final SingletonSupplier<Map<String, Schema<?>>> made = SingletonSupplier.of(RecordSchemas::read);

    private static Map<String, Schema<?>> read() {
        try (InputStream in =
                Objects.requireNonNull(AllFormats.class.getResourceAsStream("/bersaglio/wire/schemas.json"))) {
            return Json31.mapper().readValue(in, new TypeReference<>() {});
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    /** A record or family that has a format is referred to, and not looked into. */
    @Bean
    ModelConverter referring() {
        return new ModelConverter() {
            @Override
            public @Nullable Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                JavaType java = Json.mapper().constructType(type.getType());
                if (java != null) {
                    requireANameOfItsOwn(java.getRawClass());
                }
                if (java != null && !java.getRawClass().getName().startsWith("bersaglio.server.")) {
                    String name = wordFor(java.getRawClass());
                    if (made.obtain().containsKey(name)) {
                        return new JsonSchema().$ref("#/components/schemas/" + name);
                    }
                }
                return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
            }
        };
    }

    /** Two records of one name would be one schema, and one of them a wrong one. */
    private void requireANameOfItsOwn(Class<?> type) {
        if (type.isRecord()
                && type.getName().startsWith("bersaglio.server.")
                && made.obtain().containsKey(type.getSimpleName())) {
            throw new IllegalStateException("There is another record called " + type.getSimpleName() + ".");
        }
    }

    private static String wordFor(Class<?> type) {
        Class<?> holder = type.getEnclosingClass();
        return holder == null ? type.getSimpleName() : wordFor(holder) + type.getSimpleName();
    }

    @Bean
    OpenApiCustomizer withTheirSchemas() {
        return api -> {
            Schema<?> event = api.getComponents().getSchemas().get("EventView");
            addReferred(api);
            JsonSchema kind = new JsonSchema();
            kind.setTypes(Set.of("string"));
            kind.setEnum(List.<Object>copyOf(Arrays.asList(EventBodyFormat.KINDS.split(", "))));
            event.addProperty("kind", kind);
        };
    }

    private void addReferred(OpenAPI api) {
        Deque<String> open = new ArrayDeque<>(referredIn(api));
        while (!open.isEmpty()) {
            String name = open.poll();
            Schema<?> schema = made.obtain().get(name);
            if (schema != null && api.getComponents().getSchemas().putIfAbsent(name, schema) == null) {
                open.addAll(referredIn(schema));
            }
        }
    }

    private static List<String> referredIn(Object part) {
        try {
            Matcher found = REFERENCE.matcher(Json31.mapper().writeValueAsString(part));
            return found.results().map(one -> one.group(1)).distinct().toList();
        } catch (JsonProcessingException unwritable) {
            throw new UncheckedIOException(unwritable);
        }
    }
}
