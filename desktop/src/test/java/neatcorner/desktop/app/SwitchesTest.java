package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.sun.source.tree.BindingPatternTree;
import com.sun.source.tree.CaseLabelTree;
import com.sun.source.tree.CaseTree;
import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.ConstantCaseLabelTree;
import com.sun.source.tree.DeconstructionPatternTree;
import com.sun.source.tree.DefaultCaseLabelTree;
import com.sun.source.tree.IdentifierTree;
import com.sun.source.tree.PatternCaseLabelTree;
import com.sun.source.tree.SwitchExpressionTree;
import com.sun.source.tree.SwitchTree;
import com.sun.source.tree.Tree;
import com.sun.source.tree.VariableTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreeScanner;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javax.lang.model.element.Modifier;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;

/**
 * No switch over alternatives of our own has a default: a new kind does not compile until every place has dealt with it. Told
 * by the names of the cases: constants of our enums, and records of our sealed types.
 */
class SwitchesTest {
    /** Of the keyboard, which are named like some constants of ours. */
    private static final Set<String> KEYS = Set.of("LEFT", "RIGHT", "UP", "DOWN", "ENTER");

    private final Set<String> constants = new HashSet<>();
    private final Set<String> kinds = new HashSet<>();
    private final List<String> silent = new ArrayList<>();
    private int looked;

    @Test
    void noneOverOurOwnKindsHasADefault() throws IOException {
        List<CompilationUnitTree> sources = parsed();
        sources.forEach(source -> source.accept(new Kinds(), null));
        sources.forEach(source -> source.accept(new Defaults(source), null));
        assertEquals(List.of(), silent);
        assertTrue(constants.size() > 300 && kinds.size() > 60 && looked > 150,
                constants.size() + " constants, " + kinds.size() + " kinds, " + looked + " switches");
    }

    private static List<CompilationUnitTree> parsed() throws IOException {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        List<CompilationUnitTree> sources = new ArrayList<>();
        try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null)) {
            for (String module : List.of("core", "exchange", "desktop", "command")) {
                try (Stream<Path> all = Files.walk(Path.of("..", module, "src", "main", "java"))) {
                    List<Path> java = all.filter(file -> file.toString().endsWith(".java")).toList();
                    JavacTask task = (JavacTask) compiler.getTask(null, files, null, null, null,
                            files.getJavaFileObjectsFromPaths(java));
                    task.parse().forEach(sources::add);
                }
            }
        }
        return sources;
    }

    /** Collects the constants of enums, and what sealed types permit by having them inside. */
    private final class Kinds extends TreeScanner<Void, Void> {
        @Override
        public Void visitClass(ClassTree type, Void nothing) {
            boolean isSealed = type.getModifiers().getFlags().contains(Modifier.SEALED);
            for (Tree member : type.getMembers()) {
                if (type.getKind() == Tree.Kind.ENUM && member instanceof VariableTree constant
                        && constant.getType() instanceof IdentifierTree of
                        && of.getName().equals(type.getSimpleName())) {
                    constants.add(constant.getName().toString());
                }
                if (isSealed && member instanceof ClassTree inner) {
                    kinds.add(type.getSimpleName() + "." + inner.getSimpleName());
                }
            }
            return super.visitClass(type, null);
        }
    }

    private final class Defaults extends TreeScanner<Void, Void> {
        private final CompilationUnitTree source;

        Defaults(CompilationUnitTree source) {
            this.source = source;
        }

        @Override
        public Void visitSwitch(SwitchTree tree, Void nothing) {
            look(tree.getCases());
            return super.visitSwitch(tree, null);
        }

        @Override
        public Void visitSwitchExpression(SwitchExpressionTree tree, Void nothing) {
            look(tree.getCases());
            return super.visitSwitchExpression(tree, null);
        }

        private void look(List<? extends CaseTree> cases) {
            looked++;
            List<CaseLabelTree> labels = new ArrayList<>();
            cases.forEach(each -> labels.addAll(each.getLabels()));
            if (labels.stream().anyMatch(DefaultCaseLabelTree.class::isInstance)) {
                labels.stream().filter(this::isOurs).findFirst()
                        .ifPresent(label -> silent.add(source.getSourceFile().getName() + ": " + label));
            }
        }

        private boolean isOurs(CaseLabelTree label) {
            return switch (label) {
                case ConstantCaseLabelTree constant -> constant.getConstantExpression() instanceof IdentifierTree name
                        && constants.contains(name.getName().toString())
                        && !KEYS.contains(name.getName().toString());
                case PatternCaseLabelTree pattern -> switch (pattern.getPattern()) {
                    case BindingPatternTree binding -> kinds.contains(String.valueOf(binding.getVariable().getType()));
                    case DeconstructionPatternTree record -> kinds.contains(String.valueOf(record.getDeconstructor()));
                    default -> false;
                };
                default -> false;
            };
        }
    }
}
