package org.pelluna.core.plan;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.pelluna.core.json.Json;
import org.pelluna.core.species.Catalogue;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The open file of a tank plan: JSON as {@code docs/formats/pelluna-plan-3.schema.json} describes it. What is written
 * can be read back without loss.
 */
public final class PlanFile {
    /** Marks the file as one of ours. */
    public static final String FORMAT = "pelluna-plan";

    /** The version written; earlier ones are read too. */
    public static final int VERSION = 3;

    private PlanFile() {}

    /** The plan as the text of a file. */
    public static String write(TankPlan plan) {
        ObjectNode file = Json.MAPPER.createObjectNode();
        file.put("format", FORMAT);
        file.put("version", VERSION);
        file.setAll((ObjectNode) Json.MAPPER.valueToTree(plan));
        return Json.MAPPER.writeValueAsString(file) + "\n";
    }

    /**
     * Reads and checks a file.
     *
     * @param text the text of the file
     * @param catalogue the species it may name
     * @throws PlanFileException if the file is not one of ours, breaks the schema, or contradicts itself; with the path
     *     of every fault found
     */
    public static TankPlan read(String text, Catalogue catalogue) throws PlanFileException {
        ObjectNode file = parse(text);
        int version = version(file);
        List<Fault> faults = unreadable(file, "");
        if (faults.isEmpty()) {
            faults = schemaFaults(text, version);
        }
        if (!faults.isEmpty()) {
            throw new PlanFileException(faults);
        }
        if (version < 3) {
            fromSecond(file);
        }
        file.remove(List.of("format", "version"));
        TankPlan plan = toPlan(file);
        List<Fault> contradictions = PlanCheck.faults(plan, catalogue);
        if (!contradictions.isEmpty()) {
            throw new PlanFileException(contradictions);
        }
        return plan;
    }

    /** Texts with signs that show nothing and that no database keeps. */
    private static List<Fault> unreadable(JsonNode node, String path) {
        if (node.isString()) {
            boolean hidden = node.stringValue()
                    .chars()
                    .anyMatch(one -> Character.isISOControl(one) && one != '\n' && one != '\r' && one != '\t');
            return hidden
                    ? List.of(new Fault(path, "the text holds a sign that cannot be shown or kept; take it out"))
                    : List.of();
        }
        List<Fault> faults = new ArrayList<>();
        if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                faults.addAll(unreadable(node.get(i), path + "/" + i));
            }
        }
        node.properties().forEach(field -> faults.addAll(unreadable(field.getValue(), path + "/" + field.getKey())));
        return faults;
    }

    private static ObjectNode parse(String text) throws PlanFileException {
        try {
            JsonNode root = Json.MAPPER.readTree(text);
            if (root instanceof ObjectNode file) {
                return file;
            }
            throw new PlanFileException("", "a plan file is one JSON object");
        } catch (StreamConstraintsException e) {
            throw new PlanFileException(
                    "", "the file is larger, or nested deeper, than any plan: " + e.getOriginalMessage());
        } catch (StreamReadException e) {
            throw new PlanFileException(
                    "",
                    "not JSON: " + e.getOriginalMessage() + " (line "
                            + e.getLocation().getLineNr() + ", column "
                            + e.getLocation().getColumnNr() + ")");
        }
    }

    private static int version(ObjectNode file) throws PlanFileException {
        JsonNode format = file.path("format");
        if (!format.isString() || !format.stringValue().equals(FORMAT)) {
            throw new PlanFileException("/format", "this is no Pelluna plan: the format must be \"" + FORMAT + "\"");
        }
        JsonNode version = file.path("version");
        if (!version.isInt() || version.intValue() < 1 || version.intValue() > VERSION) {
            throw new PlanFileException(
                    "/version", "this Pelluna reads versions 1 to " + VERSION + ", but the file says " + version);
        }
        return version.intValue();
    }

    /** The second version had one answer where there are several ways to treat two rivals now; what else it lacks has its default. */
    private static void fromSecond(ObjectNode file) {
        ObjectNode rules = (ObjectNode) file.get("houseRules");
        if (!rules.remove("rivalsSameDay").booleanValue()) {
            rules.withObject("/schools").put("kin", Approaches.Kin.NEVER.key());
        }
    }

    private static List<Fault> schemaFaults(String text, int version) {
        String name = "/org/pelluna/formats/pelluna-plan-" + version + ".schema.json";
        try (InputStream in = PlanFile.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("the schema " + name + " is missing");
            }
            Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(new String(in.readAllBytes(), StandardCharsets.UTF_8), InputFormat.JSON);
            List<Error> errors = schema.validate(
                    text,
                    InputFormat.JSON,
                    execution -> execution.executionConfig(config -> config.formatAssertionsEnabled(true)));
            return errors.stream()
                    .map(error -> new Fault(error.getInstanceLocation().toString(), error.getMessage()))
                    .distinct()
                    .sorted(Comparator.comparing(Fault::path))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static TankPlan toPlan(ObjectNode file) throws PlanFileException {
        try {
            return Json.MAPPER.treeToValue(file, TankPlan.class);
        } catch (DatabindException e) {
            StringBuilder path = new StringBuilder();
            for (JacksonException.Reference step : e.getPath()) {
                path.append('/').append(step.getPropertyName() == null ? step.getIndex() : step.getPropertyName());
            }
            Throwable cause = e.getCause() == null ? e : e.getCause();
            String problem = cause instanceof JacksonException inner ? inner.getOriginalMessage() : cause.getMessage();
            throw new PlanFileException(path.toString(), problem == null ? "cannot be read" : problem);
        }
    }
}
