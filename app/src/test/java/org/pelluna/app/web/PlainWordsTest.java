package org.pelluna.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Everything that can reach a keeper is written in current, everyday words: the texts in Java and in the scripts, the templates and the
 * handling notes of the species. The words to avoid, each with what to say instead, are in {@code retired-words.tsv}; the list grows.
 */
public class PlainWordsTest {
    private static final Pattern COMMENT = Pattern.compile("(?s)/\\*.*?\\*/|(?m)^\\s*//.*$");
    private static final Pattern LITERAL =
            Pattern.compile("\"((?:[^\"\\\\\n]|\\\\.)*)\"|'((?:[^'\\\\\n]|\\\\.)* (?:[^'\\\\\n]|\\\\.)*)'");
    private static final Pattern TEMPLATE_TEXT = Pattern.compile(
            "(?s)>([^<>]+)<|(?:aria-label|title|placeholder|alt|data-keys)=\"([^\"]*)\"|'((?:[^'\\\\\n<>]|\\\\.)+)'");

    /** Every pattern with what to say instead. */
    public static Map<Pattern, String> retired() {
        try (InputStream in = PlainWordsTest.class.getResourceAsStream("/retired-words.tsv")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .map(line -> line.split("\t"))
                    .collect(Collectors.toMap(
                            parts -> Pattern.compile(parts[0], Pattern.CASE_INSENSITIVE),
                            parts -> parts[1],
                            (one, other) -> one,
                            LinkedHashMap::new));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<Path> files(String root, String ending) throws IOException {
        try (Stream<Path> all = Files.walk(Path.of(root))) {
            List<Path> found =
                    all.filter(one -> one.toString().endsWith(ending)).toList();
            assertThat(found).as(root).isNotEmpty();
            return found;
        }
    }

    private static void look(Path file, Pattern texts, String source, List<String> found) {
        Matcher text = texts.matcher(source);
        while (text.find()) {
            for (int group = 1; group <= text.groupCount(); group++) {
                String words = text.group(group);
                if (words != null && words.contains(" ") && !words.contains("='") && !words.startsWith("<")) {
                    retired().forEach((pattern, instead) -> {
                        Matcher old = pattern.matcher(words);
                        if (old.find()) {
                            found.add(file.getFileName() + ": “" + words.strip() + "”: not “" + old.group() + "”, but "
                                    + instead);
                        }
                    });
                }
            }
        }
    }

    @Test
    void textsInJavaUseNoRetiredWord() throws IOException {
        List<String> found = new ArrayList<>();
        for (String root : List.of("../core/src/main/java", "src/main/java")) {
            for (Path file : files(root, ".java")) {
                String source = COMMENT.matcher(Files.readString(file)).replaceAll("");
                look(file, LITERAL, source, found);
            }
        }
        assertThat(found).isEmpty();
    }

    @Test
    void scriptsUseNoRetiredWord() throws IOException {
        List<String> found = new ArrayList<>();
        for (Path file : files("frontend/src", ".js")) {
            look(file, LITERAL, COMMENT.matcher(Files.readString(file)).replaceAll(""), found);
        }
        assertThat(found).isEmpty();
    }

    @Test
    void templatesUseNoRetiredWord() throws IOException {
        List<String> found = new ArrayList<>();
        for (Path file : files("src/main/resources/templates", ".html")) {
            look(file, TEMPLATE_TEXT, Files.readString(file).replaceAll("\\$\\{[^}]*}", ""), found);
        }
        assertThat(found).isEmpty();
    }

    @Test
    void notesOnSpeciesUseNoRetiredWord() throws IOException {
        Pattern notes = Pattern.compile("\"(?:handling|what|note|words)\": \"([^\"]*)\"");
        List<String> found = new ArrayList<>();
        for (Path file : files("../core/src/main/resources/org/pelluna/species", ".json")) {
            look(file, notes, Files.readString(file), found);
        }
        assertThat(found).isEmpty();
    }
}
