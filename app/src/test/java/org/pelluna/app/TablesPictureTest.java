package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The picture of the tables in the docs is that of the schema; {@code ./pelluna tables} writes it again. */
class TablesPictureTest extends PageTest {
    private static final Path PICTURE = Path.of("../docs/generated/tables.md");

    @Autowired
    JdbcClient database;

    private record Column(String table, String name, String type, boolean required) {}

    private record Reference(String from, String column, String to) {}

    private String picture() {
        List<Column> columns = database.sql("select table_name, column_name, udt_name, is_nullable = 'NO'"
                        + " from information_schema.columns where table_schema = 'public'"
                        + " and table_name not like 'flyway%' order by table_name, ordinal_position")
                .query((row, number) ->
                        new Column(row.getString(1), row.getString(2), row.getString(3), row.getBoolean(4)))
                .list();
        List<Reference> references = database.sql(
                        "select c.conrelid::regclass::text, a.attname, c.confrelid::regclass::text"
                                + " from pg_constraint c join pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[1]"
                                + " where c.contype = 'f' and c.connamespace = 'public'::regnamespace order by 1, 2")
                .query((row, number) -> new Reference(row.getString(1), row.getString(2), row.getString(3)))
                .list();
        StringBuilder text = new StringBuilder("""
                # Tables

                Written by `./pelluna tables` from the schema that the migrations make; `TablesPictureTest` holds it current.

                ```mermaid
                erDiagram
                """);
        references.forEach(one -> text.append("    ")
                .append(one.to())
                .append(" ||--o{ ")
                .append(one.from())
                .append(" : ")
                .append(one.column())
                .append('\n'));
        columns.stream().map(Column::table).distinct().forEach(table -> {
            text.append("    ").append(table).append(" {\n");
            columns.stream()
                    .filter(one -> one.table().equals(table))
                    .forEach(one -> text.append("        ")
                            .append(one.type().replaceFirst("^_", "array_"))
                            .append(' ')
                            .append(one.name())
                            .append(one.required() ? "" : " \"may be empty\"")
                            .append('\n'));
            text.append("    }\n");
        });
        return text.append("```\n").toString();
    }

    @Test
    void thePictureIsThatOfTheSchema() throws IOException {
        String now = picture();
        if (Boolean.getBoolean("pelluna.record")) {
            Files.writeString(PICTURE, now);
        }
        assertThat(Files.readString(PICTURE)).isEqualTo(now);
    }
}
