package app.brasskettle.server.openapi;

import app.brasskettle.server.shops.ShopOfCall;
import app.brasskettle.server.shops.ShopsTogether;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.HeaderParameter;
import io.swagger.v3.oas.models.parameters.Parameter;
import io.swagger.v3.oas.models.parameters.QueryParameter;
import java.util.List;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How a call says its shop, in the API's description. */
@Configuration
class ShopParameters {

    /** A call to a job is in its job's shop; any other takes the header. */
    @Bean
    OpenApiCustomizer shopOfCalls() {
        return api -> {
            api.getComponents()
                    .addParameters(
                            ShopOfCall.HEADER,
                            new HeaderParameter()
                                    .name(ShopOfCall.HEADER)
                                    .description(
                                            "Number of the shop, also as the parameter shop; needed by whoever belongs to several")
                                    .schema(new IntegerSchema().format("int64")));
            api.getPaths().forEach((path, item) -> {
                if (path.startsWith("/api/") && !path.contains("{tag}")) {
                    item.readOperations()
                            .forEach(o -> o.addParametersItem(
                                    new Parameter().$ref("#/components/parameters/" + ShopOfCall.HEADER)));
                }
            });
        };
    }

    @Bean
    OperationCustomizer shopsTogether() {
        return (operation, handler) -> handler.hasMethodAnnotation(ShopsTogether.class)
                ? operation.addParametersItem(new QueryParameter()
                        .name(ShopsTogether.PARAMETER)
                        .description("All of the caller's shops read together")
                        .schema(new StringSchema()._enum(List.of(ShopsTogether.ALL))))
                : operation;
    }
}
