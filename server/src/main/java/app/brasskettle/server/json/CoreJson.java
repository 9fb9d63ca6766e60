package app.brasskettle.server.json;

import app.brasskettle.core.cause.FailureRanking;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Samples;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;

/** How the core's own types are written: terms of the trade as their word, runs of samples as plain arrays. */
@Configuration
class CoreJson {

    @Bean
    JacksonModule coreTypes() {
        SimpleModule module = new SimpleModule("core");
        module.addSerializer(Coded.class, new WordSerializer());
        module.addKeySerializer(Coded.class, new WordKeySerializer());
        module.addSerializer(Samples.class, new SamplesSerializer());
        module.setMixInAnnotation(FailureRanking.Ranked.class, RankedNames.class);
        return module;
    }

    private static final class WordSerializer extends ValueSerializer<Coded> {
        @Override
        public void serialize(Coded word, JsonGenerator out, SerializationContext context) {
            out.writeString(word.code());
        }
    }

    private static final class WordKeySerializer extends ValueSerializer<Coded> {
        @Override
        public void serialize(Coded word, JsonGenerator out, SerializationContext context) {
            out.writeName(word.code());
        }
    }

    private static final class SamplesSerializer extends ValueSerializer<Samples> {
        @Override
        public void serialize(Samples samples, JsonGenerator out, SerializationContext context) {
            double[] values = samples.toArray();
            out.writeArray(values, 0, values.length);
        }
    }

    /** The contract calls the pieces in favour "for", which no Java name can be. */
    private interface RankedNames {
        @JsonProperty("for")
        List<FailureRanking.Piece> forPieces();
    }
}
