package org.pelluna.core.plan;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.pelluna.core.json.Json;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.units.CsvCell;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A whole tank as a Frictionless Data Package: a zip with {@code datapackage.json}, a table for each list of the plan (Tabular Data
 * Resource, RFC 4180), the rest of the plan as JSON, and photographs. What is written is read back without loss; an empty text
 * counts as none.
 */
public final class DataPackage {
    private static final String DESCRIPTOR = "datapackage.json";
    private static final String REST = "plan.json";
    private static final String PHOTOS = "photos/";
    /** Photographs and zipped tables of a package of 20 MB; more only unpacks to fill the memory. */
    private static final long MOST_BYTES = 60_000_000;

    private static final int MOST_ENTRIES = 1_000;
    private static final int MOST_ROWS = 100_000;
    private static final int LONGEST_LINE = 100_000;
    private static final Pattern DAY = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");
    private static final Pattern PHOTO = Pattern.compile("photos/[A-Za-z0-9._-]{1,120}\\.jpg");

    /** The lists of a plan that become tables: name of the table, and where the list stands. */
    private static final Map<String, String> TABLES = tables();

    private DataPackage() {}

    private static Map<String, String> tables() {
        Map<String, String> tables = new LinkedHashMap<>();
        for (String name : List.of("residents", "wishes", "log", "losses", "ownSpecies", "waterTests")) {
            tables.put(kebab(name), "/" + name);
        }
        for (String name : List.of("watches", "rollCalls", "signs", "remedies", "crew", "tasks")) {
            tables.put(kebab(name), "/journal/" + name);
        }
        return tables;
    }

    private static String kebab(String name) {
        return name.replaceAll("([A-Z])", "-$1").toLowerCase(java.util.Locale.ROOT);
    }

    /**
     * What a package holds.
     *
     * @param plan the plan
     * @param photos photographs, JPEG, by their key
     */
    public record Contents(TankPlan plan, Map<String, byte[]> photos) {}

    /** The package as the bytes of a zip. */
    public static byte[] write(TankPlan plan, Map<String, byte[]> photos) {
        ObjectNode rest = (ObjectNode) Json.MAPPER.readTree(PlanFile.write(plan));
        ObjectNode descriptor = Json.MAPPER.createObjectNode();
        descriptor.put("profile", "data-package");
        descriptor.put("name", name(plan));
        descriptor.put("title", plan.tank().name());
        ArrayNode resources = descriptor.putArray("resources");
        Map<String, byte[]> files = new LinkedHashMap<>();
        TABLES.forEach((name, at) -> {
            ArrayNode rows = (ArrayNode) rest.at(at);
            String path = "data/" + name + ".csv";
            Map<String, String> types = types(rows);
            files.put(path, csv(rows, types).getBytes(StandardCharsets.UTF_8));
            resources.add(tabular(name, path, types));
            ObjectNode holder = at.startsWith("/journal/") ? (ObjectNode) rest.get("journal") : rest;
            holder.putArray(at.substring(at.lastIndexOf('/') + 1));
        });
        files.put(REST, Json.MAPPER.writeValueAsString(rest).getBytes(StandardCharsets.UTF_8));
        resources.add(resource("plan", REST, "json", "application/json"));
        new TreeMap<>(photos).forEach((key, jpeg) -> {
            String path = PHOTOS + key + ".jpg";
            files.put(path, jpeg);
            resources.add(resource("photo-" + key.toLowerCase(java.util.Locale.ROOT), path, "jpg", "image/jpeg"));
        });
        return zip(Json.MAPPER.writeValueAsString(descriptor), files, plan.asOf());
    }

    private static String name(TankPlan plan) {
        String plain = plan.tank().name().toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return "pelluna-" + plain.replaceAll("^-+|-+$", "");
    }

    private static ObjectNode resource(String name, String path, String format, String type) {
        ObjectNode resource = Json.MAPPER.createObjectNode();
        resource.put("name", name);
        resource.put("path", path);
        resource.put("format", format);
        resource.put("mediatype", type);
        return resource;
    }

    private static ObjectNode tabular(String name, String path, Map<String, String> types) {
        ObjectNode resource = resource(name, path, "csv", "text/csv");
        resource.put("profile", "tabular-data-resource");
        resource.put("encoding", "utf-8");
        ObjectNode schema = resource.putObject("schema");
        ArrayNode fields = schema.putArray("fields");
        types.forEach((field, type) -> fields.addObject().put("name", field).put("type", type));
        schema.putArray("missingValues").add("");
        return resource;
    }

    /** The columns of a table with the type of each; a table without rows still has its key. */
    private static Map<String, String> types(ArrayNode rows) {
        Map<String, String> types = new LinkedHashMap<>();
        types.put("id", "string");
        for (JsonNode row : rows) {
            for (Map.Entry<String, JsonNode> cell : row.properties()) {
                types.merge(cell.getKey(), type(cell.getValue()), DataPackage::both);
            }
        }
        return types;
    }

    private static String type(JsonNode value) {
        if (value.isString()) {
            return DAY.matcher(value.stringValue()).matches() ? "date" : "string";
        }
        return value.isBoolean()
                ? "boolean"
                : value.isIntegralNumber()
                        ? "integer"
                        : value.isNumber() ? "number" : value.isArray() ? "array" : "object";
    }

    private static String both(String one, String other) {
        if (one.equals(other)) {
            return one;
        }
        return List.of("integer", "number").containsAll(List.of(one, other)) ? "number" : "string";
    }

    private static String csv(ArrayNode rows, Map<String, String> types) {
        StringWriter text = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(
                text,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(types.keySet().toArray(String[]::new))
                        .get())) {
            for (JsonNode row : rows) {
                List<String> cells = new ArrayList<>();
                for (String field : types.keySet()) {
                    JsonNode value = row.path(field);
                    cells.add(
                            value.isMissingNode() || value.isNull()
                                    ? ""
                                    : CsvCell.written(value.isString() ? value.stringValue() : value.toString()));
                }
                printer.printRecord(cells);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static byte[] zip(String descriptor, Map<String, byte[]> files, LocalDate day) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            put(zip, day, DESCRIPTOR, descriptor.getBytes(StandardCharsets.UTF_8));
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                put(zip, day, file.getKey(), file.getValue());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** Dated by the plan, so that the same plan is the same file. */
    private static void put(ZipOutputStream zip, LocalDate day, String path, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(path);
        entry.setTimeLocal(day.atStartOfDay());
        zip.putNextEntry(entry);
        zip.write(content);
        zip.closeEntry();
    }

    /**
     * Reads a package.
     *
     * @throws PlanFileException if it is none of ours, or its plan has faults
     */
    public static Contents read(byte[] bytes, Catalogue catalogue) throws PlanFileException {
        Map<String, byte[]> photos = new TreeMap<>();
        eachPhoto(bytes, photos::put);
        return new Contents(plan(bytes, catalogue), photos);
    }

    /**
     * Reads the plan of a package, without its photographs.
     *
     * @throws PlanFileException if it is none of ours, or its plan has faults
     */
    public static TankPlan plan(byte[] bytes, Catalogue catalogue) throws PlanFileException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        unzip(bytes, (path, content) -> {
            if (!PHOTO.matcher(path).matches()) {
                files.put(path, content);
            }
        });
        byte[] rest = files.get(REST);
        byte[] described = files.get(DESCRIPTOR);
        if (rest == null || described == null) {
            throw new PlanFileException(
                    "", "this is no data package of a tank: it lacks " + DESCRIPTOR + " or " + REST);
        }
        try {
            JsonNode descriptor = Json.MAPPER.readTree(described);
            if (!(Json.MAPPER.readTree(rest) instanceof ObjectNode plan)) {
                throw new PlanFileException("", REST + " is no plan");
            }
            for (JsonNode resource : descriptor.path("resources")) {
                String at = TABLES.get(resource.path("name").asString(""));
                byte[] table = files.get(resource.path("path").asString(""));
                if (at != null && table != null) {
                    fill(plan, at, rows(table, resource.path("schema").path("fields")));
                }
            }
            return PlanFile.read(plan.toString(), catalogue);
        } catch (tools.jackson.core.JacksonException | UncheckedIOException | IllegalArgumentException e) {
            throw new PlanFileException("", "the data package cannot be read: " + e.getMessage());
        }
    }

    private static void fill(ObjectNode plan, String at, ArrayNode rows) {
        plan.withObject(at.startsWith("/journal/") ? "/journal" : "").set(at.substring(at.lastIndexOf('/') + 1), rows);
    }

    private static ArrayNode rows(byte[] table, JsonNode fields) {
        Map<String, String> types = new LinkedHashMap<>();
        fields.forEach(field ->
                types.put(field.path("name").asString(""), field.path("type").asString("string")));
        ArrayNode rows = Json.MAPPER.createArrayNode();
        String text = new String(table, StandardCharsets.UTF_8);
        if (text.lines().anyMatch(line -> line.length() > LONGEST_LINE)) {
            throw new IllegalArgumentException("a line of a table has more than " + LONGEST_LINE + " characters");
        }
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (CSVParser parser = CSVParser.builder()
                .setReader(new StringReader(text))
                .setFormat(format)
                .get()) {
            for (CSVRecord record : parser) {
                if (rows.size() >= MOST_ROWS) {
                    throw new IllegalArgumentException("a table has more than " + MOST_ROWS + " rows");
                }
                ObjectNode row = rows.addObject();
                for (String heading : parser.getHeaderNames()) {
                    String cell = CsvCell.read(record.get(heading));
                    if (!cell.isEmpty()) {
                        row.set(heading, value(cell, types.getOrDefault(heading, "string")));
                    }
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return rows;
    }

    private static JsonNode value(String cell, String type) {
        return switch (type) {
            case "integer", "number", "boolean", "object", "array" -> Json.MAPPER.readTree(cell);
            default -> Json.MAPPER.getNodeFactory().stringNode(cell);
        };
    }

    /**
     * Goes through the photographs of a package, with one of them in memory at a time.
     *
     * @param each takes a photograph's key and its bytes as they were sent
     * @throws PlanFileException if it is no zip, or unfolds to more than it should
     */
    public static void eachPhoto(byte[] bytes, BiConsumer<String, byte[]> each) throws PlanFileException {
        unzip(bytes, (path, content) -> {
            if (PHOTO.matcher(path).matches()) {
                each.accept(path.substring(PHOTOS.length(), path.length() - ".jpg".length()), content);
            }
        });
    }

    /** Everything in a zip, one after the other; what unfolds to more than it should is refused. */
    private static void unzip(byte[] bytes, BiConsumer<String, byte[]> each) throws PlanFileException {
        long total = 0;
        int entries = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                byte[] content = zip.readNBytes((int) Math.min(Integer.MAX_VALUE - 8, MOST_BYTES - total + 1));
                total += content.length;
                entries++;
                if (total > MOST_BYTES || entries > MOST_ENTRIES) {
                    throw new PlanFileException("", "the data package is too large");
                }
                each.accept(entry.getName(), content);
            }
        } catch (IOException | IllegalArgumentException e) {
            throw new PlanFileException("", "this is no zip file: " + e.getMessage());
        }
    }
}
