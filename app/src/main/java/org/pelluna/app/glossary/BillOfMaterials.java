package org.pelluna.app.glossary;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Comparator;
import java.util.List;
import org.pelluna.core.json.Json;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** What the application is made of, as the build wrote it down: a CycloneDX document for Java, a list for scripts and type. Read when asked for. */
@Component
class BillOfMaterials {
    private static final String JAVA = "META-INF/sbom/application.cdx.json";
    private static final String SCRIPTS = "static/assets/licences.json";

    List<Shipped> all() {
        List<Shipped> all = new ArrayList<>();
        for (JsonNode one : read(JAVA).path("components")) {
            all.add(library(one));
        }
        for (JsonNode one : read(SCRIPTS)) {
            all.add(new Shipped(
                    one.path("name").asString(),
                    one.path("version").asString(),
                    one.path("licence").asString(),
                    one.path("text").asString("")));
        }
        all.sort(Comparator.comparing(Shipped::name));
        return all;
    }

    private static JsonNode read(String file) {
        try (InputStream in = new ClassPathResource(file).getInputStream()) {
            return Json.MAPPER.readTree(in);
        } catch (IOException e) {
            throw new IllegalStateException(file + " was not made by the build", e);
        }
    }

    private static Shipped library(JsonNode one) {
        List<String> names = new ArrayList<>();
        List<String> texts = new ArrayList<>();
        for (JsonNode choice : one.path("licenses")) {
            JsonNode licence = choice.path("license");
            names.add(licence.path("id")
                    .asString(licence.path("name")
                            .asString(choice.path("expression").asString(""))));
            texts.add(text(licence.path("text")));
        }
        return new Shipped(
                one.path("name").asString(),
                one.path("version").asString(),
                names.isEmpty() ? "see its maker" : String.join(" or ", names),
                String.join("\n\n", texts).strip());
    }

    private static String text(JsonNode text) {
        String content = text.path("content").asString("");
        return "base64".equals(text.path("encoding").asString(""))
                ? new String(Base64.getMimeDecoder().decode(content), StandardCharsets.UTF_8)
                : content;
    }
}
