package org.pelluna.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What a template reads is what a controller gives: a misspelt name would show as an empty place, and nobody would be told. */
class TemplateNamesTest {
    private static final Path TEMPLATES = Path.of("src/main/resources/templates");
    private static final Path CODE = Path.of("src/main/java");

    private static final Pattern GIVEN = Pattern.compile(
            "(?:addAttribute|addFlashAttribute|@ModelAttribute|FlashMap\\(\\w+\\)\\s*\\.put)\\(\\s*((?:[^,()]|\\([^()]*\\))*?\"\\w+\"[^,()]*)[,)]");
    private static final Pattern QUOTED = Pattern.compile("\"(\\w+)\"");
    private static final Pattern EXPRESSION = Pattern.compile("\\$\\{([^}]*(?:\\{[^}]*}[^}]*)*)}");
    private static final Pattern NAME = Pattern.compile("(?<![\\w.#@])(?<!\\.\\s)([a-zA-Z_]\\w*)(?!\\w*\\()");
    private static final Pattern EACH = Pattern.compile("th:each=\"\\s*(\\w+)(?:\\s*,\\s*(\\w+))?\\s*:");
    private static final Pattern WITH = Pattern.compile("th:with=\"([^\"]*)\"");
    private static final Pattern LOCAL = Pattern.compile("(?:^|,)\\s*(\\w+)\\s*=(?!=)");
    private static final Pattern FRAGMENT = Pattern.compile("th:fragment=\"\\s*\\w+\\s*\\(([^)]*)\\)");
    private static final Set<String> LANGUAGE = Set.of("and", "or", "not", "true", "false", "null", "T", "param");

    @Test
    void everyNameThatATemplateReadsIsGiven() throws IOException {
        Set<String> given = given();
        Map<String, Set<String>> misspelt = new TreeMap<>();
        for (Path file : files(TEMPLATES, ".html")) {
            Set<String> read = new TreeSet<>(read(Files.readString(file)));
            read.removeAll(given);
            if (!read.isEmpty()) {
                misspelt.put(TEMPLATES.relativize(file).toString(), read);
            }
        }
        assertThat(misspelt).isEmpty();
    }

    @Test
    void everyNameThatIsGivenIsRead() throws IOException {
        String all =
                files(TEMPLATES, ".html").stream().map(TemplateNamesTest::text).collect(Collectors.joining("\n"));
        String code = files(CODE, ".java").stream().map(TemplateNamesTest::text).collect(Collectors.joining("\n"));
        assertThat(given())
                .filteredOn(name ->
                        !Pattern.compile("\\b" + name + "\\b").matcher(all).find()
                                && !code.contains("getAttribute(\"" + name + "\")"))
                .isEmpty();
    }

    @Test
    void namesAreFoundWhereverTheyStand() {
        assertThat(
                        read(
                                "<p th:each=\"f : ${fish}\" th:with=\"a=${f.name()}\" th:text=\"${a} + ${measured ? 'yes' : f.no}\">"))
                .containsExactlyInAnyOrder("fish", "measured");
    }

    private static Set<String> given() throws IOException {
        Set<String> given = new TreeSet<>();
        for (Path file : files(CODE, ".java")) {
            GIVEN.matcher(text(file))
                    .results()
                    .map(found -> found.group(1))
                    .forEach(first -> QUOTED.matcher(first).results().forEach(name -> given.add(name.group(1))));
        }
        return given;
    }

    private static Set<String> read(String page) {
        Set<String> local = new TreeSet<>(LANGUAGE);
        EACH.matcher(page).results().forEach(found -> {
            local.add(found.group(1));
            local.add(found.group(1) + "Stat");
            Stream.ofNullable(found.group(2)).forEach(local::add);
        });
        WITH.matcher(page)
                .results()
                .flatMap(found -> LOCAL.matcher(unquoted(found)).results())
                .forEach(name -> local.add(name.group(1)));
        FRAGMENT.matcher(page)
                .results()
                .flatMap(found -> Stream.of(found.group(1).split("\\s*,\\s*")))
                .forEach(local::add);
        return EXPRESSION
                .matcher(page)
                .results()
                .flatMap(found -> NAME.matcher(unquoted(found)).results())
                .map(name -> name.group(1))
                .filter(name -> !local.contains(name))
                .collect(Collectors.toSet());
    }

    private static String unquoted(MatchResult found) {
        return found.group(1).replaceAll("'[^']*'", "").replaceAll("T\\([\\w.$]+\\)[.\\w]*", "");
    }

    private static List<Path> files(Path root, String ending) throws IOException {
        try (Stream<Path> all = Files.walk(root)) {
            return all.filter(file -> file.toString().endsWith(ending)).sorted().toList();
        }
    }

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
