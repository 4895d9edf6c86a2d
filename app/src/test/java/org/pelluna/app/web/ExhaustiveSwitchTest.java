package org.pelluna.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.CaseTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.IdentifierTree;
import com.sun.source.tree.SwitchExpressionTree;
import com.sun.source.tree.SwitchTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreeScanner;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;

/**
 * A switch over a kind of ours names every kind: a default would decide, unseen, about the next one that is added. The compiler then
 * asks for it.
 */
class ExhaustiveSwitchTest {
    private static final List<Path> SOURCES = List.of(Path.of("../core/src/main/java"), Path.of("src/main/java"));

    @Test
    void noSwitchOverAKindOfOursHasADefault() throws IOException {
        List<String> found = new ArrayList<>();
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        for (Path root : SOURCES) {
            try (Stream<Path> files = Files.walk(root)) {
                List<Path> java =
                        files.filter(one -> one.toString().endsWith(".java")).toList();
                assertThat(java).isNotEmpty();
                JavacTask task = (JavacTask) compiler.getTask(
                        null,
                        null,
                        null,
                        List.of("-proc:none"),
                        null,
                        compiler.getStandardFileManager(null, null, null).getJavaFileObjectsFromPaths(java));
                for (CompilationUnitTree unit : task.parse()) {
                    new Scanner(unit, found).scan(unit, null);
                }
            }
        }
        assertThat(found).isEmpty();
    }

    /** Labels that are bare names are constants of an enumeration: texts and numbers are written out. */
    private static final class Scanner extends TreeScanner<Void, Void> {
        private final CompilationUnitTree unit;
        private final List<String> found;

        Scanner(CompilationUnitTree unit, List<String> found) {
            this.unit = unit;
            this.found = found;
        }

        @Override
        public Void visitSwitch(SwitchTree tree, Void none) {
            look(tree.getCases(), tree.getExpression().toString());
            return super.visitSwitch(tree, none);
        }

        @Override
        public Void visitSwitchExpression(SwitchExpressionTree tree, Void none) {
            look(tree.getCases(), tree.getExpression().toString());
            return super.visitSwitchExpression(tree, none);
        }

        private void look(List<? extends CaseTree> cases, String over) {
            boolean kinds = cases.stream()
                    .flatMap(one -> one.getExpressions().stream())
                    .anyMatch(IdentifierTree.class::isInstance);
            if (kinds && cases.stream().anyMatch(one -> one.getExpressions().isEmpty())) {
                found.add(unit.getSourceFile().getName() + ": switch " + over);
            }
        }
    }
}
