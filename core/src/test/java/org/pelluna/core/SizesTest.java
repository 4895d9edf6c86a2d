package org.pelluna.core;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.LineMap;
import com.sun.source.tree.MethodTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreeScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;

/** Files fit a screen or two, and a method fits one. */
class SizesTest {
    private static final int MEDIAN = 70;
    private static final int NINTH_TENTH = 180;
    private static final int LONGEST_METHOD = 60;

    private static List<Path> sources() throws IOException {
        List<Path> all = new ArrayList<>();
        for (String module : List.of("core", "app")) {
            try (Stream<Path> found = Files.walk(Path.of("..", module, "src/main/java"))) {
                found.filter(file -> file.toString().endsWith(".java")).forEach(all::add);
            }
        }
        return all;
    }

    @Test
    void filesAreShort() throws IOException {
        List<Integer> lines = new ArrayList<>();
        for (Path file : sources()) {
            lines.add(Files.readAllLines(file).size());
        }
        lines.sort(null);
        assertThat(lines).hasSizeGreaterThan(300);
        assertThat(lines.get(lines.size() / 2)).as("median").isLessThan(MEDIAN);
        assertThat(lines.get(lines.size() * 9 / 10)).as("nine tenths").isLessThan(NINTH_TENTH);
    }

    @Test
    void noMethodIsLongerThanAScreen() throws IOException {
        JavaCompiler javac = ToolProvider.getSystemJavaCompiler();
        List<String> tooLong = new ArrayList<>();
        List<MethodTree> seen = new ArrayList<>();
        try (var files = javac.getStandardFileManager(null, null, null)) {
            JavacTask task = (JavacTask)
                    javac.getTask(null, files, null, List.of(), null, files.getJavaFileObjectsFromPaths(sources()));
            SourcePositions positions = Trees.instance(task).getSourcePositions();
            for (CompilationUnitTree unit : task.parse()) {
                LineMap lines = unit.getLineMap();
                new TreeScanner<Void, Void>() {
                    @Override
                    public Void visitMethod(MethodTree method, Void nothing) {
                        seen.add(method);
                        long from = lines.getLineNumber(positions.getStartPosition(unit, method));
                        long to = lines.getLineNumber(positions.getEndPosition(unit, method));
                        if (to - from + 1 > LONGEST_METHOD) {
                            tooLong.add(Path.of(unit.getSourceFile().getName()).getFileName() + " " + method.getName()
                                    + ": " + (to - from + 1) + " lines");
                        }
                        return super.visitMethod(method, nothing);
                    }
                }.scan(unit, null);
            }
        }
        assertThat(seen).hasSizeGreaterThan(1000);
        assertThat(tooLong).isEmpty();
    }
}
