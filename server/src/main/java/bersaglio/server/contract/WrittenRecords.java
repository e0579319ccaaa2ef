package bersaglio.server.contract;

import bersaglio.wire.format.AllFormats;
import com.eclipsesource.json.JsonObject;
import java.util.function.Function;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;

/** What has a format is answered in it, wherever in an answer it stands. */
@Configuration
public class WrittenRecords {

    @Bean
    public static JacksonModule writtenAsTheyAre() {
        SimpleModule module = new SimpleModule("formats");
        AllFormats.writers().forEach((type, writer) -> module.addSerializer(type, new ByFormat(writer)));
        return module;
    }

    private static final class ByFormat extends ValueSerializer<Object> {

        private final Function<Object, JsonObject> writer;

        ByFormat(Function<Object, JsonObject> writer) {
            this.writer = writer;
        }

        @Override
        public void serialize(Object value, JsonGenerator to, SerializationContext context) {
            to.writeRawValue(writer.apply(value).toString());
        }
    }
}
